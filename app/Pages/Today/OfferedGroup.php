<?php

declare(strict_types=1);

namespace App\Pages\Today;

use App\Wording\SalonClock;

/** A time at which several who come together can be had. */
final readonly class OfferedGroup
{
    /**
     * @param non-empty-list<OfferedTime> $times one of each, in the order they are named
     * @param string $slot  day, and time and stylist of each, as the form sends it
     * @param int    $until minute of the day the last of them is through
     */
    public function __construct(public array $times, public string $slot, public int $until)
    {
    }

    /** When the last of them is through. */
    public function through(): string
    {
        return SalonClock::inWords($this->until);
    }

    public function part(): string
    {
        return $this->times[0]->part();
    }
}
