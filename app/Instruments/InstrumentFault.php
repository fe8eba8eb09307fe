<?php

declare(strict_types=1);

namespace App\Instruments;

use App\Wording\Words;
use RuntimeException;

/** Why an instrument gave no value, as a sentence that says what to do. */
final class InstrumentFault extends RuntimeException
{
    public static function timeout(string $name): self
    {
        return new self(Words::say('refusals.instrument.no-answer', ['name' => $name]));
    }

    public static function lowBattery(string $name, int $percent): self
    {
        return new self(
            Words::say('refusals.instrument.battery', ['name' => $name, 'percent' => $percent]),
        );
    }

    public static function nothingToRead(string $name): self
    {
        return new self(
            Words::say('refusals.instrument.simulated', ['name' => $name]),
        );
    }
}
