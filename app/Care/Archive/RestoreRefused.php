<?php

declare(strict_types=1);

namespace App\Care\Archive;

use App\Wording\Words;
use RuntimeException;

/** An archive that makes no salon here, with a sentence that says why; nothing was written. */
final class RestoreRefused extends RuntimeException
{
    /** @param array<string, string> $with */
    public static function because(string $why, array $with = []): self
    {
        return new self(Words::say("restore.{$why}", $with));
    }
}
