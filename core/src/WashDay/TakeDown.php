<?php

declare(strict_types=1);

namespace Nagomi\Core\WashDay;

use DateTimeImmutable;
use Nagomi\Core\Parameters\WashDayParameters;

/** When a protective style is to come down, and how long that takes: the later, the more tangled. */
final readonly class TakeDown
{
    private function __construct(
        public DateTimeImmutable $dueOn,
        public int $daysLate,
        public float $minutes,
    ) {
    }

    /**
     * @param int|null $days it may stay in for this client; null: as long as the trade says
     *
     * @return self|null null for a style that is washed out
     */
    public static function of(
        StylingMethod $styling,
        DateTimeImmutable $madeOn,
        DateTimeImmutable $today,
        WashDayParameters $parameters,
        ?int $days = null,
    ): ?self {
        if (! $styling->protects()) {
            return null;
        }
        $days ??= $parameters->protectiveDays[$styling->value] ?? 14;
        $due = $madeOn->modify("+{$days} days");
        $late = $today > $due ? (int) $due->diff($today)->days : 0;

        return new self(
            $due,
            $late,
            $parameters->takeDownMinutes[$styling->value]
                + $parameters->takeDownMinutes['each-week-late'] * $late / 7,
        );
    }
}
