<?php

declare(strict_types=1);

namespace App\Wording;

/** What a hair test may change of the next wash days, in words. */
final readonly class DecisionWords
{
    /**
     * @param array{
     *     on: string, share: float|int, changes: list<array{what: string, from: string|null, to: string|null}>,
     * } $decides
     */
    public static function of(array $decides): string
    {
        return Words::of('decides', [
            'share' => (string) (int) round(100 * $decides['share']),
            'day' => SalonClock::dayInWords($decides['on'], 'j M'),
            'what' => implode(', ', array_map(self::change(...), $decides['changes'])),
        ]);
    }

    /** @param array{what: string, from: string|null, to: string|null} $change */
    private static function change(array $change): string
    {
        $words = $change['what'] === 'cleanse' ? 'cleanses' : 'steps';
        $step = static fn (?string $kind): string => $kind === null ? '' : lcfirst(Words::of("{$words}.{$kind}"));
        $how = match (true) {
            $change['to'] === null => 'without',
            $change['from'] === null => 'with',
            default => 'other',
        };

        return Words::of("decides_how.{$how}", ['from' => $step($change['from']), 'to' => $step($change['to'])]);
    }
}
