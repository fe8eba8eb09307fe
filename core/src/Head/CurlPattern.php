<?php

declare(strict_types=1);

namespace Nagomi\Core\Head;

/**
 * Curl pattern read from the diameter of one clump ring: about 25 mm 3a, 15 mm 3b, 7 mm 3c, 5 mm 4a
 * (common practice, no source). Bands meet half-way between those sizes.
 */
enum CurlPattern: string
{
    case TwoWavy = '2';
    case ThreeA = '3a';
    case ThreeB = '3b';
    case ThreeC = '3c';
    case FourA = '4a';
    case FourBToC = '4b–4c';

    /** @return self|null null: nobody has measured it, and nobody has said that the hair bends without a ring */
    public static function of(?float $ringMm, bool $bendsWithoutRing): ?self
    {
        return $ringMm === null && ! $bendsWithoutRing ? null : self::fromRingMm($ringMm);
    }

    /** @param float|null $ringMm diameter of a ring in mm; null where the hair bends without forming a ring */
    public static function fromRingMm(?float $ringMm): self
    {
        return match (true) {
            $ringMm === null || $ringMm < 4 => self::FourBToC,
            $ringMm < 6 => self::FourA,
            $ringMm < 11 => self::ThreeC,
            $ringMm < 20 => self::ThreeB,
            $ringMm < 35 => self::ThreeA,
            default => self::TwoWavy,
        };
    }
}
