<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\Desk\DayPlan;
use App\Care\Desk\HoursBook;
use App\Http\Requests\HoursRequest;
use App\Http\Requests\LeaveRequest;
use App\Models\Leave;
use App\Models\Offer;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** When whose hands are there, and for what they can be booked. */
final class HoursController extends Controller
{
    public function edit(): View
    {
        $salon = $this->salon();

        return view('house.hours', [
            'salon' => $salon,
            'stylists' => DayPlan::stylists($salon),
            'week' => HoursBook::week($salon),
            'services' => Offer::query()->where('salon_id', $salon->id)->orderByDesc('is_wash_day')->orderBy('name')->get(),
            'leaves' => Leave::query()->where('salon_id', $salon->id)->where('until', '>=', $salon->today()->format('Y-m-d'))->orderBy('from')->get(),
        ]);
    }

    public function update(HoursRequest $request): RedirectResponse
    {
        HoursBook::keep($this->salon(), $request->integer('chairs'), $request->week(), $request->services());

        return redirect()->route('house.hours')->with('said', 'Saved. Bookings already made keep their times and prices.');
    }

    public function leave(LeaveRequest $request): RedirectResponse
    {
        $booked = HoursBook::leave($this->salon(), $request->columns());

        return redirect()->route('house.hours')->with('said', $booked === 0 ? 'Noted.' : "Noted. {$booked} " . ($booked === 1 ? 'booking falls' : 'bookings fall') . ' into those days: move them, or call.');
    }

    public function back(Leave $leave): RedirectResponse
    {
        abort_unless($leave->salon_id === $this->salon()->id, 404);
        $leave->delete();

        return redirect()->route('house.hours')->with('said', 'Taken back.');
    }
}
