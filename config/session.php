<?php

declare(strict_types=1);

return [
    'driver' => env('SESSION_DRIVER', 'database'),
    'lifetime' => 600,
    'expire_on_close' => false,
    'encrypt' => true,
    'connection' => null,
    'table' => 'sessions',
    'store' => null,
    'lottery' => [2, 100],
    'cookie' => 'nagomi_session',
    'path' => '/',
    'domain' => null,
    'secure' => (bool) env('SESSION_SECURE_COOKIE', false),
    // Seconds for which a browser that came over HTTPS comes no other way: a year; common practice, no source.
    'https_only_seconds' => (int) env('HTTPS_ONLY_SECONDS', 31_536_000),
    'http_only' => true,
    'same_site' => 'lax',
    'partitioned' => false,
];
