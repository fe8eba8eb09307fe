<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use Nagomi\Core\Estimation\AirMoisture;
use Nagomi\Core\Estimation\Dynamics;
use Nagomi\Core\Estimation\HomeHabits;
use Nagomi\Core\Estimation\Snapshot;
use Nagomi\Core\Estimation\StateLayout;
use WeakMap;

/**
 * A head drawn many times from what is known of it, each drawing with its own reserves, its own fading and its own
 * uptake, and rolled on through a season with the noise of each day and each step: {@see Dynamics} without straight
 * lines, so that the day a band is first left can be counted instead of read off a margin.
 */
final class PathSimulator
{
    public const COUNT = 300;

    /** @var array<int, array<int, float>> share of moisture kept a day by stratum, then path; not sealed in, sealed in */
    private readonly array $moistureKept;

    /** @var array<int, array<int, float>> */
    private readonly array $moistureKeptSealed;

    /** @var array<int, array<int, float>> share of protein kept a day by stratum, then path */
    private readonly array $proteinKept;

    private readonly PathSteps $steps;

    public readonly Paths $start;

    private readonly StateLayout $layout;

    /** @var array<int, float> by day counted from today */
    private array $airs = [];

    /** @var WeakMap<WashOption, PathEffects> in the salon */
    private readonly WeakMap $effects;

    /** @var WeakMap<WashOption, PathEffects> at home, where some of it is left out */
    private readonly WeakMap $effectsAtHome;

    private readonly HomeHabits $habits;

    public function __construct(private readonly Snapshot $from, private readonly PlanTerms $terms)
    {
        $this->layout = $from->state->layout;
        $this->effects = new WeakMap();
        $this->effectsAtHome = new WeakMap();
        $this->habits = $from->habits ?? HomeHabits::assumed($this->layout->parameters->habits);
        $drawn = DrawnState::of($from->state, self::COUNT);
        $this->start = $this->held($drawn);
        $this->steps = new PathSteps(
            self::exponentials($drawn[$this->layout->uptake]),
            $this->layout->parameters->treatments,
        );
        $moisture = self::exponentials($drawn[$this->layout->moistureFading]);
        $protein = self::exponentials($drawn[$this->layout->proteinFading]);
        $open = $sealed = $ofProtein = [];
        foreach ($this->layout->head->strata as $stratum) {
            $open[] = self::kept(Dynamics::moistureRate($stratum, false), $moisture);
            $sealed[] = self::kept(Dynamics::moistureRate($stratum, true), $moisture);
            $ofProtein[] = self::kept(Dynamics::proteinRate($stratum), $protein);
        }
        [$this->moistureKept, $this->moistureKeptSealed, $this->proteinKept] = [$open, $sealed, $ofProtein];
    }

    /**
     * @param array<int, float> $logs
     *
     * @return array<int, float>
     */
    private static function exponentials(array $logs): array
    {
        return array_map(static fn (float $log): float => exp($log), $logs);
    }

    /**
     * @param array<int, float> $factors on the rate, by path
     *
     * @return array<int, float> share kept a day, by path
     */
    private static function kept(float $rate, array $factors): array
    {
        return array_map(static fn (float $factor): float => exp(-$rate * $factor), $factors);
    }

    /** @param array<int, array<int, float>> $drawn by index of the state, then path */
    private function held(array $drawn): Paths
    {
        $of = fn (int $quantity): array => array_map(
            fn (int $s): array => array_map(
                self::onScale(...),
                $drawn[$this->layout->of($s, max(StateLayout::MOISTURE, min(StateLayout::WEAR, $quantity)))],
            ),
            array_keys($this->layout->head->strata),
        );

        return new Paths(
            $of(StateLayout::MOISTURE),
            $of(StateLayout::PROTEIN),
            $of(StateLayout::WASHABLE),
            $of(StateLayout::STUBBORN),
        );
    }

    private static function onScale(float $value): float
    {
        return max(0.0, min(100.0, $value));
    }

    public function afterADay(Paths $paths, int $day, bool $sealed): Paths
    {
        [$washable, $stubborn] = $this->buildUpAfterADay($paths->washable, $paths->stubborn, $day);

        return new Paths(
            $this->moistureAfterADay($paths->moisture, $day, $sealed),
            $this->proteinAfterADay($paths->protein, $day),
            $washable,
            $stubborn,
        );
    }

