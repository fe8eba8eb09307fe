<?php

declare(strict_types=1);


/*
 * The home routine on a phone in a bathroom: ticked without a network, kept, sent when it is back; read with no server
 * at all.
 */

use Symfony\Component\Process\Process;
use Tests\Browser\Support\Browser;

/** A link to the card of a head, as the stylist makes it. */
function cardOf(Browser $browser, string $name): string
{
    $browser->signIn()->press($name)->key('c')->press('Make a link');
    $parts = parse_url((string) $browser->find(
        'input[readonly][aria-label="Link to the home routine"]',
    )->getAttribute('value'));

    return "{$parts['path']}?{$parts['query']}";
}

it('is opened by the camera of a phone', function (): void {
    $desk = Browser::open();
    $seen = sys_get_temp_dir() . '/scan-' . bin2hex(random_bytes(6)) . '.png';
    try {
        $path = cardOf($desk, 'Noor');
        // Read by a reader that has nothing to do with what drew it, once the page has stopped scrolling to it.
        $read = '';
        $desk->await(function () use ($desk, $seen, &$read): bool {
            $desk->find('#scan')->takeElementScreenshot($seen);
            $reader = new Process(['zbarimg', '--quiet', '--raw', $seen]);
            $reader->run();
            $read = trim($reader->getOutput());

            return $read !== '';
        });
        expect($read)->toBe('http://127.0.0.1:' . parse_url((string) getenv('NAGOMI_URL'), PHP_URL_PORT) . $path);
        $said = ['Copied.', 'Selected: copy it with the keys or the menu of this device.'];
        $desk->tap('[data-copy]')->await(fn (): bool => in_array($desk->text('[data-handed]'), $said, true));
    } finally {
        $desk->close();
        @unlink($seen);
    }
});

