<?php

declare(strict_types=1);

namespace Tests\Cluster;

use Tests\Together\Sent;

/** One thing that a device wants done, and goes on sending until it is answered. */
final class Errand
{
    public int $tries = 0;

    /**
     * @param string $kind what it is counted as
     * @param string $mark what its row carries, so that it is found again; '' where it only asks
     */
    public function __construct(
        public readonly string $kind,
        public readonly Sent $sent,
        public readonly string $mark = '',
    ) {
    }
}
