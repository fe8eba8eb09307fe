<?php

declare(strict_types=1);

namespace Nagomi\Core\Validation;

use Nagomi\Core\Estimation\Snapshot;
use Nagomi\Core\Planning\MeanSimulator;
use Nagomi\Core\Planning\WashOption;
use Nagomi\Core\Treatments\StepKind;

/**
 * A season laid straight, so that a general solver can take it: what a wash day leaves is taken at the targets,
 * whatever the head
 * stands at, excess beyond the band counts as it is and not squared, and the doubt is left out. Written in the LP
 * format that GLPK and
 * others read. It measures the planner from outside; nothing is planned with it.
 */
final readonly class LinearProgram
{
    /**
     * @param non-empty-list<WashOption> $choices  open at any wash day, as far as the rules on one day go
     * @param non-empty-list<int>    $washDays counted from today, from day 0
     */
    public function __construct(
        private MeanSimulator $terrain,
        private Snapshot $start,
        private array $choices,
        private array $washDays,
        private int $horizon,
    ) {
    }

    /**
     * What a plan comes to in the season laid straight.
     *
     * @param list<int> $plan index of the choice by wash day
     */
    public function objective(array $plan): float
    {
        $means = $this->start();
        $cost = 0.0;
        foreach ($this->washDays as $w => $day) {
            $choice = $this->choices[$plan[$w]];
            foreach ($this->gains($choice, $w) as $i => $gain) {
                $means[$i] += $gain;
            }
            $cost += $this->terrain->ownCost($choice) + $this->days($w) * $this->outside($means);
            $means = $this->faded($means, $w);
        }

        return $cost;
    }

    /** The season as a mixed-integer linear program in LP format. */
    public function program(): string
    {
        $objective = $rows = $binaries = [];
        $count = count($this->start());
        foreach (array_keys($this->washDays) as $w) {
            $pick = [];
            foreach ($this->choices as $c => $choice) {
                $objective[] = sprintf('%+.9f x_%d_%d', $this->terrain->ownCost($choice), $w, $c);
                $pick[] = "x_{$w}_{$c}";
                $binaries[] = "x_{$w}_{$c}";
            }
            $rows[] = implode(' + ', $pick) . ' = 1';
            for ($i = 0; $i < $count; $i++) {
                [$own, $cost] = $this->quantity($w, $i);
                $rows = [...$rows, ...$own];
                $objective[] = $cost;
            }
        }
        $limits = $this->terrain->head->parameters->planning;
        $isStrong = static fn (WashOption $choice): bool => $choice->protein === StepKind::StrongProtein;
        $clarifies = static fn (WashOption $choice): bool => $choice->cleanse->clarifies();
        $rows = [
            ...$rows,
            ...$this->apart($isStrong, $limits->strongProteinApartDays),
            ...$this->apart($clarifies, $limits->clarifyApartDays['usual']),
            ...$this->mildEveryOther(),
        ];
        $named = array_map(static fn (string $row, int $r): string => " r{$r}: {$row}", $rows, array_keys($rows));

        return "Minimize\n cost: "
            . implode(' ', $objective)
            . "\nSubject To\n"
            . implode("\n", $named)
            . "\nBinary\n "
            . implode("\n ", $binaries)
            . "\nEnd\n";
    }

    /**
     * @return array{list<string>, string} the rows of one quantity at one wash day, and what it costs beyond the band;
     *     s: after the wash; e: beyond the band on either side
     */
    private function quantity(int $w, int $i): array
    {
        $band = $this->terrain->head->parameters->model->bandHalfWidth;
        $terms = sprintf('s_%d_%d', $w, $i);
        foreach ($this->choices as $c => $choice) {
            $terms .= sprintf(' %+.9f x_%d_%d', -$this->gains($choice, $w)[$i], $w, $c);
        }
        [$kept, $added] = $w === 0 ? [0.0, $this->start()[$i]] : $this->fading($w - 1, $i);
        $before = $w === 0 ? '' : sprintf(' %+.9f s_%d_%d', -$kept, $w - 1, $i);

        return [
            [
                $terms . $before . sprintf(' = %.9f', $added),
                sprintf('e_%1$d_%2$d - s_%1$d_%2$d >= %3$.9f', $w, $i, -$this->target($i) - $band),
                sprintf('e_%1$d_%2$d + s_%1$d_%2$d >= %3$.9f', $w, $i, $this->target($i) - $band),
            ],
            sprintf('%+.9f e_%d_%d', $this->days($w) * $this->share($i) / $band, $w, $i),
        ];
    }

    /**
     * The plan of a solution, as GLPK's plain output lists it.
     *
     * @return list<int>
     */
    public function plan(string $solution): array
    {
        $plan = [];
        foreach (array_keys($this->washDays) as $w) {
            foreach (array_keys($this->choices) as $c) {
                if (preg_match("/\\sx_{$w}_{$c}\\s+\\*?\\s+1\\b/", $solution) === 1) {
                    $plan[$w] = $c;
                }
            }
        }

        return array_values($plan);
    }

    /** @return list<float> moisture and protein by stratum */
    private function start(): array
    {
        return $this->reserves(MeanSimulator::means($this->start->state));
    }

    /**
     * @param array<int, float> $means four numbers for each stratum
     *
     * @return list<float>
     */
    private function reserves(array $means): array
    {
        $reserves = [];
        foreach (array_keys($this->terrain->head->strata) as $s) {
            $reserves[] = $means[4 * $s];
            $reserves[] = $means[4 * $s + 1];
        }

        return $reserves;
    }

    private function target(int $i): float
    {
        $stratum = $this->terrain->head->strata[intdiv($i, 2)];

        return $i % 2 === 0
            ? $stratum->targetMoisture()
            : $stratum->targetProtein($this->terrain->head->proteinSensitive);
    }

    private function share(int $i): float
    {
        return $this->terrain->head->strata[intdiv($i, 2)]->share;
    }

    /** @return array<int, float> the four numbers of each stratum at its targets, a little built up */
    private function atTargets(): array
    {
        $means = [];
        foreach (array_keys($this->terrain->head->strata) as $s) {
            array_push($means, $this->target(2 * $s), $this->target(2 * $s + 1), 8.0, 8.0);
        }

        return $means;
    }

    /** @return list<float> what a choice adds to each reserve, at the targets */
    private function gains(WashOption $choice, int $w): array
    {
        $before = $this->atTargets();
        $after = $this->reserves($this->terrain->washed($before, $choice, $this->washDays[$w]));

        return array_map(static fn (float $a, float $b): float => $a - $b, $after, $this->reserves($before));
    }

    private function days(int $w): int
    {
        return ($this->washDays[$w + 1] ?? $this->horizon + 1) - $this->washDays[$w];
    }

    /** @return array{float, float} what is kept of a reserve to the next wash day, and what the air adds */
    private function fading(int $w, int $i): array
    {
        $means = array_fill(0, 4 * count($this->terrain->head->strata), 0.0);
        $of = fn (float $value): float => $this->reserves($this->terrain->afterDays(
            array_map(static fn (): float => $value, $means),
            $this->washDays[$w],
            $this->days($w),
            false,
        ))[$i];
        $added = $of(0.0);

        return [($of(50.0) - $added) / 50.0, $added];
    }

    /**
     * @param array<int, float> $reserves
     *
     * @return array<int, float>
     */
    private function faded(array $reserves, int $w): array
    {
        return array_map(function (float $reserve, int $i) use ($w): float {
            [$kept, $added] = $this->fading($w, $i);

            return $kept * $reserve + $added;
        }, $reserves, array_keys($reserves));
    }

    /** @param array<int, float> $reserves */
    private function outside(array $reserves): float
    {
        $cost = 0.0;
        $band = $this->terrain->head->parameters->model->bandHalfWidth;
        foreach ($reserves as $i => $reserve) {
            $cost += $this->share($i) * max(
                0.0,
                abs($reserve - $this->target($i)) - $band,
            ) / $band;
        }

        return $cost;
    }

    /**
     * @param callable(WashOption): bool $is
     *
     * @return list<string>
     */
    private function apart(callable $is, int $days): array
    {
        $rows = [];
        foreach ($this->washDays as $w => $day) {
            $terms = [];
            foreach ($this->washDays as $v => $other) {
                if ($other >= $day && $other < $day + $days) {
                    foreach ($this->choices as $c => $choice) {
                        if ($is($choice)) {
                            $terms[] = "x_{$v}_{$c}";
                        }
                    }
                }
            }
            if ($terms !== []) {
                $rows[] = implode(' + ', $terms) . ' <= 1';
            }
        }

        return $rows;
    }

    /** @return list<string> mild protein not on the wash day after any protein */
    private function mildEveryOther(): array
    {
        $rows = [];
        for ($w = 1; $w < count($this->washDays); $w++) {
            $terms = [];
            foreach ($this->choices as $c => $choice) {
                if ($choice->protein !== null) {
                    $terms[] = 'x_' . ($w - 1) . "_{$c}";
                }
                if ($choice->protein === StepKind::MildProtein) {
                    $terms[] = "x_{$w}_{$c}";
                }
            }
            $rows[] = implode(' + ', $terms) . ' <= 1';
        }

        return $rows;
    }
}
