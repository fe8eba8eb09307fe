<?php

declare(strict_types=1);

namespace Nagomi\Core\Head;

/** One part of one zone: what its hair is like. */
final readonly class ZonePart
{
    /** @param bool $chemicallyTreated coloured, bleached, relaxed or permed */
    public function __construct(
        public Zone $zone,
        public Part $part,
        public Porosity $porosity,
        public StrandDiameter $strand,
        public bool $chemicallyTreated = false,
    ) {
    }

    /** A root part is new growth: a fifth of the hair of its zone (chosen) where the zone has both parts. */
    public function shareOfHair(bool $zoneHasBothParts): float
    {
        if (! $zoneHasBothParts) {
            return $this->zone->shareOfHair();
        }

        return $this->zone->shareOfHair() * ($this->part === Part::Root ? 0.2 : 0.8);
    }
}
