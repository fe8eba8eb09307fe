<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

use Nagomi\Core\Wording\Message;

/** One sign as a number with its doubt. */
final readonly class MeasuredSign
{
    /**
     * @param float      $sd                 sd of the value in the sign's unit; for broken hairs of its logarithm
     * @param float|null $daysSinceDetangled days the shed and broken hairs came together over; broken hairs only
     */
    public function __construct(
        public Sign $sign,
        public float $value,
        public float $sd,
        public Message $means,
        public ?float $daysSinceDetangled = null,
    ) {
    }

    /** Whether it is as little or as much as its scale has: how much further it might have been, nobody can tell. */
    public function isAtItsEnd(): bool
    {
        [$least, $most] = $this->sign->limits();

        return ! $this->sign->isCount() && ($this->value <= $least || $this->value >= $most);
    }
}
