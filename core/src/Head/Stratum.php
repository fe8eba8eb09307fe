<?php

declare(strict_types=1);

namespace Nagomi\Core\Head;

use Nagomi\Core\Parameters\Parameters;

/** Hair of one head that shares porosity and strand, wherever it grows; it is treated and followed as one. */
final readonly class Stratum
{
    /**
     * @param string               $name         by where it grows; {@see StratumName}
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
        public Parameters $parameters,
        public float $treatedShare = 0.0,
        public array $zoneShares = [],
        public array $partShares = [],
    ) {
    }

    /** The moisture reserve this hair does best at, 0 to 100. */
    public function targetMoisture(): float
    {
        $model = $this->parameters->model;

        return $model->targetMoisture + $model->moistureTargetByStrand[$this->strand->value];
    }

    /** The protein reserve this hair does best at, 0 to 100. */
    public function targetProtein(bool $proteinSensitive): float
    {
        $model = $this->parameters->model;

        return $model->targetProtein
            + $model->proteinTargetByPorosity[$this->porosity->value]
            + $model->proteinTargetByStrand[$this->strand->value]
            + ($proteinSensitive ? $model->proteinTargetWhenSensitive : 0.0);
    }
}
