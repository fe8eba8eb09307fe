<?php

declare(strict_types=1);

/* One key finds anything; letters alone can be turned off; a first visit is shown round once. */

use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\Browser;

it('finds a client, a product and a screen by one key, and is read by whoever cannot see it', function (): void {
    $browser = Browser::open();
    try {
        $browser->signIn()->keys('k');
        $browser->await(fn (): bool => count($browser->all('.found li')) > 10);
        $browser->driver->executeScript((string) file_get_contents(__DIR__ . '/assets/axe.min.js'));
        expect($browser->driver->executeAsyncScript('const done = arguments[0]; axe.run(document, {runOnly: ["wcag2a", "wcag2aa"]})'
            . '.then((result) => done(result.violations.map((v) => v.id)))'))->toBe([]);
        $browser->find('.finder input')->sendKeys('solv');
        $browser->await(fn (): bool => str_starts_with($browser->text('.found [aria-selected="true"]'), 'Solvei'));
        $browser->find('.finder input')->sendKeys(WebDriverKeys::ENTER);
        $browser->await(fn (): bool => preg_match('#^/clients/[0-9a-z]{26}$#', $browser->path()) === 1);
        // A client's own pages are found from there, once the page listens; Ctrl K does the same as k.
        $browser->await(fn (): bool => $browser->driver->executeScript('return document.readyState') === 'complete');
        $browser->keys('k');
        $browser->await(fn (): bool => $browser->all('.finder[open]') !== []);
        $browser->find('.finder input')->sendKeys('trend');
        $browser->await(fn (): bool => str_starts_with($browser->text('.found [aria-selected="true"]'), 'Trends'));
        $browser->find('.finder input')->sendKeys(WebDriverKeys::ENTER);
        $browser->await(fn (): bool => str_ends_with($browser->path(), '/trends'));
        expect($browser->complaints())->toBe([]);
    } finally {
        $browser->close();
    }
});

it('turns letters off that press something by themselves, and leaves the rest', function (): void {
    $browser = Browser::open();
    try {
        $browser->signIn()->keys('?')->tap('[data-single-keys]');
        $browser->driver->executeScript('document.querySelector("#keys").close(); document.activeElement.blur()');
        $browser->keys('t')->keys('k')->keys('?');
        $browser->driver->executeAsyncScript('const done = arguments[0]; setTimeout(done, 400)');
        expect($browser->path())->toBe('/clients')->and($browser->all('dialog[open]'))->toBe([]);
        $browser->driver->executeScript(
            'document.dispatchEvent(new KeyboardEvent("keydown", {key: "k", ctrlKey: true, bubbles: true}))',
        );
        $browser->await(fn (): bool => $browser->all('.finder[open]') !== []);
        $browser->visit('/today');
        expect($browser->driver->executeScript('return document.querySelector("[data-single-keys]").checked'))->toBeFalse();
    } finally {
        $browser->driver->executeScript('localStorage.removeItem("nagomi-single-keys")');
        $browser->close();
    }
});

it('shows round in five cards at the first visit, and again when asked', function (int $width, int $height): void {
    $browser = Browser::open($width, $height);
    try {
        $browser->signIn(toHeads: false);
        expect($browser->path())->toBe('/today')->and($browser->all('.tour'))->toBe([]);
        $browser->driver->executeScript('localStorage.removeItem("nagomi-tour")');
        $browser->visit('/today');
        $browser->await(fn (): bool => $browser->all('.tour') !== []);
        // It covers no way of going on, and nothing is wider than the screen.
        expect($browser->driver->executeScript(
            'const card = document.querySelector(".tour").getBoundingClientRect(); '
            . 'return card.left >= 0 && card.right <= window.innerWidth && card.bottom <= window.innerHeight',
        ))->toBeTrue();
        for ($i = 1; $i < 5; $i++) {
            $browser->until('.tour .reason', "{$i} of\u{a0}5")->tap('.tour .is-strong');
        }
        $browser->until('.tour .reason', "5 of\u{a0}5")->tap('.tour .is-strong');
        expect($browser->visit('/today')->all('.tour'))->toBe([]);
        $browser->driver->executeScript('document.querySelector("[data-open=keys]").click()');
        $browser->tap('[data-tour]');
        $browser->await(fn (): bool => $browser->all('.tour') !== []);
    } finally {
        $browser->close();
    }
})->with([[1280, 800], [390, 844]]);
