<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Jobs\RenewSalon;
use App\Pages\Today\TodayScreen;
use App\Wording\SalonClock;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

final class TodayController extends Controller
{
    public function __construct(
        private readonly TodayScreen $todayScreen,
    ) {
    }

    public function show(Request $request): View|JsonResponse
    {
        $salon = $this->salon();
        // An address with a day that does not exist shows today.
        $date = SalonClock::day($salon, $request->string('date')->value()) ?? $salon->today();

        $page = $this->todayScreen->of($salon, $date, $request->boolean('thoroughly'));
        if ($page->stale > 0) {
            RenewSalon::dispatch($salon->id);
        }

        $view = view('today.show', $page)->with('hides', $this->stylist()->hides_names);

        // A page that is shown already asks for a better order of its day.
        return $request->expectsJson() ? response()->json(['page' => $view->render()]) : $view;
    }

    public function names(): RedirectResponse
    {
        $this->stylist()->update(['hides_names' => ! $this->stylist()->hides_names]);

        return back();
    }
}
