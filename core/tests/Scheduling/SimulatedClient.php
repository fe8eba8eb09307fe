<?php

declare(strict_types=1);

namespace Nagomi\Core\Tests\Scheduling;

use Nagomi\Core\Parameters\SchedulingParameters;
use Nagomi\Core\Scheduling\Appointment;
use Nagomi\Core\Scheduling\OpenStep;
use Nagomi\Core\Scheduling\RemainingWork;
use Nagomi\Core\Scheduling\RunningWork;
use Nagomi\Core\Scheduling\WorkSegment;
use Nagomi\Core\Statistics\SeededRandom;

/** One client of an invented day: what was booked, what happens, and what of it is known at the desk. */
final class SimulatedClient
{
    public ?int $begun = null;

    /** Times that hands left this head to take something off another. */
    public int $interrupted = 0;

    /** @var list<array{int, int}> minutes that something sat on beyond its time, and that it might */
    public array $held = [];

    public readonly int $firstPromised;

    private ?int $arrived = null;

    private int $stretch = 0;

    /** Minute at which the hands on this head are through; null: no hands are on it. */
    private ?float $handsUntil = null;

    /** Minute from which hands have been at the stretch, or are wanted for it. */
    private float $since = 0.0;

    private ?float $restMinutes = null;

    private int $cleanUntil = 0;

    private bool $stays = false;

    /**
     * @param non-empty-list<WorkSegment> $stretches
     * @param int|null                    $late minutes after the promise that the client comes; null: never
     * @param float                       $slowness times that work takes what was planned
     * @param int                         $told minutes before the promise at which that is told; 0: not at all
     */
    public function __construct(
        public readonly string $key,
        private readonly array $stretches,
        public int $promised,
        public string $hands,
        private readonly ?int $late,
        private readonly int $told,
        private readonly float $slowness = 1.0,
    ) {
        $this->firstPromised = $promised;
    }

    public function isPunctual(): bool
    {
        return $this->late === 0;
    }

    /** @return bool whether it is now that the client comes, or calls */
    public function comes(int $now): bool
    {
        if ($this->late !== null && $now === $this->firstPromised + $this->late) {
            $this->arrived = $now;
        }

        return $this->arrived === $now || $now === $this->firstPromised - $this->told;
    }

    public function endsStretch(int $now): bool
    {
        if ($this->handsUntil === null || $now < $this->handsUntil) {
            return false;
        }
        if ($this->stretch === count($this->stretches) - 1) {
            $this->cleanUntil = $now + 3;
        }
        $this->handsUntil = null;
        $this->since = $now + $this->stretches[$this->stretch]->waitingMinutes;
        $this->stretch++;

        return true;
    }

    public function isIn(int $now): bool
    {
        return $this->begun !== null && ($this->stretch < count($this->stretches) || $now < $this->since);
    }

    public function isWorkedOn(): bool
    {
        return $this->handsUntil !== null;
    }

    /** Hands are on this head, or on the tools they were done with. */
    public function keepsHands(int $now): bool
    {
        return $this->isWorkedOn() || $now < $this->cleanUntil;
    }

    public function wantsHands(int $now): bool
    {
        return $this->arrived !== null
            && $this->handsUntil === null
            && $this->stretch < count($this->stretches)
            && $now >= ($this->begun === null ? $this->promised : $this->since);
    }

    public function mustComeOff(int $now, SchedulingParameters $parameters): bool
    {
        return $this->stretch > 0 && $this->restMinutes === null && $this->wantsHands($now)
            && $now >= $this->since + $this->mayHold($parameters);
    }

    public function begin(int $now, SeededRandom $chance, SchedulingParameters $parameters): void
    {
        if ($this->stretch > 0 && $this->restMinutes === null) {
            $this->held[] = [(int) ($now - $this->since), $this->mayHold($parameters)];
        }
        $this->begun ??= $now;
        $segment = $this->stretches[$this->stretch];
        $minutes = $this->restMinutes
            ?? $this->slowness * $segment->handsMinutes * exp($segment->spread * $chance->normal());
        [$this->since, $this->handsUntil, $this->restMinutes] = [$now, $now + $minutes, null];
    }

    /** Hands leave this head for a moment. */
    public function pause(int $now): void
    {
        $this->restMinutes = max(1.0, ($this->handsUntil ?? $now) - $now);
        [$this->handsUntil, $this->since] = [null, $now];
        $this->interrupted++;
    }

    public function left(int $now, SchedulingParameters $parameters): RunningWork
    {
        $open = array_map(
            static fn (WorkSegment $segment): OpenStep => new OpenStep(
                $segment->handsMinutes,
                $segment->waitingMinutes,
                holdMinutes: $segment->mostHoldMinutes,
            ),
            array_slice($this->stretches, $this->stretch),
        );
        if ($open !== [] && $this->restMinutes !== null) {
            $segment = $this->stretches[$this->stretch];
            $open[0] = new OpenStep(
                $this->restMinutes,
                $segment->waitingMinutes,
                holdMinutes: $segment->mostHoldMinutes,
            );
        }
        $waits = $this->handsUntil === null && $this->restMinutes === null;

        return RunningWork::of(
            $open,
            $now,
            $this->since,
            $parameters,
            $waits ? $this->since : null,
            $waits ? $this->stretches[$this->stretch - 1]->mostHoldMinutes : null,
        );
    }

    /** @return Appointment|null as the desk knows it: null for who is set aside, or has been */
    public function toCome(int $now, SchedulingParameters $parameters): ?Appointment
    {
        $told = $this->late !== null && $this->told > 0 && $now >= $this->firstPromised - $this->told;
        $due = max($this->promised, $told ? $this->firstPromised + ($this->late ?? 0) : 0);
        if ($this->begun !== null || $this->arrived === null && $now >= $due + $parameters->asideFromMinutes) {
            return null;
        }
        $comes = $this->arrived ?? max($due, $now);

        return new Appointment(
            $this->key,
            $this->stretches,
            RemainingWork::onGrid(max($this->arrived === null ? $comes : 0, $now), $parameters),
            $this->promised,
            $this->hands,
            ownDelay: $comes <= $this->promised ? 0 : RemainingWork::onGrid($comes, $parameters) - $this->promised,
            stays: $this->stays || $this->arrived === null && $now >= $due + $parameters->silentFromMinutes,
        );
    }

    /** Three of four go to other hands when asked; who does not is not asked again. */
    public function agrees(SeededRandom $chance): bool
    {
        $this->stays = ! $chance->happens(0.75);

        return ! $this->stays;
    }

    private function mayHold(SchedulingParameters $parameters): int
    {
        return $this->stretches[$this->stretch - 1]->holdMinutes($parameters);
    }
}
