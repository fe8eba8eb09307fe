<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToSalon;
use App\Models\Concerns\BootsByName;
use App\Models\Concerns\ReadsOnce;
use App\Models\Concerns\UlidKey;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Prunable;

/**
 * What was read of a file and waits to be confirmed; once it is, what came of it, so that it can be undone for a day.
 *
 * @property string                     $id
 * @property int                        $salon_id
 * @property int                        $user_id
 * @property string                     $name
 * @property list<array<string, mixed>> $found one for each client, record or line: where it stands, what it is, what is
 *     wrong with it; empty once it is taken
 * @property list<array{name: string, lines: list<array{int, list<string>}>}>|null $tables null: not a table, or taken
 * @property array<string, mixed>|null  $reading  how the table is read, what is asked of it, how it was written
 * @property CarbonImmutable|null       $taken_at
 * @property string|null                $taken_by
 * @property array<string, array<string, string>>|null $made how it stood then, by key, by table
 * @property CarbonImmutable            $created_at
 */
final class Import extends Model
{
    use BootsByName;
    use ReadsOnce;
    use BelongsToSalon;
    use Prunable;
    use UlidKey;

    /** How long it waits, and can be undone. */
    public const HOURS = 24;

    protected $guarded = ['id', 'salon_id'];

    protected function casts(): array
    {
        return [
            'found' => 'encrypted:array', 'tables' => 'encrypted:array', 'reading' => 'encrypted:array',
            'made' => 'array', 'taken_at' => 'immutable_datetime', 'created_at' => 'immutable_datetime',
        ];
    }

    public function undoneUntil(): ?CarbonImmutable
    {
        return $this->taken_at?->addHours(self::HOURS);
    }

    public function canBeUndone(): bool
    {
        return $this->undoneUntil()?->isFuture() === true;
    }

    /** @return Builder<self> those nobody confirmed, and those that can no more be undone */
    public function prunable(): Builder
    {
        $before = now()->subHours(self::HOURS);

        return self::query()->withoutGlobalScope('salon')->where(
            static fn (Builder $import): Builder => $import->where('taken_at', '<', $before)->orWhere(
                static fn (Builder $waiting): Builder => $waiting
                    ->whereNull('taken_at')
                    ->where('created_at', '<', $before),
            ),
        );
    }
}
