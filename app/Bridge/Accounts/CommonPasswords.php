<?php

declare(strict_types=1);

namespace App\Bridge\Accounts;

use SensitiveParameter;

/**
 * Passwords that are tried first by whoever tries: those of ten characters and more among the thirty thousand commonest
 * of the list that zxcvbn 4.4.2 ships (Wheeler, "zxcvbn: Low-Budget Password Strength Estimation", USENIX Security
 * 2016; MIT licence), each as the beginning of its SHA-256; those of few different characters; and those made of what
 * everybody knows of somebody. That such are refused, and no mix of kinds of characters is asked for, follows NIST
 * SP 800-63B, 5.1.1.2 (from memory).
 */
final readonly class CommonPasswords
{
    private const FILE = 'passwords/commonest.txt';
    private const HASH_LENGTH = 16;

    /** Fewer different characters, or fewer beside what is known of somebody, are soon guessed: common practice. */
    private const LEAST_OWN = 5;

    /** Shorter words stand in too much to say anything. */
    private const LEAST_WORD = 3;

    /** @param list<string> $known what is known of whoever chooses: names, address, salon */
    public static function has(#[SensitiveParameter] string $password, array $known): bool
    {
        $password = mb_strtolower($password);

        return count(array_unique(mb_str_split($password))) < self::LEAST_OWN
            || self::isListed($password)
            || mb_strlen(self::beside($password, $known)) < self::LEAST_OWN;
    }

    private static function isListed(#[SensitiveParameter] string $password): bool
    {
        $listed = file(resource_path(self::FILE), FILE_IGNORE_NEW_LINES);

        return $listed !== false
            && in_array(substr(hash('sha256', $password), 0, self::HASH_LENGTH), $listed, true);
    }

    /**
     * @param list<string> $known
     *
     * @return string what is left of a password without what is known, and without digits and signs
     */
    private static function beside(#[SensitiveParameter] string $password, array $known): string
    {
        $words = preg_split('/[^\p{L}]+/u', mb_strtolower(implode(' ', $known))) ?: [];
        $words = array_filter($words, static fn (string $word): bool => mb_strlen($word) >= self::LEAST_WORD);
        $rest = str_replace($words, '', $password);

        // Whoever uses digits and signs alone is judged by how many differ.
        return $rest === $password ? $password : (string) preg_replace('/[^\p{L}]+/u', '', $rest);
    }
}
