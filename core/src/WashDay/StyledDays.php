<?php

declare(strict_types=1);

namespace Nagomi\Core\WashDay;

use Nagomi\Core\Parameters\WashDayParameters;
use Nagomi\Core\Readings\MeasuredSign;
use Nagomi\Core\Readings\Reading;
use Nagomi\Core\Readings\Sign;
use Nagomi\Core\Treatments\WashDay;

/** The wash days whose result was read: on the day itself or shortly after, and before the next. */
final readonly class StyledDays
{
    private const TEST = 'result';

    /** Of this sign more is worse. */
    private const MOST_FRIZZ = 10.0;

    /**
     * @param list<WashDay> $washDays in any order
     * @param list<Reading> $readings in any order; only results count
     *
     * @return list<StyledDay> oldest first
     */
    public static function of(array $washDays, array $readings, WashDayParameters $parameters): array
    {
        $results = array_filter($readings, static fn (Reading $reading): bool => $reading->test === self::TEST);
        usort($washDays, static fn (WashDay $a, WashDay $b): int => $a->date <=> $b->date);
        $styled = [];
        foreach ($washDays as $i => $washDay) {
            $until = $washDay->date->modify("+{$parameters->resultWithinDays} days");
            $next = ($washDays[$i + 1] ?? null)?->date;
            $points = [];
            foreach ($results as $reading) {
                $isOf = $reading->date >= $washDay->date && $reading->date <= $until
                    && ($next === null || $reading->date < $next);
                $points = $isOf ? [...$points, ...array_map(self::points(...), $reading->measured)] : $points;
            }
            if ($points !== []) {
                $styled[] = new StyledDay($washDay, array_sum($points) / count($points));
            }
        }

        return $styled;
    }

    /** @return float 0 to 10, more is better */
    private static function points(MeasuredSign $measured): float
    {
        return $measured->sign === Sign::Frizz ? self::MOST_FRIZZ - $measured->value : $measured->value;
    }
}
