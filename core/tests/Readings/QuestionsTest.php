<?php

declare(strict_types=1);

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Readings\Test;
use Nagomi\Core\Readings\TestCatalogue;
use Nagomi\Core\Tests\Support\English;

it('asks nothing about what is likely, and once about each measure that is not', function (Test $test): void {
    $likely = $unlikely = [];
    foreach ($test->rawMeasures() as $measure) {
        $within = $measure->likely ?? [$measure->least, $measure->most];
        $likely[$measure->name] = $measure->whole ? (int) ceil($within[0]) : $within[0];
        if ($measure->likely !== null && $measure->most > $measure->likely[1]) {
            $unlikely[$measure->name] = $measure->most;
        }
    }
    if ($test->name() === 'wet-stretch') {
        expect($test->questions(
            ['hairs' => [['rest_mm' => 100, 'stretched_mm' => 140, 'returned_mm' => 102]]],
        ))->toBe([])
            ->and($test->questions([
                'hairs' => [
                    ['rest_mm' => 100, 'stretched_mm' => 140, 'returned_mm' => 102],
                    ['rest_mm' => 900, 'stretched_mm' => 950, 'snapped' => true],
                    ['rest_mm' => 50, 'stretched_mm' => 95, 'returned_mm' => 60],
                ],
            ]))->toHaveKeys(['hairs.1.rest_mm', 'hairs.2.stretched_mm']);

        return;
    }
    expect($test->questions($likely))->toBe([]);
    foreach ($unlikely as $name => $value) {
        $questions = $test->questions([$name => $value] + $likely);
        expect(array_keys($questions))
            ->toBe([$name])
            ->and(English::say($questions[$name]))
            ->toContain('is possible, yet far from the usual')
            ->toContain('save it again');
    }
})->with(fn (): array => array_map(fn (Test $test): array => [$test], TestCatalogue::tests()));

it('measures whatever is possible without a flaw, at both ends of every range', function (Test $test): void {
    if ($test->name() === 'wet-stretch') {
        expect(true)->toBeTrue();

        return;
    }
    foreach (['least', 'most'] as $end) {
        $raw = [];
        foreach ($test->rawMeasures() as $measure) {
            $raw[$measure->name] = $measure->{$end};
        }
        if ($test->problems($raw) !== []) {
            continue; // Each by itself is possible, and not all of them together.
        }
        foreach ($test->measure($raw, Parameters::shipped()) as $measured) {
            expect(is_finite($measured->value))
                ->toBeTrue("{$test->name()} {$end}")
                ->and(is_finite($measured->sd))
                ->toBeTrue()
                ->and($measured->sd)
                ->toBeGreaterThan(0.0)
                ->and(English::say($measured->means))->not
                ->toStartWith('readings.');
        }
    }
})->with(fn (): array => array_map(fn (Test $test): array => [$test], TestCatalogue::tests()));
