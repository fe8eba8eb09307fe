<?php

declare(strict_types=1);

namespace App\Care\Accounts;

use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Hash;

/**
 * The code that stands in the terminal and opens the first salon: whoever has the machine has it, whoever only finds the
 * address has not.
 */
final readonly class FirstCode
{
    /** Without letters and digits that are taken for each other. */
    private const LETTERS = 'ABCDEFGHJKLMNPQRSTUVWXYZ23456789';
    private const HALF = 4;
    private const KEPT_HOURS = 24;
    private const KEY = 'first-code';

    /** @return string such as ABCD-2345; the one before is worth nothing any more */
    public function anew(): string
    {
        $halves = [self::half(), self::half()];
        Cache::put(self::KEY, Hash::make(implode('', $halves)), now()->addHours(self::KEPT_HOURS));

        return implode('-', $halves);
    }

    /** @param string $typed with or without its hyphen, in small letters as well */
    public function matches(string $typed): bool
    {
        $kept = Cache::get(self::KEY);

        return is_string($kept)
            && Hash::check((string) preg_replace('/[^A-Z0-9]/', '', strtoupper($typed)), $kept);
    }

    public function forget(): void
    {
        Cache::forget(self::KEY);
    }

    private static function half(): string
    {
        $half = '';
        for ($i = 0; $i < self::HALF; $i++) {
            $half .= self::LETTERS[random_int(0, strlen(self::LETTERS) - 1)];
        }

        return $half;
    }
}
