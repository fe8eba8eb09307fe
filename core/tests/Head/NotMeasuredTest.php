<?php

declare(strict_types=1);


/*
 * What nobody has measured is a value of its own: a mixture of what is common, with more doubt than any kind that was
 * measured.
 */

use Nagomi\Core\Estimation\HeadHistory;
use Nagomi\Core\Estimation\KalmanFilter;
use Nagomi\Core\Estimation\Prior;
use Nagomi\Core\Estimation\StateLayout;
use Nagomi\Core\Head\CurlPattern;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Head\Part;
use Nagomi\Core\Head\PopulationShares;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Head\StrandDiameter;
use Nagomi\Core\Head\StylingLoad;
use Nagomi\Core\Head\Zone;
use Nagomi\Core\Head\ZonePart;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Planning\Planner;
use Nagomi\Core\Planning\PlanTerms;
use Nagomi\Core\Planning\PlanVerdict;
use Nagomi\Core\Planning\RuleContext;
use Nagomi\Core\Planning\Rules\NotReadYet;
use Nagomi\Core\Record\CareRecordReader;
use Nagomi\Core\Record\CareRecordWriter;
use Nagomi\Core\Tests\Support\English;
use Nagomi\Core\Tests\Support\Make;

function headOf(
    Porosity $porosity,
    StrandDiameter $strand,
    StylingLoad $load = StylingLoad::Medium,
    ?float $hardness = 100.0,
    ?float $length = 300.0,
): Head {
    return new Head(
        array_map(fn (Zone $zone): ZonePart => new ZonePart($zone, Part::Length, $porosity, $strand), Zone::cases()),
        $hardness,
        load: $load,
        lengthMm: $length,
    );
}

it('takes the mean of what is common where a table is asked for what was not measured', function (array $table, string $of): void {
    expect($table[PopulationShares::NOT_MEASURED])->toEqualWithDelta(
        PopulationShares::mean(
            array_intersect_key($table, Parameters::shipped()->model->common[$of]),
            Parameters::shipped()->model->common[$of],
        ),
        0.001,
    );
})->with(fn (): array => [
    [Parameters::shipped()->model->proteinTargetByPorosity, 'porosity'],
    [Parameters::shipped()->model->moistureHalfLifeDays, 'porosity'],
    [Parameters::shipped()->model->proteinHalfLifeDays, 'porosity'],
    [Parameters::shipped()->treatments->cleanseLossByPorosity, 'porosity'],
    [Parameters::shipped()->treatments->uptakeTimeMinutes, 'porosity'],
    [Parameters::shipped()->treatments->uptakeTimeUnderHeatMinutes, 'porosity'],
    [Parameters::shipped()->treatments->uptakeByPorosity, 'porosity'],
    [Parameters::shipped()->washDay->wetThroughMinutes, 'porosity'],
    [Parameters::shipped()->readings->porosityDryingMinutes, 'porosity'],
    [Parameters::shipped()->readings->porosityWettingSeconds, 'porosity'],
    [Parameters::shipped()->model->proteinTargetByStrand, 'strand'],
    [Parameters::shipped()->model->moistureTargetByStrand, 'strand'],
    [Parameters::shipped()->model->load, 'load'],
]);

it('gives shares that sum to one, for every kind there is', function (): void {
    foreach (Parameters::shipped()->model->common as $shares) {
        expect(array_sum($shares))->toEqualWithDelta(1.0, 1e-12);
    }
    expect(array_keys(Parameters::shipped()->model->common['porosity']))->toBe(array_map(
        fn (Porosity $kind): string => $kind->value,
        Porosity::kinds(),
    ));
});

it('starts with more doubt than any measured hair, in every quantity that hangs on what is unknown', function (): void {
    $unknown = Prior::of(headOf(Porosity::NotMeasured, StrandDiameter::NotMeasured, StylingLoad::NotMeasured, null));
    foreach (Porosity::kinds() as $porosity) {
        $known = Prior::of(headOf($porosity, StrandDiameter::Medium));
        foreach (
            [StateLayout::MOISTURE, StateLayout::PROTEIN, StateLayout::WASHABLE, StateLayout::STUBBORN] as $quantity
        ) {
            expect($unknown->sd(0, $quantity))->toBeGreaterThan($known->sd(0, $quantity));
        }
        foreach (['moistureFading', 'proteinFading', 'uptake'] as $multiplier) {
            expect(
                $unknown->covariance[$unknown->layout->{$multiplier}][$unknown->layout->{$multiplier}],
            )->toBeGreaterThan($known->covariance[$known->layout->{$multiplier}][$known->layout->{$multiplier}]);
        }
    }
});

