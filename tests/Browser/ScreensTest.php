<?php

declare(strict_types=1);


/** Every screen of the application, as paths of a head or of the salon. */

use Tests\Browser\Support\Browser;

const SCREENS = [
    '/clients', '/clients/new', '/clients/records/new', '/salon', '{head}', '{head}/edit', '{head}/hair-tests',
    '{head}/wash-days', '{head}/plan', '{head}/history/ledger', '{head}/plan/what-if?change=no-mask',
    '{head}/plan/terms', '{head}/hair-tests?moment=after-styling', '{head}/hair-tests/zones',
    '{head}/hair-tests/zones?test=scalp', '{head}/history', '{head}/history/{visit}', '{head}/history/{visit}/correct',
    '{head}/trends?group=elasticity', '{head}/history/cause', '{head}/pictures', '/reports/team', '/products',
    '/products/new', '/products/mix', '/products/book', '{product}', '{head}/products', '{head}/wash', '{head}/style',
    '{head}/trends/trials', '/today', '/bookings/new?head={id}', '{booking}', '/salon/hours', '/salon/messages',
    '/salon/data', '/reports', '/plans', '{head}/home-routine', '{head}/erase', '/today/end', '/today/handover',
    '{booking}/series',
];

function screens(Browser $browser): array
{
    $browser->signIn()->press('Solvei');
    $head = $browser->path();
    $visit = basename((string) $browser->visit("{$head}/history")->find('.visits li a')->getAttribute('href'));

    $product = (string) parse_url(
        (string) $browser->visit('/products')->find('.shelf a')->getAttribute('href'),
        PHP_URL_PATH,
    );

    $booking = (string) parse_url(
        (string) $browser->visit('/today')->find('a[href*="/bookings/0"]')->getAttribute('href'),
        PHP_URL_PATH,
    );

    return array_map(
        fn (string $screen): string => str_replace(
            ['{head}', '{id}', '{visit}', '{product}', '{booking}'],
            [$head, basename($head), $visit, $product, $booking],
            $screen,
        ),
        SCREENS,
    );
}

it('is accessible on every screen by axe, in light and in dark', function (bool $dark): void {
    $browser = Browser::open(dark: $dark);
    try {
        $axe = (string) file_get_contents(__DIR__ . '/assets/axe.min.js');
        $found = [];
        $screens = null;
        foreach ([null, ...array_keys(SCREENS)] as $index) {
            if ($index === null) {
                $browser->visit('/sign-in');
            } else {
                $screens ??= screens($browser);
                $browser->visit($screens[$index]);
            }
            $screen = $index === null ? '/sign-in' : SCREENS[$index];
            $browser->driver->executeScript($axe);
            $violations = $browser->driver->executeAsyncScript('const done = arguments[0]; axe.run(document, {runOnly: ["wcag2a", "wcag2aa", "wcag21a", '
                . '"wcag21aa"]}).then((result) => done(result.violations.map((v) => v.id + ": " + v.nodes.slice(0, '
                . '3).map((n) => n.target.join(" ")).join(" | "))))');
            foreach ($violations as $violation) {
                $found[] = "{$screen} {$violation}";
            }
        }
        expect($found)->toBe([]);
    } finally {
        $browser->close();
    }
})->with(['light' => [false], 'dark' => [true]]);

it('fits a phone: nothing is wider than the screen, every target is large enough', function (): void {
    $browser = Browser::open(390, 844);
    try {
        $wide = $small = [];
        foreach (screens($browser) as $screen) {
            $browser->visit($screen);
            if (
                $browser->driver->executeScript('return document.documentElement.scrollWidth > window.innerWidth + 1')
            ) {
                $wide[] = $screen;
            }
            $small = [...$small, ...$browser->driver->executeScript(
                'return [...document.querySelectorAll("main .button, .points span, .rail a, .rail-button, '
                    . 'main .input, main select")].filter((e) => e.offsetParent && '
                    . 'e.getBoundingClientRect().height < 43.5).map((e) => location.pathname + " " + e.className + '
                    . '" " + e.textContent.trim().slice(0, 20))',
            )];
        }
        expect($wide)->toBe([])->and($small)->toBe([]);
    } finally {
        $browser->close();
    }
});

it('fetches nothing from elsewhere and the browser has nothing to complain of', function (): void {
    $browser = Browser::open();
    try {
        foreach (screens($browser) as $screen) {
            $browser->visit($screen);
            $hosts = $browser->driver->executeScript('return [...new Set(performance.getEntriesByType("resource").map((entry) => new '
                . 'URL(entry.name).origin))].filter((origin) => origin !== location.origin)');
            expect($hosts)->toBe([]);
        }
        expect($browser->complaints())->toBe([]);
    } finally {
        $browser->close();
    }
});

it('answers each page within a few times what the plainest takes', function (): void {
    $browser = Browser::open();
    try {
        $once = function (string $screen) use ($browser): float {
            $browser->visit($screen);

            return (float) $browser->driver->executeScript('const [page] = performance.getEntriesByType("navigation"); return page.responseStart - '
                . 'page.requestStart');
        };
        // What-if plans two seasons, the wash page lays a day out, booking lays out a week and a series a day of every
        // few weeks while one waits; every other page reads what is stored.
        foreach (
            array_filter(
                screens($browser),
                fn (string $screen): bool => preg_match('/what-if|wash$|bookings.new|series$/', $screen) !== 1,
            ) as $screen
        ) {
            // Both are taken in turn, so that whatever else the machine does falls on both; the fastest of each is what
            // it needs.
            // How fast a machine is differs; how much more than a plain form a page needs does not.
            $plain = $page = [];
            do {
                $plain[] = $once('/clients/records/new');
                $page[] = $once($screen);
            } while (count($page) < 2 || min($page) / min($plain) >= 5.0 && count($page) < 25);
            expect(min($page) / min($plain))->toBeLessThan(5.0, $screen);
        }
    } finally {
        $browser->close();
    }
});
