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
use Illuminate\Support\Facades\URL;
use Spatie\Activitylog\LogOptions;
use Spatie\Activitylog\Traits\LogsActivity;

/**
 * A private link to the home card of one head.
 *
 * @property string               $id
 * @property int                  $salon_id
 * @property string               $head_id
 * @property string               $by
 * @property CarbonImmutable      $expires_at
 * @property CarbonImmutable|null $withdrawn_at
 * @property CarbonImmutable|null $opened_at
 * @property CarbonImmutable      $created_at
 * @property Head                 $head
 */
final class HomeLink extends Model
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
            'expires_at' => 'immutable_datetime',
            'withdrawn_at' => 'immutable_datetime',
            'opened_at' => 'immutable_datetime',
            'created_at' => 'immutable_datetime',
        ];
    }

    public function getActivitylogOptions(): LogOptions
    {
        return LogOptions::defaults()
            ->logOnly(['head_id', 'expires_at', 'withdrawn_at'])
            ->logOnlyDirty()
            ->dontSubmitEmptyLogs();
    }

    /** @return BelongsTo<Head, $this> */
    public function head(): BelongsTo
    {
        return $this->belongsTo(Head::class);
    }

    /**
     * Who holds it, for the device to keep things under: the same for every link to one head, and no name of anybody.
     */
    public function owner(): string
    {
        return 'home ' . substr(hash_hmac('sha256', $this->head_id, config()->string('app.link_key')), 0, 24);
    }

    public function isOpen(): bool
    {
        return $this->withdrawn_at === null && $this->expires_at->isFuture();
    }

    /** The path that opens it, with its signature; without a host, since a salon may be reached by several. */
    public function path(string $route = 'card'): string
    {
        return URL::temporarySignedRoute($route, $this->expires_at, ['link' => $this->id], absolute: false);
    }
}
