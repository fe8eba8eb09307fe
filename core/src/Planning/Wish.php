<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use DateTimeImmutable;
use Nagomi\Core\Wording\Message;
use Nagomi\Core\Wording\RefusedInput;

/** Something wished of a plan from one day to another, both included: no masks for a while, washed oftener. */
final readonly class Wish
{
    /** What can be left out: the treatments of a plan, and protein of any strength. */
    public const TREATMENTS = ['mask', 'protein', 'strong-protein', 'clarifying', 'heat', 'co-wash'];

    public const FEWEST_DAYS = 2;
    public const MOST_DAYS = 35;

    /**
     * @param string|null $what to leave out; null for another kind of wish
     * @param int|null    $days between two wash days, 2 to 35; null for another kind of wish
     *
     * @throws RefusedInput where it ends before it begins, or says too little or too much
     */
    public function __construct(
        public WishKind $kind,
        public DateTimeImmutable $from,
        public DateTimeImmutable $until,
        public ?string $what = null,
        public ?int $days = null,
    ) {
        if ($until < $from) {
            throw new RefusedInput(Message::of('refusals.wishes.span'));
        }
        if ($kind === WishKind::LeaveOut && ($days !== null || ! in_array($what, self::TREATMENTS, true))) {
            throw new RefusedInput(Message::of('refusals.wishes.treatment', treatments: self::TREATMENTS));
        }
        if (
            $kind === WishKind::WashEvery
                && ($what !== null || $days === null || $days < self::FEWEST_DAYS || $days > self::MOST_DAYS)
        ) {
            throw new RefusedInput(
                Message::of('refusals.wishes.days', least: self::FEWEST_DAYS, most: self::MOST_DAYS),
            );
        }
    }

    public function includes(DateTimeImmutable $day): bool
    {
        return $day >= $this->from && $day <= $this->until;
    }

    /** Whether a treatment of {@see PlanTerms::TREATMENTS} stays out by it. */
    public function leavesOut(string $treatment): bool
    {
        return $this->kind === WishKind::LeaveOut
            && ($this->what === $treatment || $this->what === 'protein' && str_ends_with($treatment, '-protein'));
    }
}
