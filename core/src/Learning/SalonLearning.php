<?php

declare(strict_types=1);

namespace Nagomi\Core\Learning;

use DateTimeImmutable;
use Nagomi\Core\Estimation\HeadHistory;
use Nagomi\Core\Parameters\InvalidParameters;
use Nagomi\Core\Parameters\LearnedFactor;
use Nagomi\Core\Parameters\Parameters;

/**
 * Learns a salon's own factors from the records of its heads by empirical Bayes: the factors under which readings were
 * foretold best, one after the other and round again, each drawn towards what is shipped as far as the records leave it
 * open. How far they leave it open goes by how much heads differ in what they say (Godambe 1960, from memory), since the
 * readings of one head hang together.
 */
final readonly class SalonLearning
{
    /** Apart in the logarithm: far enough for a clear difference, near enough for a parabola. */
    private const APART = 0.12;

    /** No further at once: a parabola is not believed beyond. */
    private const MOST_AT_ONCE = 0.3;

    /** What heads differ by is itself unsure where there are few. */
    private const FEWEST_HEADS = 4;

    /**
     * @param non-empty-list<array{HeadHistory, DateTimeImmutable}> $heads each with its last day
     */
    public function __construct(private array $heads, private Parameters $shipped)
    {
    }

    /**
     * @param int $rounds how often all factors are gone through, 1 or more
     *
     * @return array<string, LearnedValue> by factor
     *
     * @throws InvalidParameters where the table lacks a parameter
     */
    public function learned(int $rounds = 3): array
    {
        $learned = [];
        foreach (LearnedFactor::cases() as $factor) {
            $learned[$factor->value] = new LearnedValue($factor, 0.0, $factor->priorSpread($this->shipped), 0.0);
        }
        for ($round = 0; $round < $rounds && count($this->heads) >= self::FEWEST_HEADS; $round++) {
            foreach (LearnedFactor::cases() as $factor) {
                $learned[$factor->value] = $this->moved($factor, $learned);
            }
        }

        return $learned;
    }

    /**
     * @param array<string, LearnedValue> $learned
     *
     * @throws InvalidParameters where the table lacks a parameter
     */
    public static function parameters(Parameters $shipped, array $learned): Parameters
    {
        foreach ($learned as $value) {
            $shipped = $value->of->times($value->factor(), $shipped);
        }

        return $shipped;
    }

    /**
     * One step towards the best value of one factor, all others as they stand.
     *
     * @param array<string, LearnedValue> $learned
     *
     * @throws InvalidParameters where the table lacks a parameter
     */
    private function moved(LearnedFactor $factor, array $learned): LearnedValue
    {
        $at = $learned[$factor->value]->log;
        [$below, $here, $above] = array_map(fn (float $log): array => $this->scores(self::parameters(
            $this->shipped,
            array_replace($learned, [$factor->value => new LearnedValue($factor, $log, 0.0, 0.0)]),
        )), [$at - self::APART, $at, $at + self::APART]);
        [$slope, $bend, $spread] = [0.0, 0.0, 0.0];
        foreach ($here as $i => $score) {
            $own = ($above[$i] - $below[$i]) / (2 * self::APART);
            $slope += $own;
            $spread += $own ** 2;
            $bend -= ($above[$i] - 2 * $score + $below[$i]) / self::APART ** 2;
        }
        // Where the parabola stands on its head the records say which way, and not how far.
        $bend = max($bend, abs($slope) / self::MOST_AT_ONCE, 1e-9);
        $spread -= $slope ** 2 / count($here);
        $known = $bend * min(1.0, $bend / max($spread, 1e-9));
        $prior = 1 / $factor->priorSpread($this->shipped) ** 2;
        $weight = $known / ($known + $prior);
        $step = $weight * ($at + $slope / $bend) - $at;

        return new LearnedValue(
            $factor,
            $at + max(-self::MOST_AT_ONCE, min(self::MOST_AT_ONCE, $step)),
            1 / sqrt($known + $prior),
            $weight,
        );
    }

    /** @return non-empty-list<float> by head */
    private function scores(Parameters $parameters): array
    {
        return array_map(
            static fn (array $head): float => Foretold::score($head[0], $head[1], $parameters),
            $this->heads,
        );
    }
}
