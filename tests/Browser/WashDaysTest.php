<?php

declare(strict_types=1);

/*
 * Three whole wash days as they are done: strong protein between two cleanses, a child in twenty minutes, and braids out on
 * the day before. Each is laid out by hand, run with the clock moved, and loses its network and its page on the way.
 */

use Tests\Browser\Support\Browser;
use Tests\Browser\Support\MachineSpeed;

/** Presses a button of the list of steps, or of another part of the page, by its words; no page follows. */
function pressIn(Browser $browser, string $words, string $within = '[data-compose]'): void
{
    $found = $browser->driver->executeScript(
        'const place = document.querySelector(arguments[1]); const button = [...place.querySelectorAll("button")]'
            . '.find((one) => one.textContent.trim() === arguments[0]); '
            . 'button?.scrollIntoView({block: "center", behavior: "instant"}); button?.click(); return button !== undefined',
        [$words, $within],
    );
    expect($found)->toBeTrue("no button says {$words}");
}

/** Opens the first step whose name holds some words. */
function openStep(Browser $browser, string $words): void
{
    $found = $browser->driver->executeScript(
        'const step = [...document.querySelectorAll("[data-compose] .compose-step:not([disabled])")]'
            . '.find((one) => one.textContent.includes(arguments[0])); '
            . 'if (step?.getAttribute("aria-expanded") === "false") { step.click(); } return step !== undefined',
        [$words],
    );
    expect($found)->toBeTrue("no step is called {$words}");
}

/** @return list<string> what stands in the list, without what was taken out */
function listed(Browser $browser): array
{
    return $browser->driver->executeScript(
        'return [...document.querySelectorAll("[data-compose] > li:not(.is-skipped) .compose-step strong")]'
            . '.map((one) => one.textContent)',
    );
}

function putIn(Browser $browser, string $after, string $what): void
{
    openStep($browser, $after);
    pressIn($browser, 'Add a step after it');
    pressIn($browser, $what);
}

function takeOut(Browser $browser, string $what): void
{
    openStep($browser, $what);
    pressIn($browser, 'Remove');
}

/** @return array{label: string|null, hands: float, waits: float} what is due */
function dueStep(Browser $browser): array
{
    return $browser->driver->executeScript(
        'const label = document.querySelector("[data-label]").textContent; '
            . 'const row = [...document.querySelectorAll("[data-compose] > li.is-open")][0]; '
            . 'const about = row?.querySelector("small").textContent ?? ""; '
            . 'const minutes = (of) => Number(about.match(new RegExp(`([0-9]+) min ${of}`))?.[1] ?? 0); '
            . 'return {label: row ? label : null, hands: minutes("hands"), waits: minutes("on")}',
    );
}

/** Runs what is due until nothing is; without a network and with its page opened anew in the middle. */
function runThrough(Browser $browser, int $dropsAt): array
{
    $labels = [];
    for ($i = 0; $i < 40; $i++) {
        $due = dueStep($browser);
        if ($due['label'] === null) {
            break;
        }
        $labels[] = $due['label'];
        $browser->later(max(0.6, $due['hands']));
        usleep(420_000);
        if ($i === $dropsAt) {
            $browser->offline();
            // The battery is dead, or the tablet fell: it opens again where it was, without a network.
            $browser->driver->navigate()->refresh();
            $browser->until('[data-label]', $due['label']);
            MachineSpeed::pause();
        }
        $browser->driver->executeScript('document.querySelector("[data-alarm-place][open] button")?.click()');
        $isTaken = fn (): bool => $browser->text('[data-label]') !== $due['label']
            || dueStep($browser)['label'] === null;
        $i % 3 === 2 && $i !== $dropsAt
            ? $browser->keys('PAGE_DOWN')->await($isTaken)
            : $browser->tapUntil('[data-do=done]', $isTaken);
        if ($due['waits'] > 0 && dueStep($browser)['label'] !== null) {
            $browser->later($due['waits']);
            $browser->driver->executeScript('document.querySelector("[data-alarm-place][open] button")?.click()');
        }
        if ($i === $dropsAt + 2) {
            $browser->offline(false)->driver->executeScript('window.dispatchEvent(new Event("online"))');
            $browser->await(fn (): bool => $browser->kept() === 0);
        }
    }

    return $labels;
}

/** Ends the day; where minutes cannot be, what was planned is what they were. */
function endDay(Browser $browser): void
{
    usleep(420_000);
    $old = $browser->find('html');
    $browser->tap('[data-do=done]');
    $browser->untilGone($old);
    if ($browser->all('.doubtful') !== []) {
        $old = $browser->find('html');
        $browser->tap('.doubtful button');
        $browser->untilGone($old);
    }
    $browser->until('main h1', 'What it did');
}

