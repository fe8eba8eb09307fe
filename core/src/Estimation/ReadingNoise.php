<?php

declare(strict_types=1);

namespace Nagomi\Core\Estimation;

/** How much the readings of one stylist, or of one sign, scatter: as a logarithm of times the usual noise. */
final readonly class ReadingNoise
{
    /**
     * @param float $log      of the factor; 0 is as usual
     * @param float $sd       of that logarithm
     * @param int   $readings it rests on
     */
    public function __construct(public float $log, public float $sd, public int $readings)
    {
    }

    public function factor(): float
    {
        return exp($this->log);
    }

    /**
     * What a reading's noise is multiplied by: nothing counts for more than usual. What lies near the end of its scale
     * scatters little, and tells no more for that. Measured: docs/engine.md.
     */
    public static function counted(?self $stylist, ?self $sign): float
    {
        return max(1.0, exp(($stylist->log ?? 0.0) + ($sign->log ?? 0.0)));
    }

    /**
     * @param float $sds standard deviations to either side
     *
     * @return array{float, float} least and most of the factor
     */
    public function between(float $sds): array
    {
        return [exp($this->log - $sds * $this->sd), exp($this->log + $sds * $this->sd)];
    }
}
