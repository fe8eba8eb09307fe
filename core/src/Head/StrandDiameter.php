<?php

declare(strict_types=1);

namespace Nagomi\Core\Head;

/** Bands of strand diameter: under 60, 60 to 80, over 80 µm (common textbook bands, from memory). */
enum StrandDiameter: string
{
    case Fine = 'fine';
    case Medium = 'medium';
    case Coarse = 'coarse';

    /** Nobody has felt or measured it yet: it counts as a mixture of what is common. */
    case NotMeasured = 'not-measured';

    public static function fromMicrometres(float $micrometres): self
    {
        return match (true) {
            $micrometres < 60 => self::Fine,
            $micrometres <= 80 => self::Medium,
            default => self::Coarse,
        };
    }
}
