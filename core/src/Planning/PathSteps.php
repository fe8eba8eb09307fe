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
    public function washed(Paths $paths, PathEffects $effects, int $day): Paths
    {
        $count = PathSimulator::COUNT;
        [$moisture, $protein, $washable, $stubborn] = [
            $paths->moisture, $paths->protein, $paths->washable, $paths->stubborn,
        ];
        foreach ($effects->steps as $step => $chances) {
            $place = 8 * $day + $step % 8;
            $deposit = PathNoise::block(PathNoise::DEPOSIT, $place, 0, $count);
            $bottle = [
                PathNoise::block(PathNoise::BOTTLE_MOISTURE, $place, 0, $count),
                PathNoise::block(PathNoise::BOTTLE_PROTEIN, $place, 0, $count),
                PathNoise::block(PathNoise::BOTTLE_CLEANSE, $place, 0, $count),
            ];
            foreach ($this->drawn($chances, $place) as $which => $on) {
                foreach ($chances[$which][1] as $s => $effect) {
                    [$moisture[$s], $protein[$s], $washable[$s], $stubborn[$s]] = PathEffects::moves($effect)
                        ? $this->stepped(
                            [$moisture[$s], $protein[$s], $washable[$s], $stubborn[$s]],
                            $effect,
                            $on,
                            $deposit,
                            $bottle,
                        )
                        : [$moisture[$s], $protein[$s], $washable[$s], $stubborn[$s]];
                }
            }
        }

        return new Paths($moisture, $protein, $washable, $stubborn);
    }

    /**
     * @param non-empty-list<array{float, list<StratumEffect>}> $chances
     *
     * @return array<int, list<int>> paths on which each of them came; those on which none came are left out
     */
    private function drawn(array $chances, int $place): array
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
        foreach (PathNoise::block(PathNoise::DONE, $place, 0, PathSimulator::COUNT) as $path => $noise) {
            $which = 0;
            while (isset($limits[$which]) && $noise > $limits[$which]) {
                $which++;
            }
            $drawn[$which][] = $path;
        }

        return $drawn;
    }

    /**
     * One step on one stratum; a reserve without paths is left out.
     *
     * @param array{array<int, float>, array<int, float>, array<int, float>, array<int, float>} $values  moisture, protein, washable, stubborn
     * @param list<int>                                                       $on      paths on which it is done
     * @param array<int, float>                                               $deposit what is left in the hair, by path
     * @param array{array<int, float>, array<int, float>, array<int, float>}              $bottle  what its contents leave open, by path
     *
     * @return array{array<int, float>, array<int, float>, array<int, float>, array<int, float>}
     */
    private function stepped(array $values, StratumEffect $effect, array $on, array $deposit, array $bottle): array
    {
        [$moisture, $protein, $washable, $stubborn] = $values;
        $blocked = $this->treatments->buildUpBlocksUptake / 100;
        $free = [];
        foreach ($on as $path) {
            $buildUp = $washable[$path] + $stubborn[$path];
            $free[$path] = $this->uptake[$path] * (1 - $blocked * ($buildUp > 100.0 ? 100.0 : $buildUp));
        }
        $lost = $effect->moistureLost * $effect->cleanseSd;
        $moisture = $this->reserve(
            $moisture,
            [$effect->moistureLost, $effect->moistureGain, $effect->moistureGainSd],
            $free,
            $deposit,
            $bottle[0],
        );
        foreach ($moisture === [] || $lost === 0.0 ? [] : $on as $path) {
            $moisture[$path] = max(0.0, min(100.0, $moisture[$path] - $lost * $bottle[2][$path]));
        }
        $protein = $this->reserve(
            $protein,
            [$effect->proteinLost, $effect->proteinGain, $effect->proteinGainSd],
            $free,
            $deposit,
            $bottle[1],
        );
        [$washableKept, $stubbornKept] = [$effect->washableKept, $effect->stubbornKept];
        [$washableAdded, $stubbornAdded] = [$effect->washableAdded, $effect->stubbornAdded];
        $moves = $effect->cleanseSd * log(max($washableKept, 1e-9));
        foreach ($on as $path) {
            $value = $washable[$path] * $washableKept * (1 + $moves * $bottle[2][$path]) + $washableAdded;
            $washable[$path] = $value < 0.0 ? 0.0 : ($value > 100.0 ? 100.0 : $value);
            $value = $stubborn[$path] * $stubbornKept + $stubbornAdded;
            $stubborn[$path] = $value > 100.0 ? 100.0 : $value;
        }

        return [$moisture, $protein, $washable, $stubborn];
    }

    /**
     * @param array<int, float>           $values  of one reserve by path; none where nobody asks for it
     * @param array{float, float, float}  $effect  lost, gained, and what its bottle leaves open of the gain
     * @param array<int, float>           $free    of the gain, by path on which it is done
     * @param array<int, float>           $deposit what is left in the hair, by path
     * @param array<int, float>           $bottle  by path
     *
     * @return array<int, float>
     */
    private function reserve(array $values, array $effect, array $free, array $deposit, array $bottle): array
    {
        [$lost, $gain, $gainSd] = $effect;
        if ($values === [] || $gain === 0.0 && $lost === 0.0) {
            return $values;
        }
        $effectSd = $this->treatments->effectSd;
        foreach ($free as $path => $through) {
            $value = $values[$path];
            $value += $gain * $through * (1 - $value / 100)
                * (1 + $effectSd * $deposit[$path] + $gainSd * $bottle[$path]) - $lost;
            $values[$path] = $value < 0.0 ? 0.0 : ($value > 100.0 ? 100.0 : $value);
        }

        return $values;
    }
}
