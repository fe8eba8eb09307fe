<?php

declare(strict_types=1);

namespace Nagomi\Core\Balance\Observation;

use LogicException;
use Nagomi\Core\Balance\Layout;
use Nagomi\Core\Balance\State;
use Nagomi\Core\Parameter\Model;
use Nagomi\Core\Reading\Sign;
use Nagomi\Core\Stats\Normal;

/**
 * A count of hairs, negative binomial with mean
 * usual · Σ share · e^(a·W + b·|M−M*|₊ + b·|P−P*|₊ + own offset), |·|₊ beyond the band; a and b by sign.
 *
 * |·|₊ has a corner; where the state is uncertain its expectation under that doubt has none, and is used.
 */
final readonly class Count implements Observation
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

    public function laidStraight(State $at): Straight
    {
        $layout = $at->layout;
        $head = $layout->head;
        ['wear' => $ofWear, 'excess' => $ofExcess] = Model::COUNT_LOG_SLOPES[$this->sign->value] ?? throw new LogicException("{$this->sign->value} is no count.");
        $sum = 0.0;
        $slopes = [];
        foreach ($this->shares as $s => $share) {
            $stratum = $head->strata[$s];
            $log = $ofWear * $at->value($s, Layout::WEAR);
            $own = [$layout->of($s, Layout::WEAR) => $ofWear];
            if ($ofExcess > 0.0) {
                foreach ([[Layout::MOISTURE, $stratum->targetMoisture()], [Layout::PROTEIN, $stratum->targetProtein($head->proteinSensitive)]] as [$quantity, $target]) {
                    [$excess, $slope] = self::excess($at->value($s, $quantity) - $target, $at->sd($s, $quantity));
                    $log += $ofExcess * $excess;
                    $own[$layout->of($s, $quantity)] = $ofExcess * $slope;
                }
            }
            $weight = $share * exp($log);
            $sum += $weight;
            foreach ($own as $index => $slope) {
                $slopes[$index] = ($slopes[$index] ?? 0.0) + $weight * $slope;
            }
        }
        $slopes = array_map(static fn (float $slope): float => $slope / $sum, $slopes);
        $offset = $layout->offset($this->sign);
        $slopes[$offset] = 1.0;
        $expected = $this->usual * $sum * exp($at->mean[$offset]);
        // Negative binomial, log link: score (y − μ)/(1 + μ/k), information μ/(1 + μ/k).
        $information = $expected / (1 + $expected / Model::COUNT_SIZE[$this->sign->value]);

        return new Straight($slopes, ($this->count - $expected) / $expected, $this->noiseFactor ** 2 / $information, $expected);
    }

    /** @return array{float, float} expected excess beyond the band on either side, and its slope */
    private static function excess(float $deviation, float $sd): array
    {
        $sd = max(0.5, $sd);
        $above = ($deviation - Model::BAND_HALF_WIDTH) / $sd;
        $below = (-$deviation - Model::BAND_HALF_WIDTH) / $sd;
        $shareAbove = Normal::cumulative($above);
        $shareBelow = Normal::cumulative($below);

        return [
            $sd * (max(0.0, $above * $shareAbove + Normal::density($above)) + max(0.0, $below * $shareBelow + Normal::density($below))),
            $shareAbove - $shareBelow,
        ];
    }
}
