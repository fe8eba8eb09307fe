<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToSalon;
use App\Models\Concerns\BootsByName;
use App\Models\Concerns\ReadsOnce;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\URL;
use Spatie\Activitylog\LogOptions;
use Spatie\Activitylog\Traits\LogsActivity;

/**
 * Somebody who is asked to join a salon, by a link that is signed and good for a week.
 *
 * @property int    $id
 * @property int    $salon_id
 * @property int|null $invited_by
 * @property string $name
 * @property string $email they will sign in with
 * @property Role   $role what they will be
 * @property CarbonImmutable      $expires_at
 * @property CarbonImmutable|null $accepted_at
 * @property Salon  $salon
 */
final class Invitation extends Model
{
    use BootsByName;
    use ReadsOnce;
    use BelongsToSalon;
    use LogsActivity;

    protected $guarded = ['id', 'salon_id'];

    protected function casts(): array
    {
        return [
            'expires_at' => 'immutable_datetime', 'accepted_at' => 'immutable_datetime', 'role' => Role::class,
        ];
    }

    public function isOpen(): bool
    {
        return $this->accepted_at === null && $this->expires_at->isFuture();
    }

    public function link(): string
    {
        return URL::temporarySignedRoute('invitations.show', $this->expires_at, ['invitation' => $this->id]);
    }

    public function getActivitylogOptions(): LogOptions
    {
        return LogOptions::defaults()->logOnly([
            'name', 'email', 'role', 'accepted_at',
        ])->logOnlyDirty()->dontSubmitEmptyLogs();
    }
}
