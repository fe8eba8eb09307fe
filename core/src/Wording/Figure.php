<?php

declare(strict_types=1);

namespace Nagomi\Core\Wording;

/** A number in a message; each language sets it with its own decimal sign. */
final readonly class Figure
{
    /** @param int|null $decimals as many always; null: as many as it has, six at most */
    public function __construct(public float $value, public ?int $decimals = null)
    {
    }
}
