<?php

declare(strict_types=1);

namespace App\Bridge\Learning;

use Nagomi\Core\Estimation\ReadingNoise;
use Nagomi\Core\Learning\FourOfFive;

/** How much the results of one stylist, or of one hair test, scatter beside what is usual. */
final readonly class KnownScatter
{
    /** So many are looked at that nineteen of twenty would be too few: 199 of 200 who scatter as usual stay below. */
    private const CLEAR_FROM_SD = 2.576;

    /** Less than that above the usual nobody has to look into, however sure it is. */
    private const WORTH_SAYING = 1.1;

    /**
     * @param float               $times   the usual
     * @param array{float, float} $between 80 % interval of it
     * @param int                 $counts  what one result counts for, in % of a usual one, in the mean; 100 where they
     *     scatter no more than usual: what else a result counts less for is told beside that
     * @param bool                $isClear whether they scatter clearly more
     */
    private function __construct(
        public float $times,
        public array $between,
        public int $results,
        public int $counts,
        public bool $isClear,
    ) {
    }

    /**
     * @param array{log: float|int, sd: float|int, readings: int} $stored
     * @param list<float> $factors what the noise of its readings is multiplied by
     */
    public static function of(array $stored, array $factors): self
    {
        $noise = new ReadingNoise((float) $stored['log'], (float) $stored['sd'], $stored['readings']);
        $times = $noise->factor();

        return new self(
            $times,
            $noise->between(FourOfFive::SDS),
            $noise->readings,
            $times <= 1.0 ? 100 : self::percent($factors),
            $noise->log > self::CLEAR_FROM_SD * $noise->sd && $times >= self::WORTH_SAYING,
        );
    }

    /** @param list<float> $factors */
    private static function percent(array $factors): int
    {
        $counts = array_map(static fn (float $factor): float => $factor ** -2, $factors);

        return (int) round(100 * array_sum($counts) / max(1, count($counts)));
    }
}
