<?php

declare(strict_types=1);

namespace Nagomi\Core\WashDay;

use DateTimeImmutable;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Planning\PlanItem;

/**
 * The days of a plan at the pace of each: how long after the one before it lies, and whether a style comes down on it.
 */
final readonly class PlannedPaces
{
    /**
     * @param list<PlanItem>         $items      in order
     * @param Pace                   $pace       of the head, on a usual day
     * @param DateTimeImmutable|null $last       day of the last detangling; null: none is known
     * @param DateTimeImmutable|null $takeDownOn day on which the style that is worn comes down; null: none is worn
     *
     * @return list<array{item: PlanItem, pace: Pace}>
     */
    public static function of(
        array $items,
        Head $head,
        Pace $pace,
        ?DateTimeImmutable $last,
        ?DateTimeImmutable $takeDownOn,
    ): array {
        $paced = [];
        foreach ($items as $item) {
            $own = $pace->on(
                DetanglingHistory::gapTimes($head, $last, $item->date),
                $takeDownOn?->format('Y-m-d') === $item->date->format('Y-m-d'),
            );
            $paced[] = ['item' => $item, 'pace' => $own];
            $last = $item->choice->inStyle ? $last : $item->date;
        }

        return $paced;
    }
}
