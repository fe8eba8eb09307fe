<?php

declare(strict_types=1);

namespace App\Pages\Trends;

use App\Drawings\TrendLine;

/** One sign of a head over months: what it is now, whether it changed, its picture and its table. */
final readonly class Trend
{
    /**
     * @param string         $sign    key of the sign, or 'wear'
     * @param float          $last    the newest value, in $unit
     * @param string         $behind  its unit and name as they stand behind that value
     * @param bool           $changed beyond what is usual for this head
     * @param list<TrendRow> $rows    newest first
     */
    public function __construct(
        public string $sign,
        public string $name,
        public string $unit,
        public float $last,
        public string $behind,
        public string $says,
        public bool $changed,
        public TrendLine $picture,
        public array $rows,
    ) {
    }
}
