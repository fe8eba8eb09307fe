<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\PlanCalendar;
use App\Care\Renewal;
use App\Care\Seasons\SeasonLog;
use App\Care\Seasons\SeasonPage;
use App\Care\Seasons\SeasonPreview;
use App\Care\Seasons\SeveralPage;
use App\Care\SeasonTerms;
use App\Http\Requests\OccasionRequest;
use App\Http\Requests\SeasonActRequest;
use App\Models\Head;
use DomainException;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

final class SeasonController extends Controller
{
    public function show(Head $head): View
    {
        return view('heads.season', SeasonPage::of($head));
    }

    /** Several heads at once. */
    public function several(Request $request): View
    {
        return view('seasons.several', SeveralPage::of($this->salon(), $request->string('household')->value(), $request->integer('stylist') ?: $this->stylist()->id));
    }

    /** What it would come to, before anything is done. */
    public function preview(SeasonActRequest $request, Head $head): JsonResponse
    {
        $preview = SeasonPreview::of($head, $request->act());

        return response()->json($preview + ['words' => SeasonPreview::inWords($preview)]);
    }

    public function act(SeasonActRequest $request, Head $head): RedirectResponse|JsonResponse
    {
        $act = $request->act();

        return $this->done($request, $head, function () use ($request, $head, $act): string {
            SeasonLog::keep($head, $act->season, $act->says, $this->stylist()->name, $request->seen());

            return $act->says;
        });
    }

    public function undo(Request $request, Head $head): RedirectResponse|JsonResponse
    {
        return $this->done($request, $head, fn (): string => 'Undone: ' . (SeasonLog::undo($head, $request->integer('seen')) ?? 'there is nothing to undo.'));
    }

    public function redo(Request $request, Head $head): RedirectResponse|JsonResponse
    {
        return $this->done($request, $head, fn (): string => 'Done again: ' . (SeasonLog::redo($head, $request->integer('seen')) ?? 'there is nothing to do again.'));
    }

    public function occasion(OccasionRequest $request, Head $head): RedirectResponse
    {
        SeasonLog::keep($head, $request->season(), $request->says(), $this->stylist()->name);

        return redirect()->route('heads.season', $head)->with('said', 'Noted; the season is planned anew with it.');
    }

    public function withoutOccasion(Request $request, Head $head, int $place): RedirectResponse|JsonResponse
    {
        $occasions = array_map(fn (array $occasion): array => array_filter($occasion), SeasonPage::occasions($head));
        abort_unless(isset($occasions[$place]), 404);
        unset($occasions[$place]);

        return $this->done($request, $head, function () use ($request, $head, $occasions): string {
            SeasonLog::keep($head, SeasonTerms::with($head, ['occasions' => array_values($occasions)]), 'An occasion taken out.', $this->stylist()->name, $request->filled('seen') ? $request->integer('seen') : null);

            return 'Taken out; the season is planned anew without it.';
        });
    }

    public function calendar(Head $head): Response
    {
        Renewal::current($head->load(['salon', 'outlook']));

        return response(PlanCalendar::of($head), 200, [
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
            return $request->expectsJson() ? response()->json(['message' => $clash->getMessage()], 409) : redirect()->route('heads.season', $head)->withErrors(['act' => $clash->getMessage()]);
        }
        $request->session()->flash('said', $said);

        return $request->expectsJson() ? response()->json(['said' => $said]) : redirect()->route('heads.season', $head);
    }
}
