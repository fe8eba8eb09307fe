<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

/** What can be kept to for some weeks, so that the plan keeps to it as well. Common practice, no source. */
enum ProgrammeKind: string
{
    case WeeklyMask = 'weekly-mask';
    /** A mask each week for four weeks builds a base; every other week keeps it. */
    case FirstMonth = 'first-month';
    case NoProtein = 'no-protein';
    case NoOils = 'no-oils';
    case GentleCleansing = 'gentle-cleansing';
    case AlternateCoWash = 'alternate-co-wash';
    case PreWash = 'pre-wash';
    case NoHeat = 'no-heat';

    /** Days of a first month. */
    public const FIRST_MONTH_DAYS = 28;

    /** How long it usually takes for a change to show. */
    public function weeks(): int
    {
        return match ($this) {
            self::WeeklyMask, self::GentleCleansing, self::PreWash => 4,
            self::NoOils => 5,
            self::NoProtein, self::NoHeat, self::AlternateCoWash => 6,
            self::FirstMonth => 12,
        };
    }

    /** Asked for once a week; the others on each wash day. */
    public function isWeekly(): bool
    {
        return $this === self::WeeklyMask;
    }

    /** Whether both cannot be kept to on the same day: they say the same thing twice, or two things of one. */
    public function contradicts(self $other): bool
    {
        return $this === $other || $this->about() === $other->about();
    }

    private function about(): string
    {
        return match ($this) {
            self::WeeklyMask, self::FirstMonth => 'masks',
            self::GentleCleansing, self::AlternateCoWash => 'cleansing',
            default => $this->value,
        };
    }
}
