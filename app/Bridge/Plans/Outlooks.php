<?php

declare(strict_types=1);

namespace App\Bridge\Plans;

use App\Bridge\Clients\HeadRecord;
use App\Bridge\Clients\OwnPace;
use App\Bridge\Clients\SimilarHeads;
use App\Bridge\Readings\TestsWorthTaking;
use App\Models\Head;
use App\Models\Outlook;
use App\Models\VisitStatement;
use App\Models\WashSession;
use DateTimeImmutable;
use DateTimeInterface;
use Illuminate\Support\Facades\DB;
use Nagomi\Core\Estimation\BandExit;
use Nagomi\Core\Estimation\CellProbabilities;
use Nagomi\Core\Estimation\FilterJournal;
use Nagomi\Core\Estimation\FilterRun;
use Nagomi\Core\Estimation\HeadHistory;
use Nagomi\Core\Estimation\KalmanFilter;
use Nagomi\Core\Estimation\Smoother;
use Nagomi\Core\Estimation\Snapshot;
use Nagomi\Core\Estimation\State;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Planning\Plan;
use Nagomi\Core\Planning\PlanConsequence;
use Nagomi\Core\Planning\Planner;
use Nagomi\Core\Planning\PlanTerms;
use Nagomi\Core\Planning\PlanVerdict;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Treatments\WashDay;
use Nagomi\Core\WashDay\Pace;

/**
 * Follows a head to today, plans its season and stores both, so that pages read what was computed once. It goes on from
 * the day before whatever changed; what lies further back is neither read nor computed again.
 */
