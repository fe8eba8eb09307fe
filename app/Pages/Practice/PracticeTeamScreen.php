<?php

declare(strict_types=1);

namespace App\Pages\Practice;

use App\Bridge\Practice\Agreement;
use App\Bridge\Practice\SaidAndWas;
use App\Drawings\SaidPlot;
use App\Models\PlayedAct;
use App\Models\PlayedCase;
use App\Models\Salon;
use App\Models\User;
use App\Wording\PracticeWords;
use App\Wording\SalonClock;
use App\Wording\Words;
use Illuminate\Support\Collection;

/** Shows how everybody of a salon gets on in the practice chair. */
final readonly class PracticeTeamScreen
{
    private const CASES = 200;
    private const SHOWN = 12;

    public function of(Salon $salon): PracticeTeamPage
    {
        /** @var Collection<int, PlayedCase> $ended newest first */
        $ended = PlayedCase::query()->where('salon_id', $salon->id)->whereNotNull('ended_at')
            ->orderByDesc('id')->limit(self::CASES)->get();
        /** @var array<int, string> $names */
        $names = User::query()->whereIn('id', $ended->pluck('user_id')->unique())->orderBy('name')
            ->pluck('name', 'id')->all();

        return new PracticeTeamPage(
            people: array_map(
                fn (int $user, string $name): array => $this->person(
                    $salon,
                    $name,
                    $ended->where('user_id', $user)->values(),
                ),
                array_keys($names),
                $names,
            ),
            agreement: $this->agreement($ended, $names),
            empty: SaidPlot::of([]),
        );
    }

    /**
     * @param Collection<int, PlayedCase> $cases newest first, at least one
     *
     * @return array{
     *     name: string, cases: string, certain: string, plot: SaidPlot, apart: list<float>, certainty: list<float>,
     *     rows: list<array{title: string, day: string, lost: string, beside: string, brier: string}>,
     * }
     */
    private function person(Salon $salon, string $name, Collection $cases): array
    {
        $said = SaidAndWas::together(array_values($cases->map(
            static fn (PlayedCase $played): array => $played->score['said'] ?? [],
        )->all()));
        $compared = $cases->reverse()->filter(
            static fn (PlayedCase $played): bool => isset($played->beside['planner']),
        );

        return [
            'name' => $name,
            'cases' => trans_choice('practice.team.cases', $cases->count()),
            'certain' => PracticeWords::certainty($said, $name),
            'plot' => SaidPlot::of($said),
            'apart' => array_values($compared->map(static fn (PlayedCase $played): float => round(
                ($played->score['lost'] ?? 0.0) - ($played->beside['planner']['lost'] ?? 0.0),
            ))->all()),
            'certainty' => array_values($cases->reverse()->map(
                static fn (PlayedCase $played): float => round((float) ($played->score['brier'] ?? 0.0), 2),
            )->all()),
            'rows' => array_values($cases->take(self::SHOWN)->map(static fn (PlayedCase $played): array => [
                'title' => PracticeWords::title($played),
                'day' => SalonClock::dayInWords($salon->dayAt($played->ended_at ?? $played->begun_at)),
                'lost' => Words::number(round($played->score['lost'] ?? 0.0)),
                'beside' => isset($played->beside['planner'])
                    ? Words::number(round($played->beside['planner']['lost']))
                    : '·',
                'brier' => Words::rounded((float) ($played->score['brier'] ?? 0.0), 2),
            ])->all()),
        ];
    }

    /**
     * @param Collection<int, PlayedCase> $ended newest first
     * @param array<int, string>          $names by user
     *
     * @return list<array{title: string, who: string, percent: int, says: string}>
     */
    private function agreement(Collection $ended, array $names): array
    {
        $client = static fn (PlayedCase $played): string => "{$played->name} {$played->seed}";
        $last = $ended->unique(static fn (PlayedCase $played): string => "{$played->user_id} {$client($played)}");
        $firsts = $this->firsts($last);
        $rows = [];
        foreach ($last->groupBy($client) as $same) {
            $pairs = $same->crossJoin($same)->filter(
                static fn (array $pair): bool => $pair[0]->user_id < $pair[1]->user_id,
            );
            foreach ($pairs as [$one, $other]) {
                $common = Agreement::of($firsts[$one->id] ?? [], $firsts[$other->id] ?? []);
                $rows[] = [
                    'title' => PracticeWords::title($one),
                    'who' => Words::say('practice.team.two', [
                        'one' => $names[$one->user_id] ?? '', 'other' => $names[$other->user_id] ?? '',
                    ]),
                    'percent' => (int) round(100 * $common),
                    'says' => Words::say('practice.team.agree', ['percent' => (int) round(100 * $common)]),
                ];
            }
        }

        return $rows;
    }

    /**
     * @param Collection<int, PlayedCase> $cases
     *
     * @return array<int, array<string, float>> what was thought at the first visit, by case
     */
    private function firsts(Collection $cases): array
    {
        $firsts = [];
        $acts = PlayedAct::query()->whereIn('played_case_id', $cases->pluck('id'))->where('kind', PlayedAct::VISIT)
            ->orderBy('place')->get();
        foreach ($acts as $act) {
            /** @var PlayedAct $act */
            $firsts[$act->played_case_id] ??= $act->content['belief'] ?? [];
        }

        return $firsts;
    }
}
