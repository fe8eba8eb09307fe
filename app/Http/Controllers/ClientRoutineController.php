<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\HomeCards\HomeActs;
use App\Http\Requests\HomeActsRequest;
use App\Models\HomeLink;
use App\Pages\HomeRoutine\HomeRoutines;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;

/**
 * The home routine on the client's phone. Nobody is signed in here: the link is signed, and leads to its own head only.
 */
final class ClientRoutineController extends Controller
{
    public function __construct(
        private readonly HomeActs $homeActs,
        private readonly HomeRoutines $homeRoutines,
    ) {
    }

    public function show(HomeLink $link): View
    {
        $this->orGone($link);
        if ($link->opened_at === null) {
            $link->update(['opened_at' => CarbonImmutable::now()]);
        }

        return view('home-routine.client.show', $this->homeRoutines->of($link->head))->with('link', $link);
    }

    public function acts(HomeActsRequest $request, HomeLink $link): JsonResponse
    {
        $this->orGone($link);

        return response()->json(['told' => $this->homeActs->take($link->head, $request->acts())]);
    }

    private function orGone(HomeLink $link): void
    {
        abort_unless($link->isOpen(), 404);
        $link->loadMissing('head.salon');
    }
}
