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
use Nagomi\Core\Products\ZoneNeeds;

/** @param array<string, array{Porosity, StrandDiameter}> $zones what is not said is medium */
function zonedHead(array $zones, bool $roots = false): Head
{
    $parts = [];
    foreach (Zone::cases() as $zone) {
        [$porosity, $strand] = $zones[$zone->value] ?? [Porosity::Medium, StrandDiameter::Medium];
        $parts[] = new ZonePart($zone, Part::Length, $porosity, $strand);
        if ($roots) {
            $parts[] = new ZonePart($zone, Part::Root, Porosity::Low, $strand);
        }
    }

    return new Head($parts);
}

it('is one where all of a head is alike', function (): void {
    foreach (ZoneNeeds::of(zonedHead([])) as $zone) {
        expect($zone['need'])->toEqualWithDelta(1.0, 1e-6);
    }
});

it('is more where hair is coarse or of low porosity, less where it is fine', function (): void {
    $needs = ZoneNeeds::of(zonedHead([
        'crown' => [Porosity::Low, StrandDiameter::Coarse], 'nape' => [Porosity::Medium, StrandDiameter::Fine],
    ]));
    expect($needs['crown']['need'])->toBeGreaterThan($needs['front']['need'])
        ->and($needs['nape']['need'])->toBeLessThan($needs['front']['need'])
        ->and($needs['crown']['porosity'])->toBe('low');
});

it('gives the head in all what its dose gives it', function (): void {
    mt_srand(5);
    for ($draw = 0; $draw < 40; $draw++) {
        $zones = [];
        foreach (Zone::cases() as $zone) {
            $zones[$zone->value] = [
                Porosity::cases()[mt_rand(0, 2)],
                StrandDiameter::cases()[mt_rand(0, count(StrandDiameter::cases()) - 1)],
            ];
        }
        $head = zonedHead($zones, $draw % 2 === 0);
        $sum = 0.0;
        foreach (ZoneNeeds::of($head) as $zone => $of) {
            $sum += Zone::from($zone)->shareOfHair() * $of['need'];
        }
        // The shares of the eight zones are 1 together: what some take more, others take less.
        expect($sum)->toEqualWithDelta(1.0, 1e-3)
            ->and(Dose::aSection(ProductKind::Mask, $head)->headMl())->toBeGreaterThan(0.0);
    }
});
