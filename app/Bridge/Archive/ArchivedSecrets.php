<?php

declare(strict_types=1);

namespace App\Bridge\Archive;

use Illuminate\Contracts\Encryption\DecryptException;
use Illuminate\Support\Facades\Crypt;

/**
 * What is encrypted with the key of one machine, in words of any other: an archive that opened on its own machine only
 * would restore nothing. Within texts, too: the trail keeps private values inside its own.
 */
final readonly class ArchivedSecrets
{
    private const MARK = 'nagomi-secret:';

    public static function open(string $text): string
    {
        return SealedText::each($text, static function (string $sealed): string {
            try {
                $plain = Crypt::decryptString($sealed);
            } catch (DecryptException) {
                // Its key was lost before; it stays what it is.
                return $sealed;
            }

            return self::MARK . rtrim(strtr(base64_encode($plain), '+/', '-_'), '=') . '.';
        });
    }

    public static function seal(string $text): string
    {
        return (string) preg_replace_callback(
            '#' . self::MARK . '([A-Za-z0-9_-]*)\.#',
            static fn (array $found): string => Crypt::encryptString(
                (string) base64_decode(strtr($found[1], '-_', '+/'), true),
            ),
            $text,
        );
    }
}
