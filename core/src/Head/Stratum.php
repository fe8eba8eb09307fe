<?php

declare(strict_types=1);

namespace Nagomi\Core\Head;

use Nagomi\Core\Parameters\ModelParameters;

/** Hair of one head that shares porosity and strand, wherever it grows; it is treated and followed as one. */
final readonly class Stratum
{
    /**
     * @param float                $share        share of the head's hair, 0 to 1
     * @param float                $treatedShare share of this stratum that is chemically treated, 0 to 1
     * @param array<string, float> $zoneShares   by zone value: which share of that zone's hair belongs here, 0 to 1
     * @param array<string, float> $partShares   by "zone part": share of the head's hair, 0 to 1
     */
    public function __construct(
        public string $name,
        public Porosity $porosity,
        public StrandDiameter $strand,
        public float $share,
        public float $treatedShare = 0.0,
        public array $zoneShares = [],
        public array $partShares = [],
    ) {
    }

    /** The moisture reserve this hair does best at, 0 to 100. */
    public function targetMoisture(): float
    {
        return ModelParameters::TARGET_MOISTURE + ModelParameters::MOISTURE_TARGET_BY_STRAND[$this->strand->value];
    }

    /** The protein reserve this hair does best at, 0 to 100. */
    public function targetProtein(bool $proteinSensitive): float
    {
        return ModelParameters::TARGET_PROTEIN
            + ModelParameters::PROTEIN_TARGET_BY_POROSITY[$this->porosity->value]
            + ModelParameters::PROTEIN_TARGET_BY_STRAND[$this->strand->value]
            + ($proteinSensitive ? ModelParameters::PROTEIN_TARGET_WHEN_SENSITIVE : 0.0);
    }
}
