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
 * Somebody who waits for a time that is not free yet.
 *
 * @property int             $id
 * @property int             $salon_id
 * @property string          $head_id
 * @property int             $service_id
 * @property int|null        $user_id   whose hands; null: anyone's
 * @property string          $part      of the day; '' any
 * @property CarbonImmutable $from
 * @property CarbonImmutable $until     the last day that suits
 * @property list<array{
 *     hands: float, waiting: float, spread: float, waiting_spread: float, hold?: float|null, heat?: string|null,
 *     uses?: list<array{string, float, float}>,
 * }> $stretches minutes, as it would be booked
 * @property string|null     $drying    as was chosen; null: as always
 * @property Head            $head
 * @property Service         $service
 */
final class Wait extends Model
{
    use BootsByName;
    use ReadsOnce;
    use BelongsToSalon;

    protected $guarded = ['id', 'salon_id'];

    protected function casts(): array
    {
        return ['from' => 'immutable_date', 'until' => 'immutable_date', 'stretches' => 'array'];
    }

    /** @return BelongsTo<Head, $this> */
    public function head(): BelongsTo
    {
        return $this->belongsTo(Head::class);
    }

    /** @return BelongsTo<Service, $this> */
    public function service(): BelongsTo
    {
        return $this->belongsTo(Service::class);
    }
}
