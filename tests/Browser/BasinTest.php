<?php

declare(strict_types=1);


/*
 * The Basin with wet hands: a whole wash day with the clock moved, reloaded in the middle, off the network and back, on
 * two tablets.
 */

use Tests\Browser\Support\Browser;
use Tests\Browser\Support\MachineSpeed;

/** What stands largest on the screen. */
function step(Browser $browser): string
{
    return $browser->text('[data-label]');
}

/** Where no tone can be heard, the whole screen says so until somebody has seen it. */
function isCalled(Browser $browser): void
{
    $browser->until('[data-timers]', 'time is up')->until('[data-alarm]', 'time is up');
    expect($browser->driver->getTitle())->toContain('time is up');
    $browser->tap('[data-alarm-place] button');
}

it('runs a whole wash day with the clock moved, a reload in the middle, and no network for a while', function (): void {
    $browser = Browser::open();
    try {
        $browser->movableClock()->beforeEachPage(
            'delete window.AudioContext',
        )->signIn()->press('Hanneke')->key('a')
            ->tap('.wash-plan summary')->choose('drying', 'hood')->press('Update the steps');
        expect($browser->text('.verdict-words'))->toContain('usually');
        $browser->press('Begin');
        $first = step($browser);
        $steps = $browser->driver->executeScript('return JSON.parse(document.querySelector("[data-wash]").dataset.plan).steps.map((step) => '
            . '[step.key, step.label, step.hands_on_minutes, step.waiting_minutes, step.by_section, step.beside])');
        $sections = $browser->driver->executeScript(
            'return JSON.parse(document.querySelector("[data-wash]").dataset.plan).sections',
        );
        expect($first)->toBe($steps[0][1]);
        $took = [];
        $isUnder = false;
        foreach ($steps as $i => [$key, $label, $hands, $waiting, $bySection]) {
            $browser->until('[data-label]', $label);
            expect(step($browser))->toBe($label);
            $browser->later($hands + ($i > 0 ? 0.5 : 0));
            // Whoever taps sooner after a step came up meant the one before it.
            usleep(420_000);
            if ($i === 3) {
                // The tablet is dropped, the page comes up again: the step and the timers are where they were.
                $browser->driver->navigate()->refresh();
                expect(step($browser))->toBe($label);
                MachineSpeed::pause();
            }
            if ($i === 5) {
                $browser->offline();
            }
            if ($bySection && $i < 9) {
                for ($section = 0; $section < $sections; $section++) {
                    $browser->tap("[data-section=\"{$section}\"]");
                }
            } else {
                $took[] = (float) $browser->driver->executeScript('const from = performance.now(); document.querySelector("[data-do=done]").click(); return '
                    . 'performance.now() - from');
            }
            if ($waiting > 0 && ! str_starts_with($key, 'tools')) {
                expect($browser->text('[data-timers]'))->toContain($label);
                if ($key === 'protein') {
                    expect($browser->text('[data-meanwhile]'))->toContain('Meanwhile:');
                }
                $browser->later($waiting + 0.2);
                $isUnder = $steps[$i + 1][5] ?? false;
                // What hair is detangled under stays on, and calls nobody until that is done.
                $isUnder
                    ? $browser->until('[data-timers]', 'stays on while you work under it')
                    : isCalled($browser);
                expect($browser->all('[data-alarm-place][open]'))->toBe([]);
            } elseif ($isUnder && ! ($steps[$i + 1][5] ?? false)) {
                isCalled($browser);
                $isUnder = false;
            }
            if ($i === 7) {
                $browser->until('[data-waiting-line]', 'No network.')->until('[data-waiting-line]', 'kept here until');
                $browser->offline(false)->driver->executeScript('window.dispatchEvent(new Event("online"))');
                $browser->await(fn (): bool => $browser->text('[data-waiting-line]') === '');
            }
        }
        $browser->until('[data-label]', 'The wash day is finished.');
        // What is tapped shows at once, network or not.
        sort($took);
        expect($took[intdiv(count($took), 2)])->toBeLessThan(MachineSpeed::stretched(100.0));
        usleep(420_000);
        $old = $browser->find('html');
        $browser->tap('[data-do=done]');
        $browser->untilGone($old);
        $browser->until('main h1', 'What it did');
        expect($browser->text('.verdict-words'))->toMatch('/It took 1[2-9]\d|It took 2\d\d/');
        $browser->press('What its tests said');
        expect($browser->results())->toContain('detangling a section');
        $browser->key('l')->tap('.ledger-all summary');
        expect($browser->text('.book'))->toContain(date('j M'));
    } finally {
        Browser::onTime();
        $browser->close();
    }
});

it('shows both of two tablets what the other did, and whose tap counts', function (): void {
    $one = Browser::open();
    $two = Browser::open();
    try {
        $one->signIn()->press('Noor')->key('a')->press('Begin');
        $path = $one->path();
        $two->signIn('quim@saltlight.example')->visit($path);
        // The second loses the network, and both end the same step.
        $two->offline();
        $one
            ->tap('[data-do="done"]')
            ->await(fn (): bool => str_starts_with($one->text('[data-where]'), 'Step 2'));
        usleep(800_000);
        $two->tap('[data-change]')->tap('[data-do="skip"]')->offline(false);
        $two->driver->executeScript('window.dispatchEvent(new Event("online"))');
        $two->until('[data-notice]', 'does not count');
        expect($two->text('[data-notice]'))->toContain('Already done by Ilse Varga-Moen at ');
        $one->until('[data-notice]', 'does not count');
        expect(step($one))->toBe(step($two));
        // What was refused leads back to where it is made anew.
        $two->until('[data-waiting-line]', 'One thing was not accepted')->tap('[data-waiting-line] [data-look]')
            ->tap('.waiting-list a.button')->until('[data-notice]', 'Tap here what it should be.');
        expect($two->kept())->toBe(0);
        $one->tap('[data-open-menu]')->press('Stop without saving');
        expect($one->text('.said'))->toContain('Stopped without saving');
    } finally {
        $one->close();
        $two->close();
    }
});

