<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToSalon;
use App\Models\Concerns\BootsByName;
use App\Models\Concerns\ReadsOnce;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * Something the pace of a head is learned from: a drying by the clock, or the day on which a style came down.
 *
 * @property int             $id
 * @property int             $salon_id
 * @property string          $head_id
 * @property CarbonImmutable $date
 * @property string          $what
 * @property string|null     $wash_session_id the wash day it was timed on
 * @property string|null     $step    of that wash day
 * @property string|null     $by      what it was dried by
 * @property float|null      $minutes that it took to dry
 * @property bool            $heavy   much that keeps water in was left on the hair
 */
final class PaceDay extends Model
{
    use BootsByName;
    use ReadsOnce;
    use BelongsToSalon;

    public const DRIED = 'dried';
    public const TAKEN_DOWN = 'taken-down';

    public $timestamps = false;

    protected $guarded = ['id', 'salon_id'];

    protected function casts(): array
    {
        return ['date' => 'immutable_date', 'minutes' => 'float', 'heavy' => 'bool'];
    }
}
