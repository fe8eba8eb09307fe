<?php

declare(strict_types=1);

use Nagomi\Core\Parameter\BasinModel;
use Nagomi\Core\Parameter\BenchModel;
use Nagomi\Core\Parameter\HandsModel;
use Nagomi\Core\Parameter\Model;
use Nagomi\Core\Parameter\Origin;
use Nagomi\Core\Parameter\Parameter;
use Nagomi\Core\Parameter\ShelfModel;

dataset('parameters', function (): Generator {
    foreach ([Model::class, BasinModel::class, BenchModel::class, HandsModel::class, ShelfModel::class] as $model) {
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
    expect(Model::MOISTURE_HALF_LIFE_DAYS['low'])->toBeGreaterThan(Model::MOISTURE_HALF_LIFE_DAYS['medium'])
        ->and(Model::MOISTURE_HALF_LIFE_DAYS['medium'])->toBeGreaterThan(Model::MOISTURE_HALF_LIFE_DAYS['high']);
    $strengths = array_values(Model::CLEANSE_STRENGTH);
    $sorted = $strengths;
    sort($sorted);
    expect($strengths)->toBe($sorted);
    expect(Model::STUBBORN_KEPT['chelating'])->toBeLessThan(Model::STUBBORN_KEPT['clarifying']);
    expect(Model::PROTEIN_OF['strong-protein'])->toBeGreaterThan(Model::PROTEIN_OF['mild-protein']);
    expect(Model::MOISTURE_OF['mask'])->toBeGreaterThan(Model::MOISTURE_OF['conditioner']);
});
