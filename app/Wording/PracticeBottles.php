<?php

declare(strict_types=1);

namespace App\Wording;

/** The bottles of the practice shelf that a visit was decided with, in words. */
final class PracticeBottles
{
    /**
     * @param StoredPlayedVisit $visit
     *
     * @return list<string> of that day, then at home; only where one was chosen for something that was asked for
     */
    public static function of(array $visit): array
    {
        $today = $visit['today'];
        $home = $visit['home'];

        return [
            ...self::said('today', [
                ($today['mask_minutes'] ?? 0) > 0 ? $today['mask_bottle'] ?? null : null,
                isset($today['protein']) ? $today['protein_bottle'] ?? null : null,
            ]),
            ...self::said('home', [($home['mask_every'] ?? 0) > 0 ? $home['mask_bottle'] ?? null : null]),
        ];
    }

    /**
     * @param list<string|null> $names
     *
     * @return list<string>
     */
    private static function said(string $when, array $names): array
    {
        $names = array_values(array_filter($names));

        return $names === [] ? [] : [Words::say("practice.mattered.bottles.{$when}", [
            'bottles' => implode(', ', array_map(
                static fn (string $name): string => Words::say("practice.bottles.{$name}"),
                $names,
            )),
        ])];
    }
}
