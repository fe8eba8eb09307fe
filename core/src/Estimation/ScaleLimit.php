<?php

declare(strict_types=1);

namespace Nagomi\Core\Estimation;

/** A reserve that the equations took over the edge of its scale and that was held there; the ledger shows it. */
final readonly class ScaleLimit
{
    /** @param float $amount how far it was taken back, in units of its scale, with its sign */
    public function __construct(
        public int $index,
        public float $amount,
    ) {
    }
}
