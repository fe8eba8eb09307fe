<?php

declare(strict_types=1);

namespace App\Models\Concerns;

use App\Models\Salon;
use App\Models\User;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Facades\Auth;

/**
 * Rows that belong to one salon. Whoever is signed in sees their own salon's rows only, whatever the query;
 * policies check the same once more.
 */
trait BelongsToSalon
{
    public static function bootBelongsToSalon(): void
    {
        static::addGlobalScope('salon', function (Builder $query): void {
            // hasUser() does not ask the database: while the signed-in user is being looked up there is none yet.
            if (Auth::hasUser()) {
                /** @var User $user */
                $user = Auth::user();
                $query->where($query->qualifyColumn('salon_id'), $user->salon_id);
            }
        });
    }

    /** @return BelongsTo<Salon, $this> */
    public function salon(): BelongsTo
    {
        return $this->belongsTo(Salon::class);
    }
}
