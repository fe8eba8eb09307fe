<?php

declare(strict_types=1);

namespace Nagomi\Core\Climate;

use DateTimeImmutable;
use InvalidArgumentException;

/**
 * The relative humidity around one head, day by day: the swing of a weather station's year, about the humidity that is
 * usual for this head. Without a station every day is the usual one.
 */
final readonly class Humidity
{
    /** Hair is never quite without air's moisture, nor for a whole day at saturation. */
    private const LEAST_PERCENT = 3.0;
    private const MOST_PERCENT = 99.0;

    private float $stationMean;

    /**
     * @param float                $usualPercent 0 to 100
     * @param array<string, float> $year         a station's daily mean in %, by day of the year as 01-31; [] for none
     *
     * @throws InvalidArgumentException for a value outside 0 to 100
     */
    public function __construct(
        public float $usualPercent,
        public array $year = [],
    ) {
        foreach ([$usualPercent, ...array_values($year)] as $percent) {
            if (is_nan($percent) || $percent < 0 || $percent > 100) {
                throw new InvalidArgumentException('Humidity: give 0 to 100 %.');
            }
        }
        $this->stationMean = $year === [] ? 0.0 : array_sum($year) / count($year);
    }

    /** % on the given day; 29 February without a value of its own is as the 28th. */
    public function percentOn(DateTimeImmutable $day): float
    {
        $key = $day->format('m-d');
        $station = $this->year[$key] ?? ($key === '02-29' ? $this->year['02-28'] ?? null : null);
        if ($station === null) {
            return $this->usualPercent;
        }

        return max(self::LEAST_PERCENT, min(self::MOST_PERCENT, $this->usualPercent + $station - $this->stationMean));
    }

    /** The same air about another usual humidity. */
    public function about(float $usualPercent): self
    {
        return new self($usualPercent, $this->year);
    }
}
