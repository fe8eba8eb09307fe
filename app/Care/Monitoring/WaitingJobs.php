<?php

declare(strict_types=1);

namespace App\Care\Monitoring;

use Carbon\CarbonImmutable;
use Illuminate\Contracts\Queue\Factory;

/** The jobs of all shards, wherever they wait: in MariaDB or in Redis. */
final readonly class WaitingJobs
{
    public function __construct(private Factory $queues)
    {
    }

    /** Those that wait and those that are done just now. */
    public function count(): int
    {
        return array_sum(array_map($this->queues->connection()->size(...), self::names()));
    }

    /** @return int how long the first of those waits whose turn has come; 0 where none does */
    public function oldestSeconds(CarbonImmutable $now): int
    {
        $waits = 0;
        foreach (self::names() as $name) {
            $since = $this->queues->connection()->creationTimeOfOldestPendingJob($name);
            $waits = max($waits, $since === null ? 0 : $now->getTimestamp() - $since);
        }

        return $waits;
    }

    /** @return list<string> */
    private static function names(): array
    {
        /** @var list<string> */
        return config()->array('queue.names');
    }
}
