<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\Desk\Clock;
use App\Care\Desk\TodayPage;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

final class TodayController extends Controller
{
    public function show(Request $request): View
    {
        $salon = $this->salon();
        // An address with a day that does not exist shows today.
        $date = Clock::day($salon, $request->string('date')->value()) ?? $salon->today();

        return view('today.show', TodayPage::of($salon, $date) + ['hides' => $this->stylist()->hides_names]);
    }

    public function names(): RedirectResponse
    {
        $this->stylist()->update(['hides_names' => ! $this->stylist()->hides_names]);

        return back();
    }
}
