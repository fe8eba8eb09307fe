<?php

declare(strict_types=1);

namespace App\Care;

use App\Models\BenchDraft;
use App\Models\Head;
use App\Models\User;
use App\Models\Visit;

/** What a stylist has typed and not yet taken in, one draft for each head and moment. */
final class BenchDrafts
{
    /** @param array<string, string> $fields by the name of the field; none: there is nothing to keep */
    public static function keep(Head $head, User $user, string $moment, array $fields, string $visit): void
    {
        // A draft that comes late, after its visit was taken in, would offer the same readings once more.
        if ($fields === [] || Visit::query()->whereKey($visit)->exists()) {
            self::done($head, $user, $moment);

            return;
        }
        BenchDraft::query()->updateOrCreate(
            ['head_id' => $head->id, 'user_id' => $user->id, 'moment' => $moment],
            ['salon_id' => $head->salon_id, 'fields' => $fields, 'updated_at' => now()],
        );
    }

    /** @return array{fields: array<string, string>, at: string}|null */
    public static function of(Head $head, User $user, string $moment): ?array
    {
        /** @var BenchDraft|null $draft */
        $draft = BenchDraft::query()->where('head_id', $head->id)->where('user_id', $user->id)->where('moment', $moment)->first();

        return $draft === null ? null : ['fields' => $draft->fields, 'at' => $draft->updated_at->format('c')];
    }

    public static function done(Head $head, User $user, string $moment): void
    {
        BenchDraft::query()->where('head_id', $head->id)->where('user_id', $user->id)->where('moment', $moment)->delete();
    }
}
