<?php

declare(strict_types=1);

namespace Nagomi\Core\Scalp;

/** A scalp on one day ahead: in the morning, and in the evening after what is done. */
final readonly class ScalpDay
{
    /** @param int $day counted from the day it is foretold on */
    public function __construct(public int $day, public ScalpState $morning, public ScalpState $evening)
    {
    }
}
