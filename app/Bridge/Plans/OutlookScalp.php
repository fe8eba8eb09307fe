<?php

declare(strict_types=1);

namespace App\Bridge\Plans;

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Planning\Plan;
use Nagomi\Core\Planning\PlanItem;
use Nagomi\Core\Readings\Sign;
use Nagomi\Core\Scalp\ScalpDay;
use Nagomi\Core\Scalp\ScalpEstimate;
use Nagomi\Core\Scalp\ScalpState;

/** The scalp of an outlook, as plain arrays for the pages. */
final readonly class OutlookScalp
{
    private const SIGNS = [Sign::ScalpOil, Sign::ScalpFlakes, Sign::ScalpItch, Sign::ScalpDryness];

    /** Half-width of an 80 % range in standard deviations. */
    private const RANGE_SD = 1.2816;

    public function __construct(private Parameters $parameters)
    {
    }

    /** @return StoredScalpOutlook|null null where the scalp was not read lately */
    public function of(Plan $plan, ?ScalpEstimate $scalp, int $ownDays, bool $keepsRhythm): ?array
    {
        if ($scalp === null || $plan->scalpRhythm === null) {
            return null;
        }
        $first = array_values(array_filter(
            $plan->items,
            static fn (PlanItem $item): bool => ($item->scalp->for ?? null) !== null,
        ))[0] ?? null;

        return [
            'read_on' => $scalp->lastRead->format('Y-m-d'),
            'signs' => array_map(fn (Sign $sign): array => $this->sign($sign, $scalp->state), self::SIGNS),
            'zone' => $scalp->state->flakiestZone()?->value,
            'rhythm' => [
                'days' => $plan->scalpRhythm->days,
                'own' => $ownDays,
                'because' => $plan->scalpRhythm->because?->value,
                'kept' => $keepsRhythm,
            ],
            'care_on' => $first?->date->format('Y-m-d'),
            'care_for' => $first?->scalp?->for?->value,
            'oil_off' => array_values(array_map(
                static fn (PlanItem $item): string => $item->date->format('Y-m-d'),
                array_filter($plan->items, static fn (PlanItem $item): bool => ! $item->choice->oilsScalp),
            )),
            'ahead' => array_map(fn (ScalpDay $day): array => [
                round($day->morning->expected(Sign::ScalpOil, $this->parameters->scalp) ?? 0.0, 1),
                round($day->morning->sd(Sign::ScalpOil, $this->parameters->scalp), 1),
                round($day->morning->expected(Sign::ScalpFlakes, $this->parameters->scalp) ?? 0.0, 1),
                round($day->morning->sd(Sign::ScalpFlakes, $this->parameters->scalp), 1),
            ], $plan->scalp),
        ];
    }

    /** @return array{sign: string, value: float, least: float, most: float, limit: float, past: bool} */
    private function sign(Sign $sign, ScalpState $state): array
    {
        $scalp = $this->parameters->scalp;
        $value = $state->expected($sign, $scalp) ?? 0.0;
        $half = self::RANGE_SD * $state->sd($sign, $scalp);
        [$least, $most] = $sign->limits();
        $limit = $scalp->limit[str_replace('scalp-', '', $sign->value)];

        return [
            'sign' => $sign->value,
            'value' => round($value, 1),
            'least' => round(max($least, $value - $half), 1),
            'most' => round(min($most, $value + $half), 1),
            'limit' => $limit,
            'past' => $value >= $limit,
        ];
    }
}
