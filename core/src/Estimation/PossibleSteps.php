<?php

declare(strict_types=1);

namespace Nagomi\Core\Estimation;

use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\Place;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;
use Nagomi\Core\Treatments\StratumEffect;
use Nagomi\Core\Treatments\TreatmentContext;
use Nagomi\Core\Treatments\WashDay;

/**
 * What may have been done on a wash day. In the salon it is what was told. At home it is told from memory: a step is
 * forgotten or taken for another, and how likely that is goes by the habits of whoever tells it. Taking the record at
 * its word would make every head that is told of badly look drier than it is.
 */
final readonly class PossibleSteps
{
    /** What is less likely is left out: it would take time and change nothing. */
    private const LEAST = 0.02;

    /** Longer or shorter saves the hair as much. */
    private const PRE_WASH_MINUTES = 30.0;

    private TreatmentContext $context;
    private float $unsaidPreWash;

    private function __construct(private WashDay $day, TreatmentContext $context, private ExpectedWash $expected)
    {
        $this->context = $context;
        $this->unsaidPreWash = $context->preWash === null ? $this->untold($expected->preWash) : 0.0;
    }

    /** @return list<PossibleStep> in the order they were done */
    public static function of(WashDay $day, TreatmentContext $context, HomeHabits $habits): array
    {
        $lastCleanse = array_key_last(array_filter(
            $day->steps,
            static fn (Step $step): bool => $step->kind === StepKind::Cleanse,
        ));
        $expected = ExpectedWash::of($day->planned, $habits, $context->head->parameters->habits);
        $possible = new self($day, $context, $expected);
        $isOpen = $day->place === Place::Home && HomeHabits::isOf($day);
        $steps = $isOpen ? $possible->unsaidBefore() : [];
        foreach ($day->steps as $i => $step) {
            $steps[] = $possible->told($step, $isOpen, $i === $lastCleanse);
        }

        return $isOpen ? [...$steps, ...$possible->unsaidAfter()] : $steps;
    }

    private function told(Step $step, bool $isOpen, bool $isLastCleanse): PossibleStep
    {
        $taken = $isOpen ? $this->taken($step) : [[1.0, $step]];
        // Whether something was put on before it is another question.
        $asTold = array_filter($taken, static fn (array $choice): bool => $choice[1] === $step);

        return new PossibleStep(
            $step->cleanse === null ? $step->kind->value : $step->cleanse->value,
            true,
            $this->likely($taken),
            array_sum(array_column($asTold, 0)) / array_sum(array_column($taken, 0)),
            $isLastCleanse,
        );
    }

    /**
     * What a step that was told of may have been, as it was told first.
     *
     * @return list<array{0: float, 1: Step|null, 2?: TreatmentContext}> by weight
     */
    private function taken(Step $step): array
    {
        $parameters = $this->context->head->parameters;
        [$mistaken, $expected] = [$parameters->habits->mistaken, $this->expected];
        $mask = $expected->mask;
        $other = match ($step->kind) {
            StepKind::Mask => [
                $mask * (1 - $mistaken), (1 - $mask) * $mistaken,
                Step::conditioner($parameters->washDay->stepMinutes['conditioner']),
            ],
            StepKind::Conditioner => [
                (1 - $mask) * (1 - $mistaken), $mask * $mistaken, Step::mask($expected->maskMinutes),
            ],
            StepKind::MildProtein => [
                (1 - $expected->strong) * (1 - $mistaken), $expected->strong * $mistaken, $this->protein(true),
            ],
            default => null,
        };

        return match (true) {
            $step->cleanse !== null => $this->cleansed($step, $step->cleanse),
            $other === null => [[1.0, $step]],
            default => [[$other[0], $step], [$other[1], $other[2]]],
        };
    }

    /** @return list<PossibleStep> hair that was treated was cleansed, whether that was told or not */
    private function unsaidBefore(): array
    {
        return $this->day->has(StepKind::Cleanse) ? [] : [$this->unsaid('cleanse', $this->cleansed())];
    }

    /** @return list<PossibleStep> */
    private function unsaidAfter(): array
    {
        [$unsaid, $expected, $parameters] = [[], $this->expected, $this->context->head->parameters];
        if (! $this->day->has(StepKind::MildProtein, StepKind::StrongProtein)) {
            $done = $this->context->head->proteinSensitive ? 0.0 : $this->untold($expected->protein);
            $unsaid[] = $this->unsaid('protein', [
                ...$this->perhaps($done * $expected->strong, $this->protein(true), 1 - $done),
                [$done * (1 - $expected->strong), $this->protein(false)],
            ]);
        }
        if (! $this->day->has(StepKind::Mask, StepKind::Conditioner) && $this->day->has(StepKind::Cleanse)) {
            $mask = $expected->mask;
            $some = 1 - $expected->bare;
            $unsaid[] = $this->unsaid('conditioning', [
                [$some * (1 - $mask), Step::conditioner($parameters->washDay->stepMinutes['conditioner'])],
                [$some * $mask, Step::mask($expected->maskMinutes)],
                [1 - $some, null],
            ]);
        }
        if (! $this->day->has(StepKind::LeaveIn)) {
            $unsaid[] = $this->unsaid('leave-in', $this->perhaps(
                $this->untold($expected->leaveIn),
                Step::leaveIn(),
                1 - $this->untold($expected->leaveIn),
            ));
        }

        return array_values(array_filter(
            $unsaid,
            static fn (PossibleStep $step): bool => count($step->choices) > 1 || $step->subject === 'conditioning',
        ));
    }

    /** @param list<array{0: float, 1: Step|null, 2?: TreatmentContext}> $choices */
    private function unsaid(string $subject, array $choices): PossibleStep
    {
        return new PossibleStep($subject, false, $this->likely($choices), null);
    }

    /** @return non-empty-list<array{float, Step|null}> */
    private function perhaps(float $done, Step $step, float $nothingDone): array
    {
        return [[$nothingDone, null], [$done, $step]];
    }

    /**
     * Each kind of cleanse it may have been, with and without something before it.
     *
     * @return list<array{0: float, 1: Step|null, 2?: TreatmentContext}> the one that was told first
     */
    private function cleansed(?Step $told = null, ?CleanseKind $as = null): array
    {
        $first = $others = [];
        $weights = $this->expected->cleanses;
        // One that was never told of before is believed all the same.
        $weights += $as === null ? [] : [$as->value => 1 / (1 + array_sum($weights))];
        $oiled = $this->unsaidPreWash > 0.0 ? $this->oiled() : null;
        foreach ($weights as $kind => $weight) {
            $weight *= $this->mistakenFor($as, CleanseKind::from($kind));
            $isTold = $told !== null && $as?->value === $kind;
            if ($weight > 0.0 || $isTold) {
                $step = $isTold ? $told : Step::cleanse(CleanseKind::from($kind));
                $choices = [[$weight * (1 - $this->unsaidPreWash), $step]];
                if ($oiled !== null) {
                    $choices[] = [$weight * $this->unsaidPreWash, $step, $oiled];
                }
                [$first, $others] = $isTold ? [$choices, $others] : [$first, [...$others, ...$choices]];
            }
        }

        return [...$first, ...$others];
    }

    /** @return float likelihood that one kind of cleanse is told of as another */
    private function mistakenFor(?CleanseKind $told, CleanseKind $done): float
    {
        $mistaken = $this->context->head->parameters->habits->mistaken;

        return match (true) {
            $told === null => 1.0,
            $told === $done => 1 - $mistaken,
            // What stands in the shower is called shampoo, whatever it is; what is gentle may be shampoo.
            $told === CleanseKind::Shampoo => $mistaken,
            $told === CleanseKind::Gentle && $done === CleanseKind::Shampoo => $mistaken,
            default => 0.0,
        };
    }

    private function protein(bool $isStrong): Step
    {
        $minutes = $this->context->head->parameters->habits->proteinMinutes;

        return $isStrong
            ? Step::strongProtein($minutes['strong'])
            : Step::mildProtein($minutes['mild']);
    }

    /** @return float probability that it was done, where it is done so often and was not told of */
    private function untold(float $often): float
    {
        $forgotten = $often * $this->context->head->parameters->habits->forgotten;

        return $forgotten / ($forgotten + 1 - $often + 1e-12);
    }

    /** The day as it is where something was put on before the wash. */
    private function oiled(): TreatmentContext
    {
        return new TreatmentContext($this->context->head, Step::preWash('oil', self::PRE_WASH_MINUTES));
    }

    /** @return list<StratumEffect> one for each stratum; of nothing none */
    private function effects(?Step $step, ?TreatmentContext $context): array
    {
        return $step === null
            ? array_map(static fn (): StratumEffect => new StratumEffect(), $this->context->head->strata)
            : Forecast::effects($this->context->head, $step, $context ?? $this->context);
    }

    /**
     * @param list<array{0: float, 1: Step|null, 2?: TreatmentContext}> $choices by weight; null: nothing
     *
     * @return non-empty-list<array{float, list<StratumEffect>}> by probability, without what hardly can be
     */
    private function likely(array $choices): array
    {
        $all = array_sum(array_column($choices, 0));
        $first = array_shift($choices) ?? [1.0, null];
        $kept = [$first, ...array_filter(
            $choices,
            static fn (array $choice): bool => $choice[0] >= self::LEAST * $all,
        )];
        $sum = array_sum(array_column($kept, 0));

        return array_map(fn (array $choice): array => [
            $choice[0] / $sum, $this->effects($choice[1], $choice[2] ?? null),
        ], $kept);
    }
}
