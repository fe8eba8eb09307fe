<?php

declare(strict_types=1);

namespace App\Care\Acts;

use JsonSerializable;

/** What the salon says to one act that a device sent. Only with such an answer does the device let go of it. */
final readonly class ActAnswer implements JsonSerializable
{
    /** @param string|null $key null: the act had none that can be read; it is told by its place among those sent */
    private function __construct(
        public ?string $key,
        public ActAnswerKind $kind,
        public ?string $sentence,
    ) {
    }

    public static function taken(string $key): self
    {
        return new self($key, ActAnswerKind::Taken, null);
    }

    public static function alreadyTaken(string $key): self
    {
        return new self($key, ActAnswerKind::AlreadyTaken, null);
    }

    /** @param string $sentence why, in words for whoever did it */
    public static function refused(string $key, string $sentence): self
    {
        return new self($key, ActAnswerKind::Refused, $sentence);
    }

    /** @param string $sentence what cannot be read, and what to do instead */
    public static function unreadable(?string $key, string $sentence): self
    {
        return new self($key, ActAnswerKind::Unreadable, $sentence);
    }

    /** @return array{key: string|null, answer: string, sentence: string|null} */
    public function jsonSerialize(): array
    {
        return ['key' => $this->key, 'answer' => $this->kind->value, 'sentence' => $this->sentence];
    }
}
