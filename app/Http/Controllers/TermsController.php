<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\Seasons\Promises;
use App\Care\Seasons\SeasonLog;
use App\Care\SeasonTerms;
use App\Http\Requests\ByHandRequest;
use App\Http\Requests\TermsRequest;
use App\Models\Head;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** What a plan must keep to: days away, home and salon, stock, what was promised, days set by hand. */
final class TermsController extends Controller
{
    public function edit(Head $head): View
    {
        return view('heads.terms', SeasonTerms::page($head));
    }

    public function update(TermsRequest $request, Head $head): RedirectResponse
    {
        return $this->keep($head, $request->season(), 'Saved; the season is planned anew within it.');
    }

    public function setByHand(ByHandRequest $request, Head $head): RedirectResponse
    {
        return $this->keep($head, $request->season(), 'Set. That day stays as it is; the rest is planned round it.');
    }

    public function takeBack(Head $head, string $date): RedirectResponse
    {
        return $this->keep($head, SeasonTerms::withoutByHand($head, $date), 'Taken back; the plan decides on that day again.');
    }

    public function promise(Head $head): RedirectResponse
    {
        $promised = SeasonTerms::treatments($head);
        Promises::make($head, $promised, $this->stylist()->name);

        return $this->keep($head, SeasonTerms::promised($head, $promised), 'Promised. What is in the plan now is moved only for a reason worth the move.');
    }

    public function release(Head $head): RedirectResponse
    {
        Promises::release($head);

        return $this->keep($head, SeasonTerms::released($head), 'Released: the plan is free to move again.');
    }

    /** @param array<string, mixed> $season */
    private function keep(Head $head, array $season, string $said): RedirectResponse
    {
        SeasonLog::keep($head, $season, $said, $this->stylist()->name);

        return redirect()->route('heads.terms', $head)->with('said', $said);
    }
}
