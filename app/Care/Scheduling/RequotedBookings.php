<?php

declare(strict_types=1);

namespace App\Care\Scheduling;

use App\Bridge\Plans\SeasonPlanned;
use App\Bridge\Scheduling\SalonSchedule;
use App\Bridge\Scheduling\ServiceQuote;
use App\Bridge\Scheduling\ServiceQuotes;
use App\Care\Shared\Lock;
use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\Head;
use App\Models\Salon;
use App\Models\Service;
use App\Wording\SalonClock;
use App\Wording\Words;
use Illuminate\Support\Facades\DB;
use Nagomi\Core\WashDay\DryingMethod;
use Throwable;

/**
 * Booked wash days follow the plan: what it takes by now is what is kept free for it. Where that has no room beside the
 * others nothing is moved; the booking asks.
 */
final readonly class RequotedBookings
{
    private const TRIES = 5;

    public function __construct(private SalonSchedule $salonSchedule, private ServiceQuotes $serviceQuotes)
    {
    }

    public function handle(SeasonPlanned $planned): void
    {
        try {
            $this->of($planned->headId);
        } catch (Throwable $failed) {
            // The season stands; the booking follows when it is planned the next time.
            report($failed);
        }
    }

    public function of(string $headId): void
    {
        $bookings = Booking::query()
            ->withoutGlobalScope('salon')
            ->where('head_id', $headId)
            ->where('is_wash_day', true)
            ->where('status', BookingStatus::Booked)
            ->where('starts_at', '>', now())
            ->get();
        if ($bookings->isEmpty()) {
            return;
        }
        $head = Head::query()->withoutGlobalScope('salon')->with(['salon', 'zoneParts'])->findOrFail($headId);
        foreach ($bookings as $booking) {
            $service = Service::query()
                ->withoutGlobalScope('salon')
                ->where('salon_id', $booking->salon_id)
                ->where('name', $booking->service)
                ->first();
            $drying = DryingMethod::tryFrom($booking->drying ?? '');
            $quote = $service === null
                ? null
                : $this->serviceQuotes->of($head, $service, $booking->date, $drying);
            if ($quote !== null && ! self::says($booking, $quote)) {
                $this->follow($head->salon, $booking, $quote);
            }
        }
    }

    private function follow(Salon $salon, Booking $booking, ServiceQuote $quote): void
    {
        DB::transaction(function () use ($salon, $booking, $quote): void {
            Lock::salon($salon->id)->take();
            $fresh = Booking::query()->withoutGlobalScope('salon')->find($booking->id);
            if ($fresh === null || $fresh->sequence !== $booking->sequence) {
                return;
            }
            $asked = $fresh->replicate()->forceFill(['stretches' => $quote->kept(), 'minutes' => $quote->minutes]);
            $minute = SalonClock::minute($salon, $fresh->date, $fresh->starts_at);
            $others = $this->salonSchedule->bookings($salon, $fresh->date)
                ->reject(fn (Booking $other): bool => $other->id === $fresh->id)
                ->values();
            $line = $this->salonSchedule->of($salon, $fresh->date, $others);
            if ($line === null || ! $this->salonSchedule->hasRoom($line, $asked, $minute)) {
                $fresh->update(['asks_minutes' => $quote->minutes]);

                return;
            }
            $fresh->update([
                'stretches' => $quote->kept(), 'minutes' => $quote->minutes, 'parts' => $quote->parts,
                'asks_minutes' => null, 'sequence' => $fresh->sequence + 1,
                'changed_by' => Words::say('booking.by-the-plan'),
            ]);
        }, self::TRIES);
    }

    /** Whether a booking says already what is quoted. */
    private static function says(Booking $booking, ServiceQuote $quote): bool
    {
        return $booking->asks_minutes === null
            && $booking->minutes === $quote->minutes
            && json_encode($booking->stretches) === json_encode($quote->kept());
    }
}
