<?php

declare(strict_types=1);

use Nagomi\Core\Head\Head;
use Nagomi\Core\Head\Part;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Head\StrandDiameter;
use Nagomi\Core\Head\Zone;
use Nagomi\Core\Head\ZonePart;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Products\Dose;
use Nagomi\Core\Products\Mix;
use Nagomi\Core\Products\MixPart;
use Nagomi\Core\Products\ProductKind;
use Nagomi\Core\Products\Stock;
use Nagomi\Core\Tests\Support\Make;

function hair(
    float $lengthMm,
    Porosity $porosity = Porosity::Medium,
    StrandDiameter $strand = StrandDiameter::Medium,
    int $sections = 4,
): Head {
    return new Head(
        array_map(fn (Zone $zone): ZonePart => new ZonePart($zone, Part::Length, $porosity, $strand), Zone::cases()),
        lengthMm: $lengthMm,
        sections: $sections,
    );
}

it('doses as the trade does, and more for hair that takes more', function (): void {
    // Common practice, no source: conditioner 8 to 12 mL a section, shampoo 1 to 2.
    $dose = Dose::aSection(ProductKind::Conditioner, hair(300));
    expect($dose->leastMl)
        ->toEqualWithDelta(8.0, 1e-9)
        ->and($dose->mostMl)
        ->toEqualWithDelta(12.0, 1e-9)
        ->and($dose->headMl())
        ->toEqualWithDelta(40.0, 1e-9)
        ->and($dose->pumps(2.5))
        ->toBe(4.0);
    expect(Dose::aSection(ProductKind::Shampoo, hair(300))->mostMl)->toEqualWithDelta(2.0, 1e-9);
    foreach ([hair(450), hair(300, Porosity::Low), hair(300, strand: StrandDiameter::Coarse)] as $more) {
        expect(Dose::aSection(ProductKind::Conditioner, $more)->mostMl)->toBeGreaterThan(12.0);
    }
    expect(Dose::aSection(ProductKind::Conditioner, hair(300), 'high')->mostMl)
        ->toBeGreaterThan(12.0)
        ->and(Dose::aSection(ProductKind::Conditioner, hair(40))->leastMl)
        ->toEqualWithDelta(4.8, 1e-9);
    // A head of pre-wash oil: 1 to 2 mL are plenty (common practice, no source).
    expect(Dose::aSection(ProductKind::PreWash, hair(300))->headMl())->toBeGreaterThan(1.0)->toBeLessThan(2.0);
});

it('knows until when a product is good and how long it lasts', function (): void {
    $opened = new Stock(180.0, Make::day('2026-08-31'), 6);
    expect($opened->goodUntil()->format('Y-m-d'))
        ->toBe('2027-02-28')
        ->and($opened->daysLeft(6.0))
        ->toBe(30)
        ->and($opened->daysLeft(0.0))
        ->toBeNull();
    expect((new Stock(
        50.0,
        madeOn: Make::day('2026-11-20'),
        keepsDays: 5,
        openedOn: Make::day('2026-11-20'),
        monthsOpen: 12,
    ))->goodUntil()->format('Y-m-d'))->toBe('2026-11-25')
        ->and((new Stock(50.0))->goodUntil())->toBeNull();
});

it('scales a mix, in drops where it is little', function (): void {
    // Worked by hand: 0.5 % of 60 mL is 0.3 mL, at 20 drops a millilitre 6 drops (common practice, no source).
    $scaled = (new Mix(
        [new MixPart('Lavender Oil', 0.5, true), new MixPart('Castor Oil', 25)],
        'Jojoba Oil',
        60,
        Parameters::shipped()->products,
    ))->scaled();
    expect($scaled[0])->toBe(['name' => 'Lavender Oil', 'percent' => 0.5, 'ml' => 0.3, 'drops' => 6])
        ->and($scaled[1]['ml'])
            ->toBe(15.0)
            ->and($scaled[1]['drops'])
            ->toBeNull()
            ->and($scaled[2])
            ->toBe(['name' => 'Jojoba Oil', 'percent' => 74.5, 'ml' => 44.7, 'drops' => null]);
});

it('refuses a mix beyond its caps, in words', function (
    array $parts,
    float $ml,
    bool $careful,
    string $sentence,
): void {
    expect(
        fn (): Mix => new Mix($parts, 'Water', $ml, Parameters::shipped()->products, $careful),
    )->toThrow(DomainException::class, $sentence);
})->with([
    'too much essential oil' => [[new MixPart('Tea Tree Oil', 2.0, true)], 100.0, false, 'come to 2.00 %'],
    'two together' => [
        [new MixPart('Tea Tree Oil', 0.6, true), new MixPart('Lavender Oil', 0.6, true)],
        100.0,
        false,
        'come to 1.20 %',
    ],
    'for a child' => [[new MixPart('Lavender Oil', 0.5, true)], 100.0, true, 'for a child'],
    'more than all' => [[new MixPart('Aloe', 80), new MixPart('Honey', 30)], 100.0, false, 'come to 110.0 %'],
    'minus' => [[new MixPart('Aloe', -2)], 100.0, false, 'more than 0'],
    'no batch' => [[new MixPart('Aloe', 20)], 0.0, false, 'how much to make'],
]);
