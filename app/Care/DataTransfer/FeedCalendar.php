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
use Illuminate\Database\Eloquent\Builder;
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

    /** What stands for all of it: as long as this stays, nothing has to be fetched again. */
    public function version(CalendarFeed $feed): string
    {
        $today = $feed->salon->today()->format('Y-m-d');

        return hash(
            'sha256',
            json_encode(
                [
                    $feed->id,
                    $today,
                    $this->newest(Booking::query(), $feed),
                    $feed->head_id === null ? null : $this->newest(PlanItem::query(), $feed),
                    $feed->head_id === null ? null : $this->chairWork($feed->head_id),
                ],
                JSON_THROW_ON_ERROR,
            ),
        );
    }

    /**
     * @param Builder<Booking>|Builder<PlanItem> $rows
     *
     * @return array{int, string} how many there are, and when one changed last
     */
    private function newest(Builder $rows, CalendarFeed $feed): array
    {
        $latest = $rows->clone()->where($this->whose($feed))->max('updated_at');

        return [$rows->where($this->whose($feed))->count(), is_string($latest) ? $latest : ''];
    }

    public function of(CalendarFeed $feed): string
    {
        $name = $feed->user_id !== null ? User::query()->findOrFail($feed->user_id)->name : 'Wash days';
        $calendar = new VCalendar([
            'PRODID' => '-//Nagomi//Bookings//EN',
            'METHOD' => 'PUBLISH',
            'X-WR-CALNAME' => "{$name}, {$feed->salon->name}",
            'REFRESH-INTERVAL;VALUE=DURATION' => self::EVERY,
        ]);
        $since = $feed->salon->today()->subWeeks(self::WEEKS_BACK)->format('Y-m-d');
        /** @var Collection<int, Booking> $bookings */
        $bookings = Booking::query()
            ->with(['head:id,salon_id,name', 'user:id,salon_id,name'])
            ->where($this->whose($feed))
            ->where('date', '>=', $since)
            ->orderBy('starts_at')
            ->get();
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
     * @return Collection<int, PlanItem> wash days at home; what falls on a day she is booked for is done in the salon
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
            'SUMMARY' => 'Wash day, about ' . (int) round($item->minutes) . ' minutes',
            'STATUS' => $item->status === 'cancelled' ? 'CANCELLED' : 'CONFIRMED',
            'TRANSP' => 'TRANSPARENT',
        ];
    }
}
