<?php

declare(strict_types=1);

namespace Nagomi\Core\Products;

use Nagomi\Core\Parameters\ProductParameters;

/** How the air of a day is to hair, by its dew point: where humectants work against it, and where they do not. */
enum AirFeel: string
{
    case Dry = 'dry';
    case Easy = 'easy';
    case Sticky = 'sticky';

    /** @param float $celsius dew point in °C */
    public static function atDewPoint(float $celsius, ProductParameters $parameters): self
    {
        return match (true) {
            $celsius < $parameters->dewPointEasy['from'] => self::Dry,
            $celsius > $parameters->dewPointEasy['to'] => self::Sticky,
            default => self::Easy,
        };
    }
}
