<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Foundation\Auth\User as Authenticatable;

/**
 * A stylist.
 *
 * @property int    $id
 * @property int    $salon_id
 * @property string $name
 * @property string $email
 * @property array<string, string>|null $units the unit she types each kind of measure in
 * @property string|null $language ISO 639-1 of the pages; null: as the browser asks for
 * @property bool   $hides_names on a screen that clients see, others are not named
 * @property Role   $role
 * @property CarbonImmutable|null $left_at since when they do not work here any more
 * @property Salon  $salon
 */
final class User extends Authenticatable
{
    /** Characters; common practice, no source. */
    public const LEAST_PASSWORD = 10;

    protected $guarded = ['id'];

    protected $hidden = ['password', 'remember_token'];

    /** @var list<string> the salon is asked for on every page */
    protected $with = ['salon'];

    protected function casts(): array
    {
        return [
            'password' => 'hashed', 'units' => 'array', 'hides_names' => 'boolean', 'role' => Role::class,
            'left_at' => 'immutable_datetime',
        ];
    }

    /** @return BelongsTo<Salon, $this> */
    public function salon(): BelongsTo
    {
        return $this->belongsTo(Salon::class);
    }
}
