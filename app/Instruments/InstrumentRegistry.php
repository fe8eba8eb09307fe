<?php

declare(strict_types=1);

namespace App\Instruments;

use App\Models\Head;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Statistics\SeededRandom;

/**
 * Where the instruments hang. The shipped one holds simulated devices; a salon with real ones binds another in its
 * place.
 */
class InstrumentRegistry
{
    public function __construct(private readonly SeededRandom $chance, private readonly Parameters $parameters)
    {
    }

    public function take(Device $device, Head $head): Instrument
    {
        return new SimulatedInstrument($device, HiddenHead::of($head), $this->chance, $this->parameters);
    }
}
