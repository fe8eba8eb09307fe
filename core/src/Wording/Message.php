<?php

declare(strict_types=1);

namespace Nagomi\Core\Wording;

use DateTimeImmutable;
use JsonSerializable;

/**
 * What is to be said: the key of a sentence and what stands in its places. The words are in lang/, in every language;
 * {@see Sentences} puts the two together for whoever reads.
 */
final readonly class Message implements JsonSerializable
{
    /** Of words that somebody typed, or that were kept as a sentence: they are said as they are. */
    public const AS_IT_IS = 'as-it-is';

    /** Of several sentences. */
    public const IN_A_ROW = 'in-a-row';

    /** @param array<string, string|int|Figure|DateTimeImmutable|self|list<self|string>> $places by name */
    private function __construct(public string $key, public array $places)
    {
    }

    /**
     * @param string $key of the sentence below lang/<language>/core, such as planning.usual-wash
     * @param string|int|Figure|DateTimeImmutable|self|list<self|string> $places by name: words as they are, whole
     *     numbers, numbers with their decimals, a day, another message, or several in a row
     */
    public static function of(string $key, string|int|Figure|DateTimeImmutable|self|array ...$places): self
    {
        /** @var array<string, string|int|Figure|DateTimeImmutable|self|list<self|string>> $places */
        return new self($key, $places);
    }

    /** Words that are said as they are, in whatever language. */
    public static function asItIs(string $words): self
    {
        return new self(self::AS_IT_IS, ['words' => $words]);
    }

    /**
     * Sentences one after the other, with a space between them.
     *
     * @param list<self> $sentences
     */
    public static function inARow(array $sentences): self
    {
        return new self(self::IN_A_ROW, ['sentences' => $sentences]);
    }

    /** @return array{key: string, places: array<string, mixed>} as it is kept; {@see KeptMessage} reads it back */
    public function jsonSerialize(): array
    {
        return ['key' => $this->key, 'places' => array_map(self::kept(...), $this->places)];
    }

    private static function kept(mixed $place): mixed
    {
        return match (true) {
            $place instanceof self => $place->jsonSerialize(),
            $place instanceof Figure => ['figure' => $place->value, 'decimals' => $place->decimals],
            $place instanceof DateTimeImmutable => ['day' => $place->format('Y-m-d')],
            is_array($place) => ['list' => array_map(self::kept(...), $place)],
            default => $place,
        };
    }
}
