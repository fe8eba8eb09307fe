<?php

declare(strict_types=1);

namespace Nagomi\Core\Learning;

/** In what one rate of heads of one kind is otherwise than of all heads of a salon, as a logarithm. */
final readonly class KindShift
{
    /** @param float $heads how many of them it rests on; one of whose hair half is so counts half */
    public function __construct(public float $log, public float $sd, public float $heads)
    {
    }
}
