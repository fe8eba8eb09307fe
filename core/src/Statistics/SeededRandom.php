<?php

declare(strict_types=1);

namespace Nagomi\Core\Statistics;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** Random numbers from a seed; the same seed gives the same numbers on every machine. */
final class SeededRandom
{
    private readonly Randomizer $randomizer;

    public function __construct(int $seed)
    {
        $this->randomizer = new Randomizer(new Mt19937($seed));
    }

    /** Uniform on 0 (open) to 1 (closed). */
    public function uniform(): float
    {
        return ($this->randomizer->getInt(0, 999_999_999) + 1) / 1_000_000_000;
    }

    public function happens(float $probability): bool
    {
        return $this->uniform() <= $probability;
    }

    public function between(int $least, int $most): int
    {
        return $this->randomizer->getInt($least, $most);
    }

    /** Normal by Box and Muller. */
    public function normal(float $mean = 0.0, float $sd = 1.0): float
    {
        return $mean + $sd * sqrt(-2 * log($this->uniform())) * cos(2 * M_PI * $this->uniform());
    }

    /** Student's t with 5 degrees of freedom, scaled to standard deviation 1. */
    public function heavyTailed(): float
    {
        $chiSquared = 0.0;
        for ($i = 0; $i < 5; $i++) {
            $chiSquared += $this->normal() ** 2;
        }

        return $this->normal() / sqrt($chiSquared / 5) / sqrt(5 / 3);
    }

    /** Poisson by Knuth's product; negative binomial where the mean itself varies. */
    public function poisson(float $mean): int
    {
        if ($mean > 60) {
            return max(0, (int) round($this->normal($mean, sqrt($mean))));
        }
        $limit = exp(-$mean);
        $product = $this->uniform();
        for ($count = 0; $product > $limit; $count++) {
            $product *= $this->uniform();
        }

        return $count;
    }

    /** Gamma of whole shape and mean 1. */
    public function gamma(int $shape): float
    {
        $sum = 0.0;
        for ($i = 0; $i < $shape; $i++) {
            $sum -= log($this->uniform());
        }

        return $sum / $shape;
    }
}
