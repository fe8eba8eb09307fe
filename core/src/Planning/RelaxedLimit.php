<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

/** One limit of a plan and what relaxing it alone would come to. */
final readonly class RelaxedLimit
{
    /**
     * @param int|null $to         minutes or days that the limit would be; null where it is lifted altogether
     * @param float    $daysOut    expected days out of balance with all limits
     * @param float    $daysGained fewer of them with this one relaxed
     * @param int|null $weekday    1 Monday to 7 Sunday, where the limit holds on that one
     */
    public function __construct(
        public Limit $limit,
        public ?int $to,
        public float $daysOut,
        public float $daysGained,
        public ?int $weekday = null,
    ) {
    }
}
