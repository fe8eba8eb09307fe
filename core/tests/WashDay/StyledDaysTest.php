<?php

declare(strict_types=1);

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Readings\Moment;
use Nagomi\Core\Readings\Reading;
use Nagomi\Core\Tests\Support\Make;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\WashDay;
use Nagomi\Core\WashDay\StyledDay;
use Nagomi\Core\WashDay\StyledDays;

function resultOn(string $date, int $points): Reading
{
    return new Reading("r-{$date}-{$points}", Make::day($date), Moment::AfterStyling, 'result', array_fill_keys(
        ['definition', 'clumping', 'softness', 'shine', 'volume'],
        $points,
    ) + ['frizz' => 10 - $points]);
}

/**
 * @param list<string>  $dates
 * @param list<Reading> $readings
 *
 * @return array<string, float> score by date
 */
function styledOn(array $dates, array $readings): array
{
    $days = array_map(fn (string $date): WashDay => new WashDay(
        $date,
        Make::day($date),
        [Step::cleanse(CleanseKind::Gentle)],
    ), $dates);
    $styled = StyledDays::of($days, $readings, Parameters::shipped()->washDay);

    return array_combine(
        array_map(fn (StyledDay $one): string => $one->day->id, $styled),
        array_map(fn (StyledDay $one): float => $one->score, $styled),
    );
}

it('reads a result as of the wash day it followed, within two days and before the next', function (): void {
    expect(styledOn([], []))->toBe([])
        ->and(styledOn(['2026-03-01'], []))->toBe([])
        ->and(styledOn([], [resultOn('2026-03-01', 5)]))->toBe([])
        // Frizz counts the other way round: all alike good is as good.
        ->and(styledOn(['2026-03-01'], [resultOn('2026-03-01', 8)]))->toBe(['2026-03-01' => 8.0])
        ->and(styledOn(['2026-03-01'], [resultOn('2026-03-03', 8)]))->toBe(['2026-03-01' => 8.0])
        ->and(styledOn(['2026-03-01'], [resultOn('2026-03-04', 8)]))->toBe([])
        ->and(styledOn(['2026-03-01'], [resultOn('2026-02-28', 8)]))->toBe([])
        ->and(styledOn(['2026-03-03', '2026-03-01'], [resultOn('2026-03-03', 4), resultOn('2026-03-02', 6)]))
        ->toBe(['2026-03-01' => 6.0, '2026-03-03' => 4.0])
        ->and(styledOn(['2026-03-01'], [resultOn('2026-03-01', 4), resultOn('2026-03-02', 8)]))
        ->toBe(['2026-03-01' => 6.0]);
});

it('takes no other test for a result', function (): void {
    $dryness = new Reading('d', Make::day('2026-03-01'), Moment::BeforeCleansing, 'dryness', ['points' => 3]);
    expect(styledOn(['2026-03-01'], [$dryness]))->toBe([]);
});
