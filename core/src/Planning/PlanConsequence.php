<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use Nagomi\Core\Estimation\BalanceCell;
use Nagomi\Core\Estimation\CellProbabilities;
use Nagomi\Core\Parameters\PlanningParameters;
use Nagomi\Core\Planning\Rules\Rule;
use Nagomi\Core\Planning\Rules\RuleWords;
use Nagomi\Core\Wording\Message;

/** What a plan comes to, in the numbers a change of it is held against. */
final readonly class PlanConsequence
{
    /**
     * @param float        $daysOut expected days outside the band over the season
     * @param float        $minutes of all wash days
     * @param list<Message> $broken  sentences of the rules that its days break
     */
    private function __construct(public float $daysOut, public float $minutes, public array $broken)
    {
    }

    public static function of(Plan $plan, PlanningParameters $limits): self
    {
        $out = 0.0;
        foreach ($plan->forecast as $point) {
            $out += 1 - (CellProbabilities::ofHead($point->state)[BalanceCell::InBalance->value] ?? 0.0);
        }
        $broken = array_merge(...array_map(
            static fn (PlanItem $item): array => array_map(
                static fn (Rule $rule): Message => Message::of(
                    'planning.broken-on',
                    date: $item->date,
                    rule: RuleWords::sentence($rule, $limits),
                ),
                $item->broken,
            ),
            $plan->items,
        ));

        return new self(
            $out,
            array_sum(array_map(static fn (PlanItem $item): float => $item->minutes, $plan->items)),
            $broken,
        );
    }
}
