<?php

declare(strict_types=1);

namespace Nagomi\Core\WashDay;

use Nagomi\Core\Products\ProductKind;
use Nagomi\Core\Treatments\Step;

/** One step of a wash day as it is done: hands first, then what goes on by itself. */
final readonly class WashDayStep
{
    /**
     * @param float            $handsOnMinutes median
     * @param float            $spread         of the logarithm of the hands-on time
     * @param float            $waitingMinutes median; hands are free
     * @param float            $waitSpread     of the logarithm of the waiting time; 0 where the clock decides
     * @param bool             $beside         is done while what waits goes on; every other step waits for all of it
     * @param ProductKind|null $uses           what it takes from the shelf
     * @param list<string>     $watch          what must be watched, a sentence each
     * @param Step|null        $books          what it leaves in the book
     * @param bool             $afterClient    done when she has left: no part of the finish
     */
    public function __construct(
        public string $key,
        public string $label,
        public float $handsOnMinutes,
        public float $spread = 0.2,
        public float $waitingMinutes = 0.0,
        public float $waitSpread = 0.0,
        public bool $beside = false,
        public bool $bySection = false,
        public ?ProductKind $uses = null,
        public ?string $tool = null,
        public ?string $water = null,
        public bool $heat = false,
        public array $watch = [],
        public ?Step $books = null,
        public bool $afterClient = false,
    ) {
    }
}
