<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use DateInterval;
use DateTimeImmutable;
use Nagomi\Core\Estimation\Snapshot;
use Nagomi\Core\Head\Stratum;
use Nagomi\Core\Treatments\StepKind;
use WeakMap;

/**
 * Why an item stands in the plan: it and all like it are left out, drawn paths of the head are rolled on, and the days
 * on which they first leave the band are counted.
 */
final class PlanReasons
{
    /** @var list<Paths> on the morning of each wash day, as far as anyone asked */
    private array $mornings = [];

    /** @var WeakMap<WashOption, array<string, WashOption>> each without a treatment, by treatment and what cleanses instead */
    private readonly WeakMap $lighter;

    /** @var WeakMap<WashOption, array<string, PathLines>> what each makes of paths, by what is asked for and its place */
    private readonly WeakMap $lines;

    /** Whether the last of them has moisture sealed in. */
    private bool $sealed = false;

    /**
     * @param list<int>        $washDays
     * @param list<WashOption> $choices
     */
    private function __construct(
        private readonly MeanSimulator $terrain,
        private readonly PathSimulator $paths,
        private readonly DateTimeImmutable $today,
        private readonly array $washDays,
        private readonly array $choices,
        private readonly int $horizon,
    ) {
        $this->lighter = new WeakMap();
        $this->lines = new WeakMap();
    }

    /**
     * @param list<int>        $washDays counted from today
     * @param list<WashOption> $choices  one for each
     */
    public static function of(
        Snapshot $start,
        MeanSimulator $terrain,
        array $washDays,
        array $choices,
        int $horizon,
    ): self {
        $paths = new PathSimulator($start, $terrain->terms);
        $reasons = new self($terrain, $paths, $start->date, $washDays, $choices, $horizon);
        $reasons->sealed = $start->sealed;

        return $reasons;
    }

    /**
     * @param array<int, float> $means before the wash day
     *
     * @return array<string, Counterfactual> by treatment
     */
    public function without(int $level, array $means): array
    {
        $choice = $this->choices[$level];
        $treatments = array_filter([
            'strong-protein' => $choice->protein === StepKind::StrongProtein ? StepKind::StrongProtein : null,
            'mild-protein' => $choice->protein === StepKind::MildProtein ? StepKind::MildProtein : null,
            'mask' => $choice->masks() ? StepKind::Mask : null,
            'cleanse' => $choice->cleanse->clarifies() ? StepKind::Cleanse : null,
        ]);

        return array_map(
            fn (StepKind $treatment): Counterfactual => $this->leftOutFrom($treatment, $level, $means),
            $treatments,
        );
    }

    /**
     * Rolls on with this item and all like it left out, so that the date says what the treatment is for.
     *
     * @param array<int, float> $means before the wash day
     */
    private function leftOutFrom(StepKind $treatment, int $level, array $means): Counterfactual
    {
        $what = match ($treatment) {
            StepKind::Mask => 'moisture',
            StepKind::Cleanse => 'build-up',
            default => 'protein',
        };
        $passage = new FirstPassage($this->limits($what), PathSimulator::COUNT);
        $next = $level;
        [$at, $sealed] = [$this->morning($level)->only($what), false];
        for ($day = $this->washDays[$level]; $day <= $this->horizon && ! $passage->isComplete(); $day++) {
            if (($this->washDays[$next] ?? null) === $day) {
                $choice = $this->leftOut($this->choices[$next], $treatment, $this->terrain->date($day));
                $at = $this->linesOf($what, $choice, $next)->on($at);
                $sealed = $this->paths->seals($choice, $day);
                $next++;
            }
            // Where a path left first is all that is asked of it.
            $at = $at->without($passage->endOfDay($day, self::held($what, $at)));
            $at = $this->afterADay($what, $at, $day, $sealed);
        }
        [$earliest, $latest] = $passage->range();

        return new Counterfactual(
            $what,
            $this->terrain->head->strata[$passage->firstStratum()]->name,
            $this->date($passage->median()),
            $this->date($earliest),
            $this->date($latest),
            $this->outside($what, $means),
            $passage->share(),
        );
    }

