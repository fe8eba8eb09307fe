<?php

declare(strict_types=1);

namespace Tests\Together;

/** What a request was answered. */
final readonly class Answered
{
    public function __construct(public int $status, public string $to, public string $body)
    {
    }
}
