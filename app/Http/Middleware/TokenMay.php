<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Exceptions\ApiRefusal;
use App\Models\AccessToken;
use App\Models\TokenAbility;
use App\Models\User;
use App\Wording\Words;
use Closure;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** A program does what its token was given for, and never more than whoever gave it may do by now. */
final readonly class TokenMay
{
    /**
     * @param Closure(Request): Response $next
     * @param string                     $ability '' whatever the token was given for
     *
     * @throws AuthenticationException where whoever gave the token has left the salon
     * @throws ApiRefusal              where it was not given for that
     */
    public function handle(Request $request, Closure $next, string $ability = ''): Response
    {
        $user = $request->user();
        $token = $user instanceof User ? $user->currentAccessToken() : null;
        if (! $user instanceof User || ! $token instanceof AccessToken || $user->left_at !== null) {
            throw new AuthenticationException();
        }
        $needs = TokenAbility::tryFrom($ability);
        if ($needs !== null && ! in_array($needs, $token->may(), true)) {
            throw ApiRefusal::because(403, Words::say('api.not-given', ['ability' => $ability]));
        }
        $asks = $needs?->asks();
        if ($asks !== null && ! $user->role->may($asks)) {
            throw ApiRefusal::because(403, Words::say('api.giver-may-not', ['ability' => $ability]));
        }

        return $next($request);
    }
}
