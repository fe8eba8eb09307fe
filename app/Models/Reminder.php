<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToSalon;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * One reminder of one occasion.
 *
 * @property int             $id
 * @property int             $salon_id
 * @property string          $head_id
 * @property string          $occasion the booking or planned wash day it is about
 * @property string          $kind     booking or home
 * @property CarbonImmutable $due_at
 * @property string          $status   due, sending, sent, failed or dropped
 * @property int             $attempts
 * @property string|null     $why      it failed or was dropped
 * @property Head            $head
 */
final class Reminder extends Model
{
    use BelongsToSalon;

    protected $guarded = ['id'];

    protected function casts(): array
    {
        return ['due_at' => 'immutable_datetime', 'attempts' => 'integer'];
    }

    /** @return BelongsTo<Head, $this> */
    public function head(): BelongsTo
    {
        return $this->belongsTo(Head::class);
    }
}
