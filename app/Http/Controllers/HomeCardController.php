<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\Home\HomeCard;
use App\Care\Home\HomeCardPdf;
use App\Care\Home\HomePage;
use App\Models\Head;
use App\Models\HomeLink;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The home card as the stylist sees it: what it says, its links, what came back. */
final class HomeCardController extends Controller
{
    public function show(Head $head): View
    {
        return view('heads.home', HomePage::of($head) + HomeCard::of($head));
    }

    public function pdf(Head $head): Response
    {
        return response(HomeCardPdf::of($head), 200, ['Content-Type' => 'application/pdf', 'Content-Disposition' => 'attachment; filename="home-card.pdf"']);
    }

    public function store(Request $request, Head $head): RedirectResponse
    {
        /** @var array{days: string} $typed */
        $typed = $request->validate(['days' => ['required', 'integer', 'between:1,365']], ['days.*' => 'Days: type how long the link opens, 1 to 365 days.']);
        $link = new HomeLink(['head_id' => $head->id, 'by' => $this->stylist()->name, 'expires_at' => CarbonImmutable::now()->addDays((int) $typed['days'])]);
        $link->salon_id = $head->salon_id;
        $link->save();

        return redirect()->route('heads.home', $head)->with('said', 'The link is made. Whoever has it can open this card and nothing else.');
    }

    public function withdraw(Head $head, HomeLink $link): RedirectResponse
    {
        $link->update(['withdrawn_at' => $link->withdrawn_at ?? CarbonImmutable::now()]);

        return redirect()->route('heads.home', $head)->with('said', 'Withdrawn: that link opens nothing any more.');
    }
}
