<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Everything comes from this origin; no inline script or style, no frame, no referrer; nothing of the device but its
 * wakefulness; nothing for search engines; and what is about somebody is kept by no browser.
 */
final class ContentSecurity
{
    private const POLICY = "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self' data:; font-src 'self'; connect-src 'self'; "
        . "manifest-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'";

    /** What no page asks the device for; a wash keeps the screen awake. */
    private const DEVICE = 'accelerometer=(), autoplay=(self), camera=(), display-capture=(), geolocation=(), '
        . 'gyroscope=(), magnetometer=(), microphone=(), midi=(), payment=(), screen-wake-lock=(self), usb=()';

    /** Pages of whoever holds a link, who is not signed in. */
    private const BY_LINK = ['card/*', 'calendars/*', 'invitations/*', 'passwords/*'];

    public function handle(Request $request, Closure $next): Response
    {
        /** @var Response $response */
        $response = $next($request);
        $response->headers->set('Content-Security-Policy', self::POLICY);
        $response->headers->set('X-Content-Type-Options', 'nosniff');
        $response->headers->set('Referrer-Policy', 'same-origin');
        $response->headers->set('X-Frame-Options', 'DENY');
        $response->headers->set('Permissions-Policy', self::DEVICE);
        $response->headers->set('X-Robots-Tag', 'noindex, nofollow');
        $seconds = config()->integer('session.https_only_seconds');
        if ($request->isSecure() && $seconds > 0) {
            // Once reached over HTTPS, a browser asks for nothing else.
            $response->headers->set('Strict-Transport-Security', "max-age={$seconds}");
        }
        if ($request->user() !== null || $request->is(self::BY_LINK)) {
            $response->headers->set('Cache-Control', 'no-store, private');
        }

        return $response;
    }
}
