<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToSalon;
use App\Models\Concerns\BootsByName;
use App\Models\Concerns\ReadsOnce;
use App\Models\Concerns\UlidKey;
use Carbon\CarbonImmutable;
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
 * @property CarbonImmutable|null      $began_at    null: laid out and not begun
 * @property CarbonImmutable|null      $finished_at
 * @property string|null               $wash_day    key of the wash day it was booked as
 * @property string|null               $visit       the readings that came for free
 * @property array<string, mixed>|null $outcome
 * @property CarbonImmutable           $created_at
 * @property Head                      $head
 */
final class WashSession extends Model
{
    use BootsByName;
    use ReadsOnce;
    use BelongsToSalon;
    use UlidKey;
    use LogsActivity;

    protected $guarded = ['id', 'salon_id'];

    protected function casts(): array
    {
        return [
            'date' => 'immutable_date', 'plan' => 'array', 'began_at' => 'immutable_datetime',
            'finished_at' => 'immutable_datetime', 'outcome' => 'array', 'created_at' => 'immutable_datetime',
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

    /** @return array<string, array<string, mixed>> steps that can be put in, by key */
    public function palette(): array
    {
        $palette = [];
        foreach (is_array($this->plan['palette'] ?? null) ? $this->plan['palette'] : [] as $step) {
            if (is_array($step) && is_string($step['key'] ?? null)) {
                $palette[$step['key']] = $step;
            }
        }

        /** @var array<string, array<string, mixed>> */
        return $palette;
    }

    /** @return float minutes that parting one section more takes */
    public function partMinutes(): float
    {
        return is_numeric($this->plan['part_minutes'] ?? null) ? (float) $this->plan['part_minutes'] : 0.0;
    }

    /** When the client sat down; until then when the day was laid out. */
    public function began(): CarbonImmutable
    {
        return $this->began_at ?? $this->created_at;
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
        return self::query()
            ->where('head_id', $head->id)
            ->whereNotNull('began_at')
            ->whereNull('finished_at')
            ->latest('id')
            ->first();
    }

    /** @return self|null the wash day of a head that is laid out and changed by hand, and has not begun */
    public static function draft(Head $head): ?self
    {
        /** @var self|null */
        return self::query()->where('head_id', $head->id)->whereNull('began_at')->latest('id')->first();
    }
}
