<?php

declare(strict_types=1);

namespace Nagomi\Core\Scheduling;

use InvalidArgumentException;

/** One head's time in the salon, or what is left of it: its stretches, when it can begin and what was promised. */
final readonly class Appointment
{
    /**
     * @param list<WorkSegment> $stretches     in their order
     * @param int           $earliest      minute of the day from which the client can be there
     * @param int|null      $promised      minute of the day she was promised; null: not promised yet
     * @param string|null   $hands         whose; null: any of the day's
     * @param int|null      $latest        minute after which it must not begin; null: any time of the day
     * @param int|null      $inChairSince  minute from which she has had a chair, where she is under way
     *
     * @throws InvalidArgumentException without a stretch
     */
    public function __construct(
        public string $key,
        public array $stretches,
        public int $earliest = 0,
        public ?int $promised = null,
        public ?string $hands = null,
        public ?int $latest = null,
        public ?int $inChairSince = null,
    ) {
        if ($stretches === []) {
            throw new InvalidArgumentException("{$key}: give at least one stretch.");
        }
    }

    /** Before this minute nobody begins: not before she is there, nor before the promised time. */
    public function from(): int
    {
        return max($this->earliest, $this->promised ?? 0);
    }

    /** Minutes waited at the door, counted from what was promised, or else from when she can be there. */
    public function waited(int $start): int
    {
        return max(0, $start - ($this->promised ?? $this->earliest));
    }
}
