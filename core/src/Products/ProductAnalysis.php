<?php

declare(strict_types=1);

namespace Nagomi\Core\Products;

use InvalidArgumentException;
use Nagomi\Core\Parameters\ProductParameters;

/** What a list of ingredients says a product really is: the share of each entry, and what the whole carries. */
final readonly class ProductAnalysis
{
    private const LOADS = [
        'protein' => [IngredientFunction::Protein],
        'amino_acids' => [IngredientFunction::AminoAcid],
        'penetrating_oil' => [IngredientFunction::PenetratingOil],
        'mixed_oil' => [IngredientFunction::MixedOil],
        'sealing_oil' => [IngredientFunction::SealingOil],
        'butter' => [IngredientFunction::Butter],
        'surfactant' => [IngredientFunction::Surfactant],
        'clay' => [IngredientFunction::Clay],
        'silicone' => [IngredientFunction::Silicone],
        'film_former' => [IngredientFunction::FilmFormer],
        'humectant' => [IngredientFunction::Humectant],
        'chelator' => [IngredientFunction::Chelator],
        'acid' => [IngredientFunction::Acid],
        'conditioner' => [IngredientFunction::Conditioner],
        'drying_alcohol' => [IngredientFunction::DryingAlcohol], 'essential_oil' => [IngredientFunction::EssentialOil],
        'sensitiser' => [
            IngredientFunction::Sensitiser,
            IngredientFunction::FragranceAllergen,
            IngredientFunction::EssentialOil,
            IngredientFunction::Fragrance,
        ],
        'preservative' => [IngredientFunction::Preservative],
        'scalp_active' => [IngredientFunction::ScalpActive],
        'volatile' => [IngredientFunction::Volatile],
        'moisture' => [IngredientFunction::Humectant, IngredientFunction::Conditioner],
    ];

    /**
     * @param non-empty-list<ListedIngredient>  $entries
     * @param list<array{
     *     float, float,
     * }|null> $bounds lower and upper share in % of each entry; null outside of the order by weight
     * @param list<float|null> $typical what each share probably is, in %; null outside of the order by weight
     * @param array<string, ProductContent> $loads by what they do; those a product has nothing of are left out
     */
    private function __construct(
        public array $entries,
        public array $bounds,
        public array $typical,
        public array $loads,
        private ProductParameters $parameters,
    ) {
    }

    /**
     * @param bool $ruled the product keeps to the limits of EU 1223/2009, so that they bound the shares
     *
     * @throws InvalidIngredientList
     */
    public static function of(
        string $text,
        IngredientBook $book,
        ProductParameters $parameters,
        bool $ruled = true,
    ): self {
        $entries = IngredientList::read($text, $book);
        [$bounds, $typical] = self::shares($entries, $ruled, $parameters);
        $loads = [];
        foreach (self::LOADS as $name => $functions) {
            $lower = $upper = $probably = 0.0;
            $from = [];
            foreach ($entries as $i => $entry) {
                if ($entry->ingredient?->does(...$functions) === true) {
                    $lower += $bounds[$i][0] ?? 0.0;
                    $upper += $bounds[$i][1] ?? 0.0;
                    $probably += $typical[$i] ?? 0.0;
                    $from[] = $entry->ingredient->name;
                }
            }
            if ($from !== []) {
                // Bounds of a sum lie within the sums of the bounds: what is said here is true, if wider than it need
                // be.
                $loads[$name] = new ProductContent(
                    round($lower, 2),
                    round(min(100.0, $upper), 2),
                    $from,
                    round(min(100.0, $probably), 2),
                );
            }
        }

        return new self($entries, $bounds, $typical, $loads, $parameters);
    }

    /**
     * @param non-empty-list<ListedIngredient> $entries
     *
     * @return array{list<array{float, float}|null>, list<float|null>} the bounds, and what lies between them
     */
    private static function shares(array $entries, bool $ruled, ProductParameters $parameters): array
    {
        $ordered = array_keys(array_filter(
            $entries,
            static fn (ListedIngredient $entry): bool => $entry->part === ListPart::Ordered
                && $entry->ingredient?->does(IngredientFunction::Colourant) !== true,
        ));
        $caps = [];
        $line = null;
        foreach ($ordered as $place => $i) {
            $cap = $entries[$i]->statedPercent ?? ($ruled ? $entries[$i]->ingredient?->capPercent : null);
            if ($cap !== null) {
                $caps[$place] = $cap;
                $line ??= $cap <= $parameters->linePercent ? $place : null;
            }
        }
        $bounds = $typical = array_fill(0, count($entries), null);
        $inOrder = array_map(static fn (int $i): ListedIngredient => $entries[$i], $ordered);
        $probably = TypicalShares::of($inOrder, $line, $parameters);
        $within = $ordered === [] ? [] : self::within(count($ordered), $parameters->linePercent, $caps, $line);
        foreach ($within as $place => [$lower, $upper]) {
            $bounds[$ordered[$place]] = [round($lower, 3), round($upper, 3)];
            $typical[$ordered[$place]] = round(max($lower, min($upper, $probably[$place])), 3);
        }
        foreach ($entries as $i => $entry) {
            if ($entry->statedPercent !== null) {
                $bounds[$i] = [$entry->statedPercent, $entry->statedPercent];
                $typical[$i] = $entry->statedPercent;
            }
        }

        return [array_values($bounds), array_values($typical)];
    }

    /**
     * @param array<int, float> $caps
     *
     * @return list<array{float, float}>
     */
    private static function within(int $count, float $linePercent, array $caps, ?int $line): array
    {
        try {
            return WeightBounds::of($count, $linePercent, $caps, $line);
        } catch (InvalidArgumentException) {
            // The list does not keep to the limits it was thought to; without them it always comes to 100 %.
            return WeightBounds::of($count, $linePercent);
        }
    }

    public function has(string $load): bool
    {
        return isset($this->loads[$load]);
    }

    public function lower(string $load): float
    {
        return $this->loads[$load]->lowerPercent ?? 0.0;
    }

    public function upper(string $load): float
    {
        return $this->loads[$load]->upperPercent ?? 0.0;
    }

    /** What is probably in it, in %. */
    public function typical(string $load): float
    {
        return $this->loads[$load]->typicalPercent ?? 0.0;
    }

    /** @return list<string> as printed */
    public function unknown(): array
    {
        return array_values(array_map(
            static fn (ListedIngredient $entry): string => $entry->listed,
            array_filter($this->entries, static fn (ListedIngredient $entry): bool => $entry->ingredient === null),
        ));
    }

    /** @return list<string> of these, as printed, what may stand above the 1 % line */
    public function unknownAboveLine(): array
    {
        $above = [];
        foreach ($this->entries as $i => $entry) {
            if ($entry->ingredient === null && ($this->bounds[$i][1] ?? 0.0) > $this->parameters->linePercent) {
                $above[] = $entry->listed;
            }
        }

        return $above;
    }

    /** Whether so little of it is known that the list says nothing of what the product does. */
    public function isMostlyUnknown(): bool
    {
        $unknown = $all = 0.0;
        foreach ($this->entries as $i => $entry) {
            $share = $entry->ingredient?->does(IngredientFunction::Solvent) === true ? 0.0 : $this->typical[$i] ?? 0.0;
            $all += $share;
            $unknown += $entry->ingredient === null ? $share : 0.0;
        }

        return $all > 0.0 && $unknown / $all >= $this->parameters->unreadFromShare;
    }

    /**
     * How strong the protein is: none, mild, strong, or mild-to-strong where the list leaves it open.
     * Strong: a strong protein that stands above the 1 % line for sure. Mild: amino acids and long gentle proteins, or
     * a strong one below the line for sure.
     */
    public function proteinStrength(): string
    {
        if (! $this->has('protein') && ! $this->has('amino_acids')) {
            return 'none';
        }
        $surely = $perhaps = false;
        foreach ($this->entries as $i => $entry) {
            if (
                $entry->ingredient?->does(IngredientFunction::Protein) === true
                    && $entry->ingredient->strength === 'strong'
            ) {
                $surely = $surely || ($this->bounds[$i][0] ?? 0.0) >= $this->parameters->linePercent;
                $perhaps = $perhaps || ($this->bounds[$i][1] ?? 0.0) > $this->parameters->linePercent;
            }
        }

        return $surely ? 'strong' : ($perhaps ? 'mild-to-strong' : 'mild');
    }

    /** The strongest surfactant that may stand above the 1 % line: none, mild, medium or strong. */
    public function surfactantStrength(): string
    {
        return $this->hardest(
            [IngredientFunction::Surfactant, IngredientFunction::Clay],
            ['none', 'mild', 'medium', 'strong'],
            $this->parameters->linePercent,
        );
    }

    /** What takes its films off again: nothing needed, water, a gentle cleanse, a shampoo or a clarifying one. */
    public function removedWith(): string
    {
        return $this->hardest(
            [IngredientFunction::Silicone, IngredientFunction::FilmFormer],
            ['nothing', 'water', 'gentle', 'shampoo', 'clarifying'],
            0.0,
        );
    }

    /**
     * @param list<IngredientFunction> $functions
     * @param non-empty-list<string>   $ladder
     */
    private function hardest(array $functions, array $ladder, float $abovePercent): string
    {
        $hardest = 0;
        foreach ($this->entries as $i => $entry) {
            if ($entry->ingredient?->does(...$functions) === true && ($this->bounds[$i][1] ?? 0.0) > $abovePercent) {
                $hardest = max($hardest, (int) array_search($entry->ingredient->strength, $ladder, true));
            }
        }

        return $ladder[$hardest];
    }

    /** @return array{string, string} slip, hold or weight at least and at most: low, medium or high */
    public function feel(string $of): array
    {
        $functions = [
            'slip' => [IngredientFunction::Conditioner],
            'hold' => [IngredientFunction::FilmFormer],
            'weight' => [
                IngredientFunction::PenetratingOil, IngredientFunction::MixedOil, IngredientFunction::SealingOil,
                IngredientFunction::Silicone,
            ],
        ][$of]
            ?? [];
        $least = $most = 0.0;
        foreach ($this->entries as $i => $entry) {
            // What evaporates is felt by nobody an hour later.
            $isFelt = $entry->ingredient?->does(...$functions) === true
                && ! $entry->ingredient->does(IngredientFunction::Volatile);
            $least += $isFelt ? $this->bounds[$i][0] ?? 0.0 : 0.0;
            $most += $isFelt ? $this->bounds[$i][1] ?? 0.0 : 0.0;
        }
        $from = $this->parameters->feelFromPercent;
        $word = static fn (float $percent): string => $percent < $from['medium']
            ? 'low'
            : ($percent < $from['high'] ? 'medium' : 'high');

        return [$word(round($least, 2)), $word(round(min(100.0, $most), 2))];
    }
}
