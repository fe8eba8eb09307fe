<?php

declare(strict_types=1);

/*
 * The picture of the day: a client is moved on it with the mouse, with a finger and with keys, and one who is not booked
 * is booked on it. What it does to everybody is said before anything is let go.
 */

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Tests\Browser\Support\Browser;

function bookOn(Browser $browser, string $day, string $name): void
{
    $key = $browser->clientKey($name);
    $browser->visit("/bookings/new?head={$key}&service=4&date={$day}");
    $old = $browser->find('html');
    $browser->tap('.openings .button, .opening-day .button')->untilGone($old);
    expect($browser->text('main'))->toContain('is booked');
}

function barOf(Browser $browser, string $name): RemoteWebElement
{
    foreach ($browser->all('.hands-head') as $bar) {
        if (str_starts_with((string) $bar->getAttribute('aria-label'), $name)) {
            return $bar->findElement(WebDriverBy::cssSelector('rect'));
        }
    }
    throw new RuntimeException("{$name} has no bar.");
}

/** @return array{float, float} a point just within the start of a bar */
function edgeOf(Browser $browser, string $name): array
{
    return $browser->driver->executeScript(
        'const box = arguments[0].getBoundingClientRect(); return [box.left + 8, box.top + 20]',
        [barOf($browser, $name)],
    );
}

/** @return array{float, float} where a minute of the day is on the line of the nth hands, from 0 */
function pointOf(Browser $browser, int $row, int $minute): array
{
    return $browser->driver->executeScript(
        'const [row, minute] = arguments; const figure = document.querySelector("[data-hands]"); '
            . 'const box = figure.querySelector("[data-extent]").getBoundingClientRect(); '
            . 'const y = Number(figure.querySelectorAll("[data-row]")[row].dataset.y); '
            . 'const {opens, closes} = figure.dataset; return [box.left + box.width * (minute - opens) / '
            . '(closes - opens), box.top + y + 20];',
        [$row, $minute],
    );
}

function saysOf(Browser $browser, string $sentence): void
{
    $browser->await(fn (): bool => str_contains($browser->text('.placing'), $sentence), $sentence);
}

it('moves a client with the mouse, and says what it does before anything is let go', function (): void {
    $browser = Browser::open(820, 1180);
    try {
        $day = (new DateTimeImmutable('+19 days'))->format('Y-m-d');
        $browser->signIn();
        bookOn($browser, $day, 'Aurel');
        $browser->visit("/today?date={$day}");
        $bar = barOf($browser, 'Aurel');
        $before = (string) $browser->find('.hands-head')->getAttribute('aria-label');
        [$x, $y] = pointOf($browser, 1, 15 * 60);
        $from = $browser->driver->executeScript(
            'const box = arguments[0].getBoundingClientRect(); return [box.left + box.width / 2, box.top + '
                . 'box.height / 2]',
            [$bar],
        );
        (new WebDriverActions($browser->driver))->moveToElement($bar)->clickAndHold()
            ->moveByOffset(12, 0)->moveByOffset((int) ($x - $from[0] - 12), (int) ($y - $from[1]))->perform();
        saysOf($browser, 'done about');
        (new WebDriverActions($browser->driver))->moveByOffset(1, 0)->perform();
        saysOf($browser, 'Everyone else keeps their time.');
        saysOf($browser, 'Agreed until now');
        // Nothing is taken yet, and the picture shows where there is room.
        expect($browser->text('.placing'))->toMatch('/1[45]:\d\d with/')
            ->and($browser->all('.hands-lit'))->not->toBe([])->and($browser->all('.hands-ghost'))->toHaveCount(1)
            ->and($browser->find('[data-place]')->isEnabled())->toBeTrue();
        (new WebDriverActions($browser->driver))->release()->perform();
        expect($browser->path())->toBe('/today');
        $browser->press('Move here');
        expect($browser->text('main'))->toMatch('/Aurel .* is with .* at 1[45]:\d\d\./')
            ->and((string) $browser->find('.hands-head')->getAttribute('aria-label'))->not->toBe($before)
            ->and($browser->complaints())->toBe([]);

        // A click that moves nothing opens the booking as it always did.
        barOf($browser, 'Aurel')->click();
        $browser->await(fn (): bool => str_starts_with($browser->path(), '/bookings/'), 'the booking');
    } finally {
        $browser->close();
    }
});

