<?php

declare(strict_types=1);

/* The wash day as it is laid out, as a line: hands filled, processing hollow, by the minute. */

use App\Drawings\WashDayLine;

function stepOfLine(?float $start, float $hands, float $alone): array
{
    return ['label' => 'Mask', 'start_minutes' => $start, 'hands_on_minutes' => $hands, 'waiting_minutes' => $alone];
}

it('sets each bar where its minutes are', function (): void {
    $line = WashDayLine::of([
        stepOfLine(0.0, 10.0, 0.0), stepOfLine(10.0, 5.0, 25.0), stepOfLine(40.0, 20.0, 0.0),
        stepOfLine(null, 30.0, 0.0),
    ]);
    $whole = WashDayLine::RIGHT - WashDayLine::LEFT;
    expect($line->hands)->toHaveCount(3)->and($line->alone)->toHaveCount(1)
        ->and($line->alone[0]['x'])->toEqualWithDelta(WashDayLine::LEFT + $whole * 15 / 60, 0.1)
        ->and($line->alone[0]['width'])->toEqualWithDelta($whole * 25 / 60, 2.0)
        ->and($line->hands[2]['x'] + $line->hands[2]['width'])->toBeLessThanOrEqual(WashDayLine::RIGHT)
        ->and(array_column($line->ticks, 'label'))->toBe(['0:00', '0:15', '0:30', '0:45', '1:00'])
        ->and(array_column($line->ticks, 'at'))->toBe(['start', 'middle', 'middle', 'middle', 'end']);
});

it('has room for its hours, however long the day is', function (float $minutes): void {
    $line = WashDayLine::of([stepOfLine(0.0, $minutes, 0.0)]);
    expect(count($line->ticks))->toBeLessThanOrEqual(11)->toBeGreaterThan(1);
    foreach ($line->ticks as ['x' => $x, 'label' => $label, 'at' => $at]) {
        // On a phone a digit is a good 20 of the 1040 wide.
        $wide = 21.0 * strlen($label);
        $from = match ($at) {
            'start' => $x,
            'middle' => $x - $wide / 2,
            'end' => $x - $wide,
        };
        expect($from)->toBeGreaterThan(0.0)->and($from + $wide)->toBeLessThan(WashDayLine::WIDTH);
    }
})->with([30.0, 150.0, 400.0, 900.0]);

it('is drawn on the page, and empty where nothing is laid out', function (): void {
    expect(WashDayLine::of([])->hands)->toBe([]);
    $head = $this->aHead();
    $page = (string) $this->actingAs($this->stylist)->get("/clients/{$head->id}/wash")->assertOk()->getContent();
    expect(substr_count($page, 'class="day-hands"'))->toBeGreaterThan(5)
        ->and(substr_count($page, 'class="day-alone"'))->toBeGreaterThan(0);
});
