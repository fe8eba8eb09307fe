<?php

declare(strict_types=1);

namespace App\Exceptions;

use App\Http\Resources\Problem;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Http\JsonResponse;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Throwable;

/** Whatever went wrong, as a program is told of it. */
final class ApiProblem
{
    /** What is said of every other is said of these. */
    private const SAID = [401, 403, 404, 405, 409, 412, 413, 415, 422, 428, 429, 503];

    public static function of(Throwable $failed, bool $isBookAway): JsonResponse
    {
        if ($failed instanceof ValidationException) {
            return Problem::answer($failed->status, self::detail($failed->status), $failed->errors());
        }
        $status = match (true) {
            $isBookAway => 503,
            $failed instanceof AuthenticationException => 401,
            $failed instanceof HttpExceptionInterface => $failed->getStatusCode(),
            default => 500,
        };
        $headers = $failed instanceof HttpExceptionInterface ? $failed->getHeaders() : [];
        // What the framework says of itself is in no language of ours.
        $own = $failed instanceof ApiRefusal ? $failed->getMessage() : self::detail($status);

        return Problem::answer($status, $own, [], $headers + match ($status) {
            401 => ['WWW-Authenticate' => 'Bearer'],
            503 => ['Retry-After' => '5'],
            default => [],
        });
    }

    private static function detail(int $status): string
    {
        $words = trans('api.problems.' . (in_array($status, self::SAID, true) ? $status : ($status < 500 ? 400 : 500)));

        return is_string($words) ? $words : '';
    }
}
