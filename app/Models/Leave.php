<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToSalon;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * Days a stylist is away, the first and the last among them.
 *
 * @property int             $id
 * @property int             $salon_id
 * @property int             $user_id
 * @property CarbonImmutable $from
 * @property CarbonImmutable $until
 * @property string          $because
 */
final class Leave extends Model
{
    use BelongsToSalon;

    public $timestamps = false;

    protected $guarded = ['id'];

    protected function casts(): array
    {
        return ['from' => 'immutable_date', 'until' => 'immutable_date'];
    }
}
