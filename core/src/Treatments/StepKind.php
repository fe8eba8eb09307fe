<?php

declare(strict_types=1);

namespace Nagomi\Core\Treatments;

/** The kinds of step that leave something in the hair or take something from it. */
enum StepKind: string
{
    case PreWash = 'pre-wash';
    case Detangle = 'detangle';
    case Cleanse = 'cleanse';
    case MildProtein = 'mild-protein';
    case StrongProtein = 'strong-protein';
    case Conditioner = 'conditioner';
    case Mask = 'mask';
    case LeaveIn = 'leave-in';
    case Seal = 'seal';
    case HeatTool = 'heat-tool';
    case ChemicalService = 'chemical-service';
    case Trim = 'trim';
    case Wetting = 'wetting';
    case Swim = 'swim';
    case UpStyle = 'up-style';
    case ScalpOil = 'scalp-oil';

    public function isProtein(): bool
    {
        return $this === self::MildProtein || $this === self::StrongProtein;
    }

    /** Steps that are over when their time is over, and whose minutes therefore say how much they did. */
    public function needsMinutes(): bool
    {
        return match ($this) {
            self::MildProtein, self::StrongProtein, self::Conditioner, self::Mask => true,
            default => false,
        };
    }
}
