<?php

declare(strict_types=1);

namespace Nagomi\Core\Learning;

use DateTimeImmutable;
use Nagomi\Core\Estimation\HeadHistory;
use Nagomi\Core\Parameters\InvalidParameters;
use Nagomi\Core\Parameters\LearnedFactor;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Statistics\Cholesky;

/**
 * One step of all factors together towards where readings are foretold best, drawn to what is shipped. It is laid in two
 * halves, so that heads can be gone through one by one, today and tomorrow: what each head says, and what all say.
 *
 * How sharply the records speak of a factor goes by how much heads differ in what they say (Godambe 1960, from memory),
 * since the readings of one head hang together; which factors hardly can be told apart goes by the same differences.
 *
 * The search leans: scales that end and hair that differs make signs look flatter than they are. What it finds on virtual
 * heads for whom everything is as shipped is taken off (indirect inference; Gouriéroux, Monfort and Renault 1993, from
 * memory), as far as it is the same elsewhere.
 */
final readonly class LearningRound
{
    /** Apart in the logarithm: so far that a reading believed or not believed at one end does not decide the bend. */
    private const APART = 0.25;

    /** No further at once: a parabola is not believed beyond. */
    private const MOST_AT_ONCE = 0.35;

    private const NEXT_TO_NOTHING = 1e-9;

    /** @param array<string, LearnedValue> $from where all factors stand, by name */
    public function __construct(private array $from, private Parameters $shipped)
    {
    }

    /**
     * What one head says.
     *
     * @return non-empty-list<float> how well it is foretold with all factors as they stand, then below and above for
     *     each in turn
     *
     * @throws InvalidParameters where the table lacks a parameter
     */
    public function scores(HeadHistory $history, DateTimeImmutable $until): array
    {
        $scores = [Foretold::score($history, $until, $this->parameters())];
        foreach (LearnedFactor::cases() as $factor) {
            foreach ([-self::APART, self::APART] as $apart) {
                $scores[] = Foretold::score($history, $until, $this->parameters($factor, $apart));
            }
        }

        return $scores;
    }

    /**
     * What all heads say.
     *
     * @param non-empty-list<list<float>> $scores of each head
     *
     * @return array<string, LearnedValue> by factor
     *
     * @throws InvalidParameters where the table lacks a parameter
     */
    public function learned(array $scores): array
    {
        [$known, $right] = $this->equations(...$this->said($scores));
        $solver = new Cholesky($known);
        [$best, $doubt] = [$solver->solve($right), $solver->inverse()];
        $learned = [];
        foreach (LearnedFactor::cases() as $f => $factor) {
            $at = $this->from[$factor->value]->log;
            $learned[$factor->value] = new LearnedValue(
                $factor,
                $at + max(-self::MOST_AT_ONCE, min(self::MOST_AT_ONCE, $best[$f] - $at)),
                sqrt($doubt[$f][$f]),
                max(0.0, 1 - $doubt[$f][$f] / $factor->priorSpread($this->shipped) ** 2),
            );
        }

        return $learned;
    }

    /**
     * @param list<float>       $pull   by factor: slope of all scores
     * @param list<float>       $bend   how much they bend
     * @param list<float>       $differ how much heads differ in the slope
     * @param list<list<float>> $alike  how far heads differ in two of them together, −1 to 1
     *
     * @return array{list<list<float>>, list<float>} known and right of known · factors = right, with what ships beside it
     *
     * @throws InvalidParameters where the table lacks a parameter
     */
    private function equations(array $pull, array $bend, array $differ, array $alike): array
    {
        $factors = LearnedFactor::cases();
        $believed = $root = $known = $right = [];
        foreach ($bend as $f => $own) {
            // Where the parabola stands on its head the records say which way, and not how far.
            $sharp = max($own > 0.0 ? $own : $differ[$f], self::NEXT_TO_NOTHING);
            $believed[] = min(1.0, $sharp / max($differ[$f], self::NEXT_TO_NOTHING));
            $root[] = sqrt($believed[$f] * $sharp);
        }
        foreach ($factors as $f => $factor) {
            [$row, $sum] = [[], $believed[$f] * $pull[$f]];
            foreach ($factors as $k => $other) {
                $both = $root[$f] * $root[$k] * $alike[$f][$k];
                $sum += $both * $this->from[$other->value]->log;
                $row[] = $both + ($f === $k ? 1 / $factor->priorSpread($this->shipped) ** 2 : 0.0);
            }
            $known[] = $row;
            $right[] = $sum;
        }

        return [$known, $right];
    }

    /**
     * @param non-empty-list<list<float>> $scores of each head
     *
     * @return array{list<float>, list<float>, list<float>, list<list<float>>} by factor: slope of all scores, how much they
     *     bend, how much heads differ in the slope; and how far heads differ in two of them together, −1 to 1
     */
    private function said(array $scores): array
    {
        /** @var list<non-empty-list<float>> $slopes */
        [$slopes, $bend] = [[], []];
        foreach (array_keys(LearnedFactor::cases()) as $f) {
            $bend[] = -array_sum(array_map(static fn (array $of): float
                => ($of[2 * $f + 1] - 2 * $of[0] + $of[2 * $f + 2]) / self::APART ** 2, $scores));
            $slopes[] = array_map(static fn (array $of): float
                => ($of[2 * $f + 2] - $of[2 * $f + 1]) / (2 * self::APART), $scores);
        }
        $apart = array_map(self::apart(...), $slopes);
        // What a few heads seem to differ in together is mostly chance, and they differ by more than they show.
        $shrunk = count($scores) / (count($scores) + count($slopes));
        $differ = array_map(static fn (array $of): float => self::product($of, $of) / $shrunk, $apart);
        $alike = [];
        foreach ($apart as $f => $one) {
            $row = [];
            foreach ($apart as $k => $other) {
                $size = sqrt($differ[$f] * $differ[$k]);
                $row[] = match (true) {
                    $f === $k => 1.0,
                    $size < self::NEXT_TO_NOTHING => 0.0,
                    default => self::product($one, $other) / $size,
                };
            }
            $alike[] = $row;
        }

        return [array_map(array_sum(...), $slopes), $bend, $differ, $alike];
    }

    /**
     * @param non-empty-list<float> $of
     *
     * @return non-empty-list<float> from their mean
     */
    private static function apart(array $of): array
    {
        $mean = array_sum($of) / count($of);

        return array_map(static fn (float $one): float => $one - $mean, $of);
    }

    /**
     * @param list<float> $one
     * @param list<float> $other as many
     */
    private static function product(array $one, array $other): float
    {
        return array_sum(array_map(static fn (float $a, float $b): float => $a * $b, $one, $other));
    }

    /** @throws InvalidParameters where the table lacks a parameter */
    private function parameters(?LearnedFactor $moved = null, float $by = 0.0): Parameters
    {
        $parameters = $this->shipped;
        foreach ($this->from as $value) {
            // What is searched for lies beside what is true by what the search leans by (indirect inference).
            $lean = $this->shipped->learning->leans[$value->of->value] ?? 1.0;
            $log = $value->log + ($value->of === $moved ? $by : 0.0);
            $parameters = $value->of->times($lean * exp($log), $parameters);
        }

        return $parameters;
    }
}
