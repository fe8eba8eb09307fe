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
 * One change of what a season must keep to.
 *
 * @property int                       $id
 * @property string                    $head_id
 * @property array<string, mixed>|null $before in the shape of the care record
 * @property array<string, mixed>|null $after
 * @property string                    $says
 * @property string                    $by
 * @property CarbonImmutable           $made_at
 * @property CarbonImmutable|null      $undone_at
 */
final class PlanEdit extends Model
{
    use BootsByName;
    use ReadsOnce;
    use BelongsToSalon;
    use LogsActivity;

    public $timestamps = false;

    protected $guarded = ['id'];

    protected function casts(): array
    {
        return [
            'before' => 'array',
            'after' => 'array',
            'made_at' => 'immutable_datetime',
            'undone_at' => 'immutable_datetime',
        ];
    }

    /** @return self|null the change that can be taken back */
    public static function last(Head $head): ?self
    {
        /** @var self|null */
        return self::query()->where('head_id', $head->id)->whereNull('undone_at')->latest('id')->first();
    }

    /** @return self|null the change that can be made again */
    public static function next(Head $head): ?self
    {
        /** @var self|null */
        return self::query()->where('head_id', $head->id)->whereNotNull('undone_at')->oldest('id')->first();
    }

    public function getActivitylogOptions(): LogOptions
    {
        return LogOptions::defaults()->logOnly(['head_id', 'says', 'undone_at'])->logOnlyDirty()->dontSubmitEmptyLogs();
    }
}
