<?php

declare(strict_types=1);

namespace App\Wording;

use App\Models\Head;
use Nagomi\Core\Climate\WaterHardness;
use Nagomi\Core\Head\CurlPattern;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Head\StrandDiameter;

/** What is measured of a head, in words; and what is not, by name. Nothing is claimed that nobody has measured. */
final readonly class MeasuredTraits
{
    private const NOT = 'not-measured';

    /**
     * @param list<string> $said    each trait as it was measured
     * @param list<string> $missing the names of those that were not
     * @param list<string> $short   what a list has room for
     */
    private function __construct(public array $said, public array $missing, private array $short)
    {
    }

    /** @param Head $head with its zone parts */
    public static function of(Head $head): self
    {
        $curl = CurlPattern::of($head->ring_mm, $head->bends_without_ring);
        $strand = $head->zoneParts->first()->strand ?? self::NOT;
        $said = [
            'curl' => $curl === null
                ? null
                : $curl->value
                    . ($head->ring_mm === null ? '' : Words::of('traits.ring', ['mm' => self::number($head->ring_mm)])),
            'strand' => $strand === self::NOT || StrandDiameter::tryFrom($strand) === null
                ? null
                : Words::of("strands.{$strand}")
                    . ($head->strand_um === null ? '' : ' ' . self::number($head->strand_um) . ' µm'),
            'density' => $head->density === self::NOT ? null : Words::of("densities.{$head->density}"),
            'length' => $head->length_mm === null ? null : self::number($head->length_mm / 10) . ' cm',
            'porosity' => self::porosity($head),
            'load' => $head->styling_load === self::NOT ? null : Words::of("loads.{$head->styling_load}"),
            'water' => $head->hardness_mg_per_l === null
                ? null
                : Words::of(
                    'traits.water',
                    [
                        'kind' => self::water($head->hardness_mg_per_l),
                        'hardness' => self::number($head->hardness_mg_per_l),
                    ],
                ),
        ];

        return new self(
            // Of several kinds of porosity the strata say which is where.
            array_values(array_filter(
                self::kinds($head) > 1 ? array_diff_key($said, ['porosity' => 0]) : $said,
                fn (?string $words): bool => $words !== null,
            )),
            array_map(
                fn (string $trait): string => Words::of("traits.names.{$trait}"),
                array_keys(array_filter($said, fn (?string $words): bool => $words === null)),
            ),
            array_values(array_filter([$curl?->value, $said['porosity'], $said['length']])),
        );
    }

    /** A line of a list: curl, porosity and length, as far as they are known. */
    public function inShort(): string
    {
        return $this->short === [] ? ucfirst(Words::of('porosities.not-measured')) : implode(' · ', $this->short);
    }

    private static function kinds(Head $head): int
    {
        return $head->zoneParts->pluck('porosity')->unique()->count();
    }

    private static function porosity(Head $head): ?string
    {
        $kinds = array_values(array_unique(array_filter(
            $head->zoneParts->pluck('porosity')->all(),
            fn (mixed $kind): bool => is_string($kind) && $kind !== self::NOT && Porosity::tryFrom($kind) !== null,
        )));

        return $kinds === []
            ? null
            : Words::of(
                'traits.porosity',
                [
                    'kinds' => implode(
                        ', ',
                        array_map(fn (string $kind): string => Words::of("porosities.{$kind}"), $kinds),
                    ),
                ],
            );
    }

    private static function number(float $value): string
    {
        return Words::number(round($value, 1));
    }

    private static function water(float $mgPerL): string
    {
        return Words::of('waters.' . str_replace(' ', '-', WaterHardness::fromMgPerL($mgPerL)->value));
    }
}
