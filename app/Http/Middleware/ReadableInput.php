<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Resources\Problem;
use App\Wording\Words;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * The one gate for what comes in: text is text in UTF-8, a field that holds one value holds one, and nothing is deeper
 * or longer than
 * any form of ours. Behind it every request reads its fields without asking again.
 */
final class ReadableInput
{
    /**
     * Fields that hold several values, or fields of their own, and how many levels of them; every other holds one
     * value.
     */
    private const GROUPS = [
        'asked' => 1, 'changed' => 1, 'sure' => 1, 'method' => 1, 'not_at_home' => 1, 'stock' => 1, 'prices' => 1,
        'patch_test_until' => 1, 'weekday_minutes' => 1, 'claims' => 1, 'minutes' => 1, 'unit' => 1,
        'took' => 1, 'take' => 1, 'answer' => 1, 'columns' => 1, 'words' => 2, 'skip' => 1, 'may' => 1, 'events' => 1,
        'slots' => 1, 'also' => 1, 'was_done' => 1,
        'notebook' => 2, 'hours' => 2, 'services' => 2, 'away' => 2, 'parts' => 2, 'scale' => 2, 'taps' => 2,
        'raw' => 4, 'zones' => 5, 'acts' => 7,
    ];

    /** Groups in which a script sends numbers as numbers. */
    private const MEASURED = ['acts', 'raw', 'zones', 'scale', 'taps'];

    private const MOST_DEPTH = 8;
    private const MOST_FIELDS = 4000;

    /** A picture comes within an act of a card, in letters; everything else is typed. */
    private const LONGEST = 100_000;
    private const LONGEST_OF_CARD = 7_000_000;

    private const RECORDS = 'api/v1/records';

    private int $fields = 0;

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $this->fields = 0;
        $longest = $request->is('card/*') ? self::LONGEST_OF_CARD : self::LONGEST;
        if (! $this->isText(rawurldecode($request->getPathInfo()))) {
            return $this->refuse($request, 404);
        }
        if ($request->is(self::RECORDS)) {
            // A care record is a document, which its own reader goes through; only that it is text is asked here.
            return $this->isText((string) $request->getContent()) ? $next($request) : $this->refuse($request, 422);
        }
        $body = $request->isJson() ? $request->json()->all() : $request->request->all();
        if (
            $request->isJson()
                && $body === []
                && ! in_array(trim((string) $request->getContent()), ['', '{}', '[]', 'null'], true)
        ) {
            return $this->refuse($request, 422);
        }
        foreach ([[$request->query->all(), 404], [$body, 422]] as [$fields, $status]) {
            if (! $this->isReadable($fields, $longest)) {
                return $this->refuse($request, $status);
            }
        }

        if ($request->isJson()) {
            // Behind here a field reads the same whether a form sent it or a script.
            /** @var array<string, mixed> $typed */
            $typed = $this->asTyped($body);
            $request->json()->replace($typed);
        }

        return $next($request);
    }

    /**
     * @param array<mixed> $fields
     *
     * @return array<mixed> numbers and ticks as a form sends them, but for those a script measures
     */
    private function asTyped(array $fields): array
    {
        foreach ($fields as $name => $value) {
            $fields[$name] = match (true) {
                in_array($name, self::MEASURED, true) => $value,
                is_array($value) => $this->asTyped($value),
                is_bool($value) => $value ? '1' : '0',
                is_int($value), is_float($value) => (string) $value,
                default => $value,
            };
        }

        return $fields;
    }

    /** @param array<mixed> $fields */
    private function isReadable(array $fields, int $longest): bool
    {
        foreach ($fields as $name => $value) {
            if (is_array($value) && self::levels($value) > (self::GROUPS[$name] ?? 0)) {
                return false;
            }
        }

        return $this->areReadable($fields, $longest, 0);
    }

    /** @param array<mixed> $group */
    private static function levels(array $group): int
    {
        $below = 0;
        foreach ($group as $value) {
            // Deeper than any group is deep enough to know.
            $below = max($below, is_array($value) && $below <= self::MOST_DEPTH ? self::levels($value) : 0);
        }

        return 1 + $below;
    }

    /** @param array<mixed> $fields */
    private function areReadable(array $fields, int $longest, int $depth): bool
    {
        foreach ($fields as $name => $value) {
            $this->fields++;
            $good = match (true) {
                $depth > self::MOST_DEPTH,
                $this->fields > self::MOST_FIELDS,
                is_string($name) && (! $this->isText($name) || strlen($name) > 200) => false,
                is_array($value) => $this->areReadable($value, $longest, $depth + 1),
                is_string($value) => strlen($value) <= $longest && $this->isText($value),
                is_float($value) => is_finite($value),
                default => true,
            };
            if (! $good) {
                return false;
            }
        }

        return true;
    }

    private function isText(string $text): bool
    {
        return ! str_contains($text, "\0") && mb_check_encoding($text, 'UTF-8');
    }

    private function refuse(Request $request, int $status): Response
    {
        if ($request->is('api/*')) {
            return Problem::answer($status, Words::say('api.unreadable'));
        }
        $sentence = Words::say($status === 404 ? 'errors.address' : 'errors.unreadable');

        return $request->expectsJson()
            ? response()->json(['message' => $sentence], $status)
            : response()->view('errors.unreadable', ['sentence' => $sentence], $status);
    }
}
