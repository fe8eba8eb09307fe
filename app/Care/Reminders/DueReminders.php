<?php

declare(strict_types=1);

namespace App\Care\Reminders;

use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\Head;
use App\Models\PlanItem;
use App\Models\Reminder;
use App\Models\Salon;
use Carbon\CarbonImmutable;
use Illuminate\Database\Query\Builder;

/** Which reminders there are to be: a day before each booking, and on the morning of a wash day planned at home. */
final readonly class DueReminders
{
    private const HOURS_BEFORE = 24;
    private const AHEAD_HOURS = 36;
    private const HOME_AT_MINUTE = 540;

    /** Not reminded of what begins sooner than this: it is known, or it is too late. */
    private const LEAST_HOURS_BEFORE = 2;

    /** @return int how many are new */
    public function look(Salon $salon): int
    {
        return $this->bookings($salon) + $this->washDays($salon);
    }

    private function bookings(Salon $salon): int
    {
        $now = CarbonImmutable::now();
        $new = 0;
        /** @var iterable<Booking> $bookings */
        $bookings = Booking::query()
            ->with('head')
            ->where('salon_id', $salon->id)
            ->where('status', BookingStatus::Booked)
            ->whereBetween(
                'starts_at',
                [$now->addHours(self::LEAST_HOURS_BEFORE)->utc(), $now->addHours(self::AHEAD_HOURS)->utc()],
            )->get();
        foreach ($bookings as $booking) {
            // A booking that was moved is another occasion: the new time is told.
            $new += $this->due(
                $booking->head,
                'booking',
                "booking {$booking->id} {$booking->starts_at->format('YmdHi')}",
                QuietHours::moved($salon, $booking->starts_at->subHours(self::HOURS_BEFORE)),
            );
        }

        return $new;
    }

    private function washDays(Salon $salon): int
    {
        $today = $salon->today();
        $morning = $today->setTime(intdiv(self::HOME_AT_MINUTE, 60), self::HOME_AT_MINUTE % 60)->utc();
        if ($morning->diffInHours(CarbonImmutable::now(), false) > 12) {
            return 0;
        }
        $new = 0;
        /** @var iterable<Head> $heads */
        $heads = Head::query()->where('salon_id', $salon->id)->where('reminded_by', '!=', 'nobody')
            ->whereHas('links', fn ($links) => $links->whereNull('withdrawn_at')->where('expires_at', '>', now()))
            ->whereHas(
                'planItems',
                fn ($items) => $items->where('status', 'planned')->where('date', $today->format('Y-m-d')),
            )
            ->whereNotExists(
                fn (Builder $query): Builder => $query
                    ->from('bookings')
                    ->whereColumn('bookings.head_id', 'heads.id')
                    ->where('bookings.date', $today->format('Y-m-d'))
                    ->whereNotIn('bookings.status', ['cancelled', 'no-show']),
            )->get();
        foreach ($heads as $head) {
            $item = PlanItem::query()
                ->where('head_id', $head->id)
                ->where('status', 'planned')
                ->where('date', $today->format('Y-m-d'))
                ->first();
            if ($item instanceof PlanItem) {
                $new += $this->due($head, 'home', "home {$item->uid} {$today->format('Ymd')}", $morning);
            }
        }

        return $new;
    }

    /** @return int 1 where it is new */
    private function due(Head $head, string $kind, string $occasion, CarbonImmutable $at): int
    {
        return $head->reminded_by === 'nobody' ? 0 : Reminder::query()->toBase()->upsert([
            'salon_id' => $head->salon_id, 'head_id' => $head->id, 'kind' => $kind,
            'occasion' => mb_substr($occasion, 0, 80), 'due_at' => $at->format('Y-m-d H:i:s'), 'status' => 'due',
            'created_at' => now(), 'updated_at' => now(),
        ], ['head_id', 'occasion'], ['occasion']);
    }
}
