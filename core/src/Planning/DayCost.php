<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use Nagomi\Core\Head\Head;

/**
 * What one day costs by the means of its strata: how far moisture and protein are expected outside their bands, with the
 * doubt of that day, and build-up past its limit. The search spends most of its time here.
 */
final readonly class DayCost
{
    private const TABLE_ZERO = -ExcessTable::LEAST * ExcessTable::STEPS;
    private const TABLE_END = (ExcessTable::MOST - ExcessTable::LEAST) * ExcessTable::STEPS;

    /** @var list<array{float, float, float}> share of the hair, target of moisture, target of protein, by stratum */
    private array $strata;

    /**
     * @var list<array{
     *     list<array{float, float}>, list<array{float, float}>,
     * }> by stratum, moisture and protein, day: steps of the table per unit, variance in band widths
     */
    private array $looks;

    /** @var array<int, float> */
    private array $table;

    private float $band;
    private float $buildUpLimit;
    private float $buildUpScale;

    public function __construct(Head $head, ForecastUncertainty $doubt)
    {
        $planning = $head->parameters->planning;
        $this->band = $head->parameters->model->bandHalfWidth;
        $this->buildUpLimit = $planning->buildUpLimit;
        $this->buildUpScale = $planning->costOfBuildUp / $planning->costBuildUpWidth ** 2;
        $this->looks = $doubt->looks($this->band);
        $this->table = ExcessTable::values();
        $strata = [];
        foreach ($head->strata as $stratum) {
            $strata[] = [
                $stratum->share,
                $stratum->targetMoisture(),
                $stratum->targetProtein($head->proteinSensitive),
            ];
        }
        $this->strata = $strata;
    }

    /**
     * 1 for a whole head one band width outside. The four looks at the table of each stratum are written out.
     *
     * @param array<int, float> $means four numbers for each stratum
     * @param int               $day   counted from today; beyond what is known of doubt as today
     */
    public function of(array $means, int $day): float
    {
        $cost = 0.0;
        [$table, $band] = [$this->table, $this->band];
        foreach ($this->strata as $s => [$share, $moisture, $protein]) {
            $at = 4 * $s;
            $outside = 0.0;
            $looks = $this->looks[$s];
            foreach ([$means[$at] - $moisture, $means[$at + 1] - $protein] as $which => $apart) {
                [$scale, $square] = $looks[$which][$day] ?? $looks[$which][0];
                $above = ($apart - $band) * $scale + self::TABLE_ZERO;
                if ($above > 0) {
                    if ($above < self::TABLE_END) {
                        $i = (int) $above;
                        $outside += $square * ($table[$i] + ($table[$i + 1] - $table[$i]) * ($above - $i));
                    } else {
                        $outside += $square * ((($above - self::TABLE_ZERO) / ExcessTable::STEPS) ** 2 + 1);
                    }
                }
                $below = (-$apart - $band) * $scale + self::TABLE_ZERO;
                if ($below > 0) {
                    if ($below < self::TABLE_END) {
                        $i = (int) $below;
                        $outside += $square * ($table[$i] + ($table[$i + 1] - $table[$i]) * ($below - $i));
                    } else {
                        $outside += $square * ((($below - self::TABLE_ZERO) / ExcessTable::STEPS) ** 2 + 1);
                    }
                }
            }
            $buildUp = $means[$at + 2] + $means[$at + 3] - $this->buildUpLimit;
            if ($buildUp > 0) {
                $outside += $this->buildUpScale * $buildUp * $buildUp;
            }
            $cost += $share * $outside;
        }

        return $cost;
    }
}
