<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use DateTimeImmutable;

/** All that was wished of one plan. */
final readonly class Wishes
{
    /** @param list<Wish> $all in the order they were made */
    public function __construct(public array $all = [])
    {
    }

    /** Whether a treatment was wished out of a day. */
    public function leaveOut(string $treatment, DateTimeImmutable $day): bool
    {
        foreach ($this->all as $wish) {
            if ($wish->leavesOut($treatment) && $wish->includes($day)) {
                return true;
            }
        }

        return false;
    }

    /** Days until the next wash, as wished for a day; null where nothing was. The latest wish counts. */
    public function washEvery(DateTimeImmutable $day): ?int
    {
        $days = null;
        foreach ($this->all as $wish) {
            $days = $wish->kind === WishKind::WashEvery && $wish->includes($day) ? $wish->days : $days;
        }

        return $days;
    }
}
