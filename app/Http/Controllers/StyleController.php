<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\HeadRecord;
use App\Care\StyleBook;
use App\Http\Requests\StyleRequest;
use App\Models\Head;
use App\Models\Style;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

final class StyleController extends Controller
{
    public function show(Head $head): View
    {
        $head->loadMissing('salon');
        $style = StyleBook::running($head);

        return view('heads.style', [
            'head' => $head,
            'today' => $head->salon->today(),
            'style' => $style,
            'takeDown' => $style === null ? null : StyleBook::takeDown($style, HeadRecord::date($head->salon->today())),
            'earlier' => Style::query()->where('head_id', $head->id)->whereNotNull('ended_on')->latest('id')->limit(8)->get(),
        ]);
    }

    public function begin(StyleRequest $request, Head $head): RedirectResponse
    {
        StyleBook::begin($head, $request->styling(), $request->on(), $request->filled('stays_days') ? $request->integer('stays_days') : null);

        return redirect()->route('heads.style', $head)->with('said', 'The style is followed from that day.');
    }

    public function keep(StyleRequest $request, Head $head): RedirectResponse
    {
        StyleBook::keep(StyleBook::running($head) ?? abort(404), $request->on(), $request->string('what')->value() ?: 'refreshed');

        return redirect()->route('heads.style', $head)->with('said', 'Noted.');
    }

    public function end(StyleRequest $request, Head $head): RedirectResponse
    {
        StyleBook::end($head, StyleBook::running($head) ?? abort(404), $request->on(), $this->stylist()->name);

        return redirect()->route('heads.style', $head)->with('said', 'How long it lasted went to the Bench.');
    }
}
