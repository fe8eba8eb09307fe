<?php

declare(strict_types=1);

use Nagomi\Core\Head\Head;
use Nagomi\Core\Head\Part;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Head\StrandDiameter;
use Nagomi\Core\Head\Zone;
use Nagomi\Core\Head\ZonePart;
use Nagomi\Core\WashDay\Pace;
use Nagomi\Core\WashDay\WashDayPlan;
use Nagomi\Core\WashDay\WashDayStep;
use Nagomi\Core\WashDay\WashStepKind;
use Nagomi\Core\WashDay\WashStepPalette;
use Nagomi\Core\Wording\Message;

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
        Message::asItIs($step['key']),
        (float) $step['hands_on_minutes'],
        (float) $step['spread'],
        (float) $step['waiting_minutes'],
        (float) $step['wait_spread'],
        beside: $step['beside'],
        afterClient: $step['after_client'],
    ), $steps));
}

/** @return array<string, mixed> a day composed at random of all that can be put in, changed at random */
function drawnDay(int $seed): array
{
    mt_srand($seed);
    $head = new Head([new ZonePart(Zone::Crown, Part::Length, Porosity::Low, StrandDiameter::Coarse)], sections: 5);
    $palette = (new WashStepPalette($head, Pace::of($head, []), true, true, true, 75.0))->steps();
    $steps = [];
    for ($i = 0; $i < mt_rand(2, 22); $i++) {
        $step = $palette[mt_rand(0, count($palette) - 1)];
        $steps[] = [
            'key' => "step-{$i}", 'kind' => $step->kind->value,
            'hands_on_minutes' => round($step->handsOnMinutes * mt_rand(5, 20) / 10, 2), 'spread' => $step->spread,
            'waiting_minutes' => round($step->waitingMinutes * mt_rand(5, 20) / 10, 2),
            'wait_spread' => $step->waitSpread, 'beside' => $step->beside, 'after_client' => mt_rand(0, 19) === 0,
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
