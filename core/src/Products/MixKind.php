<?php

declare(strict_types=1);

namespace Nagomi\Core\Products;

/** What a part of a mix is, as far as the skin and the shelf ask. */
enum MixKind: string
{
    /** Holds water: without a preservative it keeps days. */
    case Water = 'water';
    /** Food and fresh plants: for today. */
    case Fresh = 'fresh';
    case Oil = 'oil';
    case Dry = 'dry';
    case EssentialOil = 'essential-oil';
    /** Nobody knows it here: it counts as an essential oil until it is named. */
    case Unknown = 'unknown';

    public function countsAsEssentialOil(): bool
    {
        return $this === self::EssentialOil || $this === self::Unknown;
    }
}
