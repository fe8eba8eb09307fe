<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToSalon;
use App\Models\Concerns\BootsByName;
use App\Models\Concerns\ReadsOnce;
use App\Models\Concerns\UlidKey;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Spatie\Activitylog\LogOptions;
use Spatie\Activitylog\Traits\LogsActivity;

/**
 * One sitting at the Bench: the readings of one moment of one day.
 *
 * @property string                          $id
 * @property string                          $head_id
 * @property CarbonImmutable                 $date
 * @property string                          $moment
 * @property string                          $by
 * @property array<string, string>           $skipped   reason by test
 * @property CarbonImmutable|null            $undone_at
 * @property Collection<int, Reading>        $readings
 * @property Collection<int, VisitStatement>   $accounts
 */
final class Visit extends Model
{
    use BootsByName;
    use ReadsOnce;
    use BelongsToSalon;
    use UlidKey;
    use LogsActivity;

    protected $guarded = [];

    protected function casts(): array
    {
        return ['date' => 'immutable_date', 'skipped' => 'array', 'undone_at' => 'immutable_datetime'];
    }

    public function getActivitylogOptions(): LogOptions
    {
        return LogOptions::defaults()
            ->logOnly(['head_id', 'date', 'moment', 'undone_at'])
            ->logOnlyDirty()
            ->dontSubmitEmptyLogs();
    }

    /** @return BelongsTo<Head, $this> */
    public function head(): BelongsTo
    {
        return $this->belongsTo(Head::class);
    }

    /** @return HasMany<Reading, $this> */
    public function readings(): HasMany
    {
        $relation = $this->hasMany(Reading::class, 'visit');
        $relation->orderBy('id');

        return $relation;
    }

    /** Counts up with each correction: who corrects what has been corrected meanwhile is told. */
    public function version(): int
    {
        $last = $this->accounts()->reorder()->max('id');

        return is_numeric($last) ? (int) $last : 0;
    }

    /** @return HasMany<VisitStatement, $this> the first first */
    public function accounts(): HasMany
    {
        $relation = $this->hasMany(VisitStatement::class);
        $relation->orderBy('id');

        return $relation;
    }
}
