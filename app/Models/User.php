<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BootsByName;
use App\Models\Concerns\ReadsOnce;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Foundation\Auth\User as Authenticatable;
use Laravel\Sanctum\HasApiTokens;
use Spatie\Activitylog\LogOptions;
use Spatie\Activitylog\Traits\LogsActivity;

/**
 * A stylist.
 *
 * @property int    $id
 * @property int    $salon_id
 * @property string $name
 * @property string|null $email null where another row of the same person holds it
 * @property string|null $password hashed; as the address
 * @property int|null $account_id the row that holds address, password and second step; null: this one
 * @property int|null $last_seat_id of whoever holds an account: where they worked last
 * @property bool $in_several they joined a second salon at some time
 * @property string|null $second_secret Base32, of the second step of signing in
 * @property CarbonImmutable|null $second_since since when it is asked for
 * @property int|null $second_counter the thirty seconds whose code was used last
 * @property list<string>|null $second_codes hashed, each good for one sign-in
 * @property User|null $holder
 * @property array<string, string>|null $units the unit in which each kind of measure is typed
 * @property string|null $language ISO 639-1 of the pages; null: as the browser asks for
 * @property bool   $hides_names on a screen that clients see, others are not named
 * @property Role   $role
 * @property CarbonImmutable|null $left_at since when they do not work here any more
 * @property Salon  $salon
 */
final class User extends Authenticatable
{
    use BootsByName;
    use ReadsOnce;

    /** @use HasApiTokens<AccessToken> */
    use HasApiTokens;
    use LogsActivity;

    /** Characters; common practice, no source. */
    public const LEAST_PASSWORD = 10;

    protected $guarded = ['id'];

    protected $hidden = ['password', 'remember_token', 'second_secret', 'second_codes'];

    /** @var list<string> the salon is asked for on every page */
    protected $with = ['salon'];

    protected function casts(): array
    {
        return [
            'password' => 'hashed', 'units' => 'array', 'hides_names' => 'boolean', 'role' => Role::class,
            'left_at' => 'immutable_datetime', 'second_secret' => 'encrypted',
            'second_since' => 'immutable_datetime', 'second_counter' => 'integer',
            'second_codes' => 'encrypted:array', 'in_several' => 'boolean',
        ];
    }

    /** @return BelongsTo<Salon, $this> */
    public function salon(): BelongsTo
    {
        return $this->belongsTo(Salon::class);
    }

    /** @return BelongsTo<User, $this> */
    public function holder(): BelongsTo
    {
        return $this->belongsTo(self::class, 'account_id');
    }

    /** The row that holds this person's address, password and second step. */
    public function account(): User
    {
        return $this->holder ?? $this;
    }

    public function address(): string
    {
        return (string) $this->account()->email;
    }

    public function getAuthPassword(): string
    {
        return (string) $this->account()->password;
    }

    public function hasSecondStep(): bool
    {
        return $this->account()->second_since !== null;
    }

    /** Whether somebody works in another salon as well: then this one has no word about how they sign in. */
    public function worksElsewhere(): bool
    {
        $account = $this->account_id ?? $this->id;

        return self::query()->whereNull('left_at')->where('salon_id', '!=', $this->salon_id)->where(
            static fn (Builder $rows): Builder => $rows->whereKey($account)->orWhere('account_id', $account),
        )->exists();
    }

    public function getActivitylogOptions(): LogOptions
    {
        return LogOptions::defaults()->logOnly([
            'name', 'role', 'left_at', 'second_since',
        ])->logOnlyDirty()->dontSubmitEmptyLogs();
    }
}
