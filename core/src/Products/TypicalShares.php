<?php

declare(strict_types=1);

namespace Nagomi\Core\Products;

use Nagomi\Core\Parameters\ProductParameters;

/**
 * What each share of a list probably is, between the bounds that are sure: the levels at which such ingredients are
 * usually used, bent as little as the printed order asks for. Nearest are those logarithms that fall from entry to
 * entry down to the 1 % line (isotonic regression, Barlow et al. 1972, *memory*); the line runs where least has to be
 * bent. Water takes what is left; without it all are scaled to 100 %.
 */
final readonly class TypicalShares
{
    /** A share that is printed weighs so much more than one that is only usual. */
    private const STATED_WEIGHT = 1000.0;

    /**
     * @param list<ListedIngredient> $ordered  entries in the ordered part of the list
     * @param int|null               $lineAtMost place of an entry that is known to stay at or below the line
     */
    private function __construct(
        private array $ordered,
        private ?int $lineAtMost,
        private ProductParameters $parameters,
    ) {
    }

    /**
     * @param list<ListedIngredient> $ordered
     *
     * @return list<float> % by weight, one for each; before the bounds hold them
     */
    public static function of(array $ordered, ?int $lineAtMost, ProductParameters $parameters): array
    {
        return $ordered === [] ? [] : (new self($ordered, $lineAtMost, $parameters))->shares();
    }

    /** @return list<float> */
    private function shares(): array
    {
        $hasWater = $this->ordered[0]->ingredient?->does(IngredientFunction::Solvent) === true
            && count($this->ordered) > 1
            && $this->ordered[0]->statedPercent === null;
        $rest = array_map($this->usual(...), $hasWater ? array_slice($this->ordered, 1) : $this->ordered);
        $weights = array_map(
            static fn (ListedIngredient $entry): float => $entry->statedPercent === null ? 1.0 : self::STATED_WEIGHT,
            $hasWater ? array_slice($this->ordered, 1) : $this->ordered,
        );
        $best = null;
        for ($line = 0; $line <= min(count($rest), ($this->lineAtMost ?? INF) - ($hasWater ? 1 : 0)); $line++) {
            $bent = $this->bent($rest, $weights, max(0, (int) $line));
            if ($best === null || $bent['cost'] < $best['cost'] - 1e-9) {
                $best = $bent;
            }
        }

        return $this->toAHundred($best['shares'] ?? $rest, $best['line'] ?? 0, $hasWater);
    }

    /** % at which what an entry does is usually used. */
    private function usual(ListedIngredient $entry): float
    {
        if ($entry->statedPercent !== null) {
            return max($entry->statedPercent, 0.0001);
        }
        $usual = $this->parameters->usualPercent;
        $functions = $entry->ingredient->functions ?? [];
        foreach ($functions as $function) {
            // What kind of conditioner or sensitiser it is says more than that it is one.
            $isGeneral = in_array($function, [IngredientFunction::Conditioner, IngredientFunction::Sensitiser], true);
            if (! $isGeneral || count($functions) === 1) {
                return $usual[$function->value];
            }
        }

        return $usual['unknown'];
    }

    /**
     * @param list<float> $usual
     * @param list<float> $weights
     *
     * @return array{cost: float, shares: list<float>, line: int} with the line before entry $line
     */
    private function bent(array $usual, array $weights, int $line): array
    {
        $limit = $this->parameters->linePercent;
        $above = self::falling(array_map(log(...), array_slice($usual, 0, $line)), array_slice($weights, 0, $line));
        $shares = [];
        $cost = 0.0;
        foreach ($usual as $i => $share) {
            $shares[$i] = $i < $line ? max($limit, exp($above[$i])) : min($limit, $share);
            $cost += $weights[$i] * log($shares[$i] / $share) ** 2;
        }

        return ['cost' => $cost, 'shares' => array_values($shares), 'line' => $line];
    }

    /**
     * The nearest values that never rise, by pooling neighbours that do.
     *
     * @param list<float> $values
     * @param list<float> $weights
     *
     * @return list<float>
     */
    private static function falling(array $values, array $weights): array
    {
        $pools = [];
        foreach ($values as $i => $value) {
            $pools[] = [$value, $weights[$i], 1];
            while (count($pools) > 1 && $pools[count($pools) - 2][0] < $pools[count($pools) - 1][0]) {
                [$later, $before] = [array_pop($pools), array_pop($pools)];
                $weight = $before[1] + $later[1];
                $pools[] = [
                    ($before[0] * $before[1] + $later[0] * $later[1]) / $weight,
                    $weight,
                    $before[2] + $later[2],
                ];
            }
        }

        return array_merge(...array_map(
            static fn (array $pool): array => array_fill(0, $pool[2], $pool[0]),
            [...$pools, [0.0, 0.0, 0]],
        ));
    }

    /**
     * @param list<float> $shares of all but water
     *
     * @return list<float>
     */
    private function toAHundred(array $shares, int $line, bool $hasWater): array
    {
        $above = array_sum(array_slice($shares, 0, $line));
        $below = array_sum(array_slice($shares, $line));
        $largest = $line > 0 ? $shares[0] : 0.0;
        $room = 100.0 - $below;
        // Water stands first, so there is at least as much of it as of the next.
        $scale = $hasWater ? min(1.0, $room / max(1e-9, $above + $largest)) : $room / max(1e-9, $above);
        foreach (array_keys($shares) as $i) {
            $shares[$i] *= $i < $line ? $scale : 1.0;
        }

        return $hasWater ? [$room - $scale * $above, ...$shares] : $shares;
    }
}
