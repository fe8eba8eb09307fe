<?php

declare(strict_types=1);

namespace App\Care\WashDays;

use App\Bridge\WashDays\WashSessionState;
use App\Bridge\WashDays\WashSessionTimes;
use Illuminate\Support\Str;
use Nagomi\Core\Readings\Moment;
use Nagomi\Core\Readings\Reading;
use Nagomi\Core\WashDay\WashStepKind;

/** What a wash day told without anybody measuring. */
final class WashSessionReadings
{
    private const HARDLY_ANY_FOAM = 2;
    /** Of the test of detangling. */
    private const LEAST_MINUTES = 0.5;
    private const MOST_MINUTES = 240;
    private const MOST_SECTIONS = 16;
    private const MOST_KNOTS = 60;

    /**
     * @param array<string, float> $said
     *
     * @return list<Reading> what the day told without anybody measuring: how long the detangling took, whether it
     *     foamed
     */
    public static function of(
        WashSessionState $state,
        WashSessionTimes $times,
        \DateTimeImmutable $date,
        string $by,
        array $said,
    ): array {
        $reading = static fn (Moment $moment, string $test, array $raw): Reading => new Reading(
            strtolower((string) Str::ulid()),
            $date,
            $moment,
            $test,
            $raw,
            null,
            $by,
        );
        $readings = [];
        $wet = $state->isDone('wet-through') ? $times->hands('wet-through') : null;
        if ($wet !== null && $wet >= 0.2 && $wet <= 60) {
            $readings[] = $reading(Moment::BeforeCleansing, 'wet-through', ['minutes' => round($wet, 1)]);
        }
        foreach (self::ofKind($state, WashStepKind::Cleanse) as $key) {
            // What was tapped is plain; the test's own scale says how plainly: hardly any foam.
            if ($state->count($key, 'no-foam') > 0) {
                $readings[] = $reading(Moment::BeforeCleansing, 'lather', ['points' => self::HARDLY_ANY_FOAM]);
            }
            break;
        }
        $detangling = self::detangling($state, $times, $said);

        return $detangling === null
            ? $readings
            : [...$readings, $reading(Moment::AfterCleansing, 'detangling', $detangling)];
    }

    /**
     * All moments of it together: it is one head of hair.
     *
     * @param array<string, float> $said
     *
     * @return array{minutes: float, sections: int, knots_cut: int}|null null where it was not done, or in no time
     */
    private static function detangling(WashSessionState $state, WashSessionTimes $times, array $said): ?array
    {
        $minutes = 0.0;
        $knots = $sections = 0;
        foreach (self::ofKind($state, WashStepKind::Detangle) as $key) {
            if ($state->isDone($key)) {
                $minutes += $said[$key] ?? $times->hands($key) ?? 0.0;
                $knots += $state->count($key, 'knot');
                $sections = max($sections, $state->sectionsOf($key) ?? 0);
            }
        }

        return $minutes < self::LEAST_MINUTES || $minutes > self::MOST_MINUTES ? null : [
            'minutes' => round($minutes, 1),
            'sections' => min(self::MOST_SECTIONS, max(1, $sections)),
            'knots_cut' => min(self::MOST_KNOTS, $knots),
        ];
    }

    /** @return list<string> keys, in the order they are done in; by their names where they were kept without kinds */
    private static function ofKind(WashSessionState $state, WashStepKind $kind): array
    {
        $keys = [];
        foreach ($state->steps() as $step) {
            $key = is_string($step['key'] ?? null) ? $step['key'] : '';
            $of = is_string($step['kind'] ?? null) ? $step['kind'] : strtok($key, '-');
            if ($of === $kind->value) {
                $keys[] = $key;
            }
        }

        return $keys;
    }
}
