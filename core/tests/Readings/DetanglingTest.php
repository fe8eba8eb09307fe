<?php

declare(strict_types=1);

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Readings\Sign;
use Nagomi\Core\Readings\TestCatalogue;
use Nagomi\Core\Tests\Support\English;

it('times section by section with its tool, and is surer of many sections than of one total', function (): void {
    $test = TestCatalogue::test('detangling');
    $timed = [
        ['seconds' => 240, 'tool' => 'fingers'],
        ['seconds' => 300, 'tool' => 'comb'],
        ['seconds' => 540, 'tool' => 'fingers'],
        ['seconds' => 360, 'tool' => 'comb'],
    ];
    expect($test->problems(['timed' => $timed, 'knots_cut' => 1]))->toBe([]);
    [$minutes, $knots] = $test->measure(['timed' => $timed, 'knots_cut' => 1], Parameters::shipped());
    [$total] = $test->measure(['minutes' => 24, 'sections' => 4, 'knots_cut' => 1], Parameters::shipped());
    expect($minutes->value)->toEqualWithDelta(6.0, 1e-12)->and($total->value)->toEqualWithDelta(6.0, 1e-12)
        ->and($minutes->sd)->toEqualWithDelta(Sign::DetanglingMinutes->sd(Parameters::shipped()->signs) / 2, 1e-12)
        ->and(English::say($minutes->means))
            ->toContain('slowest was section 3 with 9.0 min by fingers')
            ->and($knots->value)
            ->toBe(1.0);
});

it('says which section is wrong', function (array $raw, string $path): void {
    expect(array_keys(TestCatalogue::test('detangling')->problems($raw)))->toBe([$path]);
})->with([
    'no section' => [['timed' => [], 'knots_cut' => 0], 'timed'],
    'seventeen sections' => [
        ['timed' => array_fill(0, 17, ['seconds' => 60, 'tool' => 'comb']), 'knots_cut' => 0],
        'timed',
    ],
    'a rake' => [['timed' => [['seconds' => 60, 'tool' => 'rake']], 'knots_cut' => 0], 'timed.0.tool'],
    'three hours' => [
        ['timed' => [['seconds' => 60, 'tool' => 'comb'], ['seconds' => 10800, 'tool' => 'comb']], 'knots_cut' => 0],
        'timed.1.seconds',
    ],
    'no knots said' => [['timed' => [['seconds' => 60, 'tool' => 'comb']]], 'knots_cut'],
]);
