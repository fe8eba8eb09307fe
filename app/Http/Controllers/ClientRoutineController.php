<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\HomeCards\HomeActs;
use App\Http\Requests\ActsRequest;
use App\Models\HomeLink;
use App\Pages\HomeRoutine\HomeRoutines;
use App\Wording\MessageLanguage;
use App\Wording\Words;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Traits\Localizable;

/**
 * The home routine on the client's phone. Nobody is signed in here: the link is signed, and leads to its own head only.
 */
final class ClientRoutineController extends Controller
{
    use Localizable;

    public function __construct(
        private readonly HomeActs $homeActs,
        private readonly HomeRoutines $homeRoutines,
    ) {
    }

    public function show(HomeLink $link): Response
    {
        $this->orGone($link);
        if ($link->opened_at === null) {
            $link->update(['opened_at' => CarbonImmutable::now()]);
        }

        return $this->inTheirLanguage($link, fn (): Response => response(
            view('home-routine.client.show', $this->homeRoutines->of($link->head))->with('link', $link)->render(),
        ));
    }

    /** Acts of a card whose link was withdrawn or ran out are answered too: they wait for the next link. */
    public function acts(Request $request, HomeLink $link): JsonResponse
    {
        $acts = ActsRequest::of($request);
        $answers = $link->isOpen()
            ? $acts->answered(fn (array $sent): array => $this->inTheirLanguage(
                $link,
                fn (): array => $this->homeActs->take($link->head, $sent),
            ))
            : $acts->refused(Words::say('acts.link-closed'));

        return response()->json(['answers' => $answers, 'open' => $link->isOpen()]);
    }

    private function orGone(HomeLink $link): void
    {
        abort_unless($link->isOpen(), 404);
        $link->loadMissing('head.salon');
    }

    /**
     * @template T
     *
     * @param Closure(): T $said
     *
     * @return T
     */
    private function inTheirLanguage(HomeLink $link, Closure $said): mixed
    {
        $link->loadMissing('head.salon');

        return $this->withLocale(MessageLanguage::of($link->head)->code, $said);
    }
}
