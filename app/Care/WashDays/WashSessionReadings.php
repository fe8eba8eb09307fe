<?php

declare(strict_types=1);

namespace App\Care\WashDays;

use App\Bridge\WashDays\WashSessionState;
use Illuminate\Support\Str;
use Nagomi\Core\Readings\Moment;
use Nagomi\Core\Readings\Reading;

/** What a wash day told without anybody measuring. */
final class WashSessionReadings
{
    private const HARDLY_ANY_FOAM = 2;

    /**
     * @param array<string, float> $said
     *
     * @return list<Reading> what the day told without anybody measuring: how long the detangling took, whether it
     *     foamed
     */
    public static function of(
        WashSessionState $state,
        int $sections,
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
        $wet = $state->isDone('wet-through') ? $state->handsMinutes('wet-through') : null;
        if ($wet !== null && $wet >= 0.2 && $wet <= 60) {
            $readings[] = $reading(Moment::BeforeCleansing, 'wet-through', ['minutes' => round($wet, 1)]);
        }
        foreach (['cleanse', 'cleanse-1'] as $key) {
            // What was tapped is plain; the test's own scale says how plainly: hardly any foam.
            if ($state->count($key, 'no-foam') > 0) {
                $readings[] = $reading(Moment::BeforeCleansing, 'lather', ['points' => self::HARDLY_ANY_FOAM]);
                break;
            }
        }
        $minutes = $state->isDone('detangle') ? $said['detangle'] ?? $state->handsMinutes('detangle') : null;
        if ($minutes !== null && $minutes >= 0.5 && $minutes <= 240) {
            $readings[] = $reading(Moment::AfterCleansing, 'detangling', [
                'minutes' => round($minutes, 1),
                'sections' => min(16, $sections),
                'knots_cut' => min(60, $state->count('detangle', 'knot')),
            ]);
        }

        return $readings;
    }
}
