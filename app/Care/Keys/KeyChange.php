<?php

declare(strict_types=1);

namespace App\Care\Keys;

use App\Bridge\Archive\SealedText;
use Illuminate\Contracts\Encryption\DecryptException;
use Illuminate\Encryption\Encrypter;

/** Takes what was encrypted with a key of before to the key of now. */
final class KeyChange
{
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
        return SealedText::each($text, $this->sealed(...));
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
