<?php

declare(strict_types=1);

namespace Nagomi\Core\Estimation;

use Nagomi\Core\Parameters\SignParameters;
use Nagomi\Core\Statistics\Cholesky;
use Nagomi\Core\Statistics\Normal;

/**
 * Estimates, over a whole salon, how much more or less than usual each stylist's readings scatter, and each sign's:
 * a reading lies N(0, h + n²·e^(2(u+v))) from its expectation, where h is what the state leaves open, n its usual noise,
 * u the stylist's and v the sign's own logarithm, each N(0, τ²) before anything was read. The posterior's top by Fisher
 * scoring. What is further off than is believed at once counts no more than there (Huber 1964, from memory), and readings
 * of one head hang together: their information counts for as much as the scores of heads differ (a sandwich, from
 * memory).
 */
final class ReadingNoiseEstimator
{
    private const ROUNDS = 40;
    private const SETTLED = 1e-9;

    /** A longer step than that is taken in several, as a logarithm. */
    private const LONGEST_STEP = 0.5;

    /** @var array<string, int> place of each stylist and sign among the unknowns */
    private array $places = [];

    /** @var array<string, int> how many readings each rests on */
    private array $readings = [];

    /** @var list<array{list<int>, float, float, float, string}> unknowns, distance, variances of the state and of the noise, head */
    private array $clues = [];

    public function __construct(private readonly SignParameters $parameters)
    {
    }

    /**
     * @param string $by       who read it; '' where nobody signed
     * @param float  $surprise distance of the reading from its expectation, in the sign's unit (of a count as a share)
     * @param float  $variance of that distance but for the reading's own noise, ≥ 0
     * @param float  $noise    usual variance of that noise, > 0: without what was learned of stylist and sign
     */
    public function read(
        string $by,
        string $sign,
        string $head,
        float $surprise,
        float $variance,
        float $noise,
    ): void {
        $unknowns = [];
        foreach ($by === '' ? ["sign {$sign}"] : ["by {$by}", "sign {$sign}"] as $key) {
            $unknowns[] = $this->places[$key] ??= count($this->places);
            $this->readings[$key] = ($this->readings[$key] ?? 0) + 1;
        }
        $this->clues[] = [$unknowns, $surprise, $variance, $noise, $head];
    }

    /** @return array{by: array<string, ReadingNoise>, sign: array<string, ReadingNoise>} */
    public function noises(): array
    {
        $noises = ['by' => [], 'sign' => []];
        if ($this->clues === []) {
            return $noises;
        }
        // Once as if no two readings hung together; from there it is seen how far they do.
        $logs = $this->top(array_fill(0, count($this->places), 0.0), 1.0);
        $worth = $this->worth($logs);
        $logs = $this->top($logs, $worth);
        $covariance = $this->slope($logs, $worth)[1]->inverse();
        foreach ($this->places as $key => $i) {
            [$kind, $which] = explode(' ', $key, 2);
            $noise = new ReadingNoise($logs[$i], sqrt($covariance[$i][$i]), $this->readings[$key]);
            $noises[$kind === 'by' ? 'by' : 'sign'][$which] = $noise;
        }

        return $noises;
    }

    /**
     * @param array<int, float> $logs
     *
     * @return array<int, float> where the posterior is highest, from there
     */
    private function top(array $logs, float $worth): array
    {
        for ($round = 0; $round < self::ROUNDS; $round++) {
            [$slope, $information] = $this->slope($logs, $worth);
            $step = $information->solve($slope);
            $longest = max([0.0, ...array_map(abs(...), $step)]);
            $share = min(1.0, self::LONGEST_STEP / max($longest, self::SETTLED));
            foreach ($step as $i => $by) {
                $logs[$i] += $share * $by;
            }
            if ($longest < self::SETTLED) {
                break;
            }
        }

        return $logs;
    }

    /**
     * @param array<int, float> $logs
     * @param float             $worth what the information of a reading counts for
     *
     * @return array{array<int, float>, Cholesky} slope of the logarithm of the posterior, and its information
     */
    private function slope(array $logs, float $worth): array
    {
        $size = count($logs);
        $slope = array_fill(0, $size, 0.0);
        $information = array_fill(0, $size, array_fill(0, $size, 0.0));
        foreach ($this->clues as $clue) {
            [$score, $own] = $this->score($clue, $logs);
            foreach ($clue[0] as $i) {
                $slope[$i] += $worth * $score;
                foreach ($clue[0] as $k) {
                    $information[$i][$k] += $worth * $own;
                }
            }
        }
        foreach ($this->places as $key => $i) {
            $prior = str_starts_with($key, 'by ')
                ? $this->parameters->stylistNoisePrior
                : $this->parameters->signNoisePrior;
            $slope[$i] -= $logs[$i] / $prior ** 2;
            $information[$i][$i] += $prior ** -2;
        }

        return [$slope, new Cholesky($information)];
    }

    /**
     * @param array{list<int>, float, float, float, string} $clue
     * @param array<int, float>                             $logs
     *
     * @return array{float, float} slope of the logarithm of its density by the logarithm of its noise, and information
     */
    private function score(array $clue, array $logs): array
    {
        [$unknowns, $surprise, $variance, $noise] = $clue;
        $log = 0.0;
        foreach ($unknowns as $i) {
            $log += $logs[$i];
        }
        $own = $noise * exp(2 * $log);
        $share = $own / ($variance + $own);
        $sds = abs($surprise) / sqrt($variance + $own);
        $limit = $this->parameters->checkAgainAtSd;
        // Over a normal distribution min(z, limit)·z comes to Φ's share within the limit in the mean.
        $usual = 2 * Normal::cumulative($limit) - 1;

        return [$share * (min($sds, $limit) * $sds / $usual - 1), 2 * $share ** 2];
    }

    /**
     * @param array<int, float> $logs
     *
     * @return float what the information of a reading counts for, at most 1
     */
    private function worth(array $logs): float
    {
        $heads = [];
        $each = $information = 0.0;
        foreach ($this->clues as $clue) {
            [$score, $own] = $this->score($clue, $logs);
            $heads[$clue[4]] = ($heads[$clue[4]] ?? 0.0) + $score;
            $each += $score ** 2;
            $information += $own;
        }
        $together = array_sum(array_map(static fn (float $score): float => $score ** 2, $heads));

        return min(1.0, $information / max($each, $together, 1e-12));
    }
}
