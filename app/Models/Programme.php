<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToSalon;
use App\Models\Concerns\BootsByName;
use App\Models\Concerns\ReadsOnce;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Spatie\Activitylog\LogOptions;
use Spatie\Activitylog\Traits\LogsActivity;

/**
 * Something kept to for a fixed time.
 *
 * @property int                  $id
 * @property int                  $salon_id
 * @property string               $head_id
 * @property string               $kind
 * @property string               $sign
 * @property CarbonImmutable      $began_on
 * @property int                  $weeks
 * @property CarbonImmutable|null $broken_off_on
 * @property string               $by
 */
final class Programme extends Model
{
    use BootsByName;
    use ReadsOnce;
    use BelongsToSalon;
    use LogsActivity;

    protected $guarded = ['id', 'salon_id'];

    protected function casts(): array
    {
        return ['began_on' => 'immutable_date', 'weeks' => 'integer', 'broken_off_on' => 'immutable_date'];
    }

    /** The last day of it. */
    public function endsOn(): CarbonImmutable
    {
        $planned = $this->began_on->addWeeks($this->weeks)->subDay();

        return $this->broken_off_on === null ? $planned : $planned->min($this->broken_off_on);
    }

    public function getActivitylogOptions(): LogOptions
    {
        return LogOptions::defaults()->logOnly([
            'head_id', 'kind', 'sign', 'began_on', 'weeks', 'broken_off_on',
        ])->logOnlyDirty()->dontSubmitEmptyLogs();
    }
}
