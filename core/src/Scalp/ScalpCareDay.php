<?php

declare(strict_types=1);

namespace Nagomi\Core\Scalp;

use Nagomi\Core\Readings\Sign;

/** A wash day that the scalp has a say in, and what is expected of it that morning. */
final readonly class ScalpCareDay
{
    /**
     * @param Sign|null $for      what scalp care is for; null: none is due
     * @param float     $expected of that sign, or of flakes, in its own unit
     * @param float     $least    end of the 80 % range
     * @param float     $most     end of the 80 % range
     * @param bool      $bearsOil oil may go on the scalp
     * @param bool      $flakes   they are past their limit that morning, whether it can be cared for or not
     * @param bool      $isOily   it is past its limit that morning, and is to be shampooed
     */
    public function __construct(
        public ?Sign $for,
        public float $expected,
        public float $least,
        public float $most,
        public bool $bearsOil,
        public bool $isOily = false,
        public bool $flakes = false,
    ) {
    }

    /** The same day with no oil on the scalp. */
    public function withoutOil(): self
    {
        return new self(
            $this->for,
            $this->expected,
            $this->least,
            $this->most,
            false,
            $this->isOily,
            $this->flakes,
        );
    }

    /** What either asks for on one day; what is expected is this one's where it asks for as much. */
    public function and(self $other): self
    {
        $expects = $this->for !== null || $other->for === null ? $this : $other;

        return new self(
            $expects->for,
            $expects->expected,
            $expects->least,
            $expects->most,
            $this->bearsOil && $other->bearsOil,
            $this->isOily || $other->isOily,
            $this->flakes || $other->flakes,
        );
    }
}
