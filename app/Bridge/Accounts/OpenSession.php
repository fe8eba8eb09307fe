<?php

declare(strict_types=1);

namespace App\Bridge\Accounts;

/** One device on which somebody is signed in. */
final readonly class OpenSession
{
    /**
     * @param string $id      of the session; known to its browser alone, and never shown
     * @param string $address of the device, as it came; '' where it is not known
     * @param string $agent   what the browser says of itself; '' where it says nothing
     * @param int    $seen    seconds since 1970
     */
    public function __construct(
        public string $id,
        public string $address,
        public string $agent,
        public int $seen,
    ) {
    }
}
