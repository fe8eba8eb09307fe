<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

/** One reserve, or one part of the build-up, of one stratum on drawn paths, on its scale of 0 to 100. */
interface PathReserve
{
    /**
     * One step more: so many points for a point, and so many besides.
     *
     * @param array<int, float> $scale by path on which it is done
     * @param array<int, float> $shift points, by the same paths
     */
    public function then(array $scale, array $shift): void;
}
