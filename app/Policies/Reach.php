<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Ability;
use App\Models\User;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Route;

/** Which pages somebody may open, as the routes themselves have it: what leads elsewhere is not shown. */
final readonly class Reach
{
    private const ASKS = 'can:';

    /** Nobody who is not signed in reaches anything by name. */
    public static function ofSignedIn(string $route): bool
    {
        $user = Auth::user();

        return $user instanceof User && self::of($user, $route);
    }

    public static function of(User $user, string $route): bool
    {
        foreach (Route::getRoutes()->getByName($route)?->gatherMiddleware() ?? [] as $middleware) {
            $ability = is_string($middleware) && str_starts_with($middleware, self::ASKS)
                ? Ability::tryFrom(substr($middleware, strlen(self::ASKS)))
                : null;
            if ($ability !== null && ! $user->role->may($ability)) {
                return false;
            }
        }

        return true;
    }
}
