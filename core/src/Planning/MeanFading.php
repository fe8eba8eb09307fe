<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use DateTimeImmutable;
use Nagomi\Core\Climate\Humidity;
use Nagomi\Core\Estimation\AirMoisture;
use Nagomi\Core\Estimation\Dynamics;
use Nagomi\Core\Estimation\State;
use Nagomi\Core\Head\Head;

/** How the means of a head fade and build up through days on which nothing is done. */
final class MeanFading
{
    /**
     * @var list<array{
     *     moistureRate: float, moistureRateSealed: float, proteinRate: float, washable: float, stubborn: float,
     * }> a day, by stratum
     */
    private readonly array $strata;

    private readonly Head $head;
    private readonly Humidity $air;

    /** @var array<int, float> moisture the air holds in hair, by day counted from today */
    private array $airs;

    /**
     * @var array<int, list<array{
     *     float, float, float,
     * }>> by stretch of days: of each stratum what is kept of moisture, what the air adds, what is kept of protein
     */
    private array $stretches;

    /** @param self|null $like of the same head from the same day: what is known of its days */
    public function __construct(State $start, private readonly DateTimeImmutable $today, ?self $like = null)
    {
        $layout = $start->layout;
        $this->head = $layout->head;
        $this->air = $layout->air;
        [$washable, $stubborn] = Dynamics::buildUpADay($this->head);
        $ofMoisture = exp($start->mean[$layout->moistureFading]);
        $ofProtein = exp($start->mean[$layout->proteinFading]);
        $strata = [];
        foreach ($this->head->strata as $stratum) {
            $strata[] = [
                'moistureRate' => Dynamics::moistureRate($stratum, false) * $ofMoisture,
                'moistureRateSealed' => Dynamics::moistureRate($stratum, true) * $ofMoisture,
                'proteinRate' => Dynamics::proteinRate($stratum) * $ofProtein,
                'washable' => $washable,
                'stubborn' => $stubborn,
            ];
        }
        $this->strata = $strata;
        $this->airs = $like === null ? [] : $like->airs;
        // It fades as fast: what a stretch of days does is the same.
        $this->stretches = $like?->strata === $strata ? $like->stretches : [];
    }

    /**
     * @param array<int, float> $means at the end of a day
     * @param int               $from  that day, counted from today
     *
     * @return array<int, float> the means so many days later
     */
    public function afterDays(array $means, int $from, int $days, bool $sealed): array
    {
        $stretch = $this->stretches[(($from * 256 + $days) << 1) | (int) $sealed] ??= $this->stretch(
            $from,
            $days,
            $sealed,
        );
        foreach ($this->strata as $s => $stratum) {
            $at = 4 * $s;
            [$kept, $added, $proteinKept] = $stretch[$s];
            $means[$at] = $kept * $means[$at] + $added;
            $means[$at + 1] *= $proteinKept;
            $washable = $means[$at + 2] + $stratum['washable'] * $days;
            $means[$at + 2] = $washable > 100 ? 100.0 : $washable;
            $stubborn = $means[$at + 3] + $stratum['stubborn'] * $days;
            $means[$at + 3] = $stubborn > 100 ? 100.0 : $stubborn;
        }

        return $means;
    }

    /** @return list<array{float, float, float}> */
    private function stretch(int $from, int $days, bool $sealed): array
    {
        $stretch = [];
        foreach ($this->strata as $stratum) {
            $keptADay = exp(-($sealed ? $stratum['moistureRateSealed'] : $stratum['moistureRate']));
            $added = 0.0;
            for ($day = $from + 1; $day <= $from + $days; $day++) {
                $air = $this->airs[$day] ??= AirMoisture::at(
                    $this->air->percentOn($this->today->modify("+{$day} days")),
                    $this->head->parameters->model,
                );
                $added = $keptADay * $added + (1 - $keptADay) * $air;
            }
            $stretch[] = [$keptADay ** $days, $added, exp(-$stratum['proteinRate'] * $days)];
        }

        return $stretch;
    }
}
