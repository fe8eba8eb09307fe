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
        // A process that has run a thousand tests is larger than a worker may be, and would go after its first job.
        [
            'connection' => 'database', '--stop-when-empty' => true, '--sleep' => 0, '--quiet' => true,
            '--memory' => 4096,
        ],
    );
}
