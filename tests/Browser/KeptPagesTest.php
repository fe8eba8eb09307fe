<?php

declare(strict_types=1);

/*
 * Pages that are worked on with wet hands open without a network, and where the server is unwell; what was tapped on
 * them is there after the tablet was dropped; hundreds of taps are through soon after the network is back.
 */

use Facebook\WebDriver\Exception\WebDriverException;
use Tests\Browser\Support\Browser;
use Tests\Browser\Support\FaultProxy;
use Tests\Browser\Support\MachineSpeed;

/** Waits until the worker has what it keeps, no longer ago than so many milliseconds. */
function isKept(Browser $browser, float $withinMilliseconds = 1e12): void
{
    $browser->await(fn (): bool => (bool) $browser->driver->executeAsyncScript(
        'const [within, done] = arguments; caches.keys().then((names) => Promise.all(names.filter((name) => '
            . 'name.startsWith("nagomi-pages")).map(async (name) => (await caches.open(name)).match(location.href)))) '
            . '.then((all) => done(all.some((page) => page !== undefined '
            . '&& Date.now() - Number(page.headers.get("X-Kept-At") ?? Date.now()) < within)))',
        [$withinMilliseconds],
    ));
}

it('opens a wash day and the hair tests again without a server, with what was tapped since', function (): void {
    $proxy = FaultProxy::before((string) getenv('NAGOMI_URL'));
    $browser = Browser::open(820, 1180, at: $proxy->url);
    try {
        $browser->signIn()->press('Padma')->key('a')->press('Begin');
        $wash = $browser->driver->getCurrentURL();
        isKept($browser);
        $stands = fn (): array => [$browser->text('[data-where]'), $browser->text('[data-label]')];
        // Taken in after the page was kept, and kept here since: both are there when it opens again.
        $browser->tap('[data-do=done]')->await(fn (): bool => $browser->kept() === 0);
        usleep(500_000);
        $proxy->disturb('/wash/', '503', 1);
        $browser->driver->get($wash);
        expect($stands()[0])->toStartWith('Step 2');
        $proxy->close();
        usleep(450_000);
        $browser->tap('[data-do=done]');
        expect($stands()[0])->toStartWith('Step 3');
        $before = $stands();
        $browser->await(fn (): bool => $browser->kept() === 1);
        $browser->driver->get($wash);
        $browser->await(fn (): bool => $stands() === $before);
    } finally {
        $browser->close();
    }
    // The tablet is on the network again, by another way; somebody else ends what was begun.
    $other = Browser::open();
    $other->signIn()->press('Padma')->key('a')->press('Go on')->tap('[data-open-menu]')->press('Stop without saving');
    $other->close();
});

it('opens the hair tests of before, and makes another visit of what is typed on them', function (): void {
    $proxy = FaultProxy::before((string) getenv('NAGOMI_URL'));
    $browser = Browser::open(820, 1180, at: $proxy->url);
    try {
        $page = $browser->signIn()->press('Dilys')->key('b')->driver->getCurrentURL();
        isKept($browser);
        $first = $browser->value('visit');
        // The server hangs: two seconds are waited for it, and no longer.
        $proxy->disturb('/hair-tests', 'hang', 9);
        $began = microtime(true);
        $browser->driver->get($page);
        expect(microtime(true) - $began)->toBeLessThan(MachineSpeed::stretched(6.0));
        expect($browser->text('h1'))->toBe('Hair tests');
        $browser->tap('input[name="raw[dryness][points]"][value="5"]')->tap('.save .is-strong');
        $browser->until('[data-sent]', 'kept on this device');
        expect($browser->kept())->toBe(1);
        $browser->driver->get($page);
        expect($browser->value('visit'))->not->toBe($first)
            ->and($browser->driver->executeScript('return document.querySelectorAll(\'[name^="raw["]:checked\').length'))
            ->toBe(0);
        // Signed out, the pages go from the tablet; what waits stays for its own stylist.
        $proxy->disturb('/nowhere', '500', 1);
        $browser->await(function () use ($browser): bool {
            $browser->driver->executeScript('window.dispatchEvent(new Event("online"))');

            return $browser->kept() === 0;
        });
        $browser->tap('[data-sign-out] button')->until('main', 'Sign in');
        $browser->await(fn (): bool => $browser->driver->executeAsyncScript(
            'const done = arguments[0]; caches.keys().then((names) => done(names.filter((name) => '
                . 'name.startsWith("nagomi-pages /clients/")).length))',
        ) === 0);
    } finally {
        $browser->close();
        $proxy->close();
    }
});

