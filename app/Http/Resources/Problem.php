<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Context;
use Symfony\Component\HttpFoundation\Response;

/** What could not be done, for a program: problem details as RFC 9457 has them. */
final readonly class Problem
{
    public const TYPE = 'application/problem+json';

    /**
     * @param array<array-key, mixed> $errors  sentences by field
     * @param array<array-key, mixed> $headers
     */
    public static function answer(int $status, string $detail, array $errors = [], array $headers = []): JsonResponse
    {
        return (new JsonResponse(array_filter([
            'type' => 'about:blank',
            'title' => Response::$statusTexts[$status] ?? '',
            'status' => $status,
            'detail' => $detail,
            'errors' => $errors,
            // By which its lines in the log are found.
            'instance' => is_string($number = Context::get('request')) ? "urn:request:{$number}" : null,
        ]), $status, $headers, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES))
            ->withHeaders(['Content-Type' => self::TYPE]);
    }
}
