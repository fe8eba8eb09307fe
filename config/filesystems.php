<?php

declare(strict_types=1);

$local = [
    'driver' => 'local',
    'root' => env('FILES_PATH', storage_path('app/private')),
    'serve' => false,
    'throw' => true,
];

return [
    'default' => 'local',
    'disks' => [
        'local' => $local,
        // Clients' pictures, encrypted: on this machine's disk, or in a bucket that several reach (FILES_ON=s3).
        'pictures' => env('FILES_ON', 'local') === 's3'
            ? [
                'driver' => 's3',
                'key' => env('S3_KEY'),
                'secret' => env('S3_SECRET'),
                'region' => env('S3_REGION', 'local'),
                'bucket' => env('S3_BUCKET', 'nagomi'),
                'endpoint' => env('S3_ENDPOINT'),
                'use_path_style_endpoint' => true,
                'throw' => true,
                // Nothing in it is for everybody: who may read it need not be asked.
                'retain_visibility' => false,
                // A store that hangs holds up a page no longer than this, in seconds.
                'http' => ['connect_timeout' => 2, 'timeout' => 15],
                'retries' => 2,
            ]
            : $local,
    ],
    'links' => [],
];
