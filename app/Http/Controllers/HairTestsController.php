<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\Readings\TestDrafts;
use App\Http\Requests\ActsRequest;
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
        private readonly VisitActs $visitActs,
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
        $told = route(
            'clients.history.show',
            [$head, $this->visitActs->take($head, $request, $this->stylist())],
        );

        return $request->expectsJson() ? response()->json(['told' => $told], 201) : redirect($told);
    }

    /** Visits that were typed on a device, perhaps some time ago. */
    public function acts(Request $request, Head $head): JsonResponse
    {
        $acts = ActsRequest::of($request);
        $answers = $acts->answered(
            fn (array $sent): array => $this->visitActs->act($head, $sent, $request, $this->stylist()),
        );

        return response()->json(['answers' => $answers]);
    }

    /** Keeps what is typed so far, field by field, and answers what it would tell and what another device typed. */
    public function draft(TestDraftRequest $request, Head $head): JsonResponse
    {
        $changed = $request->changed();
        $draft = $this->testDrafts->keep(
            $head,
            $this->stylist(),
            $request->moment(),
            $request->fields(),
            $request->visit(),
            $changed,
        );
        $theirs = $draft === null || $changed === null ? [] : $draft->since($request->base(), $changed);
        $answer = [
            'revision' => $draft->revision ?? 0,
            'visit' => $draft->visit ?? null,
            'theirs' => (object) $theirs,
            'taken' => $this->testDrafts->isTaken($head, $request->visit())
                ? route('clients.history.show', [$head, $request->visit()])
                : null,
        ];
        // Asked only whether anything came: nothing is to be told anew.
        if ($changed === []) {
            return response()->json($answer);
        }
        $told = $request->told($head, $this->stylist()->name);

        return response()->json($answer + [
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
