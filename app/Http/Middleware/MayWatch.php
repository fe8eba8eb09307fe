<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Who looks after the machine: by a token where one is set; else whoever sits at it. To all others it is not there. */
final readonly class MayWatch
{
    private const HERE = ['127.0.0.1', '::1'];

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $token = config()->string('monitoring.token');
        // What came by way of another machine says so, and is not from here.
        $isHere = in_array($request->server('REMOTE_ADDR'), self::HERE, true)
            && ! $request->headers->has('X-Forwarded-For') && ! $request->headers->has('Forwarded');
        abort_unless($token === '' ? $isHere : hash_equals($token, (string) $request->bearerToken()), 404);

        return $next($request);
    }
}
