<?php

declare(strict_types=1);

namespace Nagomi\Core\Estimation;

use DateTimeImmutable;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Parameters\TreatmentParameters;
use Nagomi\Core\Readings\Moment;
use Nagomi\Core\Readings\Reading;
use Nagomi\Core\Readings\Sign;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Treatments\Place;
use Nagomi\Core\Treatments\StepKind;
use Nagomi\Core\Treatments\TreatmentContext;
use Nagomi\Core\Treatments\WashDay;

/**
 * Follows a head through its history: time, the steps of wash days, and readings, day by day in this order: zones
 * sorted
 * anew, readings at home, readings before cleansing, steps to the last cleanse, readings after it, the other steps,
 * readings
 * after styling.
 */
final class KalmanFilter
{
    private State $state;
    private bool $sealed;
    private bool $tight;
    private HomeHabits $habits;
    private readonly LedgerWriter $ledger;

    /** @var list<ReadingCheck> */
    private array $checks = [];

    private float $logDensity = 0.0;

    private function __construct(
        private readonly StylistBiases $biases,
        Snapshot $start,
        private readonly ?FilterJournal $journal,
    ) {
        $this->state = $start->state;
        $this->sealed = $start->sealed;
        $this->tight = $start->tight;
        $this->habits = $start->habits ?? HomeHabits::assumed($start->state->layout->parameters->habits);
        $this->ledger = new LedgerWriter($start->state);
    }

    /**
     * @param list<WashDay> $washDays in any order
     * @param list<Reading> $readings in any order
     * @param bool          $learning false holds the head's own multipliers at the trade's average
     */
    public static function follow(
        Head $head,
        array $washDays,
        array $readings,
        DateTimeImmutable $until,
        bool $learning = true,
    ): FilterRun {
        return self::through(new HeadHistory($head, $washDays, $readings), $until, learning: $learning);
    }

    /**
     * @param Snapshot|null $from goes on from the end of that day, with what came after it; null: from the first entry
     * @param FilterJournal|null $journal is written, day by day, for the smoother
     */
    public static function through(
        HeadHistory $history,
        DateTimeImmutable $until,
        ?Snapshot $from = null,
        bool $learning = true,
        ?FilterJournal $journal = null,
    ): FilterRun {
        $days = HistoryDay::allOf($history, $until, $from?->date);
        $signs = [];
        $parameters = $history->headAt($until)->parameters->signs;
        foreach ($days as $day) {
            foreach ($day->readings() as $reading) {
                foreach ($reading->measured as $measured) {
                    if ($measured->sign->tellsOfBalance($parameters)) {
                        $signs[$measured->sign->value] = $measured->sign;
                    }
                }
            }
        }
        $first = array_key_first($days);
        $date = $from === null ? ($first === null ? $until : Calendar::day((string) $first) ?? $until) : $from->date;
        $state = $from === null ? Prior::of($history->headAt($date), $learning, $history->air) : $from->state;
        $state = $learning
            ? $state->withSigns(array_values(
                array_filter(Sign::cases(), static fn (Sign $sign): bool => isset($signs[$sign->value])),
            ))
            : $state->withFixedSigns(array_values($signs));
        $filter = new self(
            new StylistBiases($history->biases),
            new Snapshot(
                $date,
                $state,
                $from !== null && $from->sealed,
                $from !== null && $from->tight,
                $from?->habits,
            ),
            $journal,
        );
        if ($from === null) {
            $filter->ledger->book($date, LedgerKind::Opening, 'assumed before anything was measured', $state->mean);
        }

        return $filter->run($days, $date, $until);
    }

    /** @param array<string, HistoryDay> $days */
    private function run(array $days, DateTimeImmutable $date, DateTimeImmutable $until): FilterRun
    {
        $points = [];
        foreach ($days as $key => $day) {
            $today = Calendar::day((string) $key) ?? $until;
            $this->passDays($date, $today);
            if ($day->head !== null) {
                $this->state = StrataTransition::carried($this->state, $day->head);
                $this->ledger->remap($today, $this->state);
                $this->journal?->beganAnew();
            }
            $this->read($today, $day->readingsAt(Moment::Home));
            $this->read($today, $day->readingsAt(Moment::BeforeCleansing));
            $this->wash($today, $day->washDays, $day->readingsAt(Moment::AfterCleansing));
            $this->read($today, $day->readingsAt(Moment::AfterStyling));
            $points[] = $this->ended($today);
            $date = $today;
        }
        $events = count($points);
        if ($points === [] || $date < $until) {
            $this->passDays($date, $until);
            $points[] = $this->ended($until);
        }

        return new FilterRun($points, $this->ledger->lines(), $this->checks, $events, $this->logDensity);
    }

    private function ended(DateTimeImmutable $date): Snapshot
    {
        $point = new Snapshot($date, $this->state, $this->sealed, $this->tight, $this->habits);
        $this->journal?->ended($point);

        return $point;
    }

