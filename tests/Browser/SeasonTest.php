<?php

declare(strict_types=1);


/*
 * The season as a picture to work in: dragged by mouse, moved by keyboard, the consequence said before letting go,
 * undone and redone.
 */

use Tests\Browser\Support\Browser;

/** Where a stone stands in the picture. */
function stones(Browser $browser): array
{
    return $browser->driver->executeScript(
        'return [...document.querySelectorAll("[data-stone]")].map((stone) => stone.dataset.stone)',
    );
}

it('moves a wash day by dragging it, with what it comes to said before it is let go', function (): void {
    $browser = Browser::open();
    try {
        $browser->signIn()->press('Noor')->key('s');
        $before = stones($browser);
        $day = (float) $browser
            ->find('[data-plan]')
            ->getAttribute('data-day') * (float) $browser->driver
            ->executeScript('return document.querySelector(".season-line").clientWidth / 1000');
        $css = "[data-stone=\"{$before[2]}\"]";
        $browser->drag($css, (int) round(2 * $day))->until('[data-says]', 'Moved from');
        expect($browser->text('[data-says]'))
            ->toContain('days out of balance')
            ->toContain('minute')
            ->and(stones($browser))
            ->toBe($before);
        $old = $browser->find('html');
        $browser->drop()->untilGone($old)->until('.said', 'Moved from');
        $after = stones($browser);
        expect($after)->toContain(date('Y-m-d', strtotime("{$before[2]} +2 days")))->not->toContain($before[2]);
        $browser->press('Undo');
        expect(stones($browser))->toBe($before);
        $browser->press('Redo');
        expect(stones($browser))->toBe($after)->and($browser->complaints())->toBe([]);
        $browser->press('Undo');
    } finally {
        $browser->close();
    }
});

it('does nothing at a plain tap, whatever was only looked at', function (): void {
    $browser = Browser::open();
    try {
        $browser->signIn()->press('Noor')->key('s');
        $before = stones($browser);
        $browser->driver->executeScript(
            'document.querySelector(arguments[0]).focus()',
            ["[data-stone=\"{$before[2]}\"]"],
        );
        $browser->keys('ARROW_RIGHT')->until('[data-says]', 'Moved from');
        $browser->await(fn (): bool => $browser->find('[data-keep]')->isEnabled());
        // Pressed and let go where it lies, with the tremble of a finger.
        $browser->drag("[data-stone=\"{$before[2]}\"]", 3)->drop();
        usleep(800_000);
        $browser->driver->navigate()->refresh();
        expect(stones($browser))->toBe($before);
    } finally {
        $browser->close();
    }
});

it('draws a mask out by dragging it upwards', function (): void {
    $browser = Browser::open();
    try {
        $browser->signIn()->press('Noor')->key('s');
        $masked = (string) $browser->driver->executeScript('const acts = JSON.parse(document.querySelector("[data-plan]").dataset.acts); return '
            . 'Object.keys(acts).find((date) => acts[date].includes("mask"))');
        $browser->drag("[data-stone=\"{$masked}\"]", 0, -24)->until('[data-says]', 'ask of');
        $browser->await(fn (): bool => $browser->find('[data-keep]')->isEnabled());
        expect($browser->text('[data-says]'))->toContain('minute');
        $old = $browser->find('html');
        $browser->drop()->untilGone($old)->until('.said', 'ask of');
        $browser->press('Undo');
    } finally {
        $browser->close();
    }
});

