<?php

declare(strict_types=1);

namespace App\Care\Imports;

use App\Bridge\Imports\ImportedVisit;
use App\Bridge\Scheduling\PricedVisits;
use App\Bridge\Scheduling\ServiceQuote;
use App\Care\Programs\Announcer;
use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\Head;
use App\Models\Salon;
use App\Models\Service;
use App\Wording\SalonClock;
use App\Wording\Words;
use Illuminate\Support\Str;
use LogicException;
use Nagomi\Core\Scheduling\WorkSegment;

/** Visits as another program had them: as long as they were promised, with hands from beginning to end. */
final readonly class ImportedBookings
{
    private const AT_ONCE = 200;

    public function __construct(private Announcer $announcer)
    {
    }

    /** @throws LogicException where the clocks skip its time, which its line should have said */
    public function of(ImportedVisit $visit, Head $head, Salon $salon, string $by): Booking
    {
        $service = Service::query()->where('salon_id', $salon->id)->findOrFail($visit->serviceId);
        $starts = SalonClock::moment($salon, $visit->day, $visit->minute)
            ?? throw new LogicException('The clocks skip this time; its line had a problem.');
        $price = PricedVisits::quoted($service, $head, $visit->minutes);
        $hands = [new WorkSegment((float) $visit->minutes)];
        $quote = new ServiceQuote($hands, $visit->minutes, null, $visit->minutes, $price, '');
        $isCancelled = $visit->status === BookingStatus::Cancelled;
        $booking = new Booking([
            'head_id' => $head->id, 'user_id' => $visit->userId, 'service' => $service->name,
            'is_wash_day' => $service->is_wash_day, 'date' => $visit->day, 'starts_at' => $starts,
            'stretches' => $quote->kept(), 'minutes' => $visit->minutes, 'status' => $visit->status,
            // What a visit that has been cost is not known where it does not stand there.
            'price_cents' => $visit->cents ?? ($visit->status === BookingStatus::Booked ? $price->cents : 0),
            'price_by_hand' => $visit->cents !== null || $visit->status !== BookingStatus::Booked,
            'sequence' => 0, 'changed_by' => $by,
            'because' => $isCancelled ? Words::say('import.cancelled-elsewhere') : null,
            'cancelled_at' => $isCancelled ? $starts : null,
        ]);

        return $booking->forceFill(['id' => strtolower((string) Str::ulid()), 'salon_id' => $salon->id]);
    }

    /** @param list<Booking> $bookings */
    public function insert(array $bookings): void
    {
        $now = now()->format('Y-m-d H:i:s');
        foreach (array_chunk($bookings, self::AT_ONCE) as $some) {
            Booking::query()->insert(array_map(
                static fn (Booking $booking): array => $booking->getAttributes()
                    + ['created_at' => $now, 'updated_at' => $now],
                $some,
            ));
            // Written many at a time they are no event of their own.
            array_walk($some, $this->announcer->created(...));
        }
    }
}
