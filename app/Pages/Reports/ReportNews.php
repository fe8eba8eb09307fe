<?php

declare(strict_types=1);

namespace App\Pages\Reports;

use App\Wording\Words;

/** The news of a period: whether it gets better, in a sentence or two. */
final readonly class ReportNews
{
    /**
     * @param array{share: float|null, heads: int, change: BalanceChange|null} $balance
     * @param array{share: float|null, least: float|null, most: float|null} $breakage
     * @param array{share: float|null, least: float|null, most: float|null} $before
     *
     * @return list<string>
     */
    public function of(array $balance, array $breakage, array $before): array
    {
        return [...$this->ofBalance($balance), ...$this->ofBreakage($breakage, $before)];
    }

    /**
     * @param array{share: float|null, heads: int, change: BalanceChange|null} $balance
     *
     * @return list<string>
     */
    private function ofBalance(array $balance): array
    {
        if ($balance['share'] === null) {
            return [];
        }
        $change = $balance['change'];

        return [
            trans_choice('reports.news.balance', $balance['heads'], ['percent' => $this->percent($balance['share'])])
                . ' ' . Words::say('reports.news.' . ($change === null ? 'unsaid' : $change->way()), [
                    'earlier' => $this->percent($change->earlier ?? 0.0),
                    'lately' => $this->percent($change->lately ?? 0.0),
                ]),
        ];
    }

    /**
     * Two ranges that lie apart are a change; two that overlap may be chance.
     *
     * @param array{share: float|null, least: float|null, most: float|null} $now
     * @param array{share: float|null, least: float|null, most: float|null} $before
     *
     * @return list<string>
     */
    private function ofBreakage(array $now, array $before): array
    {
        if ($now['share'] === null || $before['share'] === null) {
            return [];
        }
        $way = match (true) {
            $now['most'] < $before['least'] => 'less',
            $now['least'] > $before['most'] => 'more',
            default => 'alike',
        };

        return [Words::say("reports.news.breakage.{$way}", [
            'now' => $this->percent($now['share']), 'before' => $this->percent($before['share']),
        ])];
    }

    private function percent(float $share): string
    {
        return (string) (int) round(100 * $share);
    }
}
