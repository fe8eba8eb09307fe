<?php

declare(strict_types=1);

namespace App\Care\Scheduling;

use App\Care\Reminders\BookingNews;
use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\Head;
use App\Models\Salon;
use App\Models\Service;
use App\Models\User;
use App\Wording\SalonClock;
use App\Wording\Words;
use Carbon\CarbonImmutable;
use Illuminate\Support\Str;
use Nagomi\Core\WashDay\DryingMethod;

/** Bookings that belong together: made in one go, all or none, and given up together from one on. */
final readonly class BookingSeries
{
    public function __construct(
        private BookingNews $bookingNews,
        private Bookings $bookings,
        private BookingTurn $bookingTurn,
    ) {
    }

    /**
     * @param list<array{date: CarbonImmutable, minute: int, user: User}> $slots
     *
     * @return bool whether a message goes out
     *
     * @throws BookingConflict where one of them has no room any more: none is made
     */
    public function take(Salon $salon, Booking $first, array $slots, string $by): bool
    {
        return $this->bookingTurn->alone($salon, function () use ($salon, $first, $slots, $by): bool {
            $fresh = Booking::query()->where('salon_id', $salon->id)->findOrFail($first->id);
            $service = Service::query()
                ->where('salon_id', $salon->id)
                ->where('name', $fresh->service)
                ->first() ?? throw new BookingConflict(Words::say('series.no-service'));
            $head = Head::query()->with('salon')->findOrFail($fresh->head_id);
            $series = $fresh->series ?? (string) Str::ulid();
            $fresh->update(['series' => $series]);
            foreach ($slots as $slot) {
                try {
                    $this->bookings->take(
                        $salon,
                        $head,
                        $service,
                        $slot['user'],
                        $slot['date'],
                        $slot['minute'],
                        $by,
                        DryingMethod::tryFrom($fresh->drying ?? ''),
                        $series,
                    );
                } catch (BookingConflict $conflict) {
                    throw new BookingConflict(
                        SalonClock::dayInWords($slot['date'], 'D j M') . ': ' . $conflict->getMessage(),
                    );
                }
            }

            return $this->bookingNews->series($fresh);
        });
    }

    /**
     * Gives up a booking and those of its series that follow.
     *
     * @param array<string, mixed> $columns what changes with it
     *
     * @return int how many more than the one
     *
     * @throws BookingConflict where somebody else changed it meanwhile
     */
    public function cancelFrom(Salon $salon, Booking $booking, int $seen, array $columns, string $by): int
    {
        return $this->bookingTurn->alone($salon, function () use ($salon, $booking, $seen, $columns, $by): int {
            $following = $this->following($booking);
            // Those that follow first: the message of the one says which went with it.
            foreach ($following as $one) {
                $this->bookings->note($salon, $one, $one->sequence, $columns, $by, isTold: false);
            }
            $this->bookings->note($salon, $booking, $seen, $columns, $by);

            return count($following);
        });
    }

    /** @return list<Booking> of the same series, still to come after it */
    public function following(Booking $booking): array
    {
        return $booking->series === null ? [] : array_values(Booking::query()
            ->where('salon_id', $booking->salon_id)
            ->where('series', $booking->series)
            ->where('status', BookingStatus::Booked)
            ->where('starts_at', '>', $booking->starts_at)
            ->orderBy('starts_at')
            ->get()
            ->all());
    }
}