    /**
     * @param array<int, array<int, float>> $moisture by stratum, then path, at the end of a day
     * @param int               $day      that day, counted from today
     *
     * @return array<int, array<int, float>>
     */
    public function moistureAfterADay(array $moisture, int $day, bool $sealed): array
    {
        $model = $this->layout->parameters->model;
        $air = $this->airs[$day] ??= AirMoisture::at(
            $this->layout->air->percentOn($this->from->date->modify('+' . ($day + 1) . ' days')),
            $model,
        );
        foreach ($moisture as $s => $values) {
            $noise = PathNoise::block(PathNoise::MOISTURE, $day, $s, self::COUNT);
            $kept = $sealed ? $this->moistureKeptSealed[$s] : $this->moistureKept[$s];
            $sd = $model->moistureDriftSd;
            foreach ($values as $path => $value) {
                $value = $air + ($value - $air) * $kept[$path] + $sd * $noise[$path];
                $values[$path] = $value < 0.0 ? 0.0 : ($value > 100.0 ? 100.0 : $value);
            }
            $moisture[$s] = $values;
        }

        return $moisture;
    }

    /**
     * @param array<int, array<int, float>> $protein by stratum, then path, at the end of a day
     *
     * @return array<int, array<int, float>>
     */
    public function proteinAfterADay(array $protein, int $day): array
    {
        $sd = $this->layout->parameters->model->proteinDriftSd;
        foreach ($protein as $s => $values) {
            $noise = PathNoise::block(PathNoise::PROTEIN, $day, $s, self::COUNT);
            $kept = $this->proteinKept[$s];
            foreach ($values as $path => $value) {
                $value = $value * $kept[$path] + $sd * $noise[$path];
                $values[$path] = $value < 0.0 ? 0.0 : ($value > 100.0 ? 100.0 : $value);
            }
            $protein[$s] = $values;
        }

        return $protein;
    }

    /**
     * @param array<int, array<int, float>> $washable by stratum, then path, at the end of a day
     * @param array<int, array<int, float>> $stubborn by stratum, then path, at the end of a day
     *
     * @return array{array<int, array<int, float>>, array<int, array<int, float>>}
     */
    public function buildUpAfterADay(array $washable, array $stubborn, int $day): array
    {
        $model = $this->layout->parameters->model;
        [$washableADay, $stubbornADay] = Dynamics::buildUpADay($this->layout->head);
        foreach (array_keys($washable) as $s) {
            $washable[$s] = self::grown(
                $washable[$s],
                $washableADay,
                $model->buildUpDriftSd,
                PathNoise::block(PathNoise::WASHABLE, $day, $s, self::COUNT),
            );
            $stubborn[$s] = self::grown(
                $stubborn[$s],
                $stubbornADay,
                $model->stubbornDriftShare * $model->buildUpDriftSd,
                PathNoise::block(PathNoise::STUBBORN, $day, $s, self::COUNT),
            );
        }

        return [$washable, $stubborn];
    }

    /**
     * @param array<int, float> $values by path
     * @param array<int, float> $noise  by path
     *
     * @return array<int, float>
     */
    private static function grown(array $values, float $aDay, float $sd, array $noise): array
    {
        foreach ($values as $path => $value) {
            $value += $aDay + $sd * $noise[$path];
            $values[$path] = $value < 0.0 ? 0.0 : ($value > 100.0 ? 100.0 : $value);
        }

        return $values;
    }

    /** @param int $day counted from today */
    public function washed(Paths $paths, WashOption $choice, int $day): Paths
    {
        return $this->steps->washed($paths, $this->effectsOf($choice, $day), $day);
    }

    /**
     * @param 'moisture'|'protein'|'build-up' $what    is asked for
     * @param Paths                           $morning whose build-up keeps treatments from being taken up
     * @param int                             $day     counted from today
     */
    public function lines(string $what, Paths $morning, WashOption $choice, int $day): PathLines
    {
        return $this->steps->lines($what, $morning, $this->effectsOf($choice, $day), $day);
    }

    /** @param int $day counted from today */
    public function seals(WashOption $choice, int $day): bool
    {
        return $this->effectsOf($choice, $day)->seals;
    }

    private function effectsOf(WashOption $choice, int $day): PathEffects
    {
        [$head, $bottles] = [$this->layout->head, $this->terms->bottles];

        return $this->terms->isAtHome($this->from->date->modify("+{$day} days"), $this->from->date)
            ? $this->effectsAtHome[$choice] ??= PathEffects::of($choice, $head, $bottles, $this->habits)
            : $this->effects[$choice] ??= PathEffects::of($choice, $head, $bottles, null);
    }
}