it('does strong protein between two cleanses and a mask, and lets nobody take the mask away unasked', function (): void {
    $browser = Browser::open(1180, 820);
    try {
        $browser->movableClock()->signIn()->press('Hanneke')->key('a')->press('Change the steps first');
        $before = $browser->text('[data-minutes]');
        putIn($browser, 'Gentle cleanse', 'Check for stripping');
        putIn($browser, 'Check between passes', 'Gentle cleanse');
        putIn($browser, 'Rinse, check the roots', 'Strong protein');
        putIn($browser, 'Strong protein', 'Rinse');
        expect($browser->text('[data-minutes]'))->not->toBe($before);
        $conditions = array_values(array_filter(
            listed($browser),
            fn (string $label): bool => str_starts_with($label, 'Mask') || str_starts_with($label, 'Conditioner'),
        ));
        foreach (array_slice($conditions, 1) as $more) {
            takeOut($browser, $more);
        }
        takeOut($browser, $conditions[0]);
        expect($browser->text('[data-why]'))->toContain('no mask or conditioner after it');
        pressIn($browser, 'Leave it as it was', '[data-why]');
        expect(listed($browser))->toContain($conditions[0]);
        $browser->await(fn (): bool => $browser->kept() === 0);
        $browser->press('Begin');
        expect($browser->text('[data-likely]'))->toMatch('/^Likely done \d{1,2}:\d\d, 9 times in 10 by \d{1,2}:\d\d$/')
            ->and(count($browser->all('[data-line] rect')))->toBeGreaterThan(10);
        // While it runs: a wrap after the squeeze.
        $browser->tap('[data-change]');
        putIn($browser, 'Squeeze', 'Wrap');
        $browser->tap('[data-composing] .composing-head button');
        $labels = runThrough($browser, 5);
        $at = fn (string $words): int => (int) array_key_first(array_filter(
            $labels,
            fn (string $label): bool => str_starts_with($label, $words),
        ));
        expect($at('Gentle cleanse'))->toBeLessThan($at('Check between passes'))
            ->and($at('Check between passes'))->toBeLessThan($at('Strong protein'))
            ->and($at('Strong protein'))->toBeLessThan($at($conditions[0]))
            ->and($at('Squeeze') + 1)->toBe($at('Wrap'));
        endDay($browser);
        $browser->key('w');
        expect($browser->text('main'))->toContain('Strong protein')->toContain('Gentle cleanse');
    } finally {
        Browser::onTime();
        $browser->close();
    }
});

it('washes a child in twenty minutes, with nothing hot and nothing strong', function (): void {
    $browser = Browser::open(820, 1180);
    try {
        $browser->movableClock()->signIn()->press('Bea')->more('Details');
        $browser->type('born_on', date('Y-m-d', strtotime('-7 years')))->type('guardian_name', 'Marit')
            ->type('consent_by', 'Marit')->press('Save');
        $browser->key('a');
        $browser->driver->get(strtok($browser->driver->getCurrentURL(), '?') . '?limit=20&drying=leaves-damp');
        $browser->press('Change the steps first');
        $minutes = fn (): int => (int) $browser->text('[data-minutes]');
        $offered = $browser->driver->executeScript(
            'return JSON.parse(document.querySelector("[data-wash]").dataset.plan).palette.map(({key}) => key)',
        );
        expect($offered)->toContain('mask')->not->toContain('mask-heat')->not->toContain('strong-protein')
            ->not->toContain('dry-hood');
        foreach (['Pre-wash', 'Mask', 'Detangle', 'Seal', 'Part into', 'Leave-in'] as $leaves) {
            $names = array_filter(listed($browser), fn (string $label): bool => str_starts_with($label, $leaves));
            if ($minutes() > 20 && $names !== []) {
                takeOut($browser, $leaves);
                $browser->driver->executeScript('document.querySelector("[data-why][open] button")?.click()');
            }
        }
        foreach (range(1, 30) as $ignored) {
            if ($minutes() <= 20) {
                break;
            }
            // What is left is done quicker: a minute at a time of what takes longest.
            $longest = $browser->driver->executeScript(
                'return [...document.querySelectorAll("[data-compose] > li.is-open .compose-step")].map((one) => ['
                    . 'Number(one.querySelector("small").textContent.match(/([0-9]+) min hands/)?.[1] ?? 0), '
                    . 'one.querySelector("strong").textContent]).sort((a, b) => b[0] - a[0])[0][1]',
            );
            openStep($browser, $longest);
            pressIn($browser, '−');
        }
        expect($minutes())->toBeLessThanOrEqual(20);
        $browser->await(fn (): bool => $browser->kept() === 0);
        $browser->press('Begin');
        runThrough($browser, 2);
        endDay($browser);
        $took = [];
        preg_match('/It took (\d+) minutes/', $browser->text('.verdict-words'), $took);
        expect((int) ($took[1] ?? 99))->toBeLessThanOrEqual(32);
    } finally {
        Browser::onTime();
        $browser->close();
    }
});

it('takes braids out on one day and washes on the next', function (): void {
    $browser = Browser::open(820, 1180);
    try {
        $browser->movableClock()->signIn()->press('Dilys')->more('Style');
        $browser->driver->executeScript('document.querySelector("details.more-tests").open = true');
        $browser->choose('styling', 'braids')->press('Follow it');
        $browser->key('a')->press('Change the steps first');
        putIn($browser, 'Set up', 'Take the style down');
        putIn($browser, 'Take the old style down', 'Pre-wash oil');
        foreach (listed($browser) as $label) {
            if (! preg_match('/^(Set up|Take the old|Pre-wash oil|Clean and disinfect)/', $label)) {
                takeOut($browser, $label);
                $browser->driver->executeScript('document.querySelector("[data-why][open] button")?.click()');
            }
        }
        expect(count(listed($browser)))->toBe(4);
        $browser->await(fn (): bool => $browser->kept() === 0);
        $browser->press('Begin');
        expect(runThrough($browser, 0)[1])->toStartWith('Take the old style down');
        endDay($browser);
        $browser->more('Style');
        expect($browser->text('main'))->not->toContain('Take it down');
        $browser->later(22 * 60);
        // The night over, the tablet asks who is there.
        $browser->signIn()->press('Dilys')->key('a')->press('Begin');
        $labels = runThrough($browser, 3);
        expect(implode(' ', $labels))->toContain('Gentle cleanse')->toContain('Detangle');
        endDay($browser);
    } finally {
        Browser::onTime();
        $browser->close();
    }
});
