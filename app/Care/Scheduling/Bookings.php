<?php

declare(strict_types=1);

namespace App\Care\Scheduling;

use App\Bridge\Plans\OutlookRefresh;
use App\Bridge\Scheduling\PricedVisits;
use App\Bridge\Scheduling\ServiceQuote;
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
use App\Wording\Words;
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

    /**
     * @param string|null $series it belongs to; null: it is made alone, and told of by itself
     *
     * @throws BookingConflict where these hands have no room then
     */
    public function take(
        Salon $salon,
        Head $head,
        Service $service,
        User $stylist,
        CarbonImmutable $date,
        int $minute,
        string $by,
        ?DryingMethod $drying = null,
        ?string $series = null,
    ): Booking {
        $drying = $service->is_wash_day ? $drying : null;
        $quote = $this->serviceQuotes->of($head, $service, $date, $drying);
        $booking = self::asked($head, $service, $quote, $drying);
        $booking->forceFill([
            'salon_id' => $salon->id, 'user_id' => $stylist->id, 'changed_by' => $by, 'series' => $series,
        ]);

        return $this->bookingTurn->alone($salon, function () use ($salon, $booking, $service, $date, $minute): Booking {
            $this->bookingPlaces->place($salon, $booking, $date, $minute);
            $this->planFollows($booking);
            $booking->save();
            // Several that are made in one go are told of in one message.
            if ($booking->series === null) {
                $this->bookingNews->booked($booking);
            }
            $this->waitingList->served($booking, $service);

            return $booking;
        });
    }

    private static function asked(Head $head, Service $service, ServiceQuote $quote, ?DryingMethod $drying): Booking
    {
        return new Booking([
            'head_id' => $head->id, 'service' => $service->name,
            'is_wash_day' => $service->is_wash_day, 'stretches' => $quote->kept(), 'minutes' => $quote->minutes,
            'parts' => $quote->parts, 'drying' => $drying?->value,
            'price_cents' => $quote->price->cents, 'deposit_cents' => $service->deposit_cents,
            'deposit' => $service->deposit_cents === null ? null : DepositState::Asked,
            'sequence' => 0,
            'status' => BookingStatus::Booked,
        ]);
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
     * @param bool                 $isTold  the client hears of it; false: another message says it
     *
     * @throws BookingConflict where somebody else changed it meanwhile
     */
    public function note(
        Salon $salon,
        Booking $booking,
        int $seen,
        array $columns,
        string $by,
        bool $isTold = true,
    ): void {
        $this->bookingTurn->alone($salon, function () use ($salon, $booking, $seen, $columns, $by, $isTold): void {
            $fresh = $this->bookingTurn->fresh($salon, $booking, $seen);
            if (array_key_exists('status', $columns) || array_key_exists('kept_minutes', $columns)) {
                $this->planFollows($fresh);
            }
            $becomes = $columns['status'] ?? null;
            $isBack = $becomes instanceof BookingStatus && $becomes->isOpen()
                && in_array($fresh->status, [BookingStatus::Cancelled, BookingStatus::NoShow], true);
            if ($isBack && $fresh->starts_at->isFuture()) {
                // Meanwhile its place may have been given to somebody else; what has gone by takes nobody's.
                $minute = SalonClock::minute($salon, $fresh->date, $fresh->starts_at);
                $this->bookingPlaces->place($salon, $fresh, $fresh->date, $minute);
            }
            if (($columns['status'] ?? null) === BookingStatus::Done) {
                $columns += PricedVisits::taxOf($salon);
            }
            if ($isBack && $fresh->deposit === DepositState::Kept) {
                $columns += ['deposit' => DepositState::Paid];
            }
            $sequence = $fresh->sequence + 1;
            $fresh->update($columns + [
                'changed_by' => $by, 'sequence' => $sequence,
                'stood' => ['sequence' => $sequence] + self::standing($fresh, array_keys($columns)),
            ]);
            if ($isTold && ($columns['status'] ?? null) === BookingStatus::Cancelled) {
                $this->bookingNews->cancelled($fresh);
            } elseif ($isBack) {
                $this->bookingNews->booked($fresh);
            }
        });
    }

    /**
     * Takes back what was said last of how a booking goes: a tap of a wet hand.
     *
     * @param int $said the sequence that word left behind
     *
     * @throws BookingConflict where it was changed since, or its place was given to somebody else
     */
    public function unsay(Salon $salon, Booking $booking, int $said, string $by): void
    {
        $stood = $this->bookingTurn->fresh($salon, $booking, $said)->stood;
        // A visit that was moved since stands elsewhere than it did then.
        if (($stood['sequence'] ?? null) !== $said) {
            throw new BookingConflict(Words::say('refusals.booking-note.nothing-to-undo'));
        }
        if (isset($stood['status'])) {
            $stood['status'] = BookingStatus::from((string) $stood['status']);
        }
        // Taken back is not said: there is nothing further back.
        $this->note($salon, $booking, $said, ['stood' => null] + array_diff_key($stood, ['sequence' => 0]), $by);
    }

    /**
     * @param list<string> $columns that are about to change
     *
     * @return array<string, scalar|null> what stands in them, as it is stored
     */
    private static function standing(Booking $booking, array $columns): array
    {
        $stands = [];
        foreach ($columns as $column) {
            $value = $booking->getRawOriginal($column);
            $stands[$column] = is_scalar($value) ? $value : null;
        }

        return $stands;
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
