<?php

declare(strict_types=1);

namespace App\Instruments;

use RuntimeException;

/** Why an instrument gave no value, as a sentence that says what to do. */
final class InstrumentFault extends RuntimeException
{
    public static function timeout(string $name): self
    {
        return new self("The {$name} gave no value in time. Try once more, or type what it shows.");
    }

    public static function lowBattery(string $name, int $percent): self
    {
        return new self(
            "The {$name}’s battery is at {$percent} %, too low to trust. Charge it, or measure by hand and type the value.",
        );
    }

    public static function nothingToRead(string $name): self
    {
        return new self(
            "This {$name} is simulated and has nothing to read on a real head. Type the value that yours shows.",
        );
    }
}
