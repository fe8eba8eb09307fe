<?php

declare(strict_types=1);

namespace Nagomi\Core\Estimation;

use Nagomi\Core\Parameters\HabitParameters;

/**
 * Every how many washes somebody does a thing, learned from washes that were told of more or less well: a hidden Markov
 * model. Each period is believed with some weight, and within it each place: so many washes since it was done last. At
 * its last place it is due, and stays so until it is done.
 */
final readonly class HabitRhythm
{
    private const NEVER = 0;

    /** @param array<int, array<int, float>> $weights by period in washes (0: never), by place in it from 1; all sum to 1 */
    private function __construct(private HabitParameters $parameters, private array $weights)
    {
    }

    /** @param array<string, float> $periods how likely each is, by every how many washes, or never; any sum */
    public static function assumed(HabitParameters $parameters, array $periods): self
    {
        $weights = [];
        $all = array_sum($periods);
        foreach ($periods as $period => $weight) {
            // Where somebody stands within it nobody knows at first.
            $places = max(1, (int) $period);
            $weights[(int) $period] = array_fill(1, $places, $weight / $all / $places);
        }

        return new self($parameters, $weights);
    }

    /** @return float probability that it is done at the next wash */
    public function due(): float
    {
        $due = 0.0;
        foreach ($this->weights as $period => $places) {
            foreach ($places as $place => $weight) {
                $due += $weight * $this->hazard($period, $place);
            }
        }

        return $due;
    }

    /**
     * After a wash, in the light of what was told of it.
     *
     * @param float $ifDone    likelihood of what was told, where it was done
     * @param float $ifNotDone and where it was not
     */
    public function after(float $ifDone, float $ifNotDone): self
    {
        $due = $this->due();
        $all = $due * $ifDone + (1 - $due) * $ifNotDone;
        [$ifDone, $ifNotDone] = [$ifDone / $all, $ifNotDone / $all];
        $weights = [];
        foreach ($this->weights as $period => $places) {
            $first = 0.0;
            $last = count($places);
            $moved = [1 => 0.0];
            foreach ($places as $place => $weight) {
                $hazard = $this->hazard($period, $place);
                $first += $weight * $hazard * $ifDone;
                $moved[$place + 1] = $weight * (1 - $hazard) * $ifNotDone;
            }
            // Who was due and left it out is due again.
            $moved[$last] += $moved[$last + 1];
            unset($moved[$last + 1]);
            $moved[1] += $first;
            $weights[$period] = $moved;
        }

        return new self($this->parameters, $weights);
    }

    private function hazard(int $period, int $place): float
    {
        return $period !== self::NEVER && $place === $period
            ? 1 - $this->parameters->leftOut
            : $this->parameters->outOfTurn;
    }

    /** @return list<float> weights, in the order of periods and places */
    public function numbers(): array
    {
        return array_merge(...array_map(array_values(...), array_values($this->weights)));
    }

    /** @param list<float> $numbers as {@see numbers} gave them, of the same periods */
    public function withNumbers(array $numbers): self
    {
        $weights = [];
        foreach ($this->weights as $period => $places) {
            foreach (array_keys($places) as $place) {
                $weights[$period][$place] = array_shift($numbers) ?? 0.0;
            }
        }

        return new self($this->parameters, $weights);
    }
}
