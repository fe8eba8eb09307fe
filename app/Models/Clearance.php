<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToSalon;
use App\Models\Concerns\BootsByName;
use App\Models\Concerns\ReadsOnce;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Spatie\Activitylog\LogOptions;
use Spatie\Activitylog\Traits\LogsActivity;

/**
 * A sign that bars treatments: what was seen, by whom, and who cleared it when.
 *
 * @property int                  $id
 * @property string               $head_id
 * @property string               $sign       red or sore
 * @property CarbonImmutable      $raised_on
 * @property string               $raised_by
 * @property string               $seen
 * @property CarbonImmutable|null $cleared_on
 * @property string|null          $cleared_by
 * @property Head                 $head
 * @property bool                 $by_reading   raised by the values of a reading
 * @property CarbonImmutable|null $confirmed_on somebody looked, and it is so
 * @property string|null          $confirmed_by
 * @property bool                 $withdrawn    it was no such sign after all
 */
final class Clearance extends Model
{
    use BootsByName;
    use ReadsOnce;
    use BelongsToSalon;
    use LogsActivity;

    /** The column of the head by sign. */
    public const FLAGS = ['red' => 'red_sign', 'sore' => 'sore_scalp'];

    protected $guarded = ['id'];

    protected function casts(): array
    {
        return ['raised_on' => 'immutable_date', 'cleared_on' => 'immutable_date', 'seen' => 'encrypted',
            'by_reading' => 'boolean', 'confirmed_on' => 'immutable_date', 'withdrawn' => 'boolean'];
    }

    /** @return BelongsTo<Head, $this> */
    public function head(): BelongsTo
    {
        return $this->belongsTo(Head::class);
    }

    /** @return list<self> what a reading raised and nobody has looked at again, the first first */
    public static function unlooked(Head $head): array
    {
        return array_values(self::query()
            ->where('head_id', $head->id)
            ->where('by_reading', true)
            ->whereNull('confirmed_on')
            ->whereNull('cleared_on')
            ->orderBy('id')
            ->get()
            ->all());
    }

    /** Whether a reading raised it and nobody has looked at it again. */
    public function isUnlooked(): bool
    {
        return $this->by_reading && $this->confirmed_on === null && $this->cleared_on === null;
    }

    public function getActivitylogOptions(): LogOptions
    {
        return LogOptions::defaults()
            ->logOnly([
                'head_id',
                'sign',
                'raised_on',
                'cleared_on',
                'cleared_by',
                'confirmed_on',
                'confirmed_by',
                'withdrawn',
            ])
            ->logOnlyDirty()
            ->dontSubmitEmptyLogs();
    }
}
