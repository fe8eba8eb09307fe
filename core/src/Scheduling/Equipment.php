<?php

declare(strict_types=1);

namespace Nagomi\Core\Scheduling;

use Nagomi\Core\WashDay\WashStepKind;

/** What a salon has a few of, beside chairs. */
enum Equipment: string
{
    case Basin = 'basin';
    case Dryer = 'dryer';
    case Hood = 'hood';

    /** What hands need in a step: water runs at a basin, a diffuser is on a hand dryer (common practice, no source). */
    public static function atHand(WashStepKind $kind, float $waitingMinutes): ?self
    {
        return match ($kind) {
            WashStepKind::WetThrough, WashStepKind::Cleanse, WashStepKind::Rinse, WashStepKind::HerbRinse
                => self::Basin,
            WashStepKind::Dry => $waitingMinutes > 0 ? null : self::Dryer,
            default => null,
        };
    }
}
