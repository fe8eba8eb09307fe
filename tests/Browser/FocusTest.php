<?php

declare(strict_types=1);

use Tests\Browser\Support\AllScreens;
use Tests\Browser\Support\Browser;

/*
 * Whatever has the focus is seen: no bar, card or line that stays where it is lies over it, at any size, with every part
 * opened. WCAG 2.2, 2.4.11 Focus Not Obscured (Minimum), and its middle at that.
 */

/** What can have the focus, and what lies over its middle once it has it. */
const COVERED = <<<'JS'
    document.documentElement.style.scrollBehavior = 'auto';
    document.querySelectorAll('main details').forEach((one) => { one.open = true; });
    const staying = (node) => {
        for (let at = node; at && at !== document.body; at = at.parentElement) {
            if (['fixed', 'sticky'].includes(getComputedStyle(at).position)) return at;
        }
        return null;
    };
    const within = (from, to, most) => (Math.max(from, 0) + Math.min(to, most)) / 2;
    let tried = 0;
    const covered = [];
    for (const one of document.querySelectorAll('a[href], button, input, select, textarea, summary, [tabindex="0"]')) {
        one.focus({ focusVisible: true });
        if (document.activeElement !== one) continue;
        const shown = one.matches('input[type=radio], input[type=checkbox]') ? one.closest('label') ?? one : one;
        const box = shown.getBoundingClientRect();
        if (box.width < 2 || box.height < 2) continue;
        tried += 1;
        const over = document.elementFromPoint(
            within(box.left, box.right, innerWidth), within(box.top, box.bottom, innerHeight));
        const bar = over && staying(over);
        if (box.bottom <= 0 || box.top >= innerHeight) covered.push(`${one.outerHTML.slice(0, 90)} is out of sight`);
        else if (bar && !bar.contains(one)) covered.push(`${one.outerHTML.slice(0, 90)} under ${bar.className}`);
    }
    return { tried, covered };
    JS;

it('hides nothing that has the focus behind what stays where it is', function (int $width, int $height): void {
    $browser = Browser::open($width, $height);
    try {
        $covered = [];
        $tried = 0;
        foreach (AllScreens::of($browser) as $index => $screen) {
            $found = $browser->visit($screen)->driver->executeScript(COVERED);
            $tried += $found['tried'];
            foreach ($found['covered'] as $one) {
                $covered[] = AllScreens::PATHS[$index] . " {$one}";
            }
        }
        expect($covered)->toBe([])->and($tried)->toBeGreaterThan(1000);
    } finally {
        $browser->close();
    }
})->with(['the desk' => [1280, 800], 'a tablet' => [820, 1180], 'a phone' => [390, 844]]);
