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
 * A style from the day it was made to the day it was no longer good.
 *
 * @property int                          $id
 * @property int                          $salon_id
 * @property string                       $head_id
 * @property string                       $styling
 * @property CarbonImmutable              $made_on
 * @property int|null                     $stays_days
 * @property array<string, list<string>>  $log      what was done, by day
 * @property array<string, array{definition: int, frizz: int, moisture: int}>|null $looks how it looked, by day
 * @property CarbonImmutable|null         $ended_on
 */
final class Style extends Model
{
    use BootsByName;
    use ReadsOnce;
    use BelongsToSalon;
    use LogsActivity;

    /** What can be done to keep a style. */
    public const KEEPING = ['refreshed', 'misted', 'braided', 'retouched', 'covered', 'lifted'];

    /** Of these, those that are to bring it back. */
    public const REFRESHING = ['refreshed', 'misted', 'braided', 'retouched'];

    protected $guarded = ['id', 'salon_id'];

    protected function casts(): array
    {
        return ['made_on' => 'immutable_date', 'ended_on' => 'immutable_date', 'log' => 'array', 'looks' => 'array'];
    }

    /** @return self|null the style a head wears now */
    public static function running(Head $head): ?self
    {
        /** @var self|null */
        return self::query()->where('head_id', $head->id)->whereNull('ended_on')->latest('id')->first();
    }

    public function getActivitylogOptions(): LogOptions
    {
        return LogOptions::defaults()->logOnly([
            'head_id', 'styling', 'made_on', 'stays_days', 'ended_on',
        ])->logOnlyDirty()->dontSubmitEmptyLogs();
    }
}
