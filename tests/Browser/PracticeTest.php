<?php

declare(strict_types=1);

use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\Browser;

/*
 * A practice client played through: once by touch on a tablet, once by keys alone; and what who trains others sees of it.
 */

/** Waits until a page says something. */
function says(Browser $browser, string $words, float $seconds = 60.0): void
{
    // A page that is being left has no element to hold on to.
    $main = fn (): string => (string) $browser->driver->executeScript(
        'return document.querySelector("main")?.innerText',
    );
    $until = microtime(true) + $seconds;
    while (! str_contains($main(), $words) && microtime(true) < $until) {
        usleep(100_000);
    }
    expect($main())->toContain($words);
}

/** Moves the focus on by the Tab key until it is on something. */
function tabTo(Browser $browser, string $css, int $most = 90): void
{
    for ($i = 0; $i < $most; $i++) {
        if ($browser->driver->executeScript('return document.activeElement.matches(arguments[0])', [$css])) {
            return;
        }
        $browser->driver->getKeyboard()->sendKeys(WebDriverKeys::TAB);
    }
    throw new RuntimeException("Tab never came to {$css}.");
}

it('is played through by touch on a tablet', function (): void {
    $browser = Browser::open(820, 1180);
    try {
        $browser->signIn()->touchScreen()->visit('/practice')
            ->touch('form:has([value="dry-though-masked"]) button');
        expect($browser->text('main'))->toContain('Dry though masked weekly')->toContain('Visit 1 of 8');
        for ($visit = 1; $visit <= 8; $visit++) {
            $browser->touch('input[name="take[]"][value="dryness"]')
                ->touch('input[name="take[]"][value="build-up-signs"]');
            $browser->touch('[formaction]');
            says($browser, 'of 10 dryness');
            // Dragged to the right: this is thought likelier than all others.
            $browser->touch('[name="sure[dry]"]');
            if ($visit % 2 === 1) {
                $browser->choose('cleanse', 'clarifying')->type('mask_minutes', '20');
                expect($browser->text('[data-takes]'))
                    ->toMatch('/This wash takes \d+ of 180 min and costs €4\.00 of €/');
            }
            $browser->touch('.practice-decide');
            says($browser, $visit < 8 ? 'Visit ' . ($visit + 1) . ' of 8' : 'That was the last visit.');
        }
        says($browser, 'The decisions that mattered most');
        expect($browser->text('.practice-players'))->toContain('You')->toContain('The planner')
            ->toContain('A fixed calendar')
            ->and($browser->all('.is-truth'))->toHaveCount(2)
            ->and($browser->all('.practice-mattered > li'))->toHaveCount(3)
            ->and($browser->all('.said-point'))->not->toBe([]);
        $browser->touch('.balance-step [data-step="1"]');
        expect($browser->text('[data-readout]'))->toContain('From the tests:')->toContain('Really:');
        expect($browser->complaints())->toBe([]);
    } finally {
        $browser->close();
    }
});

it('is played through by keys alone', function (): void {
    $browser = Browser::open();
    try {
        $browser->signIn()->visit('/practice');
        $keys = $browser->driver->getKeyboard();
        tabTo($browser, '[name="seed"]', 60);
        $keys->sendKeys('31');
        $keys->sendKeys(WebDriverKeys::ENTER);
        says($browser, 'Practice client 31');
        for ($visit = 1; $visit <= 8; $visit++) {
            tabTo($browser, 'input[name="take[]"][value="dryness"]');
            $keys->sendKeys(WebDriverKeys::SPACE);
            tabTo($browser, '[formaction]');
            $keys->sendKeys(WebDriverKeys::ENTER);
            says($browser, 'of 10 dryness');
            tabTo($browser, '[name="sure[dry]"]');
            $before = (int) $browser->find('[name="sure[dry]"]')->getAttribute('value');
            $keys->sendKeys(WebDriverKeys::ARROW_RIGHT);
            expect((int) $browser->find('[name="sure[dry]"]')->getAttribute('value'))->toBe(min(20, $before + 1));
            tabTo($browser, '.practice-decide');
            $keys->sendKeys(WebDriverKeys::ENTER);
            says($browser, $visit < 8 ? 'Visit ' . ($visit + 1) . ' of 8' : 'That was the last visit.');
        }
        says($browser, 'How it really was');
        expect($browser->complaints())->toBe([]);
    } finally {
        $browser->close();
    }
});

it('tells who trains others how each gets on', function (): void {
    $browser = Browser::open(820, 1180);
    try {
        $browser->signIn()->visit('/practice')->press('Practice of the team');
        // The demo's apprentice loses fewer days beyond the planner with each client, and knows better how sure to be.
        [$apartFirst, $apartLast, $brierFirst, $brierLast] = array_map(
            static fn (RemoteWebElement $figure): float => (float) $figure->getText(),
            $browser->driver->findElements(WebDriverBy::xpath(
                '//section[h2[contains(., "Quim")]]//*[contains(@class, "practice-series")]/strong',
            )),
        );
        expect($browser->text('main'))->toContain('Quim Adeyemi-Solberg')->toContain('3 clients played to the end.')
            ->toContain('Quim Adeyemi-Solberg and Wren Takala-Osei')
            ->and($apartLast)->toBeLessThan($apartFirst)
            ->and($brierLast)->toBeLessThan($brierFirst)->toBeGreaterThan(0.0)
            ->and($browser->complaints())->toBe([]);
    } finally {
        $browser->close();
    }
});
