<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\Learning\SalonNumbers;
use App\Jobs\LearnSalon;
use App\Jobs\RenewSalon;
use App\Models\Learning;
use App\Pages\Salon\LearnedScreen;
use App\Wording\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** What a salon's own records say of the numbers it goes by: looked at, asked for, used, left again. */
final class LearningController extends Controller
{
    public function __construct(
        private readonly LearnedScreen $learnedScreen,
        private readonly SalonNumbers $salonNumbers,
    ) {
    }

    public function show(Request $request): View|JsonResponse
    {
        $view = view('salon.learned', $this->learnedScreen->of($this->salon()));

        // A page that is shown already asks how far it is.
        return $request->expectsJson() ? response()->json(['page' => $view->render()]) : $view;
    }

    public function ask(): RedirectResponse
    {
        if (! $this->learnedScreen->isEnough($this->salon())) {
            return $this->back('learned.wrong.few', isRefused: true);
        }
        $learning = $this->salonNumbers->ask($this->salon(), $this->stylist()->name);
        if ($learning !== null) {
            LearnSalon::dispatch($learning->id, $learning->salon_id)->afterCommit();
        }

        return $this->back($learning === null ? 'learned.said.under-way' : 'learned.said.asked');
    }

    public function use(Learning $learning): RedirectResponse
    {
        if (! $this->salonNumbers->use($this->salon(), $learning, $this->stylist()->name)) {
            return $this->back('learned.wrong.nothing', isRefused: true);
        }
        RenewSalon::dispatch($this->salon()->id)->afterCommit();

        return $this->back('learned.said.used');
    }

    public function leave(): RedirectResponse
    {
        if (! $this->salonNumbers->leave($this->salon(), $this->stylist()->name)) {
            return $this->back('learned.said.as-shipped');
        }
        RenewSalon::dispatch($this->salon()->id)->afterCommit();

        return $this->back('learned.said.left');
    }

    private function back(string $says, bool $isRefused = false): RedirectResponse
    {
        $back = redirect()->route('salon.learned');

        return $isRefused
            ? $back->withErrors(['learned' => Words::say($says, ['least' => LearnedScreen::FEWEST])])
            : $back->with('said', Words::say($says));
    }
}
