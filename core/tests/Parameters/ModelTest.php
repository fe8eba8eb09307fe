<?php

declare(strict_types=1);

use Nagomi\Core\Parameters\ModelParameters;
use Nagomi\Core\Parameters\Origin;
use Nagomi\Core\Parameters\Parameter;
use Nagomi\Core\Parameters\ProductParameters;
use Nagomi\Core\Parameters\ReadingParameters;
use Nagomi\Core\Parameters\SchedulingParameters;
use Nagomi\Core\Parameters\WashDayParameters;

dataset('parameters', function (): Generator {
    foreach (
        [
            ModelParameters::class, WashDayParameters::class, ReadingParameters::class, SchedulingParameters::class,
            ProductParameters::class,
        ] as $model
    ) {
        foreach ((new ReflectionClass($model))->getReflectionConstants() as $constant) {
            yield $constant->getName() => [$constant];
        }
    }
});

it('says unit and origin and stands within its believable limits', function (ReflectionClassConstant $constant): void {
    $attributes = $constant->getAttributes(Parameter::class);
    expect($attributes)->toHaveCount(1);
    $parameter = $attributes[0]->newInstance();
    expect($parameter->unit)->not->toBe('');
    if ($parameter->origin === Origin::Published) {
        expect($parameter->source)->not->toBe('');
    }
    $values = is_array($constant->getValue()) ? $constant->getValue() : [$constant->getValue()];
    array_walk_recursive($values, function (mixed $value) use ($parameter): void {
        expect($value)->toBeGreaterThanOrEqual($parameter->least)->toBeLessThanOrEqual($parameter->most);
    });
})->with('parameters');

it('keeps the order that the trade knows between kinds', function (): void {
    expect(ModelParameters::MOISTURE_HALF_LIFE_DAYS['low'])->toBeGreaterThan(
        ModelParameters::MOISTURE_HALF_LIFE_DAYS['medium'],
    )
        ->and(
            ModelParameters::MOISTURE_HALF_LIFE_DAYS['medium'],
        )->toBeGreaterThan(ModelParameters::MOISTURE_HALF_LIFE_DAYS['high']);
    $strengths = array_values(ModelParameters::CLEANSE_STRENGTH);
    $sorted = $strengths;
    sort($sorted);
    expect($strengths)->toBe($sorted);
    expect(ModelParameters::STUBBORN_KEPT['chelating'])->toBeLessThan(ModelParameters::STUBBORN_KEPT['clarifying']);
    expect(ModelParameters::PROTEIN_OF['strong-protein'])->toBeGreaterThan(ModelParameters::PROTEIN_OF['mild-protein']);
    expect(ModelParameters::MOISTURE_OF['mask'])->toBeGreaterThan(ModelParameters::MOISTURE_OF['conditioner']);
});
