<?php

declare(strict_types=1);

namespace App\Bridge\Readings;

use Nagomi\Core\Head\Zone;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Readings\Sign;
use Nagomi\Core\Readings\Usual;

/** The readings of one sign at one place of a head, in the order they were taken. */
final readonly class SignSeries
{
    /**
     * @param Zone|null                 $zone   null: of the whole head
     * @param non-empty-list<SignPoint> $points oldest first
     */
    public function __construct(
        public Sign $sign,
        public ?Zone $zone,
        public array $points,
    ) {
    }

    /** @return non-empty-list<float> in the sign's unit */
    public function values(): array
    {
        return array_map(fn (SignPoint $point): float => $point->measured->value, $this->points);
    }

    public function last(): SignPoint
    {
        return $this->points[count($this->points) - 1];
    }

    /**
     * One value for each day: two readings of a day, by two stylists or before and after the wash, are no two days.
     *
     * @return non-empty-array<string, float> mean of the day in the sign's unit, by date, oldest first
     */
    public function days(): array
    {
        $days = [];
        foreach ($this->points as $point) {
            $days[$point->date][] = $point->measured->value;
        }

        return array_map(fn (array $values): float => array_sum($values) / count($values), $days);
    }

    /** What is usual of it by its days; null while there are no more days than those that say so. */
    public function usual(Parameters $parameters): ?Usual
    {
        return Usual::of($this->sign, array_values($this->days()), $parameters);
    }

    /**
     * The chart of what is usual at each reading: that of its day.
     *
     * @return array<int, array{average: float, lower: float, upper: float, changed: bool}> by place of the reading
     */
    public function chart(?Usual $usual): array
    {
        $places = array_flip(array_keys($this->days()));
        $chart = [];
        foreach ($this->points as $i => $point) {
            $limits = $usual->chart[$places[$point->date]] ?? null;
            if ($limits !== null) {
                $chart[$i] = $limits;
            }
        }

        return $chart;
    }
}
