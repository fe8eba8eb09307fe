<?php

declare(strict_types=1);

return [
    'defaults' => ['guard' => 'web', 'passwords' => 'users'],
    'guards' => ['web' => ['driver' => 'session', 'provider' => 'users']],
    'providers' => ['users' => ['driver' => 'eloquent', 'model' => App\Models\User::class]],
    'passwords' => [],
    // From one address: common practice, no source. A test whose clock jumps needs more.
    'sign_ins_per_minute' => (int) env('SIGN_INS_PER_MINUTE', 30),
    // Seconds for which a password that was typed counts: common practice, no source.
    'password_timeout' => 900,
];
