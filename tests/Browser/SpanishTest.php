<?php

declare(strict_types=1);

use Tests\Browser\Support\AllScreens;
use Tests\Browser\Support\Browser;
use Tests\Feature\TwoLanguages;

/*
 * Spanish is about a fifth longer than English: every screen of the demo is read in it, at each size it is held in.
 */

/** Words that do not fit their own box, or the rail they stand in. */
const CUT_OFF = <<<'JS'
    const rail = document.querySelector('.rail')?.getBoundingClientRect() ?? { width: 0, right: innerWidth };
    const edge = rail.width > 0 ? rail.right : innerWidth;
    return [...document.querySelectorAll('main .button, .rail a, .rail-button, h1, h2, h3, label, th')]
        .filter((e) => e.offsetParent && e.clientWidth > 1 && (e.scrollWidth > e.clientWidth + 1
            || (e.matches('main .button') && ! e.closest('.book-frame, .hands-scroll, .season-work, .salon-places')
                && e.getBoundingClientRect().right > innerWidth)
            || (e.closest('.rail-end') && e.getBoundingClientRect().right > edge)))
        .map((e) => `${e.className} ${e.textContent.trim().slice(0, 40)}`);
    JS;

it('reads every screen in Spanish, chosen on any page: nothing wider than the screen, no word cut off, no English left', function (
    int $width,
    int $height,
): void {
    $browser = Browser::open($width, $height);
    try {
        $screens = AllScreens::of($browser);
        $names = AllScreens::PATHS;
        // Of somebody nobody has tested, other things are said, and longer ones.
        $untested = $browser->visit('/clients')->press('Saga')->path();
        foreach (['', '/hair-tests', '/plan', '/wash', '/home-routine', '/trends'] as $page) {
            $screens[] = $untested . $page;
            $names[] = "{untested}{$page}";
        }
        $old = $browser->visit('/clients')->find('html');
        $browser->driver->executeScript('document.querySelector("button[name=language][value=es]").click()');
        $browser->untilGone($old);
        expect($browser->find('html')->getAttribute('lang'))->toBe('es');
        $wide = $cut = $left = [];
        foreach ($screens as $index => $screen) {
            $browser->visit($screen);
            $name = $names[$index];
            if (
                $browser->driver->executeScript('return document.documentElement.scrollWidth > window.innerWidth + 1')
            ) {
                $wide[] = $name;
            }
            $cut = [...$cut, ...array_map(
                static fn (string $words): string => "{$name} {$words}",
                $browser->driver->executeScript(CUT_OFF),
            )];
            $english = TwoLanguages::englishLeft($browser->driver->getPageSource());
            if ($english !== []) {
                $left[$name] = $english;
            }
        }
        expect($wide)->toBe([])->and($cut)->toBe([])->and($left)->toBe([]);
    } finally {
        $old = $browser->visit('/clients')->find('html');
        $browser->driver->executeScript('document.querySelector("button[name=language][value=en]")?.click()');
        $browser->untilGone($old);
        $browser->close();
    }
})->with(['a phone' => [390, 844], 'a tablet' => [820, 1180], 'the desk' => [1280, 800]]);
