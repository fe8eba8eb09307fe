<?php

declare(strict_types=1);

namespace App\Pages\Today;

use App\Models\Booking;
use App\Models\Head;
use App\Models\User;
use Carbon\CarbonImmutable;

/** A client who is to be given a place on the day’s picture: one that is booked, or one that is not yet. */
final readonly class PlacedClient
{
    /**
     * @param Booking $booking as it is kept; of who is not booked yet one that nobody keeps
     * @param string  $action  address the place is sent to
     * @param array<string, string|int> $fields sent with it
     */
    public function __construct(
        public Head $head,
        public Booking $booking,
        public string $action,
        public array $fields,
    ) {
    }

    public function isBooked(): bool
    {
        return $this->booking->exists;
    }

    /** As it would be kept. */
    public function at(User $user, CarbonImmutable $starts): Booking
    {
        $booking = clone $this->booking;
        $booking->forceFill(['user_id' => $user->id, 'starts_at' => $starts, 'expected_at' => null]);
        $booking->setRelation('user', $user);

        return $booking;
    }
}