it('is ticked without a network and comes back into the book', function (): void {
    $desk = Browser::open();
    $phone = Browser::open(390, 844);
    try {
        $path = cardOf($desk, 'Noor');
        $phone->visit($path);
        expect($phone->text('h1'))->toBe('Hello Noor')
            ->and($phone->driver->executeScript(
                'return document.documentElement.scrollWidth <= window.innerWidth + 1',
            ))->toBeTrue()
            ->and($phone->driver->executeScript('return [...document.querySelectorAll(".button, .card-steps .checkbox, .card-read '
                . 'summary")].filter((one) => one.offsetParent && one.getBoundingClientRect().height < '
                . '43.5).map((one) => one.textContent)'))->toBe([]);
        $phone->driver->executeScript((string) file_get_contents(__DIR__ . '/assets/axe.min.js'));
        expect($phone->driver->executeAsyncScript('const done = arguments[0]; axe.run(document, {runOnly: ["wcag2a", "wcag2aa"]}).then((result) => '
            . 'done(result.violations.map((v) => v.id)))'))->toBe([]);

        $phone
            ->offline()
            ->tap('.card-day [data-step="0"]')
            ->tap('.card-day [data-wash]')
            ->until('[data-waiting-line]', 'One thing waits')
            ->tap('[data-test="dryness"] [data-points="6"]')->until('[data-waiting-line]', '2 things wait');
        expect($phone->kept())->toBe(2)
            // What is done stays ticked and says so.
            ->and($phone->text('.card-day [data-wash]'))->toBe('Done')
            ->and($phone->driver->executeScript('const day = document.querySelector(".card-day"); return day.classList.contains("is-done") '
                . '&& day.querySelector("[data-step]").checked && day.querySelector("[data-wash]").disabled'))->toBeTrue();
        $phone->offline(false)->driver->executeScript('window.dispatchEvent(new Event("online"))');
        $phone->until('[data-told]', 'your salon has it');
        $phone->await(fn (): bool => $phone->text('[data-waiting-line]') === '');
        expect(array_filter(
            $phone->complaints(),
            fn (string $complaint): bool => ! str_contains($complaint, 'ERR_INTERNET_DISCONNECTED'),
        ))->toBe([]);

        // Opened again, the salon has planned anew: what stands there is not done.
        $phone->visit($path)->driver->executeAsyncScript('const done = arguments[0]; setTimeout(done, 800)');
        expect($phone->driver->executeScript('const day = document.querySelector(".card-day"); return day.classList.contains("is-done") '
            . '|| day.querySelector("[data-step]").checked'))->toBeFalse();
        $phone->tap('.card-day [data-timer]');
        $phone->await(fn (): bool => preg_match('/^\d+:\d\d left$/', $phone->text('.card-day [data-timer]')) === 1);
        $phone->tap('.card-day [data-not-today]')->until('[data-told]', 'Not today: your salon has it');
        // A second wash on that day cannot be: it says so, and the ticks stay to be put right.
        $phone->tap('.card-day [data-step="0"]')->tap('.card-day [data-wash]')
            ->until('[data-told]', 'is saved already');
        $phone->await(fn (): bool => $phone->driver->executeScript('const day = document.querySelector(".card-day"); '
            . 'return !day.classList.contains("is-done") && day.querySelector("[data-step]").checked'));
        $phone->until('[data-waiting-line]', 'did not get through')->tap('[data-waiting-line] [data-look]');
        $phone->driver->executeScript('[...document.querySelectorAll(".waiting-list button")]'
            . '.find((one) => one.textContent === "Drop").click()');
        $phone->await(fn (): bool => $phone->kept() === 0);
        $phone->visit($path);

        $desk->driver->navigate()->refresh();
        expect($desk->text('main'))->toContain('not today: wash day of')->toContain('a wash day')
            ->toContain('dryness')->toContain('opened');
        // What cannot be is said on the phone, with what to do.
        $phone->driver->executeScript('document.querySelector("[data-test=\'wet-stretch\']").open = true');
        $phone->tap('[data-test="wet-stretch"] [data-read]')->until('[data-told]', 'type a number');
        foreach (['rest_mm' => '100', 'stretched_mm' => '90', 'returned_mm' => '95'] as $name => $value) {
            $phone->driver->executeScript(
                'document.querySelector(`[data-raw="${arguments[0]}"]`).value = arguments[1]',
                [$name, $value],
            );
        }
        $phone->tap('[data-test="wet-stretch"] [data-read]')->until('[data-told]', 'Stretch one wet hair:');
        $phone->await(fn (): bool => $phone->all('[data-told] .is-broken') !== []);

        // It is brought back with what was typed, put right, and the refused one is gone.
        $phone->until('[data-waiting-line]', 'did not get through')->tap('[data-waiting-line] [data-look]')
            ->tap('.waiting-list a.button');
        expect($phone->driver->executeScript(
            'return [...document.querySelectorAll("[data-test=\'wet-stretch\'] [data-raw]")].map((one) => one.value)',
        ))->toBe(['100', '90', '95']);
        $phone->driver->executeScript('document.querySelector(`[data-raw="stretched_mm"]`).value = "130"');
        $phone->driver->executeScript('document.querySelector(`[data-raw="returned_mm"]`).value = "104"');
        $phone->tap('[data-test="wet-stretch"] [data-read]')
            ->until('[data-told]', 'Stretch one wet hair: your salon has it.');
        $phone->await(fn (): bool => $phone->kept() === 0);
        $desk->driver->navigate()->refresh();
        expect($desk->text('main'))->toContain('wet stretch');

        // Withdrawn, it opens nothing; what else there is was never to be reached.
        $desk->press('Cancel the link');
        expect($phone->visit($path)->text('h1'))->toBe('Nothing here');
        foreach (['/today', '/clients', preg_replace('#\?.*#', '', $path)] as $elsewhere) {
            $phone->visit((string) $elsewhere);
            expect($phone->text('h1'))->toBeIn(['Nagomi', 'Nothing here']);
        }
    } finally {
        $desk->close();
        $phone->close();
    }
});

it('keeps what was ticked over a withdrawn link, and sends it by the next', function (): void {
    $desk = Browser::open();
    $phone = Browser::open(390, 844);
    try {
        $first = cardOf($desk, 'Sefa');
        $phone->visit($first)->offline()->tap('[data-test="dryness"] [data-points="7"]');
        $phone->until('[data-waiting-line]', 'One thing waits');
        $desk->press('Cancel the link');
        $phone->offline(false)->driver->executeScript('window.dispatchEvent(new Event("online"))');
        $phone->until(
            '[data-told]',
            'This link no longer works',
        )->until('[data-waiting-line]', 'did not get through');
        expect($phone->kept())->toBe(1);
        $parts = parse_url((string) $desk->press('Make a link')->find(
            'input[readonly][aria-label="Link to the home routine"]',
        )->getAttribute('value'));
        $phone->visit("{$parts['path']}?{$parts['query']}");
        $phone->await(fn (): bool => $phone->kept() === 0);
        $desk->driver->navigate()->refresh();
        expect($desk->text('main'))->toContain('dryness');
    } finally {
        $desk->close();
        $phone->close();
    }
});

