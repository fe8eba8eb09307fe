<?php

declare(strict_types=1);


/** @return list<ZonePart> new growth of medium porosity on bleached lengths */

use Nagomi\Core\Estimation\HeadHistory;
use Nagomi\Core\Estimation\KalmanFilter;
use Nagomi\Core\Estimation\LedgerKind;
use Nagomi\Core\Estimation\LedgerLine;
use Nagomi\Core\Estimation\State;
use Nagomi\Core\Estimation\StateLayout;
use Nagomi\Core\Estimation\StrataTransition;
use Nagomi\Core\Head\Part;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Head\StrandDiameter;
use Nagomi\Core\Head\Zone;
use Nagomi\Core\Head\ZonePart;
use Nagomi\Core\Statistics\Cholesky;
use Nagomi\Core\Tests\Support\Make;

function grownOut(): array
{
    $parts = [];
    foreach (Zone::cases() as $zone) {
        $parts[] = new ZonePart($zone, Part::Root, Porosity::Medium, StrandDiameter::Medium);
        $parts[] = new ZonePart($zone, Part::Length, Porosity::High, StrandDiameter::Medium, true);
    }

    return $parts;
}

it('changes nothing where the zones stay as they were', function (): void {
    $head = Make::head(lowZones: [Zone::Crown]);
    $state = KalmanFilter::follow($head, [], Make::fiveReadings('2026-02-23'), Make::day())->last()->state;
    $carried = StrataTransition::carried($state, $head);
    expect($carried->mean)->toEqual($state->mean)->and($carried->covariance)->toEqual($state->covariance);
});

it('carries a stratum over by the hair it shares with the new ones', function (): void {
    $before = Make::head(Porosity::High);
    $after = $before->withZones(grownOut());
    $state = KalmanFilter::follow($before, [], Make::fiveReadings('2026-02-23'), Make::day())->last()->state;
    $carried = StrataTransition::carried($state, $after);
    expect($after->strata)->toHaveCount(2);
    foreach ([0, 1] as $s) {
        expect($carried->value($s, StateLayout::MOISTURE))->toEqualWithDelta(
            $state->value(0, StateLayout::MOISTURE),
            1e-12,
        )
            ->and($carried->sd($s, StateLayout::PROTEIN))->toEqualWithDelta($state->sd(0, StateLayout::PROTEIN), 1e-12);
    }
    // Back again: the mean of both by their share of the hair.
    $mean = $carried->mean;
    $mean[$carried->layout->of(0, StateLayout::MOISTURE)] = 70.0;
    $mean[$carried->layout->of(1, StateLayout::MOISTURE)] = 40.0;
    $back = StrataTransition::carried(
        new State($carried->layout, $mean, $carried->covariance),
        $before,
    );
    expect($back->value(0, StateLayout::MOISTURE))->toEqualWithDelta(
        $after->strata[0]->share * 70 + $after->strata[1]->share * 40,
        1e-9,
    );
});

it('follows a head whose zones were sorted anew, its ledger summing to the state all the way', function (): void {
    $head = Make::head(Porosity::High)->withZones(grownOut());
    $washDays = [Make::washDay('2026-01-05', Make::usualWash()), Make::washDay('2026-02-23', Make::usualWash())];
    $history = new HeadHistory($head, $washDays, [
        ...Make::fiveReadings('2026-01-19'), ...Make::fiveReadings('2026-02-16'),
    ], [new StrataTransition(Make::day('2026-02-02'), Make::head(Porosity::High)->zoneParts)]);
    $trace = KalmanFilter::through($history, Make::day());
    expect($trace->points[0]->state->layout->strata)->toBe(1)->and($trace->last()->state->layout->strata)->toBe(2);
    expect(array_filter(
        $trace->ledger,
        fn (LedgerLine $line): bool => $line->kind === LedgerKind::Remap,
    ))->toHaveCount(1);
    foreach ([0, 1] as $s) {
        foreach (
            [
                StateLayout::MOISTURE, StateLayout::PROTEIN, StateLayout::WASHABLE, StateLayout::STUBBORN,
                StateLayout::WEAR,
            ] as $quantity
        ) {
            $sum = array_sum(array_map(
                fn (LedgerLine $line): int => $line->amounts[$s][$quantity] ?? 0,
                $trace->ledger,
            ));
            expect($sum)->toBe((int) round($trace->last()->state->value($s, $quantity) * LedgerLine::MILLIONTHS));
        }
    }
    // What was learned of the head stays learned.
    expect($trace->last()->state->mean[$trace->last()->state->layout->moistureFading])->not->toBe(0.0);
    expect(new Cholesky($trace->last()->state->covariance))->not->toBeNull();
});

