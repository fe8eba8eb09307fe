<?php

declare(strict_types=1);

namespace Nagomi\Core\Estimation;

use Nagomi\Core\Treatments\StratumEffect;

/** A step of a wash day as it was told, or one that was not told of, and what may really have been done. */
final readonly class PossibleStep
{
    /**
     * @param string $subject as the ledger names it
     * @param bool   $isTold  false: it stands in no record, and is taken to have been done with some probability
     * @param non-empty-list<array{float, list<StratumEffect>}> $choices probability, and effects one for each stratum
     * @param float|null $asTold probability that it was done as it was told; null: it was not told of
     * @param bool   $isLastCleanse what is read after cleansing is read after it
     */
    public function __construct(
        public string $subject,
        public bool $isTold,
        public array $choices,
        public ?float $asTold,
        public bool $isLastCleanse = false,
    ) {
    }
}
