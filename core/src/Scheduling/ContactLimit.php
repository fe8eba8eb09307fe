<?php

declare(strict_types=1);

namespace Nagomi\Core\Scheduling;

use Nagomi\Core\WashDay\WashStepKind;

/** How long what sits may sit on beyond its time, where hands are busy elsewhere. */
final class ContactLimit
{
    /**
     * Protein is rinsed out on the minute: left on, it stiffens the hair (common practice, no source). All else stays
     * below what its bottle or the trade says it may be on.
     *
     * @param float      $waitingMinutes as planned
     * @param float|null $mostMinutes    it may be on in all; null: no limit
     *
     * @return float|null minutes; null: nothing waits, or as long as anything may
     */
    public static function holdMinutes(WashStepKind $kind, float $waitingMinutes, ?float $mostMinutes): ?float
    {
        return match (true) {
            $waitingMinutes <= 0 => null,
            $kind === WashStepKind::Protein => 0.0,
            $mostMinutes === null => null,
            default => max(0.0, $mostMinutes - $waitingMinutes),
        };
    }

    /** The shorter of two; null where neither limits. */
    public static function shorter(?float $one, ?float $other): ?float
    {
        return $one === null || $other === null ? $one ?? $other : min($one, $other);
    }
}
