<?php

declare(strict_types=1);

namespace App\Care;

use App\Models\Head;
use App\Models\Outlook;
use DateTimeImmutable;
use DateTimeInterface;
use Illuminate\Support\Facades\DB;
use Nagomi\Core\Balance\Cells;
use Nagomi\Core\Balance\Drift;
use Nagomi\Core\Balance\Filter;
use Nagomi\Core\Balance\History;
use Nagomi\Core\Balance\Journal;
use Nagomi\Core\Balance\Point;
use Nagomi\Core\Balance\Smoother;
use Nagomi\Core\Balance\State;
use Nagomi\Core\Head\CurlPattern;
use Nagomi\Core\Parameter\Model;
use Nagomi\Core\Reading\RetainedLength;
use Nagomi\Core\Season\Consequence;
use Nagomi\Core\Season\Planner;
use Nagomi\Core\Season\Verdict;

/**
 * Follows a head to today, plans its season and stores both, so that pages read what was computed once. It goes on from the day
 * before whatever changed; what lies further back is neither read nor computed again.
 */
final class Renewal
{
    public const WEEKS_BACK = 12;
    public const WEEKS_AHEAD = 12;

    /** @param DateTimeInterface|null $since the earliest day that changed; null: everything did */
    public static function of(Head $head, ?DateTimeInterface $since = null): Outlook
    {
        $head->loadMissing('salon');

        return DB::transaction(function () use ($head, $since): Outlook {
            // Two at once would each plan a season of its own.
            OutlookRefresh::lock($head);

            return self::workedOut($head, $since);
        }, 5);
    }

    private static function workedOut(Head $head, ?DateTimeInterface $since): Outlook
    {
        $head->unsetRelation('washDays')->unsetRelation('readings')->unsetRelation('zoneParts')->unsetRelation('zonesBefore');
        $today = HeadRecord::date($head->salon->today());
        $due = $head->outlook_due_from;
        $since = $since === null ? null : HeadRecord::date($due === null ? $since : min($due, $since));
        $frame = HeadRecord::frame($head);
        $from = $since === null ? null : StoredDays::before($head, $frame, $since);
        StoredDays::forget($head, $from === null ? null : $since);
        $trace = Filter::through(HeadRecord::after($head, $frame, $from?->date), $today, $from);
        StoredDays::keep($head, $trace);
        $state = $trace->last()->state;
        $pace = HeadRecord::pace($head, $frame->head, $today);
        $plan = Planner::plan($trace->last(), HeadRecord::lately($head, $today), self::WEEKS_AHEAD, $terms = HeadRecord::terms($head, pace: $pace));
        PlanKeeper::keep($head, $plan, $pace);
        $buildUp = array_sum(array_map(fn (int $s): float => $state->layout->head->strata[$s]->share * $state->buildUp($s), array_keys($state->layout->head->strata)));
        $cells = Cells::ofHead($state);
        $comesTo = Consequence::of($plan);
        $outlook = Outlook::query()->updateOrCreate(['head_id' => $head->id], [
            'salon_id' => $head->salon_id,
            'as_of' => $today->format('Y-m-d'),
            'verdict' => mb_substr(Verdict::sentence($cells, $buildUp, $plan, $today, $terms->notReadYet), 0, 400),
            'cells' => array_map(fn (float $probability): float => round($probability, 4), $cells),
            'standing' => OutlookParts::standing($state),
            'signs' => OutlookParts::signs(StoredDays::visits($head)),
            'river' => OutlookParts::river(self::lookedBack($head, $frame, $today), $plan, HeadRecord::lately($head, $today), StoredDays::visits($head), $today),
            'ledger' => StoredDays::linesSince($trace),
            'clashes' => OutlookParts::clashes($plan),
            'learned' => self::learned($state),
            'length' => self::length($head, $today),
            'days_out' => round($comesTo->daysOut, 2),
            'plan_minutes' => round($comesTo->minutes, 1),
            'drifts_on' => Drift::on($trace->last())?->format('Y-m-d'),
            'worth' => WorthTaking::of($head, $state, $plan, $today),
        ]);
        $head->setRelation('outlook', $outlook);
        $head->forceFill(['outlook_due_from' => null])->syncOriginalAttribute('outlook_due_from');
        DB::table('heads')->where('id', $head->id)->update(['outlook_due_from' => null]);

        return $outlook;
    }

    /** The stored outlook, renewed first where the salon's day has moved on. */
    public static function current(Head $head): Outlook
    {
        if ($head->outlook_due_from !== null) {
            return OutlookRefresh::now($head);
        }
        $outlook = $head->outlook;
        $today = $head->salon->today()->format('Y-m-d');
        if ($outlook?->as_of->format('Y-m-d') === $today) {
            return $outlook;
        }

        return DB::transaction(function () use ($head, $today): Outlook {
            OutlookRefresh::lock($head);
            /** @var Outlook|null $outlook */
            $outlook = $head->outlook()->first();
            if ($outlook?->as_of->format('Y-m-d') === $today) {
                // Somebody else opened it at the same moment.
                $head->setRelation('outlook', $outlook);

                return $outlook;
            }

            return self::of($head, $outlook === null ? null : $head->salon->today());
        }, 5);
    }

    /**
     * The past weeks day by day, in the light of all that was read since.
     *
     * @return list<Point>
     */
    private static function lookedBack(Head $head, History $frame, DateTimeImmutable $today): array
    {
        $window = $today->modify('-' . 7 * self::WEEKS_BACK . ' days');
        foreach ($frame->remaps as $remap) {
            // The smoother walks back through strata that stay what they are.
            $window = $remap->date <= $today ? max($window, $remap->date->modify('+1 day')) : $window;
        }
        $window = min($window, $today);
        $from = StoredDays::before($head, $frame, $window);
        $journal = new Journal();
        Filter::through(HeadRecord::after($head, $frame, $from?->date), $today, $from, journal: $journal);

        return array_values(array_filter(Smoother::of($journal), fn (Point $point): bool => $point->date >= $window));
    }

    /** @return array<string, float>|null what grew, was cut, kept and broke off, in mm */
    private static function length(Head $head, DateTimeImmutable $today): ?array
    {
        $length = RetainedLength::ofHistory(HeadRecord::lengths($head, $today), HeadRecord::trims($head, $today), CurlPattern::of($head->ring_mm, $head->bends_without_ring));

        return $length === null ? null : [
            'days' => $length->days,
            'grown' => round($length->grownMm, 1),
            'trimmed' => round($length->trimmedMm, 1),
            'retained' => round($length->retainedMm, 1),
            'broken' => round($length->brokenMm(), 1),
            'least' => round($length->brokenRangeMm()[0], 1),
            'most' => round($length->brokenRangeMm()[1], 1),
        ];
    }

    /** @return array<string, float> how much of what is the head's own is still assumption: the share of prior variance left, 0 to 1 */
    private static function learned(State $state): array
    {
        $layout = $state->layout;
        $left = [];
        foreach (['moisture-fading' => $layout->moistureFading, 'protein-fading' => $layout->proteinFading, 'uptake' => $layout->uptake] as $name => $index) {
            $left[$name] = round(min(1.0, $state->covariance[$index][$index] / Model::LEARNED_PRIOR_SD[$name] ** 2), 4);
            $left["{$name}-factor"] = round(exp($state->mean[$index]), 3);
        }

        return $left;
    }
}
