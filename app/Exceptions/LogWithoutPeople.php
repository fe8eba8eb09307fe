<?php

declare(strict_types=1);

namespace App\Exceptions;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Monolog\Formatter\JsonFormatter;
use Monolog\LogRecord;
use Throwable;

/**
 * A line of the log, of which more people read than of the book: what went wrong and where, and nothing of anybody. What
 * was typed, whose page it was, addresses and numbers are taken out of every message, whoever put them there.
 */
final class LogWithoutPeople extends JsonFormatter
{
    private const OUT = '[…]';

    private const ADDRESS = '/[\p{L}\p{N}._%+\'-]+@[\p{L}\p{N}.-]+/u';

    /** Nine digits and more in a row, as a phone number has them; a day has eight. */
    private const NUMBER = '/(?<![\p{L}\p{N}])\+?\d(?:[ ()\/.-]{0,2}\d){8,}(?![\p{L}\p{N}])/u';

    /** Whoever has one may open what it leads to. */
    private const SECRET = '/(signature=|token=|code=|calendars\/)[^\s&"\']+/';

    /** Words a program sends itself, such as booked or deep-condition, tell nothing of anybody. */
    private const TYPED_BY_SOMEBODY = '/[\p{Lu}\s]|[^\x00-\x7F]/u';

    private const SHORTEST = 3;

    public function format(LogRecord $record): string
    {
        $context = array_map(
            fn (mixed $value): mixed => is_string($value) ? $this->without($value) : $value,
            $record->context,
        );

        return parent::format($record->with(message: $this->without($record->message), context: $context));
    }

    /** @return array<array-key, string|int|array<string|int|array<string>>> */
    protected function normalizeException(Throwable $e, int $depth = 0): array
    {
        $told = parent::normalizeException($e, $depth);

        return array_map(fn (mixed $part): mixed => is_string($part) ? $this->without($part) : $part, $told);
    }

    private function without(string $text): string
    {
        $text = str_replace($this->known(), self::OUT, $text);

        return (string) preg_replace(
            [self::ADDRESS, self::NUMBER, self::SECRET],
            [self::OUT, self::OUT, '$1' . self::OUT],
            mb_scrub($text),
        );
    }

    /** @return list<string> what this request was given by somebody, and whom it is about; the longest first */
    private function known(): array
    {
        $request = app()->bound('request') ? app('request') : null;
        if (! $request instanceof Request) {
            return [];
        }
        $known = [];
        $given = [$request->input(), array_map(
            static fn (mixed $of): mixed => $of instanceof Model ? $of->getAttributes()['name'] ?? null : null,
            $request->route()?->parameters() ?? [],
        )];
        array_walk_recursive($given, static function (mixed $text) use (&$known): void {
            $isTold = is_string($text) && mb_strlen($text) >= self::SHORTEST;
            if ($isTold && preg_match(self::TYPED_BY_SOMEBODY, $text) === 1) {
                $known[] = $text;
            }
        });
        usort($known, static fn (string $one, string $other): int => strlen($other) <=> strlen($one));

        return $known;
    }
}
