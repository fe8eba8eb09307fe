<?php

declare(strict_types=1);

namespace App\Care\Reminders;

use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\DepositState;
use App\Models\Head;
use App\Models\HomeLink;
use App\Models\PlanItem;
use App\Models\Reminder;
use App\Wording\MessageLanguage;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\URL;

/** What a reminder says, from what stands in the book at the moment it goes out. */
final readonly class ReminderText
{
    /** Whoever finds a message of long ago has got others since: common practice, no source. */
    private const STOPS_FOR_DAYS = 365;

    /** @param string $noMore how to get none of these any more */
    private function __construct(public string $subject, public string $sentence, public string $noMore)
    {
    }

    private static function to(Head $head, string $subject, string $sentence): self
    {
        return new self($subject, $sentence, MessageLanguage::of($head)->say('no-more', [
            'address' => url(URL::temporarySignedRoute(
                'reminders.stop',
                CarbonImmutable::now()->addDays(self::STOPS_FOR_DAYS),
                ['head' => $head->id],
                absolute: false,
            )),
        ]));
    }

    /** @return self|null null where the occasion is not any more: cancelled, moved, done */
    public static function of(Reminder $reminder): ?self
    {
        return match ($reminder->kind) {
            'booking' => self::booking($reminder),
            'booked', 'moved', 'cancelled' => self::news($reminder),
            'series' => self::series($reminder),
            default => self::home($reminder),
        };
    }

    /** What was changed, as long as it still is so: changed once more, another message says it; over, none does. */
    private static function news(Reminder $reminder): ?self
    {
        [, $id, $at, $user] = explode(' ', $reminder->occasion) + ['', '', '', ''];
        $booking = self::bookingOf($reminder, $id);
        if (
            $booking === null
                || $booking->status->isOpen() === ($reminder->kind === 'cancelled')
                || "{$booking->starts_at->format('YmdHi')} {$booking->user_id}" !== "{$at} {$user}"
                || $booking->starts_at->isPast()
                || self::isSaidAnew($reminder, $id)
        ) {
            return null;
        }

        return self::about($reminder, $booking, $reminder->kind);
    }

    /** A later change of the same booking is told, and that alone. */
    private static function isSaidAnew(Reminder $reminder, string $id): bool
    {
        return Reminder::query()
            ->withoutGlobalScope('salon')
            ->where('head_id', $reminder->head_id)
            ->whereIn('kind', ['booked', 'moved', 'cancelled', 'series'])
            ->where('occasion', 'like', "% {$id} %")
            ->where('id', '>', $reminder->id)
            ->exists();
    }

    /** What was booked in one go, as far as it is still to come; what is left of it alone is told as one. */
    private static function series(Reminder $reminder): ?self
    {
        [, $series] = explode(' ', $reminder->occasion) + ['', ''];
        /** @var Collection<int, Booking> $bookings */
        $bookings = Booking::query()
            ->withoutGlobalScope('salon')
            ->with('user')
            ->where('head_id', $reminder->head_id)
            ->where('series', $series)
            ->where('status', BookingStatus::Booked)
            ->where('starts_at', '>', now())
            ->orderBy('starts_at')
            ->get();
        $first = $bookings->first();
        if ($first === null || self::isSaidAnew($reminder, $series)) {
            return null;
        }
        $language = MessageLanguage::of($reminder->head);
        $words = [
            'service' => $first->service, 'count' => $bookings->count(),
            'list' => self::whens($reminder, $bookings, $language),
        ];

        return self::to($reminder->head, $language->say('series-subject'), $language->say('series', $words));
    }

    /** @param Collection<int, Booking> $bookings */
    private static function whens(Reminder $reminder, Collection $bookings, MessageLanguage $language): string
    {
        return $bookings->map(static fn (Booking $booking): string => $language->say('with', [
            'when' => $language->when($booking->starts_at, $reminder->head->salon->timezone),
            'who' => explode(' ', $booking->user->name)[0],
        ]))->implode('; ');
    }

    /** Those of its series that were cancelled with it. */
    private static function cancelledWith(Reminder $reminder, Booking $booking, MessageLanguage $language): string
    {
        /** @var Collection<int, Booking> $with */
        $with = Booking::query()
            ->withoutGlobalScope('salon')
            ->with('user')
            ->where('head_id', $reminder->head_id)
            ->where('series', $booking->series ?? '')
            ->where('status', BookingStatus::Cancelled)
            ->where('cancelled_at', $booking->cancelled_at)
            ->where('id', '!=', $booking->id)
            ->orderBy('starts_at')
            ->get();

        return $with->isEmpty()
            ? ''
            : $language->say('cancelled-with', ['list' => self::whens($reminder, $with, $language)]);
    }

    /** @param string $kind booking, booked, moved or cancelled */
    private static function about(Reminder $reminder, Booking $booking, string $kind): self
    {
        $language = MessageLanguage::of($reminder->head);
        $salon = $reminder->head->salon;
        $words = [
            'when' => $language->when($booking->starts_at, $salon->timezone),
            'who' => explode(' ', $booking->user->name)[0],
            'service' => $booking->service,
            'minutes' => $language->minutes($booking->minutes),
            'call' => $language->say($salon->phone === null ? 'call-us' : 'call', ['phone' => (string) $salon->phone]),
        ];
        $isAsked = $booking->deposit === DepositState::Asked && $kind !== 'cancelled';

        return self::to(
            $reminder->head,
            $language->say("{$kind}-subject", $words),
            implode(' ', array_filter([
                $language->say($kind, $words),
                $kind === 'cancelled' ? self::cancelledWith($reminder, $booking, $language) : '',
                $isAsked ? $language->say('deposit', [
                    'deposit' => $language->money($booking->deposit_cents ?? 0, $salon->currency),
                ]) : '',
            ])),
        );
    }

    private static function bookingOf(Reminder $reminder, string $id): ?Booking
    {
        return Booking::query()
            ->withoutGlobalScope('salon')
            ->with('user')
            ->where('head_id', $reminder->head_id)
            ->find($id);
    }

    private static function booking(Reminder $reminder): ?self
    {
        [, $id, $at] = explode(' ', $reminder->occasion) + ['', '', ''];
        $booking = self::bookingOf($reminder, $id);
        if (
            $booking === null
                || $booking->status !== BookingStatus::Booked
                || $booking->starts_at->format('YmdHi') !== $at
                || $booking->starts_at->isPast()
        ) {
            return null;
        }

        return self::about($reminder, $booking, 'booking');
    }

    private static function home(Reminder $reminder): ?self
    {
        [, $uid, $day] = explode(' ', $reminder->occasion) + ['', '', ''];
        $item = PlanItem::query()
            ->withoutGlobalScope('salon')
            ->where('head_id', $reminder->head_id)
            ->where('uid', $uid)
            ->where('status', 'planned')
            ->first();
        /** @var HomeLink|null $link */
        $link = HomeLink::query()
            ->withoutGlobalScope('salon')
            ->where('head_id', $reminder->head_id)
            ->whereNull('withdrawn_at')
            ->where('expires_at', '>', now())
            ->latest('id')
            ->first();
        if (
            ! $item instanceof PlanItem
                || $link === null
                || $item->date->format('Ymd') !== $day
                || $reminder->head->salon->today()->format('Ymd') !== $day
        ) {
            return null;
        }
        // What is done to the hair is private: the message leads to the card and does not say it.
        $language = MessageLanguage::of($reminder->head);

        return self::to(
            $reminder->head,
            $language->say('home-subject'),
            $language->say('home', ['card' => url($link->path())]),
        );
    }
}
