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
 * Days a stylist is away, the first and the last among them.
 *
 * @property int             $id
 * @property int             $salon_id
 * @property int             $user_id
 * @property CarbonImmutable $from
 * @property CarbonImmutable $until
 * @property int|null        $from_minute  of the first day; null: all of it
 * @property int|null        $until_minute of the last day; null: all of it
 * @property string          $because
 */
final class Leave extends Model
{
    use BootsByName;
    use ReadsOnce;
    use BelongsToSalon;
    use LogsActivity;

    /** A day with the night after it, however long somebody works. */
    private const LAST_MINUTE = 2 * 1440;

    public $timestamps = false;

    protected $guarded = ['id'];

    protected function casts(): array
    {
        return [
            'from' => 'immutable_date', 'until' => 'immutable_date', 'from_minute' => 'integer',
            'until_minute' => 'integer',
        ];
    }

    /** @return array{int, int} minutes of a day within it, from and until */
    public function spanOn(string $date): array
    {
        return [
            $this->from->format('Y-m-d') === $date ? $this->from_minute ?? 0 : 0,
            $this->until->format('Y-m-d') === $date ? $this->until_minute ?? self::LAST_MINUTE : self::LAST_MINUTE,
        ];
    }

    public function getActivitylogOptions(): LogOptions
    {
        return LogOptions::defaults()->logOnly([
            'user_id', 'from', 'until', 'because',
        ])->logOnlyDirty()->dontSubmitEmptyLogs();
    }
}
