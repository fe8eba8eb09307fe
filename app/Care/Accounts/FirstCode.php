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
    private const HALF = 4;
    private const KEPT_HOURS = 24;
    private const KEY = 'first-code';

    public function __construct(private ReadableCode $readableCode)
    {
    }

    /** @return string such as ABCD-2345; the one before is worth nothing any more */
    public function anew(): string
    {
        $code = $this->readableCode->drawn(self::HALF);
        Cache::put(self::KEY, Hash::make(str_replace('-', '', $code)), now()->addHours(self::KEPT_HOURS));

        return $code;
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
}
