<?php

declare(strict_types=1);

namespace Nagomi\Core\Practice;

use DateTimeImmutable;
use Nagomi\Core\Estimation\BalanceCell;
use Nagomi\Core\Estimation\Dynamics;
use Nagomi\Core\Estimation\ExpectedBreakage;
use Nagomi\Core\Estimation\Forecast;
use Nagomi\Core\Estimation\State;
use Nagomi\Core\Estimation\StateLayout;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Readings\BrokenHairs;
use Nagomi\Core\Treatments\StepKind;
use Nagomi\Core\Treatments\StratumEffect;
use Nagomi\Core\Treatments\TreatmentContext;
use Nagomi\Core\Treatments\WashDay;

/** The hidden truth of a practice case: hair as it really is, by the equations of docs/engine.md, with luck. */
final readonly class PracticeHair
{
    /** Points of 100 that an eye is off by. */
    private const EYE = 6.0;

    private const QUANTITIES = [
        StateLayout::MOISTURE, StateLayout::PROTEIN, StateLayout::WASHABLE, StateLayout::STUBBORN, StateLayout::WEAR,
    ];

    /** @param State $state its mean is the truth; nothing is in doubt of it */
    public function __construct(public State $state, private bool $sealed = false, private bool $tight = false)
    {
    }

    public function head(): Head
    {
        return $this->state->layout->head;
    }

    /** The same, known without doubt and within its scales. */
    public function settled(): self
    {
        return $this->at($this->state->mean, $this->sealed, $this->tight);
    }

    /** @param DateTimeImmutable $yesterday the day that ends */
    public function afterADay(DateTimeImmutable $yesterday, int $day, PracticeLuck $luck): self
    {
        $moved = Dynamics::afterDays($this->state, 1, $this->sealed, $yesterday, $this->tight)->state;
        [$model, $chance] = [$this->state->layout->parameters->model, $luck->of('drift', $day)];
        $sds = [
            $model->moistureDriftSd, $model->proteinDriftSd, $model->buildUpDriftSd,
            $model->stubbornDriftShare * $model->buildUpDriftSd, $model->wearDriftSd,
        ];
        $mean = $moved->mean;
        foreach (array_keys($this->head()->strata) as $s) {
            foreach (self::QUANTITIES as $quantity) {
                $mean[$this->state->layout->of($s, $quantity)] += $chance->normal(0.0, $sds[$quantity]);
            }
        }

        return $this->at($mean, $this->sealed, $this->tight);
    }

    /** @param WashDay $done what was really done on the day */
    public function washed(WashDay $done, int $day, PracticeLuck $luck): self
    {
        $context = TreatmentContext::on($this->head(), $done->steps);
        $effectSd = $this->head()->parameters->treatments->effectSd;
        $state = $this->state;
        foreach ($done->steps as $step) {
            $given = max(0.0, $luck->of("step {$step->kind->value}", $day)->normal(1.0, $effectSd));
            $effects = array_map(
                static fn (StratumEffect $effect): StratumEffect => self::times($effect, $given),
                Forecast::effects($this->head(), $step, $context),
            );
            $state = $this->known(Dynamics::afterStep($state, $effects, 0.0)->state->mean);
        }
        $sealed = $done->has(StepKind::Cleanse)
            ? TreatmentContext::seals($this->head(), ...$done->steps)
            : $this->sealed;

        return $this->at($state->mean, $sealed, $done->leavesTight() ?? $this->tight);
    }

    private static function times(StratumEffect $effect, float $given): StratumEffect
    {
        return new StratumEffect(
            $effect->washableKept,
            $effect->stubbornKept,
            $effect->stubbornAdded,
            $effect->moistureLost,
            $effect->proteinLost,
            $given * $effect->moistureGain,
            $given * $effect->proteinGain,
            $effect->wearKept,
            $effect->wearAdded,
            $effect->washableAdded,
        );
    }

    /** @return array<string, float> share of the hair that is in each cell, by cell value; sums to 1 */
    public function cells(): array
    {
        $cells = array_fill_keys(
            array_map(static fn (BalanceCell $cell): string => $cell->value, BalanceCell::cases()),
            0.0,
        );
        $band = $this->head()->parameters->model->bandHalfWidth;
        $side = static fn (float $apart): int => $apart > $band ? 1 : ($apart < -$band ? -1 : 0);
        foreach ($this->head()->strata as $s => $stratum) {
            [$moisture, $protein] = $this->stands($s);
            $cells[BalanceCell::at($side($moisture), $side($protein))->value] += $stratum->share;
        }

        return $cells;
    }

    /**
     * @return array{float, float, float, float} of all the hair: moisture and protein beside what it likes, build-up,
     *     wear
     */
    public function mostly(): array
    {
        $sum = [0.0, 0.0, 0.0, 0.0];
        foreach ($this->head()->strata as $s => $stratum) {
            foreach ($this->stands($s) as $i => $points) {
                $sum[$i] += $stratum->share * $points;
            }
        }

        return $sum;
    }

    /**
     * @return array{float, float, float, float} of one stratum: moisture and protein beside what it likes, build-up, wear
     */
    public function stands(int $s): array
    {
        $stratum = $this->head()->strata[$s];

        return [
            $this->state->value($s, StateLayout::MOISTURE) - $stratum->targetMoisture(),
            $this->state->value($s, StateLayout::PROTEIN) - $stratum->targetProtein($this->head()->proteinSensitive),
            $this->state->buildUp($s),
            $this->state->value($s, StateLayout::WEAR),
        ];
    }

    /** @return array{float, float, float, float} what an eye makes of {@see mostly} */
    public function looks(int $day, PracticeLuck $luck): array
    {
        $eye = $luck->of('looks', $day);

        return array_map(static fn (float $points): float => $points + self::EYE * $eye->normal(), $this->mostly());
    }

    /** Share of the hair whose moisture or protein is outside its band, 0 to 1. */
    public function outOfBalance(): float
    {
        return 1.0 - $this->cells()[BalanceCell::InBalance->value];
    }

    /** Hairs expected to break on one day, beyond those of hair in balance and without wear. */
    public function breaksADay(): float
    {
        $signs = $this->head()->parameters->signs;
        $usual = BrokenHairs::usualBroken(0.0, $signs) * exp(ExpectedBreakage::ownOffset($this->state));

        return $signs->brokenADayInBalance * (ExpectedBreakage::expected($this->state, 0.0) / $usual - 1);
    }

    /** @param array<int, float> $mean */
    private function at(array $mean, bool $sealed, bool $tight): self
    {
        [$held] = Dynamics::withinScales($this->state->layout, $mean);

        return new self($this->known($held), $sealed, $tight);
    }

    /** @param array<int, float> $mean */
    private function known(array $mean): State
    {
        $size = $this->state->layout->size;

        return new State(
            $this->state->layout,
            array_values($mean),
            array_fill(0, $size, array_fill(0, $size, 0.0)),
        );
    }
}
