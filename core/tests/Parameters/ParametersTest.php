<?php

declare(strict_types=1);

use Nagomi\Core\Parameters\InvalidParameters;
use Nagomi\Core\Parameters\Origin;
use Nagomi\Core\Parameters\Parameter;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Parameters\ParameterTable;
use Nagomi\Core\Parameters\ShippedData;
use Nagomi\Core\Tests\Support\Make;

/** One row as a table has it, with some columns another way. */
function parameterRow(string ...$changed): array
{
    return array_replace([
        'parameter' => 'model.half-life', 'key' => 'low', 'value' => '20.0', 'unit' => 'days', 'origin' => 'chosen',
        'source' => '', 'least' => '4', 'most' => '40', 'prior_spread' => '0.25',
    ], $changed);
}

it('takes every number the core goes by from the table, and uses every number of it', function (): void {
    $asked = [];
    $sections = [
        'Model',
        'Treatment',
        'Sign',
        'Planning',
        'WashDay',
        'Reading',
        'Scheduling',
        'Product',
        'Scalp',
        'Trim',
        'Content',
        'Habit',
        'Learning',
        'Population',
        'Practice',
    ];
    foreach ($sections as $section) {
        $class = "Nagomi\\Core\\Parameters\\{$section}Parameters";
        preg_match_all(
            "/'([a-z-]+\\.[a-z0-9-]+)'/",
            (string) file_get_contents((string) (new ReflectionClass($class))->getFileName()),
            $names,
        );
        $asked = [...$asked, ...$names[1]];
    }
    $all = array_values(array_unique(array_map(
        static fn (Parameter $parameter): string => $parameter->name,
        Parameters::shipped()->table->all(),
    )));
    sort($all);
    sort($asked);
    expect($asked)->toBe($all)->and(count($all))->toBeGreaterThan(100);
});

it('believes what it ships, and notices a value ten times as large or of the other sign', function (): void {
    $caught = $tried = 0;
    foreach (Parameters::shipped()->table->all() as $parameter) {
        expect($parameter->unit)->not->toBe('')->and($parameter->least)->toBeLessThanOrEqual($parameter->most);
        if ((float) $parameter->value === 0.0) {
            continue;
        }
        $tried++;
        try {
            $parameter->withValue(10.0 * $parameter->value);
            $parameter->withValue(-1.0 * $parameter->value);
        } catch (InvalidParameters) {
            $caught++;
        }
    }
    expect($caught / $tried)->toBeGreaterThan(0.85);
});

it('spreads from salon to salon only what a salon could learn, and within what is believed', function (): void {
    $learned = array_filter(
        Parameters::shipped()->table->all(),
        static fn (Parameter $parameter): bool => $parameter->priorSpread !== null,
    );
    expect($learned)->not->toBe([]);
    foreach ($learned as $parameter) {
        foreach ([-1, 1] as $side) {
            $value = $parameter->value * exp($side * $parameter->priorSpread);
            expect($value)->toBeGreaterThanOrEqual($parameter->least)->toBeLessThanOrEqual($parameter->most);
        }
    }
});

it('refuses a table that nobody would believe', function (array $rows, string $says): void {
    expect(fn (): ParameterTable => ParameterTable::of($rows))->toRefuse(InvalidParameters::class, $says);
})->with([
    'too much' => [[parameterRow(value: '41')], 'model.half-life low: give 4 to 40 days'],
    'too little' => [[parameterRow(value: '3.9')], 'give 4 to 40 days'],
    'no number' => [[parameterRow(value: 'many')], 'give value, least and most as numbers'],
    'no unit' => [[parameterRow(unit: '')], 'give a unit'],
    'no origin' => [[parameterRow(origin: 'hearsay')], 'published, common practice, chosen'],
    'no source' => [[parameterRow(origin: 'published')], 'name the publication'],
    'no spread' => [[parameterRow(prior_spread: '0')], 'prior spread above 0'],
    'twice' => [[parameterRow(), parameterRow()], 'stands there twice'],
]);

it('says which parameter a table lacks', function (): void {
    $rows = array_values(array_filter(
        ShippedData::table('parameters.csv'),
        static fn (array $row): bool => $row['parameter'] !== 'planning.build-up-limit',
    ));
    expect(fn (): Parameters => new Parameters(ParameterTable::of($rows)))
        ->toRefuse(InvalidParameters::class, 'planning.build-up-limit')
        ->and(fn (): Parameters => Parameters::shipped()->with('model.no-such', 1.0))
        ->toRefuse(InvalidParameters::class, 'model.no-such');
});

it('hands a head what its salon goes by, and leaves the shipped values alone', function (): void {
    $shipped = Parameters::shipped();
    $own = $shipped->with('model.moisture-half-life-days', 30.0, 'medium');
    $head = Make::head(parameters: $own);
    expect($own->model->moistureHalfLifeDays['medium'])->toBe(30.0)
        ->and($shipped->model->moistureHalfLifeDays['medium'])->toBe(15.0)
        ->and($head->strata[0]->parameters)->toBe($own)
        ->and($head->withZones($head->zoneParts)->parameters)->toBe($own)
        ->and(fn (): Parameters => $shipped->with('model.moisture-half-life-days', 3.0, 'medium'))
        ->toRefuse(InvalidParameters::class, 'give 4 to 40 days');
});

it('keeps the order that the trade knows between kinds', function (): void {
    $model = Parameters::shipped()->model;
    $treatments = Parameters::shipped()->treatments;
    expect($model->moistureHalfLifeDays['low'])
        ->toBeGreaterThan($model->moistureHalfLifeDays['medium'])
        ->and($model->moistureHalfLifeDays['medium'])
        ->toBeGreaterThan($model->moistureHalfLifeDays['high']);
    $strengths = array_values($treatments->cleanseStrength);
    $sorted = $strengths;
    sort($sorted);
    expect($strengths)->toBe($sorted);
    expect($treatments->stubbornKept['chelating'])->toBeLessThan($treatments->stubbornKept['clarifying']);
    expect($treatments->proteinOf['strong-protein'])->toBeGreaterThan($treatments->proteinOf['mild-protein']);
    expect($treatments->moistureOf['mask'])->toBeGreaterThan($treatments->moistureOf['conditioner']);
    expect(array_map(static fn (Origin $origin): string => $origin->value, Origin::cases()))->toHaveCount(3);
});
