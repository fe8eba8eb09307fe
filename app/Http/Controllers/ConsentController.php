<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\Clients\Consents;
use App\Http\Requests\ConsentRequest;
use App\Http\Requests\ConsentWordingRequest;
use App\Models\Consent;
use App\Models\Head;
use App\Pages\Clients\ConsentScreen;
use App\Pages\Salon\ConsentWordingScreen;
use App\Wording\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

/** What clients agree to: given, taken back, printed to sign, and how the salon words it. */
final class ConsentController extends Controller
{
    public function __construct(
        private readonly Consents $consents,
        private readonly ConsentScreen $consentScreen,
    ) {
    }

    public function show(Head $head): View
    {
        return view('clients.consent', $this->consentScreen->of($head));
    }

    public function give(ConsentRequest $request, Head $head): RedirectResponse
    {
        $this->consents->give(
            $head->loadMissing('salon'),
            $request->purpose(),
            trim($request->string('given_by')->value()),
            $this->stylist()->name,
        );

        return redirect()->route('clients.consent', $head)->with('said', Words::say('consent.given-said'));
    }

    public function withdraw(Head $head, Consent $consent): RedirectResponse
    {
        if ($consent->withdrawn_on === null) {
            $this->consents->withdraw($head->loadMissing('salon'), $consent, $this->stylist()->name);
        }

        return redirect()->route('clients.consent', $head)->with(
            'said',
            Words::say("consent.withdrawn-said.{$consent->purpose->value}"),
        );
    }

    public function form(Head $head): Response
    {
        return new Response($this->consentScreen->form($head), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => 'attachment; filename="consent.pdf"',
        ]);
    }

    public function wordings(ConsentWordingScreen $consentWordingScreen): View
    {
        return view('salon.consent', $consentWordingScreen->of($this->salon()));
    }

    public function word(ConsentWordingRequest $request): RedirectResponse
    {
        foreach ($request->wordings() as [$purpose, $language, $wording]) {
            $this->consents->word($this->salon(), $purpose, $language, $wording, $this->stylist()->name);
        }

        return redirect()->route('salon.consent')->with('said', Words::say('said.shared.saved'));
    }
}
