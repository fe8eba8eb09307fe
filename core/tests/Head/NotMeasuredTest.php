<?php

declare(strict_types=1);

use Nagomi\Core\Balance\Filter;
use Nagomi\Core\Balance\History;
use Nagomi\Core\Balance\Layout;
use Nagomi\Core\Balance\Prior;
use Nagomi\Core\Head\Common;
use Nagomi\Core\Head\CurlPattern;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Head\Part;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Head\StrandDiameter;
use Nagomi\Core\Head\StylingLoad;
use Nagomi\Core\Head\Zone;
use Nagomi\Core\Head\ZonePart;
use Nagomi\Core\Parameter\BasinModel;
use Nagomi\Core\Parameter\BenchModel;
use Nagomi\Core\Parameter\Model;
use Nagomi\Core\Record\CareRecordReader;
use Nagomi\Core\Record\CareRecordWriter;
use Nagomi\Core\Season\Planner;
use Nagomi\Core\Season\Rule\NotReadYet;
use Nagomi\Core\Season\Terms;
use Nagomi\Core\Season\Verdict;
use Nagomi\Core\Tests\Support\Make;

/*
 * What nobody has measured is a value of its own: a mixture of what is common, with more doubt than any kind that was measured.
 */

function headOf(Porosity $porosity, StrandDiameter $strand, StylingLoad $load = StylingLoad::Medium, ?float $hardness = 100.0, ?float $length = 300.0): Head
{
    return new Head(array_map(fn (Zone $zone): ZonePart => new ZonePart($zone, Part::Length, $porosity, $strand), Zone::cases()), $hardness, load: $load, lengthMm: $length);
}

it('takes the mean of what is common where a table is asked for what was not measured', function (array $table, string $of): void {
    expect($table[Common::NOT_MEASURED])->toEqualWithDelta(Common::mean(array_intersect_key($table, Model::COMMON[$of]), Model::COMMON[$of]), 0.001);
})->with([
    [Model::PROTEIN_TARGET_BY_POROSITY, 'porosity'], [Model::MOISTURE_HALF_LIFE_DAYS, 'porosity'], [Model::PROTEIN_HALF_LIFE_DAYS, 'porosity'], [Model::CLEANSE_LOSS_BY_POROSITY, 'porosity'],
    [Model::UPTAKE_TIME_MINUTES, 'porosity'], [Model::UPTAKE_TIME_UNDER_HEAT_MINUTES, 'porosity'], [Model::UPTAKE_BY_POROSITY, 'porosity'], [BasinModel::WET_THROUGH_MINUTES, 'porosity'],
    [BenchModel::POROSITY_DRYING_MINUTES, 'porosity'], [BenchModel::POROSITY_WETTING_SECONDS, 'porosity'], [Model::PROTEIN_TARGET_BY_STRAND, 'strand'], [Model::MOISTURE_TARGET_BY_STRAND, 'strand'], [Model::LOAD, 'load'],
]);

it('gives shares that sum to one, for every kind there is', function (): void {
    foreach (Model::COMMON as $shares) {
        expect(array_sum($shares))->toEqualWithDelta(1.0, 1e-12);
    }
    expect(array_keys(Model::COMMON['porosity']))->toBe(array_map(fn (Porosity $kind): string => $kind->value, Porosity::kinds()));
});

it('starts with more doubt than any measured hair, in every quantity that hangs on what is unknown', function (): void {
    $unknown = Prior::of(headOf(Porosity::NotMeasured, StrandDiameter::NotMeasured, StylingLoad::NotMeasured, null));
    foreach (Porosity::kinds() as $porosity) {
        $known = Prior::of(headOf($porosity, StrandDiameter::Medium));
        foreach ([Layout::MOISTURE, Layout::PROTEIN, Layout::WASHABLE, Layout::STUBBORN] as $quantity) {
            expect($unknown->sd(0, $quantity))->toBeGreaterThan($known->sd(0, $quantity));
        }
        foreach (['moistureFading', 'proteinFading', 'uptake'] as $multiplier) {
            expect($unknown->covariance[$unknown->layout->{$multiplier}][$unknown->layout->{$multiplier}])->toBeGreaterThan($known->covariance[$known->layout->{$multiplier}][$known->layout->{$multiplier}]);
        }
    }
});

