<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToSalon;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * What a stylist has typed on the Bench and not yet taken in.
 *
 * @property string                $head_id
 * @property int                   $user_id
 * @property string                $moment
 * @property array<string, string> $fields     by the name of the field
 * @property CarbonImmutable       $updated_at
 */
final class TestDraft extends Model
{
    use BelongsToSalon;

    protected $guarded = ['id'];

    protected function casts(): array
    {
        return ['fields' => 'array', 'updated_at' => 'immutable_datetime'];
    }

    /** @return array{fields: array<string, string>, at: string}|null */
    public static function typed(Head $head, User $user, string $moment): ?array
    {
        /** @var self|null $draft */
        $draft = self::query()
            ->where('head_id', $head->id)
            ->where('user_id', $user->id)
            ->where('moment', $moment)
            ->first();

        return $draft === null ? null : ['fields' => $draft->fields, 'at' => $draft->updated_at->format('c')];
    }
}
