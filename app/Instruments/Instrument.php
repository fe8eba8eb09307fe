<?php

declare(strict_types=1);

namespace App\Instruments;

/**
 * A device on the trolley, with the shape a driver of a real one has: it is opened, read and closed, and each of these
 * can fail.
 * The rack decides which driver stands behind a name.
 */
interface Instrument
{
    /** @throws InstrumentFault where it does not answer or its battery is low */
    public function open(): void;

    /**
     * @return array<string, float> by raw measure, in the units of the book
     *
     * @throws InstrumentFault where no value comes in time
     */
    public function read(): array;

    public function close(): void;
}
