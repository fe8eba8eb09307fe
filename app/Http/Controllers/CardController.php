<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\Home\HomeBook;
use App\Care\Home\HomeCard;
use App\Http\Requests\CardActsRequest;
use App\Models\HomeLink;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;

/** The home card on the client's phone. Nobody is signed in here: the link is signed, and leads to its own head only. */
final class CardController extends Controller
{
    public function show(HomeLink $link): View
    {
        $this->orGone($link);
        if ($link->opened_at === null) {
            $link->update(['opened_at' => CarbonImmutable::now()]);
        }

        return view('card.show', HomeCard::of($link->head) + ['link' => $link]);
    }

    public function acts(CardActsRequest $request, HomeLink $link): JsonResponse
    {
        $this->orGone($link);

        return response()->json(['told' => HomeBook::take($link->head, $request->acts())]);
    }

    private function orGone(HomeLink $link): void
    {
        abort_unless($link->isOpen(), 404);
        $link->loadMissing('head.salon');
    }
}
