<?php

declare(strict_types=1);

namespace App\Care\DataTransfer;

use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\CalendarFeed;
use App\Models\Head;
use App\Models\Outlook;
use App\Models\PlanItem;
use App\Models\Service;
use App\Models\User;
use App\Wording\Words;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Sabre\VObject\Component\VCalendar;

/**
 * What a subscribed calendar shows: a stylist's bookings, or a client's with the wash days planned at home. Changed
 * events update, cancelled ones say so (RFC 5545).
 */
final readonly class FeedCalendar
{
    private const WEEKS_BACK = 8;

    /** Asks a calendar program to come again after an hour (RFC 7986). */
    private const EVERY = 'PT1H';

    /**
     * What stands for all of it: as long as this stays, nothing has to be fetched again. It is made of everything that
     * is told, so that no change, however soon after another, is missed.
     */
    public function version(CalendarFeed $feed): string
    {
        return hash('sha256', json_encode([
            $feed->id,
            $feed->salon->name,
            $feed->salon->today()->format('Y-m-d'),
            $this->bookings($feed)->map(static fn (Booking $booking): array => [
                $booking->id, $booking->sequence, $booking->status->value, $booking->starts_at->getTimestamp(),
                $booking->minutes, $booking->service, $booking->head->name, $booking->user->name,
                $booking->updated_at->getTimestamp(),
            ]),
            ...$feed->head_id === null ? [$this->nameOf($feed)] : $this->ofClient($feed, $feed->head_id),
        ], JSON_THROW_ON_ERROR));
    }

    /** @return list<mixed> what a client's own calendar tells beside the bookings */
    private function ofClient(CalendarFeed $feed, string $headId): array
    {
        return [
            PlanItem::query()
                ->where('head_id', $headId)
                ->orderBy('id')
                ->get(['id', 'uid', 'sequence', 'date', 'minutes', 'status', 'updated_at'])
                ->map(static fn (PlanItem $item): array => [
                    $item->uid, $item->sequence, $item->date->format('Y-m-d'), $item->minutes, $item->status,
                    $item->updated_at->getTimestamp(),
                ]),
            $this->chairWork($headId),
            Service::query()->where('salon_id', $feed->salon_id)->whereNotNull('does')->pluck('does', 'name'),
        ];
    }

    private function nameOf(CalendarFeed $feed): string
    {
        return $feed->user_id === null
            ? Words::say('data-transfer.calendar')
            : User::query()->findOrFail($feed->user_id)->name;
    }

    /** @return Collection<int, Booking> those that are told of */
    private function bookings(CalendarFeed $feed): Collection
    {
        $since = $feed->salon->today()->subWeeks(self::WEEKS_BACK)->format('Y-m-d');

        /** @var Collection<int, Booking> */
        return Booking::query()
            ->with(['head:id,salon_id,name', 'user:id,salon_id,name'])
            ->where($this->whose($feed))
            ->where('date', '>=', $since)
            ->orderBy('starts_at')
            ->orderBy('id')
            ->get();
    }

    public function of(CalendarFeed $feed): string
    {
        $calendar = new VCalendar([
            'PRODID' => '-//Nagomi//Bookings//EN',
            'METHOD' => 'PUBLISH',
            'X-WR-CALNAME' => "{$this->nameOf($feed)}, {$feed->salon->name}",
            'REFRESH-INTERVAL;VALUE=DURATION' => self::EVERY,
        ]);
        $bookings = $this->bookings($feed);
        foreach ($bookings as $booking) {
            $calendar->add('VEVENT', $this->booking($feed, $booking));
        }
        foreach ($feed->head_id === null ? [] : $this->planned($feed->head_id, $bookings) as $item) {
            $calendar->add('VEVENT', $this->washDay($item));
        }

        foreach ($feed->head_id === null ? [] : $this->chairWork($feed->head_id) as $work) {
            if (! $this->isBooked($feed, $work, $bookings)) {
                $calendar->add('VEVENT', $this->due($feed, $work));
            }
        }

        return (string) $calendar->serialize();
    }

    /** @return array<string, int|string> */
    private function whose(CalendarFeed $feed): array
    {
        return $feed->user_id !== null ? ['user_id' => $feed->user_id] : ['head_id' => (string) $feed->head_id];
    }

    /** @return array<string, mixed> */
    private function booking(CalendarFeed $feed, Booking $booking): array
    {
        // Another device of the salon may have seen the head's name; a client's own calendar needs the stylist's.
        $with = $feed->user_id !== null ? $booking->head->name : explode(' ', $booking->user->name)[0];
        $off = in_array($booking->status, [BookingStatus::Cancelled, BookingStatus::NoShow], true);

        return [
            'UID' => "{$booking->id}@nagomi",
            'SEQUENCE' => $booking->sequence,
            'DTSTAMP' => $booking->updated_at->utc(),
            'LAST-MODIFIED' => $booking->updated_at->utc(),
            // A moment in UTC: no change of the clocks can move it.
            'DTSTART' => $booking->starts_at->utc(),
            'DTEND' => $booking->starts_at->addMinutes($booking->minutes)->utc(),
            'SUMMARY' => "{$booking->service}: {$with}",
            'LOCATION' => $feed->salon->name,
            'STATUS' => $off ? 'CANCELLED' : 'CONFIRMED',
        ];
    }

    /**
     * @param Collection<int, Booking> $bookings
     *
     * @return Collection<int, PlanItem> wash days at home; what falls on a booked day is done in the salon
     */
    private function planned(string $headId, Collection $bookings): Collection
    {
        $booked = $bookings
            ->filter(fn (Booking $booking): bool => $booking->status->isOpen())
            ->map(fn (Booking $booking): string => $booking->date->format('Y-m-d'))
            ->all();
        $head = Head::query()->with('salon')->findOrFail($headId);

        /** @var Collection<int, PlanItem> $items */
        $items = $head->planItems()->whereIn('status', ['planned', 'cancelled'])->get();

        return $items->reject(
            fn (PlanItem $item): bool => $item->status === 'planned'
                && in_array($item->date->format('Y-m-d'), $booked, true),
        );
    }

    /** @return list<StoredChairWork> */
    private function chairWork(string $headId): array
    {
        return Outlook::query()->where('head_id', $headId)->first(['head_id', 'salon_id', 'chair_work'])->chair_work
            ?? [];
    }

    /**
     * @param StoredChairWork          $work
     * @param Collection<int, Booking> $bookings
     */
    private function isBooked(CalendarFeed $feed, array $work, Collection $bookings): bool
    {
        $services = Service::query()
            ->where('salon_id', $feed->salon_id)
            ->where('does', $work['kind'])
            ->pluck('name')
            ->all();

        return $bookings->contains(
            static fn (Booking $booking): bool => $booking->status->isOpen()
                && in_array($booking->service, $services, true),
        );
    }

    /**
     * What is due and not booked. The same one moves from day to day as the hair does.
     *
     * @param StoredChairWork $work
     *
     * @return array<string, mixed>
     */
    private function due(CalendarFeed $feed, array $work): array
    {
        $day = CarbonImmutable::parse($work['on']);
        $today = $feed->salon->today();

        return [
            'UID' => "{$work['kind']}-{$feed->head_id}@nagomi",
            // It goes up by itself from day to day, and no day's is told twice in another way.
            'SEQUENCE' => (int) CarbonImmutable::parse('2026-01-01')->diffInDays($today->format('Y-m-d')),
            'DTSTAMP' => $today->utc(),
            'DTSTART;VALUE=DATE' => $day->format('Ymd'),
            'DTEND;VALUE=DATE' => $day->addDay()->format('Ymd'),
            'SUMMARY' => Words::say("chair-work.calendar.{$work['kind']}"),
            'STATUS' => 'TENTATIVE',
            'TRANSP' => 'TRANSPARENT',
        ];
    }

    /** @return array<string, mixed> what is done is for the card; a calendar is seen by others */
    private function washDay(PlanItem $item): array
    {
        return [
            'UID' => $item->uid,
            'SEQUENCE' => $item->sequence,
            'DTSTAMP' => $item->updated_at->utc(),
            'LAST-MODIFIED' => $item->updated_at->utc(),
            'DTSTART;VALUE=DATE' => $item->date->format('Ymd'),
            'DTEND;VALUE=DATE' => CarbonImmutable::parse($item->date->format('Y-m-d'))->addDay()->format('Ymd'),
            'SUMMARY' => Words::say('data-transfer.calendar-day', ['minutes' => (int) round($item->minutes)]),
            'STATUS' => $item->status === 'cancelled' ? 'CANCELLED' : 'CONFIRMED',
            'TRANSP' => 'TRANSPARENT',
        ];
    }
}
