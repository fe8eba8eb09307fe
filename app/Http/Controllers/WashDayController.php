<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\OutlookRefresh;
use App\Care\ProductNotices;
use App\Care\Renewal;
use App\Care\TakeIn;
use App\Care\Words;
use App\Http\Requests\WashDayRequest;
use App\Models\Head;
use App\Models\Product;
use App\Models\WashDay;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\DB;

final class WashDayController extends Controller
{
    public function create(Head $head): View
    {
        Renewal::current($head->load(['salon', 'outlook']));

        return view('heads.wash-day', [
            'head' => $head,
            'today' => $head->salon->today(),
            'planned' => $head->planItems()->where('status', 'planned')->first(),
            'products' => ProductNotices::choice($head)->mapWithKeys(fn (Product $product): array => [$product->name => $product->name . ($product->head_id === null ? '' : ' (her own)')])->all(),
            'recent' => $head->washDays()->with('steps')->reorder('date', 'desc')->orderByDesc('id')->limit(5)->get(),
        ]);
    }

    public function store(WashDayRequest $request, Head $head): RedirectResponse
    {
        $washDay = $request->washDay();
        $same = TakeIn::sameWashDay($head, $washDay);
        if ($same !== null) {
            return redirect()->route('heads.show', $head)->with('said', Words::say('wash.already'))->with('undo', route('heads.wash-day.undo', [$head, $same->key]));
        }
        DB::transaction(fn () => TakeIn::washDays($head, [$washDay]));
        OutlookRefresh::after($head, $washDay->date);

        return redirect()->route('heads.show', $head)
            ->with('said', implode(' ', ['The wash day is in the book; the season is planned anew from it.', ...ProductNotices::of($head, $washDay)]))
            ->with('undo', route('heads.wash-day.undo', [$head, $washDay->id]));
    }

    public function destroy(Head $head, WashDay $washDay): RedirectResponse
    {
        $washDay->delete();
        OutlookRefresh::after($head, $washDay->date);

        return redirect()->route('heads.show', $head)->with('said', 'Undone: that wash day is taken back.');
    }
}
