<?php

declare(strict_types=1);

namespace App\Bridge\WashDays;

use App\Wording\Said;
use App\Wording\Words;
use Nagomi\Core\Treatments\StepKind;

/** Which steps of a wash day go into the record, in the order they were done in. */
final class BookedSteps
{
    /** @return array<string, array{step: array<string, mixed>, books: array<mixed>, kind: StepKind}> by key */
    public static function of(WashSessionState $state): array
    {
        return self::that($state, 'done');
    }

    /** @return array<string, array{step: array<string, mixed>, books: array<mixed>, kind: StepKind}> not tapped yet */
    public static function open(WashSessionState $state): array
    {
        return self::that($state, 'open');
    }

    /**
     * @param 'done'|'open' $status
     *
     * @return array<string, array{step: array<string, mixed>, books: array<mixed>, kind: StepKind}> by key
     */
    private static function that(WashSessionState $state, string $status): array
    {
        $booked = [];
        foreach ($state->steps() as $step) {
            $books = is_array($step['books'] ?? null) ? $step['books'] : null;
            $key = is_string($step['key'] ?? null) ? $step['key'] : '';
            $kind = StepKind::tryFrom(is_string($books['kind'] ?? null) ? $books['kind'] : '');
            if ($books !== null && $kind !== null && $state->status($key) === $status) {
                $booked[$key] = ['step' => $step, 'books' => $books, 'kind' => $kind];
            }
        }

        return $booked;
    }

    /**
     * @param array<string, array{step: array<string, mixed>}> $steps
     *
     * @return array<string, string> what each is called, by key
     */
    public static function labels(array $steps): array
    {
        return array_map(static fn (array $of): string => Said::kept($of['step']['label'] ?? ''), $steps);
    }

    /**
     * @param array<string, array{step: array<string, mixed>}> $steps
     *
     * @return array<string, string> what each is called, with the minutes it was to stay on, by key
     */
    public static function planned(array $steps): array
    {
        return array_map(static function (array $of): string {
            $label = Said::kept($of['step']['label'] ?? '');
            $minutes = $of['step']['waiting_minutes'] ?? 0;

            return is_numeric($minutes) && $minutes > 0
                ? Words::say('wash.open.label', ['label' => $label, 'minutes' => round((float) $minutes)])
                : $label;
        }, $steps);
    }

    /** Minutes say how much it did: detangling, and what is over when its time is over. */
    public static function teaches(StepKind $kind): bool
    {
        return in_array($kind, [StepKind::Detangle, StepKind::PreWash], true) || $kind->needsMinutes();
    }
}
