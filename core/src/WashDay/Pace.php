<?php

declare(strict_types=1);

namespace Nagomi\Core\WashDay;

use Nagomi\Core\Head\Head;
use Nagomi\Core\Readings\Reading;
use Nagomi\Core\Readings\Sign;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;
use Nagomi\Core\Treatments\WashDay;

/**
 * How long detangling a section and drying take on one head: from her own past, leaning on what is usual while that is
 * short.
 */
final readonly class Pace
{
    /** Wash days further back say little of how long one takes now. */
    public const OVER_DAYS = 400;

    private function __construct(
        public float $detangleASectionMinutes,
        public float $detangleSpread,
        public int $detanglings,
        public float $airDryMinutes,
        public float $drySpread,
        public int $dryings,
    ) {
    }

    /**
     * @param list<WashDay> $washDays
     * @param list<Reading> $readings
     * @param float|null    $similarMinutes minutes a section of heads like hers; null: the trade's usual
     */
    public static function of(Head $head, array $washDays, array $readings = [], ?float $similarMinutes = null): self
    {
        $parameters = $head->parameters->washDay;
        $sections = max(1, $head->sections);
        $detangled = $dried = [];
        foreach ($washDays as $day) {
            $minutes = array_sum(array_map(
                static fn (Step $step): float => $step->kind === StepKind::Detangle ? $step->minutes ?? 0.0 : 0.0,
                $day->steps,
            ));
            if ($minutes > 0 && ! $day->approximate) {
                $detangled[] = $minutes / $sections;
            }
        }
        foreach ($readings as $reading) {
            foreach ($reading->measured as $measured) {
                if ($measured->sign === Sign::DryingTime && $measured->value > 0) {
                    $dried[] = $measured->value;
                }
            }
        }
        $usualDry = 0.0;
        $dryMinutes = $head->parameters->readings->porosityDryingMinutes;
        foreach ($head->strata as $stratum) {
            $usualDry += $stratum->share * $dryMinutes[$stratum->porosity->value];
        }
        [$detangle, $detangleSpread] = self::shrunk(
            $detangled,
            $similarMinutes ?? $parameters->detangleASectionMinutes,
            $parameters->spread['detangle'],
            $parameters->usualWeighs,
        );
        [$dry, $drySpread] = self::shrunk($dried, $usualDry, $parameters->spread['dry'], $parameters->usualWeighs);

        return new self($detangle, $detangleSpread, count($detangled), $dry, $drySpread, count($dried));
    }

    /** @return float minutes for all of it: the same hair in more sections or fewer, of which each costs its parting */
    public function detanglingMinutes(Head $head): float
    {
        $minutes = $head->sections * $this->detangleASectionMinutes;
        $more = ($head->sectionsByWork->detangling ?? $head->sections) - $head->sections;

        return max($minutes / 2, $minutes + $more * $head->parameters->washDay->sectionMinutes['section']);
    }

    /**
     * The median and the spread of the logarithm, own and usual weighed together.
     *
     * @param list<float> $own
     * @param float       $weight wash days that the usual counts for
     *
     * @return array{float, float}
     */
    private static function shrunk(array $own, float $usual, float $spread, float $weight): array
    {
        $logs = array_map(log(...), $own);
        $mean = (array_sum($logs) + $weight * log($usual)) / (count($logs) + $weight);
        $squares = array_sum(array_map(static fn (float $log): float => ($log - $mean) ** 2, $logs));

        return [exp($mean), sqrt(($squares + $weight * $spread ** 2) / (count($logs) + $weight))];
    }
}
