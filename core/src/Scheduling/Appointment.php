<?php

declare(strict_types=1);

namespace Nagomi\Core\Scheduling;

use InvalidArgumentException;
use Nagomi\Core\Parameters\SchedulingParameters;

/** One client's time in the salon, or what is left of it: its stretches, when it can begin and what was promised. */
final readonly class Appointment
{
    /**
     * @param list<WorkSegment> $stretches     in their order
     * @param int           $earliest      minute of the day from which the client can be there
     * @param int|null      $promised      minute of the day that was promised; null: not promised yet
     * @param string|null   $hands         whose; null: any of the day's
     * @param int|null      $latest        minute after which it must not begin; null: any time of the day
     * @param int|null      $inChairSince  minute from which a chair is taken, where it is under way
     * @param int           $ownDelay      minutes after the promised time that the client comes, or came, by own doing
     * @param int           $mayHold       minutes that what is under way may sit on before hands come back
     * @param bool          $stays         with these hands: no others are proposed
     * @param bool          $isUnderHood   until hands come back
     *
     * @throws InvalidArgumentException without a stretch, or for a delay or hold below 0
     */
    public function __construct(
        public string $key,
        public array $stretches,
        public int $earliest = 0,
        public ?int $promised = null,
        public ?string $hands = null,
        public ?int $latest = null,
        public ?int $inChairSince = null,
        public int $ownDelay = 0,
        public int $mayHold = 0,
        public bool $stays = false,
        public bool $isUnderHood = false,
    ) {
        if ($ownDelay < 0 || $mayHold < 0) {
            throw new InvalidArgumentException("{$key}: give 0 or more minutes of delay and of hold.");
        }
        if ($stretches === []) {
            throw new InvalidArgumentException("{$key}: give at least one stretch.");
        }
    }

    /** Before this minute nobody begins: not before the client is there, nor before the promised time. */
    public function from(): int
    {
        return max($this->earliest, ($this->promised ?? 0) + $this->ownDelay);
    }

    /** The same with other hands. */
    public function with(string $hands): self
    {
        return new self(
            $this->key,
            $this->stretches,
            $this->earliest,
            $this->promised,
            $hands,
            $this->latest,
            $this->inChairSince,
            $this->ownDelay,
            $this->mayHold,
            $this->stays,
            $this->isUnderHood,
        );
    }

    public function isUnderWay(): bool
    {
        return $this->inChairSince !== null;
    }

    /**
     * Minutes waited for the salon: from what was promised or from when a late client comes; or else from when the
     * client can be there.
     */
    public function waited(int $start): int
    {
        return max(0, $start - ($this->promised === null ? $this->earliest : $this->promised + $this->ownDelay));
    }

    /** What a beginning at a minute costs, in minutes waited as they are weighed. */
    public function costOfWaiting(int $start, SchedulingParameters $parameters): float
    {
        $waited = $this->waited($start);
        // Hands do not leave a head in the middle of the work to begin another.
        if ($this->isUnderWay()) {
            $held = min($waited, $this->mayHold);

            return $parameters->costOfAMinute['held'] * $held
                + $parameters->costOfAMinute['promised'] * $parameters->underWayWeighs * ($waited - $held);
        }

        return $waited * $parameters->costOfAMinute[match (true) {
            $this->promised === null => 'wished',
            $this->ownDelay > $parameters->punctualWithinMinutes => 'late',
            default => 'promised',
        }];
    }

    /** What it costs to find no place: who sits in the chair is never sent away for anybody who is still to come. */
    public function costOfNoPlace(SchedulingParameters $parameters): float
    {
        return $parameters->costOfNoPlace * ($this->isUnderWay() ? $parameters->underWayWeighs : 1.0);
    }
}
