<?php

declare(strict_types=1);

namespace App\Care\Scheduling;

use App\Bridge\Plans\OutlookRefresh;
use App\Bridge\Scheduling\SalonSchedule;
use App\Bridge\Scheduling\ServiceQuotes;
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
use Closure;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Nagomi\Core\Scheduling\Appointment;
use Nagomi\Core\Scheduling\DaySchedule;
use Nagomi\Core\Scheduling\FreeSlots;
use Nagomi\Core\Scheduling\Placement;

/**
 * Takes bookings in, moves them and says how they go. No hands are promised twice, whoever asks from wherever at once.
 */
final readonly class Bookings
{
    public function __construct(
        private BookingNews $bookingNews,
        private OutlookRefresh $outlookRefresh,
        private SalonSchedule $salonSchedule,
        private ServiceQuotes $serviceQuotes,
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
    ): Booking {
        $quote = $this->serviceQuotes->of($head, $service, $date);

        $booked = function () use ($salon, $head, $service, $stylist, $date, $minute, $by, $quote): Booking {
            $booking = new Booking([
                'head_id' => $head->id, 'user_id' => $stylist->id, 'service' => $service->name,
                'is_wash_day' => $service->is_wash_day, 'stretches' => $quote->kept(), 'minutes' => $quote->minutes,
                'parts' => $quote->parts,
                'price_cents' => $quote->priceCents, 'status' => BookingStatus::Booked, 'changed_by' => $by,
            ]);
            $booking->salon_id = $salon->id;
            $this->place($salon, $booking, $date, $minute);
            $this->planFollows($booking);
            $booking->save();
            $this->bookingNews->booked($booking);

            return $booking;
        };

        return $this->alone($salon, $booked);
    }

    /**
     * Gives a booking another time or other hands, and lets the client know.
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
    ): bool {
        return $this->alone($salon, function () use ($salon, $booking, $seen, $stylist, $date, $minute, $by): bool {
            $fresh = $this->fresh($salon, $booking, $seen);
            $fresh->fill([
                'user_id' => $stylist->id,
                'expected_at' => null,
                'asks_minutes' => null,
                'kept_minutes' => null,
                'changed_by' => $by,
                'sequence' => $fresh->sequence + 1,
                ...$this->quotedAnew($salon, $fresh, $date),
            ]);
            $this->place($salon, $fresh, $date, $minute);
            $this->planFollows($fresh);
            $fresh->save();

            return $this->bookingNews->moved($fresh);
        });
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
        $this->alone($salon, function () use ($salon, $booking, $seen, $columns, $by): void {
            $fresh = $this->fresh($salon, $booking, $seen);
            if (array_key_exists('status', $columns) || array_key_exists('kept_minutes', $columns)) {
                $this->planFollows($fresh);
            }
            $isBack = ($columns['status'] ?? null) === BookingStatus::Booked
                && in_array($fresh->status, [BookingStatus::Cancelled, BookingStatus::NoShow], true);
            if ($isBack) {
                // Meanwhile its place may have been given to somebody else.
                $this->place($salon, $fresh, $fresh->date, SalonClock::minute($salon, $fresh->starts_at));
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
        $quote = $this->serviceQuotes->of($head, $service, $date);

        return ['stretches' => $quote->kept(), 'minutes' => $quote->minutes, 'parts' => $quote->parts];
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

    /**
     * One at a time for each salon: whoever comes second sees what the first did.
     *
     * @template T
     *
     * @param Closure(): T $act
     *
     * @return T
     */
    private function alone(Salon $salon, Closure $act): mixed
    {
        return DB::transaction(function () use ($salon, $act): mixed {
            Salon::query()->whereKey($salon->id)->lockForUpdate()->first();

            return $act();
        });
    }

    /** @throws BookingConflict when somebody else changed the booking meanwhile */
    private function fresh(Salon $salon, Booking $booking, int $seen): Booking
    {
        $fresh = Booking::query()
            ->where('salon_id', $salon->id)
            ->with(['user:id,salon_id,name', 'head:id,salon_id,name'])
            ->findOrFail($booking->id);
        if ($fresh->sequence !== $seen) {
            $time = $fresh->starts_at->setTimezone($salon->timezone)->format('D j M, G:i');
            throw new BookingConflict(
                "{$fresh->changed_by} changed this booking meanwhile: it is now {$time} with {$fresh->user->name}, "
                    . str_replace('-', ' ', $fresh->status->value)
                    . '. What you typed is still below; look at both and send again.',
            );
        }

        return $fresh;
    }

    /** @throws BookingConflict when hands, chair or client are taken then */
    private function place(Salon $salon, Booking $booking, CarbonImmutable $date, int $minute): void
    {
        $starts = SalonClock::moment($salon, $date->format('Y-m-d'), $minute);
        if ($starts === null) {
            throw new BookingConflict(
                'Time: the clocks skip ' . SalonClock::shown($minute) . ' on that day; choose another.',
            );
        }
        $others = $this->salonSchedule
            ->bookings($salon, $date)
            ->reject(fn (Booking $other): bool => $other->id === $booking->id)
            ->values();
        $this->sitsOnce($salon, $booking, $starts, $others);
        $line = $this->salonSchedule->of($salon, $date, $others);
        $hands = SalonSchedule::hands($booking->user_id);
        if ($line === null || ! isset($line->day->hours[$hands])) {
            throw new BookingConflict(
                'Nobody with those hands works on ' . $date->format('D j M') . '; choose another day or somebody else.',
            );
        }
        if (! $this->salonSchedule->hasRoom($line, $booking, $minute)) {
            throw new BookingConflict(
                'At '
                    . SalonClock::shown($minute)
                    . ' these hands have no room for '
                    . $booking->minutes
                    . ' minutes. '
                    . $this->instead($line, $booking, $hands),
            );
        }
        $booking->fill(['date' => $date->format('Y-m-d'), 'starts_at' => $starts]);
    }

    /**
     * Nobody sits in two chairs.
     *
     * @param Collection<int, Booking> $others of the day
     *
     * @throws BookingConflict
     */
    private function sitsOnce(Salon $salon, Booking $booking, CarbonImmutable $starts, Collection $others): void
    {
        foreach ($others as $other) {
            [$from, $until] = [$other->starts_at, $other->starts_at->addMinutes($other->minutes)];
            $meets = $starts->lessThan($until) && $starts->addMinutes($booking->minutes)->greaterThan($from);
            if ($meets && $other->head_id === $booking->head_id && $other->status->isOpen()) {
                throw new BookingConflict(Words::say('booking.two-chairs', [
                    'name' => $other->head->name,
                    'from' => $from->setTimezone($salon->timezone)->format('G:i'),
                    'until' => $until->setTimezone($salon->timezone)->format('G:i'),
                    'who' => $other->user->name,
                    'service' => $other->service,
                ]));
            }
        }
    }

    private function instead(DaySchedule $line, Booking $booking, string $hands): string
    {
        $openings = array_map(
            fn (Placement $placing): string => SalonClock::shown($placing->start()),
            FreeSlots::in(
                $line,
                new Appointment('asked for', $this->salonSchedule->stretches($booking), 0, null, $hands),
                4,
            ),
        );

        return $openings === []
            ? 'That day is full for them; choose another day or somebody else.'
            : 'They do at ' . implode(', ', $openings) . '.';
    }
}
