<?php

declare(strict_types=1);

namespace Nagomi\Core\WashDay;

use Nagomi\Core\Head\Head;
use Nagomi\Core\Head\MethodQuestion;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;

/** Lays out a wash day from what is to be done, by the head's own method: every step of the trade in its order. */
final class WashDayBuilder
{
    /** @var list<WashDayStep> */
    private array $steps = [];

    private int $rinses = 0;

    private int $passed = 0;

    private readonly WashSteps $of;

    /** An answer to the question when to detangle. */
    private readonly string $detangles;

    /** Washed in a style that stays up: there is nothing to part, to detangle or to style. */
    private readonly bool $inStyle;

    /** @param list<Step> $doing what is to be done to the balance, as planned */
    private function __construct(
        private readonly Head $head,
        private readonly array $doing,
        private readonly Pace $pace,
        private readonly DryingMethod $drying,
        private readonly float $style,
        private readonly StylingMethod $styling,
    ) {
        $this->inStyle = $this->first(StepKind::Cleanse) !== null && $this->first(StepKind::Detangle) === null;
        $this->of = new WashSteps($head, $pace, $this->inStyle);
        $this->detangles = $head->method->choice(MethodQuestion::Detangling);
    }

    /**
     * @param list<Step> $doing
     * @param float      $style times the usual minutes of the styling
     */
    public static function plan(
        Head $head,
        array $doing,
        Pace $pace,
        DryingMethod $drying = DryingMethod::Air,
        float $style = 1.0,
        StylingMethod $styling = StylingMethod::Rake,
    ): WashDayPlan {
        return new WashDayPlan(
            (new self($head, $doing, $pace->doing($doing), $drying, $style, $styling))->built(),
            $pace->detangling->days + $pace->drying->times,
        );
    }

    /** @return non-empty-list<WashDayStep> */
    private function built(): array
    {
        $ready = $this->of->before->ready();
        $this->steps[] = $ready;
        $this->preWash();
        if (! $this->inStyle) {
            $this->steps[] = $this->of->before->part();
        }
        $this->detangle('dry-with-oil');
        $this->steps[] = $this->of->water->wetThrough();
        $this->detangle('wet-before-shampoo');
        $this->cleanse();
        $this->protein();
        $this->condition();
        $this->detangle('after-rinse');
        // Whoever works on dripping hair takes the water out when all is in.
        $isDamp = $this->head->method->says(MethodQuestion::StylingOn, 'damp');
        if ($isDamp) {
            $this->steps[] = $this->of->after->squeeze();
        }
        $this->finish(! $isDamp);

        return [$ready, ...array_slice($this->steps, 1)];
    }

    private function first(StepKind ...$kinds): ?Step
    {
        foreach ($this->doing as $step) {
            if (in_array($step->kind, $kinds, true)) {
                return $step;
            }
        }

        return null;
    }

    private function preWash(): void
    {
        $step = $this->first(StepKind::PreWash);
        if ($step !== null) {
            $this->steps[] = $step->eveningBefore
                ? $this->of->before->preWashBefore($step)
                : $this->of->before->preWash($step);
        }
    }

    private function detangle(string $here): void
    {
        $step = $this->first(StepKind::Detangle);
        if ($here !== $this->detangles || $step === null) {
            return;
        }
        $this->steps[] = $this->of->before->detangle($step, $here);
        if ($this->head->method->says(MethodQuestion::Trim, 'while-detangling')) {
            $this->trim();
        }
    }

    private function trim(): void
    {
        $trim = $this->first(StepKind::Trim);
        if ($trim !== null) {
            $this->steps[] = $this->of->after->trim($trim);
        }
    }

    /**
     * The last rinse of the day is the one after the last that is rinsed out.
     *
     * @param 'check-roots'|'protein'|null $how null: as after conditioning
     */
    private function rinse(?string $how = null): void
    {
        $isFinal = ++$this->rinses === $this->rinsed();
        $this->steps[] = (
            $how === null
                ? $this->of->water->rinseAfterConditioning($isFinal)
                : $this->of->water->rinse($how, $isFinal)
        )->keyed("rinse-{$this->rinses}");
    }

