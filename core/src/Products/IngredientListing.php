<?php

declare(strict_types=1);

namespace Nagomi\Core\Products;

/** A reading of a list as plain arrays: what bin/core prints and the Shelf stores. */
final class IngredientListing
{
    /** @return array<string, mixed> */
    public static function of(ProductAnalysis $reading): array
    {
        // Of a list that is hardly known nothing is usual.
        $isUsual = ! $reading->isMostlyUnknown();

        return [
            'entries' => array_map(static fn (ListedIngredient $entry, ?array $bounds, ?float $typical): array => [
                'listed' => $entry->listed,
                'name' => $entry->ingredient?->name,
                'functions' => array_map(
                    static fn (IngredientFunction $function): string => $function->value,
                    $entry->ingredient->functions ?? [],
                ),
                'guessed' => $entry->guessed,
                'part' => $entry->part->value,
                'lower_percent' => $bounds[0] ?? null,
                'upper_percent' => $bounds[1] ?? null,
                'typical_percent' => $isUsual ? $typical : null,
                'source' => $entry->ingredient?->source,
                'note' => $entry->ingredient->note ?? '',
            ], $reading->entries, $reading->bounds, $reading->typical),
            'loads' => array_map(
                static fn (ProductContent $load): array => [
                    'lower_percent' => $load->lowerPercent,
                    'upper_percent' => $load->upperPercent,
                    'typical_percent' => $isUsual ? $load->typicalPercent : null,
                    'from' => $load->from,
                ],
                $reading->loads,
            ),
            'protein_strength' => $reading->proteinStrength(),
            'surfactant_strength' => $reading->surfactantStrength(),
            'removed_with' => $reading->removedWith(),
            'slip' => $reading->feel('slip'),
            'hold' => $reading->feel('hold'),
            'weight' => $reading->feel('weight'),
            'unknown' => $reading->unknown(),
            'mostly_unknown' => ! $isUsual,
        ];
    }
}