    private function passDays(DateTimeImmutable $from, DateTimeImmutable $to): void
    {
        $days = Calendar::daysBetween($from, $to);
        $told = min($days, $this->state->layout->parameters->treatments->untoldAfterDays);
        // A smoother wants the end of each day; the state comes out the same, in one stride or in many.
        for ($stride = $this->journal === null ? $told : 1, $gone = 0; $gone < $told; $gone += $stride) {
            $moved = Dynamics::afterDays(
                $this->state,
                $stride,
                $this->sealed,
                $from->modify("+{$gone} days"),
                $this->tight,
            );
            $this->take($moved, $from->modify('+' . ($gone + $stride) . ' days'), LedgerKind::Time, "{$stride} days");
            $this->endedOn($from, $gone + $stride, $days);
        }
        for ($gone = $told; $gone < $days; $gone++) {
            $this->slip(Dynamics::afterDays(
                $this->state,
                1,
                $this->sealed,
                $from->modify("+{$gone} days"),
                $this->tight,
            ));
            $this->slip(Dynamics::afterADayUntold($this->state));
            $this->endedOn($from, $gone + 1, $days);
        }
        if ($days > $told) {
            $this->ledger->book($to, LedgerKind::Untold, 'gap', $this->state->mean);
        }
    }

    /** Moves on without a line of its own in the ledger. */
    private function slip(Prediction $moved): void
    {
        $this->journal?->moved($moved->slopes);
        $this->state = $moved->state;
    }

    private function endedOn(DateTimeImmutable $from, int $gone, int $days): void
    {
        if ($this->journal !== null && $gone < $days) {
            $this->ended($from->modify("+{$gone} days"));
        }
    }

    /**
     * @param list<WashDay> $washDays
     * @param list<Reading> $afterCleansing
     */
    private function wash(DateTimeImmutable $date, array $washDays, array $afterCleansing): void
    {
        $readOn = array_key_last(array_filter(
            $washDays,
            static fn (WashDay $day): bool => $day->has(StepKind::Cleanse),
        ));
        if ($readOn === null) {
            $this->read($date, $afterCleansing);
        }
        foreach ($washDays as $i => $washDay) {
            $this->washDay($washDay, $i === $readOn ? $afterCleansing : []);
        }
    }

    /** @param list<Reading> $afterCleansing */
    private function washDay(WashDay $washDay, array $afterCleansing): void
    {
        $context = TreatmentContext::on($this->state->layout->head, $washDay->steps);
        $effectSd = self::effectSd($washDay, $this->state->layout->parameters->treatments);
        foreach (PossibleSteps::of($washDay, $context, $this->habits) as $step) {
            $moved = Dynamics::afterOneOf($this->state, $step->choices, $effectSd);
            $kind = $step->isTold ? LedgerKind::Step : LedgerKind::Untold;
            $this->take($moved, $washDay->date, $kind, $step->subject, $washDay->id, $step->asTold);
            if ($step->isLastCleanse) {
                $this->read($washDay->date, $afterCleansing);
            }
        }
        if ($washDay->place === Place::Home && $washDay->cares()) {
            $this->state = Dynamics::afterTheUnsaid($this->state);
        }
        $this->habits = $this->habits->after($washDay);
        if ($washDay->has(StepKind::Cleanse)) {
            $this->sealed = TreatmentContext::seals($context->head, ...$washDay->steps);
        }
        $this->tight = $washDay->leavesTight() ?? $this->tight;
    }

    /** @return float sd of what a step leaves in the hair, as a share of it: as sure as what is known of the day */
    private static function effectSd(WashDay $washDay, TreatmentParameters $treatments): float
    {
        return match (true) {
            $washDay->approximate => $treatments->effectSdWhenDateIsApproximate,
            $washDay->place === Place::Home => $treatments->effectSdAtHome,
            default => $treatments->effectSd,
        };
    }

    private function take(
        Prediction $moved,
        DateTimeImmutable $date,
        LedgerKind $kind,
        string $subject,
        string $source = '',
        ?float $asTold = null,
    ): void {
        $unlimited = $moved->state->mean;
        foreach ($moved->limits as $limit) {
            $unlimited[$limit->index] -= $limit->amount;
        }
        $this->ledger->book($date, $kind, $subject, array_values($unlimited), $source, $asTold);
        $this->ledger->bookLimits($date, $moved->limits, $moved->state->mean);
        $this->journal?->moved($moved->slopes);
        $this->state = $moved->state;
    }

    /** @param list<Reading> $readings of one moment */
    private function read(DateTimeImmutable $date, array $readings): void
    {
        $intake = ReadingIntake::of($this->state, $readings, $this->biases);
        if ($intake === null) {
            return;
        }
        $this->checks = [...$this->checks, ...$intake->checks];
        $updated = MeasurementUpdate::of(
            $this->state,
            $intake->observations,
            $intake->linearized,
            $intake->crossCovariance,
        );
        $this->logDensity += $intake->logDensity;
        $mean = $this->state->mean;
        foreach ($updated->moves() as $j => $move) {
            foreach ($move as $index => $amount) {
                $mean[$index] += $amount;
            }
            $this->ledger->book(
                $date,
                LedgerKind::Reading,
                $intake->checks[$j]->measured->sign->value,
                array_values($mean),
                $intake->checks[$j]->reading->id,
            );
        }
        [$held, $limits] = Dynamics::withinScales($updated->state->layout, array_values($mean));
        $this->journal?->updated($updated);
        $this->state = new State($updated->state->layout, $held, $updated->state->covariance);
        $this->ledger->bookLimits($date, $limits, $held);
    }
}
