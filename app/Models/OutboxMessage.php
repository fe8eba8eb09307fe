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
 * What the stand-in for mail and text was handed, and what it did with it.
 *
 * @property string          $head_id
 * @property string          $channel mail or text
 * @property string          $to
 * @property string          $subject
 * @property string          $body
 * @property string          $fate    delivered, refused or hung
 * @property CarbonImmutable $handed_at
 * @property Head            $head
 */
final class OutboxMessage extends Model
{
    use BootsByName;
    use ReadsOnce;
    use BelongsToSalon;

    public $timestamps = false;

    protected $guarded = ['id'];

    protected function casts(): array
    {
        return [
            'to' => 'encrypted',
            'subject' => 'encrypted',
            'body' => 'encrypted',
            'handed_at' => 'immutable_datetime',
        ];
    }

    /** @return BelongsTo<Head, $this> */
    public function head(): BelongsTo
    {
        return $this->belongsTo(Head::class);
    }
}
