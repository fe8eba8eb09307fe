<?php

declare(strict_types=1);

namespace App\Care\Scheduling;

use App\Models\Booking;
use App\Models\Salon;
use App\Models\User;
use App\Wording\ClientName;
use Nagomi\Core\WashDay\DryingMethod;

/** Gives several bookings of a day to other hands, all of them or none. */
final readonly class DayHandover
{
    public function __construct(private Bookings $bookings, private BookingTurn $bookingTurn)
    {
    }

    /**
     * @param list<array{booking: Booking, seen: int, minute: int, user: User}> $moves
     *
     * @return int how many of the clients are not written to
     *
     * @throws BookingConflict where one of them has no room any more, or was changed meanwhile: none is moved
     */
    public function take(Salon $salon, array $moves, string $by): int
    {
        return $this->bookingTurn->alone($salon, function () use ($salon, $moves, $by): int {
            $untold = 0;
            foreach ($moves as $move) {
                try {
                    $untold += $this->bookings->move(
                        $salon,
                        $move['booking'],
                        $move['seen'],
                        $move['user'],
                        $move['booking']->date,
                        $move['minute'],
                        $by,
                        DryingMethod::tryFrom($move['booking']->drying ?? ''),
                    ) ? 0 : 1;
                } catch (BookingConflict $conflict) {
                    throw new BookingConflict(
                        ClientName::shown($move['booking']->head->name) . ': ' . $conflict->getMessage(),
                    );
                }
            }

            return $untold;
        });
    }
}
