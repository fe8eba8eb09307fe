<?php

declare(strict_types=1);

namespace Nagomi\Core\Estimation;

use Nagomi\Core\Parameters\HabitParameters;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\Place;
use Nagomi\Core\Treatments\StepKind;
use Nagomi\Core\Treatments\WashDay;

/** What somebody does at a wash, as far as the washes told of say; each wash adds to it. */
final readonly class HomeHabits
{
    /**
     * @param float                $washes      that were told of, with those that what was assumed counts for
     * @param float                $atHome      cleansed at home, with those that what was assumed counts for
     * @param float                $bare        of these, those that neither conditioner nor mask came after, as far as is known
     * @param float                $leaveIns    washes of them with a leave-in
     * @param float                $preWashes   washes of them with something before it
     * @param float                $maskMinutes usual minutes of a mask
     * @param float                $strongs     strong proteins that were told of, with what was assumed
     * @param float                $milds       mild ones
     * @param array<string, float> $cleanses    washes by kind of a cleanse that does not clarify
     * @param Adherence            $adherence   to plans
     */
    private function __construct(
        private HabitParameters $parameters,
        public HabitRhythm $masks,
        public HabitRhythm $proteins,
        public HabitRhythm $clarifying,
        private float $washes,
        private float $atHome,
        private float $bare,
        private float $leaveIns,
        private float $preWashes,
        public float $maskMinutes,
        private float $strongs,
        private float $milds,
        private array $cleanses,
        public Adherence $adherence,
    ) {
    }

    /** Before any wash was told of. */
    public static function assumed(HabitParameters $parameters): self
    {
        $prior = $parameters->priorWashes;

        return new self(
            $parameters,
            HabitRhythm::assumed($parameters, $parameters->maskEvery),
            HabitRhythm::assumed($parameters, $parameters->proteinEvery),
            HabitRhythm::assumed($parameters, $parameters->clarifyingEvery),
            $prior,
            $parameters->skippedWashes,
            $parameters->skippedWashes * $parameters->skipped,
            $prior * $parameters->leaveInShare,
            $prior * $parameters->preWashShare,
            $parameters->maskMinutes,
            0.5 * $prior,
            0.5 * $prior,
            array_map(static fn (float $share): float => $prior * $share, $parameters->cleanses),
            Adherence::assumed($parameters),
        );
    }

    /** @return float probability that neither conditioner nor mask came after a wash at home that tells of none */
    public function bare(): float
    {
        return $this->bareWhereSkipped($this->bare / $this->atHome);
    }

    /** @return float the same, where so large a share of them goes without */
    public function bareWhereSkipped(float $skipped): float
    {
        return $skipped / ($skipped + (1 - $skipped) * $this->parameters->forgotten);
    }

    /** @return float probability of a leave-in at a wash */
    public function leaveIn(): float
    {
        return min(1.0, $this->leaveIns / $this->washes);
    }

    /** @return float probability that something is put on before a wash */
    public function preWash(): float
    {
        return min(1.0, $this->preWashes / $this->washes);
    }

    /** @return float probability that a protein is a strong one */
    public function strong(): float
    {
        return $this->strongs / ($this->strongs + $this->milds);
    }

    /** @return non-empty-array<string, float> probability of each cleanse at a wash, by kind */
    public function cleanses(): array
    {
        $clarifying = $this->clarifying->due();
        $all = array_sum($this->cleanses);

        return [CleanseKind::Clarifying->value => $clarifying] + array_map(
            static fn (float $washes): float => (1 - $clarifying) * $washes / $all,
            $this->cleanses,
        );
    }

    /** @return string the kind of cleanse that is usual where nothing clarifies */
    public function usualCleanse(): string
    {
        $cleanses = $this->cleanses;
        arsort($cleanses);

        return (string) array_key_first($cleanses);
    }

    /** Whether it is a wash that habits are told by, rather than a swim or a refresh. */
    public static function isOf(WashDay $day): bool
    {
        return $day->has(
            StepKind::Cleanse,
            StepKind::Mask,
            StepKind::Conditioner,
            StepKind::MildProtein,
            StepKind::StrongProtein,
        );
    }

    public function after(WashDay $day): self
    {
        if (! self::isOf($day)) {
            return $this;
        }
        $atHome = $day->place === Place::Home;
        $isCleansed = $atHome && $day->has(StepKind::Cleanse);
        $forgotten = $atHome ? $this->parameters->forgotten : $this->parameters->misnotedInSalon;
        $mistaken = $atHome ? $this->parameters->mistaken : $this->parameters->misnotedInSalon;
        [$minutes, $cleanse] = $this->told($day);
        $cleanses = $this->cleanses;
        if ($cleanse !== null && ! $cleanse->clarifies()) {
            $cleanses[$cleanse->value] = ($cleanses[$cleanse->value] ?? 0.0) + 1.0;
        }

        return new self(
            $this->parameters,
            $this->masksAfter($day, $mistaken),
            $this->proteinsAfter($day, $forgotten),
            $this->clarifyingAfter($cleanse, $mistaken),
            $this->washes + 1.0,
            $this->atHome + ($isCleansed ? 1.0 : 0.0),
            $this->bare + ($isCleansed && ! $day->has(StepKind::Mask, StepKind::Conditioner) ? $this->bare() : 0.0),
            // One that was forgotten now and then was done more often than it was told of.
            $this->leaveIns + ($day->has(StepKind::LeaveIn) ? 1 / (1 - $forgotten) : 0.0),
            $this->preWashes + ($day->has(StepKind::PreWash) ? 1 / (1 - $forgotten) : 0.0),
            $minutes,
            $this->strongs + ($day->has(StepKind::StrongProtein) ? 1.0 : 0.0),
            $this->milds + ($day->has(StepKind::MildProtein) ? 1.0 : 0.0),
            $cleanses,
            $this->adherence->after($day),
        );
    }

    private function masksAfter(WashDay $day, float $mistaken): HabitRhythm
    {
        return match (true) {
            $day->has(StepKind::Mask) => $this->masks->after(1 - $mistaken, $mistaken),
            $day->has(StepKind::Conditioner) => $this->masks->after($mistaken, 1 - $mistaken),
            default => $this->masks->after(1.0, 1.0),
        };
    }

    private function proteinsAfter(WashDay $day, float $forgotten): HabitRhythm
    {
        return $day->has(StepKind::MildProtein, StepKind::StrongProtein)
            ? $this->proteins->after(1 - $forgotten, $this->parameters->misnotedInSalon)
            : $this->proteins->after($forgotten, 1.0);
    }

    /** What clarifies may be called shampoo, and nothing gentler. */
    private function clarifyingAfter(?CleanseKind $told, float $mistaken): HabitRhythm
    {
        return match (true) {
            $told === null => $this->clarifying->after(1.0, 1.0),
            $told->clarifies() => $this->clarifying->after(1 - $mistaken, $this->parameters->misnotedInSalon),
            $told === CleanseKind::Shampoo => $this->clarifying->after($mistaken, 1.0),
            default => $this->clarifying->after($this->parameters->misnotedInSalon, 1.0),
        };
    }

    /** @return array{float, CleanseKind|null} usual minutes of a mask, and the last cleanse */
    private function told(WashDay $day): array
    {
        [$minutes, $cleanse] = [$this->maskMinutes, null];
        foreach ($day->steps as $step) {
            $cleanse = $step->cleanse ?? $cleanse;
            if ($step->kind === StepKind::Mask && $step->minutes !== null) {
                $minutes += $this->parameters->newestMaskShare * ($step->minutes - $minutes);
            }
        }

        return [$minutes, $cleanse];
    }

    /** @return list<float> all of it, to be kept */
    public function numbers(): array
    {
        return [
            $this->washes, $this->atHome, $this->bare, $this->leaveIns, $this->preWashes, $this->maskMinutes,
            $this->strongs,
            $this->milds,
            ...array_map(fn (CleanseKind $kind): float => $this->cleanses[$kind->value] ?? 0.0, CleanseKind::cases()),
            ...$this->masks->numbers(), ...$this->proteins->numbers(), ...$this->clarifying->numbers(),
            ...$this->adherence->numbers(),
        ];
    }

    /**
     * As it was kept.
     *
     * @param list<float> $numbers as {@see numbers} gave them, or as they were before plans were told of; of another
     *     length, as before periods were others: what is assumed
     */
    public static function ofNumbers(HabitParameters $parameters, array $numbers): self
    {
        $assumed = self::assumed($parameters);
        $ofPlans = count($assumed->adherence->numbers());
        if (! in_array(count($assumed->numbers()) - count($numbers), [0, $ofPlans], true)) {
            return $assumed;
        }
        $take = static function (int $many) use (&$numbers): array {
            return array_splice($numbers, 0, $many);
        };
        [$washes, $atHome, $bare, $leaveIns, $preWashes, $maskMinutes, $strongs, $milds] = $take(8);
        $cleanses = array_filter(array_combine(
            array_column(CleanseKind::cases(), 'value'),
            $take(count(CleanseKind::cases())),
        ));

        return new self(
            $parameters,
            $assumed->masks->withNumbers($take(count($assumed->masks->numbers()))),
            $assumed->proteins->withNumbers($take(count($assumed->proteins->numbers()))),
            $assumed->clarifying->withNumbers($take(count($assumed->clarifying->numbers()))),
            $washes,
            $atHome,
            $bare,
            $leaveIns,
            $preWashes,
            $maskMinutes,
            $strongs,
            $milds,
            $cleanses,
            Adherence::ofNumbers($parameters, $numbers),
        );
    }
}
