<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use DateInterval;
use DateTimeImmutable;
use Nagomi\Core\Statistics\Normal;
use Nagomi\Core\Treatments\StepKind;

/** Why an item stands in the plan: it is left out, the head rolled on, and the day its band is left is read off. */
final class PlanReasons
{
    /** z of the 10 % and 90 % points: between them lies 80 %. */
    private const Z_80 = 1.2815515655446004;

    /** The expected day, and the two it lies between with 80 %. */
    private const SIDES = ['date' => 0.0, 'earliest' => self::Z_80, 'latest' => -self::Z_80];

    /**
     * @param list<int>    $washDays
     * @param list<WashOption> $choices
     */
    public function __construct(
        private readonly MeanSimulator $terrain,
        private readonly ForecastUncertainty $doubt,
        private readonly DateTimeImmutable $today,
        private readonly array $washDays,
        private readonly array $choices,
        private readonly int $horizon,
    ) {
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
            fn (StepKind $treatment): Counterfactual => $this->firstPassage($treatment, $level, $means),
            $treatments,
        );
    }

    /**
     * Rolls on with this item and all like it left out, so that the date says what the treatment is for.
     *
     * @param array<int, float> $means
     */
    private function firstPassage(StepKind $treatment, int $level, array $means): Counterfactual
    {
        $what = match ($treatment) {
            StepKind::Mask => 'moisture',
            StepKind::Cleanse => 'build-up',
            default => 'protein',
        };
        $strata = $this->terrain->head->strata;
        $crossed = array_fill(0, count($strata), ['date' => null, 'earliest' => null, 'latest' => null]);
        $already = $this->outside($what, $means, $this->washDays[$level]);
        [$next, $nearest, $sealed] = [$level, INF, false];
        for ($day = $this->washDays[$level]; $day <= $this->horizon; $day++) {
            if (isset($this->washDays[$next]) && $this->washDays[$next] === $day) {
                $choice = $this->leftOut($this->choices[$next++], $treatment, $this->terrain->date($day));
                $means = $this->terrain->washed($means, $choice);
                $sealed = $this->terrain->seals($choice);
            }
            foreach (array_keys($strata) as $s) {
                [$distance, $sd] = $this->distance($what, $means, $s, $day);
                $nearest = min($nearest, $distance / $sd);
                foreach (self::SIDES as $which => $z) {
                    if ($crossed[$s][$which] === null && $distance - $z * $sd < 0) {
                        $crossed[$s][$which] = $day;
                    }
                }
            }
            $means = $this->terrain->afterDays($means, $day, 1, $sealed);
        }
        $first = self::firstOf($crossed);

        return new Counterfactual(
            $what,
            $strata[$first]->name,
            $this->date($crossed[$first]['date']),
            $this->date($crossed[$first]['earliest']),
            $this->date($crossed[$first]['latest']),
            $already,
            Normal::cumulative(-$nearest),
        );
    }

    /** @param list<array{date: int|null, earliest: int|null, latest: int|null}> $crossed by stratum */
    private static function firstOf(array $crossed): int
    {
        $first = 0;
        foreach ($crossed as $s => $days) {
            if (($days['date'] ?? PHP_INT_MAX) < ($crossed[$first]['date'] ?? PHP_INT_MAX)) {
                $first = $s;
            }
        }

        return $first;
    }

    /** @param array<int, float> $means */
    private function outside(string $what, array $means, int $day): bool
    {
        foreach (array_keys($this->terrain->head->strata) as $s) {
            if ($this->distance($what, $means, $s, $day)[0] < 0) {
                return true;
            }
        }

        return false;
    }

    /**
     * How far a stratum still is from leaving its band on the side the treatment holds, and the doubt of that.
     *
     * @param array<int, float> $means
     *
     * @return array{float, float}
     */
    private function distance(string $what, array $means, int $s, int $day): array
    {
        $stratum = $this->terrain->head->strata[$s];

        return match ($what) {
            'moisture' => [
                $means[4 * $s] - $stratum->targetMoisture() + $stratum->parameters->model->bandHalfWidth,
                $this->doubt->moistureSd[$s][$day] ?? 10.0,
            ],
            'protein' => [
                $means[4 * $s + 1] - $stratum->targetProtein(
                    $this->terrain->head->proteinSensitive,
                ) + $stratum->parameters->model->bandHalfWidth,
                $this->doubt->proteinSd[$s][$day] ?? 10.0,
            ],
            default => [
                $stratum->parameters->planning->buildUpLimit - $means[4 * $s + 2] - $means[4 * $s + 3],
                $this->doubt->buildUpSd[$s][$day] ?? 10.0,
            ],
        };
    }

    private function leftOut(WashOption $choice, StepKind $treatment, DateTimeImmutable $date): WashOption
    {
        $head = $this->terrain->head;
        $usual = WashOptions::usualCleanseOn($date, $head, $this->terrain->terms);

        return $this->has($choice, $treatment)
            ? $choice->without($treatment, $usual, $head->parameters->washDay)
            : $choice;
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
