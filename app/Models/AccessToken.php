<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToSalon;
use App\Models\Concerns\BootsByName;
use App\Models\Concerns\ReadsOnce;
use Carbon\CarbonImmutable;
use Laravel\Sanctum\PersonalAccessToken;
use Spatie\Activitylog\LogOptions;
use Spatie\Activitylog\Traits\LogsActivity;

/**
 * What a program asks with. Of the token itself only its digest is kept.
 *
 * @property int                  $id
 * @property int                  $salon_id
 * @property int                  $tokenable_id who gave it
 * @property string               $name         of the program
 * @property string               $token        SHA-256
 * @property list<string>         $abilities
 * @property CarbonImmutable|null $last_used_at
 * @property CarbonImmutable      $expires_at
 * @property CarbonImmutable      $created_at
 */
final class AccessToken extends PersonalAccessToken
{
    use BootsByName;
    use ReadsOnce;
    use BelongsToSalon;
    use LogsActivity;

    /** Days it can be made for: common practice, no source. */
    public const DAYS = [30, 90, 365];

    protected $table = 'access_tokens';

    public function getActivitylogOptions(): LogOptions
    {
        return LogOptions::defaults()->logOnly(['name', 'abilities', 'expires_at'])
            ->logOnlyDirty()->dontSubmitEmptyLogs();
    }

    /** @return list<TokenAbility> those this release still knows */
    public function may(): array
    {
        return array_values(array_filter(array_map(TokenAbility::tryFrom(...), $this->abilities)));
    }
}
