<?php

declare(strict_types=1);

/* The clock strikes and messages go out, for the tests that read what clients are written. */

use Illuminate\Support\Facades\Artisan;

/** The worker works until nothing is left. */
function theyWork(): void
{
    Artisan::call('nagomi:remind');
    Artisan::call(
        'queue:work',
        ['connection' => 'database', '--stop-when-empty' => true, '--sleep' => 0, '--quiet' => true],
    );
}
