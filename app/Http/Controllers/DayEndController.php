<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\Scheduling\BookingConflict;
use App\Care\Scheduling\Bookings;
use App\Http\Requests\DayEndRequest;
use App\Models\Booking;
use App\Pages\Today\DayEndScreen;
use App\Wording\ClientName;
use App\Wording\SalonClock;
use App\Wording\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** The end of a day: every booking that is still open is asked about, and the day adds up. */
final class DayEndController extends Controller
{
    public function __construct(
        private readonly Bookings $bookings,
        private readonly DayEndScreen $dayEndScreen,
    ) {
    }

    public function show(Request $request): View
    {
        $salon = $this->salon();
        $date = SalonClock::day($salon, $request->string('date')->value()) ?? $salon->today();

        return view('today.end', $this->dayEndScreen->of($salon, $date->min($salon->today())));
    }

    public function close(DayEndRequest $request, Booking $booking): RedirectResponse
    {
        try {
            $this->bookings->note(
                $this->salon(),
                $booking,
                $request->integer('sequence'),
                $request->columns($booking),
                $this->stylist()->name,
            );
        } catch (BookingConflict $conflict) {
            throw ValidationException::withMessages(['what' => $conflict->getMessage()]);
        }
        $isDone = $request->string('what')->value() === 'through';
        $does = $isDone ? $this->bookings->does($booking) : null;

        return redirect()->back(fallback: route('today.end'))->with('said', implode(' ', array_filter([
            Words::say($isDone ? 'booking.day-end.done' : 'booking.day-end.missed', [
                'name' => ClientName::shown($booking->head->name),
            ]),
            $does === null ? '' : Words::say("chair-work.through.{$does}"),
        ])));
    }
}
