<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\Practice\PlayedCases;
use App\Http\Requests\PracticeBeginRequest;
use App\Http\Requests\PracticeTestsRequest;
use App\Http\Requests\PracticeVisitRequest;
use App\Models\PlayedCase;
use App\Pages\Practice\PracticeResultScreen;
use App\Pages\Practice\PracticeScreen;
use App\Pages\Practice\PracticeTeamScreen;
use App\Pages\Practice\PracticeVisitScreen;
use App\Wording\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** The practice chair: a client to learn on, visit by visit. */
final class PracticeController extends Controller
{
    public function __construct(
        private readonly PlayedCases $playedCases,
        private readonly PracticeResultScreen $practiceResultScreen,
        private readonly PracticeScreen $practiceScreen,
        private readonly PracticeTeamScreen $practiceTeamScreen,
        private readonly PracticeVisitScreen $practiceVisitScreen,
    ) {
    }

    public function index(): View
    {
        return view('practice.index', $this->practiceScreen->of($this->stylist()));
    }

    public function team(): View
    {
        return view('practice.team', $this->practiceTeamScreen->of($this->salon()));
    }

    public function store(PracticeBeginRequest $request): RedirectResponse
    {
        $played = $this->playedCases->begin(
            $this->stylist(),
            $request->name(),
            $request->seed(),
            $request->lived(),
        );

        return redirect()->route('practice.show', $played);
    }

    public function show(PlayedCase $playedCase): View
    {
        $playedCase->load('acts');

        return $playedCase->ended_at === null
            ? view('practice.visit', $this->practiceVisitScreen->of($playedCase))
            : view('practice.result', $this->practiceResultScreen->of($playedCase));
    }

    public function tests(PracticeTestsRequest $request, PlayedCase $playedCase): RedirectResponse
    {
        $refused = $this->playedCases->test($playedCase->load('acts'), $request->integer('turn'), $request->tests());
        $back = redirect()->to(route('practice.show', $playedCase) . '#tests')->withInput($request->except('take'));

        return $refused === null ? $back : $back->withInput()->withErrors([$refused->field => $refused->says]);
    }

    public function visit(PracticeVisitRequest $request, PlayedCase $playedCase): RedirectResponse
    {
        $refused = $this->playedCases->decide($playedCase->load('acts'), $request->integer('turn'), $request->visit());
        $back = redirect()->route('practice.show', $playedCase);

        $says = $playedCase->ended_at === null ? 'practice.said.weeks' : 'practice.said.over';

        return $refused === null
            ? $back->with('said', Words::say($says))
            : $back->withInput()->withErrors([$refused->field => $refused->says]);
    }

    /** One part more of what others come to on it; a page without a script asks for all that is left. */
    public function beside(Request $request, PlayedCase $playedCase): RedirectResponse|JsonResponse
    {
        $percent = $this->playedCases->compare($playedCase);
        if ($request->expectsJson()) {
            return response()->json(['percent' => $percent]);
        }
        while ($playedCase->ended_at !== null && $percent < 100) {
            $percent = $this->playedCases->compare($playedCase);
        }

        return redirect()->route('practice.show', $playedCase);
    }

    public function destroy(PlayedCase $playedCase): RedirectResponse
    {
        $this->playedCases->drop($playedCase);

        return redirect()->route('practice')->with('said', Words::say('practice.said.dropped'));
    }
}
