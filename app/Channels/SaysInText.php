<?php

declare(strict_types=1);

namespace App\Channels;

use App\Models\Head;

/** A notification that can be said in one text message. */
interface SaysInText
{
    public function toText(Head $head): string;
}
