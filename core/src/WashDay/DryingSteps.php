<?php

declare(strict_types=1);

namespace Nagomi\Core\WashDay;

use Nagomi\Core\Parameters\WashDayParameters;
use Nagomi\Core\Safety\Caution;
use Nagomi\Core\Wording\Message;

/** How hair is dried at the end of a wash day, as steps. */
final class DryingSteps
{
    private const HEATED = ['diffuse', 'diffuse-high', 'diffuse-medium', 'hood'];

    /**
     * @param bool $isStyled on this day: without what sets no cast is left to scrunch out
     *
     * @return list<WashDayStep> none where hair leaves damp
     */
    public static function of(
        DryingMethod $drying,
        Pace $pace,
        WashSteps $steps,
        WashDayParameters $parameters,
        bool $isStyled,
    ): array {
        return $drying === DryingMethod::LeavesDamp ? [] : [
            self::stage($drying->value, $pace, $parameters),
            $isStyled ? $steps->after->breakCast() : $steps->after->feelDry(),
        ];
    }

    /** @param string $by air, fan, hood, diffuse or a stage of it */
    public static function stage(string $by, Pace $pace, WashDayParameters $parameters): WashDayStep
    {
        $isHeld = str_starts_with($by, 'diffuse');
        $minutes = $pace->drying->minutes($by);
        $spread = $pace->drying->spread($by);

        // A diffuser is held; air, fan and hood leave the hands free.
        return new WashDayStep(
            WashStepKind::Dry,
            'dry',
            Message::of("wash-day.dry.{$by}"),
            $isHeld ? $minutes : $parameters->handsMinutes['dry'],
            $isHeld ? $spread : $parameters->spread['hands'],
            waitingMinutes: $isHeld ? 0.0 : $minutes,
            waitSpread: $isHeld ? 0.0 : $spread,
            heat: in_array($by, self::HEATED, true),
            watch: $by === 'hood' ? [Caution::HeatCap->sentence()] : [],
        );
    }
}
