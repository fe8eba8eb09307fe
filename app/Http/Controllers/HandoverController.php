<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\Scheduling\BookingConflict;
use App\Care\Scheduling\DayHandover;
use App\Http\Requests\HandoverRequest;
use App\Models\User;
use App\Pages\Today\HandoverScreen;
use App\Wording\SalonClock;
use App\Wording\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** A stylist who falls ill hands the whole day over. */
final class HandoverController extends Controller
{
    public function __construct(
        private readonly DayHandover $dayHandover,
        private readonly HandoverScreen $handoverScreen,
    ) {
    }

    public function show(Request $request): View
    {
        $salon = $this->salon();
        $date = SalonClock::day($salon, $request->string('date')->value()) ?? $salon->today();
        $from = $request->filled('of')
            ? User::query()->where('salon_id', $salon->id)->find($request->integer('of')) ?? abort(404)
            : $this->stylist();

        return view('today.handover', $this->handoverScreen->of($salon, $from, $date->max($salon->today())));
    }

    public function store(HandoverRequest $request): RedirectResponse
    {
        $moves = $request->moves();
        try {
            $untold = $this->dayHandover->take($this->salon(), $moves, $this->stylist()->name);
        } catch (BookingConflict $conflict) {
            throw ValidationException::withMessages(['time' => $conflict->getMessage()]);
        }

        return redirect()->route('today', ['date' => $moves[0]['booking']->date->format('Y-m-d')])->with(
            'said',
            trans_choice('booking.handover.said', count($moves))
                . ($untold === 0 ? '' : ' ' . Words::say('booking.handover.untold')),
        );
    }
}
