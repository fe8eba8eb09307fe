<?php

declare(strict_types=1);

namespace App\Care\Desk;

use App\Care\StepWords;
use App\Jobs\RenewSalon;
use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\Head;
use App\Models\Outlook;
use App\Models\PlanItem;
use App\Models\Salon;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Nagomi\Core\HandsLine\DayLine;
use Nagomi\Core\Parameter\HandsModel;

/** The morning desk: who comes, what each needs and why, whether these hands can do it; who drifts, what runs short, whom to call. Read from what is stored. */
final class TodayPage
{
    /** Who leaves her band within so many days and is not booked before is drifting. */
    private const DRIFTS_WITHIN_DAYS = 7;
    private const MOST_DRIFTING = 8;

    /** A no-show is called within so many days. */
    private const CALLED_WITHIN_DAYS = 7;

    /** @return array<string, mixed> */
    public static function of(Salon $salon, CarbonImmutable $date): array
    {
        $bookings = DayPlan::bookings($salon, $date);
        $line = DayPlan::of($salon, $date, $bookings);
        $items = self::items($bookings, $date);
        $verdicts = Outlook::query()->where('salon_id', $salon->id)->whereIn('head_id', $bookings->pluck('head_id'))->pluck('verdict', 'head_id');

        return [
            'salon' => $salon,
            'date' => $date,
            'isToday' => $date->equalTo($salon->today()),
            'rows' => $bookings->map(fn (Booking $booking): array => self::row($salon, $booking, $line, $items[$booking->head_id] ?? null, (string) ($verdicts[$booking->head_id] ?? '')))->values()->all(),
            'picture' => $line === null ? null : DayDrawing::of($salon, $date, $line, $bookings, DayPlan::stylists($salon)),
            'line' => $line,
            'stale' => self::stale($salon),
            'drifting' => self::drifting($salon),
            'short' => DayStock::short($salon, $bookings, $items),
            'calls' => self::calls($salon, $bookings, $line),
        ];
    }

    /** @return int heads that were last worked out before today; they are worked out now, beside the page */
    private static function stale(Salon $salon): int
    {
        $stale = Outlook::query()->where('salon_id', $salon->id)->where('as_of', '<', $salon->today()->format('Y-m-d'))->count();
        if ($stale > 0) {
            RenewSalon::dispatch($salon->id);
        }

        return $stale;
    }

    /**
     * @param Collection<int, Booking> $bookings
     *
     * @return array<string, PlanItem> what is planned for each head on the day or near it
     */
    private static function items(Collection $bookings, CarbonImmutable $date): array
    {
        $around = [$date->subDays(PlanItem::SAME_WITHIN_DAYS)->format('Y-m-d'), $date->addDays(PlanItem::SAME_WITHIN_DAYS)->format('Y-m-d')];
        $items = [];
        /** @var Collection<string, Collection<int, PlanItem>> $byHead */
        $byHead = PlanItem::query()->whereIn('head_id', $bookings->pluck('head_id'))->where('status', 'planned')->whereBetween('date', $around)->get()->groupBy('head_id');
        foreach ($byHead as $head => $planned) {
            $items[$head] = PlanItem::near($planned, $date);
        }

        return array_filter($items);
    }

    /** @return array<string, mixed> */
    private static function row(Salon $salon, Booking $booking, ?DayLine $line, ?PlanItem $item, string $verdict): array
    {
        $placing = $line->placed[$booking->id] ?? null;
        $finish = $placing === null || $line === null ? null : $line->finish($booking->id);
        $late = $line === null ? 0 : $line->lateMinutes($booking->id);

        return [
            'booking' => $booking,
            'starts' => Clock::shown(Clock::minute($salon, $booking->starts_at)),
            'begins' => $placing === null ? null : Clock::shown($placing->start()),
            'late' => $late >= HandsModel::LATE_FROM_MINUTES && $booking->status !== BookingStatus::UnderWay ? $late : 0,
            'finish' => $finish === null ? null : ['likely' => Clock::shown($finish['p50']), 'surely' => Clock::shown($finish['p90'])],
            'noPlace' => $line !== null && in_array($booking->id, $line->without(), true),
            'needs' => ! $booking->is_wash_day || $item === null ? '' : StepWords::summary($item->steps),
            'because' => ! $booking->is_wash_day || $item === null ? $verdict : ($item->reasons[0] ?? $verdict),
            'look' => $item->look ?? false,
        ];
    }

    /** @return list<array{outlook: Outlook, days: int}> who leaves her band soon and is not booked, the soonest first */
    private static function drifting(Salon $salon): array
    {
        $today = $salon->today();
        $until = $today->addDays(self::DRIFTS_WITHIN_DAYS)->format('Y-m-d');
        $drifting = [];
        /** @var iterable<Outlook> $outlooks */
        $outlooks = Outlook::query()->with('head:id,salon_id,name')->select(['head_id', 'salon_id', 'drifts_on'])->where('salon_id', $salon->id)->where('drifts_on', '<=', $until)
            ->whereNotExists(fn ($query) => $query->from('bookings')->whereColumn('bookings.head_id', 'outlooks.head_id')->whereBetween('bookings.date', [$today->format('Y-m-d'), $until])->whereIn('bookings.status', ['booked', 'arrived', 'under-way', 'done']))
            ->orderBy('drifts_on')->limit(self::MOST_DRIFTING)->get();
        foreach ($outlooks as $outlook) {
            $drifting[] = ['outlook' => $outlook, 'days' => $outlook->drifts_on === null ? 0 : max(0, (int) round($today->diffInDays($outlook->drifts_on, false)))];
        }

        return $drifting;
    }

    /**
     * @param Collection<int, Booking> $bookings
     *
     * @return list<array{head: Head, why: string}> whom to call, and why
     */
    private static function calls(Salon $salon, Collection $bookings, ?DayLine $line): array
    {
        $calls = [];
        foreach ($bookings as $booking) {
            if ($line !== null && $booking->status === BookingStatus::Booked && $line->lateMinutes($booking->id) >= HandsModel::LATE_FROM_MINUTES) {
                $calls[] = ['head' => $booking->head, 'why' => 'She cannot begin before ' . Clock::shown($line->placed[$booking->id]->start()) . ', ' . $line->lateMinutes($booking->id) . ' minutes after she was promised.'];
            }
            if ($line !== null && $booking->status->isOpen() && in_array($booking->id, $line->without(), true)) {
                $calls[] = ['head' => $booking->head, 'why' => 'She finds no place in the day any more: offer another.'];
            }
        }
        $today = $salon->today();
        /** @var iterable<Booking> $noShows */
        $noShows = Booking::query()->with('head:id,salon_id,name')->where('salon_id', $salon->id)->where('status', BookingStatus::NoShow)->whereBetween('date', [$today->subDays(self::CALLED_WITHIN_DAYS)->format('Y-m-d'), $today->format('Y-m-d')])->get();
        foreach ($noShows as $missed) {
            $calls[] = ['head' => $missed->head, 'why' => 'She did not come on ' . $missed->date->format('D j M') . '.'];
        }
        /** @var iterable<Head> $signed */
        $signed = Head::query()->where('salon_id', $salon->id)->where('red_sign', true)->orderBy('name')->get(['id', 'salon_id', 'name']);
        foreach ($signed as $head) {
            $calls[] = ['head' => $head, 'why' => 'A sign that bars treatments is not cleared yet: ask what the clinician said.'];
        }

        return $calls;
    }
}
