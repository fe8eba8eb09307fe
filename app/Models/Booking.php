<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToSalon;
use App\Models\Concerns\BootsByName;
use App\Models\Concerns\ReadsOnce;
use App\Models\Concerns\UlidKey;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Spatie\Activitylog\LogOptions;
use Spatie\Activitylog\Traits\LogsActivity;

/**
 * A time promised to a head.
 *
 * @property string               $id
 * @property int                  $salon_id
 * @property string               $head_id
 * @property int                  $user_id     whose hands
 * @property string               $service
 * @property bool                 $is_wash_day
 * @property CarbonImmutable      $date        the salon's own day
 * @property CarbonImmutable      $starts_at   the moment, in UTC
 * @property list<array{
 *     hands: float, waiting: float, spread: float, waiting_spread: float, hold?: float|null, heat?: string|null,
 *     uses?: list<array{string, float, float}>,
 * }> $stretches minutes
 * @property string|null          $drying      as was chosen for it; null: as always
 * @property int                  $minutes     from start to finish, as planned
 * @property array<string, mixed>|null $parts what the minutes of a wash day are made of
 * @property int|null             $asks_minutes what the plan takes by now, where that has no room
 * @property int|null             $kept_minutes longest to the end of styling, as somebody said; null: as planned
 * @property int                  $price_cents before any discount
 * @property bool                 $price_by_hand as somebody said; false: by the list
 * @property int|null             $discount_hundredths of a percent; null: none, or a sum
 * @property int|null             $discount_cents null: none, or a share
 * @property string|null          $discount_because
 * @property int|null             $deposit_cents  asked for before the visit; null: none
 * @property DepositState|null    $deposit        how it stands with it
 * @property int|null             $tax_hundredths of a percent, of a visit that is done; null: none is told of
 * @property bool                 $tax_added      to the price, of a visit that is done; false: it is within
 * @property BookingStatus        $status
 * @property CarbonImmutable|null $expected_at as was said, where it is later than promised
 * @property CarbonImmutable|null $arrived_at
 * @property bool                 $stays_with  the stylist that was booked: no other is proposed
 * @property CarbonImmutable|null $begun_at
 * @property CarbonImmutable|null $ended_at
 * @property int                  $over_minutes what it takes longer than planned
 * @property string|null          $because     why it was cancelled
 * @property CarbonImmutable|null $cancelled_at
 * @property string|null          $series      bookings that were made in one go; null: alone
 * @property int                  $sequence
 * @property string               $changed_by
 * @property array<string, scalar|null>|null $stood what stood before the last word on how it goes, as
 *     stored, and the sequence that word left behind
 * @property CarbonImmutable      $created_at
 * @property CarbonImmutable      $updated_at
 * @property Head                 $head
 * @property User                 $user
 * @property Salon                $salon
 */
final class Booking extends Model
{
    use BootsByName;
    use ReadsOnce;
    use BelongsToSalon;
    use UlidKey;
    use LogsActivity;

    protected $guarded = ['id', 'salon_id'];

    protected function casts(): array
    {
        return [
            'is_wash_day' => 'boolean', 'date' => 'immutable_date', 'starts_at' => 'immutable_datetime',
            'stretches' => 'array', 'parts' => 'array', 'minutes' => 'integer', 'asks_minutes' => 'integer',
            'kept_minutes' => 'integer', 'price_cents' => 'integer', 'price_by_hand' => 'boolean',
            'discount_hundredths' => 'integer', 'discount_cents' => 'integer', 'deposit_cents' => 'integer',
            'deposit' => DepositState::class, 'tax_hundredths' => 'integer', 'tax_added' => 'boolean',
            'status' => BookingStatus::class,
            'expected_at' => 'immutable_datetime', 'arrived_at' => 'immutable_datetime', 'stays_with' => 'boolean',
            'begun_at' => 'immutable_datetime',
            'cancelled_at' => 'immutable_datetime',
            'ended_at' => 'immutable_datetime', 'over_minutes' => 'integer', 'sequence' => 'integer',
            'stood' => 'array',
            'created_at' => 'immutable_datetime', 'updated_at' => 'immutable_datetime',
        ];
    }

    public function getActivitylogOptions(): LogOptions
    {
        return LogOptions::defaults()
            ->logOnly([
                'head_id', 'user_id', 'service', 'starts_at', 'status', 'because', 'price_cents',
                'discount_hundredths', 'discount_cents', 'deposit_cents', 'deposit',
            ])
            ->logOnlyDirty()
            ->dontSubmitEmptyLogs();
    }

    /** @return BelongsTo<Head, $this> */
    public function head(): BelongsTo
    {
        return $this->belongsTo(Head::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
