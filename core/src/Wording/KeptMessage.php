<?php

declare(strict_types=1);

namespace Nagomi\Core\Wording;

use DateTimeImmutable;
use DateTimeZone;

/** Reads a message back as it was kept. */
final class KeptMessage
{
    /**
     * @param mixed $kept as {@see Message::jsonSerialize()} gave it, decoded; a sentence kept as such is said as
     * it is
     */
    public static function read(mixed $kept): Message
    {
        if (! is_array($kept) || ! is_string($kept['key'] ?? null)) {
            return Message::asItIs(is_string($kept) ? $kept : '');
        }
        $places = [];
        foreach (is_array($kept['places'] ?? null) ? $kept['places'] : [] as $name => $place) {
            $places[(string) $name] = self::place($place);
        }

        return Message::of($kept['key'], ...$places);
    }

    /** @return list<Message> */
    public static function readAll(mixed $kept): array
    {
        return array_map(self::read(...), is_array($kept) ? array_values($kept) : []);
    }

    /** @return string|int|Figure|DateTimeImmutable|Message|list<Message|string> */
    private static function place(mixed $place): string|int|Figure|DateTimeImmutable|Message|array
    {
        if (! is_array($place)) {
            return is_int($place) || is_string($place) ? $place : '';
        }
        $decimals = $place['decimals'] ?? null;

        return match (true) {
            is_numeric($place['figure'] ?? null) => new Figure(
                (float) $place['figure'],
                is_int($decimals) ? $decimals : null,
            ),
            is_string($place['day'] ?? null)
                => DateTimeImmutable::createFromFormat('!Y-m-d', $place['day'], new DateTimeZone('UTC')) ?: '',
            is_array($place['list'] ?? null) => array_map(
                static fn (mixed $one): Message|string => is_string($one) ? $one : self::read($one),
                array_values($place['list']),
            ),
            default => self::read($place),
        };
    }
}
