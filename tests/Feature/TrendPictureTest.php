<?php

declare(strict_types=1);

use App\Drawings\TrendLine;
use App\Pages\Trends\TrendsScreen;
use Carbon\CarbonImmutable;

it('lays a trend between the edges of its picture, with time to the right and more upwards', function (): void {
    $day = fn (string $date): CarbonImmutable => CarbonImmutable::parse($date, 'Europe/Lisbon');
    $chart = [
        ['average' => 4.0, 'lower' => 3.0, 'upper' => 5.0, 'changed' => false],
        ['average' => 4.6, 'lower' => 2.8, 'upper' => 5.2, 'changed' => false],
        ['average' => 6.0, 'lower' => 2.7, 'upper' => 5.3, 'changed' => true],
    ];
    // Across the night in which the clocks go forward.
    $picture = TrendLine::of([['2026-03-01', 4.0], ['2026-03-29', 6.0], ['2026-04-12', 9.0]], $chart, [
        ['date' => '2026-02-01', 'kinds' => ['mask']], ['date' => '2026-03-29', 'kinds' => ['clarify', 'mask']],
    ], $day('2026-01-01'), $day('2026-04-26'));

    $x = array_column($picture->dots, 'x');
    $y = array_column($picture->dots, 'y');
    // 0, 28 and 42 of 56 days between 44 and 990: by hand 44, 517 and 753.5.
    expect($x[0])
        ->toEqualWithDelta(44.0, 0.1)
        ->and($x[1])
        ->toEqualWithDelta(517.0, 1.0)
        ->and($x[2])
        ->toEqualWithDelta(753.5, 1.0)
        ->and($y[0])->toBeGreaterThan($y[1])->and($y[1])->toBeGreaterThan($y[2])
        ->and(min($y))->toBeGreaterThan(0.0)->and(max($y))->toBeLessThan((float) TrendLine::HEIGHT)
        ->and(array_column($picture->dots, 'changed'))->toBe([false, false, true])
        ->and($picture->dots[1]['says'])->toBe('29 Mar 2026: 6')
        ->and(substr_count($picture->line, 'L'))->toBe(2)
        ->and(substr_count($picture->band, 'L'))->toBe(5)
        ->and($picture->band)->toEndWith('Z');
    // What was done before the first reading is off the picture; the other stands under its day.
    expect($picture->stones)->toBe([['x' => $x[1], 'kinds' => ['clarify', 'mask']]])
        ->and(array_column($picture->months, 'label'))->toBe(['Apr']);
});

it('draws a single reading and equal readings without dividing by nothing', function (array $points): void {
    $today = CarbonImmutable::parse('2026-03-01');
    $picture = TrendLine::of($points, [], [], $today, $today);
    expect($picture->dots)->toHaveCount(count($points))->and($picture->line)->toBe('')->and($picture->band)->toBe('');
    foreach ($picture->dots as $dot) {
        expect(is_finite($dot['x']) && is_finite($dot['y']))
            ->toBeTrue()
            ->and($dot['y'])
            ->toBeGreaterThan(0.0)
            ->and($dot['y'])
            ->toBeLessThan((float) TrendLine::HEIGHT);
    }
})->with([
    'one, today' => [[['2026-03-01', 0.0]]],
    'the same three times' => [[['2026-03-01', 7.0], ['2026-03-01', 7.0], ['2026-03-01', 7.0]]],
]);

it('marks under a trend every treatment of its time, and nothing of another head', function (): void {
    $head = $this->aHead('growing-out-bleach');
    $this->aHead('mixed-porosity');
    $this->actingAs($this->stylist);
    $trend = app(TrendsScreen::class)->of($head, 'breakage')->trends[0];
    $first = CarbonImmutable::createFromFormat(
        'j M Y',
        $trend->rows[count($trend->rows) - 1]->date,
    )->format('Y-m-d');
    // The plain way: every wash day with all of its steps.
    $expected = [];
    foreach ($head->washDays()->with('steps')->where('date', '>=', $first)->get() as $day) {
        foreach ($day->steps as $step) {
            $kind = match (true) {
                in_array($step->cleanse, ['clarifying', 'chelating'], true) => 'clarify',
                str_ends_with($step->kind, '-protein') => 'protein',
                in_array($step->kind, ['mask', 'trim'], true) => $step->kind,
                $step->kind === 'chemical-service' => 'service',
                default => null,
            };
            if ($kind !== null) {
                $expected[$day->date->format('Y-m-d')][$kind] = true;
            }
        }
    }
    $marked = array_map(fn (array $stone): array => $stone['kinds'], $trend->picture->stones);
    $sorted = fn (array $kinds): array => collect($kinds)->sort()->values()->all();
    expect(count($marked))->toBeGreaterThan(5)
        ->and(array_map($sorted, $marked))->toBe(array_values(
            array_map(fn (array $kinds): array => $sorted(array_keys($kinds)), $expected),
        ));
});
