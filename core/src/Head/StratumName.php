<?php

declare(strict_types=1);

namespace Nagomi\Core\Head;

use Nagomi\Core\Wording\Message;

/**
 * What a stratum is called: by where it grows. The name itself is a key, such as root+shaft@nape,crown; it is kept with
 * every day of a head and said in the language of whoever reads.
 */
final class StratumName
{
    public const WHOLE_HEAD = 'whole-head';

    /** With more zones than these they are not named one by one. */
    private const MOST_NAMED = 4;

    private const ALL = 'all';
    private const MOST = 'most';

    /** @param non-empty-list<ZonePart> $group */
    public static function of(array $group): string
    {
        $byPart = [];
        foreach ($group as $part) {
            $byPart[$part->part->value][] = $part->zone->value;
        }
        $names = [];
        foreach ($byPart as $part => $zones) {
            $names[] = "{$part}@" . match (true) {
                count($zones) <= self::MOST_NAMED => implode(',', $zones),
                count($zones) === count(Zone::cases()) => self::ALL,
                default => self::MOST,
            };
        }

        return implode('+', $names);
    }

    /** @param string $name one that is no key was kept before names were; it is said as it is */
    public static function words(string $name): Message
    {
        if ($name === self::WHOLE_HEAD) {
            return Message::of('strata.whole-head');
        }
        $parts = array_map(self::part(...), explode('+', $name));

        return match (true) {
            in_array(null, $parts, true) => Message::asItIs($name),
            count($parts) === 2 => Message::of('strata.both', one: $parts[0], other: $parts[1]),
            default => $parts[0],
        };
    }

    private static function part(string $name): ?Message
    {
        [$part, $where] = [...explode('@', $name, 2), ''];
        if (Part::tryFrom($part) === null || $where === '') {
            return null;
        }
        if ($where === self::ALL || $where === self::MOST) {
            return Message::of("strata.{$part}.{$where}");
        }
        $zones = array_map(Zone::tryFrom(...), explode(',', $where));

        return in_array(null, $zones, true) ? null : Message::of("strata.{$part}.at", zones: array_map(
            static fn (Zone $zone): Message => Message::of("strata.zones.{$zone->value}"),
            $zones,
        ));
    }
}
