<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\Scheduling\BookingConflict;
use App\Care\Scheduling\BookingSeries;
use App\Http\Requests\SeriesRequest;
use App\Models\Booking;
use App\Models\BookingStatus;
use App\Pages\Today\SeriesScreen;
use App\Wording\ClientName;
use App\Wording\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** A client who comes again every so many weeks is booked in one go. */
final class BookingSeriesController extends Controller
{
    public function __construct(
        private readonly BookingSeries $bookingSeries,
        private readonly SeriesScreen $seriesScreen,
    ) {
    }

    public function show(Request $request, Booking $booking): View|RedirectResponse
    {
        if ($booking->status !== BookingStatus::Booked) {
            return redirect()->route('bookings.show', $booking)->with('said', Words::say('series.closed'));
        }
        $number = static fn (string $name): ?int => $request->filled($name) ? $request->integer($name) : null;

        return view('today.series', $this->seriesScreen->of($booking, $number('weeks'), $number('times')));
    }

    public function store(SeriesRequest $request, Booking $booking): RedirectResponse
    {
        try {
            $this->bookingSeries->take($this->salon(), $booking, $request->slots(), $this->stylist()->name);
        } catch (BookingConflict $conflict) {
            throw ValidationException::withMessages(['time' => $conflict->getMessage()]);
        }

        return redirect()->route('bookings.show', $booking)->with(
            'said',
            trans_choice('series.said', count($request->slots()), ['name' => ClientName::shown($booking->head->name)]),
        );
    }
}