it('moves a client with a finger that was held, and scrolls with one that was not', function (): void {
    $browser = Browser::open(820, 1180);
    try {
        $day = (new DateTimeImmutable('+21 days'))->format('Y-m-d');
        $browser->touchScreen()->signIn();
        bookOn($browser, $day, 'Rui');
        $browser->visit("/today?date={$day}");
        $tools = new ChromeDevToolsDriver($browser->driver);
        $touch = static function (string $type, float $x = 0, float $y = 0) use ($tools): void {
            $points = $type === 'touchEnd' ? [] : [['x' => $x, 'y' => $y]];
            $tools->execute('Input.dispatchTouchEvent', ['type' => $type, 'touchPoints' => $points]);
        };
        $at = edgeOf($browser, 'Rui');
        // A finger that goes on at once scrolls the page.
        $touch('touchStart', ...$at);
        $touch('touchMove', $at[0], $at[1] - 40);
        $touch('touchEnd');
        expect($browser->find('.placing')->isDisplayed())->toBeFalse();

        $browser->driver->executeScript('scrollTo(0, 0)');
        $at = edgeOf($browser, 'Rui');
        $touch('touchStart', ...$at);
        saysOf($browser, 'done about');
        [$x, $y] = pointOf($browser, 2, 14 * 60);
        foreach ([0.3, 0.7, 1.0] as $share) {
            $touch('touchMove', $at[0] + $share * ($x - $at[0]), $at[1] + $share * ($y - $at[1]));
        }
        saysOf($browser, 'with Wren, done about');
        saysOf($browser, 'Everyone else keeps their time.');
        $touch('touchEnd');
        expect($browser->driver->executeScript('return scrollY'))->toBe(0)->and($browser->path())->toBe('/today');
        $browser->press('Move here');
        expect($browser->text('main'))->toContain('is with Wren')->and($browser->complaints())->toBe([]);
    } finally {
        $browser->close();
    }
});

it('moves a client with keys alone, leaves it at will, and books one who is not booked, on a phone as well', function (): void {
    $browser = Browser::open(390, 844);
    try {
        $day = (new DateTimeImmutable('+23 days'))->format('Y-m-d');
        $browser->signIn();
        bookOn($browser, $day, 'Tamar');
        $browser->visit("/today?date={$day}");
        $focus = fn () => $browser->driver->executeScript('document.querySelector(".hands-head").focus()');
        $focus();
        $browser->keys('ARROW_RIGHT');
        saysOf($browser, 'That is the time it is booked for.');
        $browser->keys('ARROW_RIGHT');
        saysOf($browser, 'Agreed until now');
        $first = $browser->text('[data-where]');
        $browser->keys('ARROW_DOWN');
        $browser->await(fn (): bool => $browser->text('[data-where]') !== $first, 'other hands');
        $browser->keys('ESCAPE');
        expect($browser->find('.placing')->isDisplayed())->toBeFalse()
            ->and($browser->driver->executeScript('return document.activeElement.getAttribute("aria-label")'))
            ->toStartWith('Tamar')
            ->and($browser->all('.hands-lit'))->toBe([]);
        $browser->keys('ARROW_LEFT');
        saysOf($browser, 'That is the time it is booked for.');
        $browser->driver->executeScript((string) file_get_contents(__DIR__ . '/assets/axe.min.js'));
        expect($browser->driver->executeAsyncScript('const done = arguments[0]; axe.run(document, {runOnly: '
            . '["wcag2a", "wcag2aa", "wcag21a", "wcag21aa"]}).then((result) => done(result.violations.map((v) => '
            . 'v.id + ": " + v.nodes.slice(0, 3).map((n) => n.target.join(" ")).join(" | "))))'))->toBe([]);
        $browser->keys('ARROW_DOWN');
        saysOf($browser, 'Agreed until now');
        $old = $browser->find('html');
        $browser->keys('ENTER')->untilGone($old);
        expect($browser->text('main'))->toMatch('/Tamar .* is with /');

        $key = $browser->clientKey('Noor');
        $browser->visit("/bookings/new?head={$key}&service=4&date={$day}")->press('Choose on the day’s picture');
        saysOf($browser, 'Everyone else keeps their time.');
        $browser->tap('[data-step="1"]');
        // The sentences about a place go with it, and come anew for the next one.
        saysOf($browser, 'Everyone else keeps their time.');
        $browser->press('Book here');
        expect($browser->text('main'))->toContain('is booked')->and($browser->all('.hands-head'))->toHaveCount(2)
            ->and($browser->complaints())->toBe([]);
    } finally {
        $browser->close();
    }
});
