<?php

declare(strict_types=1);

namespace App\Wording;

use App\Models\PlayedCase;

/** What is said of practice clients, and of how somebody judged them. */
final class PracticeWords
{
    /** Things said to be so likely or more count as said for sure. */
    private const SURE_FROM_GROUP = 3;

    /** Further apart than this many hundredths is too sure, or too careful. */
    private const APART = 0.12;

    /**
     * What somebody's certainty is worth.
     *
     * @param list<StoredSaid> $said groups, from what was hardly thought likely on
     * @param string|null      $name of whom it is said; null: it is said to whoever judged
     */
    public static function certainty(array $said, ?string $name = null): string
    {
        $says = $name === null ? 'practice.certain' : 'practice.certain-of';
        $sure = array_slice($said, self::SURE_FROM_GROUP);
        $times = array_sum(array_column($sure, 'times'));
        if ($times === 0) {
            return Words::say("{$says}.never", ['name' => (string) $name]);
        }
        $likely = (float) array_sum(array_column($sure, 'said')) / $times;
        $was = (float) array_sum(array_column($sure, 'was')) / $times;

        return Words::say("{$says}." . match (true) {
            $likely - $was > self::APART => 'too-sure',
            $was - $likely > self::APART => 'too-careful',
            default => 'right',
        }, [
            'said' => (int) round(100 * $likely), 'was' => (int) round(100 * $was), 'name' => (string) $name,
        ]);
    }

    /** What a practice client is called. */
    public static function title(PlayedCase $played): string
    {
        return match ($played->name) {
            '' => Words::say('practice.client', ['number' => $played->seed]),
            PlayedCase::LIVED => Words::say('practice.lived.client', ['number' => $played->seed]),
            default => Words::say("practice.cases.{$played->name}.title"),
        };
    }
}
