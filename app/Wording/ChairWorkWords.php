<?php

declare(strict_types=1);

namespace App\Wording;

use Carbon\CarbonImmutable;

/** Trims and take-downs to come, in words. */
final class ChairWorkWords
{
    /** @param StoredChairWork $work */
    public static function what(array $work): string
    {
        if ($work['kind'] !== 'trim') {
            return Words::say('chair-work.what.take-down', [
                'style' => lcfirst(Words::of('stylings.' . ($work['style'] ?? ''))),
                'days' => $work['days'] ?? 0,
            ]);
        }
        [$mm, $least, $most] = array_map(
            static fn (string $name): int => (int) round((float) ($work[$name] ?? 0)),
            ['mm', 'least', 'most'],
        );

        return Words::say(
            $least === $most ? 'chair-work.what.trim' : 'chair-work.what.trim-range',
            ['mm' => $mm, 'least' => $least, 'most' => $most],
        );
    }

    /** @param StoredChairWork $work */
    public static function because(array $work): string
    {
        $reasons = array_map(
            static fn (string $reason): string => Words::say("chair-work.because.{$reason}"),
            $work['because'],
        );
        $thin = $work['thin'] ?? null;

        return ucfirst(implode('; ', $reasons)) . '.'
            . ($thin === null ? '' : ' ' . Words::say('chair-work.thin', ['mm' => (int) round($thin)]));
    }

    /** @param list<StoredChairWork> $work what is due by a day; '' where nothing is */
    public static function due(array $work, string $by): string
    {
        return implode('; ', array_map(
            static fn (array $one): string => Words::say('chair-work.today', ['what' => self::what($one)]),
            array_filter($work, static fn (array $one): bool => $one['on'] <= $by),
        ));
    }

    /**
     * What a client reads of it at home.
     *
     * @param StoredChairWork $work
     */
    public static function atHome(array $work): string
    {
        return Words::say("chair-work.home.{$work['kind']}", [
            'day' => HomeDates::day(CarbonImmutable::parse($work['on'])),
            'style' => lcfirst(Words::of('stylings.' . ($work['style'] ?? ''))),
            'minutes' => (int) round($work['minutes']),
        ]);
    }
}
