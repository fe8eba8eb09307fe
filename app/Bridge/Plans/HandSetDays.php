<?php

declare(strict_types=1);

namespace App\Bridge\Plans;

use App\Models\Head;
use App\Models\PlanItem;
use Carbon\CarbonImmutable;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\StepKind;

/** Planned wash days as days set by hand, and a season that has some of them. Nothing is stored. */
final readonly class HandSetDays
{
    public function __construct(private StoredPlanTerms $storedPlanTerms)
    {
    }

    /**
     * The season with some days set anew.
     *
     * @param list<string>               $dates that are set no longer as they were
     * @param list<array<string, mixed>> $sets
     *
     * @return array<string, mixed>
     */
    public function season(Head $head, array $dates, array $sets): array
    {
        $new = array_column($sets, 'date');
        $kept = array_filter(
            $this->storedPlanTerms->byHand($head),
            fn (array $set): bool => ! in_array($set['date'] ?? null, [...$dates, ...$new], true),
        );

        return $this->storedPlanTerms->with($head, ['by_hand' => [...array_values($kept), ...$sets]]);
    }

    /** @return array<string, mixed> an item as a day set by hand */
    public function set(PlanItem $item, CarbonImmutable $date, string $reason, string $by): array
    {
        $set = [
            'date' => $date->format('Y-m-d'), 'cleanse' => CleanseKind::Shampoo->value, 'passes' => 1, 'heat' => false,
            'reason' => $reason, 'by' => $by,
        ];
        $passes = 0;
        foreach ($item->steps as $step) {
            $kind = StepKind::tryFrom(is_string($step['kind'] ?? null) ? $step['kind'] : '');
            $minutes = is_numeric($step['minutes'] ?? null) ? (float) $step['minutes'] : null;
            $set = match (true) {
                // Clear, then moisturise: two kinds in one day are set by the first, each pass counted.
                $kind === StepKind::Cleanse => [
                    'cleanse' => $passes > 0 ? $set['cleanse'] : $step['cleanse'] ?? $set['cleanse'],
                    'passes' => $passes += is_int($step['passes'] ?? null) ? $step['passes'] : 1,
                ] + $set,
                $kind === StepKind::Mask => ['mask_minutes' => $minutes, 'heat' => $step['heat'] ?? false] + $set,
                $kind !== null && $kind->isProtein() => ['protein' => $kind->value] + $set,
                $kind === StepKind::PreWash => [
                    'pre_wash' => $step['how'] ?? 'oil',
                    'pre_wash_before' => ($step['evening_before'] ?? false) === true ? true : null,
                ] + $set,
                default => $set,
            };
        }

        return $set;
    }
}