it('takes another bottle in two taps, without a network, and counts it down', function (): void {
    $browser = Browser::open(820, 1180);
    try {
        $browser->signIn()->press('Solvei')->key('a')->press('Begin');
        $others = fn (): array => $browser->driver->executeScript(
            'const root = document.querySelector("[data-wash]"); const label = root.querySelector("[data-label]"); return '
                . 'JSON.parse(root.dataset.plan).steps.find((step) => step.label === label.textContent)?.others ?? []',
        );
        for ($i = 0; $i < 20 && $others() === []; $i++) {
            $browser->tap('[data-do="done"]');
            usleep(450_000);
        }
        $other = $others()[0];
        $first = $browser->text('[data-use]');
        expect($first)->toContain('mL left');
        $browser->offline();
        $browser->tap('[data-other] button:nth-of-type(3)');
        expect($browser->text('[data-other]'))->toContain($other['name'])->toContain($other['changes']);
        $browser->tap('[data-other] button');
        expect($browser->text('[data-use]'))->toStartWith("{$other['name']}: ")->not->toBe($first);
        // The tablet is dropped without a network: what was taken stays taken.
        $browser->driver->navigate()->refresh();
        $browser->until('[data-use]', $other['name']);
        $browser->offline(false)->driver->executeScript('window.dispatchEvent(new Event("online"))');
        $browser->await(fn (): bool => $browser->text('[data-waiting-line]') === '');
        $browser->tap('[data-open-menu]')->press('Stop without saving');
    } finally {
        $browser->close();
    }
});

it('is run by keyboard alone', function (): void {
    $browser = Browser::open();
    try {
        $browser->signIn()->press('Aurel')->key('a')->press('Begin');
        $first = $browser->text('[data-where]');
        // A second tap of a trembling hand, and a key held down, do nothing more; in one breath, however slow the
        // machine is between two keys.
        $browser->driver->executeScript('const tap = (key, repeat) => document.body.dispatchEvent(new '
            . 'KeyboardEvent("keydown", {key, repeat, bubbles: true})); tap("PageDown", false); tap("Enter", false); '
            . 'for (let i = 0; i < 12; i++) { tap("Enter", i > 0); }');
        $second = $browser->text('[data-where]');
        expect($first)->toStartWith('Step 1 ')->and($second)->toStartWith('Step 2 ');
        usleep(420_000);
        $by = $browser->driver->executeScript(
            'return !document.querySelector("[data-sections]").hasAttribute("hidden")',
        );
        if (! $by) {
            // Keys of what is not in sight do nothing.
            $browser->keys('1');
            expect($browser->text('[data-where]'))->toStartWith('Step 2');
            $browser->keys('ENTER');
            usleep(420_000);
        }
        $browser->keys('1');
        expect($browser->find('[data-section="0"]')->getAttribute('aria-label'))->toBe('Section 1, done');
        $browser->tap('[data-open-menu]')->press('Stop without saving');
    } finally {
        $browser->close();
    }
});

it('stands where the salon stands, after whatever was tapped without a network', function (): void {
    $browser = Browser::open();
    try {
        $browser->signIn()->press('Sefa')->key('a')->press('Begin');
        $stands = fn (): array => [
            $browser->text('[data-where]'), step($browser),
            $browser->driver->executeScript('return document.querySelector("[data-next]").textContent'),
        ];
        mt_srand(17);
        $browser->offline();
        for ($i = 0; $i < 20; $i++) {
            $do = ['done', 'done', 'done', 'skip', 'back', 'repeat', 'swap', 'swap', 'section'][mt_rand(0, 8)];
            $section = mt_rand(0, 3);
            $browser->driver->executeScript(
                'const button = arguments[0] === "section" ? '
                    . 'document.querySelector(`[data-sections]:not([hidden]) [data-section="${arguments[1]}"]`) : '
                    . 'document.querySelector(`[data-do="${arguments[0]}"]:not([disabled])`); '
                    . 'button?.dispatchEvent(new MouseEvent("click", {bubbles: true})); '
                    // What breaks a rule is done for a reason.
                    . 'document.querySelector("[data-why][open] button")?.click()',
                [$do, $section],
            );
            // A tap sooner than this after the last would be aimed at the step before.
            usleep(450_000);
        }
        $before = $stands();
        $browser->until('[data-waiting-line]', 'kept here')->offline(false)->driver->executeScript(
            'window.dispatchEvent(new Event("online"))',
        );
        $browser->await(
            fn (): bool => $browser->text('[data-waiting-line]') === '',
        );
        expect($stands())->toBe($before);
        $browser->driver->navigate()->refresh();
        expect($stands())->toBe($before);
        $browser->tap('[data-open-menu]')->press('Stop without saving');
    } finally {
        $browser->close();
    }
});
