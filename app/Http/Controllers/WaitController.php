<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\Scheduling\WaitingList;
use App\Http\Requests\WaitRequest;
use App\Models\Wait;
use App\Wording\ClientName;
use App\Wording\Words;
use Illuminate\Http\RedirectResponse;

/** Who waits for a time that is not free yet. */
final class WaitController extends Controller
{
    public function __construct(private readonly WaitingList $waitingList)
    {
    }

    public function store(WaitRequest $request): RedirectResponse
    {
        $head = $request->head();
        $this->waitingList->put(
            $this->salon(),
            $head,
            $request->service(),
            $request->with(),
            $request->string('part')->value(),
            $request->from(),
            $request->until(),
            $request->drying(),
        );

        return redirect()->route('today')->with(
            'said',
            Words::say('booking.wait.said', ['name' => ClientName::shown($head->name)]),
        );
    }

    public function destroy(Wait $wait): RedirectResponse
    {
        abort_unless($wait->salon_id === $this->salon()->id, 404);
        $wait->delete();

        return back()->with('said', Words::say('booking.wait.gone', ['name' => ClientName::shown($wait->head->name)]));
    }
}
