<?php

declare(strict_types=1);

return [
    // Common practice, no source.
    'requests_per_minute' => (int) env('API_REQUESTS_PER_MINUTE', 120),
    // From one address, before anybody knows whose token it is: common practice, no source.
    'requests_per_minute_from_one_address' => (int) env('API_REQUESTS_PER_MINUTE_FROM_ONE_ADDRESS', 600),
    // Whether addresses within the salon's own network are told: a server that is reached from outside leaves this off.
    'webhooks_to_private_addresses' => (bool) env('WEBHOOKS_TO_PRIVATE_ADDRESSES', false),
    // Seconds; whoever is told answers within them.
    'webhook_timeout_seconds' => 5,
];
