<?php

declare(strict_types=1);

namespace Nagomi\Core\Learning;

use Nagomi\Core\Parameters\LearningParameters;

/**
 * Results that have something in common, beside what was foretold of them; asked over clients, whose results hang
 * together: {@see OverClients}.
 */
final readonly class ResultsGroup
{
    /**
     * @param float                      $above share of them above their expectation; half of them should be
     * @param float                      $held  share of them within the range that four of five should be in
     * @param ResultsFinding|null        $finding null: they come as foretold, or too few of them are there to tell
     * @param float                      $surely  how far beyond what chance explains the finding is; 0 without one
     */
    private function __construct(
        public int $results,
        public int $heads,
        public float $above,
        public float $held,
        public ?ResultsFinding $finding,
        public float $surely,
    ) {
    }

    /**
     * @param non-empty-list<ForetoldResult> $results
     */
    public static function of(array $results, LearningParameters $parameters): self
    {
        $sums = $hits = [];
        foreach ($results as $result) {
            $sums[$result->head] = ($sums[$result->head] ?? 0.0) + $result->sds;
            $hits[$result->head] ??= [0, 0];
            $hits[$result->head][0] += abs($result->sds) <= FourOfFive::SDS ? 1 : 0;
            $hits[$result->head][1]++;
        }
        $shift = array_sum($sums) / count($results);
        $above = count(array_filter($results, static fn (ForetoldResult $result): bool => $result->sds > 0.0));
        $held = array_sum(array_column($hits, 0)) / count($results);
        [$finding, $surely] = [null, 0.0];
        if (count($results) >= $parameters->fewestResults && count($sums) >= $parameters->fewestClients) {
            $moved = OverClients::beyondChance(array_values($sums), count($results), $parameters->surely);
            $spread = OverClients::beyondChance(array_values(array_map(
                static fn (array $of): float => $of[0] - FourOfFive::SHARE * $of[1],
                $hits,
            )), FourOfFive::SHARE * (1 - FourOfFive::SHARE) * count($results), $parameters->surely);
            $isMoved = abs($moved) > 1.0 && abs($shift) >= $parameters->worthShift;
            $isSpread = abs($spread) > 1.0 && abs($held - FourOfFive::SHARE) >= $parameters->worthShare;
            $finding = match (true) {
                // What lies to one side leaves its range for that alone.
                $isMoved => $moved > 0.0 ? ResultsFinding::Higher : ResultsFinding::Lower,
                $isSpread => $spread < 0.0 ? ResultsFinding::Scattered : ResultsFinding::Narrow,
                default => null,
            };
            $surely = $finding === null ? 0.0 : max($isMoved ? abs($moved) : 0.0, $isSpread ? abs($spread) : 0.0);
        }

        return new self(count($results), count($sums), $above / count($results), $held, $finding, $surely);
    }
}
