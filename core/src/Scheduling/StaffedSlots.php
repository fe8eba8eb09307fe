<?php

declare(strict_types=1);

namespace Nagomi\Core\Scheduling;

use WeakMap;

/**
 * The slots in which somebody is in the salon, breaks included: whoever sits under a hood or a cap that is hot is within
 * call of somebody then.
 */
final class StaffedSlots
{
    /** @var WeakMap<SalonDay, self>|null of days that are being laid out */
    private static ?WeakMap $known = null;

    /** @param array<int, int> $runs slots that are staffed without a stop, by the slot they begin in */
    private function __construct(private readonly array $runs)
    {
    }

    public static function of(SalonDay $day): self
    {
        self::$known ??= new WeakMap();

        return self::$known[$day] ??= self::slotBySlot($day);
    }

    public function has(int $slot, int $count): bool
    {
        return $count <= 0 || ($this->runs[$slot] ?? 0) >= $count;
    }

    private static function slotBySlot(SalonDay $day): self
    {
        $runs = [$day->slots => 0];
        for ($slot = $day->slots - 1; $slot >= 0; $slot--) {
            $runs[$slot] = self::isStaffed($day, $day->minute($slot)) ? $runs[$slot + 1] + 1 : 0;
        }

        return new self($runs);
    }

    private static function isStaffed(SalonDay $day, int $minute): bool
    {
        foreach ($day->hours as $hands => $spans) {
            $isThere = $minute >= $spans[0][0] && $minute < $spans[count($spans) - 1][1];
            foreach ($day->away[$hands] ?? [] as [$from, $until]) {
                $isThere = $isThere && ($minute < $from || $minute >= $until);
            }
            if ($isThere) {
                return true;
            }
        }

        return false;
    }
}
