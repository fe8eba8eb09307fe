<?php

declare(strict_types=1);

namespace App\Models;

/** What somebody agrees to. */
enum ConsentPurpose: string
{
    case Record = 'record';
    case Pictures = 'pictures';
}
