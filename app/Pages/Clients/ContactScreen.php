<?php

declare(strict_types=1);

namespace App\Pages\Clients;

use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\Head;
use App\Models\Salon;
use App\Wording\MessageLanguage;
use Illuminate\Database\Eloquent\Builder;

/** How a client is reached, and what is booked, for whoever keeps the book. */
final readonly class ContactScreen
{
    private const BEFORE = 6;

    public function __construct(private ContactForm $contactForm)
    {
    }

    public function of(Salon $salon, Head $head): ContactPage
    {
        $today = $salon->today()->format('Y-m-d');

        return new ContactPage(
            head: $head,
            seen: $this->contactForm->seen($head),
            languages: MessageLanguage::NAMES,
            toCome: array_values($this->bookings($head)->where('date', '>=', $today)
                ->whereIn('status', BookingStatus::open())->orderBy('starts_at')->get()->all()),
            before: array_values($this->bookings($head)->where('date', '<=', $today)
                ->whereNotIn('status', BookingStatus::open())->orderByDesc('starts_at')->limit(self::BEFORE)
                ->get()->all()),
        );
    }

    /** @return Builder<Booking> */
    private function bookings(Head $head): Builder
    {
        return Booking::query()->where('salon_id', $head->salon_id)->where('head_id', $head->id)->with('user');
    }
}
