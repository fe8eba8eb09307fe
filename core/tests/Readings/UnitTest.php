<?php

declare(strict_types=1);

use Nagomi\Core\Readings\RawMeasure;
use Nagomi\Core\Readings\TestCatalogue;
use Nagomi\Core\Readings\Unit;
use Nagomi\Core\Tests\Support\English;
use Nagomi\Core\Wording\Message;

it('gives each measure back as it was, through every unit it can be typed in', function (Unit $unit): void {
    foreach ([-40.0, 0.0, 0.013, 7.0, 451.0] as $value) {
        expect($unit->toBook($unit->fromBook($value)))->toEqualWithDelta($value, 1e-9);
    }
    expect($unit->alternatives()[0])->toBe($unit->ofTheBook())->and($unit->alternatives())->toContain($unit);
})->with(array_combine(array_map(fn (Unit $unit): string => $unit->value, Unit::cases()), Unit::cases()));

it('agrees with temperature’s fixed points: −40 is the same in both, water freezes at 32 °F and boils at 212 °F', function (): void {
    expect(Unit::Fahrenheit->toBook(-40))
        ->toEqualWithDelta(-40.0, 1e-12)
        ->and(Unit::Fahrenheit->toBook(32))
        ->toEqualWithDelta(0.0, 1e-12)
        ->and(Unit::Fahrenheit->fromBook(100))
        ->toEqualWithDelta(212.0, 1e-12);
});

it('takes one grain per US gallon for the handbook’s 17.1 mg/L', function (): void {
    expect(Unit::GrainPerGallon->toBook(1))->toEqualWithDelta(17.1, 0.05);
});

it('asks in the unit that is typed, and what it asks for is possible', function (): void {
    $length = new RawMeasure('length_mm', Message::asItIs('Stretched length'), 'mm', 10, 2000, likely: [50, 900]);
    $inches = $length->in(Unit::Inch);
    expect(English::say($inches->problem(0.3)))->toBe('Stretched length: type 0.4 to 78.74 in.')
        ->and(English::say($inches->question(70.0)))->toContain('70 in is possible, yet far from the usual 1.97 to 35.43');
    // What the sentence asks for is within the limits of the book.
    foreach ([$inches->least, $inches->most] as $edge) {
        expect($length->problem(Unit::Inch->toBook($edge)))->toBeNull();
    }
    expect($length->in(Unit::Millimetre))->toBe($length)
        ->and((new RawMeasure('points', Message::asItIs('Dryness'), 'of 10', 0, 10))->convertible())->toBeNull();
});

it('knows every unit that a test of the Bench asks for in millimetres, grams, degrees or milligrams a litre', function (): void {
    $found = [];
    foreach (TestCatalogue::tests() as $test) {
        foreach ($test->rawMeasures() as $measure) {
            if ($measure->convertible() !== null) {
                $found[$measure->convertible()->value] = true;
            } else {
                expect($measure->unit)->not->toBeIn(['cm', 'in', 'kg', 'mg/L', '°F', 'oz']);
            }
        }
    }
    expect(array_keys($found))->toEqualCanonicalizing(['mm', 'g', '°C', 'mg/L CaCO₃']);
});

it('hands a page the same factors it reckons with, and both sides pass one fixture', function (): void {
    $fixture = json_decode(
        (string) file_get_contents(__DIR__ . '/../../../tests/fixtures/units.json'),
        true,
        flags: JSON_THROW_ON_ERROR,
    );
    expect(Unit::factors())->toEqualWithDelta($fixture['factors'], 1e-12);
    foreach ($fixture['cases'] as ['unit' => $unit, 'typed' => $typed, 'book' => $book]) {
        expect(Unit::from($unit)->toBook($typed))->toEqualWithDelta($book, 1e-9)
            ->and(Unit::from($unit)->fromBook($book))->toEqualWithDelta($typed, 1e-9);
    }
});
