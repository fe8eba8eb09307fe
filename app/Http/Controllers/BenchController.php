<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\BenchDrafts;
use App\Care\BenchPage;
use App\Care\VisitBook;
use App\Care\ZonesPage;
use App\Http\Requests\BenchDraftRequest;
use App\Http\Requests\BenchRequest;
use App\Models\Head;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

final class BenchController extends Controller
{
    public function create(Request $request, Head $head): View
    {
        return view('heads.bench.show', BenchPage::of($head, $this->stylist(), $request->old('moment', $request->query('moment'))));
    }

    /** One measure all over the head. */
    public function zones(Request $request, Head $head): View
    {
        return view('heads.bench.zones', ZonesPage::of($head->loadMissing('salon'), $this->stylist(), $request->old('moment', $request->query('moment')), $request->string('test')->value()));
    }

    public function store(BenchRequest $request, Head $head): RedirectResponse|JsonResponse
    {
        $readings = $request->readings($this->stylist()->name);
        if ($readings === []) {
            abort(422);
        }
        $visit = VisitBook::take($head, $request->visit(), $readings, $this->stylist()->name, $request->typed(), $request->seconds(), $request->skipped());
        BenchDrafts::done($head, $this->stylist(), $visit->moment);
        $this->stylist()->update(['units' => $request->units()]);
        $told = route('heads.visits.show', [$head, $visit]);

        return $request->expectsJson() ? response()->json(['told' => $told], 201) : redirect($told);
    }

    /** Keeps what is typed so far and answers what it would tell. */
    public function draft(BenchDraftRequest $request, Head $head): JsonResponse
    {
        BenchDrafts::keep($head, $this->stylist(), $request->moment(), $request->fields(), $request->visit());
        $told = $request->told($head, $this->stylist()->name);

        return response()->json([
            'tests' => array_map(fn (array $of): string => view('heads.bench.told', $of)->render(), $request->byTest($told)),
            'balance' => $told === null ? '' : view('heads.bench.balance', ['told' => $told])->render(),
        ]);
    }

    public function forget(Head $head, string $moment): Response
    {
        BenchDrafts::done($head, $this->stylist(), $moment);

        return response()->noContent();
    }
}
