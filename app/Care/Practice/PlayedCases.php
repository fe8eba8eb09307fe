<?php

declare(strict_types=1);

namespace App\Care\Practice;

use App\Bridge\Practice\CaseBeside;
use App\Bridge\Practice\CaseScore;
use App\Bridge\Practice\PlayedLife;
use App\Bridge\Practice\PracticeLimits;
use App\Bridge\Practice\PracticeRefused;
use App\Care\Shared\Lock;
use App\Models\LivedCase;
use App\Models\PlayedAct;
use App\Models\PlayedCase;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** What people do in the practice chair. Nothing of it touches a client. */
final readonly class PlayedCases
{
    public function __construct(
        private CaseBeside $caseBeside,
        private PlayedLife $playedLife,
        private PracticeLimits $practiceLimits,
    ) {
    }

    /**
     * @param string $name of a written case; '': one is drawn
     * @param int    $seed of a drawn case, 1 or more
     * @param LivedCase|null $lived hair that was met, to practise on
     */
    public function begin(User $user, string $name, int $seed, ?LivedCase $lived = null): PlayedCase
    {
        $played = (new PlayedCase())->forceFill([
            'salon_id' => $user->salon_id, 'user_id' => $user->id,
            'name' => $lived === null ? $name : PlayedCase::LIVED,
            'seed' => $lived->number ?? ($name === '' ? $seed : 0), 'lived' => $lived?->hair,
            'from_on' => $user->salon->today()->format('Y-m-d'), 'begun_at' => CarbonImmutable::now(),
        ]);
        $played->save();

        return $played;
    }

    /**
     * @param int          $turn  the visit they are of, 0 to 7
     * @param list<string> $tests
     *
     * @return PracticeRefused|null null: they are taken
     */
    public function test(PlayedCase $played, int $turn, array $tests): ?PracticeRefused
    {
        $refused = $this->practiceLimits->ofTests($played, $turn, $tests);
        if ($refused === null) {
            $this->keep($played, PlayedAct::TESTS, ['tests' => $tests]);
        }

        return $refused;
    }

    /**
     * @param int               $turn  the visit it is of, 0 to 7
     * @param StoredPlayedVisit $visit
     *
     * @return PracticeRefused|null null: four weeks have passed
     */
    public function decide(PlayedCase $played, int $turn, array $visit): ?PracticeRefused
    {
        $refused = $this->practiceLimits->ofVisit($played, $turn, $visit);
        if ($refused !== null) {
            return $refused;
        }
        $this->keep($played, PlayedAct::VISIT, $visit);
        $life = $this->playedLife->of($played->load('acts'));
        if ($life->isOver()) {
            $played->update(['ended_at' => CarbonImmutable::now(), 'score' => CaseScore::of($life)]);
        }

        return null;
    }

    /**
     * Works out the next part of what others come to on a case that has ended. It takes up to seconds and holds nothing
     * meanwhile: whoever works out the same part comes to the same.
     *
     * @return int whole percent that is there
     */
    public function compare(PlayedCase $played): int
    {
        $part = $played->ended_at === null ? null : $this->caseBeside->next($played->beside);
        if ($part === null) {
            return $played->ended_at === null ? 0 : 100;
        }
        $came = $this->caseBeside->work($played->loadMissing('acts'), $part);

        return DB::transaction(function () use ($played, $part, $came): int {
            Lock::salon($played->salon_id)->take();
            $played->refresh();
            $played->update(['beside' => ($played->beside ?? []) + [$part => $came]]);

            return $this->caseBeside->percent($played->beside);
        });
    }

    public function drop(PlayedCase $played): void
    {
        $played->delete();
    }

    /** @param StoredPlayedTests|StoredPlayedVisit $content */
    private function keep(PlayedCase $played, string $kind, array $content): void
    {
        PlayedAct::query()->create([
            'played_case_id' => $played->id, 'place' => $played->acts()->count(), 'kind' => $kind,
            'content' => $content, 'taken_at' => CarbonImmutable::now(),
        ]);
    }
}
