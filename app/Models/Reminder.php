<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToSalon;
use App\Models\Concerns\BootsByName;
use App\Models\Concerns\ReadsOnce;
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
 * @property CarbonImmutable|null $updated_at
 * @property Head            $head
 */
final class Reminder extends Model
{
    use BootsByName;
    use ReadsOnce;
    use BelongsToSalon;

    /** A message takes seconds; a server that hangs is left after the limit of the job that sends it. */
    private const HEARD_OF_WITHIN_MINUTES = 5;

    protected $guarded = ['id'];

    protected function casts(): array
    {
        return ['due_at' => 'immutable_datetime', 'updated_at' => 'immutable_datetime', 'attempts' => 'integer'];
    }

    /** Given up, or handed over so long ago that whoever sent it must have died on the way. */
    public function isStuck(): bool
    {
        return $this->status === 'failed'
            || $this->status === 'sending'
                && $this->updated_at !== null
                && $this->updated_at->addMinutes(self::HEARD_OF_WITHIN_MINUTES)->isPast();
    }

    /** @return bool whether it was this call that set it due again */
    public function sendAgain(): bool
    {
        return self::query()
            ->whereKey($this->id)
            ->where('status', $this->status)
            ->update(['status' => 'due', 'attempts' => 0, 'why' => null, 'due_at' => CarbonImmutable::now()]) === 1;
    }

    /** @return BelongsTo<Head, $this> */
    public function head(): BelongsTo
    {
        return $this->belongsTo(Head::class);
    }
}
