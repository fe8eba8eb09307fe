<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToSalon;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
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
 */
final class Clearance extends Model
{
    use BelongsToSalon;
    use LogsActivity;

    /** The column of the head by sign. */
    public const FLAGS = ['red' => 'red_sign', 'sore' => 'sore_scalp'];

    protected $guarded = ['id'];

    protected function casts(): array
    {
        return ['raised_on' => 'immutable_date', 'cleared_on' => 'immutable_date', 'seen' => 'encrypted'];
    }

    public function getActivitylogOptions(): LogOptions
    {
        return LogOptions::defaults()
            ->logOnly(['head_id', 'sign', 'raised_on', 'cleared_on', 'cleared_by'])
            ->logOnlyDirty()
            ->dontSubmitEmptyLogs();
    }
}
