<?php

declare(strict_types=1);

namespace App\Pages\HomeRoutine;

use App\Models\Head;
use App\Pages\Page;
use App\Wording\MessageLanguage;

/** A client's no to reminders, asked for and given. */
final readonly class StopPage extends Page
{
    public function __construct(
        public Head $head,
        public bool $stopped,
        public MessageLanguage $language,
    ) {
    }
}
