<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\WashDays\WornStyles;
use App\Http\Requests\StyleRequest;
use App\Models\Head;
use App\Models\Style;
use App\Pages\Wash\StyleScreen;
use App\Wording\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

final class StyleController extends Controller
{
    public function __construct(
        private readonly StyleScreen $styleScreen,
        private readonly WornStyles $wornStyles,
    ) {
    }

    public function show(Head $head): View
    {
        return view('wash.style', $this->styleScreen->of($head));
    }

    public function begin(StyleRequest $request, Head $head): RedirectResponse
    {
        $this->wornStyles->begin(
            $head,
            $request->styling(),
            $request->on(),
            $request->filled('stays_days') ? $request->integer('stays_days') : null,
        );

        return redirect()->route('clients.style', $head)->with('said', Words::say('said.style.begin'));
    }

    public function keep(StyleRequest $request, Head $head): RedirectResponse
    {
        $style = Style::running($head) ?? abort(404);
        $look = $request->look();
        if ($look !== null) {
            $this->wornStyles->look($style, $request->on(), $look);
        }
        if ($look === null || $request->filled('what')) {
            $this->wornStyles->keep($style, $request->on(), $request->string('what')->value() ?: 'refreshed');
        }

        return redirect()->route('clients.style', $head)->with('said', Words::say('said.shared.noted'));
    }

    public function end(StyleRequest $request, Head $head): RedirectResponse
    {
        $this->wornStyles->end($head, Style::running($head) ?? abort(404), $request->on(), $this->stylist()->name);

        return redirect()->route('clients.style', $head)->with('said', Words::say('said.style.end'));
    }
}
