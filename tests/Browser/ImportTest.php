<?php

declare(strict_types=1);

/* A table from elsewhere brought in on a tablet: read by guess, set right by hand, taken in, and undone. */

use Facebook\WebDriver\Remote\LocalFileDetector;
use Tests\Browser\Support\Browser;

/** @return list<string> what axe finds on the page that is open */
function importAxe(Browser $browser): array
{
    $browser->driver->executeScript((string) file_get_contents(__DIR__ . '/assets/axe.min.js'));

    /** @var list<string> */
    return $browser->driver->executeAsyncScript(
        'const done = arguments[0]; axe.run(document, { resultTypes: ["violations"] }).then('
            . '(found) => done(found.violations.map((one) => `${one.id}: ${one.nodes[0].html}`)))',
    );
}

function fitsItsWidth(Browser $browser): bool
{
    return (bool) $browser->driver->executeScript('return document.documentElement.scrollWidth <= window.innerWidth');
}

it('brings bookings of another program in, and takes them out again', function (): void {
    $file = sys_get_temp_dir() . '/' . uniqid('bookings') . '.csv';
    $day = new DateTimeImmutable('-40 days');
    file_put_contents($file, "Kunde;Termin;Leistung;Wer\n"
        . "Runa Halvard;{$day->format('d.m.Y')} 09:30;Curl cut;Ilse\n"
        . "Odile Brandt;{$day->format('d.m.Y')} 11:00;Curl cut;Ilse\n"
        . "Odile Brandt;soon;Curl cut;Ilse\n");
    $browser = Browser::open(820, 1180);
    try {
        $browser->signIn()->visit('/salon/data');
        if (str_contains($browser->path(), 'confirm')) {
            $browser->type('password', 'harbour-demo')->press('Go on');
        }
        $browser->find('[name=file]')->setFileDetector(new LocalFileDetector())->sendKeys($file);
        $browser->press('Look through it');
        expect($browser->text('main'))->toContain('bookings')->toContain('Written with semicolons');
        // Two columns it knows by what they hold; the rest is said by hand, and what the words mean after it.
        $browser->choose('subject', 'bookings')->press('Read it again');
        foreach (['name', 'day', 'service', 'stylist'] as $place => $field) {
            $browser->choose("columns[{$place}]", $field);
        }
        $browser->press('Read it again');
        expect($browser->text('main'))->toContain('Words under Service')->toContain('What is “Curl cut”?')
            ->and(importAxe($browser))->toBe([]);
        $browser->size(390, 844);
        expect(fitsItsWidth($browser))->toBeTrue()->and(importAxe($browser))->toBe([]);
        $browser->size(820, 1180);
        $browser->driver->executeScript('document.querySelector("[name^=\'words[service]\']").selectedIndex = 1');
        $browser->press('Read it again');
        expect($browser->text('#found'))->toContain('2 lines can be imported')->toContain('“soon” is no day');
        $browser->press('Import what can be');
        expect($browser->text('main'))->toContain('2 bookings')->toContain('Runa Halvard')
            ->and(importAxe($browser))->toBe([]);
        $browser->size(390, 844);
        expect(fitsItsWidth($browser))->toBeTrue();
        $browser->press('Undo this import');
        expect($browser->text('.said'))->toContain('Taken out again: 2 clients, 2 bookings.')
            ->and($browser->complaints())->toBe([]);
        $browser->visit('/clients?q=Halvard');
        expect($browser->text('main'))->not->toContain('Runa Halvard');
    } finally {
        $browser->close();
        unlink($file);
    }
});
