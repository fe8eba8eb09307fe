<?php

declare(strict_types=1);

// The stand-in ships: mails are kept for the Outbox screen. For real ones set MAIL_MAILER=smtp and the MAIL_ settings
// below.
return [
    'default' => env('MAIL_MAILER', 'outbox'),
    'mailers' => [
        'outbox' => ['transport' => 'outbox'],
        'array' => ['transport' => 'array'],
        'smtp' => [
            'transport' => 'smtp', 'scheme' => env('MAIL_SCHEME'), 'host' => env('MAIL_HOST', '127.0.0.1'),
            'port' => env('MAIL_PORT', 587), 'username' => env('MAIL_USERNAME'), 'password' => env('MAIL_PASSWORD'),
            // A server that does not answer is given up on, and asked again later.
            'timeout' => 20,
        ],
    ],
    'from' => [
        'address' => env('MAIL_FROM_ADDRESS', 'salon@nagomi.example'),
        'name' => env('MAIL_FROM_NAME', 'Nagomi'),
    ],
];
