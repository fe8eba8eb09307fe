<?php

declare(strict_types=1);

namespace App\Pages\Today;

use App\Bridge\Products\DayStock;
use App\Bridge\Scheduling\Attendance;
use App\Bridge\Scheduling\BookedAppointments;
use App\Bridge\Scheduling\DueClients;
use App\Bridge\Scheduling\SalonSchedule;
use App\Bridge\WashDays\PlannedMinutes;
use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\Head;
use App\Models\Outlook;
use App\Models\PlanItem;
use App\Models\Salon;
use App\Models\User;
use App\Wording\ChairWorkWords;
use App\Wording\Said;
use App\Wording\SalonClock;
use App\Wording\ScalpWords;
use App\Wording\StepWords;
use App\Wording\Words;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Scheduling\DaySchedule;

/**
 * The morning desk: who comes, what each needs and why, whether these hands can do it; who drifts, what runs short,
 * whom to call. Read from what is stored.
 */
final readonly class TodayScreen
{
    private const MOST_DRIFTING = 8;

    public function __construct(
        private Calls $calls,
        private DayQuestions $dayQuestions,
        private DayStock $dayStock,
        private ForgettingNotice $forgettingNotice,
        private HandsNow $handsNow,
        private HandsTimeline $handsTimeline,
        private LeftOpenWashes $leftOpenWashes,
        private OrderWords $orderWords,
        private SalonSchedule $salonSchedule,
        private WaitingClients $waitingClients,
        private Parameters $parameters,
    ) {
    }


    /** @param bool $thoroughly searched for as long as a page that is shown already can wait */
    public function of(Salon $salon, CarbonImmutable $date, bool $thoroughly = false): TodayPage
    {
        $bookings = $this->salonSchedule->bookings($salon, $date);
        $line = $this->salonSchedule->of($salon, $date, $bookings, $thoroughly);
        $stylists = $this->salonSchedule->stylists($salon);
        $items = $this->items($bookings, $date);
        $now = $this->salonSchedule->now($salon, $date);
        $lines = $line === null ? [] : $this->handsTimeline->lines($salon, $date, $line, $bookings, $stylists);
        $rows = $this->rows($salon, $bookings, $line, $items);

        return new TodayPage(
            salon: $salon,
            date: $date,
            isToday: $date->equalTo($salon->today()),
            isEnding: $date->lessThanOrEqualTo($salon->today()),
            isOver: $date->lessThan($salon->today()),
            isBeginning: $rows === [] && ! Head::query()->where('salon_id', $salon->id)->exists(),
            rows: DayRows::of($rows),
            cards: $now === null ? [] : $this->handsNow->of($salon, $bookings, $lines, $now),
            picture: $line === null ? null : $this->handsTimeline->picture($line, $lines, $now),
            order: $line === null ? '' : $this->orderWords->of($line),
            outside: $line === null ? [] : [
                ...$this->orderWords->outsideHours($line, $stylists),
                ...$this->orderWords->clocks($salon, $date, $line),
            ],
            isSearchedOn: $line?->isWorthALongerLook() === true,
            asked: $line === null ? [] : $this->dayQuestions->asked($salon, $date, $bookings, $line, $stylists),
            exchanges: $line === null ? [] : $this->dayQuestions->exchanges($bookings, $line, $stylists),
            handovers: $line === null ? [] : self::handovers($bookings, $line, $date->lessThan($salon->today())),
            stale: $this->stale($salon),
            forgetting: $this->forgettingNotice->of($salon),
            drifting: $this->drifting($salon),
            leftOpen: $this->leftOpenWashes->of($salon),
            short: $this->dayStock->short($salon, $bookings, $items),
            stylistNames: $stylists->map(fn (User $user): string => explode(' ', $user->name)[0])->all(),
            waiting: $this->waitingClients->on($salon, $date, $line, $bookings),
            calls: $this->calls->of($salon, $bookings, $line),
        );
    }

    /**
     * @param Collection<int, Booking> $bookings
     * @param array<string, PlanItem>  $items
     *
     * @return list<TodayRow>
     */
    private function rows(Salon $salon, Collection $bookings, ?DaySchedule $line, array $items): array
    {
        /** @var Collection<string, Outlook> $outlooks */
        $outlooks = Outlook::query()
            ->where('salon_id', $salon->id)
            ->whereIn('head_id', $bookings->pluck('head_id'))
            ->get(['head_id', 'salon_id', 'as_of', 'verdict', 'scalp', 'chair_work', 'cells', 'standing'])
            ->keyBy('head_id');
        // A strand stands beside each name.
        foreach ($bookings as $booking) {
            $booking->head->setRelation('outlook', $outlooks[$booking->head_id] ?? null);
        }

        return array_values($bookings->map(
            fn (Booking $booking): TodayRow => $this->row(
                $salon,
                $booking,
                $line,
                $items[$booking->head_id] ?? null,
                $outlooks[$booking->head_id] ?? null,
            ),
        )->all());
    }

    /**
     * @param Collection<int, Booking> $bookings
     *
     * @return array<int, string> stylists who are away with clients still booked, in short, by key
     */
    private static function handovers(Collection $bookings, DaySchedule $line, bool $isOver): array
    {
        $away = [];
        foreach ($isOver ? [] : $bookings as $booking) {
            $isOpen = in_array($booking->status, [BookingStatus::Booked, BookingStatus::Arrived], true);
            $starts = SalonClock::minute($booking->salon, $booking->date, $booking->starts_at);
            if ($isOpen && $line->day->isGone(SalonSchedule::hands($booking->user_id), $starts)) {
                $away[$booking->user_id] = explode(' ', $booking->user->name)[0];
            }
        }

        return $away;
    }

    /** @return int heads that were last worked out before today; they are worked out beside the page */
    private function stale(Salon $salon): int
    {
        return Outlook::query()
            ->where('salon_id', $salon->id)
            ->where('as_of', '<', $salon->today()->format('Y-m-d'))
            ->count();
    }

    /**
     * @param Collection<int, Booking> $bookings
     *
     * @return array<string, PlanItem> what is planned for each head on the day or near it
     */
    private function items(Collection $bookings, CarbonImmutable $date): array
    {
        $around = [
            $date->subDays(PlanItem::SAME_WITHIN_DAYS)->format('Y-m-d'),
            $date->addDays(PlanItem::SAME_WITHIN_DAYS)->format('Y-m-d'),
        ];
        $items = [];
        /** @var Collection<string, Collection<int, PlanItem>> $byHead */
        $byHead = PlanItem::query()
            ->whereIn('head_id', $bookings->pluck('head_id'))
            ->where('status', 'planned')
            ->whereBetween('date', $around)
            ->get()
            ->groupBy('head_id');
        foreach ($byHead as $head => $planned) {
            $items[$head] = PlanItem::near($planned, $date);
        }

        return array_filter($items);
    }

    private function row(
        Salon $salon,
        Booking $booking,
        ?DaySchedule $line,
        ?PlanItem $item,
        ?Outlook $outlook,
    ): TodayRow {
        $placing = $line->placed[$booking->id] ?? null;
        $finish = $placing === null || $line === null ? null : $line->finish($booking->id);
        $late = $line === null || $booking->status === BookingStatus::UnderWay ? 0 : $line->lateMinutes($booking->id);
        $least = $this->parameters->scheduling->lateFromMinutes;
        $seated = $line?->day->seated[$booking->id][1] ?? null;
        $planned = $booking->is_wash_day ? $item : null;
        $because = $planned->reasons[0] ?? $outlook?->verdict;

        return new TodayRow(
            booking: $booking,
            starts: SalonClock::shown(SalonClock::minute($salon, $booking->date, $booking->starts_at)),
            begins: $placing === null ? null : SalonClock::shown($placing->start()),
            late: $late >= $least ? $late : 0,
            comesAt: $booking->status === BookingStatus::Booked && $booking->expected_at !== null
                ? SalonClock::shown(SalonClock::minute($salon, $booking->date, $booking->expected_at))
                : null,
            cameLate: ($line?->appointment($booking->id)->ownDelay ?? 0)
                > $this->parameters->scheduling->punctualWithinMinutes,
            waitsUntil: $line !== null && $line->waitsInChair($booking->id) >= $least && $placing !== null
                ? SalonClock::shown($placing->start())
                : null,
            through: self::through($finish['p50'] ?? $seated),
            surely: $finish === null ? null : SalonClock::shown($finish['p90']),
            noPlace: $line === null
                ? $booking->status->isOpen()
                : in_array($booking->id, $line->without(), true),
            lacks: BookedAppointments::lacks($booking),
            attendance: Attendance::of(
                $booking,
                $this->salonSchedule->now($salon, $booking->date),
                $this->parameters->scheduling,
            ),
            needs: $planned === null ? '' : StepWords::summary($planned->steps),
            because: $because === null ? '' : Said::of($because),
            look: $item->look ?? false,
            scalp: $this->scalp($booking->head, $outlook),
            due: $this->due($booking, $outlook),
            parts: PlannedMinutes::beside($booking->minutes, $booking->parts),
        );
    }

    private static function through(?int $minute): ?string
    {
        return $minute === null ? null : SalonClock::shown($minute);
    }

    /** What is due in the chair by the day of a booking, a take-down sooner than a trim. */
    private function due(Booking $booking, ?Outlook $outlook): string
    {
        return ChairWorkWords::due($outlook->chair_work ?? [], $booking->date->format('Y-m-d'));
    }

    private function scalp(Head $head, ?Outlook $outlook): string
    {
        if ($head->sore_scalp) {
            return Words::say('scalp.raised.open');
        }

        return $outlook?->scalp === null || ! ScalpWords::standsOut($outlook->scalp)
            ? ''
            : Words::say('scalp.title') . ': ' . lcfirst(ScalpWords::standing($outlook->scalp));
    }

    /**
     * @return list<array{outlook: Outlook, days: int}> who leaves the band soon and is not booked, the soonest first
     */
    private function drifting(Salon $salon): array
    {
        $today = $salon->today();
        $drifting = [];
        /** @var iterable<Outlook> $outlooks */
        $outlooks = Outlook::query()
            ->with('head:id,salon_id,name')
            ->select(['head_id', 'salon_id', 'drifts_on'])
            ->where('salon_id', $salon->id)
            ->where('drifts_on', '<=', DueClients::until($today))
            ->whereNotExists(DueClients::seenTo('outlooks.head_id', $today))
            ->orderBy('drifts_on')->limit(self::MOST_DRIFTING)->get();
        foreach ($outlooks as $outlook) {
            $drifting[] = [
                'outlook' => $outlook,
                'days' => $outlook->drifts_on === null
                    ? 0
                    : max(0, (int) round($today->diffInDays($outlook->drifts_on, false))),
            ];
        }

        return $drifting;
    }
}
