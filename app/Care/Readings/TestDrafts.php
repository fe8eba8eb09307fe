<?php

declare(strict_types=1);

namespace App\Care\Readings;

use App\Models\Head;
use App\Models\TestDraft;
use App\Models\User;
use App\Models\Visit;

/** What a stylist has typed and not yet taken in, one draft for each head and moment. */
final readonly class TestDrafts
{
    /** @param array<string, string> $fields by the name of the field; none: there is nothing to keep */
    public function keep(Head $head, User $user, string $moment, array $fields, string $visit): void
    {
        // A draft that comes late, after its visit was taken in, would offer the same readings once more.
        if ($fields === [] || Visit::query()->whereKey($visit)->exists()) {
            $this->done($head, $user, $moment);

            return;
        }
        TestDraft::query()->updateOrCreate(
            ['head_id' => $head->id, 'user_id' => $user->id, 'moment' => $moment],
            ['salon_id' => $head->salon_id, 'fields' => $fields, 'updated_at' => now()],
        );
    }

    public function done(Head $head, User $user, string $moment): void
    {
        TestDraft::query()
            ->where('head_id', $head->id)
            ->where('user_id', $user->id)
            ->where('moment', $moment)
            ->delete();
    }
}
