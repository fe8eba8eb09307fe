<?php

declare(strict_types=1);

namespace App\Care\Keys;

use Illuminate\Contracts\Encryption\DecryptException;
use Illuminate\Encryption\Encrypter;

/** Takes what was encrypted with a key of before to the key of now. */
final class KeyChange
{
    /** How an encrypted text begins: {"iv": in base 64; within JSON its strokes are escaped. */
    private const SEALED = '#eyJpdiI6(?:[A-Za-z0-9+=]|\\\\?/)+#';

    public const MARK = 'eyJpdiI6';

    /** Texts that no key opens. */
    private int $lost = 0;

    /** @param Encrypter $now knows one key alone */
    private function __construct(private readonly Encrypter $all, private readonly Encrypter $now)
    {
    }

    /** @param Encrypter $all with the key of now and those of before */
    public static function of(Encrypter $all): self
    {
        return new self($all, new Encrypter($all->getKey(), config()->string('app.cipher')));
    }

    /** The same text, with whatever in it was encrypted with a key of before encrypted with the key of now. */
    public function text(string $text): string
    {
        return (string) preg_replace_callback(self::SEALED, function (array $found): string {
            $isEscaped = str_contains($found[0], '\\/');
            $sealed = str_replace('\\/', '/', $found[0]);
            $anew = $this->sealed($sealed);

            return $isEscaped ? str_replace('/', '\\/', $anew) : $anew;
        }, $text);
    }

    /** @return string the same where the key of now opens it, or none does */
    public function sealed(string $sealed): string
    {
        try {
            $this->now->decryptString($sealed);

            return $sealed;
        } catch (DecryptException) {
            // Of a key of before, or of none that is known.
        }
        try {
            return $this->now->encryptString($this->all->decryptString($sealed));
        } catch (DecryptException) {
            $this->lost++;

            return $sealed;
        }
    }

    public function fresh(string $plain): string
    {
        return $this->now->encryptString($plain);
    }

    public function lost(): int
    {
        return $this->lost;
    }
}
