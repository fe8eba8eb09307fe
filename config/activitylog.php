<?php

declare(strict_types=1);

return [
    'enabled' => true,
    'delete_records_older_than_days' => 3650,
    'default_log_name' => 'salon',
    'default_auth_driver' => null,
    'subject_returns_soft_deleted_models' => true,
    'activity_model' => App\Models\TrailEntry::class,
    'table_name' => 'activity_log',
    'database_connection' => null,
];
