<?php

declare(strict_types=1);

namespace App\Bridge\WashDays;

use Nagomi\Core\Treatments\StepKind;

/** Which steps of a wash day go into the record, in the order they were done in. */
final class BookedSteps
{
    /** @return array<string, array{step: array<string, mixed>, books: array<mixed>, kind: StepKind}> by key */
    public static function of(WashSessionState $state): array
    {
        $booked = [];
        foreach ($state->steps() as $step) {
            $books = is_array($step['books'] ?? null) ? $step['books'] : null;
            $key = is_string($step['key'] ?? null) ? $step['key'] : '';
            $kind = StepKind::tryFrom(is_string($books['kind'] ?? null) ? $books['kind'] : '');
            if ($books !== null && $kind !== null && $state->isDone($key)) {
                $booked[$key] = ['step' => $step, 'books' => $books, 'kind' => $kind];
            }
        }

        return $booked;
    }

    /** Minutes say how much it did: detangling, and what is over when its time is over. */
    public static function teaches(StepKind $kind): bool
    {
        return in_array($kind, [StepKind::Detangle, StepKind::PreWash], true) || $kind->needsMinutes();
    }
}
