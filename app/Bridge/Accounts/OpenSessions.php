<?php

declare(strict_types=1);

namespace App\Bridge\Accounts;

/** The sessions there are, wherever they are kept: in MariaDB, or in Redis where several machines share them. */
interface OpenSessions
{
    /**
     * @param list<int> $userIds
     *
     * @return list<OpenSession> the one that was used last first; none that has run out
     */
    public function of(array $userIds): array;

    /**
     * Ends them, on every device.
     *
     * @param list<int> $userIds
     * @param string    $but     the session that stays; '': none
     *
     * @return int how many were ended
     */
    public function end(array $userIds, string $but = ''): int;
}
