<?php

declare(strict_types=1);

namespace App\Pages\Today;

use App\Bridge\Products\DayStock;
use App\Bridge\Scheduling\SalonSchedule;
use App\Bridge\WashDays\PlannedMinutes;
use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\Clearance;
use App\Models\Head;
use App\Models\Outlook;
use App\Models\PlanItem;
use App\Models\Salon;
use App\Wording\ChairWorkWords;
use App\Wording\SalonClock;
use App\Wording\ScalpWords;
use App\Wording\StepWords;
use App\Wording\Words;
use Carbon\CarbonImmutable;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Scheduling\DaySchedule;

/**
 * The morning desk: who comes, what each needs and why, whether these hands can do it; who drifts, what runs short,
 * whom to call. Read from what is stored.
 */
final readonly class TodayScreen
{
    /** Who leaves the band within so many days and is not booked before is drifting. */
    private const DRIFTS_WITHIN_DAYS = 7;
    private const MOST_DRIFTING = 8;

    /** A no-show is called within so many days. */
    private const CALLED_WITHIN_DAYS = 7;

    public function __construct(
        private DayStock $dayStock,
        private HandsTimeline $handsTimeline,
        private SalonSchedule $salonSchedule,
        private Parameters $parameters,
    ) {
    }


    public function of(Salon $salon, CarbonImmutable $date): TodayPage
    {
        $bookings = $this->salonSchedule->bookings($salon, $date);
        $line = $this->salonSchedule->of($salon, $date, $bookings);
        $items = $this->items($bookings, $date);
        /** @var Collection<string, Outlook> $outlooks */
        $outlooks = Outlook::query()
            ->where('salon_id', $salon->id)
            ->whereIn('head_id', $bookings->pluck('head_id'))
            ->get(['head_id', 'salon_id', 'verdict', 'scalp', 'chair_work'])
            ->keyBy('head_id');

        return new TodayPage(
            salon: $salon,
            date: $date,
            isToday: $date->equalTo($salon->today()),
            rows: array_values($bookings->map(
                fn (Booking $booking): TodayRow => $this->row(
                    $salon,
                    $booking,
                    $line,
                    $items[$booking->head_id] ?? null,
                    $outlooks[$booking->head_id] ?? null,
                ),
            )->all()),
            picture: $line === null
                ? null
                : $this->handsTimeline->of($salon, $date, $line, $bookings, $this->salonSchedule->stylists($salon)),
            line: $line,
            stale: $this->stale($salon),
            drifting: $this->drifting($salon),
            short: $this->dayStock->short($salon, $bookings, $items),
            calls: $this->calls($salon, $bookings, $line),
        );
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
        $verdict = $outlook->verdict ?? '';
        $placing = $line->placed[$booking->id] ?? null;
        $finish = $placing === null || $line === null ? null : $line->finish($booking->id);
        $late = $line === null || $booking->status === BookingStatus::UnderWay ? 0 : $line->lateMinutes($booking->id);
        $planned = $booking->is_wash_day ? $item : null;

        return new TodayRow(
            booking: $booking,
            starts: SalonClock::shown(SalonClock::minute($salon, $booking->starts_at)),
            begins: $placing === null ? null : SalonClock::shown($placing->start()),
            late: $late >= $this->parameters->scheduling->lateFromMinutes ? $late : 0,
            through: $finish === null ? null : SalonClock::shown($finish['p50']),
            surely: $finish === null ? null : SalonClock::shown($finish['p90']),
            noPlace: $line !== null && in_array($booking->id, $line->without(), true),
            needs: $planned === null ? '' : StepWords::summary($planned->steps),
            because: $planned === null ? $verdict : ($planned->reasons[0] ?? $verdict),
            look: $item->look ?? false,
            scalp: $this->scalp($booking->head, $outlook),
            due: $this->due($booking, $outlook),
            parts: PlannedMinutes::beside($booking->minutes, $booking->parts),
        );
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
        $until = $today->addDays(self::DRIFTS_WITHIN_DAYS)->format('Y-m-d');
        $drifting = [];
        /** @var iterable<Outlook> $outlooks */
        $outlooks = Outlook::query()
            ->with('head:id,salon_id,name')
            ->select(['head_id', 'salon_id', 'drifts_on'])
            ->where('salon_id', $salon->id)
            ->where('drifts_on', '<=', $until)
            ->whereNotExists(
                fn (Builder $query): Builder => $query
                    ->from('bookings')
                    ->whereColumn('bookings.head_id', 'outlooks.head_id')
                    ->whereBetween('bookings.date', [$today->format('Y-m-d'), $until])
                    ->whereIn('bookings.status', ['booked', 'arrived', 'under-way', 'done']),
            )
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

    /**
     * @param Collection<int, Booking> $bookings
     *
     * @return list<array{head: Head, why: string}> whom to call, and why
     */
    private function calls(Salon $salon, Collection $bookings, ?DaySchedule $line): array
    {
        $calls = $line === null ? [] : $this->late($bookings, $line);
        $today = $salon->today();
        /** @var iterable<Booking> $noShows */
        $noShows = Booking::query()
            ->with('head:id,salon_id,name')
            ->where('salon_id', $salon->id)
            ->where('status', BookingStatus::NoShow)
            ->whereBetween(
                'date',
                [$today->subDays(self::CALLED_WITHIN_DAYS)->format('Y-m-d'), $today->format('Y-m-d')],
            )
            ->get();
        foreach ($noShows as $missed) {
            $calls[] = [
                'head' => $missed->head,
                'why' => 'Did not come on ' . $missed->date->format('D j M') . '.',
            ];
        }
        return [...$calls, ...$this->barred($salon)];
    }

    /** @return list<array{head: Head, why: string}> whose treatments a sign bars: looked at again, or asked about */
    private function barred(Salon $salon): array
    {
        $calls = [];
        /** @var Collection<int, Clearance> $unlooked */
        $unlooked = Clearance::query()
            ->with('head:id,salon_id,name')
            ->where('salon_id', $salon->id)
            ->where('by_reading', true)
            ->whereNull('confirmed_on')
            ->whereNull('cleared_on')
            ->orderBy('id')
            ->get();
        foreach ($unlooked->unique('head_id') as $raised) {
            $calls[] = [
                'head' => $raised->head,
                'why' => Words::say('scalp.raised.call', ['seen' => $raised->seen]),
            ];
        }
        /** @var iterable<Head> $signed */
        $signed = Head::query()
            ->where('salon_id', $salon->id)
            ->where('red_sign', true)
            ->whereNotIn('id', $unlooked->pluck('head_id'))
            ->orderBy('name')
            ->get(['id', 'salon_id', 'name']);
        foreach ($signed as $head) {
            $calls[] = [
                'head' => $head,
                'why' => 'A sign that bars treatments is not cleared yet: ask what the clinician said.',
            ];
        }

        return $calls;
    }

    /**
     * @param Collection<int, Booking> $bookings
     *
     * @return list<array{head: Head, why: string}> those who begin later than promised, or find no place any more
     */
    private function late(Collection $bookings, DaySchedule $line): array
    {
        $calls = [];
        foreach ($bookings as $booking) {
            if (
                $booking->status === BookingStatus::Booked
                    && $line->lateMinutes($booking->id) >= $this->parameters->scheduling->lateFromMinutes
            ) {
                $calls[] = [
                    'head' => $booking->head,
                    'why' => 'Cannot begin before '
                        . SalonClock::shown($line->placed[$booking->id]->start())
                        . ', '
                        . $line->lateMinutes($booking->id)
                        . ' minutes later than promised.',
                ];
            }
            if ($booking->status->isOpen() && in_array($booking->id, $line->without(), true)) {
                $calls[] = [
                    'head' => $booking->head,
                    'why' => 'Finds no place in the day any more: offer another.',
                ];
            }
        }

        return $calls;
    }
}
