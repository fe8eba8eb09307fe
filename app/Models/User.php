<?php

declare(strict_types=1);

namespace App\Models;

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
 * @property Salon  $salon
 */
final class User extends Authenticatable
{
    protected $guarded = ['id'];

    protected $hidden = ['password', 'remember_token'];

    /** @var list<string> the salon is asked for on every page */
    protected $with = ['salon'];

    protected function casts(): array
    {
        return ['password' => 'hashed', 'units' => 'array', 'hides_names' => 'boolean'];
    }

    /** @return BelongsTo<Salon, $this> */
    public function salon(): BelongsTo
    {
        return $this->belongsTo(Salon::class);
    }
}
