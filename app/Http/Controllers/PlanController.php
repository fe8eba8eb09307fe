<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\DataTransfer\PlanCalendar;
use App\Care\Plans\PlanEdits;
use App\Care\Plans\PlanTermsEdits;
use App\Http\Requests\OccasionRequest;
use App\Http\Requests\PlanActRequest;
use App\Models\Head;
use App\Pages\Plan\PlanScreen;
use App\Pages\Plan\SeveralPlansScreen;
use App\Wording\Words;
use DomainException;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

final class PlanController extends Controller
{
    public function __construct(
        private readonly PlanCalendar $planCalendar,
        private readonly PlanEdits $planEdits,
        private readonly PlanScreen $planScreen,
        private readonly SeveralPlansScreen $severalPlansScreen,
        private readonly PlanTermsEdits $planTermsEdits,
    ) {
    }

    public function show(Head $head): View
    {
        return view('plan.show', $this->planScreen->of($head));
    }

    /** Several heads at once. */
    public function several(Request $request): View
    {
        $kept = KeptFilters::of($request, 'several', ['household', 'stylist'], $this->salon()->today());

        return view(
            'plan.several',
            $this->severalPlansScreen->of(
                $this->salon(),
                $kept['household'],
                (int) $kept['stylist'] ?: $this->stylist()->id,
            ),
        );
    }

    /** What it would come to, before anything is done. */
    public function preview(PlanActRequest $request, Head $head): JsonResponse
    {
        return response()->json($this->planScreen->preview($head, $request->act()));
    }

    public function act(PlanActRequest $request, Head $head): RedirectResponse|JsonResponse
    {
        $act = $request->act();

        return $this->done($request, $head, function () use ($request, $head, $act): string {
            $this->planEdits->keep($head, $act->season, $act->says, $this->stylist()->name, $request->seen());

            return $act->says;
        });
    }

    public function undo(Request $request, Head $head): RedirectResponse|JsonResponse
    {
        return $this->done(
            $request,
            $head,
            function () use ($request, $head): string {
                $what = $this->planEdits->undo($head, $request->integer('seen'));

                return $what === null
                    ? Words::say('said.plan.undo-none')
                    : Words::say('said.plan.undo', ['what' => $what]);
            },
        );
    }

    public function redo(Request $request, Head $head): RedirectResponse|JsonResponse
    {
        return $this->done(
            $request,
            $head,
            function () use ($request, $head): string {
                $what = $this->planEdits->redo($head, $request->integer('seen'));

                return $what === null
                    ? Words::say('said.plan.redo-none')
                    : Words::say('said.plan.redo', ['what' => $what]);
            },
        );
    }

    public function occasion(OccasionRequest $request, Head $head): RedirectResponse
    {
        $this->planEdits->keep($head, $request->season(), $request->says(), $this->stylist()->name);

        return redirect()->route('clients.plan', $head)->with('said', Words::say('said.plan.occasion'));
    }

    public function withoutOccasion(Request $request, Head $head, int $place): RedirectResponse|JsonResponse
    {
        $occasions = array_map(
            fn (array $occasion): array => array_filter($occasion),
            $this->planScreen->occasions($head),
        );
        abort_unless(isset($occasions[$place]), 404);
        unset($occasions[$place]);

        return $this->done($request, $head, function () use ($request, $head, $occasions): string {
            $this->planTermsEdits->keepOccasions(
                $head,
                array_values($occasions),
                Words::say('said.plan.without-occasion'),
                $this->stylist()->name,
                $request->filled('seen') ? $request->integer('seen') : null,
            );

            return Words::say('said.plan.without-occasion-2');
        });
    }

    public function calendar(Head $head): Response
    {
        return response($this->planCalendar->of($head), 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="' . (Str::slug($head->name) ?: 'head') . '-season.ics"',
        ]);
    }

    /** @param callable(): string $act */
    private function done(Request $request, Head $head, callable $act): RedirectResponse|JsonResponse
    {
        try {
            $said = $act();
        } catch (DomainException $clash) {
            return $request->expectsJson()
                ? response()->json(['message' => $clash->getMessage()], 409)
                : redirect()->route('clients.plan', $head)->withErrors(['act' => $clash->getMessage()]);
        }
        $request->session()->flash('said', $said);

        return $request->expectsJson() ? response()->json(['said' => $said]) : redirect()->route('clients.plan', $head);
    }
}
