<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToSalon;
use App\Models\Concerns\BootsByName;
use App\Models\Concerns\ReadsOnce;
use App\Models\Concerns\UlidKey;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\MassPrunable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * One thing one address is to be told.
 *
 * @property string               $id
 * @property int                  $salon_id
 * @property int                  $webhook_id
 * @property string               $event
 * @property string               $body     JSON, as it is signed and sent each time
 * @property DeliveryState        $state
 * @property int                  $attempts
 * @property int|null             $status   of HTTP, of the last answer; null: there was none
 * @property CarbonImmutable      $due_at
 * @property CarbonImmutable|null $sent_at
 * @property CarbonImmutable      $created_at
 * @property Webhook              $webhook
 */
final class WebhookDelivery extends Model
{
    use BootsByName;
    use ReadsOnce;
    use BelongsToSalon;
    use MassPrunable;
    use UlidKey;

    /** Somebody who looks why nothing came looks within days. */
    private const KEPT_DAYS = 14;

    protected $guarded = ['id'];

    protected function casts(): array
    {
        return [
            'state' => DeliveryState::class, 'attempts' => 'integer', 'status' => 'integer',
            'due_at' => 'immutable_datetime', 'sent_at' => 'immutable_datetime', 'created_at' => 'immutable_datetime',
        ];
    }

    /** @return BelongsTo<Webhook, $this> */
    public function webhook(): BelongsTo
    {
        return $this->belongsTo(Webhook::class);
    }

    /** @return Builder<self> */
    public function prunable(): Builder
    {
        return self::query()->where('created_at', '<', CarbonImmutable::now()->subDays(self::KEPT_DAYS))
            ->whereIn('state', [DeliveryState::Delivered->value, DeliveryState::Failed->value]);
    }
}
