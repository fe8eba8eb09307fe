<?php

declare(strict_types=1);

namespace Nagomi\Core\Products;

/** What a label says of itself, so far as the list can bear it out or not. */
enum LabelClaim: string
{
    case ProteinFree = 'protein-free';
    case SiliconeFree = 'silicone-free';
    case SulfateFree = 'sulfate-free';
    case FragranceFree = 'fragrance-free';
    case AlcoholFree = 'alcohol-free';
    case ParabenFree = 'paraben-free';
    case ForHighPorosity = 'for-high-porosity';
    case ForLowPorosity = 'for-low-porosity';
    case Moisturising = 'moisturising';
    case Strengthening = 'strengthening';
    case Clarifying = 'clarifying';
    case Gentle = 'gentle';

    /** Where the list says otherwise: a plain sentence; null where it does not. */
    public function contradiction(ProductAnalysis $reading): ?string
    {
        $says = $this->says($reading);

        // Some names end with a dot of their own.
        return $says === null ? null : str_replace('..', '.', $says);
    }

    private function says(ProductAnalysis $reading): ?string
    {
        $from = static fn (string ...$loads): string => implode(
            ', ',
            array_unique(array_merge(
                ...array_map(static fn (string $load): array => $reading->loads[$load]->from ?? [], $loads),
            )),
        );

        return match ($this) {
            self::ProteinFree => $reading->has('protein') || $reading->has('amino_acids')
                ? "It holds protein: {$from('protein', 'amino_acids')}."
                : null,
            self::SiliconeFree => $reading->has('silicone') ? "It holds silicones: {$from('silicone')}." : null,
            self::SulfateFree => self::named($reading, '/sulfate$/i', 'sulfates', IngredientFunction::Surfactant),
            self::FragranceFree => $reading->has('essential_oil') || self::named($reading, '/^parfum$/i', '') !== null
                ? "It is scented: {$from('sensitiser')}."
                : null,
            self::AlcoholFree => $reading->has('drying_alcohol')
                ? "It holds drying alcohol: {$from('drying_alcohol')}. Fatty alcohols are no such thing."
                : null,
            self::ParabenFree => self::named($reading, '/paraben$/i', 'parabens'),
            self::ForHighPorosity => self::seals($reading) < 1.0
                ? 'Nothing in it seals: high porosity loses its water again at once.'
                : null,
            self::ForLowPorosity => $reading->lower('butter') >= 1.0 || $reading->lower('sealing_oil') >= 6.0
                ? "It is heavy for hair that takes up little: {$from('butter', 'sealing_oil')}."
                : null,
            self::Moisturising => $reading->upper('moisture') < 1.0
                ? 'It holds hardly a humectant or conditioner.'
                : null,
            self::Strengthening => $reading->proteinStrength() === 'none' ? 'It holds no protein.' : null,
            self::Clarifying => in_array($reading->surfactantStrength(), ['none', 'mild'], true)
                && ! $reading->has('chelator')
                ? 'Its surfactants are mild and nothing in it chelates.'
                : null,
            self::Gentle => $reading->surfactantStrength() === 'strong'
                ? "Its surfactants are strong: {$from('surfactant')}."
                : null,
        };
    }

    /** @return float % of what keeps water in */
    private static function seals(ProductAnalysis $reading): float
    {
        return $reading->upper('sealing_oil') + $reading->upper('mixed_oil')
            + $reading->upper('film_former') + $reading->upper('silicone');
    }

    private static function named(
        ProductAnalysis $reading,
        string $pattern,
        string $what,
        ?IngredientFunction $function = null,
    ): ?string {
        $found = [];
        foreach ($reading->entries as $entry) {
            if (
                $entry->ingredient !== null
                    && preg_match($pattern, $entry->ingredient->name) === 1
                    && ($function === null || $entry->ingredient->does($function))
            ) {
                $found[] = $entry->ingredient->name;
            }
        }

        return $found === [] ? null : "It holds {$what}: " . implode(', ', $found) . '.';
    }
}
