<?php

declare(strict_types=1);

/* Opened parts by axe, targets by where they are used, colours that are forced, and more contrast. */

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Tests\Browser\Support\AllScreens;
use Tests\Browser\Support\Browser;

/** @param array<string, string> $features media features as somebody set them, such as forced-colors => active */
function preferring(Browser $browser, array $features): Browser
{
    (new ChromeDevToolsDriver($browser->driver))->execute('Emulation.setEmulatedMedia', ['features' => array_map(
        fn (string $name, string $value): array => ['name' => $name, 'value' => $value],
        array_keys($features),
        $features,
    )]);

    return $browser;
}

/** @return list<string> what axe finds on a page as it stands */
function axeFinds(Browser $browser): array
{
    return $browser->driver->executeAsyncScript('const done = arguments[0]; axe.run(document, {runOnly: ["wcag2a", "wcag2aa", '
        . '"wcag21a", "wcag21aa"]}).then((result) => done(result.violations.map((v) => v.id + ": " + v.nodes.slice(0, '
        . '3).map((n) => n.target.join(" ")).join(" | "))))');
}

const OPENED = 'document.querySelectorAll("main details").forEach((one) => { one.open = true; })';

it('is accessible where every part is opened, on a tablet and on a phone', function (int $width, int $height, bool $dark): void {
    $browser = Browser::open($width, $height, dark: $dark);
    try {
        $axe = (string) file_get_contents(__DIR__ . '/assets/axe.min.js');
        $found = [];
        foreach (AllScreens::of($browser) as $index => $screen) {
            $browser->visit($screen);
            $browser->driver->executeScript(OPENED);
            $browser->driver->executeScript($axe);
            foreach (axeFinds($browser) as $violation) {
                $found[] = AllScreens::PATHS[$index] . " {$violation}";
            }
            if ($browser->driver->executeScript('return document.documentElement.scrollWidth > window.innerWidth + 1')) {
                $found[] = AllScreens::PATHS[$index] . ' is wider than its screen';
            }
        }
        expect($found)->toBe([]);
    } finally {
        $browser->close();
    }
})->with(['tablet' => [820, 1180, false], 'phone, dark' => [390, 844, true]]);

it('has targets of 44 px at the desk, 64 in the chair and 84 for wet hands', function (): void {
    $browser = Browser::open(820, 1180);
    try {
        $small = [];
        $screens = AllScreens::of($browser);
        $head = $screens[4];
        $under = fn (string $selector, float $least): array => $browser->driver->executeScript(
            'return [...document.querySelectorAll(arguments[0])].filter((e) => e.offsetParent && '
                . 'e.getBoundingClientRect().height < arguments[1] - 0.5).map((e) => location.pathname + " " + e.className + '
                . '" " + e.textContent.trim().slice(0, 24) + " " + Math.round(e.getBoundingClientRect().height))',
            [$selector, $least],
        );
        foreach ($screens as $screen) {
            $browser->visit($screen);
            $browser->driver->executeScript(OPENED);
            $small = [...$small, ...$under(
                'main .button, .points span, .rail-main a, .rail-client a, .rail-button, main summary, '
                    . 'main .input, main select, main .joined a, main .joined button',
                44,
            )];
        }
        // In the chair, a client beside: one test at a time, and what Now asks for.
        $browser->visit("{$head}/hair-tests");
        $small = [...$small, ...$under('.test.is-current .points span, .save [data-next], .save [data-walk-back]:not([hidden])', 64)];
        expect($browser->all('.test.is-current .points span'))->not->toBe([]);
        $browser->visit($head);
        $small = [...$small, ...$under('main .is-strong.is-large', 64)];
        expect($small)->toBe([]);
    } finally {
        $browser->close();
    }
});

it('keeps its keys where colours are forced, and reads well with more contrast', function (): void {
    $browser = Browser::open();
    try {
        $head = AllScreens::of($browser)[4];
        foreach (['active' => 'forced-colors', 'more' => 'prefers-contrast'] as $value => $feature) {
            preferring($browser, [$feature => $value])->visit("{$head}/plan");
            $keys = $browser->driver->executeScript(
                'return [...document.querySelectorAll("main .dot, main .swatch")].filter((e) => e.offsetParent)'
                    . '.map((e) => getComputedStyle(e).backgroundColor + getComputedStyle(e).borderColor + e.className)',
            );
            expect(count($keys))->toBeGreaterThan(3)->and(count(array_unique($keys)))->toBe(count($keys));
        }
        preferring($browser, ['forced-colors' => 'active'])->visit("{$head}/hair-tests");
        // What is chosen is told by a frame.
        $browser->tap('.points input');
        $frame = $browser->driver->executeScript(
            'const e = document.querySelector(".points input:checked + span"); return e && getComputedStyle(e).outlineStyle',
        );
        expect($frame)->toBe('solid');
    } finally {
        $browser->close();
    }
});
