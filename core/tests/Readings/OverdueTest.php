<?php

declare(strict_types=1);

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Readings\OverdueTest;
use Nagomi\Core\Tests\Support\Make;

it('finds what was not taken for more than twice its usual gap, the longest overdue first', function (): void {
    $days = fn (string ...$dates): array => array_map(Make::day(...), $dates);
    $overdue = OverdueTest::of([
        'wet-stretch' => $days('2026-01-01', '2026-01-22', '2026-02-12'), // every 21 days
        'dryness' => $days('2026-03-05', '2026-02-12', '2026-02-26', '2026-02-19'), // every 7 days
        'length' => $days('2025-07-01', '2025-09-01', '2025-11-01', '2026-01-01'),
        'scalp' => $days('2025-01-01', '2025-02-01'), // twice is no rhythm
    ], Make::day('2026-03-27'), Parameters::shipped()->readings);
    expect(array_map(
        fn (OverdueTest $one): array => [$one->test, $one->daysAgo, $one->usualDays],
        $overdue,
    ))->toBe([['dryness', 22, 7], ['wet-stretch', 43, 21]]);
    // On the very day it is twice as long ago, it is not overdue yet.
    expect(OverdueTest::of(
        ['dryness' => $days('2026-03-05', '2026-02-12', '2026-02-26', '2026-02-19')],
        Make::day('2026-03-19'),
        Parameters::shipped()->readings,
    ))->toBe([]);
});
