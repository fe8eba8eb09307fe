<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ActsRequest;
use App\Models\Head;
use App\Wording\Words;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Answers acts about something that is not there any more, each in words. */
final class ActsOfNothing
{
    public static function ofWashDay(Request $request): JsonResponse
    {
        $head = $request->route('head');
        $isThere = $head instanceof Head || (is_string($head) && Head::query()->whereKey($head)->exists());

        return self::refused($request, $isThere ? 'acts.wash.broken-off' : 'acts.no-client');
    }

    public static function ofClient(Request $request): JsonResponse
    {
        return self::refused($request, 'acts.no-client');
    }

    public static function ofHomeRoutine(Request $request): JsonResponse
    {
        return self::refused($request, 'acts.no-card');
    }

    private static function refused(Request $request, string $sentence): JsonResponse
    {
        return response()->json(['answers' => ActsRequest::of($request)->refused(Words::say($sentence))]);
    }
}
