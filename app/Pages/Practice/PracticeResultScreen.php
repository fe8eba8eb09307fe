<?php

declare(strict_types=1);

namespace App\Pages\Practice;

use App\Bridge\Practice\CaseBeside;
use App\Bridge\Practice\CaseTruth;
use App\Bridge\Practice\PlayedLife;
use App\Drawings\BalanceTop;
use App\Drawings\HairBalance;
use App\Drawings\SaidPlot;
use App\Models\LivedCase;
use App\Models\PlayedCase;
use App\Wording\Money;
use App\Wording\PracticeBottles;
use App\Wording\PracticeWords;
use App\Wording\StepWords;
use App\Wording\Words;

/** Shows what a practice case came to. */
final readonly class PracticeResultScreen
{
    private const MATTERED = 3;
    private const PARTS = ['days_out', 'scalp_days', 'hairs', 'rules', 'minutes', 'money', 'brier'];

    public function __construct(private CaseBeside $caseBeside, private PlayedLife $playedLife)
    {
    }

    /** @param PlayedCase $played that has ended, with its acts */
    public function of(PlayedCase $played): PracticeResultPage
    {
        $truth = CaseTruth::of($played, $this->playedLife);
        $furthest = max(HairBalance::furthest($truth->told), HairBalance::furthest($truth->really));
        $balance = HairBalance::of($truth->told, $truth->bandHalfWidth, $furthest, 'known');
        $isThere = $this->caseBeside->next($played->beside) === null;
        $said = $played->score['said'] ?? [];

        return new PracticeResultPage(
            played: $played,
            title: PracticeWords::title($played),
            again: $this->again($played),
            percent: $isThere ? null : $this->caseBeside->percent($played->beside),
            verdict: $this->verdict($played),
            players: $this->players($played),
            columns: array_map(
                static fn (string $part): string => Words::say("practice.parts.{$part}"),
                self::PARTS,
            ),
            mattered: $isThere ? $this->mattered($played) : [],
            truth: [Words::say($truth->wasTold === $truth->wasReally ? 'practice.truth.told' : 'practice.truth.other', [
                'told' => Words::of("porosities.{$truth->wasTold->value}"),
                'really' => Words::of("porosities.{$truth->wasReally->value}"),
            ])],
            balance: $balance,
            really: HairBalance::of($truth->really, $truth->bandHalfWidth, $furthest, 'really'),
            top: BalanceTop::of($balance->band[0], $furthest, $truth->told, $truth->really),
            plot: SaidPlot::of($said),
            certain: PracticeWords::certainty($said),
        );
    }

    /** @return array{string, string|int}|null */
    private function again(PlayedCase $played): ?array
    {
        if ($played->name !== PlayedCase::LIVED) {
            return $played->name === '' ? ['seed', $played->seed] : ['case', $played->name];
        }
        $lived = LivedCase::query()->where('salon_id', $played->salon_id)->where('number', $played->seed)->first();

        return $lived === null || $lived->hair !== $played->lived ? null : ['lived', $lived->id];
    }

    private function verdict(PlayedCase $played): string
    {
        $lost = $played->score['lost'] ?? 0.0;
        [$planner, $calendar] = [$this->lost($played, 'planner'), $this->lost($played, 'calendar')];

        return Words::say('practice.verdict.' . match (true) {
            $planner === null || $calendar === null => 'alone',
            $lost <= $planner => 'best',
            $lost <= $calendar => 'between',
            default => 'last',
        }, [
            'lost' => (int) round($lost), 'planner' => (int) round($planner ?? 0.0),
            'calendar' => (int) round($calendar ?? 0.0),
        ]);
    }

    private function lost(PlayedCase $played, string $who): ?float
    {
        $of = $played->beside[$who] ?? null;

        return $of === null ? null : (float) $of['lost'];
    }

    /** @return list<array{name: string, lost: int, share: int, parts: list<string>}> */
    private function players(PlayedCase $played): array
    {
        $scores = ['own' => $played->score];
        foreach (['planner', 'calendar'] as $who) {
            $of = $played->beside[$who] ?? null;
            $scores[$who] = isset($of['said']) ? $of : null;
        }
        $scores = array_filter($scores);
        $most = max([1.0, ...array_column($scores, 'lost')]);
        $cents = 100 * $played->salon->price_level;
        $rows = [];
        foreach ($scores as $who => $score) {
            $rows[] = [
                'name' => Words::say("practice.players.{$who}"), 'lost' => (int) round($score['lost']),
                'share' => (int) round(100 * $score['lost'] / $most),
                'parts' => array_map(static fn (string $part): string => $part === 'money'
                    ? Money::shown((int) round($cents * $score[$part]), $played->salon->currency)
                    : Words::number($score[$part]), self::PARTS),
            ];
        }

        return $rows;
    }

    /** @return list<array{says: string, ways: array<string, list<string>>}> what mattered most first */
    private function mattered(PlayedCase $played): array
    {
        $lost = (float) ($played->score['lost'] ?? 0.0);
        $apart = $changed = [];
        foreach ($played->beside ?? [] as $turn => $came) {
            if (isset($came['own'])) {
                $apart[(int) $turn] = $lost - $came['lost'];
                $changed[(int) $turn] = $came;
            }
        }
        $visits = $played->visits();
        uasort($apart, static fn (float $one, float $other): int => abs($other) <=> abs($one));
        $rows = [];
        foreach (array_slice($apart, 0, self::MATTERED, true) as $turn => $cost) {
            $rows[] = [
                'says' => Words::say($cost > 0.0 ? 'practice.mattered.cost' : 'practice.mattered.saved', [
                    'visit' => $turn + 1, 'days' => Words::rounded(abs($cost), 1),
                ]),
                'ways' => [
                    'own' => [...$this->way($changed[$turn]['own']), ...PracticeBottles::of($visits[$turn])],
                    'planner' => $this->way($changed[$turn]['planner']),
                ],
            ];
        }

        return $rows;
    }

    /**
     * @param list<StoredAsked> $asked
     *
     * @return list<string> that day, then at home, in words
     */
    private function way(array $asked): array
    {
        $lines = [];
        foreach ($asked as ['after' => $after, 'steps' => $steps]) {
            $lines[] = Words::say($after === 0 ? 'practice.mattered.today' : 'practice.mattered.home', [
                'days' => $after, 'steps' => StepWords::summary($steps),
            ]);
        }

        return $lines === [] ? [Words::say('practice.mattered.nothing')] : $lines;
    }
}
