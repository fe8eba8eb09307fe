<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Pages and answers travel compressed where the browser can read that: a salon's network is often slow. */
final class Compressed
{
    private const FROM_BYTES = 1024;
    private const LEVEL = 6;
    private const TYPES = ['text/', 'application/json', 'image/svg+xml'];

    public function handle(Request $request, Closure $next): Response
    {
        /** @var Response $response */
        $response = $next($request);
        $response->setVary('Accept-Encoding', false);
        if ($this->isWorthIt($response) && in_array('gzip', $request->getEncodings(), true)) {
            $compressed = gzencode((string) $response->getContent(), self::LEVEL);
            if ($compressed !== false) {
                $response->setContent($compressed);
                $response->headers->set('Content-Encoding', 'gzip');
                $response->headers->set('Content-Length', (string) strlen($compressed));
            }
        }

        return $response;
    }

    private function isWorthIt(Response $response): bool
    {
        if (
            $response instanceof BinaryFileResponse
                || $response instanceof StreamedResponse
                || $response->headers->has('Content-Encoding')
        ) {
            return false;
        }
        $type = (string) $response->headers->get('Content-Type', 'text/html');

        return strlen((string) $response->getContent()) >= self::FROM_BYTES
            && array_filter(self::TYPES, fn (string $of): bool => str_starts_with($type, $of)) !== [];
    }
}
