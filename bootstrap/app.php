<?php

declare(strict_types=1);

use App\Http\Middleware\ContentSecurity;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Exceptions\PostTooLargeException;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;

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
        $exceptions->render(fn (PostTooLargeException $exception, Request $request) => back()
            ->withErrors(['record' => 'That file is too large; a care record of one head is under 5 MB. Choose another file.']));
        $exceptions->dontFlash(['password']);
    })
    ->create();
