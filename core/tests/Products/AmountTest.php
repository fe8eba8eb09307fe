<?php

declare(strict_types=1);

/* Amounts a hand can measure: what is said comes within 15 % of the dose, and nobody presses half a press alone. */

use Nagomi\Core\Head\Head;
use Nagomi\Core\Head\Part;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Head\StrandDiameter;
use Nagomi\Core\Head\Zone;
use Nagomi\Core\Head\ZonePart;
use Nagomi\Core\Products\Dose;
use Nagomi\Core\Products\KitchenMeasure;
use Nagomi\Core\Products\Presses;
use Nagomi\Core\Products\ProductKind;

function sectioned(int $sections, float $lengthMm = 300): Head
{
    return new Head(array_map(
        fn (Zone $zone): ZonePart => new ZonePart($zone, Part::Length, Porosity::Medium, StrandDiameter::Medium),
        Zone::cases(),
    ), lengthMm: $lengthMm, sections: $sections);
}

it('presses so many a section, or one for several, or so many in all', function (
    ProductKind $kind,
    int $sections,
    float $pumpMl,
    ?array $expected,
): void {
    $presses = Presses::of(Dose::aSection($kind, sectioned($sections)), $pumpMl);
    expect($presses === null ? null : [$presses->aSection, $presses->sectionsAPress, $presses->inAll])->toBe($expected);
})->with([
    // Conditioner 10 mL a section, shampoo 1.5, sealing oil about 1 (common practice, no source).
    'four each' => [ProductKind::Conditioner, 4, 2.5, [4.0, null, 16.0]],
    'one and a half' => [ProductKind::Conditioner, 4, 6.5, [1.5, null, 6.0]],
    'one for every two' => [ProductKind::Shampoo, 4, 3.0, [null, 2, 2.0]],
    'so many in all' => [ProductKind::Shampoo, 5, 2.5, [null, null, 3.0]],
    'one press is the oil of a head' => [ProductKind::Oil, 4, 4.0, [null, 4, 1.0]],
    'a pump far too large' => [ProductKind::Shampoo, 2, 8.0, null],
    'no pump' => [ProductKind::Shampoo, 4, 0.0, null],
]);

it('comes within 15 % of every dose there is, and never to half a press', function (): void {
    $said = 0;
    foreach (ProductKind::cases() as $kind) {
        foreach (range(1, 12) as $sections) {
            foreach ([0.3, 0.7, 1.0, 1.5, 2.0, 3.3, 5.0] as $pumpMl) {
                $dose = Dose::aSection($kind, sectioned($sections, 100.0 + 70.0 * $sections));
                $presses = Presses::of($dose, $pumpMl);
                if ($presses === null) {
                    continue;
                }
                $said++;
                expect(abs($presses->inAll * $pumpMl / $dose->headMl() - 1))->toBeLessThanOrEqual(0.15 + 1e-9)
                    ->and($presses->aSection ?? 1.0)->toBeGreaterThanOrEqual(1.0)
                    ->and($presses->inAll)->toBeGreaterThanOrEqual(1.0);
            }
        }
    }
    expect($said)->toBeGreaterThan(800);
});

it('measures with drops and spoons, in halves, and says so where it lies between two', function (
    float $ml,
    string $unit,
    float $least,
    float $most,
): void {
    $measure = KitchenMeasure::of($ml, 20.0);
    expect([$measure->unit, $measure->least, $measure->most])->toBe([$unit, $least, $most]);
})->with([
    'drops' => [1.5, 'drops', 30.0, 30.0],
    'five at least' => [0.05, 'drops', 5.0, 5.0],
    'half a spoon' => [2.5, 'teaspoon', 0.5, 0.5],
    'between half and one' => [3.4, 'teaspoon', 0.5, 1.0],
    'one' => [5.2, 'teaspoon', 1.0, 1.0],
    'one and a half' => [8.0, 'teaspoon', 1.5, 1.5],
    'a tablespoon, nearly' => [13.1, 'tablespoon', 1.0, 1.0],
    'not nearly' => [13.0, 'teaspoon', 2.5, 2.5],
    'one by one' => [0.35, 'drops', 7.0, 7.0],
    'between one and one and a half' => [18.4, 'tablespoon', 1.0, 1.5],
    'three' => [46.0, 'tablespoon', 3.0, 3.0],
]);

it('says no more than 15 % beside any amount, wherever it says one number', function (): void {
    for ($ml = 0.3; $ml < 120.0; $ml += 0.01) {
        $measure = KitchenMeasure::of($ml, 20.0);
        expect(abs($measure->ml / $ml - 1))->toBeLessThanOrEqual(0.1501, "{$ml} mL")
            ->and($measure->least)->toBeGreaterThan(0.0, "{$ml} mL");
        $spoon = ['drops' => 0.05, 'teaspoon' => 5.0, 'tablespoon' => 15.0][$measure->unit];
        expect($measure->least * $spoon)->toBeLessThanOrEqual(1.16 * $ml)
            ->and($measure->most * $spoon)->toBeGreaterThanOrEqual(0.84 * $ml);
    }
});

it('seals with about a millilitre a section', function (): void {
    // Handbook of the trade, common practice, no source.
    expect(Dose::aSection(ProductKind::Oil, sectioned(4))->headMl() / 4)->toEqualWithDelta(1.0, 1e-9);
});
