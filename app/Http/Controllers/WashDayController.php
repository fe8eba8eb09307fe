<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\WashDays\PastWashDays;
use App\Http\Requests\WashDayRequest;
use App\Models\Head;
use App\Models\WashDay;
use App\Pages\Wash\PastWashDaysScreen;
use App\Wording\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

final class WashDayController extends Controller
{
    public function __construct(
        private readonly PastWashDays $pastWashDays,
        private readonly PastWashDaysScreen $pastWashDaysScreen,
    ) {
    }

    public function create(Head $head): View
    {
        return view('wash.past', $this->pastWashDaysScreen->of($head));
    }

    public function store(WashDayRequest $request, Head $head): RedirectResponse
    {
        $washDay = $request->washDay();
        $same = $this->pastWashDays->known($head, $washDay);
        if ($same !== null) {
            return redirect()
                ->route('clients.now', $head)
                ->with('said', Words::say('wash.already'))
                ->with('undo', route('clients.wash-days.undo', [$head, $same->key]));
        }
        $notices = $this->pastWashDays->take($head, $washDay);

        return redirect()->route('clients.now', $head)
            ->with(
                'said',
                implode(' ', [Words::say('said.wash-day.store'), ...$notices]),
            )
            ->with('undo', route('clients.wash-days.undo', [$head, $washDay->id]));
    }

    public function destroy(Head $head, WashDay $washDay): RedirectResponse
    {
        $this->pastWashDays->undo($head, $washDay);

        return redirect()->route('clients.now', $head)->with('said', Words::say('said.wash-day.destroy'));
    }
}
