<?php

declare(strict_types=1);

namespace Nagomi\Core\Balance;

use DateTimeImmutable;
use Nagomi\Core\Balance\Observation\Observation;
use Nagomi\Core\Balance\Observation\ObservationBook;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Parameter\Model;
use Nagomi\Core\Reading\Measured;
use Nagomi\Core\Reading\Moment;
use Nagomi\Core\Reading\Reading;
use Nagomi\Core\Reading\Sign;
use Nagomi\Core\Treatment\DayContext;
use Nagomi\Core\Treatment\Place;
use Nagomi\Core\Treatment\Step;
use Nagomi\Core\Treatment\StepKind;
use Nagomi\Core\Treatment\WashDay;

/**
 * Follows a head through its history: time, the steps of wash days, and readings, day by day in this order: zones sorted
 * anew, readings at home, readings before cleansing, steps to the last cleanse, readings after it, the other steps, readings
 * after styling.
 */
final class Filter
{
    private State $state;
    private bool $sealed;
    private bool $tight;
    private readonly LedgerBook $ledger;

    /** @var list<Check> */
    private array $checks = [];

    private function __construct(private readonly Biases $biases, Point $start, private readonly ?Journal $journal)
    {
        $this->state = $start->state;
        $this->sealed = $start->sealed;
        $this->tight = $start->tight;
        $this->ledger = new LedgerBook($start->state);
    }

    /**
     * @param list<WashDay> $washDays in any order
     * @param list<Reading> $readings in any order
     * @param bool          $learning false holds the head's own multipliers at the trade's average
     */
    public static function follow(Head $head, array $washDays, array $readings, DateTimeImmutable $until, bool $learning = true): Trace
    {
        return self::through(new History($head, $washDays, $readings), $until, learning: $learning);
    }

    /**
     * @param Point|null   $from    goes on from the end of that day, with what came after it; null: from the first entry
     * @param Journal|null $journal is written, day by day, for the smoother
     */
    public static function through(History $history, DateTimeImmutable $until, ?Point $from = null, bool $learning = true, ?Journal $journal = null): Trace
    {
        $days = self::days($history, $until, $from?->date);
        $signs = [];
        foreach ($days as $day) {
            foreach ($day->readings() as $reading) {
                foreach ($reading->measured as $measured) {
                    if ($measured->sign->tellsOfBalance()) {
                        $signs[$measured->sign->value] = $measured->sign;
                    }
                }
            }
        }
        $first = array_key_first($days);
        $date = $from === null ? ($first === null ? $until : Calendar::day((string) $first) ?? $until) : $from->date;
        $state = $from === null ? Prior::of($history->headAt($date), $learning, $history->air) : $from->state;
        $state = $learning
            ? $state->withSigns(array_values(array_filter(Sign::cases(), static fn (Sign $sign): bool => isset($signs[$sign->value]))))
            : self::withFixedSigns($state, array_values($signs));
        $filter = new self(new Biases($history->biases), new Point($date, $state, $from !== null && $from->sealed, $from !== null && $from->tight), $journal);
        if ($from === null) {
            $filter->ledger->book($date, LedgerKind::Opening, 'assumed before anything was measured', $state->mean);
        }

        return $filter->run($days, $date, $until);
    }

    /**
     * @param list<Sign> $signs
     *
     * @return State whose offsets are held at 0
     */
    private static function withFixedSigns(State $state, array $signs): State
    {
        $state = $state->withSigns($signs);
        $covariance = $state->covariance;
        foreach ($state->layout->signs as $sign) {
            $covariance[$state->layout->offset($sign)][$state->layout->offset($sign)] = 0.0;
        }

        return new State($state->layout, $state->mean, $covariance);
    }

    /** @return array<string, HistoryDay> by date, ascending */
    private static function days(History $history, DateTimeImmutable $until, ?DateTimeImmutable $after): array
    {
        $days = [];
        $on = static function (DateTimeImmutable $date) use (&$days): HistoryDay {
            return $days[$date->format('Y-m-d')] ??= new HistoryDay();
        };
        $taken = static fn (DateTimeImmutable $date): bool => $date <= $until && ($after === null || $date > $after);
        foreach ($history->remaps as $remap) {
            if ($taken($remap->date)) {
                $on($remap->date)->head = $history->headAt($remap->date);
            }
        }
        foreach ($history->washDays as $washDay) {
            if ($taken($washDay->date)) {
                $on($washDay->date)->washDays[] = $washDay;
            }
        }
        foreach ($history->readings as $reading) {
            if ($taken($reading->date)) {
                $on($reading->date)->read($reading);
            }
        }
        ksort($days);

        return $days;
    }

