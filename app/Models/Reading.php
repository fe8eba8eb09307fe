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
 * One test taken on one head, raw as typed.
 *
 * @property int                  $id
 * @property string               $key
 * @property string               $head_id
 * @property string|null          $visit
 * @property CarbonImmutable      $date
 * @property string               $moment
 * @property string               $test
 * @property array<string, mixed> $raw
 * @property string|null          $zone
 * @property array<string, mixed>|null $typed as typed or tapped, where that was not the book's unit
 * @property string               $by
 * @property bool                 $confirmed
 * @property Head                 $head
 */
final class Reading extends Model
{
    use BootsByName;
    use ReadsOnce;
    use BelongsToSalon;
    use LogsActivity;

    protected $guarded = ['id'];

    protected function casts(): array
    {
        return ['date' => 'immutable_date', 'raw' => 'array', 'typed' => 'array', 'confirmed' => 'boolean'];
    }

    public function getActivitylogOptions(): LogOptions
    {
        return LogOptions::defaults()
            ->logOnly(['head_id', 'date', 'moment', 'test', 'confirmed'])
            ->logOnlyDirty()
            ->dontSubmitEmptyLogs();
    }

    /** @return BelongsTo<Head, $this> */
    public function head(): BelongsTo
    {
        return $this->belongsTo(Head::class);
    }
}
