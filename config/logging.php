<?php

declare(strict_types=1);

return [
    'default' => env('LOG_CHANNEL', 'daily'),
    'deprecations' => ['channel' => 'null', 'trace' => false],
    'channels' => [
        'daily' => [
            'driver' => 'daily', 'path' => storage_path('logs/nagomi.log'), 'level' => env('LOG_LEVEL', 'warning'),
            'days' => 14, 'permission' => 0640,
            // A line is an object of JSON, with the number of its request and nothing of anybody.
            'formatter' => App\Exceptions\LogWithoutPeople::class,
            'formatter_with' => ['includeStacktraces' => true],
        ],
        'null' => ['driver' => 'monolog', 'handler' => Monolog\Handler\NullHandler::class],
    ],
];
