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
        public ?string $to = null,
    ) {
    }

    /** @param string|null $to where to look at what it did */
    public static function taken(string $key, ?string $to = null): self
    {
        return new self($key, ActAnswerKind::Taken, null, $to);
    }

    public static function alreadyTaken(string $key, ?string $to = null): self
    {
        return new self($key, ActAnswerKind::AlreadyTaken, null, $to);
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

    /** @return array<string, string|null> key, answer and sentence; to, where there is something to look at */
    public function jsonSerialize(): array
    {
        return ['key' => $this->key, 'answer' => $this->kind->value, 'sentence' => $this->sentence]
            + ($this->to === null ? [] : ['to' => $this->to]);
    }
}
