<?php

declare(strict_types=1);

namespace Nagomi\Core\Learning;

use Nagomi\Core\Parameters\LearnedFactor;

/** What a salon's records say of one factor, drawn towards what is shipped: normal in its logarithm. */
final readonly class LearnedValue
{
    /**
     * @param float $log    logarithm of the factor; 0: as shipped
     * @param float $logSd  standard deviation of it
     * @param float $weight of the records beside what is shipped, 0 to 1
     */
    public function __construct(
        public LearnedFactor $of,
        public float $log,
        public float $logSd,
        public float $weight,
    ) {
    }

    public function factor(): float
    {
        return exp($this->log);
    }

    /** @return array{float, float} 80 % interval of the factor */
    public function interval(): array
    {
        $half = FourOfFive::SDS * $this->logSd;

        return [exp($this->log - $half), exp($this->log + $half)];
    }
}
