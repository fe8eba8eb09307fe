<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\User;
use App\Wording\MessageLanguage;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Says everything in the language whoever is signed in has chosen; else in the one the browser asks for. */
final readonly class SpeakLanguage
{
    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $user = $request->user();
        $chosen = $user instanceof User ? $user->language : null;
        $there = array_keys(MessageLanguage::NAMES);
        $asked = $request->getPreferredLanguage($there) ?? $there[0];
        app()->setLocale(in_array($chosen, $there, true) ? $chosen : $asked);

        return $next($request);
    }
}
