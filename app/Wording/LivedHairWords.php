<?php

declare(strict_types=1);

namespace App\Wording;

/** All that is kept of hair that was met, in words: what has no words here is not kept. */
final class LivedHairWords
{
    /**
     * @param StoredLivedHair $hair
     *
     * @return list<array{name: string, value: string}>
     */
    public static function all(array $hair): array
    {
        $rows = [];
        foreach ($hair as $what => $value) {
            $rows[] = ['name' => Words::say("practice.lived.kept.{$what}"), 'value' => match ($what) {
                'parts' => self::parts($hair['parts']),
                'load' => Words::of("loads.{$hair['load']}"),
                'oils' => Words::say('practice.told.' . ($hair['oils'] === 'none' ? 'no-oil' : 'oil')),
                'child' => Words::say('practice.lived.' . ($hair['child'] ? 'yes' : 'no')),
                'stands' => self::lines('stands', $hair['stands']),
                'scalp' => $hair['scalp'] === []
                    ? Words::say('practice.lived.not-read')
                    : implode(' · ', $hair['scalp']),
                'past' => self::past($hair['past']),
                default => is_scalar($value) ? (string) $value : '',
            }];
        }

        return $rows;
    }

    /** In one line, to tell one from another by. */
    public static function inShort(mixed $hair): string
    {
        /** @var StoredLivedHair $hair */
        return Words::say('practice.lived.short', [
            'parts' => self::parts($hair['parts']), 'length' => $hair['length_cm'], 'days' => $hair['wash_every'],
        ]);
    }

    /** @param list<array{zone: string, part: string, porosity: string, strand: string, treated: bool}> $parts */
    private static function parts(array $parts): string
    {
        $kinds = [];
        foreach ($parts as $part) {
            $kind = Words::say('practice.told.hair', [
                'porosity' => Words::of("porosities.{$part['porosity']}"),
                'strand' => Words::of("strands.{$part['strand']}"),
            ]) . ($part['treated'] ? Words::say('practice.lived.treated') : '');
            $kinds[$kind][Words::of("zones.{$part['zone']}")] = true;
        }

        return implode('; ', array_map(
            static fn (string $kind, array $zones): string => count($kinds) === 1
                ? $kind
                : $kind . ': ' . implode(', ', array_keys($zones)),
            array_keys($kinds),
            $kinds,
        ));
    }

    /** @param list<list<int>> $all */
    private static function lines(string $of, array $all): string
    {
        return implode('; ', array_map(static fn (array $points): string => Words::say("practice.lived.{$of}", [
            'moisture' => Words::number($points[0] ?? 0), 'protein' => Words::number($points[1] ?? 0),
            'washable' => $points[2] ?? 0, 'stubborn' => $points[3] ?? 0, 'wear' => $points[4] ?? 0,
        ]), $all));
    }

    /** @param list<array{days: int, cleanse: string, mask: bool, protein: bool}> $past */
    private static function past(array $past): string
    {
        return $past === [] ? Words::say('practice.lived.no-past') : implode('; ', array_map(
            static fn (array $wash): string => Words::say('practice.lived.wash', [
                'days' => $wash['days'],
                'does' => implode(', ', array_filter([
                    Words::of("cleanses.{$wash['cleanse']}"),
                    $wash['protein'] ? Words::of('steps.mild-protein') : null,
                    Words::of('steps.' . ($wash['mask'] ? 'mask' : 'conditioner')),
                ])),
            ]),
            $past,
        ));
    }
}
