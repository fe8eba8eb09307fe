<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\Scheduling\BookingConflict;
use App\Care\Scheduling\HouseholdBookings;
use App\Http\Requests\HouseholdRequest;
use App\Wording\ClientName;
use App\Wording\Words;
use Illuminate\Http\RedirectResponse;
use Illuminate\Validation\ValidationException;

/** Several of a household are booked together. */
final class HouseholdController extends Controller
{
    public function __construct(
        private readonly HouseholdBookings $householdBookings,
    ) {
    }

    public function store(HouseholdRequest $request): RedirectResponse
    {
        $date = $request->day() ?? $this->salon()->today();
        $come = $request->come();
        try {
            $this->householdBookings->take(
                $this->salon(),
                $come,
                $request->service(),
                $date,
                $this->stylist()->name,
                $request->drying(),
            );
        } catch (BookingConflict $conflict) {
            throw ValidationException::withMessages(['slot' => $conflict->getMessage()]);
        }
        $names = array_map(static fn (array $one): string => ClientName::shown($one['head']->name), $come);

        return redirect()->route('today', ['date' => $date->format('Y-m-d')])->with(
            'said',
            Words::say('booking.household.said', ['names' => implode(', ', $names)]),
        );
    }
}
