<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToSalon;
use App\Models\Concerns\BootsByName;
use App\Models\Concerns\ReadsOnce;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Spatie\Activitylog\LogOptions;
use Spatie\Activitylog\Traits\LogsActivity;

/**
 * One version of what a client was promised.
 *
 * @property int                                            $id
 * @property string                                         $head_id
 * @property list<array{date: string, treatment: string}>   $items
 * @property string                                         $by
 * @property CarbonImmutable                                $made_at
 * @property CarbonImmutable|null                           $released_at
 */
final class Promise extends Model
{
    use BootsByName;
    use ReadsOnce;
    use BelongsToSalon;
    use LogsActivity;

    public $timestamps = false;

    protected $guarded = ['id'];

    protected function casts(): array
    {
        return ['items' => 'array', 'made_at' => 'immutable_datetime', 'released_at' => 'immutable_datetime'];
    }

    /** @return Collection<int, self> the latest first */
    public static function latestOf(Head $head): Collection
    {
        /** @var Collection<int, self> */
        return self::query()->where('head_id', $head->id)->latest('id')->limit(6)->get();
    }

    public function getActivitylogOptions(): LogOptions
    {
        return LogOptions::defaults()->logOnly([
            'head_id', 'made_at', 'released_at',
        ])->logOnlyDirty()->dontSubmitEmptyLogs();
    }
}
