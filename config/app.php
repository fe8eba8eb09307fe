<?php

declare(strict_types=1);

use App\Http\Assets\AssetFile;

return [
    // Invented salons with known passwords are loaded where somebody asks for the demo, and nowhere else.
    'demo' => (bool) env('NAGOMI_DEMO', false),
    'name' => 'Nagomi',
    'env' => env('APP_ENV', 'production'),
    'debug' => (bool) env('APP_DEBUG', false),
    'url' => env('APP_URL', 'http://127.0.0.1:8000'),
    // Names it is asked for by; where nobody has said which, as on a salon's own tablet, every one.
    'trusted_hosts' => array_map(
        static fn (string $host): string => '^' . preg_quote($host) . '$',
        array_filter(explode(',', (string) env('TRUSTED_HOSTS', ''))),
    ),
    // Of what ships, as it is now; where the configuration is kept, as it was when that was done, once a release.
    'asset_version' => AssetFile::version(dirname(__DIR__) . '/public'),
    'timezone' => 'UTC',
    'locale' => 'en',
    'fallback_locale' => 'en',
    'cipher' => 'AES-256-CBC',
    'key' => env('APP_KEY'),
    // Signs links and digests that were handed out; it stays where the key of what is encrypted is changed.
    'link_key' => env('LINK_KEY', env('APP_KEY')),
    'previous_keys' => array_filter(explode(',', (string) env('APP_PREVIOUS_KEYS', ''))),
    'maintenance' => ['driver' => 'file'],
];
