<?php

declare(strict_types=1);

namespace Nagomi\Core\Climate;

use RuntimeException;

/** A weather file that cannot be taken in. */
final class InvalidWeather extends RuntimeException
{
    /** @param non-empty-list<string> $problems each with its line */
    public function __construct(public readonly array $problems)
    {
        parent::__construct(implode("\n", $problems));
    }
}
