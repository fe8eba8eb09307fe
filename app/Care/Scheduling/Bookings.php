<?php

declare(strict_types=1);

namespace App\Care\Scheduling;

use App\Bridge\Plans\OutlookRefresh;
use App\Bridge\Scheduling\PricedVisits;
use App\Bridge\Scheduling\ServiceQuotes;
use App\Care\Reminders\BookingNews;
use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\DepositState;
use App\Models\Head;
use App\Models\Salon;
use App\Models\Service;
use App\Models\User;
use App\Wording\SalonClock;
use Carbon\CarbonImmutable;
use Nagomi\Core\WashDay\DryingMethod;

/**
 * Takes bookings in, moves them and says how they go. No hands are promised twice, whoever asks from wherever at once.
 */
final readonly class Bookings
{
    public function __construct(
        private BookingNews $bookingNews,
        private BookingPlaces $bookingPlaces,
        private BookingTurn $bookingTurn,
        private OutlookRefresh $outlookRefresh,
        private ServiceQuotes $serviceQuotes,
        private WaitingList $waitingList,
    ) {
    }

    /** @throws BookingConflict where these hands have no room then */
    public function take(
        Salon $salon,
        Head $head,
        Service $service,
        User $stylist,
        CarbonImmutable $date,
        int $minute,
        string $by,
        ?DryingMethod $drying = null,
    ): Booking {
        $drying = $service->is_wash_day ? $drying : null;
        $quote = $this->serviceQuotes->of($head, $service, $date, $drying);

        $booked = function () use ($salon, $head, $service, $stylist, $date, $minute, $by, $drying, $quote): Booking {
            $booking = new Booking([
                'head_id' => $head->id, 'user_id' => $stylist->id, 'service' => $service->name,
                'is_wash_day' => $service->is_wash_day, 'stretches' => $quote->kept(), 'minutes' => $quote->minutes,
                'parts' => $quote->parts, 'drying' => $drying?->value,
                'price_cents' => $quote->price->cents, 'deposit_cents' => $service->deposit_cents,
                'deposit' => $service->deposit_cents === null ? null : DepositState::Asked,
                'status' => BookingStatus::Booked, 'changed_by' => $by,
            ]);
            $booking->salon_id = $salon->id;
            $this->bookingPlaces->place($salon, $booking, $date, $minute);
            $this->planFollows($booking);
            $booking->save();
            $this->bookingNews->booked($booking);
            $this->waitingList->served($booking, $service);

            return $booking;
        };

        return $this->bookingTurn->alone($salon, $booked);
    }

    /**
     * Gives a booking another time, other hands or another way to dry, and lets the client know.
     *
     * @param DryingMethod|null $drying of a wash day; null: as always
     *
     * @return bool whether a message goes out; false: the client wants none
     *
     * @throws BookingConflict where there is no room, or where somebody else changed it meanwhile
     */
    public function move(
        Salon $salon,
        Booking $booking,
        int $seen,
        User $stylist,
        CarbonImmutable $date,
        int $minute,
        string $by,
        ?DryingMethod $drying,
    ): bool {
        $moved = function () use ($salon, $booking, $seen, $stylist, $date, $minute, $by, $drying): bool {
            $fresh = $this->bookingTurn->fresh($salon, $booking, $seen);
            $fresh->drying = $fresh->is_wash_day ? $drying?->value : null;
            $fresh->fill([
                'user_id' => $stylist->id,
                'expected_at' => null,
                'asks_minutes' => null,
                'kept_minutes' => null,
                'changed_by' => $by,
                'sequence' => $fresh->sequence + 1,
                ...$this->quotedAnew($salon, $fresh, $date),
            ]);
            $this->bookingPlaces->place($salon, $fresh, $date, $minute);
            $this->planFollows($fresh);
            $fresh->save();

            return $this->bookingNews->moved($fresh);
        };

        return $this->bookingTurn->alone($salon, $moved);
    }

    /**
     * Says how a booking goes.
     *
     * @param array<string, mixed> $columns what changes with it
     *
     * @throws BookingConflict where somebody else changed it meanwhile
     */
    public function note(Salon $salon, Booking $booking, int $seen, array $columns, string $by): void
    {
        $this->bookingTurn->alone($salon, function () use ($salon, $booking, $seen, $columns, $by): void {
            $fresh = $this->bookingTurn->fresh($salon, $booking, $seen);
            if (array_key_exists('status', $columns) || array_key_exists('kept_minutes', $columns)) {
                $this->planFollows($fresh);
            }
            $isBack = ($columns['status'] ?? null) === BookingStatus::Booked
                && in_array($fresh->status, [BookingStatus::Cancelled, BookingStatus::NoShow], true);
            if ($isBack) {
                // Meanwhile its place may have been given to somebody else.
                $minute = SalonClock::minute($salon, $fresh->starts_at);
                $this->bookingPlaces->place($salon, $fresh, $fresh->date, $minute);
            }
            if (($columns['status'] ?? null) === BookingStatus::Done) {
                $columns += PricedVisits::taxOf($salon);
            }
            if ($isBack && $fresh->deposit === DepositState::Kept) {
                $columns += ['deposit' => DepositState::Paid];
            }
            $fresh->update($columns + ['changed_by' => $by, 'sequence' => $fresh->sequence + 1]);
            if (($columns['status'] ?? null) === BookingStatus::Cancelled) {
                $this->bookingNews->cancelled($fresh);
            } elseif ($isBack) {
                $this->bookingNews->booked($fresh);
            }
        });
    }

    /**
     * What a wash day takes on another day: the plan has other steps for it.
     *
     * @return array<string, mixed>
     */
    private function quotedAnew(Salon $salon, Booking $booking, CarbonImmutable $date): array
    {
        $service = $booking->is_wash_day
            ? Service::query()->where('salon_id', $salon->id)->where('name', $booking->service)->first()
            : null;
        if ($service === null) {
            return [];
        }
        $head = Head::query()->with('salon')->findOrFail($booking->head_id);
        $quote = $this->serviceQuotes->of($head, $service, $date, DryingMethod::tryFrom($booking->drying ?? ''));

        return ['stretches' => $quote->kept(), 'minutes' => $quote->minutes, 'parts' => $quote->parts]
            + ($booking->price_by_hand ? [] : ['price_cents' => $quote->price->cents]);
    }

    /** A booked wash day is a day of the plan. Before the booking is written: the head is locked after the salon. */
    private function planFollows(Booking $booking): void
    {
        if ($booking->is_wash_day) {
            $head = Head::query()->findOrFail($booking->head_id);
            $this->outlookRefresh->after($head, $head->salon->today());
        }
    }

    /** What its service does beside washing, trim or take-down; null: neither. */
    public function does(Booking $booking): ?string
    {
        return Service::query()
            ->where('salon_id', $booking->salon_id)
            ->where('name', $booking->service)
            ->first()
            ?->does;
    }
}
