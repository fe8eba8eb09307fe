<?php

declare(strict_types=1);

namespace Nagomi\Core\WashDay;

/** What the order of a wash day hangs on of one of its steps. */
final readonly class OrderedStep
{
    /**
     * @param float      $onMinutes    it is meant to be on, or to go on by itself; 0: not at all
     * @param float|null $leastMinutes it has to be on before what waits for it
     * @param float|null $mostMinutes  it may be on
     * @param bool       $isStrong     strong protein
     * @param bool       $isBefore     put on the evening before
     */
    public function __construct(
        public string $key,
        public WashStepKind $kind,
        public float $onMinutes = 0.0,
        public ?float $leastMinutes = null,
        public ?float $mostMinutes = null,
        public bool $isStrong = false,
        public bool $isBefore = false,
    ) {
    }
}
