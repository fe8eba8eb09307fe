<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\Plans\PlanEdits;
use App\Care\Plans\PlanTermsEdits;
use App\Http\Requests\FixedWashDayRequest;
use App\Http\Requests\PlanTermsRequest;
use App\Models\Head;
use App\Pages\Plan\PlanTermsScreen;
use App\Wording\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** What a plan must keep to: days away, home and salon, stock, what was promised, days set by hand. */
final class PlanTermsController extends Controller
{
    public function __construct(
        private readonly PlanEdits $planEdits,
        private readonly PlanTermsScreen $planTermsScreen,
        private readonly PlanTermsEdits $planTermsEdits,
    ) {
    }

    public function edit(Head $head): View
    {
        return view('plan.terms', $this->planTermsScreen->of($head));
    }

    public function update(PlanTermsRequest $request, Head $head): RedirectResponse
    {
        return $this->keep($head, $request->season(), Words::say('said.plan-terms.update'));
    }

    public function setByHand(FixedWashDayRequest $request, Head $head): RedirectResponse
    {
        return $this->keep($head, $request->season(), Words::say('said.plan-terms.set-by-hand'));
    }

    public function takeBack(Head $head, string $date): RedirectResponse
    {
        $said = Words::say('said.plan-terms.take-back');
        $this->planTermsEdits->takeBack($head, $date, $said, $this->stylist()->name);

        return $this->say($head, $said);
    }

    public function promise(Head $head): RedirectResponse
    {
        $said = Words::say('said.plan-terms.promise');
        $this->planTermsEdits->promise($head, $said, $this->stylist()->name);

        return $this->say($head, $said);
    }

    public function release(Head $head): RedirectResponse
    {
        $said = Words::say('said.plan-terms.release');
        $this->planTermsEdits->release($head, $said, $this->stylist()->name);

        return $this->say($head, $said);
    }

    /** @param array<string, mixed> $season */
    private function keep(Head $head, array $season, string $said): RedirectResponse
    {
        $this->planEdits->keep($head, $season, $said, $this->stylist()->name);

        return $this->say($head, $said);
    }

    private function say(Head $head, string $said): RedirectResponse
    {
        return redirect()->route('clients.plan-terms', $head)->with('said', $said);
    }
}
