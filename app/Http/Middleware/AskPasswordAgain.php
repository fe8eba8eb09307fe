<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Care\Accounts\TypedPassword;
use App\Wording\Words;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * What would hurt most where somebody else holds the tablet: taking all out, deleting, changing what people may do. Asks
 * for the password where it was typed longer ago than config('auth.password_timeout').
 */
final readonly class AskPasswordAgain
{
    public function __construct(private TypedPassword $typedPassword)
    {
    }

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next, string $isPage = ''): Response
    {
        if ($this->typedPassword->isFresh($request->session())) {
            return $next($request);
        }
        if ($request->expectsJson()) {
            return response()->json(['message' => Words::say('people.again.lead')], 423);
        }
        // What is sent, or downloaded, is asked for anew on the page it came from.
        $this->typedPassword->goesOnAt(
            $request->session(),
            $isPage !== '' ? $request->fullUrl() : url()->previous(route('today')),
        );

        return redirect()->route('account.confirm');
    }
}
