<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use DateTimeImmutable;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Wording\Message;
use Nagomi\Core\Wording\RefusedInput;

/** Something that is kept to from one day to another, both of them included. */
final readonly class Programme
{
    /** A first month over, a mask comes every other week. */
    private const MASK_AFTERWARDS_DAYS = 14;

    private const MASK_WEEKLY_DAYS = 7;

    /** @throws RefusedInput where it ends before it begins */
    public function __construct(
        public ProgrammeKind $kind,
        public DateTimeImmutable $from,
        public DateTimeImmutable $until,
    ) {
        if ($until < $from) {
            throw new RefusedInput(Message::of('refusals.programmes'));
        }
    }

    public function includes(DateTimeImmutable $day): bool
    {
        return $day >= $this->from && $day <= $this->until;
    }

    /** Days between two masks at most on a day; null where it says nothing of masks. */
    public function maskWithinDays(DateTimeImmutable $day): ?int
    {
        return match (true) {
            $this->kind === ProgrammeKind::WeeklyMask => self::MASK_WEEKLY_DAYS,
            $this->kind !== ProgrammeKind::FirstMonth => null,
            Calendar::daysBetween($this->from, $day) < ProgrammeKind::FIRST_MONTH_DAYS => self::MASK_WEEKLY_DAYS,
            default => self::MASK_AFTERWARDS_DAYS,
        };
    }
}
