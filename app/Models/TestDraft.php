<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToSalon;
use App\Models\Concerns\BootsByName;
use App\Models\Concerns\ReadsOnce;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * What a stylist has typed under Hair tests and not yet taken in.
 *
 * @property string                  $head_id
 * @property int                     $user_id
 * @property string                  $moment
 * @property array<string, string>   $fields   by the name of the field
 * @property string|null             $visit    key of the visit it becomes, on whichever device it is taken in
 * @property int                     $revision counts the changes
 * @property array<string, int>|null $marks    revision at which a field was last set or emptied, by its name
 * @property CarbonImmutable         $updated_at
 */
final class TestDraft extends Model
{
    use BootsByName;
    use ReadsOnce;
    use BelongsToSalon;

    protected $guarded = ['id'];

    protected function casts(): array
    {
        return ['fields' => 'array', 'marks' => 'array', 'revision' => 'integer', 'updated_at' => 'immutable_datetime'];
    }

    public static function of(Head $head, User $user, string $moment): ?self
    {
        /** @var self|null */
        return self::query()
            ->where('head_id', $head->id)
            ->where('user_id', $user->id)
            ->where('moment', $moment)
            ->first();
    }

    /** @return array{fields: array<string, string>, at: string, revision: int, visit: string|null}|null */
    public static function typed(Head $head, User $user, string $moment): ?array
    {
        $draft = self::of($head, $user, $moment);

        return $draft === null ? null : [
            'fields' => $draft->fields,
            'at' => $draft->updated_at->format('c'),
            'revision' => $draft->revision,
            'visit' => $draft->visit,
        ];
    }

    /**
     * @param list<string> $but
     *
     * @return array<string, string> fields set or emptied after a revision, but for those named; empty: emptied
     */
    public function since(int $revision, array $but): array
    {
        $changed = array_filter($this->marks ?? [], fn (int $at): bool => $at > $revision);
        $others = array_diff(array_keys($changed), $but);

        return array_combine($others, array_map(fn (string $name): string => $this->fields[$name] ?? '', $others));
    }
}
