<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\HomeCards\HomeActs;
use App\Http\Requests\ActsRequest;
use App\Models\HomeLink;
use App\Pages\HomeRoutine\HomeRoutines;
use App\Wording\Words;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

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

    /** Acts of a card whose link was withdrawn or ran out are answered too: they wait for the next link. */
    public function acts(Request $request, HomeLink $link): JsonResponse
    {
        $acts = ActsRequest::of($request);
        $answers = $link->isOpen()
            ? $acts->answered(fn (array $sent): array => $this->homeActs->take($link->head, $sent))
            : $acts->refused(Words::say('acts.link-closed'));

        return response()->json(['answers' => $answers, 'open' => $link->isOpen()]);
    }

    private function orGone(HomeLink $link): void
    {
        abort_unless($link->isOpen(), 404);
        $link->loadMissing('head.salon');
    }
}
