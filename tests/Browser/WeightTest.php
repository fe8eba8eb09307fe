<?php

declare(strict_types=1);

use Tests\Browser\Support\Browser;
use Tests\Browser\Support\MachineSpeed;

const FIRST_KILOBYTES = 130;
const NEXT_KILOBYTES = 30;
const FIRST_PAINT_SECONDS = 3.0;

/** @return list<string> the screens people open most, of a head and of the salon */
function weighed(Browser $browser): array
{
    $head = $browser->signIn()->press('Solvei')->path();

    return [
        '/today', '/clients', $head, "{$head}/hair-tests", "{$head}/wash", "{$head}/plan", "{$head}/home-routine",
        "{$head}/trends", "{$head}/history/ledger", "{$head}/history", '/products', '/reports', '/salon',
        '/clients/new', "{$head}/wash-days",
    ];
}

it('is light to open first, and lighter after that', function (): void {
    $browser = Browser::open();
    try {
        $screens = weighed($browser);
        $heavy = [];
        foreach ($screens as $screen) {
            $first = $browser->forgetFiles()->visit($screen)->weightKilobytes();
            if ($first > FIRST_KILOBYTES) {
                $heavy[] = sprintf('%s weighs %.0f KB at first', $screen, $first);
            }
        }
        foreach ($screens as $screen) {
            $next = $browser->visit($screen)->weightKilobytes();
            if ($next > NEXT_KILOBYTES) {
                $heavy[] = sprintf('%s weighs %.0f KB after that', $screen, $next);
            }
        }
        expect($heavy)->toBe([]);
    } finally {
        $browser->close();
    }
});

it('paints within three seconds on a slow network, with nothing kept from before', function (): void {
    $browser = Browser::open();
    try {
        $slow = [];
        foreach (array_slice(weighed($browser), 0, 5) as $screen) {
            $browser->slow(50, 400)->visit($screen);
            // What is painted last may be noted after everything was loaded.
            $browser->await(fn (): bool => (bool) $browser->driver->executeScript(
                'return performance.getEntriesByName("first-contentful-paint").length > 0',
            ));
            $seconds = (float) $browser->driver->executeScript(
                'return performance.getEntriesByName("first-contentful-paint")[0].startTime / 1000',
            );
            if ($seconds > FIRST_PAINT_SECONDS && $seconds > MachineSpeed::stretched(FIRST_PAINT_SECONDS)) {
                $slow[] = sprintf('%s paints after %.1f s', $screen, $seconds);
            }
        }
        expect($slow)->toBe([]);
    } finally {
        $browser->close();
    }
});
