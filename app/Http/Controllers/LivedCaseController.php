<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\Practice\LivedCases;
use App\Models\Head;
use App\Models\LivedCase;
use App\Pages\Practice\LivedCaseScreen;
use App\Wording\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** Hair of a client to practise on: what would be kept of it, kept, and taken out again. */
final class LivedCaseController extends Controller
{
    public function __construct(
        private readonly LivedCases $livedCases,
        private readonly LivedCaseScreen $livedCaseScreen,
    ) {
    }

    public function show(Head $head): View
    {
        return view('practice.lived', $this->livedCaseScreen->of($head));
    }

    public function store(Head $head): RedirectResponse
    {
        $made = $this->livedCases->make($head);

        return redirect()->route('practice')
            ->with('said', Words::say('practice.lived.made', ['number' => $made->number]));
    }

    public function destroy(LivedCase $livedCase): RedirectResponse
    {
        $this->livedCases->drop($livedCase);

        return redirect()->route('practice')->with('said', Words::say('practice.said.dropped'));
    }
}
