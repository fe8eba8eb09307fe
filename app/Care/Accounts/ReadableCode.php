<?php

declare(strict_types=1);

namespace App\Care\Accounts;

/** A code drawn by chance in two halves, for people to read and type. */
final readonly class ReadableCode
{
    /** Without letters and digits that are taken for each other. */
    private const LETTERS = 'ABCDEFGHJKLMNPQRSTUVWXYZ23456789';

    /**
     * @param positive-int $half letters and digits on each side of the hyphen
     *
     * @return string such as ABCD-2345
     */
    public function drawn(int $half): string
    {
        $letters = '';
        for ($i = 0; $i < 2 * $half; $i++) {
            $letters .= self::LETTERS[random_int(0, strlen(self::LETTERS) - 1)];
        }

        return implode('-', str_split($letters, $half));
    }
}
