<?php

declare(strict_types=1);

namespace Nagomi\Core\Products;

use DateTimeImmutable;

/** What is left of a product and until when it is good. */
final readonly class Stock
{
    /**
     * @param float                  $leftMl         in the open bottle and those in reserve
     * @param DateTimeImmutable|null $openedOn       null: not opened yet
     * @param int|null               $monthsOpen     period after opening; null where none is printed
     * @param DateTimeImmutable|null $madeOn         of a home-made batch
     * @param int|null               $keepsDays      how long that batch keeps
     */
    public function __construct(
        public float $leftMl,
        public ?DateTimeImmutable $openedOn = null,
        public ?int $monthsOpen = null,
        public ?DateTimeImmutable $madeOn = null,
        public ?int $keepsDays = null,
    ) {
    }

    /** The last day it is good on; null where nothing limits it. */
    public function goodUntil(): ?DateTimeImmutable
    {
        $ends = array_filter([
            $this->openedOn !== null && $this->monthsOpen !== null
                ? self::plusMonths($this->openedOn, $this->monthsOpen)
                : null,
            $this->madeOn !== null && $this->keepsDays !== null
                ? $this->madeOn->modify("+{$this->keepsDays} days")
                : null,
        ]);

        return $ends === [] ? null : min($ends);
    }

    /** Whole days until it runs out, at so much a day; null where nothing uses it. */
    public function daysLeft(float $mlADay): ?int
    {
        return $mlADay > 0 ? (int) floor($this->leftMl / $mlADay) : null;
    }

    /** The same day so many months on, or the last of that month. */
    private static function plusMonths(DateTimeImmutable $day, int $months): DateTimeImmutable
    {
        $first = $day->modify('first day of this month')->modify("+{$months} months");
        $last = (int) $first->format('t');

        return $first->setDate(
            (int) $first->format('Y'),
            (int) $first->format('n'),
            min((int) $day->format('j'), $last),
        );
    }
}
