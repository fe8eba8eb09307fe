<?php

declare(strict_types=1);


use Tests\Browser\Support\AllScreens;
use Tests\Browser\Support\Browser;

it('is accessible on every screen by axe, in light and in dark', function (bool $dark): void {
    $browser = Browser::open(dark: $dark);
    try {
        $axe = (string) file_get_contents(__DIR__ . '/assets/axe.min.js');
        $found = [];
        $screens = null;
        foreach ([null, ...array_keys(AllScreens::PATHS)] as $index) {
            if ($index === null) {
                $browser->visit('/sign-in');
            } else {
                $screens ??= AllScreens::of($browser);
                $browser->visit($screens[$index]);
            }
            $screen = $index === null ? '/sign-in' : AllScreens::PATHS[$index];
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
        foreach (AllScreens::of($browser) as $screen) {
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
        foreach (AllScreens::of($browser) as $screen) {
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
        /** @return array{processor: float, wait: float} milliseconds */
        $once = function (string $screen) use ($browser): array {
            $browser->visit($screen);

            return (array) $browser->driver->executeScript('const [page] = performance.getEntriesByType("navigation"); return { '
                . 'processor: page.serverTiming.find((one) => one.name === "processor").duration, '
                . 'wait: page.responseStart - page.requestStart }');
        };
        // What-if plans two seasons, the wash page lays a day out, booking lays out a week and a series a day of every
        // few weeks while one waits; every other page reads what is stored.
        foreach (
            array_filter(
                AllScreens::of($browser),
                fn (string $screen): bool => preg_match('/what-if|wash$|bookings.new|series$/', $screen) !== 1,
            ) as $screen
        ) {
            // Both are taken in turn, and the least of each is what it needs: how fast a machine is differs, and what
            // else it does; how much more than a plain form a page needs does not. What is waited for, the database
            // too, is held as well, less narrowly: of two pages the longer is broken off more often for something else.
            $plain = $page = [];
            do {
                $plain[] = $once('/clients/records/new');
                $page[] = $once($screen);
                $is = array_map(
                    static fn (string $what): float => min(array_column($page, $what)) / min(array_column($plain, $what)),
                    ['processor' => 'processor', 'wait' => 'wait'],
                );
            } while (count($page) < 2 || ($is['processor'] >= 6.0 || $is['wait'] >= 9.0) && count($page) < 25);
            expect($is['processor'])->toBeLessThan(6.0, "{$screen}, of the processor")
                ->and($is['wait'])->toBeLessThan(9.0, "{$screen}, waited for");
        }
    } finally {
        $browser->close();
    }
});

it('leaves no lower half of a screen empty', function (): void {
    $browser = Browser::open(1280, 800);
    try {
        $empty = [];
        foreach (AllScreens::of($browser) as $index => $screen) {
            $lowest = $browser->visit($screen)->driver->executeScript(<<<'JS'
                const seen = [...document.querySelectorAll('main *')].filter((one) => one.children.length === 0 || one.tagName === 'svg');
                return Math.max(...seen.map((one) => one.getBoundingClientRect()).filter((box) => box.height > 2 && box.width > 2)
                    .map((box) => box.bottom + scrollY));
                JS);
            if ($lowest < 400) {
                $empty[] = AllScreens::PATHS[$index] . ' ends at ' . round($lowest);
            }
        }
        expect($empty)->toBe([]);
    } finally {
        $browser->close();
    }
});
