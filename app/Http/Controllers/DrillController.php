<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\Practice\DrillRounds;
use App\Http\Requests\DrillRequest;
use App\Pages\Practice\DrillsScreen;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Rounds of a minute: reading tests and labels, and how much of a thing is used. */
final class DrillController extends Controller
{
    public function __construct(
        private readonly DrillRounds $drillRounds,
        private readonly DrillsScreen $drillsScreen,
    ) {
    }

    public function show(Request $request): View
    {
        $kind = $request->query('kind');

        return view('practice.drills', $this->drillsScreen->of(
            $this->stylist(),
            is_string($kind) && in_array($kind, $this->drillsScreen->all(), true) ? $kind : null,
            $this->marked($request),
        ));
    }

    /** @return array<int, string> answers of the round before, by item */
    private function marked(Request $request): array
    {
        $marked = [];
        foreach ((array) $request->session()->get('drilled', []) as $item => $answer) {
            $marked[(int) $item] = is_string($answer) ? $answer : '';
        }

        return $marked;
    }

    public function store(DrillRequest $request): RedirectResponse
    {
        $kind = $request->string('kind')->value();
        $this->drillRounds->answer($this->stylist(), $kind, $request->answers());

        return redirect()->route('practice.drills', ['kind' => $kind])->with('drilled', $request->answers());
    }
}