it('lies between the kinds after a month of nothing, and doubts more than each of them', function (): void {
    $after = fn (Porosity $porosity): array => (function () use ($porosity): array {
        $state = KalmanFilter::through(
            new HeadHistory(
                headOf($porosity, StrandDiameter::Medium),
                [Make::washDay('2026-01-01', [Nagomi\Core\Treatments\Step::mask(25)])],
                [],
            ),
            Make::day('2026-01-31'),
        )->last()->state;

        return [$state->value(0, StateLayout::MOISTURE), $state->sd(0, StateLayout::MOISTURE)];
    })();
    [$unknown, $doubt] = $after(Porosity::NotMeasured);
    $known = array_map($after, Porosity::kinds());
    expect($unknown)
        ->toBeGreaterThan(min(array_column($known, 0)))
        ->toBeLessThan(max(array_column($known, 0)))
        ->and($doubt)
        ->toBeGreaterThan(max(array_column($known, 1)));
});

it('claims no curl that nobody measured', function (): void {
    expect(CurlPattern::of(null, false))
        ->toBeNull()
        ->and(CurlPattern::of(null, true))
        ->toBe(CurlPattern::FourBToC)
        ->and(CurlPattern::of(25.0, false))
        ->toBe(CurlPattern::ThreeA);
});

it('gives hair that was never read its usual gentle care and a look, whatever the house does with protein', function (string $protein): void {
    $head = new Head(
        headOf(Porosity::NotMeasured, StrandDiameter::NotMeasured, StylingLoad::NotMeasured, null, null)->zoneParts,
        null,
        load: StylingLoad::NotMeasured,
        lengthMm: null,
        method: new Nagomi\Core\Head\Method(['protein' => $protein]),
    );
    $today = Make::day('2026-02-01');
    $start = KalmanFilter::through(new HeadHistory($head, [], []), $today)->last();
    $plan = Planner::plan($start, [], 12, (new PlanTerms())->readOn(null, $today, Parameters::shipped()->planning));
    expect($plan->items)->not
        ->toBe([])
        ->and($plan->items[0]->look)
        ->toBeTrue()
        ->and($plan->clashes)
        ->toBe([])
        ->and(English::say($plan->items[0]->reasons[0]))
        ->toContain('Not tested yet');
    foreach ($plan->items as $item) {
        expect($item->choice->protein)->toBeNull()->and($item->choice->cleanse->clarifies())->toBeFalse();
    }
    expect(array_filter($plan->items, fn ($item): bool => $item->choice->masks()))->not->toBe([])
        ->and(English::say(PlanVerdict::sentence(
            ['in-balance' => 0.9, 'dry' => 0.1],
            0.0,
            $plan,
            $today,
            Parameters::shipped()->planning,
            true,
        )))->toStartWith('Not tested yet');
    // Without the rule the same head gets what only a reading should call for.
    $without = Planner::plan($start, [], 12);
    expect(array_filter(
        $without->items,
        fn ($item): bool => $item->choice->protein !== null || $item->choice->cleanse->clarifies(),
    ))->not->toBe([]);
})->with(['by-signs', 'by-calendar']);

it('lets very hard water and swimming be answered without a reading, and a reading free the rest', function (): void {
    $rule = new NotReadYet();
    $chelating = new Nagomi\Core\Planning\WashOption(
        Nagomi\Core\Treatments\CleanseKind::Chelating,
        1,
        Nagomi\Core\Treatments\StepKind::Mask,
        25.0,
    );
    $standing = fn (?float $hardness, ?string $read): RuleContext => new RuleContext(
        headOf(Porosity::Medium, StrandDiameter::Medium, hardness: $hardness),
        3,
        terms: (new PlanTerms())->readOn(
            $read === null ? null : Make::day($read),
            Make::day('2026-06-30'),
            Parameters::shipped()->planning,
        ),
    );
    expect($rule->allows($chelating, $standing(300.0, null)))->toBeTrue()
        ->and($rule->allows($chelating, $standing(100.0, null)))->toBeFalse()
        ->and($rule->allows($chelating, $standing(null, null)))->toBeFalse()
        ->and($rule->allows($chelating, $standing(100.0, '2026-06-01')))->toBeTrue()
        ->and($rule->allows($chelating, $standing(100.0, '2026-01-01')))->toBeFalse();
});

it('keeps what was not measured through a record and back', function (): void {
    $record = CareRecordReader::read(
        '{"format": "nagomi-care-record", "version": 1, "head": {"id": "a", "zones": [{"zone": "crown"}]}}',
        Parameters::shipped(),
    );
    expect($record->head->hardnessMgPerL)
        ->toBeNull()
        ->and($record->head->lengthMm)
        ->toBeNull()
        ->and($record->head->load)
        ->toBe(StylingLoad::NotMeasured)
        ->and($record->head->zoneParts[0]->porosity)
            ->toBe(Porosity::NotMeasured)
            ->and($record->head->zoneParts[0]->strand)
            ->toBe(StrandDiameter::NotMeasured);
    $again = CareRecordReader::read(CareRecordWriter::write($record), Parameters::shipped());
    expect($again->head)->toEqual($record->head);
});
