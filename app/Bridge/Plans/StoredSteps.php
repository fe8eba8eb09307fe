<?php

declare(strict_types=1);

namespace App\Bridge\Plans;

use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;

/** Steps as they are stored, in a plan or a record, back into the core's. */
final class StoredSteps
{
    /** Whether a stored step is a pre-wash that was put on the evening before. */
    public static function isBefore(mixed $step): bool
    {
        return is_array($step)
            && ($step['kind'] ?? '') === StepKind::PreWash->value
            && ($step['evening_before'] ?? false) === true;
    }

    /**
     * @param array<mixed> $stored
     *
     * @return array<int, Step> by their place; one of a kind that is not known is left out
     */
    public static function of(array $stored): array
    {
        $steps = [];
        foreach (array_values($stored) as $i => $step) {
            $step = is_array($step) ? $step : [];
            $kind = StepKind::tryFrom(is_string($step['kind'] ?? null) ? $step['kind'] : '');
            if ($kind !== null) {
                $text = fn (string $name): ?string => is_string($step[$name] ?? null) ? $step[$name] : null;
                $number = fn (string $name): ?float => is_numeric($step[$name] ?? null) ? (float) $step[$name] : null;
                $steps[$i] = new Step(
                    $kind,
                    $number('minutes'),
                    ($step['heat'] ?? false) === true,
                    CleanseKind::tryFrom((string) $text('cleanse')),
                    (int) ($number('passes') ?? 1),
                    $text('how'),
                    $text('tool'),
                    $number('millimetres'),
                    eveningBefore: self::isBefore($step),
                );
            }
        }

        return $steps;
    }

    /**
     * A step as it was done.
     *
     * @param array<mixed> $planned as it is stored
     * @param float|null   $minutes it really took; null where nobody timed it
     * @param int          $repeats passes beyond what was planned
     * @param string|null  $product name of the bottle it was done with
     */
    public static function done(StepKind $kind, array $planned, ?float $minutes, int $repeats, ?string $product): Step
    {
        $text = static fn (mixed $said): ?string => is_string($said) ? $said : null;

        return new Step(
            $kind,
            $minutes === null ? null : max(Step::LEAST_MINUTES, min(Step::MOST_MINUTES, round($minutes, 1))),
            ($planned['heat'] ?? false) === true,
            CleanseKind::tryFrom((string) $text($planned['cleanse'] ?? null)),
            min(Step::MOST_PASSES, (is_int($planned['passes'] ?? null) ? $planned['passes'] : 1) + $repeats),
            $text($planned['how'] ?? null),
            $text($planned['tool'] ?? null),
            is_numeric($planned['millimetres'] ?? null) ? (float) $planned['millimetres'] : null,
            product: $product,
            eveningBefore: self::isBefore($planned),
        );
    }
}
