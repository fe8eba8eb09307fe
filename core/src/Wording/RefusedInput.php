<?php

declare(strict_types=1);

namespace Nagomi\Core\Wording;

use InvalidArgumentException;

/** A value that cannot be taken. */
final class RefusedInput extends InvalidArgumentException implements Refusal
{
    public function __construct(private readonly Message $saying)
    {
        // For a log; who reads a screen is told in words.
        parent::__construct(json_encode($saying, JSON_UNESCAPED_UNICODE) ?: $saying->key);
    }

    public function saying(): Message
    {
        return $this->saying;
    }
}
