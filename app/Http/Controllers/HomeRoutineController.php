<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Head;
use App\Models\HomeLink;
use App\Pages\HomeRoutine\HomeRoutinePdf;
use App\Pages\HomeRoutine\HomeRoutines;
use App\Pages\HomeRoutine\HomeRoutineScreen;
use App\Wording\Words;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The home routine as the stylist sees it: what it says, its links, what came back. */
final class HomeRoutineController extends Controller
{
    public function __construct(
        private readonly HomeRoutines $homeRoutines,
        private readonly HomeRoutineScreen $homeRoutineScreen,
        private readonly HomeRoutinePdf $homeRoutinePdf,
    ) {
    }

    public function show(Request $request, Head $head): View
    {
        return view(
            'home-routine.show',
            $this->homeRoutineScreen->of($head, $request->string('scan')->value()),
        )->with($this->homeRoutines->of($head)->toArray());
    }

    public function pdf(Head $head): Response
    {
        return response(
            $this->homeRoutinePdf->of($head),
            200,
            ['Content-Type' => 'application/pdf', 'Content-Disposition' => 'attachment; filename="home-card.pdf"'],
        );
    }

    public function store(Request $request, Head $head): RedirectResponse
    {
        /** @var array{days: string} $typed */
        $typed = $request->validate(
            ['days' => ['required', 'integer', 'between:1,365']],
            ['days.*' => Words::say('said.home-routine.store')],
        );
        $link = new HomeLink([
            'head_id' => $head->id,
            'by' => $this->stylist()->name,
            'expires_at' => CarbonImmutable::now()->addDays((int) $typed['days']),
        ]);
        $link->salon_id = $head->salon_id;
        $link->save();

        return redirect()->route('clients.home-routine', [$head, 'scan' => $link->id])
            ->withFragment('scan')
            ->with('said', Words::say('said.home-routine.store-2'));
    }

    public function withdraw(Head $head, HomeLink $link): RedirectResponse
    {
        $link->update(['withdrawn_at' => $link->withdrawn_at ?? CarbonImmutable::now()]);

        return redirect()->route('clients.home-routine', $head)->with(
            'said',
            Words::say('said.home-routine.withdraw'),
        );
    }
}
