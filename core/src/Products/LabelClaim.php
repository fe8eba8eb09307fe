<?php

declare(strict_types=1);

namespace Nagomi\Core\Products;

use Nagomi\Core\Wording\Message;

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

    /** Where the list says otherwise, in a plain sentence; null where it does not. */
    public function contradiction(ProductAnalysis $reading): ?Message
    {
        [$isContradicted, $names] = $this->found($reading);

        return $isContradicted ? Message::of("label-claims.{$this->value}", names: $names) : null;
    }

    /** @return array{bool, list<string>} whether the list says otherwise, and the names that do */
    private function found(ProductAnalysis $reading): array
    {
        $from = static fn (string ...$loads): array => array_values(array_unique(array_merge(
            ...array_map(static fn (string $load): array => $reading->loads[$load]->from ?? [], $loads),
        )));
        $sulfates = self::named($reading, '/sulfate$/i', IngredientFunction::Surfactant);
        $parabens = self::named($reading, '/paraben$/i');

        return match ($this) {
            self::ProteinFree => [
                $reading->has('protein') || $reading->has('amino_acids'), $from('protein', 'amino_acids'),
            ],
            self::SiliconeFree => [$reading->has('silicone'), $from('silicone')],
            self::SulfateFree => [$sulfates !== [], $sulfates],
            self::FragranceFree => [
                $reading->has('essential_oil') || self::named($reading, '/^parfum$/i') !== [], $from('sensitiser'),
            ],
            self::AlcoholFree => [$reading->has('drying_alcohol'), $from('drying_alcohol')],
            self::ParabenFree => [$parabens !== [], $parabens],
            self::ForHighPorosity => [self::seals($reading) < 1.0, []],
            self::ForLowPorosity => [
                $reading->lower('butter') >= 1.0 || $reading->lower('sealing_oil') >= 6.0,
                $from('butter', 'sealing_oil'),
            ],
            self::Moisturising => [$reading->upper('moisture') < 1.0, []],
            self::Strengthening => [$reading->proteinStrength() === 'none', []],
            self::Clarifying => [
                in_array($reading->surfactantStrength(), ['none', 'mild'], true) && ! $reading->has('chelator'), [],
            ],
            self::Gentle => [$reading->surfactantStrength() === 'strong', $from('surfactant')],
        };
    }

    /** @return float % of what keeps water in */
    private static function seals(ProductAnalysis $reading): float
    {
        return $reading->upper('sealing_oil') + $reading->upper('mixed_oil')
            + $reading->upper('film_former') + $reading->upper('silicone');
    }

    /** @return list<string> names of ingredients that match, and do it where something is asked of them */
    private static function named(
        ProductAnalysis $reading,
        string $pattern,
        ?IngredientFunction $function = null,
    ): array {
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

        return $found;
    }
}
