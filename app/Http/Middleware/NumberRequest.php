<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Context;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\Response;

/**
 * Each request has a number: the answer carries it, every line of the log that was written over it, also by the jobs it
 * left behind, and the page that says something went wrong.
 */
final readonly class NumberRequest
{
    public const HEADER = 'X-Request-Id';

    /** As it stands with what is logged. */
    public const KEY = 'request';

    /** As a page finds it. */
    public const ON_PAGES = 'number';

    /** One that came from what stands in front, and is nothing but a number. */
    private const PATTERN = '/^[A-Za-z0-9-]{8,64}$/';

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $came = (string) $request->headers->get(self::HEADER);
        $number = preg_match(self::PATTERN, $came) === 1 ? $came : (string) Str::ulid();
        Context::add(self::KEY, $number);
        $request->attributes->set(self::ON_PAGES, $number);
        $response = $next($request);
        $response->headers->set(self::HEADER, $number);

        return $response;
    }
}
