<?php

declare(strict_types=1);

namespace Nagomi\Core\Products;

use Nagomi\Core\Parameters\ContentParameters;
use Nagomi\Core\Treatments\BottleContents;
use Nagomi\Core\Treatments\Content;
use Nagomi\Core\Treatments\ContentShare;

/** What a list of ingredients says of the bottle that a step is done with. */
final readonly class BottleReading
{
    private function __construct(private ContentParameters $contents)
    {
    }

    /** @param int|null $labelMinutes how long it sits at most, by its label; null where that does not say */
    public static function contents(
        ProductAnalysis $reading,
        ContentParameters $contents,
        ?int $labelMinutes = null,
    ): BottleContents {
        $counts = new self($contents);
        $sums = [];
        foreach ($reading->entries as $i => $entry) {
            [$low, $high] = $reading->bounds[$i] ?? [0.0, 0.0];
            foreach ($entry->ingredient === null ? [] : $counts->parts($entry->ingredient) as $content => $part) {
                $sum = $sums[$content] ?? [0.0, 0.0, 0.0];
                $sums[$content] = [
                    $sum[0] + $part * $low,
                    $sum[1] + $part * ($reading->typical[$i] ?? 0.0),
                    $sum[2] + $part * $high,
                ];
            }
        }
        $shares = array_map(static function (array $sum): ContentShare {
            [$low, $typical, $high] = array_map(static fn (float $of): float => round(min(100.0, $of), 2), $sum);

            return new ContentShare($low, max($low, min($typical, $high)), $high);
        }, $sums);

        return new BottleContents($shares, $labelMinutes);
    }

    /** @return array<string, float> part of an ingredient's weight that counts, by {@see Content} value */
    private function parts(Ingredient $of): array
    {
        $film = $of->does(IngredientFunction::FilmFormer, IngredientFunction::Silicone)
            && ! $of->does(IngredientFunction::Volatile);

        return array_filter([
            Content::Protein->value => $this->protein($of),
            Content::Moisture->value => (float) $of->does(
                IngredientFunction::Humectant,
                IngredientFunction::Conditioner,
            ),
            Content::PenetratingOil->value => match (true) {
                $of->does(IngredientFunction::PenetratingOil) => 1.0,
                $of->does(IngredientFunction::MixedOil) => $this->contents->counts['mixed-oil'],
                default => 0.0,
            },
            Content::Sealing->value => $this->sealing($of),
            Content::Surfactant->value => $this->surfactant($of),
            Content::Chelator->value => (float) $of->does(IngredientFunction::Chelator),
            Content::WashableFilm->value => (float) ($film && $of->strength !== 'clarifying'),
            Content::StubbornFilm->value => (float) ($film && $of->strength === 'clarifying'),
        ]);
    }

    private function protein(Ingredient $of): float
    {
        return match (true) {
            $of->does(IngredientFunction::Protein)
                => $this->contents->counts[$of->strength === 'strong' ? 'protein/strong' : 'protein/mild'],
            $of->does(IngredientFunction::AminoAcid) => $this->contents->counts['amino-acid'],
            default => 0.0,
        };
    }

    private function sealing(Ingredient $of): float
    {
        return match (true) {
            $of->does(IngredientFunction::Volatile) => 0.0,
            $of->does(IngredientFunction::SealingOil, IngredientFunction::Butter, IngredientFunction::Silicone) => 1.0,
            $of->does(IngredientFunction::MixedOil) => $this->contents->counts['mixed-oil'],
            default => 0.0,
        };
    }

    private function surfactant(Ingredient $of): float
    {
        return match (true) {
            // What holds a cream together hardly cleanses.
            $of->does(IngredientFunction::Emulsifier) => 0.0,
            $of->does(IngredientFunction::Surfactant, IngredientFunction::Clay)
                => $this->contents->counts["surfactant/{$of->strength}"] ?? 0.0,
            default => 0.0,
        };
    }
}
