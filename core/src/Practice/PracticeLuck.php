<?php

declare(strict_types=1);

namespace Nagomi\Core\Practice;

use Nagomi\Core\Statistics\SeededRandom;

/**
 * Chance of one practice case: each event of each day has its own, whatever was decided before. So two who play the same
 * case, or one who decides otherwise once, have the same luck in all that is the same.
 */
final readonly class PracticeLuck
{
    public function __construct(private int $seed)
    {
    }

    /**
     * @param string $what what happens by chance, such as a test or a step by its kind
     * @param int    $day  counted from the first day of the case
     */
    public function of(string $what, int $day): SeededRandom
    {
        return new SeededRandom(crc32("{$this->seed}|{$day}|{$what}"));
    }
}
