<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToSalon;
use App\Models\Concerns\BootsByName;
use App\Models\Concerns\ReadsOnce;
use Illuminate\Database\Eloquent\Model;

/**
 * One span of a weekday in which a stylist's hands are there.
 *
 * @property int $user_id
 * @property int $weekday      1 Monday to 7 Sunday
 * @property int $from_minute  of the day
 * @property int $until_minute of the day
 */
final class WorkingHours extends Model
{
    use BootsByName;
    use ReadsOnce;
    use BelongsToSalon;

    public $timestamps = false;

    protected $table = 'working_hours';

    protected $guarded = ['id'];

    protected function casts(): array
    {
        return ['weekday' => 'integer', 'from_minute' => 'integer', 'until_minute' => 'integer'];
    }
}
