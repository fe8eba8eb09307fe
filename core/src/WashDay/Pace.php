<?php

declare(strict_types=1);

namespace Nagomi\Core\WashDay;

use DateTimeImmutable;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Parameters\WashDayParameters;
use Nagomi\Core\Readings\Reading;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;
use Nagomi\Core\Treatments\WashDay;

/** How long detangling a section and drying take on one head, from its own past and what is usual. */
final readonly class Pace
{
    /** Wash days further back say little of how long one takes now. */
    public const OVER_DAYS = 400;

    /**
     * @param list<array{day: DetanglingDay, minutes: float, date: DateTimeImmutable, clocked: bool}> $timed detanglings of
     *     this head
     * @param float $similarMinutes a section on heads like it, over 0
     */
    private function __construct(
        public DetanglingPace $detangling,
        public DryingPace $drying,
        public DetanglingDay $day,
        private array $timed,
        public float $similarMinutes,
        private WashDayParameters $parameters,
    ) {
    }

    /**
     * @param list<WashDay> $washDays
     * @param list<Reading> $readings
     * @param float|null    $similarMinutes minutes a section of heads like this one; null: the trade's usual
     */
    public static function of(
        Head $head,
        array $washDays,
        array $readings = [],
        ?float $similarMinutes = null,
        PaceHistory $history = new PaceHistory(),
    ): self {
        $parameters = $head->parameters->washDay;
        $timed = DetanglingHistory::of($head, $washDays, $readings, $history->takenDown);
        $similarMinutes ??= $parameters->detangleASectionMinutes;

        return new self(
            DetanglingPace::learned($timed, $similarMinutes, $parameters),
            DryingPace::learned($head, $readings, $history->dried, DryingPace::leavesHeavy($head, $washDays)),
            new DetanglingDay(),
            $timed,
            $similarMinutes,
            $parameters,
        );
    }

    /**
     * On a day with these steps.
     *
     * @param list<Step> $steps
     */
    public function doing(array $steps): self
    {
        $isPreWashed = array_filter($steps, static fn (Step $step): bool => $step->kind === StepKind::PreWash) !== [];

        return $isPreWashed === $this->day->isPreWashed
            ? $this
            : $this->onDay($this->day->preWashed($isPreWashed));
    }

    /** On a day so much later than usual, or on which a style comes down. */
    public function on(float $gapTimes, bool $isTakenDown): self
    {
        $day = new DetanglingDay($this->day->tool, $this->day->state, $this->day->isPreWashed, $gapTimes, $isTakenDown);

        return $this->onDay($day);
    }

    /** @return list<DetanglingCheck> how detanglings from a day on compare with what was foretold of each */
    public function checksSince(DateTimeImmutable $day): array
    {
        return DetanglingPace::checks($this->timed, $this->similarMinutes, $this->parameters, $day);
    }

    private function onDay(DetanglingDay $day): self
    {
        return new self(
            $this->detangling,
            $this->drying,
            $day,
            $this->timed,
            $this->similarMinutes,
            $this->parameters,
        );
    }

    /** The day on which a step is detangled. */
    public function dayOf(Step $detangling): DetanglingDay
    {
        return $this->day->by($detangling->tool ?? $this->day->tool, $detangling->how ?? $this->day->state);
    }

    /** @return float minutes for all of it: the same hair in more sections or fewer, of which each costs its parting */
    public function detanglingMinutes(Head $head, Step $detangling): float
    {
        $minutes = $head->sections * $this->detangling->minutes($this->dayOf($detangling));
        $more = ($head->sectionsByWork->detangling ?? $head->sections) - $head->sections;

        return max($minutes / 2, $minutes + $more * $head->parameters->washDay->sectionMinutes['section']);
    }
}
