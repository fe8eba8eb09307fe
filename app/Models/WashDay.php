<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToSalon;
use App\Models\Concerns\BootsByName;
use App\Models\Concerns\ReadsOnce;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Collection;
use Spatie\Activitylog\LogOptions;
use Spatie\Activitylog\Traits\LogsActivity;

/**
 * What was done on one day.
 *
 * @property int                       $id
 * @property string                    $key
 * @property string                    $head_id
 * @property CarbonImmutable           $date
 * @property string                    $place
 * @property bool                      $approximate
 * @property list<array<string, mixed>>|null $planned what the plan asked for at home; null: nothing is known of one
 * @property Collection<int, WashStep> $steps
 */
final class WashDay extends Model
{
    use BootsByName;
    use ReadsOnce;
    use BelongsToSalon;
    use LogsActivity;

    protected $guarded = ['id'];

    protected function casts(): array
    {
        return ['date' => 'immutable_date', 'approximate' => 'boolean', 'planned' => 'array'];
    }

    public function getActivitylogOptions(): LogOptions
    {
        return LogOptions::defaults()
            ->logOnly(['head_id', 'date', 'place', 'approximate'])
            ->logOnlyDirty()
            ->dontSubmitEmptyLogs();
    }

    /** @return BelongsTo<Head, $this> */
    public function head(): BelongsTo
    {
        return $this->belongsTo(Head::class);
    }

    /** @return HasMany<WashStep, $this> */
    public function steps(): HasMany
    {
        $relation = $this->hasMany(WashStep::class);
        $relation->orderBy('position');

        return $relation;
    }
}
