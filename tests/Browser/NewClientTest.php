<?php

declare(strict_types=1);

/* A new client in nine questions on a tablet: few taps, few words to type, anything not known can wait. */

use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\Browser;

it('takes a new client in at most 25 taps and 9 typed fields, one question a card', function (): void {
    $browser = Browser::open(820, 1180);
    try {
        $browser->signIn()->touchScreen();
        $taps = 0;
        $touch = function (string $css) use ($browser, &$taps): void {
            $browser->touch($css);
            $taps++;
        };
        $question = fn (): string => $browser->text('.question.is-current legend');
        $typed = 0;
        $type = function (string $name, string $value) use ($browser, &$typed): void {
            $browser->type($name, $value);
            $typed++;
        };
        $touch('.page-head .is-strong');
        expect($browser->path())->toBe('/clients/new')->and($question())->toContain('called')
            ->and($browser->text('[data-questions-left]'))->toBe('1 of 9');
        $type('name', 'Ysolde Marsh-Okafor');
        $touch('[data-question-next]');
        $type('phone', '+351 555 0199');
        $touch('[data-question-next]');
        $touch('#f-consent');
        $touch('[data-question-next]');
        // The curl is held against rings; a bank card makes them life-size.
        $browser->driver->executeScript('const width = document.querySelector("[data-gauge-width]"); '
            . 'width.closest("details").open = true; width.value = "428"; '
            . 'width.dispatchEvent(new Event("input", {bubbles: true}))');
        expect($browser->driver->executeScript(
            'return document.querySelector(".gauge-ring:nth-child(5) span").style.width',
        ))->toBe('65px');
        $touch('.gauge-ring:nth-child(5)');
        expect($browser->value('ring_mm'))->toBe('13');
        $touch('[data-question-next]');
        $touch('[name="strand"][value="fine"]');
        $touch('[data-question-next]');
        $touch('[name="density"][value="high"]');
        $touch('[data-question-next]');
        $touch('[data-porosity="low"]');
        $touch('[data-question-next]');
        $type('length_cm', '34');
        $touch('[data-question-next]');
        $touch('[data-days-of="5"]');
        $old = $browser->find('html');
        $touch('.save .is-strong');
        $browser->untilGone($old);
        expect($browser->text('h1'))->toBe('Ysolde Marsh-Okafor')->and($taps)->toBeLessThanOrEqual(25)
            ->and($typed)->toBeLessThanOrEqual(9);
        // Every answer is kept.
        $head = $browser->path();
        expect($browser->text('.now-head'))->toContain('13 mm')->toContain('fine')->toContain('dense')
            ->toContain('34 cm')->toContain('low porosity');
        $browser->visit("{$head}/edit");
        expect($browser->value('wash_every_days'))->toBe('5')->and($browser->value('phone'))->toContain('555');
        expect($browser->complaints())->toBe([]);
    } finally {
        $browser->close();
    }
});

it('goes by keyboard, keeps what was typed where something is missing, and shows all at once', function (): void {
    $browser = Browser::open(390, 844);
    try {
        $browser->signIn()->visit('/clients/new');
        $browser->type('name', 'Oona Vance-Idris');
        $browser->driver->getKeyboard()->sendKeys(WebDriverKeys::ENTER);
        expect($browser->text('[data-questions-left]'))->toBe('2 of 9')->and($browser->path())->toBe('/clients/new');
        $browser->tap('[data-question-back]');
        expect($browser->value('name'))->toBe('Oona Vance-Idris');
        // Saved from the first card on: what is missing is said, on a page that shows everything.
        $browser->tap('.save .is-strong');
        expect($browser->path())->toBe('/clients/new')->and($browser->text('.help.is-danger'))->not->toBe('')
            ->and($browser->value('name'))->toBe('Oona Vance-Idris')
            ->and($browser->all('.is-cards'))->toHaveCount(0)
            ->and($browser->find('[name="hardness_mg_per_l"]')->isDisplayed())->toBeTrue();
        $browser->driver->executeScript((string) file_get_contents(__DIR__ . '/assets/axe.min.js'));
        $violations = 'const done = arguments[0]; axe.run(document, {runOnly: ["wcag2a", "wcag2aa"]})'
            . '.then((result) => done(result.violations.map((one) => one.id)))';
        expect($browser->driver->executeAsyncScript($violations))->toBe([]);
        $browser->visit('/clients/new')->driver->executeScript(
            (string) file_get_contents(__DIR__ . '/assets/axe.min.js'),
        );
        expect($browser->driver->executeAsyncScript($violations))->toBe([])
            ->and($browser->driver->executeScript('return document.documentElement.scrollWidth <= innerWidth + 1'))
            ->toBeTrue();
    } finally {
        $browser->close();
    }
});