it('is read with no server at all, once it was opened', function (): void {
    $desk = Browser::open();
    $phone = Browser::open(390, 844);
    // A server of its own, to be switched off.
    $port = random_int(21000, 29000);
    $server = null;
    try {
        $path = cardOf($desk, 'Aurel');
        $server = proc_open(
            [
                'php',
                '-S',
                "127.0.0.1:{$port}",
                '../vendor/laravel/framework/src/Illuminate/Foundation/resources/server.php',
            ],
            [1 => ['file', '/dev/null', 'w'], 2 => ['file', '/dev/null', 'w']],
            $pipes,
            dirname(__DIR__, 2) . '/public',
        );
        $answers = fn (): bool => trim((string) shell_exec(
            "bash -c '(exec 3<>/dev/tcp/127.0.0.1/{$port}) 2>/dev/null && echo yes'",
        )) === 'yes';
        $phone->await($answers);
        $address = "http://127.0.0.1:{$port}{$path}";
        $phone->driver->get($address);
        expect($phone->text('h1'))->toBe('Hello Aurel');
        $phone->driver->executeAsyncScript(
            'const done = arguments[0]; navigator.serviceWorker.ready.then(() => setTimeout(done, 800))',
        );
        $phone->driver->get($address);
        $phone->driver->executeAsyncScript('const done = arguments[0]; setTimeout(done, 500)');
        proc_terminate($server);
        proc_close($server);
        $server = null;
        $phone->await(fn (): bool => ! $answers());
        $phone->driver->get($address);
        expect($phone->text('h1'))->toBe('Hello Aurel')->and($phone->text('main'))->toContain('Not today')
            ->and($phone->driver->executeScript(
                'return getComputedStyle(document.querySelector("h1")).fontFamily',
            ))->toContain('Literata');
        $phone->tap('[data-test="feel"] [data-points="-1"]')->until('[data-waiting-line]', 'One thing waits');
    } finally {
        if (is_resource($server)) {
            proc_terminate($server);
        }
        $desk->close();
        $phone->close();
    }
});

it('looks at a style in three taps, without a network, and the salon reads it', function (): void {
    $desk = Browser::open();
    $phone = Browser::open(390, 844);
    try {
        $desk->signIn()->press('Sefa')->more('Style');
        $desk->driver->executeScript('document.querySelector("details.more-tests").open = true');
        $desk->choose('styling', 'twists')->press('Follow it');
        $style = $desk->path();
        $desk->key('c')->press('Make a link');
        $parts = parse_url((string) $desk->find(
            'input[readonly][aria-label="Link to the home routine"]',
        )->getAttribute('value'));
        $phone->visit("{$parts['path']}?{$parts['query']}")->offline();
        $phone->tap('[data-look="definition"][data-of="2"]')->tap('[data-look="frizz"][data-of="0"]');
        // Thought better of before the third tap.
        $phone->tap('[data-look="frizz"][data-of="1"]');
        expect($phone->kept())->toBe(0);
        $phone->tap('[data-look="moisture"][data-of="0"]')->until('[data-told]', 'How your style looks');
        expect($phone->kept())->toBe(1);
        $phone->tap('[data-style="braided"]')->until('[data-waiting-line]', '2 things wait');
        $phone->offline(false)->driver->executeScript('window.dispatchEvent(new Event("online"))');
        $phone->until('[data-told]', 'How your style looks: your salon has it.');
        $phone->await(fn (): bool => $phone->kept() === 0);
        $desk->visit($style);
        expect($desk->text('main'))->toContain('well defined, some frizz, dry')->toContain('in loose braids overnight');
    } finally {
        $phone->close();
        $desk->close();
    }
});
