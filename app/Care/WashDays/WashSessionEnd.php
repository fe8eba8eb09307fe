<?php

declare(strict_types=1);

namespace App\Care\WashDays;

use App\Bridge\Clients\RecordImporter;
use App\Bridge\Plans\OutlookRefresh;
use App\Bridge\Plans\Outlooks;
use App\Bridge\Plans\StoredSteps;
use App\Bridge\Products\StepBottles;
use App\Bridge\WashDays\BookedSteps;
use App\Bridge\WashDays\HandsOfDay;
use App\Bridge\WashDays\StepBottle;
use App\Bridge\WashDays\WashSessionState;
use App\Bridge\WashDays\WashSessionTimes;
use App\Care\Readings\Visits;
use App\Care\Scheduling\BookingProgress;
use App\Models\WashSession;
use App\Wording\Said;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Readings\Moment;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Treatments\Place;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;
use Nagomi\Core\Treatments\WashDay;
use Nagomi\Core\WashDay\DoubtfulMinutes;
use Nagomi\Core\WashDay\StylingMethod;
use Nagomi\Core\WashDay\WashStepKind;

/** Ends a wash day: asks about minutes that cannot be, and puts what was really done into the book. */
final readonly class WashSessionEnd
{
    public function __construct(
        private BookingProgress $bookingProgress,
        private OutlookRefresh $outlookRefresh,
        private Outlooks $outlooks,
        private RecordImporter $recordImporter,
        private StepBottles $stepBottles,
        private TimedHair $timedHair,
        private UntappedSteps $untappedSteps,
        private Visits $visits,
        private WashBottles $washBottles,
        private WashSections $washSections,
        private WornStyles $wornStyles,
        private Parameters $parameters,
    ) {
    }

    private static function state(WashSession $washSession): WashSessionState
    {
        return WashSessionState::of($washSession, array_values($washSession->acts()->get()->all()));
    }

    /**
     * Steps whose minutes a forgotten or hurried tap may have made.
     *
     * @return array<string, array{label: string, minutes: float, says: float, planned: float}> by key of the step
     */
    public function doubtful(WashSession $washSession): array
    {
        $state = self::state($washSession);
        [$doubtful, $steps, $times] = [[], $state->steps(), new WashSessionTimes($state)];
        foreach ($steps as $i => $planned) {
            $key = is_string($planned['key'] ?? null) ? $planned['key'] : '';
            $kind = StepKind::tryFrom(
                is_array($planned['books'] ?? null) && is_string($planned['books']['kind'] ?? null)
                    ? $planned['books']['kind']
                    : '',
            );
            $isBefore = StoredSteps::isBefore($planned['books']);
            if ($kind === null || ! $state->isDone($key) || ! BookedSteps::teaches($kind) || $isBefore) {
                continue;
            }
            $usual = $kind === StepKind::Detangle
                ? $this->number($planned, 'hands_on_minutes')
                : $this->onFor($steps, $i);
            $minutes = $this->minutes($times, $kind, $key);
            if ($minutes !== null && DoubtfulMinutes::are($minutes, $usual, $this->parameters->washDay)) {
                $doubtful[$key] = [
                    'label' => Said::kept($planned['label'] ?? $key),
                    'minutes' => round($minutes, 1),
                    'says' => round($minutes < Step::LEAST_MINUTES ? $usual : $minutes, 1),
                    'planned' => round($usual),
                ];
            }
        }

        return $doubtful;
    }

    /**
     * Minutes a treatment is planned to be on: its own, or those of the hands that work beside it where they take longer.
     *
     * @param list<array<string, mixed>> $steps
     */
    private function onFor(array $steps, int $i): float
    {
        $beside = 0.0;
        for ($next = $i + 1; ($steps[$next]['beside'] ?? false) === true; $next++) {
            $beside += $this->number($steps[$next], 'hands_on_minutes');
        }

        return max($this->number($steps[$i], 'waiting_minutes'), $beside);
    }

    /** @param array<string, mixed> $step */
    private function number(array $step, string $name): float
    {
        return is_numeric($step[$name] ?? null) ? (float) $step[$name] : 0.0;
    }

    private function minutes(WashSessionTimes $times, StepKind $kind, string $key): ?float
    {
        return $kind === StepKind::Detangle ? $times->hands($key) : $times->contact($key);
    }

    /**
     * Ends the day: what was done goes into the book, what was used off the shelf, what came for free to the Bench.
     *
     * @param array<string, float> $said minutes of steps as somebody said they were, by key
     * @param list<string>         $also steps nobody tapped that were done
     */
    public function finish(WashSession $washSession, string $by, array $said = [], array $also = []): void
    {
        DB::transaction(function () use ($washSession, $by, $said, $also): void {
            // Two devices end one wash day: the second finds it ended.
            /** @var WashSession $locked */
            $locked = WashSession::query()->whereKey($washSession->id)->lockForUpdate()->sole();
            $washSession->setRawAttributes($locked->getAttributes(), true);
            if ($washSession->finished_at !== null) {
                return;
            }
            $this->untappedSteps->done($washSession, $also, $by);
            $head = $washSession->head;
            $head->loadMissing(['salon', 'outlook']);
            $before = $this->outlooks->current($head)->standing;
            $state = self::state($washSession);
            $washSession->update(['finished_at' => now()]);
            $this->bookingProgress->through($head, $washSession->date, $by);
            [$date, $times] = [Calendar::dayOf($washSession->date), new WashSessionTimes($state)];
            $steps = $this->stepBottles->known($head, $this->steps($state, $said));
            $key = strtolower((string) Str::ulid());
            if ($steps !== []) {
                $this->recordImporter->washDays($head, [new WashDay($key, $date, $steps, Place::Salon)]);
            }
            $this->dried($washSession, $state, $steps);
            $this->washBottles->usedUp($washSession, $state, $by);
            $readings = WashSessionReadings::of($state, $times, $date, $by, $said);
            $visit = null;
            // Each moment of the day is a visit of its own; foam tells of the hair as it came.
            foreach ($readings as $reading) {
                $visit = $this->visits->take($head, strtolower((string) Str::ulid()), [$reading], $by)->id;
            }
            $this->worn($washSession, $state, $date);
            $this->washSections->learned($head, $state);
            $this->outlookRefresh->after($head, $date);
            $washSession->update(['wash_day' => $steps === [] ? null : $key, 'visit' => $visit, 'outcome' => [
                'before' => $before,
                ...$this->outcome($washSession, $state),
            ]]);
        });
    }

    /** @return array<string, mixed> how long it took, and what its hands did */
    private function outcome(WashSession $washSession, WashSessionState $state): array
    {
        $times = new WashSessionTimes($state);

        return [
            'planned_minutes' => $washSession->plan['finish_minutes'] ?? null,
            'actual_minutes' => $times->inAll(),
            'steps' => $times->compared(),
            'broken' => $this->broken($washSession),
            'hands' => HandsOfDay::of($state),
        ];
    }

    /**
     * The next day is dried as this one was, not as it was laid out; and how long it took is learned from.
     *
     * @param list<Step> $steps
     */
    private function dried(WashSession $washSession, WashSessionState $state, array $steps): void
    {
        $this->timedHair->learned($washSession, $state, $steps);
        $dried = HandsOfDay::dried($state);
        if ($dried !== null) {
            $washSession->update(['plan' => ['drying' => $dried->value] + $washSession->plan]);
        }
    }

    /** A style that came down is over; the one that was made last is worn from now on. */
    private function worn(WashSession $washSession, WashSessionState $state, DateTimeImmutable $date): void
    {
        $made = null;
        foreach ($state->steps() as $step) {
            $key = is_string($step['key'] ?? null) ? $step['key'] : '';
            if (! $state->isDone($key)) {
                continue;
            }
            if (($step['kind'] ?? '') === WashStepKind::TakeDown->value) {
                $this->wornStyles->takenDown($washSession->head, $date);
            }
            $made = $this->styling($washSession, $state->templateOf($key) ?? $key) ?? $made;
        }
        if ($made !== null) {
            $this->wornStyles->begin($washSession->head, $made, $date);
        }
    }

    /** @param string $of the step as it was planned, or what it was put in as */
    private function styling(WashSession $washSession, string $of): ?StylingMethod
    {
        $planned = $washSession->plan['styling'] ?? null;

        return StylingMethod::tryFrom(match (true) {
            $of === 'style' => is_string($planned) ? $planned : '',
            str_starts_with($of, 'style-') => substr($of, strlen('style-')),
            default => '',
        });
    }

    /**
     * What was broken of the order for a reason, as it stands at the end.
     *
     * @return list<array{rule: string, because: string, by: string}>
     */
    private function broken(WashSession $washSession): array
    {
        $broken = [];
        foreach ($washSession->acts()->whereNull('refused')->get() as $act) {
            if (is_string($act->value['because'] ?? null) && is_string($act->value['rule'] ?? null)) {
                $broken[] = [
                    'rule' => $act->value['rule'], 'because' => $act->value['because'], 'by' => $act->by,
                ];
            }
        }

        return $broken;
    }

    /**
     * @param array<string, float> $said
     *
     * @return list<Step> what was really done to the balance, with the minutes it really took
     */
    private function steps(WashSessionState $state, array $said): array
    {
        [$steps, $times] = [[], new WashSessionTimes($state)];
        foreach (BookedSteps::of($state) as $key => ['step' => $planned, 'books' => $books, 'kind' => $kind]) {
            // What sat over night was timed by nobody.
            $isTimed = BookedSteps::teaches($kind) && ! StoredSteps::isBefore($books);
            $minutes = $isTimed ? $said[$key] ?? $this->minutes($times, $kind, $key) : null;
            if ($isTimed && $minutes === null && $kind->needsMinutes()) {
                $minutes = $this->number($planned, 'waiting_minutes');
            }
            $steps[] = StoredSteps::done(
                $kind,
                $books,
                $minutes === null || $kind === StepKind::Detangle ? $minutes : $times->counted($key, $minutes, $said),
                $state->repeats($key),
                StepBottle::taken($planned, $state)?->name,
            );
        }

        return $steps;
    }
}
