<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\Salon;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Lets nobody open the first salon twice: once there is one, people sign in. */
final readonly class BeforeTheFirst
{
    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        return Salon::query()->exists() ? redirect()->route('sign-in') : $next($request);
    }
}
