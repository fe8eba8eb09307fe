<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** A representation with its mark (ETag, RFC 9110): who sends it back says which state they saw. */
final readonly class Tagged
{
    private const LENGTH = 32;

    public static function of(ClientResource|BookingResource $resource, Request $request): string
    {
        return '"' . substr(hash('sha256', (string) json_encode($resource->toArray($request))), 0, self::LENGTH) . '"';
    }

    public static function answer(
        ClientResource|BookingResource $resource,
        Request $request,
        int $status = 200,
        ?string $location = null,
    ): JsonResponse {
        return new JsonResponse(
            ['data' => $resource->toArray($request)],
            $status,
            array_filter(['ETag' => self::of($resource, $request), 'Location' => $location]),
        );
    }
}
