<?php

declare(strict_types=1);

use App\Bridge\WashDays\WashSessionState;
use App\Models\WashSession;
use App\Models\WashSessionAct;
use Carbon\CarbonImmutable;

/*
 * What the taps of a wash day come to, told once: tests/fixtures/wash-machine.json. The salon passes it here, the tablet
 * in tests/js/screens/wash-machine.test.js. The told cases are written by hand; the drawn ones were made by
 * NAGOMI_DRAW_CASES=1 vendor/bin/pest tests/Feature/WashMachineTest.php
 */

const WASH_CASES = __DIR__ . '/../fixtures/wash-machine.json';

/** @return array{steps: array<string, mixed>, order: list<string>, refused: list<string|null>, day: list<array>} */
function washed(array $case): array
{
    $session = new WashSession();
    $session->forceFill([
        'plan' => ['steps' => $case['plan'], 'palette' => $case['palette'] ?? [], 'part_minutes' => 1],
        'created_at' => CarbonImmutable::parse('2027-01-09 10:00', 'UTC'),
    ]);
    $state = WashSessionState::of($session, []);
    $refused = [];
    foreach ($case['acts'] as $act) {
        $refused[] = $why = $state->refuses($act['kind'], $act['step'], $act['device'], $act['value']);
        $state->apply((new WashSessionAct())->forceFill([
            'key' => 'k', 'kind' => $act['kind'], 'step' => $act['step'], 'value' => $act['value'],
            'acted_at' => CarbonImmutable::parse($act['at']), 'by' => $act['by'], 'device' => $act['device'],
            'refused' => $why,
        ]));
    }
    $steps = json_decode((string) json_encode($state->toArray()), true);
    foreach ($steps as &$step) {
        $step['at'] = $step['at'] === null ? null : CarbonImmutable::parse($step['at'])->format('Y-m-d\TH:i:s\Z');
    }

    $day = array_map(
        static fn (array $step): array => ['books' => (object) ($step['books'] ?? [])] + $step,
        $state->steps(),
    );

    return [
        'steps' => $steps, 'order' => $state->order(), 'refused' => $refused, 'day' => $day,
        'pauses' => array_map(static fn (array $pause): array => array_map(
            static fn (?string $at): ?string => $at === null
                ? null
                : CarbonImmutable::parse($at)->format('Y-m-d\TH:i:s\Z'),
            $pause,
        ), $state->pauses()->toArray()),
    ];
}

/** @return list<array<string, mixed>> */
function washCases(): array
{
    return json_decode((string) file_get_contents(WASH_CASES), true, flags: JSON_THROW_ON_ERROR);
}

/** @return array<string, mixed> taps as two people in a hurry make them */
function drawnCase(int $seed): array
{
    mt_srand($seed);
    $keys = ['ready', 'section', 'cleanse', 'mask', 'rinse', 'style'];
    $kinds = [
        'done', 'done', 'done', 'skip', 'back', 'repeat', 'swap', 'section', 'amount', 'note', 'bottle', 'add', 'move',
        'set', 'set', 'pause', 'resume',
    ];
    $acts = [];
    for ($i = 0; $i < 30; $i++) {
        $device = ['one', 'two'][mt_rand(0, 1)];
        $kind = $kinds[mt_rand(0, count($kinds) - 1)];
        $acts[] = [
            'kind' => $kind,
            'step' => match (true) {
                $kind === 'add' => 'put-in-' . mt_rand(0, 3),
                mt_rand(0, 19) === 0 => 'no-such-step',
                mt_rand(0, 4) === 0 => 'put-in-' . mt_rand(0, 3),
                default => $keys[mt_rand(0, 5)],
            },
            'device' => $device,
            'by' => $device === 'one' ? 'Ilse' : 'Quim',
            'at' => gmdate('Y-m-d\TH:i:s\Z', 1_799_488_800 + 60 * $i),
            'value' => match ($kind) {
                'section' => ['section' => mt_rand(0, 3)],
                'amount' => ['ml' => mt_rand(1, 40)],
                'bottle' => ['product' => ['one-bottle', 'another'][mt_rand(0, 1)], 'why' => 'ran-out'],
                'note' => ['note' => ['knot', 'no-foam'][mt_rand(0, 1)]],
                'add' => [
                    'of' => ['wrap', 'style-coils', 'no-such-template'][mt_rand(0, 2)],
                    'after' => [null, 'mask', 'put-in-0', 'no-such-step'][mt_rand(0, 3)],
                ],
                'move' => ['after' => [null, 'ready', 'style', 'put-in-1'][mt_rand(0, 3)]],
                'set' => [
                    ['hands' => mt_rand(0, 30)], ['on' => mt_rand(1, 40), 'because' => 'judgement'],
                    ['sections' => mt_rand(1, 8)], ['tool' => 'brush'], ['heat' => true], ['mm' => mt_rand(1, 50)],
                ][mt_rand(0, 5)],
                default => new stdClass(),
            },
        ];
    }
    $step = static fn (string $key): array => [
        'key' => $key, 'kind' => strtok($key, '-') === 'section' ? 'part' : strtok($key, '-'),
        'hands_on_minutes' => strlen($key), 'waiting_minutes' => $key === 'mask' ? 20 : 0,
        'sections' => in_array($key, ['section', 'mask', 'style', 'style-coils'], true) ? 4 : null,
        'tool' => null, 'heat' => false,
        'books' => $key === 'mask' ? ['kind' => 'mask', 'minutes' => 20, 'heat' => false] : null,
    ];
    $case = json_decode((string) json_encode([
        'name' => "drawn {$seed}", 'plan' => array_map($step, $keys),
        'palette' => array_map($step, ['wrap', 'style-coils']), 'acts' => $acts,
    ]), true);

    $comes = washed($case);
    foreach ($comes['steps'] as &$step) {
        // Nothing noted is an object with nothing in it, not a list.
        $step['notes'] = (object) $step['notes'];
        $step['set'] = (object) $step['set'];
    }

    return $case + ['expect' => $comes];
}

it('comes to what the told cases say', function (): void {
    if (getenv('NAGOMI_DRAW_CASES') !== false) {
        $told = array_filter(washCases(), fn (array $case): bool => ! str_starts_with($case['name'], 'drawn'));
        $cases = [...array_values($told), ...array_map(drawnCase(...), range(1, 25))];
        $lines = array_map(fn (array $case): string => (string) json_encode($case, JSON_UNESCAPED_SLASHES), $cases);
        file_put_contents(WASH_CASES, "[\n" . implode(",\n", $lines) . "\n]\n");
    }
    $cases = washCases();
    expect(count($cases))->toBeGreaterThan(35);
    foreach ($cases as $case) {
        $comes = washed($case);
        foreach ($case['expect']['steps'] as $key => $expected) {
            expect(
                array_intersect_key($comes['steps'][$key], $expected),
            )->toEqual($expected, "{$case['name']}: {$key}");
        }
        expect($comes['order'])->toBe($case['expect']['order'], $case['name'])
            ->and($comes['refused'])->toBe($case['expect']['refused'], $case['name'])
            ->and($comes['pauses'])->toBe($case['expect']['pauses'] ?? $comes['pauses'], $case['name'])
            ->and(json_decode((string) json_encode($comes['day']), true))
            ->toEqual($case['expect']['day'] ?? json_decode((string) json_encode($comes['day']), true), $case['name']);
    }
});
