<?php

declare(strict_types=1);

namespace Nagomi\Core\WashDay;

/** How long a wash day takes and what of it: hands, what goes on by itself, and drying. */
final readonly class WashMinutes
{
    /**
     * @param float $care   from the first step to the end of styling, 0 or more
     * @param float $hands  of these, hands are on the hair
     * @param float $drying from the end of styling until it is dry; 0 where nobody waits for that
     */
    public function __construct(
        public float $care,
        public float $hands,
        public float $drying,
    ) {
    }

    /** Of the minutes to the end of styling, those in which hands are free. */
    public function free(): float
    {
        return max(0.0, $this->care - $this->hands);
    }

    /** @return int from the first step until it is dry, as a booking is held for it */
    public function whole(): int
    {
        return (int) ceil(round($this->care + $this->drying, 1));
    }
}
