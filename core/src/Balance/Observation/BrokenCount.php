<?php

declare(strict_types=1);

namespace Nagomi\Core\Balance\Observation;

use Nagomi\Core\Balance\Layout;
use Nagomi\Core\Balance\State;
use Nagomi\Core\Parameter\Model;
use Nagomi\Core\Reading\BrokenHairs;
use Nagomi\Core\Reading\Sign;
use Nagomi\Core\Stats\Normal;

/**
 * Broken hairs at a detangling, negative binomial with mean
 * (days + 2) · 1.5 · Σ share · e^(.03·W + .03·|M−M*|₊ + .03·|P−P*|₊ + own offset), |·|₊ beyond the band.
 *
 * |·|₊ has a corner; where the state is uncertain its expectation under that doubt has none, and is used.
 */
final readonly class BrokenCount implements Observation
{
    /** @param array<int, float> $shares share of the sign by stratum, summing to 1 */
    public function __construct(
        private float $count,
        private float $daysSinceDetangled,
        private array $shares,
        private float $noiseFactor = 1.0,
    ) {
    }

    public function laidStraight(State $at): Straight
    {
        $layout = $at->layout;
        $head = $layout->head;
        $sum = 0.0;
        $slopes = [];
        foreach ($this->shares as $s => $share) {
            $stratum = $head->strata[$s];
            $log = Model::BROKEN_LOG_SLOPE * $at->value($s, Layout::WEAR);
            $own = [$layout->of($s, Layout::WEAR) => Model::BROKEN_LOG_SLOPE];
            foreach ([[Layout::MOISTURE, $stratum->targetMoisture()], [Layout::PROTEIN, $stratum->targetProtein($head->proteinSensitive)]] as [$quantity, $target]) {
                [$excess, $slope] = self::excess($at->value($s, $quantity) - $target, $at->sd($s, $quantity));
                $log += Model::BROKEN_LOG_SLOPE * $excess;
                $own[$layout->of($s, $quantity)] = Model::BROKEN_LOG_SLOPE * $slope;
            }
            $weight = $share * exp($log);
            $sum += $weight;
            foreach ($own as $index => $slope) {
                $slopes[$index] = ($slopes[$index] ?? 0.0) + $weight * $slope;
            }
        }
        $slopes = array_map(static fn (float $slope): float => $slope / $sum, $slopes);
        $offset = $layout->offset(Sign::Broken);
        $slopes[$offset] = 1.0;
        $expected = BrokenHairs::usualBroken($this->daysSinceDetangled) * $sum * exp($at->mean[$offset]);
        // Negative binomial, log link: score (y − μ)/(1 + μ/k), information μ/(1 + μ/k).
        $information = $expected / (1 + $expected / Model::BROKEN_SIZE);

        return new Straight($slopes, ($this->count - $expected) / $expected, $this->noiseFactor ** 2 / $information, $expected);
    }

    /** @return array{float, float} expected excess beyond the band on either side, and its slope */
    private static function excess(float $deviation, float $sd): array
    {
        $sd = max(0.5, $sd);
        $above = ($deviation - Model::BAND_HALF_WIDTH) / $sd;
        $below = (-$deviation - Model::BAND_HALF_WIDTH) / $sd;

        return [
            $sd * (Normal::meanExcess($above) + Normal::meanExcess($below)),
            Normal::cumulative($above) - Normal::cumulative($below),
        ];
    }
}