    /** The paths on the morning of a wash day, all as planned until then. */
    private function morning(int $level): Paths
    {
        for ($next = count($this->mornings); $next <= $level; $next++) {
            $paths = $next === 0
                ? $this->paths->start
                : $this->paths->washed(
                    $this->mornings[$next - 1],
                    $this->choices[$next - 1],
                    $this->washDays[$next - 1],
                );
            $this->sealed = $next === 0
                ? $this->sealed
                : $this->paths->seals($this->choices[$next - 1], $this->washDays[$next - 1]);
            for ($day = $next === 0 ? 0 : $this->washDays[$next - 1]; $day < $this->washDays[$next]; $day++) {
                $paths = $this->paths->afterADay($paths, $day, $this->sealed);
            }
            $this->mornings[] = $paths;
        }

        return $this->mornings[$level];
    }

    /**
     * What the treatment does not hold is as planned on the morning of the wash day.
     *
     * @param 'moisture'|'protein'|'build-up' $what
     */
    private function linesOf(string $what, WashOption $choice, int $level): PathLines
    {
        $known = $this->lines[$choice] ?? [];
        $known["{$what} {$level}"] ??= $this->paths->lines(
            $what,
            $this->morning($level),
            $choice,
            $this->washDays[$level],
        );
        $this->lines[$choice] = $known;

        return $known["{$what} {$level}"];
    }

    private function afterADay(string $what, Paths $at, int $day, bool $sealed): Paths
    {
        return match ($what) {
            'moisture' => new Paths($this->paths->moistureAfterADay($at->moisture, $day, $sealed), [], [], []),
            'protein' => new Paths([], $this->paths->proteinAfterADay($at->protein, $day), [], []),
            default => new Paths([], [], ...$this->paths->buildUpAfterADay($at->washable, $at->stubborn, $day)),
        };
    }

    /** @return array<int, array<int, float>> what the treatment holds, by stratum, then path; of build-up what room there still is */
    private static function held(string $what, Paths $at): array
    {
        return match ($what) {
            'moisture' => $at->moisture,
            'protein' => $at->protein,
            default => array_map(static function (array $washable, array $stubborn): array {
                foreach ($washable as $path => $value) {
                    $washable[$path] = -$value - $stubborn[$path];
                }

                return $washable;
            }, $at->washable, $at->stubborn),
        };
    }

    /** @return array<int, float> by stratum: below it what the treatment holds has left its band */
    private function limits(string $what): array
    {
        $head = $this->terrain->head;
        $band = $head->parameters->model->bandHalfWidth;

        return array_map(static fn (Stratum $stratum): float => match ($what) {
            'moisture' => $stratum->targetMoisture() - $band,
            'protein' => $stratum->targetProtein($head->proteinSensitive) - $band,
            default => -$head->parameters->planning->buildUpLimit,
        }, $head->strata);
    }

    /** @param array<int, float> $means four numbers for each stratum */
    private function outside(string $what, array $means): bool
    {
        foreach ($this->limits($what) as $s => $limit) {
            $held = match ($what) {
                'moisture' => $means[4 * $s],
                'protein' => $means[4 * $s + 1],
                default => -$means[4 * $s + 2] - $means[4 * $s + 3],
            };
            if ($held < $limit) {
                return true;
            }
        }

        return false;
    }

    private function leftOut(WashOption $choice, StepKind $treatment, DateTimeImmutable $date): WashOption
    {
        if (! $this->has($choice, $treatment)) {
            return $choice;
        }
        $head = $this->terrain->head;
        $usual = WashOptions::usualCleanseOn($date, $head, $this->terrain->terms);
        $key = "{$treatment->value} {$usual->value}";
        $known = $this->lighter[$choice] ?? [];
        // The same object each time: what it does is worked out once.
        $known[$key] ??= $choice->without($treatment, $usual, $head->parameters->washDay);
        $this->lighter[$choice] = $known;

        return $known[$key];
    }

    private function has(WashOption $choice, StepKind $treatment): bool
    {
        return match ($treatment) {
            StepKind::Mask => $choice->masks(),
            StepKind::Cleanse => $choice->cleanse->clarifies(),
            default => $choice->protein !== null,
        };
    }

    private function date(?int $day): ?DateTimeImmutable
    {
        return $day === null ? null : $this->today->add(new DateInterval("P{$day}D"));
    }
}
