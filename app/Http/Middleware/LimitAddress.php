<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Exceptions\ThrottleRequestsException;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\RateLimiter;
use Symfony\Component\HttpFoundation\Response;

/**
 * So many requests from one address, before any token is looked up: the framework's own limits come after the sign-in,
 * which is what whoever guesses at tokens never gets past.
 */
final readonly class LimitAddress
{
    /**
     * @param Closure(Request): Response $next
     *
     * @throws ThrottleRequestsException
     */
    public function handle(Request $request, Closure $next): Response
    {
        $key = "api {$request->ip()}";
        if (RateLimiter::tooManyAttempts($key, config()->integer('api.requests_per_minute_from_one_address'))) {
            throw new ThrottleRequestsException('', null, ['Retry-After' => (string) RateLimiter::availableIn($key)]);
        }
        RateLimiter::hit($key);

        return $next($request);
    }
}
