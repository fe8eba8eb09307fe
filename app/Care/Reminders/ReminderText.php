<?php

declare(strict_types=1);

namespace App\Care\Reminders;

use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\HomeLink;
use App\Models\PlanItem;
use App\Models\Reminder;
use App\Wording\Words;

/** What a reminder says, from what stands in the book at the moment it goes out. */
final readonly class ReminderText
{
    private function __construct(public string $subject, public string $sentence)
    {
    }

    /** @return self|null null where the occasion is not any more: cancelled, moved, done */
    public static function of(Reminder $reminder): ?self
    {
        return match ($reminder->kind) {
            'booking' => self::booking($reminder),
            'booked', 'moved', 'cancelled' => self::news($reminder),
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
        ) {
            return null;
        }
        $words = [
            'when' => $booking->starts_at->setTimezone($reminder->head->salon->timezone)->format('l j F \\a\\t G:i'),
            'who' => explode(' ', $booking->user->name)[0],
            'service' => $booking->service,
            'minutes' => $booking->minutes,
        ];

        return new self(
            Words::say("booking.message.{$reminder->kind}-subject", $words),
            Words::say("booking.message.{$reminder->kind}", $words),
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
        $when = $booking->starts_at->setTimezone($reminder->head->salon->timezone)->format('l j F \a\t G:i');
        $who = explode(' ', $booking->user->name)[0];

        return new self(
            "Your time with us on {$when}",
            "We see you on {$when}: {$booking->service} with {$who}, about {$booking->minutes} minutes.",
        );
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
        return new self('Today is a wash day', 'Today is a wash day. Your card: ' . url($link->path()));
    }
}
