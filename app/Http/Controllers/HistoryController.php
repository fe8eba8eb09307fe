<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\Readings\Visits;
use App\Http\Requests\HairTestsRequest;
use App\Models\Head;
use App\Models\Reading;
use App\Models\Visit;
use App\Pages\HairTests\HairTestsScreen;
use App\Pages\History\VisitsPage;
use App\Pages\History\VisitsScreen;
use App\Wording\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

final class HistoryController extends Controller
{
    public function __construct(
        private readonly HairTestsScreen $hairTestsScreen,
        private readonly Visits $visits,
        private readonly VisitsScreen $visitsScreen,
    ) {
    }

    public function index(Head $head): View
    {
        return view('history.index', new VisitsPage(head: $head, visits: $this->visitsScreen->all($head)));
    }

    public function show(Head $head, Visit $visit): View
    {
        return view('history.show', $this->visitsScreen->of($head, $visit));
    }

    public function edit(Head $head, Visit $visit): View
    {
        return view('hair-tests.show', $this->hairTestsScreen->correcting($head, $this->stylist(), $visit));
    }

    public function update(HairTestsRequest $request, Head $head, Visit $visit): RedirectResponse
    {
        $readings = $request->readings($this->stylist()->name);
        if ($readings === [] || $visit->undone_at !== null) {
            abort(422);
        }
        $this->visits->correct(
            $head,
            $visit,
            $readings,
            $this->stylist()->name,
            $request->string('because')->value(),
            $request->typed(),
        );

        return redirect()->route('clients.history.show', [$head, $visit])->with(
            'said',
            Words::say('said.history.update'),
        );
    }

    public function confirm(Head $head, Reading $reading): RedirectResponse
    {
        $this->visits->confirm($head, $reading, $this->stylist()->name);

        return redirect()->route('clients.history.show', [$head, $reading->visit]);
    }

    public function destroy(Head $head, Visit $visit): RedirectResponse
    {
        $gone = $this->visits->undo($head, $visit);

        return redirect()->route('clients.hair-tests', $head)->with(
            'said',
            $gone === 0 ? Words::say('said.history.destroy') : Words::say('said.history.destroy-2'),
        );
    }
}
