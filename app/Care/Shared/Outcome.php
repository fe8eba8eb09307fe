<?php

declare(strict_types=1);

namespace App\Care\Shared;

use Throwable;

/** What became of an act within its transaction. */
final readonly class Outcome
{
    /** @param array<string, mixed>|null $answer what to answer when it comes again; null: nothing is to be kept of it */
    private function __construct(
        public mixed $value,
        public ?array $answer,
        public ?Throwable $failed = null,
    ) {
    }

    /** @param array<string, mixed> $answer */
    public static function done(mixed $value, array $answer): self
    {
        return new self($value, $answer);
    }

    /** Whatever it wrote is taken back. */
    public static function refused(mixed $value, ?Throwable $because = null): self
    {
        return new self($value, null, $because);
    }
}