it('gives new growth beside an old length what the zone was', function (): void {
    $before = Make::head(Porosity::High, [Zone::Crown]);
    $parts = [...$before->zoneParts, new ZonePart(Zone::Crown, Part::Root, Porosity::Medium, StrandDiameter::Medium)];
    $after = $before->withZones($parts);
    $state = KalmanFilter::follow(
        $before,
        [],
        [Make::reading('2026-03-02', 'dryness', ['points' => 9], zone: Zone::Crown)],
        Make::day(),
    )->last()->state;
    $carried = StrataTransition::carried($state, $after);
    $root = array_key_first(array_filter(
        $after->strata,
        fn ($stratum): bool => $stratum->porosity === Porosity::Medium,
    ));
    $crown = array_key_first(array_filter(
        $before->strata,
        fn ($stratum): bool => $stratum->porosity === Porosity::Low,
    ));
    expect($carried->value($root, StateLayout::MOISTURE))->toEqualWithDelta(
        $state->value($crown, StateLayout::MOISTURE),
        1e-9,
    );
});

it('weighs a zone that is parted anew as much as one that is parted as before', function (): void {
    $before = Make::head(Porosity::High, [Zone::Crown]);
    // The crown is bleached and has new growth that is as porous: all of the head is one stratum now.
    $parts = [];
    foreach (Zone::cases() as $zone) {
        $parts[] = new ZonePart($zone, Part::Length, Porosity::High, StrandDiameter::Medium);
    }
    $parts[] = new ZonePart(Zone::Crown, Part::Root, Porosity::High, StrandDiameter::Medium);
    $after = $before->withZones($parts);
    expect($before->strata)->toHaveCount(2)->and($after->strata)->toHaveCount(1);
    $state = KalmanFilter::follow($before, [], [], Make::day())->last()->state;
    $mean = $state->mean;
    $share = 0.0;
    foreach ($before->strata as $s => $stratum) {
        $isLow = $stratum->porosity === Porosity::Low;
        $mean[$state->layout->of($s, StateLayout::MOISTURE)] = $isLow ? 80.0 : 40.0;
        $share += $isLow ? $stratum->share : 0.0;
    }
    $carried = StrataTransition::carried(new State($state->layout, $mean, $state->covariance), $after);
    expect($carried->value(0, StateLayout::MOISTURE))->toEqualWithDelta(40 + 40 * $share, 1e-9);
    // Its doubt is that of the sum: both variances by the squares of their shares, and twice what they have in common.
    [$at, $beside] = [$state->layout->of(0, StateLayout::PROTEIN), $state->layout->of(1, StateLayout::PROTEIN)];
    [$one, $other] = [$before->strata[0]->share, $before->strata[1]->share];
    $covariance = $state->covariance;
    expect($carried->sd(0, StateLayout::PROTEIN) ** 2)->toEqualWithDelta(
        $one ** 2 * $covariance[$at][$at] + $other ** 2 * $covariance[$beside][$beside]
            + 2 * $one * $other * $covariance[$at][$beside],
        1e-9,
    );
});

it('takes hair that no stratum knew from all of them by their share', function (): void {
    $part = static fn (Zone $zone, Porosity $porosity): ZonePart => new ZonePart(
        $zone,
        Part::Length,
        $porosity,
        StrandDiameter::Medium,
    );
    $known = [
        $part(Zone::Crown, Porosity::Low), $part(Zone::Front, Porosity::High), $part(Zone::Left, Porosity::High),
    ];
    $before = Make::head()->withZones($known);
    $after = $before->withZones([...$known, $part(Zone::Nape, Porosity::Medium)]);
    $state = KalmanFilter::follow($before, [], [], Make::day())->last()->state;
    $mean = $state->mean;
    foreach ($before->strata as $s => $stratum) {
        $mean[$state->layout->of($s, StateLayout::MOISTURE)] = $stratum->porosity === Porosity::Low ? 80.0 : 40.0;
    }
    $carried = StrataTransition::carried(new State($state->layout, $mean, $state->covariance), $after);
    $moistures = [];
    foreach ($after->strata as $s => $stratum) {
        $moistures[$stratum->porosity->value] = $carried->value($s, StateLayout::MOISTURE);
    }
    $low = array_sum(array_map(
        static fn ($stratum): float => $stratum->porosity === Porosity::Low ? $stratum->share : 0.0,
        $before->strata,
    ));
    expect($moistures)->toEqualWithDelta(['low' => 80.0, 'high' => 40.0, 'medium' => 40 + 40 * $low], 1e-9);
});

it('has on each day the zones it had until they were next sorted anew', function (): void {
    $now = Make::head(Porosity::High);
    [$first, $second] = [Make::head(Porosity::Low), Make::head(Porosity::Medium)];
    $remaps = [
        new StrataTransition(Make::day('2026-03-01'), $second->zoneParts),
        new StrataTransition(Make::day('2026-02-01'), $first->zoneParts),
    ];
    foreach ([$remaps, array_reverse($remaps)] as $inAnyOrder) {
        $history = new HeadHistory($now, [], [], $inAnyOrder);
        $porosity = static fn (string $date): Porosity => $history->headAt(Make::day($date))->strata[0]->porosity;
        expect($porosity('2026-01-15'))->toBe(Porosity::Low)
            ->and($porosity('2026-02-01'))->toBe(Porosity::Medium)
            ->and($porosity('2026-02-15'))->toBe(Porosity::Medium)
            ->and($porosity('2026-03-01'))->toBe(Porosity::High);
    }
});
