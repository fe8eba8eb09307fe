<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use Nagomi\Core\Parameters\TreatmentParameters;
use Nagomi\Core\Statistics\Normal;
use Nagomi\Core\Treatments\StratumEffect;

/** What the steps of a wash day do to drawn paths, each with an uptake of its own. */
final readonly class PathSteps
{
    /** @param array<int, float> $uptake factor on what treatments give, by path */
    public function __construct(private array $uptake, private TreatmentParameters $treatments)
    {
    }

    /** @param int $day counted from today */
    public function washed(Paths $morning, PathEffects $effects, int $day): Paths
    {
        [$moisture, $protein] = [PathValues::each($morning->moisture), PathValues::each($morning->protein)];
        [$washable, $stubborn] = [PathValues::each($morning->washable), PathValues::each($morning->stubborn)];
        foreach ($this->steps($effects, $day) as [$s, $effect, $on, $noise]) {
            if (PathEffects::givesOrTakes($effect)) {
                $free = $this->free($washable[$s], $stubborn[$s], $on);
                $this->moisture($moisture[$s], $effect, $free, $noise);
                $this->protein($protein[$s], $effect, $free, $noise);
            }
            self::buildUp($washable[$s], $stubborn[$s], $effect, $on, $noise);
        }

        return new Paths(
            PathValues::of($moisture),
            PathValues::of($protein),
            PathValues::of($washable),
            PathValues::of($stubborn),
        );
    }

    /**
     * @param 'moisture'|'protein'|'build-up' $what   is asked for
     * @param Paths                           $morning whose build-up keeps treatments from being taken up
     * @param int                             $day    counted from today
     */
    public function lines(string $what, Paths $morning, PathEffects $effects, int $day): PathLines
    {
        $lines = fn (): array => PathLine::each(count($morning->washable), count($this->uptake));
        if ($what === 'build-up') {
            [$washable, $stubborn] = [$lines(), $lines()];
            foreach ($this->steps($effects, $day) as [$s, $effect, $on, $noise]) {
                self::buildUp($washable[$s], $stubborn[$s], $effect, $on, $noise);
            }

            return new PathLines(washable: $washable, stubborn: $stubborn);
        }
        [$washable, $stubborn] = [PathValues::each($morning->washable), PathValues::each($morning->stubborn)];
        $reserve = $lines();
        foreach ($this->steps($effects, $day) as [$s, $effect, $on, $noise]) {
            if (PathEffects::givesOrTakes($effect)) {
                $free = $this->free($washable[$s], $stubborn[$s], $on);
                $what === 'moisture'
                    ? $this->moisture($reserve[$s], $effect, $free, $noise)
                    : $this->protein($reserve[$s], $effect, $free, $noise);
            }
            self::buildUp($washable[$s], $stubborn[$s], $effect, $on, $noise);
        }

        return $what === 'moisture' ? new PathLines(moisture: $reserve) : new PathLines(protein: $reserve);
    }

    /** @return iterable<array{int, StratumEffect, list<int>, StepNoise}> stratum, effect, paths on which it is done */
    private function steps(PathEffects $effects, int $day): iterable
    {
        foreach ($effects->steps as $step => $chances) {
            $noise = new StepNoise(8 * $day + $step % 8);
            foreach ($this->drawn($chances, $noise) as $which => $on) {
                foreach ($chances[$which][1] as $s => $effect) {
                    if (PathEffects::moves($effect)) {
                        yield [$s, $effect, $on, $noise];
                    }
                }
            }
        }
    }

    /**
     * @param non-empty-list<array{float, list<StratumEffect>}> $chances
     *
     * @return array<int, list<int>> paths on which each of them came; those on which none came are left out
     */
    private function drawn(array $chances, StepNoise $noise): array
    {
        if (count($chances) === 1) {
            return [array_keys($this->uptake)];
        }
        $limits = [];
        $until = 0.0;
        foreach (array_slice($chances, 0, -1) as [$chance]) {
            $until += $chance;
            $limits[] = $until >= 1.0 ? INF : Normal::quantile($until);
        }
        $drawn = [];
        foreach ($noise->of(PathNoise::DONE) as $path => $at) {
            $which = 0;
            while (isset($limits[$which]) && $at > $limits[$which]) {
                $which++;
            }
            $drawn[$which][] = $path;
        }

        return $drawn;
    }

    /**
     * @param list<int> $on paths on which it is done
     *
     * @return array<int, float> share of what is given that is taken up, by path on which it is done
     */
    private function free(PathValues $washable, PathValues $stubborn, array $on): array
    {
        [$washable, $stubborn] = [$washable->values, $stubborn->values];
        $blocked = $this->treatments->buildUpBlocksUptake / 100;
        $free = [];
        foreach ($on as $path) {
            $buildUp = $washable[$path] + $stubborn[$path];
            $free[$path] = $this->uptake[$path] * (1 - $blocked * ($buildUp > 100.0 ? 100.0 : $buildUp));
        }

        return $free;
    }

    /** @param array<int, float> $free */
    private function moisture(PathReserve $of, StratumEffect $effect, array $free, StepNoise $noise): void
    {
        $given = [$effect->moistureLost, $effect->moistureGain, $effect->moistureGainSd];
        $this->given($of, $given, $free, $noise, PathNoise::BOTTLE_MOISTURE);
        $lost = $effect->moistureLost * $effect->cleanseSd;
        if ($lost !== 0.0) {
            $bottle = $noise->of(PathNoise::BOTTLE_CLEANSE);
            $scale = $shift = [];
            foreach ($free as $path => $taken) {
                $scale[$path] = 1.0;
                $shift[$path] = -$lost * $bottle[$path];
            }
            $of->then($scale, $shift);
        }
    }

    /** @param array<int, float> $free */
    private function protein(PathReserve $of, StratumEffect $effect, array $free, StepNoise $noise): void
    {
        $given = [$effect->proteinLost, $effect->proteinGain, $effect->proteinGainSd];
        $this->given($of, $given, $free, $noise, PathNoise::BOTTLE_PROTEIN);
    }

    /**
     * @param array{float, float, float} $given lost, gained, and what its bottle leaves open of the gain
     * @param array<int, float>          $free  of the gain, by path on which it is done
     * @param int                        $kind  of noise, of what the bottle leaves open
     */
    private function given(PathReserve $of, array $given, array $free, StepNoise $noise, int $kind): void
    {
        [$lost, $gain, $gainSd] = $given;
        if ($gain === 0.0 && $lost === 0.0) {
            return;
        }
        [$deposit, $bottle] = [$noise->of(PathNoise::DEPOSIT), $noise->of($kind)];
        $effectSd = $this->treatments->effectSd;
        $scale = $shift = [];
        foreach ($free as $path => $through) {
            // The fuller it is, the less is taken up.
            $taken = $gain * $through * (1 + $effectSd * $deposit[$path] + $gainSd * $bottle[$path]);
            $scale[$path] = 1 - $taken / 100;
            $shift[$path] = $taken - $lost;
        }
        $of->then($scale, $shift);
    }

    /** @param list<int> $on paths on which it is done */
    private static function buildUp(
        PathReserve $washable,
        PathReserve $stubborn,
        StratumEffect $effect,
        array $on,
        StepNoise $noise,
    ): void {
        if ($effect->washableKept !== 1.0 || $effect->washableAdded !== 0.0) {
            $kept = array_fill_keys($on, $effect->washableKept);
            $moves = $effect->cleanseSd * log(max($effect->washableKept, 1e-9));
            if ($moves !== 0.0) {
                $bottle = $noise->of(PathNoise::BOTTLE_CLEANSE);
                foreach ($kept as $path => $by) {
                    $kept[$path] = $by * (1 + $moves * $bottle[$path]);
                }
            }
            $washable->then($kept, array_fill_keys($on, $effect->washableAdded));
        }
        if ($effect->stubbornKept !== 1.0 || $effect->stubbornAdded !== 0.0) {
            $stubborn->then(
                array_fill_keys($on, $effect->stubbornKept),
                array_fill_keys($on, $effect->stubbornAdded),
            );
        }
    }
}
