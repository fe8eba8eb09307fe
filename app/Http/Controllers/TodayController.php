<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Jobs\RenewSalon;
use App\Pages\Today\TodayScreen;
use App\Wording\ClientName;
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

        $view = view('today.show', $page)->with([
            'hides' => $this->stylist()->hides_names, 'isDesk' => ClientName::isDesk(),
        ]);

        // A page that is shown already asks for a better order of its day.
        return $request->expectsJson() ? response()->json(['page' => $view->render()]) : $view;
    }

    /** Hides names, or shows them: everywhere, or on this device at the desk. */
    public function names(Request $request): RedirectResponse
    {
        $where = $request->string('where')->value();
        if (in_array($where, ['desk', 'away'], true)) {
            ClientName::setDesk($where === 'desk');

            return back();
        }
        ClientName::setDesk(false);
        $this->stylist()->update(['hides_names' => ! $this->stylist()->hides_names]);

        return back();
    }
}
