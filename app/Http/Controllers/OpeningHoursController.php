<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\Scheduling\OpeningHours;
use App\Http\Requests\HoursRequest;
use App\Http\Requests\LeaveRequest;
use App\Models\Leave;
use App\Pages\Salon\HoursScreen;
use App\Wording\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** When whose hands are there, and for what they can be booked. */
final class OpeningHoursController extends Controller
{
    public function __construct(
        private readonly HoursScreen $hoursScreen,
        private readonly OpeningHours $openingHours,
    ) {
    }

    public function edit(): View
    {
        return view('salon.hours', $this->hoursScreen->of($this->salon()));
    }

    public function update(HoursRequest $request): RedirectResponse
    {
        $this->openingHours->keep(
            $this->salon(),
            $request->integer('chairs'),
            $request->equipment() + $request->missedRule() + $request->tax(),
            $request->week(),
            $request->services(),
        );

        return redirect()->route('salon.hours')->with(
            'said',
            trim(Words::say('hours.saved') . ' ' . $request->typedWeek()->late()),
        );
    }

    public function leave(LeaveRequest $request): RedirectResponse
    {
        $booked = $this->openingHours->leave($this->salon(), $request->columns());

        return redirect()->route('salon.hours')->with(
            'said',
            trans_choice('said.opening-hours.leave', $booked),
        );
    }

    public function back(Leave $leave): RedirectResponse
    {
        abort_unless($leave->salon_id === $this->salon()->id, 404);
        $leave->delete();

        return redirect()->route('salon.hours')->with('said', Words::say('said.opening-hours.back'));
    }
}
