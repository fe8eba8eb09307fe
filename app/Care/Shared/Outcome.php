<?php

declare(strict_types=1);

namespace App\Care\Shared;

use Throwable;

/**
 * What became of an act within its transaction.
 *
 * @template-covariant T
 */
final readonly class Outcome
{
    /**
     * @param T                         $value
     * @param array<string, mixed>|null $answer what to answer when it comes again; null: nothing is to be kept of it
     */
    private function __construct(
        public mixed $value,
        public ?array $answer,
        public ?Throwable $failed = null,
    ) {
    }

    /**
     * @template U
     *
     * @param U                    $value
     * @param array<string, mixed> $answer
     *
     * @return self<U>
     */
    public static function done(mixed $value, array $answer): self
    {
        return new self($value, $answer);
    }

    /**
     * Whatever it wrote is taken back.
     *
     * @template U
     *
     * @param U $value
     *
     * @return self<U>
     */
    public static function refused(mixed $value, ?Throwable $because = null): self
    {
        return new self($value, null, $because);
    }
}
