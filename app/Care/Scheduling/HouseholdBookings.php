<?php

declare(strict_types=1);

namespace App\Care\Scheduling;

use App\Models\Head;
use App\Models\Salon;
use App\Models\Service;
use App\Models\User;
use App\Wording\ClientName;
use Carbon\CarbonImmutable;
use Nagomi\Core\WashDay\DryingMethod;

/** Books those of a household who come together: all of them or none. */
final readonly class HouseholdBookings
{
    public function __construct(private Bookings $bookings, private BookingTurn $bookingTurn)
    {
    }

    /**
     * @param list<array{head: Head, minute: int, user: User}> $come
     *
     * @throws BookingConflict where one of them has no room any more: none is booked
     */
    public function take(
        Salon $salon,
        array $come,
        Service $service,
        CarbonImmutable $date,
        string $by,
        ?DryingMethod $drying,
    ): void {
        $this->bookingTurn->alone($salon, function () use ($salon, $come, $service, $date, $by, $drying): void {
            foreach ($come as $one) {
                try {
                    $this->bookings->take(
                        $salon,
                        $one['head'],
                        $service,
                        $one['user'],
                        $date,
                        $one['minute'],
                        $by,
                        $drying,
                    );
                } catch (BookingConflict $conflict) {
                    throw new BookingConflict(ClientName::shown($one['head']->name) . ': ' . $conflict->getMessage());
                }
            }
        });
    }
}
