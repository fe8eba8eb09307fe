<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

/**
 * What a row of steps makes of whatever stands on drawn paths: a straight line of what it was, kept between two ends. A
 * step is such a line itself, and one after the other is one again; so that a wash day that is rolled over often is
 * worked out once.
 */
final class PathLine implements PathReserve
{
    /** @var array<int, float> points for a point, by path */
    private array $scale;

    /** @var array<int, float> points, by path */
    private array $shift;

    /** @var array<int, float> points it comes to at least, by path */
    private array $least;

    /** @var array<int, float> points it comes to at most, by path */
    private array $most;

    /** Before any step: as it was. */
    public function __construct(int $count)
    {
        $this->scale = array_fill(0, $count, 1.0);
        $this->shift = $this->least = array_fill(0, $count, 0.0);
        $this->most = array_fill(0, $count, 100.0);
    }

    public function then(array $scale, array $shift): void
    {
        [$scales, $shifts, $leasts, $mosts] = [$this->scale, $this->shift, $this->least, $this->most];
        foreach ($scale as $path => $by) {
            $add = $shift[$path];
            $scales[$path] *= $by;
            $shifts[$path] = $by * $shifts[$path] + $add;
            $least = $by * $leasts[$path] + $add;
            $most = $by * $mosts[$path] + $add;
            if ($by < 0.0) {
                [$least, $most] = [$most, $least];
            }
            $leasts[$path] = $least < 0.0 ? 0.0 : ($least > 100.0 ? 100.0 : $least);
            $mosts[$path] = $most < 0.0 ? 0.0 : ($most > 100.0 ? 100.0 : $most);
        }
        [$this->scale, $this->shift, $this->least, $this->most] = [$scales, $shifts, $leasts, $mosts];
    }

    /**
     * @param array<int, float> $values by path, of which some may be left out
     *
     * @return array<int, float>
     */
    public function on(array $values): array
    {
        [$scale, $shift, $least, $most] = [$this->scale, $this->shift, $this->least, $this->most];
        foreach ($values as $path => $value) {
            $value = $scale[$path] * $value + $shift[$path];
            $values[$path] = $value < $least[$path] ? $least[$path] : ($value > $most[$path] ? $most[$path] : $value);
        }

        return $values;
    }

    /** @return list<self> by stratum */
    public static function each(int $strata, int $count): array
    {
        $lines = [];
        for ($s = 0; $s < $strata; $s++) {
            $lines[] = new self($count);
        }

        return $lines;
    }
}
