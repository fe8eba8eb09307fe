<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToSalon;
use App\Models\Concerns\BootsByName;
use App\Models\Concerns\ReadsOnce;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * One question of a drill that somebody was asked, and when it comes back.
 *
 * @property int             $id
 * @property int             $salon_id
 * @property int             $user_id
 * @property string          $kind
 * @property int             $item   of its kind, from 0
 * @property int             $box    1 to 5: how often running it was right
 * @property CarbonImmutable $due_on
 * @property int             $asked  times
 * @property int             $missed times
 */
final class DrillCard extends Model
{
    use BootsByName;
    use ReadsOnce;
    use BelongsToSalon;

    public $timestamps = false;

    protected $guarded = ['id', 'salon_id', 'user_id'];

    protected function casts(): array
    {
        return [
            'item' => 'integer', 'box' => 'integer', 'due_on' => 'immutable_date', 'asked' => 'integer',
            'missed' => 'integer',
        ];
    }
}
