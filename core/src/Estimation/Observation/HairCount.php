<?php

declare(strict_types=1);

namespace Nagomi\Core\Estimation\Observation;

use LogicException;
use Nagomi\Core\Estimation\State;
use Nagomi\Core\Estimation\StateLayout;
use Nagomi\Core\Readings\Sign;
use Nagomi\Core\Statistics\Normal;

/**
 * A count of hairs, negative binomial with mean
 * usual · Σ share · e^(a·W + b·|M−M*|₊ + b·|P−P*|₊ + own offset), |·|₊ beyond the band; a and b by sign.
 *
 * |·|₊ has a corner; where the state is uncertain its expectation under that doubt has none, and is used.
 */
final readonly class HairCount implements Observation
{
    /**
     * @param float             $usual  of hair in balance and without wear
     * @param array<int, float> $shares share of the sign by stratum, summing to 1
     */
    public function __construct(
        private Sign $sign,
        private float $count,
        private float $usual,
        private array $shares,
        private float $noiseFactor = 1.0,
    ) {
    }

    /** @throws LogicException when the sign is no count */
    public function linearized(State $at): LinearizedObservation
    {
        $sum = 0.0;
        $slopes = [];
        foreach ($this->shares as $s => $share) {
            [$log, $own] = $this->stratum($at, $s);
            $weight = $share * exp($log);
            $sum += $weight;
            foreach ($own as $index => $slope) {
                $slopes[$index] = ($slopes[$index] ?? 0.0) + $weight * $slope;
            }
        }
        $slopes = array_map(static fn (float $slope): float => $slope / $sum, $slopes);
        $offset = $at->layout->offset($this->sign);
        $slopes[$offset] = 1.0;
        $expected = $this->usual * $sum * exp($at->mean[$offset]);
        // Negative binomial, log link: score (y − μ)/(1 + μ/k), information μ/(1 + μ/k).
        $size = $at->layout->parameters->signs->countSize[$this->sign->value]
            ?? throw new LogicException("{$this->sign->value} is no count.");
        $information = $expected / (1 + $expected / $size);

        return new LinearizedObservation(
            $slopes,
            ($this->count - $expected) / $expected,
            $this->noiseFactor ** 2 / $information,
            $expected,
        );
    }

    /**
     * @return array{float, array<int, float>} the logarithm of a stratum's factor, and its slopes by index of the state
     *
     * @throws LogicException when the sign is no count
     */
    private function stratum(State $at, int $s): array
    {
        $layout = $at->layout;
        $stratum = $layout->head->strata[$s];
        ['wear' => $ofWear, 'excess' => $ofExcess] = $layout->parameters->signs->countLogSlopes[$this->sign->value]
            ?? throw new LogicException("{$this->sign->value} is no count.");
        $log = $ofWear * $at->value($s, StateLayout::WEAR);
        $slopes = [$layout->of($s, StateLayout::WEAR) => $ofWear];
        if ($ofExcess <= 0.0) {
            return [$log, $slopes];
        }
        $targets = [
            StateLayout::MOISTURE => $stratum->targetMoisture(),
            StateLayout::PROTEIN => $stratum->targetProtein($layout->head->proteinSensitive),
        ];
        $band = $layout->parameters->model->bandHalfWidth;
        foreach ($targets as $quantity => $target) {
            [$excess, $slope] = self::excess($at->value($s, $quantity) - $target, $at->sd($s, $quantity), $band);
            $log += $ofExcess * $excess;
            $slopes[$layout->of($s, $quantity)] = $ofExcess * $slope;
        }

        return [$log, $slopes];
    }

    /** @return array{float, float} expected excess beyond the band on either side, and its slope */
    private static function excess(float $deviation, float $sd, float $bandHalfWidth): array
    {
        $sd = max(0.5, $sd);
        $above = ($deviation - $bandHalfWidth) / $sd;
        $below = (-$deviation - $bandHalfWidth) / $sd;
        $shareAbove = Normal::cumulative($above);
        $shareBelow = Normal::cumulative($below);

        return [
            $sd * (
                max(
                    0.0,
                    $above * $shareAbove + Normal::density($above),
                ) + max(0.0, $below * $shareBelow + Normal::density($below))
            ),
            $shareAbove - $shareBelow,
        ];
    }
}
