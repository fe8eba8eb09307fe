<?php

declare(strict_types=1);

use Nagomi\Core\Head\Head;
use Nagomi\Core\Head\Part;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Head\StrandDiameter;
use Nagomi\Core\Head\Zone;
use Nagomi\Core\Head\ZonePart;
use Nagomi\Core\Products\Dose;
use Nagomi\Core\Products\ProductKind;
use Nagomi\Core\Products\Stock;
use Nagomi\Core\Products\UsePace;
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
        ->toEqualWithDelta(40.0, 1e-9);
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

it('tells a pace from the gaps between uses, not from their ends', function (): void {
    // 30 mL every 30 days, the last today: 1 mL a day, and 118 mL last 118 days; by the ends it was 1.5.
    expect(UsePace::mlADay([-60 => 30.0, -30 => 30.0, 0 => 30.0], 0))->toBe(1.0)
        // Two uses of one day are one day.
        ->and(UsePace::mlADay([-20 => 10.0, -10 => 20.0], 0))->toBe(2.0)
        // Nothing for longer than ever before: the open gap counts.
        ->and(UsePace::mlADay([-50 => 10.0, -40 => 20.0], 0))->toBe(20.0 / 50)
        ->and(UsePace::mlADay([-1 => 10.0, 0 => 14.0], 0))->toBe(2.0)
        ->and(UsePace::mlADay([-9 => 10.0], 0))->toBeNull()
        ->and(UsePace::mlADay([], 0))->toBeNull()
        ->and(UsePace::mlADay([-9 => 0.0, -3 => 5.0], 0))->toBeNull();
});
