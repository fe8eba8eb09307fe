<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\BenchPage;
use App\Care\VisitBook;
use App\Care\VisitPage;
use App\Http\Requests\BenchRequest;
use App\Models\Head;
use App\Models\Reading;
use App\Models\Visit;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

final class VisitController extends Controller
{
    public function index(Head $head): View
    {
        return view('heads.visits.index', ['head' => $head, 'visits' => VisitPage::list($head)]);
    }

    public function show(Head $head, Visit $visit): View
    {
        return view('heads.visits.show', VisitPage::of($head, $visit));
    }

    public function edit(Head $head, Visit $visit): View
    {
        return view('heads.bench.show', BenchPage::correcting($head, $this->stylist(), $visit));
    }

    public function update(BenchRequest $request, Head $head, Visit $visit): RedirectResponse
    {
        $readings = $request->readings($this->stylist()->name);
        if ($readings === [] || $visit->undone_at !== null) {
            abort(422);
        }
        VisitBook::correct($head, $visit, $readings, $this->stylist()->name, $request->string('because')->value(), $request->typed());

        return redirect()->route('heads.visits.show', [$head, $visit])->with('said', 'Corrected. What this visit said before stands below.');
    }

    public function confirm(Head $head, Reading $reading): RedirectResponse
    {
        VisitBook::confirm($head, $reading, $this->stylist()->name);

        return redirect()->route('heads.visits.show', [$head, $reading->visit]);
    }

    public function destroy(Head $head, Visit $visit): RedirectResponse
    {
        $gone = VisitBook::undo($head, $visit);

        return redirect()->route('heads.bench', $head)->with('said', $gone === 0 ? 'That visit was undone before.' : 'Undone: the readings of that visit are taken back.');
    }
}
