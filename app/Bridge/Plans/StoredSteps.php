<?php

declare(strict_types=1);

namespace App\Bridge\Plans;

use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;

/** Steps as they are stored, in a plan or a record, back into the core's. */
final class StoredSteps
{
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
                    eveningBefore: ($step['evening_before'] ?? false) === true && $kind === StepKind::PreWash,
                );
            }
        }

        return $steps;
    }
}
