<?php

declare(strict_types=1);

return [
    // Programs come with a token alone: a session of the pages opens nothing here.
    'stateful' => [],
    'guard' => [],
    'routes' => false,
    // Each token has its own day.
    'expiration' => null,
    // By this a token that was left lying somewhere is known for one.
    'token_prefix' => 'nagomi_',
];
