<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Contracts\Session\Session;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Support\Facades\Route;
use Symfony\Component\HttpFoundation\Response;

/**
 * What a page asks for by itself, every few seconds, reads the session and leaves it as it is. A session is written
 * whole: written beside a form it would take back what the form has just said to the next page, and beside a sign-in
 * it would bring back whoever was signed in before.
 */
final class KeepSession extends StartSession
{
    private const BY_ITSELF = [
        'clients.wash.acts', 'clients.hair-tests.acts', 'clients.hair-tests.draft', 'clients.plan.preview',
        'clients.instruments.read', 'clients.instruments.on-picture', 'token',
    ];

    /** Of a page that is kept on the device, or may come too late to be shown. */
    private const KEPT = 'X-Nagomi-Kept';

    /** Whoever taps all morning without opening a page stays signed in. */
    private const TOUCH_SECONDS = 600;
    private const TOUCHED = '_touched';

    /**
     * @param Session                    $session
     * @param Closure(Request): Response $next
     */
    protected function handleStatefulRequest(Request $request, $session, Closure $next): Response
    {
        $started = $this->startSession($request, $session);
        $touched = $started->get(self::TOUCHED);
        $now = CarbonImmutable::now()->getTimestamp();
        $isFresh = is_int($touched) && abs($now - $touched) < self::TOUCH_SECONDS;
        $isByItself = $request->headers->has(self::KEPT)
            || in_array(Route::currentRouteName(), self::BY_ITSELF, true);
        // Where the night has ended a session, a page left open asks beside whoever signs in anew: a session begun for
        // its question would take the sign-in form's token away.
        $isOver = $touched === null;
        if ($isByItself && ($isFresh || $isOver)) {
            $request->setLaravelSession($started);

            return $next($request);
        }
        if ($isOver) {
            // Under a name of its own: what the night has ended may be swept away while this one is written.
            $started->migrate();
        }
        $started->put(self::TOUCHED, $now);

        /** @var Response */
        return parent::handleStatefulRequest($request, $started, $next);
    }
}
