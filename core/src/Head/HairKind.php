<?php

declare(strict_types=1);

namespace Nagomi\Core\Head;

/**
 * What heads have in common that look alike: how much of the hair is of each porosity and strand, and the curl. What
 * nobody measured is left out, so that nothing is taken for granted by it.
 */
final class HairKind
{
    /** Bends without a ring or rings over 35 mm; rings of 6 to 35 mm; smaller ones. */
    public const CURLS = ['wavy', 'curly', 'coily'];

    /** @return array<string, float> share of the head that is so, 0 to 1, by trait and kind such as strand/fine */
    public static function of(Head $head): array
    {
        $shares = [];
        foreach ($head->strata as $stratum) {
            foreach ([
                $stratum->porosity === Porosity::NotMeasured ? null : "porosity/{$stratum->porosity->value}",
                $stratum->strand === StrandDiameter::NotMeasured ? null : "strand/{$stratum->strand->value}",
            ] as $kind) {
                if ($kind !== null) {
                    $shares[$kind] = ($shares[$kind] ?? 0.0) + $stratum->share;
                }
            }
        }

        return $head->curl === null ? $shares : $shares + ['curl/' . self::curl($head->curl) => 1.0];
    }

    private static function curl(CurlPattern $curl): string
    {
        return match ($curl) {
            CurlPattern::TwoWavy => 'wavy',
            CurlPattern::ThreeA, CurlPattern::ThreeB, CurlPattern::ThreeC => 'curly',
            CurlPattern::FourA, CurlPattern::FourBToC => 'coily',
        };
    }
}
