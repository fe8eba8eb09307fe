<?php

declare(strict_types=1);

namespace App\Models;

/** How it stands with a deposit. */
enum DepositState: string
{
    case Asked = 'asked';
    case Paid = 'paid';
    case Kept = 'kept';
    case Returned = 'returned';
}