    /** @return int times that something is rinsed out: the cleanses together, protein, each conditioner or mask */
    private function rinsed(): int
    {
        $conditions = array_filter($this->doing, self::conditions(...));

        return (int) ($this->first(StepKind::Cleanse) !== null)
            + (int) ($this->first(StepKind::MildProtein, StepKind::StrongProtein) !== null)
            + count($conditions);
    }

    private static function conditions(Step $step): bool
    {
        return $step->kind === StepKind::Mask || $step->kind === StepKind::Conditioner;
    }

    private function cleanse(): void
    {
        $cleanses = array_values(array_filter(
            $this->doing,
            static fn (Step $step): bool => $step->kind === StepKind::Cleanse,
        ));
        $passes = array_sum(array_map(static fn (Step $step): int => $step->passes, $cleanses));
        foreach ($cleanses as $step) {
            for ($pass = 1; $pass <= $step->passes; $pass++) {
                $nth = ++$this->passed;
                $this->steps[] = $this->of->water->cleanse($step, $nth, $passes, $pass === $step->passes);
            }
        }
        if ($cleanses !== []) {
            $this->detangle('in-shampoo');
            $this->rinse('check-roots');
        }
    }

    private function protein(): void
    {
        $step = $this->first(StepKind::MildProtein, StepKind::StrongProtein);
        if ($step !== null) {
            $this->steps[] = $this->of->water->protein($step);
            $this->rinse('protein');
        }
    }

    private function condition(): void
    {
        foreach (array_filter($this->doing, self::conditions(...)) as $step) {
            $done = $this->of->water->condition($step);
            $this->steps[] = $done->keyed($this->keyOf($done->key));
            if (! $this->has('detangle')) {
                $this->detangle('under-conditioner');
            }
            $this->rinse();
        }
    }

    /** A step done twice in a day is told apart from the first. */
    private function keyOf(string $key): string
    {
        for ($time = 2, $unique = $key; $this->has($unique); $time++) {
            $unique = "{$key}-{$time}";
        }

        return $unique;
    }

    private function has(string $key): bool
    {
        return in_array($key, array_map(static fn (WashDayStep $step): string => $step->key, $this->steps), true);
    }

    private function finish(bool $squeezes): void
    {
        $gelFirst = $this->head->method->says(MethodQuestion::LeaveIn, 'gel-then-moisturiser')
            && $this->styles();
        if (! $gelFirst) {
            $this->leaveIn();
        }
        $scalpOil = $this->first(StepKind::ScalpOil);
        if ($scalpOil !== null) {
            $this->steps[] = $this->of->after->scalpOil($scalpOil);
        }
        $this->detangle('before-styler');
        if ($this->styles()) {
            $this->steps[] = $this->of->after->style($this->styling, $this->style);
        }
        if ($gelFirst) {
            $this->leaveIn();
        }
        $this->steps = [
            ...$this->steps,
            ...$squeezes ? [$this->of->after->squeeze()] : [],
            ...DryingSteps::of(
                $this->drying,
                $this->pace,
                $this->of,
                $this->head->parameters->washDay,
                $this->styles(),
            ),
        ];
        if ($this->head->method->says(MethodQuestion::Trim, 'stretched') || ! $this->has('detangle')) {
            $this->trim();
        }
        $this->steps[] = $this->of->after->tools();
    }

    private function styles(): bool
    {
        return ! $this->inStyle && $this->styling !== StylingMethod::NotToday;
    }

    private function leaveIn(): void
    {
        $leaveIn = $this->first(StepKind::LeaveIn);
        if ($leaveIn !== null) {
            $this->steps[] = $this->of->after->leaveIn($leaveIn);
        }
        $seal = $this->first(StepKind::Seal);
        if ($seal !== null) {
            $this->steps[] = $this->of->after->seal($seal);
        }
    }
}
