<?php

declare(strict_types=1);

namespace App\Care\Shared;

/** What makes an act the same act again: who sent which words where, under which key. */
final readonly class ActKey
{
    /**
     * @param string   $digest      64 hexadecimal digits
     * @param string   $what        what it is called, for whoever looks into the table
     * @param int|null $sameSeconds how long the same words count as the same act; null: for good, for they carry a key
     *     of their own
     */
    private function __construct(
        public string $digest,
        public string $what,
        public ?int $sameSeconds,
    ) {
    }

    /**
     * An act that carries a key: the same words under the same key are the same act; other words under it are another,
     * as when a form is sent, gone back to, changed and sent again.
     *
     * @param string $who  whoever acts: a user, a link
     * @param string $what method and path
     * @param string $words everything that was sent, as text
     * @param string $name  what it is called, without whom it is about
     */
    public static function keyed(string $who, string $what, string $key, string $words, string $name): self
    {
        return new self(self::digest('keyed', $who, $what, $key, $words), mb_substr($name, 0, 190), null);
    }

    /** An act without a key: the same words from the same hands within a few seconds are a double tap. */
    public static function unkeyed(string $who, string $what, string $words, int $sameSeconds, string $name): self
    {
        return new self(self::digest('unkeyed', $who, $what, $words), mb_substr($name, 0, 190), $sameSeconds);
    }

    private static function digest(string ...$parts): string
    {
        // Lengths keep the parts apart, whatever is in them.
        return hash('sha256', implode('', array_map(fn (string $part): string => strlen($part) . ':' . $part, $parts)));
    }
}
