<?php

declare(strict_types=1);

use App\Http\Middleware\ContentSecurity;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Middleware\HandleCors;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(web: __DIR__ . '/../routes/web.php', commands: __DIR__ . '/../routes/console.php')
    ->withMiddleware(function (Middleware $middleware): void {
        // One origin, no cross-origin requests.
        $middleware->remove(HandleCors::class);
        $middleware->append(ContentSecurity::class);
        $middleware->redirectGuestsTo('/sign-in');
        $middleware->redirectUsersTo('/heads');
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->dontFlash(['password']);
    })
    ->create();
