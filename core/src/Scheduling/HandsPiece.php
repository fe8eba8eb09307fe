<?php

declare(strict_types=1);

namespace Nagomi\Core\Scheduling;

use Nagomi\Core\WashDay\WashDayStep;

/** Steps of a wash day that follow on one another: hands are on the hair from when to when, and what waits then. */
final readonly class HandsPiece
{
    /**
     * @param float      $start    minutes from the beginning of the day
     * @param float      $end      the same
     * @param float      $variance of the hands' minutes
     * @param float      $spread   of the logarithm of the waiting minutes after it
     * @param float|null $hold     minutes that what waits may sit on beyond its time; null: as long as anything may
     * @param list<EquipmentUse> $uses what the hands need, and when
     */
    private function __construct(
        public float $start,
        public float $end,
        private float $variance,
        public float $spread,
        public ?float $hold,
        public ?HeatedWait $heat,
        private array $uses = [],
    ) {
    }

    public static function of(WashDayStep $step, float $start): self
    {
        return (new self($start, $start, 0.0, $step->waitSpread, null, null))->followedBy($step, $start);
    }

    public function followedBy(WashDayStep $step, float $start): self
    {
        $waits = $step->waitingMinutes;

        return new self(
            $this->start,
            $start + $step->handsOnMinutes,
            $this->variance + ($step->spread * $step->handsOnMinutes) ** 2,
            $waits > 0 ? $step->waitSpread : $this->spread,
            ContactLimit::shorter($this->hold, ContactLimit::holdMinutes($step->kind, $waits, $step->mostMinutes)),
            HeatedWait::scarcer($this->heat, HeatedWait::of($step->kind, $step->heat, $waits)),
            EquipmentUse::joined(
                $this->uses,
                Equipment::atHand($step->kind, $waits),
                $start - $this->start,
                $start - $this->start + $step->handsOnMinutes,
            ),
        );
    }

    /** @param float $until minutes from the beginning of the day at which hands are back, or it is through */
    public function segment(float $until): WorkSegment
    {
        $minutes = $this->end - $this->start;

        return new WorkSegment(
            $minutes,
            max(0.0, $until - $this->end),
            sqrt($this->variance) / $minutes,
            $this->spread,
            $this->hold,
            $this->heat,
            $this->uses,
        );
    }
}
