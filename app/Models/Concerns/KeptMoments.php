<?php

declare(strict_types=1);

namespace App\Models\Concerns;

use Carbon\CarbonInterface;

/** Days and moments read from rows, each made once: a page asks for the same few hundreds of times. */
final class KeptMoments
{
    /** A worker that runs for long begins anew from here. */
    private const MOST = 4000;

    /** @var array<string, CarbonInterface> */
    private static array $kept = [];

    /**
     * @template T of CarbonInterface
     *
     * @param string       $written as it stands in the row, and what it is read as
     * @param callable(): T $read    makes what nobody can change
     *
     * @return T
     */
    public static function of(string $written, callable $read): CarbonInterface
    {
        if (count(self::$kept) >= self::MOST) {
            self::$kept = [];
        }

        /** @var T */
        return self::$kept[$written] ??= $read();
    }
}
