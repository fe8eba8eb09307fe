<?php

declare(strict_types=1);

namespace App\Care\Monitoring;

/** What a check found. */
enum CheckState: string
{
    case Ok = 'ok';
    case Failing = 'failing';

    /** It could not be looked at, or there is nothing to see yet. */
    case Unknown = 'unknown';
}
