<?php

declare(strict_types=1);

namespace App\Exceptions;

use Illuminate\Database\QueryException;
use RuntimeException;

/** A query that failed, as a log may hold it: what went wrong and where, without the values that were in it. */
final class FailedQuery extends RuntimeException
{
    public static function of(QueryException $failed): self
    {
        // The database's own words quote values too: only its code and kind are kept.
        $kind = preg_match('/^SQLSTATE\[\w+\]:? ?([^:\'"`]{0,60})/', $failed->getMessage(), $found) === 1
            ? trim($found[1])
            : '';
        $of = self::origin($failed);

        return new self("SQLSTATE {$failed->getCode()} {$kind}: {$failed->getSql()}{$of}");
    }

    private static function origin(QueryException $failed): string
    {
        foreach ($failed->getTrace() as $frame) {
            $file = $frame['file'] ?? '';
            if (str_contains($file, '/app/')) {
                return ' at ' . substr($file, (int) strrpos($file, '/app/') + 1) . ':' . ($frame['line'] ?? 0);
            }
        }

        return '';
    }
}
