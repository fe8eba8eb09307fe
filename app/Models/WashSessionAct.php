<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BootsByName;
use App\Models\Concerns\ReadsOnce;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * One tap at the Basin.
 *
 * @property int                       $id
 * @property string                    $key
 * @property string                    $kind     done, section, skip, back, repeat, swap, note or amount
 * @property string                    $step
 * @property array<string, mixed>|null $value
 * @property CarbonImmutable           $acted_at
 * @property string                    $by
 * @property string                    $device
 * @property string|null               $refused  why it does not count: somebody was there before
 */
final class WashSessionAct extends Model
{
    use BootsByName;
    use ReadsOnce;

    public $timestamps = false;

    protected $guarded = ['id'];

    protected $dateFormat = 'Y-m-d H:i:s.v';

    protected function casts(): array
    {
        return ['value' => 'array', 'acted_at' => 'immutable_datetime'];
    }
}
