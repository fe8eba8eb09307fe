<?php

declare(strict_types=1);

namespace Nagomi\Core\Balance;

use DateTimeImmutable;
use Nagomi\Core\Balance\Observation\ObservationBook;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Parameter\Model;
use Nagomi\Core\Reading\Moment;
use Nagomi\Core\Reading\Reading;
use Nagomi\Core\Treatment\DayContext;
use Nagomi\Core\Treatment\Place;
use Nagomi\Core\Treatment\StepKind;
use Nagomi\Core\Treatment\TreatmentBook;
use Nagomi\Core\Treatment\WashDay;

/**
 * Follows a head through its history: time, the steps of wash days, and readings, day by day in this order:
 * readings at home, readings before cleansing, steps, readings after styling.
 */
final class Filter
{
    private State $state;
    private bool $sealed = false;
    private LedgerBook $ledger;

    /** @var list<Check> */
    private array $checks = [];

    private function __construct(private readonly Head $head, bool $learning)
    {
        $this->state = Prior::of($head, $learning);
        $this->ledger = new LedgerBook($this->state->layout);
    }

    /**
     * @param list<WashDay> $washDays in any order
     * @param list<Reading> $readings in any order
     * @param bool          $learning false holds the head's own multipliers at the trade's average
     */
    public static function follow(Head $head, array $washDays, array $readings, DateTimeImmutable $until, bool $learning = true): Trace
    {
        $days = [];
        foreach ($washDays as $washDay) {
            $days[$washDay->date->format('Y-m-d')]['wash days'][] = $washDay;
        }
        foreach ($readings as $reading) {
            $days[$reading->date->format('Y-m-d')][$reading->moment->value][] = $reading;
        }
        $days = array_filter($days, static fn (string $date): bool => $date <= $until->format('Y-m-d'), ARRAY_FILTER_USE_KEY);
        ksort($days);

        return (new self($head, $learning))->through($days, $until);
    }

    /** @param array<string, array<string, list<WashDay|Reading>>> $days */
    private function through(array $days, DateTimeImmutable $until): Trace
    {
        $first = array_key_first($days);
        $date = $first === null ? $until : (Calendar::day((string) $first) ?? $until);
        $this->ledger->book($date, LedgerKind::Opening, 'assumed before anything was measured', $this->state->mean);
        $points = [];
        foreach ($days as $key => $day) {
            $today = Calendar::day((string) $key) ?? $until;
            $this->passDays($date, $today);
            $this->read($today, $day[Moment::Home->value] ?? []);
            $this->read($today, $day[Moment::BeforeCleansing->value] ?? []);
            foreach ($day['wash days'] ?? [] as $washDay) {
                if ($washDay instanceof WashDay) {
                    $this->wash($washDay);
                }
            }
            $this->read($today, $day[Moment::AfterStyling->value] ?? []);
            $points[] = new Point($today, $this->state, $this->sealed);
            $date = $today;
        }
        if ($points === [] || $date < $until) {
            $this->passDays($date, $until);
            $points[] = new Point($until, $this->state, $this->sealed);
        }

        return new Trace($points, $this->ledger->lines(), $this->checks);
    }

    private function passDays(DateTimeImmutable $from, DateTimeImmutable $to): void
    {
        $days = Calendar::daysBetween($from, $to);
        if ($days > 0) {
            $this->take(Reserves::afterDays($this->state, $days, $this->sealed), $to, LedgerKind::Time, "{$days} days");
        }
    }

    private function wash(WashDay $washDay): void
    {
        $context = new DayContext($this->head, $washDay->has(StepKind::PreWash));
        $effectSd = match (true) {
            $washDay->approximate => Model::EFFECT_SD_WHEN_DATE_IS_APPROXIMATE,
            $washDay->place === Place::Home => Model::EFFECT_SD_AT_HOME,
            default => Model::EFFECT_SD,
        };
        foreach ($washDay->steps as $step) {
            $treatment = TreatmentBook::of($step->kind);
            $effects = array_map(static fn ($stratum) => $treatment->effectOn($stratum, $step, $context), $this->head->strata);
            $subject = $step->cleanse === null ? $step->kind->value : $step->cleanse->value;
            $this->take(Reserves::afterStep($this->state, $effects, $effectSd), $washDay->date, LedgerKind::Step, $subject, $washDay->id);
        }
        if ($washDay->place === Place::Home) {
            $this->state = Reserves::afterTheUnsaid($this->state);
        }
        if ($washDay->has(StepKind::Cleanse)) {
            $this->sealed = $washDay->has(StepKind::Seal);
        }
    }

    private function take(Moved $moved, DateTimeImmutable $date, LedgerKind $kind, string $subject, string $source = ''): void
    {
        $unlimited = $moved->state->mean;
        foreach ($moved->limits as $limit) {
            $unlimited[$limit->index] -= $limit->amount;
        }
        $this->ledger->book($date, $kind, $subject, array_values($unlimited), $source);
        $this->ledger->bookLimits($date, $moved->limits, $moved->state->mean);
        $this->state = $moved->state;
    }

    /** @param list<WashDay|Reading> $readings of one moment */
    private function read(DateTimeImmutable $date, array $readings): void
    {
        $observations = $signs = [];
        foreach ($readings as $reading) {
            if (! $reading instanceof Reading) {
                continue;
            }
            foreach ($reading->measured as $measured) {
                $factor = $reading->moment === Moment::Home ? Model::HOME_NOISE_FACTOR : 1.0;
                $observation = ObservationBook::of($measured, $this->state->layout, $reading->zone, $factor);
                $straight = $observation->laidStraight($this->state);
                $spread = $straight->variance;
                foreach ($straight->slopes as $i => $a) {
                    foreach ($straight->slopes as $j => $b) {
                        $spread += $a * $b * $this->state->covariance[$i][$j];
                    }
                }
                $apart = $straight->residual / sqrt($spread);
                $again = abs($apart) > Model::CHECK_AGAIN_AT_SD && ! $reading->confirmed;
                $this->checks[] = new Check($reading, $measured, $straight->expected, $apart, $again);
                $observations[] = $again
                    ? ObservationBook::of($measured, $this->state->layout, $reading->zone, $factor * abs($apart))
                    : $observation;
                $signs[] = [$measured->sign, $reading->id];
            }
        }
        if ($observations === []) {
            return;
        }
        [$after, $moves] = Update::of($this->state, $observations);
        $mean = $this->state->mean;
        foreach ($moves as $j => $move) {
            foreach ($move as $index => $amount) {
                $mean[$index] += $amount;
            }
            [$sign, $id] = $signs[$j];
            $this->ledger->book($date, LedgerKind::Reading, $sign->value, array_values($mean), $id);
        }
        [$held, $limits] = Reserves::withinScales($after->layout, array_values($mean));
        $this->state = new State($after->layout, $held, $after->covariance);
        $this->ledger->bookLimits($date, $limits, $held);
    }
}
