<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\Plans\Programmes;
use App\Http\Requests\ProgrammeRequest;
use App\Http\Requests\TrialRequest;
use App\Models\Head;
use App\Models\Programme;
use App\Models\Trial;
use App\Pages\Trends\TrialsScreen;
use App\Wording\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

final class TrialController extends Controller
{
    public function __construct(
        private readonly Programmes $programmes,
        private readonly TrialsScreen $trialsScreen,
    ) {
    }

    public function index(Head $head): View
    {
        return view('trends.trials', $this->trialsScreen->of($head));
    }

    public function store(TrialRequest $request, Head $head): RedirectResponse
    {
        $trial = new Trial(['head_id' => $head->id, 'by' => $this->stylist()->name] + $request->columns());
        $trial->salon_id = $head->salon_id;
        $trial->save();

        return redirect()->route('clients.trials', $head)->with(
            'said',
            Words::say('said.trial.store'),
        );
    }

    public function beginProgramme(ProgrammeRequest $request, Head $head): RedirectResponse
    {
        $this->programmes->begin($head, $request->columns(), $this->stylist()->name);

        return redirect()->route('clients.trials', $head)->with('said', __('programmes.begun'));
    }

    public function endProgramme(Head $head, Programme $programme): RedirectResponse
    {
        $this->programmes->breakOff($head, $programme);

        return redirect()->route('clients.trials', $head)->with('said', __('programmes.broken-off'));
    }

    public function end(Head $head, Trial $trial): RedirectResponse
    {
        $trial->update(['ended_on' => $head->salon->today()->format('Y-m-d')]);

        return redirect()->route('clients.trials', $head)->with('said', Words::say('said.trial.end'));
    }
}