it('lies between the kinds after a month of nothing, and doubts more than each of them', function (): void {
    $after = fn (Porosity $porosity): array => (function () use ($porosity): array {
        $state = Filter::through(new History(headOf($porosity, StrandDiameter::Medium), [Make::washDay('2026-01-01', [Nagomi\Core\Treatment\Step::mask(25)])], []), Make::day('2026-01-31'))->last()->state;

        return [$state->value(0, Layout::MOISTURE), $state->sd(0, Layout::MOISTURE)];
    })();
    [$unknown, $doubt] = $after(Porosity::NotMeasured);
    $known = array_map($after, Porosity::kinds());
    expect($unknown)->toBeGreaterThan(min(array_column($known, 0)))->toBeLessThan(max(array_column($known, 0)))->and($doubt)->toBeGreaterThan(max(array_column($known, 1)));
});

it('claims no curl that nobody measured', function (): void {
    expect(CurlPattern::of(null, false))->toBeNull()->and(CurlPattern::of(null, true))->toBe(CurlPattern::FourBToC)->and(CurlPattern::of(25.0, false))->toBe(CurlPattern::ThreeA);
});

it('gives hair that was never read its usual gentle care and a look, whatever the house does with protein', function (string $protein): void {
    $head = new Head(headOf(Porosity::NotMeasured, StrandDiameter::NotMeasured, StylingLoad::NotMeasured, null, null)->zoneParts, null, load: StylingLoad::NotMeasured, lengthMm: null, method: new Nagomi\Core\Head\Method(['protein' => $protein]));
    $today = Make::day('2026-02-01');
    $start = Filter::through(new History($head, [], []), $today)->last();
    $plan = Planner::plan($start, [], 12, (new Terms())->readOn(null, $today));
    expect($plan->items)->not->toBe([])->and($plan->items[0]->look)->toBeTrue()->and($plan->clashes)->toBe([])->and($plan->items[0]->reasons[0])->toContain('Not read yet');
    foreach ($plan->items as $item) {
        expect($item->choice->protein)->toBeNull()->and($item->choice->cleanse->clarifies())->toBeFalse();
    }
    expect(array_filter($plan->items, fn ($item): bool => $item->choice->masks()))->not->toBe([])
        ->and(Verdict::sentence(['in-balance' => 0.9, 'dry' => 0.1], 0.0, $plan, $today, true))->toStartWith('Not read yet');
    // Without the rule the same head gets what only a reading should call for.
    $without = Planner::plan($start, [], 12);
    expect(array_filter($without->items, fn ($item): bool => $item->choice->protein !== null || $item->choice->cleanse->clarifies()))->not->toBe([]);
})->with(['by-signs', 'by-calendar']);

it('lets very hard water and swimming be answered without a reading, and a reading free the rest', function (): void {
    $rule = new NotReadYet();
    $chelating = new Nagomi\Core\Season\Choice(Nagomi\Core\Treatment\CleanseKind::Chelating, 1, Nagomi\Core\Treatment\StepKind::Mask, 25.0);
    $standing = fn (?float $hardness, ?string $read): Nagomi\Core\Season\Standing => new Nagomi\Core\Season\Standing(headOf(Porosity::Medium, StrandDiameter::Medium, hardness: $hardness), 3, terms: (new Terms())->readOn($read === null ? null : Make::day($read), Make::day('2026-06-30')));
    expect($rule->allows($chelating, $standing(300.0, null)))->toBeTrue()
        ->and($rule->allows($chelating, $standing(100.0, null)))->toBeFalse()
        ->and($rule->allows($chelating, $standing(null, null)))->toBeFalse()
        ->and($rule->allows($chelating, $standing(100.0, '2026-06-01')))->toBeTrue()
        ->and($rule->allows($chelating, $standing(100.0, '2026-01-01')))->toBeFalse();
});

it('keeps what was not measured through a record and back', function (): void {
    $record = CareRecordReader::read('{"format": "nagomi-care-record", "version": 1, "head": {"id": "a", "zones": [{"zone": "crown"}]}}');
    expect($record->head->hardnessMgPerL)->toBeNull()->and($record->head->lengthMm)->toBeNull()->and($record->head->load)->toBe(StylingLoad::NotMeasured)
        ->and($record->head->zoneParts[0]->porosity)->toBe(Porosity::NotMeasured)->and($record->head->zoneParts[0]->strand)->toBe(StrandDiameter::NotMeasured);
    $again = CareRecordReader::read(CareRecordWriter::write($record));
    expect($again->head)->toEqual($record->head);
});
