<?php

declare(strict_types=1);

namespace App\Jobs;

/**
 * Which queue a salon's work stands in. A salon's jobs all stand in one: another salon's rush keeps them waiting only
 * where both share a shard, and whoever adds a worker gives it a shard.
 */
final readonly class SalonShard
{
    public static function queueOf(int $salonId): string
    {
        /** @var non-empty-list<string> $names */
        $names = config()->array('queue.names');

        return $names[$salonId % count($names)];
    }
}
