<?php

declare(strict_types=1);

return [
    // Whoever sends it as a bearer token sees /health and /metrics; without one, only this machine itself does.
    'token' => (string) env('METRICS_TOKEN', ''),
    // What is longer or less than these is failing; common practice, no source.
    'queue_seconds' => 300,
    'clock_seconds' => 180,
    'backup_seconds' => 36 * 3600,
    'free_bytes' => 500_000_000,
    // Written by bin/backup when it is through.
    'backup_stamp' => (string) env('NAGOMI_BACKUP_STAMP', base_path('var/backup.done')),
    // A salon that is younger has not been backed up, nor renewed by the clock, and need not have been.
    'new_seconds' => 36 * 3600,
];
