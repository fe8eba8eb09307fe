<?php

declare(strict_types=1);

namespace App\Care\Plans;

use App\Models\Head;
use App\Models\Promise;

/** What a client was promised, version after version, and how the plan has moved since. */
final readonly class Promises
{
    /** @param list<array{date: string, treatment: string}> $items */
    public function make(Head $head, array $items, string $by): void
    {
        $this->release($head);
        Promise::query()->create([
            'salon_id' => $head->salon_id, 'head_id' => $head->id, 'items' => $items, 'by' => $by, 'made_at' => now(),
        ]);
    }

    public function release(Head $head): void
    {
        Promise::query()->where('head_id', $head->id)->whereNull('released_at')->update(['released_at' => now()]);
    }
}