    /** @param array<string, HistoryDay> $days */
    private function run(array $days, DateTimeImmutable $date, DateTimeImmutable $until): Trace
    {
        $points = [];
        foreach ($days as $key => $day) {
            $today = Calendar::day((string) $key) ?? $until;
            $this->passDays($date, $today);
            if ($day->head !== null) {
                $this->state = Remap::carried($this->state, $day->head);
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

        return new Trace($points, $this->ledger->lines(), $this->checks, $events);
    }

    private function ended(DateTimeImmutable $date): Point
    {
        $point = new Point($date, $this->state, $this->sealed, $this->tight);
        $this->journal?->ended($point);

        return $point;
    }

    private function passDays(DateTimeImmutable $from, DateTimeImmutable $to): void
    {
        $days = Calendar::daysBetween($from, $to);
        $told = min($days, Model::UNTOLD_AFTER_DAYS);
        // A smoother wants the end of each day; the state comes out the same, in one stride or in many.
        for ($stride = $this->journal === null ? $told : 1, $gone = 0; $gone < $told; $gone += $stride) {
            $moved = Reserves::afterDays($this->state, $stride, $this->sealed, $from->modify("+{$gone} days"), $this->tight);
            $this->take($moved, $from->modify('+' . ($gone + $stride) . ' days'), LedgerKind::Time, "{$stride} days");
            $this->endedOn($from, $gone + $stride, $days);
        }
        for ($gone = $told; $gone < $days; $gone++) {
            $this->slip(Reserves::afterDays($this->state, 1, $this->sealed, $from->modify("+{$gone} days"), $this->tight));
            $this->slip(Reserves::afterADayUntold($this->state));
            $this->endedOn($from, $gone + 1, $days);
        }
        if ($days > $told) {
            $this->ledger->book($to, LedgerKind::Untold, 'gap', $this->state->mean);
        }
    }

    /** Moves on without a line of its own in the ledger. */
    private function slip(Moved $moved): void
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
        $readOn = array_key_last(array_filter($washDays, static fn (WashDay $day): bool => $day->has(StepKind::Cleanse)));
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
        $context = new DayContext($this->state->layout->head, $washDay->has(StepKind::PreWash));
        $effectSd = match (true) {
            $washDay->approximate => Model::EFFECT_SD_WHEN_DATE_IS_APPROXIMATE,
            $washDay->place === Place::Home => Model::EFFECT_SD_AT_HOME,
            default => Model::EFFECT_SD,
        };
        $untold = Untold::cleanse($washDay);
        if ($untold !== null) {
            $this->take(Reserves::afterStep($this->state, Forecast::effects($context->head, $untold, $context), $effectSd), $washDay->date, LedgerKind::Untold, 'cleanse', $washDay->id);
        }
        $lastCleanse = array_key_last(array_filter($washDay->steps, static fn (Step $step): bool => $step->kind === StepKind::Cleanse));
        foreach ($washDay->steps as $i => $step) {
            $subject = $step->cleanse === null ? $step->kind->value : $step->cleanse->value;
            $moved = Reserves::afterStep($this->state, Forecast::effects($context->head, $step, $context), $effectSd);
            $this->take($moved, $washDay->date, LedgerKind::Step, $subject, $washDay->id);
            if ($i === $lastCleanse) {
                $this->read($washDay->date, $afterCleansing);
            }
        }
        if (Untold::conditioning($washDay)) {
            $this->take(Reserves::afterStep($this->state, Untold::conditioned($context), Model::EFFECT_SD_WHEN_UNTOLD), $washDay->date, LedgerKind::Untold, 'conditioning', $washDay->id);
        }
        if ($washDay->place === Place::Home && $washDay->cares()) {
            $this->state = Reserves::afterTheUnsaid($this->state);
        }
        if ($washDay->has(StepKind::Cleanse)) {
            $this->sealed = $washDay->has(StepKind::Seal);
        }
        $this->tight = $washDay->leavesTight() ?? $this->tight;
    }

    private function take(Moved $moved, DateTimeImmutable $date, LedgerKind $kind, string $subject, string $source = ''): void
    {
        $unlimited = $moved->state->mean;
        foreach ($moved->limits as $limit) {
            $unlimited[$limit->index] -= $limit->amount;
        }
        $this->ledger->book($date, $kind, $subject, array_values($unlimited), $source);
        $this->ledger->bookLimits($date, $moved->limits, $moved->state->mean);
        $this->journal?->moved($moved->slopes);
        $this->state = $moved->state;
    }

    /** @param list<Reading> $readings of one moment */
    private function read(DateTimeImmutable $date, array $readings): void
    {
        /** @var list<array{Reading, Measured}> $signs */
        $signs = [];
        foreach ($readings as $reading) {
            foreach ($reading->measured as $measured) {
                if ($measured->sign->tellsOfBalance()) {
                    $signs[] = [$reading, $measured];
                }
            }
        }
        if ($signs === []) {
            return;
        }
        $expected = array_map(fn (array $sign) => $this->observation($sign[0], $sign[1])->laidStraight($this->state), $signs);
        [$apart, $factors, $spreads] = Gate::of($this->state, $expected, array_map(static fn (array $sign): bool => $sign[0]->confirmed, $signs));
        $observations = [];
        foreach ($signs as $j => [$reading, $measured]) {
            $this->checks[] = new Check($reading, $measured, $expected[$j]->expected, $apart[$j], $factors[$j] > 1.0, $expected[$j]->residual, $spreads[$j]);
            $observations[] = $this->observation($reading, $measured, $factors[$j]);
        }
        $updated = Update::of($this->state, $observations);
        $mean = $this->state->mean;
        foreach ($updated->moves() as $j => $move) {
            foreach ($move as $index => $amount) {
                $mean[$index] += $amount;
            }
            $this->ledger->book($date, LedgerKind::Reading, $signs[$j][1]->sign->value, array_values($mean), $signs[$j][0]->id);
        }
        [$held, $limits] = Reserves::withinScales($updated->state->layout, array_values($mean));
        $this->journal?->updated($updated);
        $this->state = new State($updated->state->layout, $held, $updated->state->covariance);
        $this->ledger->bookLimits($date, $limits, $held);
    }

    private function observation(Reading $reading, Measured $measured, float $factor = 1.0): Observation
    {
        $factor *= $reading->moment === Moment::Home ? Model::HOME_NOISE_FACTOR : 1.0;

        return ObservationBook::of($measured, $this->state->layout, $reading->zone, $factor, $this->biases->of($reading->by, $measured->sign));
    }
}
