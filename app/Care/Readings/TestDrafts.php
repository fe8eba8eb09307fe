<?php

declare(strict_types=1);

namespace App\Care\Readings;

use App\Models\Head;
use App\Models\TestDraft;
use App\Models\User;
use App\Models\Visit;

/**
 * What a stylist has typed and not yet taken in: one draft for each client and moment, merged field by field out of
 * what is typed on one tablet and another.
 */
final readonly class TestDrafts
{
    /**
     * @param array<string, string> $fields  by the name of the field; what is not there is empty
     * @param list<string>|null     $changed names of the fields this device has set or emptied since it heard last;
     *     null: all of them, from a device that holds the whole
     */
    public function keep(
        Head $head,
        User $user,
        string $moment,
        array $fields,
        string $visit,
        ?array $changed,
    ): ?TestDraft {
        $draft = TestDraft::of($head, $user, $moment);
        // A draft that comes late, after its visit was taken in, would offer the same readings once more.
        if ($this->isTaken($head, $draft->visit ?? $visit) || $this->isTaken($head, $visit)) {
            $this->done($head, $user, $moment);

            return null;
        }
        $kept = $draft->fields ?? [];
        $names = $changed ?? array_keys($kept + $fields);
        $set = array_intersect_key($fields, array_flip($names));
        $merged = $set + array_diff_key($kept, array_flip($names));
        $moved = array_filter($names, fn (string $name): bool => ($kept[$name] ?? '') !== ($fields[$name] ?? ''));
        if ($merged === []) {
            $this->done($head, $user, $moment);

            return null;
        }
        if ($draft !== null && $moved === []) {
            return $draft;
        }
        $revision = ($draft->revision ?? 0) + 1;

        return TestDraft::query()->updateOrCreate(
            ['head_id' => $head->id, 'user_id' => $user->id, 'moment' => $moment],
            [
                'salon_id' => $head->salon_id, 'fields' => $merged, 'visit' => $draft->visit ?? $visit,
                'revision' => $revision, 'marks' => array_fill_keys($moved, $revision) + ($draft->marks ?? []),
                'updated_at' => now(),
            ],
        );
    }

    /** Whether the visit was taken in, on whichever device. */
    public function isTaken(Head $head, string $visit): bool
    {
        return Visit::query()->where('head_id', $head->id)->whereKey($visit)->exists();
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