final readonly class Outlooks
{
    /** Everything is to be followed anew; no day of a book lies before it. */
    public const FROM_THE_START = '1000-01-01';

    public const WEEKS_BACK = 12;
    public const WEEKS_AHEAD = 12;

    public function __construct(
        private BalanceDays $balanceDays,
        private ChairWork $chairWork,
        private HeadRecord $headRecord,
        private OutlookLength $outlookLength,
        private OutlookParts $outlookParts,
        private OutlookScalp $outlookScalp,
        private OutlookSigns $outlookSigns,
        private OwnPace $ownPace,
        private PlanForetold $planForetold,
        private PlannedSteps $plannedSteps,
        private StoredPlan $storedPlan,
        private StoredSnapshots $storedSnapshots,
        private TestsWorthTaking $testsWorthTaking,
        private Parameters $parameters,
    ) {
    }

    /** @param DateTimeInterface|null $since the earliest day that changed; null: everything did */
    public function of(Head $head, ?DateTimeInterface $since = null): Outlook
    {
        $head->loadMissing('salon');

        return DB::transaction(function () use ($head, $since): Outlook {
            // Two at once would each plan a season of its own.
            $this->lock($head);

            return $this->workedOut($head, $since);
        }, 5);
    }

    private function workedOut(Head $head, ?DateTimeInterface $since): Outlook
    {
        foreach (['washDays', 'readings', 'zoneParts', 'zonesBefore'] as $relation) {
            $head->unsetRelation($relation);
        }
        $today = Calendar::dayOf($head->salon->today());
        $due = $head->outlook_due_from;
        $since = $since === null ? null : Calendar::dayOf($due === null ? $since : min($due, $since));
        $frame = $this->headRecord->frame($head);
        $this->plannedSteps->note($head);
        $from = $since === null ? null : $this->storedSnapshots->before($head, $frame, $since);
        $this->storedSnapshots->forget($head, $from === null ? null : $since);
        $trace = KalmanFilter::through($this->headRecord->after($head, $frame, $from?->date), $today, $from);
        $this->storedSnapshots->keep($head, $trace);
        $this->balanceDays->keep($head, $trace, $from, $since, $today);
        $similar = SimilarHeads::minutesASection($head, $this->parameters->washDay);
        $pace = $this->headRecord->pace($head, $frame->head, $today, $similar);
        $lately = $this->headRecord->lately($head, $today);
        $terms = $this->headRecord->terms($head, pace: $pace);
        $plan = Planner::plan($trace->last(), $lately, self::WEEKS_AHEAD, $terms);
        $this->storedPlan->keep($head, $plan, $pace, $terms->takeDownOn);
        $this->planForetold->note($head, $trace, $plan, $today);
        $outlook = $this->stored($head, $frame, $trace, $plan, $terms, $lately, $pace);
        event(new SeasonPlanned($head->id));
        $head->setRelation('outlook', $outlook);
        $head->forceFill(['outlook_due_from' => null])->syncOriginalAttribute('outlook_due_from');
        DB::table('heads')->where('id', $head->id)->update(['outlook_due_from' => null]);

        return $outlook;
    }

    /** @param list<WashDay> $lately what was done as far back as any rule looks */
    private function stored(
        Head $head,
        HeadHistory $frame,
        FilterRun $trace,
        Plan $plan,
        PlanTerms $terms,
        array $lately,
        Pace $pace,
    ): Outlook {
        $today = Calendar::dayOf($head->salon->today());
        $state = $trace->last()->state;
        $buildUp = array_sum(array_map(
            fn (int $s): float => $state->layout->head->strata[$s]->share * $state->buildUp($s),
            array_keys($state->layout->head->strata),
        ));
        $cells = CellProbabilities::ofHead($state);
        $limits = $this->parameters->planning;
        $comesTo = PlanConsequence::of($plan, $limits);
        $verdict = PlanVerdict::sentence($cells, $buildUp, $plan, $today, $limits, $terms->notReadYet);

        return Outlook::query()->updateOrCreate(['head_id' => $head->id], [
            'salon_id' => $head->salon_id,
            'as_of' => $today->format('Y-m-d'),
            'verdict' => $verdict,
            'cells' => array_map(fn (float $probability): float => round($probability, 4), $cells),
            'standing' => $this->outlookParts->standing($state),
            'signs' => $this->outlookSigns->of($head, $state, $this->storedSnapshots->visits($head)),
            'hair_balance' => $this->outlookParts->balance(
                $this->lookedBack($head, $frame, $today),
                $plan,
                $lately,
                $this->storedSnapshots->visits($head),
                $today,
            ),
            'ledger' => $this->storedSnapshots->linesSince($trace),
            'clashes' => $this->outlookParts->clashes($plan),
            'limits_due' => true,
            'chair_work' => $this->chairWork->of($head, $plan, $terms, $today),
            'scalp' => $this->outlookScalp->of($plan, $terms->scalp, $head->wash_every_days, $terms->keepsRhythm),
            'foretold' => ForetoldBesides::of($pace, $terms->scalp, $today),
            'learned' => $this->learned($state),
            'done_at_home' => DoneAtHome::of($trace->last()->habits),
            'length' => $this->outlookLength->of($head, $today),
            'days_out' => round($comesTo->daysOut, 2),
            'plan_minutes' => round($comesTo->minutes, 1),
            'drifts_on' => BandExit::on($trace->last())?->format('Y-m-d'),
            'worth' => $this->testsWorthTaking->of($head, $state, $plan, $today),
            'similar_minutes' => $pace->similarMinutes,
        ] + $this->ownPace->of($head, $today));
    }

    /** The stored outlook, renewed first where the salon's day has moved on. */
    public function current(Head $head): Outlook
    {
        if ($head->outlook_due_from !== null) {
            return $this->due($head);
        }
        $outlook = $head->outlook;
        $today = $head->salon->today()->format('Y-m-d');
        if ($outlook?->as_of->format('Y-m-d') === $today) {
            return $outlook;
        }

        return DB::transaction(function () use ($head, $today): Outlook {
            $this->lock($head);
            /** @var Outlook|null $outlook */
            $outlook = $head->outlook()->first();
            if ($outlook?->as_of->format('Y-m-d') === $today) {
                // Somebody else opened it at the same moment.
                $head->setRelation('outlook', $outlook);

                return $outlook;
            }

            return $this->of($head, $outlook === null ? null : $head->salon->today());
        }, 5);
    }

    /**
     * The past weeks day by day, in the light of all that was read since.
     *
     * @return list<Snapshot>
     */
    private function lookedBack(Head $head, HeadHistory $frame, DateTimeImmutable $today): array
    {
        $window = $today->modify('-' . 7 * self::WEEKS_BACK . ' days');
        foreach ($frame->remaps as $remap) {
            // The smoother walks back through strata that stay what they are.
            $window = $remap->date <= $today ? max($window, $remap->date->modify('+1 day')) : $window;
        }
        $window = min($window, $today);
        $from = $this->storedSnapshots->before($head, $frame, $window);
        $journal = new FilterJournal();
        KalmanFilter::through($this->headRecord->after($head, $frame, $from?->date), $today, $from, journal: $journal);

        return array_values(array_filter(
            Smoother::of($journal),
            fn (Snapshot $point): bool => $point->date >= $window,
        ));
    }

    /** @return array<string, float> how much of what is the head's own is assumption: share of prior variance left */
    private function learned(State $state): array
    {
        $layout = $state->layout;
        $left = [];
        foreach (
            [
                'moisture-fading' => $layout->moistureFading,
                'protein-fading' => $layout->proteinFading,
                'uptake' => $layout->uptake,
            ] as $name => $index
        ) {
            $left[$name] = round(
                min(1.0, $state->covariance[$index][$index] / $this->parameters->model->learnedPriorSd[$name] ** 2),
                4,
            );
            $left["{$name}-factor"] = round(exp($state->mean[$index]), 3);
        }

        return $left;
    }

    /** Works out what is due of a head, if it still is once the head is locked. */
    public function due(Head $head): Outlook
    {
        return DB::transaction(function () use ($head): Outlook {
            $this->lock($head);
            $due = $head->outlook_due_from;
            $outlook = $this->of(
                $head,
                $due === null ? $head->salon->today() : ($due->format('Y-m-d') === self::FROM_THE_START ? null : $due),
            );
            $this->tell($head, $outlook);

            return $outlook;
        }, 5);
    }

    /** Reads the head's row anew and holds it until the transaction ends. */
    private function lock(Head $head): void
    {
        /** @var Head $locked */
        $locked = Head::query()->withoutGlobalScope('salon')->whereKey($head->id)->lockForUpdate()->sole();
        $head->setRawAttributes($locked->getAttributes(), true);
    }

    /** What visits and wash days have to say of the balance after them can be said only now. */
    private function tell(Head $head, Outlook $outlook): void
    {
        /** @var iterable<VisitStatement> $accounts */
        $accounts = VisitStatement::query()
            ->whereIn('visit_id', $head->visits()->reorder()->select('id'))
            ->whereNull('account->verdict')
            ->get();
        foreach ($accounts as $account) {
            $account->update(['account' => ['verdict' => $outlook->verdict] + $account->account]);
        }
        /** @var iterable<WashSession> $washSessions */
        $washSessions = $head
            ->washSessions()
            ->whereNotNull('finished_at')
            ->whereNotNull('outcome')
            ->whereNull('outcome->after')
            ->get();
        foreach ($washSessions as $washSession) {
            $washSession->update(['outcome' => ['after' => $outlook->standing] + ($washSession->outcome ?? [])]);
        }
    }
}
