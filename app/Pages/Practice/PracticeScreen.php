<?php

declare(strict_types=1);

namespace App\Pages\Practice;

use App\Bridge\Practice\CaseNames;
use App\Bridge\Practice\PlayedLife;
use App\Bridge\Practice\SaidAndWas;
use App\Drawings\SaidPlot;
use App\Models\LivedCase;
use App\Models\PlayedAct;
use App\Models\PlayedCase;
use App\Models\User;
use App\Wording\LivedHairWords;
use App\Wording\PracticeWords;
use App\Wording\SalonClock;
use App\Wording\Words;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;

/** Shows the practice chair of one stylist. */
final readonly class PracticeScreen
{
    private const LISTED = 40;

    public function of(User $user): PracticePage
    {
        /** @var Collection<int, PlayedCase> $all */
        $all = PlayedCase::query()->where('salon_id', $user->salon_id)->where('user_id', $user->id)
            ->withCount(['acts as visits_over' => static fn (Builder $acts): Builder => $acts
                ->where('kind', PlayedAct::VISIT)])
            ->orderByDesc('id')->limit(self::LISTED)->get();
        $ended = $all->filter(static fn (PlayedCase $played): bool => $played->score !== null);
        $said = SaidAndWas::together(array_values($ended->map(
            static fn (PlayedCase $played): array => $played->score['said'] ?? [],
        )->all()));

        return new PracticePage(
            open: array_values($all->filter(static fn (PlayedCase $played): bool => $played->ended_at === null)
                ->map(fn (PlayedCase $played): array => [
                    'played' => $played, 'title' => PracticeWords::title($played), 'says' => $this->open($played),
                ])->all()),
            ended: array_values($ended->map(
                fn (PlayedCase $played): array => [
                    'played' => $played, 'title' => PracticeWords::title($played),
                    'says' => $this->ended($user, $played),
                ],
            )->all()),
            written: $this->written($user, $ended),
            lived: array_values(LivedCase::query()->where('salon_id', $user->salon_id)->orderBy('number')->get()->map(
                static fn (LivedCase $lived): array => [
                    'id' => $lived->id,
                    'title' => Words::say('practice.lived.client', ['number' => $lived->number]),
                    'says' => LivedHairWords::inShort($lived->hair),
                ],
            )->all()),
            plot: $ended->isEmpty() ? null : SaidPlot::of($said),
            certain: $ended->isEmpty() ? '' : PracticeWords::certainty($said),
        );
    }

    /**
     * @param Collection<int, PlayedCase> $ended newest first
     *
     * @return array<int, list<array{name: string, title: string, story: string, came: string}>>
     */
    private function written(User $user, Collection $ended): array
    {
        $written = [];
        foreach (CaseNames::grades() as $name => $grade) {
            $last = $ended->firstWhere('name', $name);
            $written[$grade][] = [
                'name' => $name, 'title' => Words::say("practice.cases.{$name}.title"),
                'story' => Words::say("practice.cases.{$name}.story"),
                'came' => $last === null ? '' : $this->ended($user, $last),
            ];
        }

        return $written;
    }

    private function open(PlayedCase $played): string
    {
        $over = $played->getAttribute('visits_over');

        return Words::say('practice.visit-of', [
            'visit' => (is_numeric($over) ? (int) $over : 0) + 1, 'visits' => PlayedLife::VISITS,
        ]);
    }

    private function ended(User $user, PlayedCase $played): string
    {
        $planner = $played->beside['planner'] ?? null;

        return Words::say($planner !== null ? 'practice.came-beside' : 'practice.came', [
            'day' => SalonClock::dayInWords($user->salon->dayAt($played->ended_at ?? $played->begun_at)),
            'lost' => (int) round($played->score['lost'] ?? 0),
            'planner' => (int) round($planner['lost'] ?? 0),
        ]);
    }
}
