<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\User;
use Closure;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/** Whoever has left the salon is signed out, also where a request under way kept their session alive. */
final readonly class WorksHere
{
    /**
     * @param Closure(Request): Response $next
     *
     * @throws AuthenticationException
     */
    public function handle(Request $request, Closure $next): Response
    {
        $user = $request->user();
        if ($user instanceof User && $user->left_at !== null) {
            Auth::logout();
            throw new AuthenticationException();
        }

        return $next($request);
    }
}
