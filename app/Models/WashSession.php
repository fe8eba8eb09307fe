<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToSalon;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Spatie\Activitylog\LogOptions;
use Spatie\Activitylog\Traits\LogsActivity;

/**
 * A wash day as it is run.
 *
 * @property string                    $id
 * @property int                       $salon_id
 * @property string                    $head_id
 * @property CarbonImmutable           $date
 * @property array<string, mixed>      $plan        steps with times, products and doses; finish_minutes
 * @property string                    $by
 * @property CarbonImmutable|null      $finished_at
 * @property string|null               $wash_day    key of the wash day it was booked as
 * @property string|null               $visit       the readings that came for free
 * @property array<string, mixed>|null $outcome
 * @property CarbonImmutable           $created_at
 * @property Head                      $head
 */
final class WashSession extends Model
{
    use BelongsToSalon;
    use HasUlids;
    use LogsActivity;

    protected $guarded = ['id', 'salon_id'];

    protected function casts(): array
    {
        return [
            'date' => 'immutable_date', 'plan' => 'array', 'finished_at' => 'immutable_datetime', 'outcome' => 'array',
            'created_at' => 'immutable_datetime',
        ];
    }

    public function getActivitylogOptions(): LogOptions
    {
        return LogOptions::defaults()
            ->logOnly(['head_id', 'date', 'finished_at'])
            ->logOnlyDirty()
            ->dontSubmitEmptyLogs();
    }

    /** @return BelongsTo<Head, $this> */
    public function head(): BelongsTo
    {
        return $this->belongsTo(Head::class);
    }

    /** @return HasMany<WashSessionAct, $this> in the order they were taken in */
    public function acts(): HasMany
    {
        $relation = $this->hasMany(WashSessionAct::class);
        $relation->orderBy('id');

        return $relation;
    }

    /** @return list<array<string, mixed>> */
    public function steps(): array
    {
        $steps = $this->plan['steps'] ?? [];

        /** @var list<array<string, mixed>> */
        return is_array($steps) ? array_values(array_filter($steps, is_array(...))) : [];
    }

    /** @return int into how many sections the hair is parted */
    public function sections(): int
    {
        return is_int($this->plan['sections'] ?? null) ? $this->plan['sections'] : 0;
    }

    /** @return self|null the wash day of a head that has begun and not ended */
    public static function running(Head $head): ?self
    {
        /** @var self|null */
        return self::query()->where('head_id', $head->id)->whereNull('finished_at')->latest('id')->first();
    }
}