it('opens nothing of a client that was kept longer than a working day', function (): void {
    $proxy = FaultProxy::before((string) getenv('NAGOMI_URL'));
    $browser = Browser::open(820, 1180, at: $proxy->url);
    $kept = function (float $hoursAgo) use ($browser): void {
        $browser->driver->executeAsyncScript(
            <<<'JS'
                const [hours, done] = arguments;
                const name = (await caches.keys()).find((one) => one.startsWith('nagomi-pages /clients/'));
                const store = await caches.open(name);
                const page = await store.match(location.href);
                const headers = new Headers(page.headers);
                headers.set('X-Kept-At', String(Date.now() - hours * 3600000));
                await store.put(location.href, new Response(await page.blob(), { headers }));
                done();
                JS,
            [$hoursAgo],
        );
    };
    try {
        $page = $browser->signIn()->press('Dilys')->key('b')->driver->getCurrentURL();
        isKept($browser);
        $kept(11.9);
        $proxy->disturb('/hair-tests', 'away', 99);
        $browser->driver->get($page);
        expect($browser->text('h1'))->toBe('Hair tests');
        $proxy->disturb('/nowhere', 'away', 1);
        $browser->driver->get($page);
        // What was kept before stands until the page that has just come is kept in its place.
        isKept($browser, 3_600_000);
        $kept(12.1);
        $proxy->disturb('/hair-tests', 'away', 99);
        try {
            $browser->driver->get($page);
        } catch (WebDriverException) {
            // The browser's own page says that there is no network.
        }
        expect($browser->all('form.hair-tests'))->toBe([])->and($browser->text())->not->toContain('Dilys');
    } finally {
        $browser->close();
        $proxy->close();
    }
});

it('shows what became of a form, however long the page after it takes', function (): void {
    $proxy = FaultProxy::before((string) getenv('NAGOMI_URL'));
    $browser = Browser::open(820, 1180, at: $proxy->url);
    try {
        $browser->signIn()->press('Dilys')->key('b');
        isKept($browser);
        $browser->driver->navigate()->refresh();
        $browser->driver->executeScript(
            'document.querySelectorAll(".more-tests").forEach((more) => { more.open = true; })',
        );
        $proxy->disturb('GET /clients/', 'late', 1);
        $browser->choose('sign', 'red')->press('Save this sign');
        expect($proxy->left())->toBe(0)
            ->and($browser->text('.wrong'))->toContain('say what you saw')
            ->and($browser->value('sign'))->toBe('red');
    } finally {
        $browser->close();
        $proxy->close();
    }
});

it('has five hundred taps through within ten seconds of the network’s return', function (): void {
    $browser = Browser::open(820, 1180);
    try {
        $browser->signIn()->press('Bea')->key('a')->press('Begin');
        $browser->offline();
        $took = (float) $browser->driver->executeAsyncScript(
            <<<'JS'
                const done = arguments[0];
                const script = document.querySelector('script[src*="wash.js"]').src;
                const { mine } = await import(script.replace('screens/wash.js', 'offline/mine.js'));
                const queue = mine();
                const address = document.querySelector('[data-wash]').dataset.acts;
                const from = performance.now();
                const acts = Array.from({ length: 500 }, (_, i) => queue.add({ address, subject: '', label: String(i),
                    act: { kind: 'note', step: 'detangle', value: { note: 'knot' }, at: new Date().toISOString() } }));
                const shown = performance.now() - from;
                await Promise.all(acts.map(({ kept }) => kept));
                done(shown / 500);
                JS,
        );
        // What is tapped shows at once, however much waits before it.
        expect($took)->toBeLessThan(MachineSpeed::stretched(100.0))->and($browser->kept())->toBe(500);
        $began = microtime(true);
        $browser->offline(false)->driver->executeScript('window.dispatchEvent(new Event("online"))');
        $browser->await(fn (): bool => $browser->kept() === 0);
        $seconds = microtime(true) - $began;
        fwrite(STDERR, sprintf("500 acts were through after %.1f s.\n", $seconds));
        expect($seconds)->toBeLessThan(MachineSpeed::stretched(10.0));
        $browser->driver->navigate()->refresh();
        $counted = $browser->driver->executeScript(
            'return JSON.parse(document.querySelector("[data-wash]").dataset.told).steps.detangle.notes.knot',
        );
        expect($counted)->toBe(500);
        $browser->tap('[data-open-menu]')->press('Stop without saving');
    } finally {
        $browser->close();
    }
});

it('asks for the day on a home routine that was opened from what the phone kept', function (): void {
    $desk = Browser::open();
    $phone = Browser::open(390, 844);
    try {
        $desk->signIn()->press('Noor')->key('c')->press('Make a link');
        $link = (string) $desk->driver->executeScript(
            'return document.querySelector("input[readonly][value*=\'/card/\']").value',
        );
        $phone->movableClock()->visit((string) preg_replace('#^https?://[^/]+#', '', $link));
        $phone->driver->executeAsyncScript('navigator.serviceWorker.ready.then(() => setTimeout(arguments[0], 900))');
        $phone->driver->executeScript('sessionStorage.setItem("clock-ahead-ms", String(26 * 3600000))');
        $phone->offline()->driver->navigate()->refresh();
        $phone->await(
            fn (): bool => $phone->driver->executeScript('return document.querySelector("[data-on]").value') === '',
        );
        expect($phone->text('.card-day'))->toContain('Which day did you do it?');
        $phone->tap('.card-day [data-step="0"]')->tap('.card-day [data-wash]');
        $phone->until('[data-told]', 'Choose the day you did it.');
        expect($phone->kept())->toBe(0);
        // Also the very day the page is of can be chosen.
        $phone->driver->executeScript(
            'const on = document.querySelector("[data-on]"); on.value = document.querySelector("[data-card]").dataset.today; '
                . 'on.dispatchEvent(new Event("input"))',
        );
        $phone->tap('.card-day [data-wash]')->await(fn (): bool => $phone->kept() === 1);
    } finally {
        $desk->close();
        $phone->close();
    }
});
