<?php

declare(strict_types=1);

namespace Nagomi\Core\WashDay;

/** What is done in one step of a wash day, in the order in which it is usually done. */
enum WashStepKind: string
{
    case Ready = 'ready';
    case TakeDown = 'take-down';
    case PreWash = 'pre-wash';
    case Part = 'part';
    case Detangle = 'detangle';
    case WetThrough = 'wet-through';
    case Cleanse = 'cleanse';
    case CheckStripping = 'check-stripping';
    case Protein = 'protein';
    case HerbRinse = 'herb-rinse';
    case Conditioner = 'conditioner';
    case Mask = 'mask';
    case Rinse = 'rinse';
    case Squeeze = 'squeeze';
    case Wrap = 'wrap';
    case LeaveIn = 'leave-in';
    case Seal = 'seal';
    case ScalpOil = 'scalp-oil';
    case Mist = 'mist';
    case Style = 'style';
    case Dry = 'dry';
    case FeelDry = 'feel-dry';
    case BreakCast = 'break-cast';
    case Trim = 'trim';
    case Tools = 'tools';

    /** Puts something on that has to be rinsed out before anything stays in. */
    public function isRinsedOut(): bool
    {
        return in_array($this, [self::Cleanse, self::Protein, self::Conditioner, self::Mask], true);
    }

    /** Stays in the hair until the next wash day. */
    public function staysIn(): bool
    {
        return in_array($this, [self::LeaveIn, self::Seal, self::ScalpOil, self::Style], true);
    }
}
