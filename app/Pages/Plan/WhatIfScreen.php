<?php

declare(strict_types=1);

namespace App\Pages\Plan;

use App\Bridge\Clients\HeadRecord;
use App\Bridge\Plans\OutlookParts;
use App\Bridge\Plans\Outlooks;
use App\Bridge\Plans\WhatIfQuestion;
use App\Bridge\Plans\WishedFor;
use App\Drawings\BalanceTop;
use App\Drawings\HairBalance;
use App\Drawings\PlanBalance;
use App\Models\Head;
use App\Models\PlanEdit;
use App\Wording\FutureTurns;
use App\Wording\Said;
use App\Wording\Words;
use InvalidArgumentException;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Planning\Future;
use Nagomi\Core\Planning\PlanChange;

/** Two futures of a head on one picture. Nothing is stored: it is a question, not a plan. */
final readonly class WhatIfScreen
{
    /** Differences smaller than that nobody would notice. */
    private const LEAST = [
        'days' => 0.5, 'minutes' => 1.0, 'wash_days' => 1.0, 'masks' => 1.0, 'proteins' => 1.0, 'clarifies' => 1.0,
        'price' => 1.0,
    ];

    /** From here on time is told in hours. */
    private const HOURS_FROM_MINUTES = 90.0;

    public function __construct(
        private HeadRecord $headRecord,
        private OutlookParts $outlookParts,
        private Outlooks $outlooks,
        private WhatIfForms $whatIfForms,
        private WhatIfQuestion $whatIfQuestion,
        private Parameters $parameters,
    ) {
    }

    /** @param array<string, string> $asked the menus as they were chosen */
    public function of(Head $head, array $asked, ?float $number, ?WishedFor $wished = null): WhatIfPage
    {
        $change = PlanChange::tryFrom($asked['change']);
        $head->loadMissing(['salon', 'outlook', 'zoneParts']);
        $outlook = $this->outlooks->current($head);
        $whatIf = $wrong = null;
        try {
            $whatIf = match (true) {
                $wished !== null => $this->whatIfQuestion->wishing($head, $wished->wish),
                $change === null => null,
                default => $this->whatIfQuestion->of($head, $change, $number),
            };
        } catch (InvalidArgumentException $unclear) {
            $wrong = Said::why($unclear);
        }
        $planned = $whatIf === null
            ? PlanBalance::ahead($outlook->hair_balance)
            : $this->outlookParts->balanceAhead($whatIf->asPlanned);
        $changed = $whatIf === null ? null : $this->outlookParts->balanceAhead($whatIf->changed);
        $furthest = max(HairBalance::furthest($planned), $changed === null ? 0.0 : HairBalance::furthest($changed));
        $rows = $whatIf === null ? [] : $this->rows($whatIf->asPlanned, $whatIf->changed, $head->salon->price_level);
        $half = $this->parameters->model->bandHalfWidth;
        $plan = HairBalance::of($planned, $half, $furthest, 'as-planned');

        return new WhatIfPage(
            head: $head,
            outlook: $outlook,
            form: $this->whatIfForms->of($head, $asked),
            change: $change,
            wrong: $wrong,
            balance: $changed === null ? $plan : HairBalance::of($changed, $half, $furthest, 'changed'),
            beside: $changed === null ? null : $plan,
            top: BalanceTop::of($plan->band[0], $furthest, $planned, ...$changed === null ? [] : [$changed]),
            rows: $rows,
            says: $wished?->says,
            verdict: $whatIf === null ? null : $this->verdict($rows),
            turns: $changed === null ? [] : FutureTurns::of($planned, $changed, $half),
            usable: $wished !== null || $change !== null && $change->isChosen(),
            notReadYet: $this->headRecord->isNotReadYet($head),
            seen: PlanEdit::last($head)->id ?? 0,
        );
    }

    /**
     * @return array<string, array{planned: float|int, changed: float|int, more: float}> where they differ by as much as
     *     anybody would notice
     */
    private function rows(Future $planned, Future $changed, int $priceLevel): array
    {
        [$planned, $changed] = [$this->sums($planned), $this->sums($changed)];
        $rows = [];
        foreach (self::LEAST as $what => $least) {
            $more = round($changed[$what] - $planned[$what], 1);
            if (abs($more) >= ($what === 'price' ? $priceLevel : 1) * $least) {
                $rows[$what] = ['planned' => $planned[$what], 'changed' => $changed[$what], 'more' => $more];
            }
        }

        return $rows;
    }

    /**
     * As anybody would say it: hours instead of hundreds of minutes.
     *
     * @return array{string, int} of what, how many
     */
    private static function rounded(string $what, float $more): array
    {
        return $what === 'minutes' && $more >= self::HOURS_FROM_MINUTES
            ? ['hours', (int) round($more / 60)]
            : [$what, (int) round($more)];
    }

    /**
     * What the change comes to, in one sentence.
     *
     * @param array<string, array{planned: float|int, changed: float|int, more: float}> $rows
     */
    private function verdict(array $rows): string
    {
        $parts = [];
        foreach (array_diff_key($rows, ['price' => true]) as $what => $row) {
            [$of, $count] = self::rounded($what, abs($row['more']));
            $parts[] = trans_choice('wishes.verdict.' . ($row['more'] > 0 ? 'more' : 'fewer') . ".{$of}", $count);
        }

        return $parts === []
            ? Words::say('wishes.verdict.same')
            : Words::say('wishes.verdict.says', ['what' => implode(', ', $parts)]);
    }

    /**
     * @return array{
     *     days: float, minutes: int, price: float, wash_days: int, masks: int, proteins: int, clarifies: int,
     * }
     */
    private function sums(Future $future): array
    {
        return [
            'days' => round($future->daysOutOfBand, 1),
            'minutes' => (int) round($future->minutes),
            'price' => round($future->price, 1),
            'wash_days' => count($future->washDays),
            'masks' => count(array_filter($future->choices, fn ($choice): bool => $choice->masks())),
            'proteins' => count(array_filter($future->choices, fn ($choice): bool => $choice->protein !== null)),
            'clarifies' => count(array_filter($future->choices, fn ($choice): bool => $choice->cleanse->clarifies())),
        ];
    }
}
