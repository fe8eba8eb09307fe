<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToSalon;
use App\Models\Concerns\BootsByName;
use App\Models\Concerns\ReadsOnce;
use Illuminate\Database\Eloquent\Model;
use Spatie\Activitylog\LogOptions;
use Spatie\Activitylog\Traits\LogsActivity;

/**
 * Something a salon can be booked for.
 *
 * @property int    $id
 * @property int    $salon_id
 * @property string $name
 * @property bool   $is_wash_day  its minutes come from the Basin
 * @property string|null $does  trim or take-down: its minutes come from what is to come of it
 * @property int    $minutes      usual, where nothing is known of the client’s own
 * @property int    $price_cents
 * @property int|null $quarter_cents for each whole quarter of an hour beyond the usual minutes; null: minutes do not count
 * @property int|null $long_from_mm  up to which the price stands; null: length does not count
 * @property int|null $step_cents    for each begun five centimetres beyond it
 * @property int|null $deposit_cents asked for before the visit; null: none
 */
final class Service extends Model
{
    use BootsByName;
    use ReadsOnce;
    use BelongsToSalon;
    use LogsActivity;

    protected $guarded = ['id', 'salon_id'];

    protected function casts(): array
    {
        return [
            'is_wash_day' => 'boolean', 'minutes' => 'integer', 'price_cents' => 'integer',
            'quarter_cents' => 'integer', 'long_from_mm' => 'integer', 'step_cents' => 'integer',
            'deposit_cents' => 'integer',
        ];
    }

    public function getActivitylogOptions(): LogOptions
    {
        return LogOptions::defaults()->logOnly([
            'name', 'minutes', 'price_cents', 'quarter_cents', 'long_from_mm', 'step_cents', 'deposit_cents',
            'is_wash_day', 'does',
        ])->logOnlyDirty()->dontSubmitEmptyLogs();
    }
}
