<?php

declare(strict_types=1);

namespace Nagomi\Core\Climate;

/** Classes of water hardness in mg/L of CaCO₃: 0–60, 61–120, 121–180, over 180 (USGS). */
enum WaterHardness: string
{
    case Soft = 'soft';
    case Moderate = 'moderate';
    case Hard = 'hard';
    case VeryHard = 'very hard';

    /** 1 grain per US gallon in mg/L. */
    public const MG_PER_L_IN_A_GRAIN = 17.1;

    public static function fromMgPerL(float $mgPerL): self
    {
        return match (true) {
            $mgPerL <= 60 => self::Soft,
            $mgPerL <= 120 => self::Moderate,
            $mgPerL <= 180 => self::Hard,
            default => self::VeryHard,
        };
    }
}
