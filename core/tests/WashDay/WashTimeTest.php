<?php

declare(strict_types=1);

use Nagomi\Core\WashDay\WashDayPlan;
use Nagomi\Core\WashDay\WashDayStep;
use Nagomi\Core\WashDay\WashStepKind;

/*
 * When days are done, drawn: core/tests/fixtures/wash-time.json, which the tablet passes too. Made by
 * NAGOMI_DRAW_CASES=1 vendor/bin/pest core/tests/WashDay/WashTimeTest.php
 */

const TIME_CASES = __DIR__ . '/../fixtures/wash-time.json';

/** @param non-empty-list<array<string, mixed>> $steps */
function timedDay(array $steps): WashDayPlan
{
    return new WashDayPlan(array_map(static fn (array $step): WashDayStep => new WashDayStep(
        WashStepKind::from($step['kind']),
        $step['key'],
        $step['key'],
        (float) $step['hands_on_minutes'],
        (float) $step['spread'],
        (float) $step['waiting_minutes'],
        (float) $step['wait_spread'],
        beside: $step['beside'],
        afterClient: $step['after_client'],
    ), $steps));
}

/** @return array<string, mixed> */
function drawnDay(int $seed): array
{
    mt_srand($seed);
    $steps = [];
    for ($i = 0; $i < mt_rand(2, 18); $i++) {
        $waits = mt_rand(0, 2) === 0;
        $steps[] = [
            'key' => "step-{$i}", 'kind' => ['mask', 'rinse', 'style', 'dry', 'protein'][mt_rand(0, 4)],
            'hands_on_minutes' => mt_rand(0, 40) / 2, 'spread' => mt_rand(0, 4) / 10,
            'waiting_minutes' => $waits ? mt_rand(1, 45) : 0, 'wait_spread' => $waits ? mt_rand(0, 3) / 10 : 0,
            'beside' => mt_rand(0, 3) === 0, 'after_client' => mt_rand(0, 9) === 0,
        ];
    }
    $day = timedDay($steps);
    $minutes = $day->minutes();

    return ['steps' => $steps, 'expect' => [
        'finish' => round($day->network->finishMinutes, 3), 'late' => round($day->finishMinutes()['p90'], 3),
        'care' => $minutes->care, 'hands' => $minutes->hands, 'drying' => $minutes->drying,
    ]];
}

it('is done when the told cases say', function (): void {
    if (getenv('NAGOMI_DRAW_CASES') !== false) {
        $lines = array_map(
            fn (int $seed): string => (string) json_encode(drawnDay($seed), JSON_UNESCAPED_SLASHES),
            range(1, 40),
        );
        file_put_contents(TIME_CASES, "[\n" . implode(",\n", $lines) . "\n]\n");
    }
    $cases = json_decode((string) file_get_contents(TIME_CASES), true, flags: JSON_THROW_ON_ERROR);
    expect(count($cases))->toBe(40);
    foreach ($cases as $case) {
        $day = timedDay($case['steps']);
        $minutes = $day->minutes();
        expect($day->network->finishMinutes)->toEqualWithDelta($case['expect']['finish'], 1e-3)
            ->and($minutes->care)->toEqualWithDelta($case['expect']['care'], 1e-3)
            ->and($minutes->hands)->toEqualWithDelta($case['expect']['hands'], 1e-3)
            ->and($minutes->drying)->toEqualWithDelta($case['expect']['drying'], 1e-3);
    }
});
