<?php

declare(strict_types=1);

namespace Nagomi\Core\WashDay;

use Nagomi\Core\Parameters\WashDayParameters;
use Nagomi\Core\Safety\Caution;

/** How hair is dried at the end of a wash day, as steps. */
final class DryingSteps
{
    private const BY = [
        'air' => 'in the air',
        'diffuse' => 'with the diffuser, medium or low',
        'hood' => 'under the hood, stepped down from warm to cool: a third warm, a third medium, a third cool',
    ];

    /** @return list<WashDayStep> none where hair leaves damp */
    public static function of(DryingMethod $drying, Pace $pace, WashDayParameters $parameters): array
    {
        if ($drying === DryingMethod::LeavesDamp) {
            return [];
        }
        [$minutes, $spread] = $drying === DryingMethod::Air
            ? [$pace->airDryMinutes, $pace->drySpread]
            : [$parameters->dryMinutes[$drying->value], $parameters->spread['dry']];
        $by = self::BY[$drying->value];

        return [
            // A diffuser is held; air and hood leave the hands free.
            $drying === DryingMethod::Diffuse
                ? new WashDayStep('dry', "Dry {$by}, to 80 or 90 %", $minutes, $spread, heat: true)
                : new WashDayStep(
                    'dry',
                    "Dry {$by}",
                    0.5,
                    waitingMinutes: $minutes,
                    waitSpread: $spread,
                    heat: $drying === DryingMethod::Hood,
                    watch: $drying === DryingMethod::Hood ? [Caution::HeatCap->sentence()] : [],
                ),
            new WashDayStep(
                'break-cast',
                'Scrunch the cast out, only when fully dry',
                $parameters->handsMinutes['break-cast'],
            ),
        ];
    }
}
