<?php

declare(strict_types=1);

namespace App\Pages\Plan;

use App\Bridge\Plans\OutlookParts;
use App\Bridge\Plans\Outlooks;
use App\Bridge\Plans\WhatIfQuestion;
use App\Drawings\BalanceRiver;
use App\Models\Head;
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
    public function of(Head $head, string $asked, ?float $number, string $typed): WhatIfPage
    {
        $change = PlanChange::tryFrom($asked);
        $head->loadMissing(['salon', 'outlook', 'zoneParts']);
        $outlook = $this->outlooks->current($head);
        $futures = [];
        $wrong = null;
        try {
            $whatIf = $change === null ? null : $this->whatIfQuestion->of($head, $change, $number);
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
        );
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
