<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\HeadPage;
use App\Care\Notebook;
use App\Care\OutlookRefresh;
use App\Care\PorosityFindings;
use App\Care\TakeIn;
use App\Http\Requests\HeadRequest;
use App\Models\Head;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

final class HeadController extends Controller
{
    public function index(Request $request): View
    {
        $search = mb_substr(trim($request->string('search')->value()), 0, 120);
        $heads = Head::query()->with(['zoneParts', 'outlook:head_id,salon_id,as_of,verdict,cells,standing', 'planItems' => fn ($items) => $items->where('status', 'planned')])
            ->when($search !== '', fn ($query) => $query->where('name', 'like', '%' . addcslashes($search, '%_\\') . '%'))
            ->orderBy('name')->get();

        return view('heads.index', ['heads' => $heads, 'search' => $search, 'today' => $this->salon()->today()]);
    }

    public function create(): View
    {
        return view('heads.form', ['head' => null, 'salon' => $this->salon()]);
    }

    public function store(HeadRequest $request): RedirectResponse
    {
        $head = DB::transaction(function () use ($request): Head {
            $head = (new Head($request->columns()))->forceFill(['salon_id' => $this->salon()->id, 'consent_on' => $request->today()->format('Y-m-d')]);
            $head->save();
            TakeIn::zones($head, $request->zoneParts());
            TakeIn::washDays($head, Notebook::washDays((array) $request->validated('notebook', [])));

            return $head;
        });
        OutlookRefresh::after($head);

        return redirect()->route('heads.show', $head)->with('said', "{$head->name} is in the book. Take the first readings on the Bench.");
    }

    public function show(Head $head): View
    {
        return view('heads.show', HeadPage::of($head));
    }

    public function edit(Head $head): View
    {
        return view('heads.form', ['head' => $head->load('zoneParts'), 'salon' => $this->salon()]);
    }

    public function update(HeadRequest $request, Head $head): RedirectResponse
    {
        DB::transaction(function () use ($request, $head): void {
            $head->fill($request->columns())->save();
            TakeIn::zonesAgain($head, $request->zoneParts(), $request->input('zones_are') === 'changed' ? $request->date('zones_since', 'Y-m-d') : null);
            TakeIn::washDays($head, Notebook::washDays((array) $request->validated('notebook', [])));
        });
        OutlookRefresh::after($head);

        return redirect()->route('heads.show', $head)->with('said', 'Saved; balance and season are worked out anew.');
    }

    public function takeZone(Head $head, string $zone): RedirectResponse
    {
        $taken = PorosityFindings::take($head->load(['salon', 'outlook', 'zoneParts']), $zone);

        return redirect()->route('heads.show', $head)->with('said', $taken
            ? 'Taken over; what that zone was until then is kept, and the balance is worked out anew.'
            : 'There is no sure finding for that zone that differs from what is written.');
    }
}
