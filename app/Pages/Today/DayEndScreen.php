<?php

declare(strict_types=1);

namespace App\Pages\Today;

use App\Bridge\Scheduling\GoneBy;
use App\Bridge\Scheduling\PricedVisits;
use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\DepositState;
use App\Models\Salon;
use App\Models\WashSession;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;

/** Closes a day: asks about every booking that is still open, of this day or of one before, and adds up. */
final readonly class DayEndScreen
{
    /** So many at once; the rest follow as these are said. */
    private const MOST = 60;

    public function __construct(private LeftOpenWashes $leftOpenWashes)
    {
    }

    public function of(Salon $salon, CarbonImmutable $date): DayEndPage
    {
        $day = $date->format('Y-m-d');
        /** @var Collection<int, Booking> $bookings */
        $bookings = Booking::query()
            ->with(['head:id,salon_id,name', 'user:id,salon_id,name'])
            ->where('salon_id', $salon->id)
            ->where('date', $day)
            ->orderBy('starts_at')
            ->get();
        $unsaid = $toCome = $said = [];
        $washes = self::washes($salon, $date, $bookings);
        foreach ($bookings as $booking) {
            $row = $this->row($booking, $salon, $washes[$booking->id] ?? null);
            if (! $booking->status->isOpen()) {
                $said[] = $row;
            } elseif (GoneBy::is($booking)) {
                $unsaid[] = $row;
            } else {
                $toCome[] = $row;
            }
        }

        return new DayEndPage(
            salon: $salon,
            date: $date,
            isToday: $date->equalTo($salon->today()),
            unsaid: ($unsaid === [] ? [] : [$day => $unsaid]) + $this->before($salon, $day),
            toCome: $toCome,
            said: $said,
            sums: self::sums($said),
            leftOpen: $this->leftOpenWashes->of($salon),
        );
    }

    /** @return array<string, list<DayEndRow>> by day, the latest first */
    private function before(Salon $salon, string $day): array
    {
        $before = [];
        /** @var Booking $booking */
        foreach (
            Booking::query()
                ->with(['head:id,salon_id,name', 'user:id,salon_id,name'])
                ->where('salon_id', $salon->id)
                ->where('date', '<', $day)
                ->whereIn('status', BookingStatus::open())
                ->orderByDesc('date')
                ->orderBy('starts_at')
                ->limit(self::MOST)
                ->get() as $booking
        ) {
            $before[$booking->date->format('Y-m-d')][] = $this->row($booking, $salon);
        }

        return $before;
    }

    private function row(Booking $booking, Salon $salon, ?string $wash = null): DayEndRow
    {
        [$began, $ended] = [$booking->begun_at, $booking->ended_at];

        return new DayEndRow(
            $booking,
            $booking->starts_at->setTimezone($salon->timezone)->format('G:i'),
            $began?->setTimezone($salon->timezone)->format('G:i'),
            $began === null || $ended === null ? null : (int) round($began->diffInMinutes($ended)),
            PricedVisits::bill($booking, $salon),
            PricedVisits::isDepositOpen($booking),
            $wash,
        );
    }

    /**
     * Of an earlier day they are asked about for themselves.
     *
     * @param Collection<int, Booking> $bookings
     *
     * @return array<string, string> addresses of washes that were begun today and are not finished, by booking
     */
    private static function washes(Salon $salon, CarbonImmutable $date, Collection $bookings): array
    {
        /** @var array<string, string> $begun */
        $begun = $date->equalTo($salon->today())
            ? $bookings->where('status', BookingStatus::UnderWay)->pluck('id', 'head_id')->all()
            : [];
        $washes = [];
        /** @var iterable<WashSession> $running */
        $running = $begun === [] ? [] : WashSession::query()
            ->whereIn('head_id', array_keys($begun))
            ->where('date', $date->format('Y-m-d'))
            ->whereNotNull('began_at')
            ->whereNull('finished_at')
            ->get(['id', 'salon_id', 'head_id']);
        foreach ($running as $washSession) {
            $of = $washSession->head_id;
            $washes[$begun[$of]] = route('clients.wash.run', [$of, $washSession->id]);
        }

        return $washes;
    }

    /** @param list<DayEndRow> $said */
    private static function sums(array $said): DayEndSums
    {
        $many = array_count_values(array_map(
            static fn (DayEndRow $row): string => $row->booking->status->value,
            $said,
        ));
        $due = $tax = $left = $kept = 0;
        foreach ($said as $row) {
            if ($row->booking->status === BookingStatus::Done) {
                $due += $row->bill->dueCents;
                $tax += $row->bill->taxCents;
                $left += $row->bill->leftCents - $row->bill->backCents;
            }
            $kept += $row->booking->deposit === DepositState::Kept ? $row->bill->paidCents : 0;
        }

        return new DayEndSums(
            $many[BookingStatus::Done->value] ?? 0,
            $many[BookingStatus::NoShow->value] ?? 0,
            $many[BookingStatus::Cancelled->value] ?? 0,
            $due,
            $tax,
            $due - $left,
            $left,
            $kept,
        );
    }
}
