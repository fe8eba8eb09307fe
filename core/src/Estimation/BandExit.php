<?php

declare(strict_types=1);

namespace Nagomi\Core\Estimation;

use DateTimeImmutable;

/** When a head that nobody cares for leaves its band. */
final class BandExit
{
    /** Further ahead than this nobody books for it. */
    public const DAYS = 28;

    /**
     * @return DateTimeImmutable|null the first day on which moisture or protein of some stratum is likelier outside its
     * band than in it; null within four weeks
     */
    public static function on(Snapshot $point): ?DateTimeImmutable
    {
        foreach (Forecast::from($point, [], self::DAYS) as $ahead) {
            $head = $ahead->state->layout->head;
            foreach ($head->strata as $s => $stratum) {
                $moisture = abs($ahead->state->value($s, StateLayout::MOISTURE) - $stratum->targetMoisture());
                $protein = abs(
                    $ahead->state->value($s, StateLayout::PROTEIN) - $stratum->targetProtein($head->proteinSensitive),
                );
                if (
                    $stratum->share >= $stratum->parameters->planning->speaksForTheHeadFrom
                        && max($moisture, $protein) > $stratum->parameters->model->bandHalfWidth
                ) {
                    return $ahead->date;
                }
            }
        }

        return null;
    }
}
