<?php

declare(strict_types=1);

namespace App\Pages\Plan;

use App\Bridge\Plans\OutlookParts;
use App\Bridge\Plans\Outlooks;
use App\Bridge\Plans\WhatIfQuestion;
use App\Bridge\Plans\WishedFor;
use App\Drawings\BalanceRiver;
use App\Models\Head;
use App\Models\PlanEdit;
use App\Wording\Words;
use InvalidArgumentException;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Planning\Future;
use Nagomi\Core\Planning\PlanChange;

/** Two futures of a head side by side. Nothing is stored: it is a question, not a plan. */
final readonly class WhatIfScreen
{
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
            $futures = $whatIf === null
                ? []
                : [
                    'as planned' => $this->future($whatIf->asPlanned),
                    'with the change' => $this->future($whatIf->changed),
                ];
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
            typed: $typed,
            says: $wished?->says,
            verdict: $futures === [] ? null : $this->verdict($futures['as planned'], $futures['with the change']),
            usable: $wished !== null || $change !== null && $change->isChosen(),
            today: $head->salon->today(),
            seen: PlanEdit::last($head)->id ?? 0,
        );
    }

    /**
     * What the change comes to, in one sentence.
     *
     * @param array{days: float, minutes: int, wash_days: int, masks: int, proteins: int, clarifies: int} $planned
     * @param array{days: float, minutes: int, wash_days: int, masks: int, proteins: int, clarifies: int} $changed
     */
    private function verdict(array $planned, array $changed): string
    {
        $parts = [];
        foreach (['days', 'minutes', 'wash_days', 'masks', 'proteins', 'clarifies'] as $what) {
            $more = round($changed[$what] - $planned[$what], 1);
            $parts[] = abs($more) < ($what === 'days' ? 0.5 : 1)
                ? null
                : trans_choice(
                    'wishes.verdict.' . ($more > 0 ? 'more' : 'fewer') . ".{$what}",
                    (int) round(abs($more)),
                );
        }
        $parts = array_filter($parts);

        return $parts === []
            ? Words::say('wishes.verdict.same')
            : Words::say('wishes.verdict.says', ['what' => implode(', ', $parts)]);
    }

    /**
     * @return array{
     *     river: BalanceRiver, days: float, minutes: int, cost: float, price: float, wash_days: int, masks: int,
     *     proteins: int, clarifies: int,
     * }
     */
    private function future(Future $future): array
    {
        return [
            'river' => BalanceRiver::of(
                $this->outlookParts->riverAhead($future),
                $this->parameters->model->bandHalfWidth,
            ),
            'days' => round($future->daysOutOfBand, 1),
            'minutes' => (int) round($future->minutes),
            'cost' => round($future->cost, 1),
            'price' => round($future->price, 1),
            'wash_days' => count($future->washDays),
            'masks' => count(array_filter($future->choices, fn ($choice): bool => $choice->masks())),
            'proteins' => count(array_filter($future->choices, fn ($choice): bool => $choice->protein !== null)),
            'clarifies' => count(array_filter($future->choices, fn ($choice): bool => $choice->cleanse->clarifies())),
        ];
    }
}
