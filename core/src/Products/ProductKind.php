<?php

declare(strict_types=1);

namespace Nagomi\Core\Products;

/** What a product is used as on a wash day. */
enum ProductKind: string
{
    case PreWash = 'pre-wash';
    case Shampoo = 'shampoo';
    case CoWash = 'co-wash';
    case Clarifier = 'clarifier';
    case Protein = 'protein';
    case Conditioner = 'conditioner';
    case Mask = 'mask';
    case LeaveIn = 'leave-in';
    case Styler = 'styler';
    case Oil = 'oil';
    case Rinse = 'rinse';
    case ScalpCare = 'scalp-care';

    /** Stays on the hair until the next wash. */
    public function staysOn(): bool
    {
        return in_array($this, [self::LeaveIn, self::Styler, self::Oil, self::ScalpCare], true);
    }

    /** Reaches the skin. */
    public function reachesScalp(): bool
    {
        return in_array($this, [self::Shampoo, self::CoWash, self::Clarifier, self::Rinse, self::ScalpCare], true);
    }
}
