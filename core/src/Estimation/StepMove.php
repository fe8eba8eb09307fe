<?php

declare(strict_types=1);

namespace Nagomi\Core\Estimation;

use Nagomi\Core\Treatments\StratumEffect;

/** What one step does to mean, slopes and doubt of a state, by stratum; {@see Dynamics} holds it within scales. */
final class StepMove
{
    /** @var array<int, float> */
    public array $mean;

    /** @var array<int, array<int, float>> */
    public array $slopes = [];

    /** @var array<int, float> what is left in the hair and not quite known, the same for all strata */
    private array $deposited = [];

    /** @var array<string, array<int, float>> what the bottle leaves open, each of its contents by itself */
    private array $bottle = [];

    private readonly float $uptake;

    /**
     * @param list<StratumEffect> $effects  one for each stratum
     * @param float               $effectSd sd of what is left in the hair, as a share of it
     */
    public function __construct(private readonly State $state, array $effects, private readonly float $effectSd)
    {
        $this->mean = $state->mean;
        $this->uptake = exp($state->mean[$state->layout->uptake]);
        foreach ($effects as $s => $effect) {
            $this->gains($effect, $s);
            $this->cleanse($effect, $s);
            $this->wear($effect, $s);
        }
    }

    /** @return list<array<int, float>> */
    public function noise(): array
    {
        return array_values(array_filter(
            [$this->deposited, ...array_values($this->bottle)],
            static fn (array $source): bool => array_filter($source) !== [],
        ));
    }

    private function gains(StratumEffect $effect, int $s): void
    {
        [$moisture, $protein, $washable, $stubborn] = $this->state->layout->ofStratum($s);
        $treatments = $this->state->layout->parameters->treatments;
        $buildUp = $this->mean[$washable] + $this->mean[$stubborn];
        $free = Dynamics::free($buildUp, $treatments);
        $gains = [
            'moisture' => [$moisture, $effect->moistureGain, $effect->moistureLost, $effect->moistureGainSd],
            'protein' => [$protein, $effect->proteinGain, $effect->proteinLost, $effect->proteinGainSd],
        ];
        foreach ($gains as $which => [$index, $gain, $lost, $bottleSd]) {
            $room = 1 - $this->mean[$index] / 100;
            $left = $gain * $this->uptake * $free * $room;
            if ($left !== 0.0) {
                $this->slopes[$index] = [
                    $index => 1 - $gain * $this->uptake * $free / 100,
                    $this->state->layout->uptake => $left,
                ];
                if ($buildUp < 100) {
                    $blocked = -$gain * $this->uptake * $treatments->buildUpBlocksUptake / 100 * $room;
                    $this->slopes[$index] += [$washable => $blocked, $stubborn => $blocked];
                }
                $this->deposited[$index] = $left * $this->effectSd;
                $this->bottle[$which][$index] = $left * $bottleSd;
            }
            $this->mean[$index] += $left - $lost;
        }
    }

    private function cleanse(StratumEffect $effect, int $s): void
    {
        [$moisture, , $washable, $stubborn] = $this->state->layout->ofStratum($s);
        $kept = $effect->washableKept;
        if ($effect->cleanseSd > 0.0) {
            // A bottle that cleanses more than was thought takes more build-up and more moisture.
            $this->bottle['cleanse'][$washable] = $this->mean[$washable] * $kept * log(max($kept, 1e-9))
                * $effect->cleanseSd;
            $this->bottle['cleanse'][$moisture] = -$effect->moistureLost * $effect->cleanseSd;
        }
        if ($kept !== 1.0) {
            $this->slopes[$washable] = [$washable => $kept];
            $this->mean[$washable] *= $kept;
        }
        if ($effect->stubbornKept !== 1.0) {
            $this->slopes[$stubborn] = [$stubborn => $effect->stubbornKept];
            $this->mean[$stubborn] *= $effect->stubbornKept;
        }
        $this->mean[$washable] += $effect->washableAdded;
        $this->mean[$stubborn] += $effect->stubbornAdded;
    }

    private function wear(StratumEffect $effect, int $s): void
    {
        [, , , , $wear] = $this->state->layout->ofStratum($s);
        $this->slopes += $effect->wearKept === 1.0 ? [] : [$wear => [$wear => $effect->wearKept]];
        $this->mean[$wear] = $this->mean[$wear] * $effect->wearKept + $effect->wearAdded;
    }
}
