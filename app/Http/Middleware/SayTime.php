<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Wording\Words;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * What stands between a script and the salon: each answer says the salon's time, and a page older than the least that
 * is understood is told to come anew.
 */
final class SayTime
{
    /** Milliseconds since 1970. */
    public const TIME = 'X-Nagomi-Time';

    public const PROTOCOL = 'X-Nagomi-Protocol';

    /** What pages sent before acts had answers of their own. */
    private const LEAST_PROTOCOL = 2;

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $protocol = $request->header(self::PROTOCOL);
        $response = is_string($protocol) && (int) $protocol < self::LEAST_PROTOCOL
            ? response()->json(['message' => Words::say('acts.too-old')], Response::HTTP_UPGRADE_REQUIRED)
            : $next($request);
        if ($request->expectsJson()) {
            $response->headers->set(self::TIME, (string) CarbonImmutable::now()->getTimestampMs());
        }

        return $response;
    }
}
