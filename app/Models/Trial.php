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
 * One change tried out on a head, against a measure agreed on before.
 *
 * @property int                  $id
 * @property int                  $salon_id
 * @property string               $head_id
 * @property string               $kind         half-head or before-after
 * @property string               $change
 * @property string               $sign
 * @property string|null          $usual_zone
 * @property string|null          $changed_zone
 * @property CarbonImmutable      $began_on
 * @property CarbonImmutable|null $ended_on
 * @property string               $by
 */
final class Trial extends Model
{
    use BootsByName;
    use ReadsOnce;
    use BelongsToSalon;
    use LogsActivity;

    protected $guarded = ['id', 'salon_id'];

    protected function casts(): array
    {
        return ['began_on' => 'immutable_date', 'ended_on' => 'immutable_date'];
    }

    public function getActivitylogOptions(): LogOptions
    {
        return LogOptions::defaults()->logOnly([
            'head_id', 'kind', 'change', 'sign', 'began_on', 'ended_on',
        ])->logOnlyDirty()->dontSubmitEmptyLogs();
    }
}
