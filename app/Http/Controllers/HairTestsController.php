<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\Readings\TestDrafts;
use App\Care\Readings\Visits;
use App\Http\Requests\HairTestsRequest;
use App\Http\Requests\TestDraftRequest;
use App\Models\Head;
use App\Pages\HairTests\HairTestsScreen;
use App\Pages\HairTests\ZonesScreen;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

final class HairTestsController extends Controller
{
    public function __construct(
        private readonly HairTestsScreen $hairTestsScreen,
        private readonly TestDrafts $testDrafts,
        private readonly Visits $visits,
        private readonly ZonesScreen $zonesScreen,
    ) {
    }

    public function create(Request $request, Head $head): View
    {
        return view(
            'hair-tests.show',
            $this->hairTestsScreen->of($head, $this->stylist(), $request->old('moment', $request->query('moment'))),
        );
    }

    /** One measure all over the head. */
    public function zones(Request $request, Head $head): View
    {
        return view(
            'hair-tests.zones',
            $this->zonesScreen->of(
                $head->loadMissing('salon'),
                $this->stylist(),
                $request->old('moment', $request->query('moment')),
                $request->string('test')->value(),
            ),
        );
    }

    public function store(HairTestsRequest $request, Head $head): RedirectResponse|JsonResponse
    {
        $readings = $request->readings($this->stylist()->name);
        if ($readings === []) {
            abort(422);
        }
        $visit = $this->visits->take(
            $head,
            $request->visit(),
            $readings,
            $this->stylist()->name,
            $request->typed(),
            $request->seconds(),
            $request->skipped(),
        );
        $this->testDrafts->done($head, $this->stylist(), $visit->moment);
        $this->stylist()->update(['units' => $request->units()]);
        $told = route('clients.history.show', [$head, $visit]);

        return $request->expectsJson() ? response()->json(['told' => $told], 201) : redirect($told);
    }

    /** Keeps what is typed so far and answers what it would tell. */
    public function draft(TestDraftRequest $request, Head $head): JsonResponse
    {
        $this->testDrafts->keep($head, $this->stylist(), $request->moment(), $request->fields(), $request->visit());
        $told = $request->told($head, $this->stylist()->name);

        return response()->json([
            'tests' => array_map(
                fn (array $of): string => view('hair-tests.told', $of)->render(),
                $request->byTest($told),
            ),
            'balance' => $told === null ? '' : view('hair-tests.balance', ['told' => $told])->render(),
        ]);
    }

    public function forget(Head $head, string $moment): Response
    {
        $this->testDrafts->done($head, $this->stylist(), $moment);

        return response()->noContent();
    }
}
