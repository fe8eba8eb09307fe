<?php

declare(strict_types=1);

namespace App\Pages\Plan;

use App\Bridge\Plans\Outlooks;
use App\Models\Head;
use App\Wording\SalonClock;
use App\Wording\Words;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Planning\PlanTerms;
use Nagomi\Core\Planning\TrimGoal;
use Nagomi\Core\Planning\WeekTime;

/** What a plan must keep to, as it was typed. */
final readonly class PlanTermsScreen
{
    public function __construct(
        private Outlooks $outlooks,
        private PlanTermsForm $planTermsForm,
        private Parameters $parameters,
    ) {
    }

    public function of(Head $head): PlanTermsPage
    {
        $head->loadMissing(['salon', 'outlook', 'zoneParts']);

        return new PlanTermsPage(
            head: $head,
            outlook: $this->outlooks->current($head),
            today: $head->salon->today(),
            season: $head->season ?? [],
            away: $this->listed($head, 'away'),
            byHand: $this->listed($head, 'by_hand'),
            promised: $this->listed($head, 'promised'),
            firstPromised: $this->firstPromised($head),
            salonDays: implode(', ', array_filter($this->listed($head, 'salon_days'), is_string(...))),
            treatments: PlanTerms::TREATMENTS,
            weekdays: WeekTime::NAMES,
            trimGoals: array_combine(
                array_column(TrimGoal::cases(), 'value'),
                array_map(
                    static fn (TrimGoal $goal): string => Words::say("chair-work.goal.{$goal->value}"),
                    TrimGoal::cases(),
                ),
            ),
            seen: $this->planTermsForm->seen($head),
            costOfAMove: $this->parameters->planning->costOfAMovedPromise,
            usualPrices: array_map(
                static fn (float $price): float => $head->salon->price_level * $price,
                $this->parameters->planning->treatmentPrice,
            ),
        );
    }

    /** The first day of what is agreed, in words; '' where nothing is. */
    private function firstPromised(Head $head): string
    {
        $first = $this->listed($head, 'promised')[0] ?? null;
        $date = is_array($first) ? $first['date'] ?? null : null;

        return is_string($date) ? SalonClock::dayInWords($date, 'j M') : '';
    }

    /** @return array<array-key, mixed> */
    private function listed(Head $head, string $name): array
    {
        $listed = $head->season[$name] ?? null;

        return is_array($listed) ? $listed : [];
    }
}
