<?php

declare(strict_types=1);

namespace Nagomi\Core\Simulation;

use InvalidArgumentException;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Statistics\SeededRandom;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;

/**
 * A head with a hidden truth, for demo data and for proving the filter. It follows the model as docs/engine.md writes
 * it, in code and numbers of its own, and differs from the average by multipliers nobody tells the filter.
 */
final class VirtualHead
{
    /** @var list<array{moisture: float, protein: float, washable: float, stubborn: float, wear: float}> by stratum */
    public array $truth;

    private bool $sealed = false;
    private bool $preWashed = false;
    private bool $tight = false;

    private readonly float $moistureFading;
    private readonly float $proteinFading;
    private readonly float $uptake;

    private readonly VirtualReadings $readings;
    private readonly WorldRules $rules;

    public function __construct(
        private readonly Head $head,
        private readonly SeededRandom $chance,
        float $moisture = 58,
        float $protein = 58,
        float $buildUp = 14,
        float $wear = 12,
        World $world = World::Shipped,
    ) {
        $this->rules = $world->rules();
        [$faster, $shorter] = $this->kind();
        $this->moistureFading = exp($chance->normal(0, 0.45) + $faster);
        $this->proteinFading = exp($chance->normal(0, 0.45) + $shorter);
        $this->uptake = exp($chance->normal(0, 0.25));
        $this->readings = new VirtualReadings($head, $chance, $this->rules);
        $truth = [];
        foreach ($head->strata as $stratum) {
            $truth[] = [
                'moisture' => $moisture + $chance->normal(0, 4), 'protein' => $protein + $chance->normal(0, 4),
                'washable' => 0.6 * $buildUp, 'stubborn' => 0.4 * $buildUp,
                'wear' => $wear + 22 * $stratum->treatedShare,
            ];
        }
        $this->truth = $truth;
    }

    /** @return array{float, float} how much faster moisture and protein go from hair of this kind, as logarithms */
    private function kind(): array
    {
        $moisture = $protein = 0.0;
        foreach ($this->head->strata as $stratum) {
            [$strand, $porosity] = [$stratum->strand->value, $stratum->porosity->value];
            $moisture += $stratum->share * self::of(['fine' => 1, 'medium' => 0, 'coarse' => -1], $strand);
            $protein += $stratum->share * self::of(['low' => -1, 'medium' => 0, 'high' => 1], $porosity);
        }

        return [$this->rules->kinds * $moisture, $this->rules->kinds * $protein];
    }

    /**
     * Lets one day pass.
     *
     * @param float|null $humidityPercent of this day; null: the head's usual
     */
    public function aDay(?float $humidityPercent = null): void
    {
        $this->readings->aDay();
        $load = self::of(['light' => 1, 'medium' => 2, 'heavy' => 4], $this->head->load->value) * 0.3;
        foreach ($this->head->strata as $s => $stratum) {
            $halfLife = self::of(
                ['low' => 20, 'medium' => 15, 'high' => 9],
                $stratum->porosity->value,
            ) * ($this->sealed ? 1.25 : 1) * $this->rules->halfLife;
            $regain = $this->regain($humidityPercent ?? $this->head->humidityPercent);
            $air = 28 + 2 * ($regain - 9.8);
            $truth = &$this->truth[$s];
            $truth['moisture'] = $air + ($truth['moisture'] - $air) * 0.5 ** ($this->moistureFading / $halfLife);
            $truth['protein'] *= 0.5 ** (
                $this->proteinFading / $this->rules->halfLife / self::of(
                    ['low' => 160, 'medium' => 120, 'high' => 84],
                    $stratum->porosity->value,
                )
            );
            $truth['washable'] = min(100, $truth['washable'] + 0.8 * $load);
            $truth['stubborn'] = min(100, $truth['stubborn'] + 0.2 * $load);
            $truth['wear'] = $truth['wear'] * (1 - 0.29 / $this->head->lengthMm) + ($this->tight ? .5 : 0) + (
                $this->head->method->choices['night'] === 'cotton' ? .05 : 0
            );
            unset($truth);
        }
    }

    private function regain(float $humidity): float
    {
        return match (true) {
            $humidity < 29 => 6.0 * $humidity / 29,
            $humidity < 40 => 6.0 + 1.6 * ($humidity - 29) / 11,
            $humidity < 50 => 7.6 + .22 * ($humidity - 40),
            $humidity < 65 => 9.8 + .2 * ($humidity - 50),
            default => 12.8 + .16 * ($humidity - 65),
        };
    }

    /** @param list<Step> $steps a whole wash day */
    public function wash(array $steps): void
    {
        $this->preWashed = false;
        foreach ($steps as $step) {
            $luck = max(0.0, $this->chance->normal(1, 0.2));
            foreach ($this->head->strata as $s => $stratum) {
                $this->step($s, $step, $luck);
            }
            $this->preWashed = $this->preWashed || $step->kind === StepKind::PreWash;
            $this->tight = match ($step->kind) {
                StepKind::Cleanse, StepKind::Detangle => false,
                StepKind::UpStyle => $step->how === 'tight',
                default => $this->tight,
            };
            $this->sealed = match ($step->kind) {
                StepKind::Cleanse => false,
                StepKind::Seal => true,
                default => $this->sealed,
            };
        }
    }

