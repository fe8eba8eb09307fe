<?php

declare(strict_types=1);

namespace App\Pages\Practice;

use App\Models\Head;
use App\Pages\Page;

/** What would be kept of a client's hair to practise on: all of it. */
final readonly class LivedCasePage extends Page
{
    /** @param list<array{name: string, value: string}> $kept */
    public function __construct(public Head $head, public array $kept)
    {
    }
}
