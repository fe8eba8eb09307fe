<?php

declare(strict_types=1);

use App\Care\Shared\BookIsAway;
use App\Care\Shared\WriteProtocol;
use App\Exceptions\ApiProblem;
use App\Exceptions\FailedQuery;
use App\Http\Controllers\Api\DocumentController;
use App\Http\Controllers\AssetController;
use App\Http\Controllers\CalendarFeedController;
use App\Http\Controllers\MonitoringController;
use App\Http\Middleware\AskPasswordAgain;
use App\Http\Middleware\Compressed;
use App\Http\Middleware\ContentSecurity;
use App\Http\Middleware\KeepSession;
use App\Http\Middleware\LimitAddress;
use App\Http\Middleware\MayWatch;
use App\Http\Middleware\NumberRequest;
use App\Http\Middleware\ReadableInput;
use App\Http\Middleware\SayTime;
use App\Http\Middleware\SpeakLanguage;
use App\Http\Middleware\TakeInOnce;
use App\Http\Middleware\TokenMay;
use Illuminate\Database\QueryException;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Exceptions\ThrottleRequestsException;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;
use Illuminate\Routing\Exceptions\InvalidSignatureException;
use Illuminate\Routing\Middleware\SubstituteBindings;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Facades\Route;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpException;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

// A trace names where, not with what.
ini_set('zend.exception_ignore_args', '1');

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: [__DIR__ . '/../routes/web.php', __DIR__ . '/../routes/moved.php'],
        commands: __DIR__ . '/../routes/console.php',
        then: function (): void {
            Route::middleware([
                'throttle:card',
                'signed:relative',
                TakeInOnce::class,
                SubstituteBindings::class,
            ])->group(__DIR__ . '/../routes/card.php');
            Route::middleware([
                LimitAddress::class,
                'auth:sanctum',
                SpeakLanguage::class,
                'throttle:api',
                TokenMay::class,
                TakeInOnce::class,
                SubstituteBindings::class,
            ])->prefix('/api/v1')->name('api.')->group(__DIR__ . '/../routes/api.php');
            Route::middleware(LimitAddress::class)
                ->get('/api/v1/openapi.json', DocumentController::class)
                ->name('api.document');
            Route::get('/a/{version}/{file}', AssetController::class)->name('asset')->where('file', '.*');
            Route::get('/up', [MonitoringController::class, 'up'])->name('up');
            Route::middleware(MayWatch::class)->group(function (): void {
                Route::get('/health', [MonitoringController::class, 'health'])->name('health');
                Route::get('/metrics', [MonitoringController::class, 'metrics'])->name('metrics');
            });
            Route::middleware('throttle:calendars')
                ->get('/calendars/{secret}.ics', [CalendarFeedController::class, 'show'])
                ->name('feed')
                ->where('secret', '[A-Za-z0-9]{48}');
        },
    )
    ->withMiddleware(function (Middleware $middleware): void {
        // One origin, no cross-origin requests.
        $middleware->remove(HandleCors::class);
        $middleware->append(ContentSecurity::class);
        $middleware->append(SayTime::class);
        $middleware->web(replace: [StartSession::class => KeepSession::class], append: [SpeakLanguage::class]);
        // Outermost, so that whatever made the answer, it is packed last.
        $middleware->prepend(Compressed::class);
        // Before text is trimmed or anything is looked at.
        $middleware->prepend(ReadableInput::class);
        // Links are made with the name that was asked for: with no other than its own.
        $middleware->trustHosts(at: static fn (): array => config()->array('app.trusted_hosts'), subdomains: false);
        // Before all else, so that whatever is logged has its number.
        $middleware->prepend(NumberRequest::class);
        // Locked before anything is bound, so that nothing is read that another act is just changing.
        $middleware->prependToPriorityList(before: SubstituteBindings::class, prepend: TakeInOnce::class);
        // Before anything is taken in: what asks for a password first was not done.
        $middleware->prependToPriorityList(before: TakeInOnce::class, prepend: AskPasswordAgain::class);
        $middleware->redirectGuestsTo('/sign-in');
        $middleware->redirectUsersTo('/today');
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->dontFlash(['password', 'current', 'code']);
        // What a log holds may be read by more people than the book: queries without their values.
        $exceptions->map(
            fn (QueryException $failed): Throwable => BookIsAway::because($failed)
                || app(WriteProtocol::class)->isTie($failed)
                ? $failed
                : FailedQuery::of($failed),
        );
        // While the database is away each request would say so at length; once a line is enough.
        $exceptions->report(function (Throwable $failed): ?bool {
            if (! BookIsAway::because($failed)) {
                return null;
            }
            Log::warning('The database cannot be reached.');

            return false;
        });
        // A tie that the write protocol breaks by doing one of the two again is nothing to report.
        $exceptions->dontReportWhen(fn (Throwable $failed): bool => app(WriteProtocol::class)->isTie($failed));
        // A program is told in one form of whatever went wrong.
        $exceptions->render(fn (Throwable $failed, Request $request) => $request->is('api/*')
            ? ApiProblem::of(
                $failed,
                BookIsAway::because($failed) || app(WriteProtocol::class)->isTie($failed),
            )
            : null);
        // Without its database a page says so and tries again, to staff and to clients in words of their own.
        $exceptions->render(function (Throwable $failed, Request $request) {
            // Where six tries ended in a tie, the seventh will not: whoever sends it again.
            if (! BookIsAway::because($failed) && ! app(WriteProtocol::class)->isTie($failed)) {
                return null;
            }
            $sentence = (string) trans($request->is('card/*') ? 'errors.away-client' : 'errors.away');

            return $request->expectsJson()
                ? response()->json(['message' => $sentence], 503, ['Retry-After' => '5'])
                : response()->view('errors.away', ['sentence' => $sentence], 503, ['Retry-After' => '5']);
        });
        // Whoever left the sign-in page open too long signs in once more; the address stands there.
        $exceptions->render(
            fn (HttpException $old, Request $request) => $old->getStatusCode() === 419 && $request->is('sign-in')
                ? redirect()
                    ->route('sign-in')
                    ->withInput($request->only('email'))
                    ->withErrors(['password' => trans('errors.sign-in-old')])
                : null,
        );
        // A link guessed at, run out or withdrawn: all the same to whoever holds it.
        $exceptions->map(
            fn (InvalidSignatureException $wrong): NotFoundHttpException => new NotFoundHttpException('', $wrong),
        );
        $exceptions->render(
            fn (ThrottleRequestsException $often, Request $request) => $request->is('card/*', 'calendars/*')
                ? response(
                    trans('errors.too-often'),
                    429,
                    $often->getHeaders() + ['Content-Type' => 'text/plain; charset=utf-8'],
                )
                : null,
        );
        $exceptions->render(
            fn (NotFoundHttpException $gone, Request $request) => $request->is('calendars/*')
                ? response(trans('errors.calendar-gone'), 404, ['Content-Type' => 'text/plain; charset=utf-8'])
                : null,
        );
        $exceptions->render(
            fn (NotFoundHttpException $gone, Request $request) => $request->is('card/*')
                ? (
                    $request->expectsJson()
                        ? response()->json(['message' => trans('errors.link')], 404)
                        : response()->view('home-routine.client.gone', [], 404)
                )
                : null,
        );
        // A client's phone never shows a page of the staff's, whatever went wrong.
        $exceptions->respond(function (Response $response, Throwable $failed, Request $request): Response {
            $isPage = $request->is('card/*')
                && ! $request->expectsJson()
                && str_contains((string) $response->headers->get('Content-Type', 'text/html'), 'html');

            return $isPage
                && $response->getStatusCode() >= 400
                && ! in_array($response->getStatusCode(), [404, 429, 503], true)
                ? response()->view(
                    'errors.unreadable',
                    ['sentence' => trans('errors.client')],
                    $response->getStatusCode(),
                )
                : $response;
        });
    })
    ->create();