    private function step(int $s, Step $step, float $luck): void
    {
        $porosity = $this->head->strata[$s]->porosity->value;
        $truth = &$this->truth[$s];
        $this->cleanse($s, $step);
        $label = ['mask' => 15, 'conditioner' => 3, 'mild-protein' => 5, 'strong-protein' => 5][$step->kind->value]
            ?? 5;
        $time = $step->heat
            ? self::of(['low' => 8, 'medium' => 8, 'high' => 4], $porosity)
            : self::of(['low' => 15, 'medium' => 8, 'high' => 4], $porosity);
        $share = $step->kind === StepKind::LeaveIn ? 1.0 : 1 - exp(-min($step->minutes ?? 0, 3 * $label) / $time);
        $free = (
            1 - .6 * min(100, $truth['washable'] + $truth['stubborn']) / 100
        ) * self::of(['low' => .8, 'medium' => 1, 'high' => 1.1], $porosity) * $this->uptake * $luck * $share
            * $this->rules->strength;
        $truth['moisture'] += (
            ['mask' => 38, 'conditioner' => 12, 'leave-in' => 6][$step->kind->value] ?? 0
        ) * $free * (1 - $truth['moisture'] / 100);
        $truth['protein'] += (
            ['mild-protein' => 11, 'strong-protein' => 36][$step->kind->value] ?? 0
        ) * $free * (1 - $truth['protein'] / 100);
        if ($step->kind === StepKind::StrongProtein) {
            $truth['moisture'] -= 4;
        }
        $this->swim($s, $step);
        $truth['wear'] += $this->wears($truth['wear'], $step);
        $truth['moisture'] = max(0.0, min(100.0, $truth['moisture']));
        $truth['protein'] = max(0.0, min(100.0, $truth['protein']));
    }

    private function cleanse(int $s, Step $step): void
    {
        if ($step->cleanse === null) {
            return;
        }
        $porosity = $this->head->strata[$s]->porosity->value;
        $truth = &$this->truth[$s];
        $strength = [
            'co-wash' => .25, 'low-lather' => .4, 'gentle' => .55, 'shampoo' => .7, 'scalp-care' => .6,
            'clarifying' => .93, 'chelating' => .95,
        ][$step->cleanse->value];
        $kept = ['clarifying' => .35, 'chelating' => .08][$step->cleanse->value] ?? 1.0;
        for ($pass = 0; $pass < $step->passes; $pass++) {
            $half = $pass === 0 ? 1.0 : 0.5;
            $loss = $half * $strength * self::of(
                ['low' => .8, 'medium' => 1, 'high' => 1.25],
                $porosity,
            ) * ($this->preWashed ? .5 : 1);
            $truth['washable'] *= 1 - $half * $strength;
            $truth['stubborn'] *= 1 - $half * (1 - $kept);
            $truth['moisture'] = max(0, $truth['moisture'] - 8 * $loss);
            $truth['protein'] = max(0, $truth['protein'] - .5 * $loss);
            $truth['wear'] += .2 * ($this->preWashed ? .5 : 1);
        }
        $truth['stubborn'] = min(100, $truth['stubborn'] + .8 * $this->head->hardnessMgPerL / 100);
    }

    private function swim(int $s, Step $step): void
    {
        if ($step->kind !== StepKind::Swim) {
            return;
        }
        $porosity = $this->head->strata[$s]->porosity->value;
        $truth = &$this->truth[$s];
        [$dries, $washable, $stubborn] = $step->how === 'sea' ? [3, 2, .5] : [2, 0, 2];
        $truth['moisture'] -= $dries * self::of(
            ['low' => .8, 'medium' => 1, 'high' => 1.25],
            $porosity,
        ) * ($this->preWashed ? .5 : 1);
        $truth['washable'] = min(100, $truth['washable'] + $washable);
        $truth['stubborn'] = min(100, $truth['stubborn'] + $stubborn);
    }

    private function wears(float $worn, Step $step): float
    {
        return match ($step->kind) {
            StepKind::Swim, StepKind::Wetting => .1,
            StepKind::Detangle => .02
                * ($step->minutes ?? 0)
                * ['fingers' => .5, 'comb' => 1, 'brush' => 1.6][$step->tool ?? 'comb']
                * [
                    'wet-with-slip' => 1,
                    'wet-without' => 2,
                    'dry-with-oil' => .8,
                    'dry-without' => 3,
                ][$step->how ?? 'wet-with-slip'],
            StepKind::HeatTool => $step->how === 'high' ? 1.5 : .5,
            StepKind::ChemicalService => 20,
            StepKind::Trim => -$worn * min(1, ($step->millimetres ?? 0) / $this->head->lengthMm),
            default => 0,
        };
    }

    /**
     * What a stylist would read off this head: a test's raw measures, with the noise of hands and eyes.
     *
     * @return array<string, array<string, mixed>> by test
     */
    public function read(int $daysSinceDetangled): array
    {
        return $this->readings->read($this->truth, $daysSinceDetangled);
    }

    /**
     * What is seen once styled.
     *
     * @return array<string, array<string, mixed>> by test
     */
    public function readAfterStyling(): array
    {
        return $this->readings->readAfterStyling($this->truth);
    }

    /**
     * The truth of a head is never unknown: it has a porosity and a load, whoever measured them or not.
     *
     * @param array<string, int|float> $table
     */
    private static function of(array $table, string $kind): float
    {
        return $table[$kind] ?? throw new InvalidArgumentException("A virtual head is not {$kind}.");
    }
}
