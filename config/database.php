<?php

declare(strict_types=1);

$redis = [
    'host' => env('REDIS_HOST', '127.0.0.1'),
    'port' => env('REDIS_PORT', '6379'),
    'password' => env('REDIS_PASSWORD'),
    'timeout' => 2.0,
    'read_timeout' => 5.0,
];

return [
    'default' => 'mariadb',
    'connections' => [
        'mariadb' => [
            'driver' => 'mariadb',
            'host' => env('DB_HOST', '127.0.0.1'),
            'port' => env('DB_PORT', '13306'),
            'database' => env('DB_DATABASE', 'nagomi'),
            'username' => env('DB_USERNAME', 'nagomi'),
            'password' => env('DB_PASSWORD', ''),
            'charset' => 'utf8mb4',
            'collation' => 'utf8mb4_unicode_ci',
            'prefix' => '',
            'strict' => true,
            'engine' => 'InnoDB',
            // What is read after a lock is what the one before it left, not what stood there as the transaction began.
            'isolation_level' => 'READ COMMITTED',
        ],
    ],
    // Only where several machines serve one salon (docs/beyond-one-machine.md); one machine keeps all of it in MariaDB.
    'redis' => [
        'client' => 'phpredis',
        'options' => ['prefix' => 'nagomi:'],
        'default' => ['database' => '0'] + $redis,
        // A place of its own: what is worked out may be thrown away whole, sessions and jobs may not.
        'cache' => ['database' => '1'] + $redis,
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => true],
];
