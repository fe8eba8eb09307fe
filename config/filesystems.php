<?php

declare(strict_types=1);

return [
    'default' => 'local',
    'disks' => [
        'local' => [
            'driver' => 'local',
            'root' => env('FILES_PATH', storage_path('app/private')),
            'serve' => false,
            'throw' => true,
        ],
    ],
    'links' => [],
];
