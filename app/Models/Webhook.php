<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToSalon;
use App\Models\Concerns\BootsByName;
use App\Models\Concerns\ReadsOnce;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Spatie\Activitylog\LogOptions;
use Spatie\Activitylog\Traits\LogsActivity;

/**
 * An address that is told when something changes.
 *
 * @property int                  $id
 * @property int                  $salon_id
 * @property int                  $user_id       who set it up
 * @property string               $url
 * @property list<string>         $events
 * @property string               $secret        it is signed with
 * @property CarbonImmutable|null $failing_since the first of the tries that failed in a row
 * @property CarbonImmutable|null $stopped_at    nothing is sent since then
 * @property Collection<int, WebhookDelivery> $deliveries
 */
final class Webhook extends Model
{
    use BootsByName;
    use ReadsOnce;
    use BelongsToSalon;
    use LogsActivity;

    protected $guarded = ['id', 'salon_id'];

    protected $hidden = ['secret'];

    protected function casts(): array
    {
        return [
            'events' => 'array', 'secret' => 'encrypted', 'failing_since' => 'immutable_datetime',
            'stopped_at' => 'immutable_datetime',
        ];
    }

    public function getActivitylogOptions(): LogOptions
    {
        return LogOptions::defaults()->logOnly(['url', 'events', 'stopped_at'])
            ->logOnlyDirty()->dontSubmitEmptyLogs();
    }

    /** @return list<WebhookEvent> those this release still knows */
    public function tells(): array
    {
        return array_values(array_filter(array_map(WebhookEvent::tryFrom(...), $this->events)));
    }

    /** @return HasMany<WebhookDelivery, $this> the latest first */
    public function deliveries(): HasMany
    {
        $relation = $this->hasMany(WebhookDelivery::class);
        $relation->orderByDesc('id');

        return $relation;
    }
}
