<?php

declare(strict_types=1);

// Longer than the longest job may take (App\Jobs\RenewSalon): what is still being done is given to no other worker.
$retryAfterSeconds = 1900;

return [
    'default' => env('QUEUE_CONNECTION', 'database'),
    // The queues that salons share out among themselves: default, salons-1 … A worker takes some of them or all.
    // The first keeps the name that jobs had before there were shards.
    'names' => array_map(
        static fn (int $shard): string => $shard === 0 ? 'default' : "salons-{$shard}",
        range(0, max(1, (int) env('QUEUE_SHARDS', 1)) - 1),
    ),
    'connections' => [
        'sync' => ['driver' => 'sync'],
        'database' => [
            'driver' => 'database', 'table' => 'jobs', 'queue' => 'default', 'retry_after' => $retryAfterSeconds,
            'after_commit' => true,
        ],
        'redis' => [
            'driver' => 'redis', 'connection' => 'default', 'queue' => 'default',
            'retry_after' => $retryAfterSeconds, 'block_for' => 2, 'after_commit' => true,
        ],
    ],
    'failed' => ['driver' => 'database-uuids', 'database' => 'mariadb', 'table' => 'failed_jobs'],
];
