<?php

declare(strict_types=1);

namespace App\Pages\Plan;

use App\Bridge\Plans\OutlookParts;
use App\Bridge\Plans\Outlooks;
use App\Bridge\Plans\WhatIfQuestion;
use App\Bridge\Plans\WishedFor;
use App\Drawings\HairBalance;
use App\Models\Head;
use App\Models\PlanEdit;
use App\Wording\Words;
use InvalidArgumentException;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Planning\Future;
use Nagomi\Core\Planning\PlanChange;

/**
 * Two futures of a head side by side. Nothing is stored: it is a question, not a plan.
 *
 * @phpstan-type ToldFuture array{
 *     balance: HairBalance, days: float, minutes: int, price: float, wash_days: int, masks: int, proteins: int,
 *     clarifies: int,
 * }
 */
final readonly class WhatIfScreen
{
    /** Differences smaller than that nobody would notice. */
    private const LEAST = [
        'days' => 0.5, 'minutes' => 1.0, 'wash_days' => 1.0, 'masks' => 1.0, 'proteins' => 1.0, 'clarifies' => 1.0,
        'price' => 1.0,
    ];

    public function __construct(
        private OutlookParts $outlookParts,
        private Outlooks $outlooks,
        private WhatIfQuestion $whatIfQuestion,
        private Parameters $parameters,
    ) {
    }

    /** @param string $typed the number as it was typed, which the page shows again */
    public function of(
        Head $head,
        string $asked,
        ?float $number,
        string $typed,
        ?WishedFor $wished = null,
    ): WhatIfPage {
        $change = PlanChange::tryFrom($asked);
        $head->loadMissing(['salon', 'outlook', 'zoneParts']);
        $outlook = $this->outlooks->current($head);
        $futures = [];
        $wrong = null;
        try {
            $whatIf = match (true) {
                $wished !== null => $this->whatIfQuestion->wishing($head, $wished->wish),
                $change === null => null,
                default => $this->whatIfQuestion->of($head, $change, $number),
            };
            $futures = $whatIf === null ? [] : $this->futures($whatIf->asPlanned, $whatIf->changed);
        } catch (InvalidArgumentException $unclear) {
            $wrong = $unclear->getMessage();
        }

        return new WhatIfPage(
            head: $head,
            outlook: $outlook,
            change: $change,
            number: $number,
            wrong: $wrong,
            futures: $futures,
            rows: $futures === [] ? [] : $this->rows($futures['as planned'], $futures['with the change']),
            typed: $typed,
            says: $wished?->says,
            verdict: $futures === [] ? null : $this->verdict($futures['as planned'], $futures['with the change']),
            usable: $wished !== null || $change !== null && $change->isChosen(),
            today: $head->salon->today(),
            seen: PlanEdit::last($head)->id ?? 0,
        );
    }

    /**
     * @param ToldFuture $planned
     * @param ToldFuture $changed
     *
     * @return array<string, float> by how much it differs, where it does by as much as anybody would notice
     */
    private function rows(array $planned, array $changed): array
    {
        $rows = [];
        foreach (self::LEAST as $what => $least) {
            $more = round($changed[$what] - $planned[$what], 1);
            if (abs($more) >= $least) {
                $rows[$what] = $more;
            }
        }

        return $rows;
    }

    /**
     * What the change comes to, in one sentence.
     *
     * @param ToldFuture $planned
     * @param ToldFuture $changed
     */
    private function verdict(array $planned, array $changed): string
    {
        $parts = [];
        foreach (array_diff_key($this->rows($planned, $changed), ['price' => true]) as $what => $more) {
            $parts[] = trans_choice(
                'wishes.verdict.' . ($more > 0 ? 'more' : 'fewer') . ".{$what}",
                (int) round(abs($more)),
            );
        }

        return $parts === []
            ? Words::say('wishes.verdict.same')
            : Words::say('wishes.verdict.says', ['what' => implode(', ', $parts)]);
    }

    /** @return array{'as planned': ToldFuture, 'with the change': ToldFuture} drawn to one scale */
    private function futures(Future $planned, Future $changed): array
    {
        $furthest = max(
            HairBalance::furthest($this->outlookParts->balanceAhead($planned)),
            HairBalance::furthest($this->outlookParts->balanceAhead($changed)),
        );

        return [
            'as planned' => $this->future($planned, $furthest),
            'with the change' => $this->future($changed, $furthest),
        ];
    }

    /** @return ToldFuture */
    private function future(Future $future, float $furthest): array
    {
        return [
            'balance' => HairBalance::of(
                $this->outlookParts->balanceAhead($future),
                $this->parameters->model->bandHalfWidth,
                $furthest,
            ),
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
