<?php

declare(strict_types=1);

use Nagomi\Core\Head\Head;
use Nagomi\Core\Head\Part;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Head\StrandDiameter;
use Nagomi\Core\Head\Zone;
use Nagomi\Core\Head\ZonePart;
use Nagomi\Core\Planning\WashOptions;
use Nagomi\Core\Treatments\StepKind;
use Nagomi\Core\WashDay\DryingMethod;
use Nagomi\Core\WashDay\OrderedStep;
use Nagomi\Core\WashDay\Pace;
use Nagomi\Core\WashDay\WashDayBuilder;
use Nagomi\Core\WashDay\WashDayStep;
use Nagomi\Core\WashDay\WashOrder;
use Nagomi\Core\WashDay\WashRule;
use Nagomi\Core\WashDay\WashStepKind;
use Nagomi\Core\WashDay\WashStepPalette;

/*
 * The rules of the order of a wash day, told by hand and drawn: core/tests/fixtures/wash-order.json, which the tablet
 * passes too. The drawn ones were made by NAGOMI_DRAW_CASES=1 vendor/bin/pest core/tests/WashDay/WashOrderTest.php
 */

const ORDER_CASES = __DIR__ . '/../fixtures/wash-order.json';

/** @param list<array<string, mixed>> $steps */
function orderBroken(array $steps): array
{
    return array_map(
        static fn (array $broken): string => "{$broken['rule']->value} {$broken['key']}",
        WashOrder::broken(array_map(static fn (array $step): OrderedStep => new OrderedStep(
            $step['key'],
            WashStepKind::from($step['kind']),
            (float) ($step['on'] ?? 0),
            $step['least'] ?? null,
            $step['most'] ?? null,
            $step['strong'] ?? false,
            $step['before'] ?? false,
        ), $steps)),
    );
}

/** @return list<array<string, mixed>> */
function orderCases(): array
{
    return json_decode((string) file_get_contents(ORDER_CASES), true, flags: JSON_THROW_ON_ERROR);
}

/** @return array<string, mixed> steps in an order nobody would think of */
function drawnOrder(int $seed): array
{
    mt_srand($seed);
    $kinds = WashStepKind::cases();
    $steps = [];
    for ($i = 0; $i < 12; $i++) {
        $kind = $kinds[mt_rand(0, count($kinds) - 1)];
        $steps[] = [
            'key' => "step-{$i}", 'kind' => $kind->value, 'on' => mt_rand(0, 40),
            'least' => $kind === WashStepKind::PreWash ? 30 : null, 'most' => mt_rand(0, 2) === 0 ? 20 : null,
            'strong' => $kind === WashStepKind::Protein && mt_rand(0, 1) === 0, 'before' => mt_rand(0, 5) === 0,
        ];
    }

    return ['name' => "drawn {$seed}", 'steps' => $steps, 'broken' => orderBroken($steps)];
}

it('breaks what the told cases say', function (): void {
    if (getenv('NAGOMI_DRAW_CASES') !== false) {
        $told = array_filter(orderCases(), fn (array $case): bool => ! str_starts_with($case['name'], 'drawn'));
        $cases = [...array_values($told), ...array_map(drawnOrder(...), range(1, 40))];
        $lines = array_map(fn (array $case): string => (string) json_encode($case, JSON_UNESCAPED_SLASHES), $cases);
        file_put_contents(ORDER_CASES, "[\n" . implode(",\n", $lines) . "\n]\n");
    }
    $rules = [];
    foreach (orderCases() as $case) {
        expect(orderBroken($case['steps']))->toBe($case['broken'], $case['name']);
        $rules = [...$rules, ...array_map(static fn (string $one): string => strtok($one, ' '), $case['broken'])];
    }
    // Each rule is broken by one of them at least.
    expect(array_values(array_unique($rules)))->toEqualCanonicalizing(array_column(WashRule::cases(), 'value'));
});

it('is kept by every day the house method lays out', function (): void {
    foreach ([Porosity::Low, Porosity::High] as $porosity) {
        $head = new Head(
            [new ZonePart(Zone::Crown, Part::Length, $porosity, StrandDiameter::Fine)],
            hardnessMgPerL: 300.0,
        );
        foreach (WashOptions::of($head) as $option) {
            $day = WashDayBuilder::plan($head, $option->steps($head), Pace::of($head, []), DryingMethod::Hood);
            $steps = array_map(static fn (WashDayStep $step): array => [
                'key' => $step->key, 'kind' => $step->kind->value, 'on' => $step->waitingMinutes,
                'least' => $step->leastMinutes, 'most' => $step->mostMinutes,
                'strong' => $step->books?->kind === StepKind::StrongProtein,
                'before' => $step->books?->eveningBefore ?? false,
            ], $day->steps);
            $broken = orderBroken($steps);
            // Strong protein on a day without any conditioner is no way the house has.
            expect($broken)->toBe([]);
        }
    }
});

it('offers each step once, and spares who has to be spared', function (): void {
    $head = new Head([new ZonePart(Zone::Crown, Part::Length, Porosity::Low, StrandDiameter::Fine)]);
    $keys = static fn (bool $bears): array => array_map(
        static fn (WashDayStep $step): string => $step->key,
        (new WashStepPalette($head, Pace::of($head, []), $bears, $bears, $bears, $bears ? 60.0 : null))->steps(),
    );
    $all = $keys(true);
    expect($all)->toBe(array_values(array_unique($all)))->and(count($all))->toBeGreaterThan(45);
    $barred = array_diff($all, $keys(false));
    expect(array_values($barred))->toEqualCanonicalizing([
        'take-down', 'strong-protein', 'mask-heat', 'scalp-oil', 'dry-diffuse-high', 'dry-diffuse-medium', 'dry-hood',
    ]);
    // Every kind of step that can be done at all can be put in; ready and tools stand at the ends.
    $kinds = array_unique(array_map(
        static fn (WashDayStep $step): string => $step->kind->value,
        (new WashStepPalette($head, Pace::of($head, []), true, true, true, 60.0))->steps(),
    ));
    expect(array_values(array_diff(array_column(WashStepKind::cases(), 'value'), $kinds)))->toBe(['ready', 'tools']);
});
