<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\User;
use App\Wording\Words;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * A page that was opened by one stylist and sends after another signed in on the same device: what it sends is not the
 * other's.
 */
final class SameStylist
{
    public const HEADER = 'X-Nagomi-Stylist';

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $user = $request->user();
        $whose = $request->header(self::HEADER);

        return $user instanceof User && is_string($whose) && $whose !== (string) $user->id
            ? response()->json(['message' => Words::say('acts.another-stylist', ['name' => $user->name])], 401)
            : $next($request);
    }
}
