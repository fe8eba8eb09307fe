<?php

declare(strict_types=1);

namespace Nagomi\Core\Statistics;

use InvalidArgumentException;

/**
 * A share counted in clusters, such as hairs on clients: hairs of one client are alike, so the clients are what was
 * drawn. The ratio estimate with its variance between clusters (W. G. Cochran, Sampling Techniques, 3rd ed. 1977,
 * chapter 6; from memory), by Student's distribution on the logit, and never narrower than if every hair stood alone.
 */
final class ClusteredShare
{
    /**
     * @param list<array{int, int}> $clusters hits and all of each, hits from 0 to all; those with none of all are left out
     * @param float                 $level    above 0 and below 1
     *
     * @return array{float, float, float} share, lower and upper
     *
     * @throws InvalidArgumentException where nothing was counted, or counts cannot be
     */
    public static function interval(array $clusters, float $level): array
    {
        $clusters = array_values(array_filter($clusters, static fn (array $cluster): bool => $cluster[1] > 0));
        $hits = array_sum(array_column($clusters, 0));
        $all = array_sum(array_column($clusters, 1));
        [$least, $most] = ExactInterval::share($hits, $all, $level);
        $share = $hits / $all;
        $count = count($clusters);
        if ($count < 2 || $hits === 0 || $hits === $all) {
            return [$share, $least, $most];
        }
        $square = array_sum(array_map(
            static fn (array $cluster): float => ($cluster[0] - $share * $cluster[1]) ** 2,
            $clusters,
        ));
        $sd = sqrt($count / ($count - 1) * $square) / $all;
        // The logit keeps a small share above nothing; its slope is 1/(p(1 − p)).
        $logit = log($share / (1 - $share));
        $half = StudentT::quantile((1 + $level) / 2, $count - 1) * $sd / ($share * (1 - $share));

        return [
            $share,
            min($least, 1 / (1 + exp(-$logit + $half))),
            max($most, 1 / (1 + exp(-$logit - $half))),
        ];
    }
}
