<?php

declare(strict_types=1);

namespace App\Bridge\Plans;

use App\Models\HeadSnapshot;
use DateTimeImmutable;
use Illuminate\Support\Collection;
use Nagomi\Core\Estimation\CellProbabilities;
use Nagomi\Core\Estimation\Snapshot;
use Nagomi\Core\Estimation\State;
use Nagomi\Core\Estimation\StateLayout;
use Nagomi\Core\Planning\Future;
use Nagomi\Core\Planning\Plan;
use Nagomi\Core\Planning\PlanItem;
use Nagomi\Core\Planning\RuleConflict;
use Nagomi\Core\Treatments\WashDay;

/** The parts of a stored outlook, as plain arrays for the pages. */
final readonly class OutlookParts
{
    /** @return list<StoredStratum> where each stratum stands */
    public function standing(State $state): array
    {
        $head = $state->layout->head;

        return array_map(fn (int $s): array => [
            'name' => $head->strata[$s]->name,
            'porosity' => $head->strata[$s]->porosity->value,
            'share' => round($head->strata[$s]->share, 4),
            'moisture' => $this->pair($state, $s, StateLayout::MOISTURE),
            'protein' => $this->pair($state, $s, StateLayout::PROTEIN),
            'build_up' => [round($state->buildUp($s), 1), round($state->buildUpSd($s), 1)],
            'wear' => $this->pair($state, $s, StateLayout::WEAR),
            'target_moisture' => $head->strata[$s]->targetMoisture(),
            'target_protein' => $head->strata[$s]->targetProtein($head->proteinSensitive),
            'cells' => array_map(
                fn (float $probability): float => round($probability, 4),
                CellProbabilities::ofStratum($state, $s),
            ),
        ], array_keys($head->strata));
    }

    /** @return array{float, float} */
    private function pair(State $state, int $s, int $quantity): array
    {
        $quantity = max(StateLayout::MOISTURE, min(StateLayout::WEAR, $quantity));

        return [round($state->value($s, $quantity), 1), round($state->sd($s, $quantity), 1)];
    }

    /**
     * @param list<Snapshot>              $lookedBack one for each past day and today, in the light of all readings
     * @param list<WashDay>            $past
     * @param Collection<int, HeadSnapshot> $visits
     *
     * @return StoredBalance the days of the balance until now, those ahead as planned (of today what it comes to after the
     *     wash that is planned for it), its stones and its gauges
     */
    public function balance(
        array $lookedBack,
        Plan $plan,
        array $past,
        Collection $visits,
        DateTimeImmutable $today,
    ): array {
        $since = ($lookedBack[0] ?? $plan->forecast[0])->date->format('Y-m-d');
        $stones = [];
        foreach ($past as $day) {
            if ($day->date->format('Y-m-d') >= $since) {
                $stones[] = [
                    'date' => $day->date->format('Y-m-d'),
                    'planned' => false,
                    'kinds' => WashKinds::of($day->steps),
                ];
            }
        }
        $head = $plan->forecast[0]->state->layout->head;
        foreach ($plan->items as $item) {
            $stones[] = [
                'date' => $item->date->format('Y-m-d'),
                'planned' => true,
                'kinds' => WashKinds::of($item->choice->steps($head)),
            ];
        }

        return [
            'from' => $since,
            'today' => $today->format('Y-m-d'),
            'strata' => $this->currents($lookedBack, $plan->forecast),
            'stones' => $stones,
            'gauges' => array_values(array_filter(
                $visits->map(fn (HeadSnapshot $visit): string => $visit->date->format('Y-m-d'))->all(),
                fn (string $date): bool => $date >= $since,
            )),
        ];
    }

    /** @return list<StoredConflict> wash days on which the rules leave no way open */
    public function clashes(Plan $plan): array
    {
        return array_map(
            fn (RuleConflict $clash): array => [
                'date' => $clash->date->format('Y-m-d'),
                'rules' => $clash->rules,
                'frees' => $clash->frees,
            ],
            $plan->clashes,
        );
    }

    /**
     * The balance of one future alone, from today on.
     *
     * @return StoredBalance
     */
    public function balanceAhead(Future $future): array
    {
        $today = $future->forecast[0]->date;
        $head = $future->forecast[0]->state->layout->head;
        $stones = [];
        foreach ($future->washDays as $i => $day) {
            $stones[] = [
                'date' => $today->modify("+{$day} days")->format('Y-m-d'),
                'planned' => true,
                'kinds' => WashKinds::of($future->choices[$i]->steps($head)),
            ];
        }

        return [
            'from' => $today->format('Y-m-d'), 'today' => $today->format('Y-m-d'),
            'strata' => $this->currents([], $future->forecast), 'stones' => $stones, 'gauges' => [],
        ];
    }

    /**
     * @param list<Snapshot> $until one for each day until now
     * @param list<Snapshot> $ahead one for each day from today on, as planned
     *
     * @return list<StoredCurrent> by stratum
     */
    private function currents(array $until, array $ahead): array
    {
        $head = ($ahead[0] ?? $until[0])->state->layout->head;

        return array_map(fn (int $s): array => [
            'name' => $head->strata[$s]->name,
            'targets' => [
                $head->strata[$s]->targetMoisture(),
                $head->strata[$s]->targetProtein($head->proteinSensitive),
            ],
            'days' => $this->days($until, $s),
            'ahead' => $this->days($ahead, $s),
        ], array_keys($head->strata));
    }

    /**
     * @param list<Snapshot> $points
     *
     * @return list<array{float, float, float, float, float, float}> moisture, protein and build-up with their sd
     */
    private function days(array $points, int $s): array
    {
        return array_map(fn (Snapshot $point): array => [
            ...$this->pair($point->state, $s, StateLayout::MOISTURE),
            ...$this->pair($point->state, $s, StateLayout::PROTEIN),
            round($point->state->buildUp($s), 1),
            round($point->state->buildUpSd($s), 1),
        ], $points);
    }

    /**
     * The item as the pages show it.
     *
     * @return array<string, mixed>|null
     */
    public function without(PlanItem $item): ?array
    {
        $main = $item->mainWithout();

        return $main === null ? null : [
            'what' => $main->what,
            'stratum' => $main->stratum,
            'date' => $main->date?->format('Y-m-d'),
            'earliest' => $main->earliest?->format('Y-m-d'),
            'latest' => $main->latest?->format('Y-m-d'),
            'already_outside' => $main->alreadyOutside,
            'certainty' => round($main->certainty, 3),
        ];
    }
}
