<?php

declare(strict_types=1);

namespace App\Care\WashDays;

use App\Bridge\Clients\RecordImporter;
use App\Bridge\Plans\OutlookRefresh;
use App\Bridge\Plans\Outlooks;
use App\Bridge\Plans\StoredSteps;
use App\Bridge\Products\StepBottles;
use App\Bridge\WashDays\StepBottle;
use App\Bridge\WashDays\WashSessionState;
use App\Care\Acts\ActAnswer;
use App\Care\Acts\EachAct;
use App\Care\Acts\SentAct;
use App\Care\Readings\Visits;
use App\Care\Scheduling\BookingProgress;
use App\Models\WashSession;
use App\Models\WashSessionAct;
use App\Wording\Words;
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

/** Takes the acts of a running wash day in, each once, and puts what was really done into the book. */
final readonly class WashSessionActs
{
    public function __construct(
        private BookingProgress $bookingProgress,
        private EachAct $eachAct,
        private OutlookRefresh $outlookRefresh,
        private Outlooks $outlooks,
        private RecordImporter $recordImporter,
        private StepBottles $stepBottles,
        private Visits $visits,
        private WashBottles $washBottles,
        private WornStyles $wornStyles,
        private Parameters $parameters,
    ) {
    }

    /**
     * @param list<SentAct> $acts
     *
     * @return list<ActAnswer>
     */
    public function act(WashSession $washSession, array $acts, string $by, string $device): array
    {
        return DB::transaction(function () use ($washSession, $acts, $by, $device): array {
            // Two tablets at one head: one after the other.
            /** @var WashSession $locked */
            $locked = WashSession::query()->whereKey($washSession->id)->lockForUpdate()->sole();
            $washSession->setRawAttributes($locked->getAttributes(), true);
            $known = [];
            foreach ($this->acts($washSession) as $act) {
                $known[$act->key] = $act->refused;
            }
            $state = WashSessionState::of($washSession, $this->acts($washSession));

            return $this->eachAct->take(
                $acts,
                function (SentAct $act) use ($washSession, $state, $by, $device, &$known): ActAnswer {
                    if (array_key_exists($act->key, $known)) {
                        return $known[$act->key] === null
                            ? ActAnswer::alreadyTaken($act->key)
                            : ActAnswer::refused($act->key, $known[$act->key]);
                    }
                    $problem = WashTap::problem($act, $washSession->sections());
                    if ($problem !== null) {
                        return ActAnswer::unreadable($act->key, Words::say("acts.{$problem}"));
                    }
                    $made = $this->made($washSession, $state, $act, $by, $device);
                    $known[$act->key] = $made->refused;
                    $state->apply($made);

                    return $made->refused === null
                        ? ActAnswer::taken($act->key)
                        : ActAnswer::refused($act->key, $made->refused);
                },
            );
        });
    }

    /** The tap as it stands in the book, whether it counts or not. */
    private function made(
        WashSession $washSession,
        WashSessionState $state,
        SentAct $act,
        string $by,
        string $device,
    ): WashSessionAct {
        $zone = $washSession->head->salon->timezone;
        $step = $act->text('step');
        $refused = $washSession->finished_at === null ? $state->refuses($act->kind, $step, $device) : 'ended';
        $isBottle = $act->kind === 'bottle';
        $refused ??= $isBottle && ! $this->washBottles->knows($washSession, $act) ? 'no-bottle' : null;
        $value = $refused === null && $isBottle
            ? $this->washBottles->putAway($washSession, $state, $act, $by)
            : $act->list('value');
        $before = $state->doneBy($step);
        $time = $refused === 'ended' ? $washSession->finished_at : $before['at'];

        return $washSession->acts()->create([
            'key' => $act->key,
            'kind' => $act->kind,
            'step' => $step,
            'value' => $value,
            'acted_at' => $act->at->max($washSession->created_at),
            'by' => $by,
            'device' => $device,
            'refused' => $refused === null ? null : mb_substr(Words::say("acts.wash.{$refused}", [
                'by' => $before['by'],
                'time' => $time?->setTimezone($zone)->format('H:i') ?? '',
            ]), 0, 200),
        ]);
    }

    /** @return list<WashSessionAct> */
    public function acts(WashSession $washSession): array
    {
        return array_values($washSession->acts()->get()->all());
    }

    /**
     * Steps whose minutes a forgotten or hurried tap may have made.
     *
     * @return array<string, array{label: string, minutes: float, says: float, planned: float}> by key of the step
     */
    public function doubtful(WashSession $washSession): array
    {
        $state = WashSessionState::of($washSession, $this->acts($washSession));
        $doubtful = [];
        foreach ($washSession->steps() as $i => $planned) {
            $key = is_string($planned['key'] ?? null) ? $planned['key'] : '';
            $kind = StepKind::tryFrom(
                is_array($planned['books'] ?? null) && is_string($planned['books']['kind'] ?? null)
                    ? $planned['books']['kind']
                    : '',
            );
            $isBefore = StoredSteps::isBefore($planned['books']);
            if ($kind === null || ! $state->isDone($key) || ! $this->teaches($kind) || $isBefore) {
                continue;
            }
            $usual = $kind === StepKind::Detangle
                ? $this->number($planned, 'hands_on_minutes')
                : $this->onFor($washSession->steps(), $i);
            $minutes = $this->minutes($state, $kind, $key);
            if ($minutes !== null && DoubtfulMinutes::are($minutes, $usual, $this->parameters->washDay)) {
                $doubtful[$key] = [
                    'label' => is_string($planned['label'] ?? null) ? $planned['label'] : $key,
                    'minutes' => round($minutes, 1),
                    'says' => round($minutes < Step::LEAST_MINUTES ? $usual : $minutes, 1),
                    'planned' => round($usual),
                ];
            }
        }

        return $doubtful;
    }

    /**
     * Minutes a treatment is planned to be on: its own, and those of the hands that work beside it.
     *
     * @param list<array<string, mixed>> $steps
     */
    private function onFor(array $steps, int $i): float
    {
        $minutes = $this->number($steps[$i], 'waiting_minutes');
        for ($next = $i + 1; ($steps[$next]['beside'] ?? false) === true; $next++) {
            $minutes += $this->number($steps[$next], 'hands_on_minutes');
        }

        return $minutes;
    }

    /** @param array<string, mixed> $step */
    private function number(array $step, string $name): float
    {
        return is_numeric($step[$name] ?? null) ? (float) $step[$name] : 0.0;
    }

    private function teaches(StepKind $kind): bool
    {
        return $kind === StepKind::Detangle || $kind === StepKind::PreWash || $kind->needsMinutes();
    }

    private function minutes(WashSessionState $state, StepKind $kind, string $key): ?float
    {
        return $kind === StepKind::Detangle ? $state->handsMinutes($key) : $state->contactMinutes($key);
    }

    /**
     * Ends the day: what was done goes into the book, what was used off the shelf, what came for free to the Bench.
     *
     * @param array<string, float> $said minutes of steps as somebody said they were, by key
     */
    public function finish(WashSession $washSession, string $by, array $said = []): void
    {
        DB::transaction(function () use ($washSession, $by, $said): void {
            // Two devices end one wash day: the second finds it ended.
            /** @var WashSession $locked */
            $locked = WashSession::query()->whereKey($washSession->id)->lockForUpdate()->sole();
            $washSession->setRawAttributes($locked->getAttributes(), true);
            if ($washSession->finished_at !== null) {
                return;
            }
            $head = $washSession->head;
            $head->loadMissing(['salon', 'outlook']);
            $before = $this->outlooks->current($head)->standing;
            $state = WashSessionState::of($washSession, $this->acts($washSession));
            $washSession->update(['finished_at' => now()]);
            $this->bookingProgress->through($head, $by);
            $date = Calendar::dayOf($washSession->date);
            $steps = $this->stepBottles->known($head, $this->steps($washSession, $state, $said));
            $key = strtolower((string) Str::ulid());
            if ($steps !== []) {
                $this->recordImporter->washDays($head, [new WashDay($key, $date, $steps, Place::Salon)]);
            }
            $this->washBottles->usedUp($washSession, $state, $by);
            $readings = WashSessionReadings::of($state, $head->sections, $date, $by, $said);
            $visit = null;
            // Each moment of the day is a visit of its own; foam tells of the hair as it came.
            foreach ($readings as $reading) {
                $visit = $this->visits->take($head, strtolower((string) Str::ulid()), [$reading], $by)->id;
            }
            $this->styled($washSession, $state, $date);
            $this->outlookRefresh->after($head, $date);
            $washSession->update(['wash_day' => $steps === [] ? null : $key, 'visit' => $visit, 'outcome' => [
                'before' => $before,
                'planned_minutes' => $washSession->plan['finish_minutes'] ?? null,
                'actual_minutes' => $state->minutesInAll(),
                'steps' => $state->compared(),
            ]]);
        });
    }

    private function styled(WashSession $washSession, WashSessionState $state, DateTimeImmutable $date): void
    {
        $styling = StylingMethod::tryFrom(
            is_string($washSession->plan['styling'] ?? null) ? $washSession->plan['styling'] : '',
        );
        if ($styling !== null && $state->isDone('style')) {
            $this->wornStyles->begin($washSession->head, $styling, $date);
        }
    }

    /**
     * @param array<string, float> $said
     *
     * @return list<Step> what was really done to the balance, with the minutes it really took
     */
    private function steps(WashSession $washSession, WashSessionState $state, array $said): array
    {
        $steps = [];
        foreach ($washSession->steps() as $planned) {
            $books = is_array($planned['books'] ?? null) ? $planned['books'] : null;
            $key = is_string($planned['key'] ?? null) ? $planned['key'] : '';
            $kind = StepKind::tryFrom(is_string($books['kind'] ?? null) ? $books['kind'] : '');
            if ($books === null || $kind === null || ! $state->isDone($key)) {
                continue;
            }
            // What sat over night was timed by nobody.
            $isTimed = $this->teaches($kind) && ! StoredSteps::isBefore($books);
            $steps[] = StoredSteps::done(
                $kind,
                $books,
                $isTimed ? $said[$key] ?? $this->minutes($state, $kind, $key) : null,
                $state->repeats($key),
                StepBottle::taken($planned, $state)?->name,
            );
        }

        return $steps;
    }
}