it('moves, lengthens and leaves out by keyboard alone', function (): void {
    $browser = Browser::open();
    try {
        $browser->signIn()->press('Aurel')->key('s');
        $before = stones($browser);
        $browser->driver->executeScript('document.querySelectorAll("[data-stone]")[2].focus()');
        $browser
            ->keys('ARROW_RIGHT')
            ->until('[data-says]', 'Moved from')
            ->keys('ESCAPE')
            ->until('[data-says]', 'Left as it is');
        expect(stones($browser))->toBe($before);
        $browser->keys('ARROW_RIGHT')->until('[data-says]', 'Moved from');
        $browser->await(fn (): bool => $browser->find('[data-keep]')->isEnabled());
        $old = $browser->find('html');
        $browser->keys('ENTER')->untilGone($old)->until('.said', 'Moved from');
        expect(stones($browser))->not->toBe($before);
        // Control and Z undoes.
        $old = $browser->find('html');
        $browser->driver->executeScript(
            'document.dispatchEvent(new KeyboardEvent("keydown", {key: "z", ctrlKey: true, bubbles: true}))',
        );
        $browser->untilGone($old);
        expect(stones($browser))->toBe($before);

        $masked = (string) $browser->driver->executeScript('const acts = JSON.parse(document.querySelector("[data-plan]").dataset.acts); return '
            // The mask of strong protein stays with it.
            . 'Object.keys(acts).find((date) => acts[date].includes("mask") && !acts[date].includes("strong-protein"))');
        $browser->driver->executeScript('document.querySelector(`[data-stone="${arguments[0]}"]`).focus()', [$masked]);
        $browser->driver->executeScript('document.querySelector("[data-do=\'leave-out\'][data-value=mask]").focus()');
        $browser->keys('ENTER')->until('[data-says]', 'Mask of');
        $browser->await(fn (): bool => $browser->find('[data-keep]')->isEnabled());
        $old = $browser->find('html');
        $browser->driver->executeScript('document.querySelector("[data-keep]").focus()');
        $browser->keys('ENTER')->untilGone($old)->until('.said', 'left out');
        $browser->press('Undo');
    } finally {
        $browser->close();
    }
});

it('does one treatment on the wash day after, by keyboard, and undoes it', function (): void {
    $browser = Browser::open();
    try {
        $browser->signIn()->press('Aurel')->key('s');
        $acts = 'JSON.parse(document.querySelector("[data-plan]").dataset.acts)';
        $from = (string) $browser->driver->executeScript(
            "const acts = {$acts}, days = Object.keys(acts); return days.find((day, i) => acts[day].includes('mask') "
                . "&& !acts[day].includes('strong-protein') && days[i + 1] && !acts[days[i + 1]].includes('mask'))",
        );
        $browser->driver->executeScript('document.querySelector(`[data-stone="${arguments[0]}"]`).focus()', [$from]);
        expect($browser->find('[data-row="mask"]')->isDisplayed())->toBeTrue()
            ->and($browser->find('[data-do="carry"][data-value="mask:1"]')->getSize()->getHeight())
            ->toBeGreaterThanOrEqual(44);
        $browser->driver->executeScript('document.querySelector("[data-do=carry][data-value=\'mask:1\']").focus()');
        $browser->keys('ENTER')->until('[data-says]', 'moved from');
        $browser->await(fn (): bool => $browser->find('[data-keep]')->isEnabled());
        $old = $browser->find('html');
        $browser->driver->executeScript('document.querySelector("[data-keep]").focus()');
        $browser->keys('ENTER')->untilGone($old)->until('.said', 'moved from');
        $has = fn (): bool => (bool) $browser->driver->executeScript("return {$acts}['{$from}'].includes('mask')");
        expect($has())->toBeFalse();
        $browser->press('Undo');
        expect($has())->toBeTrue()->and($browser->complaints())->toBe([]);
    } finally {
        $browser->close();
    }
});

it('says so where there is no network, and leaves the season as it is', function (): void {
    $browser = Browser::open();
    try {
        $browser->signIn()->press('Aurel')->key('s');
        $before = stones($browser);
        $browser->offline()->driver->executeScript('document.querySelectorAll("[data-stone]")[1].focus()');
        $browser->keys('ARROW_RIGHT')->until('[data-says]', 'No network')->offline(false);
        expect(stones($browser))->toBe($before);
    } finally {
        $browser->close();
    }
});
