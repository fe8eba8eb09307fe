<?php

declare(strict_types=1);

namespace Nagomi\Core\Validation;

use Nagomi\Core\Simulation\World;

/** The proof over virtual heads: the filter's intervals and errors, the plan's days out of band. */
final readonly class Validation
{
    private const HEADS_ALL_TOLD = 100;

    private function __construct(
        public FilterScore $filter,
        public FilterScore $allTold,
        public FilterScore $planned,
        public PlanScore $plan,
        public int $heads,
        public int $planHeads,
        public int $weeks,
        public int $seed,
        public World $world,
    ) {
    }

    /** @param int $planHeads heads that live by the plan as well; each is some eighteen plans */
    public static function of(
        int $heads,
        int $weeks,
        int $seed,
        int $planHeads,
        World $world = World::Shipped,
    ): self {
        $filter = new FilterScore();
        for ($i = 0; $i < $heads; $i++) {
            $filter->take(SimulatedLife::live($seed + $i, 7 * $weeks, world: $world));
        }
        // The same lives, where what they meant to do is on record as a plan that was handed out.
        $planned = new FilterScore(planned: true);
        for ($i = 0; $i < $heads; $i++) {
            $planned->take(SimulatedLife::live($seed + $i, 7 * $weeks, world: $world));
        }
        // What forgotten and mistaken steps at home cost, over the first of the same heads.
        $allTold = new FilterScore();
        for ($i = 0; $i < min($heads, self::HEADS_ALL_TOLD); $i++) {
            $allTold->take(SimulatedLife::live($seed + $i, 7 * $weeks, true, $world));
        }
        $plan = new PlanScore();
        for ($i = 0; $i < $planHeads; $i++) {
            $plan->take($seed + 100_000 + $i, 7 * $weeks, $world);
        }

        return new self($filter, $allTold, $planned, $plan, $heads, $planHeads, $weeks, $seed, $world);
    }

    /** @return array<string, int|float|string> */
    public function figures(): array
    {
        [$slice, $coverage] = $this->filter->worstSlice();

        $forecasts = $planned = [];
        foreach (FilterScore::FORECAST_DAYS as $ahead) {
            $forecasts["forecast_coverage_80_day_{$ahead}"] = $this->filter->forecastCoverage($ahead);
            $planned["forecast_coverage_80_day_{$ahead}_by_plan"] = $this->planned->forecastCoverage($ahead);
        }

        return [
            'world' => $this->world->value,
            'heads' => $this->heads,
            'plan_heads' => $this->planHeads,
            'weeks' => $this->weeks,
            'seed' => $this->seed,
            'coverage_80_moisture' => $this->filter->coverage('moisture'),
            'coverage_80_protein' => $this->filter->coverage('protein'),
            'interval_width_moisture' => $this->filter->width('moisture'),
            'interval_width_protein' => $this->filter->width('protein'),
            'coverage_80_worst_slice' => $coverage,
            'coverage_80_worst_slice_name' => $slice,
            'error_vs_own_estimate_held' => $this->filter->errorRatio('held'),
            'error_vs_own_estimate_held_all_told' => $this->allTold->errorRatio('held'),
            'error_vs_no_learning' => $this->filter->errorRatio('averaged'),
            'coverage_80_moisture_by_plan' => $this->planned->coverage('moisture'),
            'coverage_80_protein_by_plan' => $this->planned->coverage('protein'),
            'error_vs_own_estimate_held_by_plan' => $this->planned->errorRatio('held'),
            ...$forecasts,
            ...$planned,
            'forecast_error_vs_held_day_56' => $this->filter->forecastErrorRatio(56),
            'days_out_of_band_vs_calendar' => $this->plan->daysRatio(),
            'minutes_vs_calendar' => $this->plan->minutesRatio(),
            'hard_rules_broken' => $this->plan->rulesBroken,
        ];
    }
}
