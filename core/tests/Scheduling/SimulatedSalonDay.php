<?php

declare(strict_types=1);

namespace Nagomi\Core\Tests\Scheduling;

use Nagomi\Core\Parameters\SchedulingParameters;
use Nagomi\Core\Scheduling\Appointment;
use Nagomi\Core\Scheduling\DaySchedule;
use Nagomi\Core\Scheduling\Exchanges;
use Nagomi\Core\Scheduling\FreeSlots;
use Nagomi\Core\Scheduling\SalonDay;
use Nagomi\Core\Scheduling\Scheduler;
use Nagomi\Core\Scheduling\WorkSegment;
use Nagomi\Core\Statistics\SeededRandom;

/**
 * One invented day of a salon, played minute by minute: three stylists, each booked as the book would take it; clients
 * who are on time, late, silent or do not come, work that takes as long as such work does, and now and then a stylist
 * who goes home ill. Hands do what the layout of the moment says. The one thing they do by themselves is what every
 * stylist does: what must come off comes off on the minute, whoever's hair is left lying for it.
 */
final class SimulatedSalonDay
{
    private const OPENS = 540;
    private const LUNCH = [750, 795];
    private const CLOSES = 1080;

    /** @var array<string, SimulatedClient> */
    private array $clients = [];

    /** @var array<string, int> minute from which these hands are away */
    private array $away = [];

    private function __construct(
        private readonly SeededRandom $chance,
        private readonly SchedulingParameters $parameters,
        private readonly float $slowness,
    ) {
    }

    /**
     * @param float $slowness times that work takes what was planned
     *
     * @return list<SimulatedClient> as the day went for each
     */
    public static function played(int $seed, SchedulingParameters $parameters, float $slowness = 1.0): array
    {
        $day = new self(new SeededRandom($seed), $parameters, $slowness);
        $day->book();
        if ($day->chance->happens(0.03)) {
            $day->away['Wren'] = self::OPENS + 60 * $day->chance->between(1, 6);
        }
        for ($now = self::OPENS; $now < self::CLOSES + 240; $now++) {
            $day->minute($now);
        }

        return array_values($day->clients);
    }

    /** Booked as the book takes it: at times at which there is room beside all others, four to each stylist or so. */
    private function book(): void
    {
        $appointments = [];
        $day = new SalonDay($this->hours(0), 6, $this->parameters);
        for ($i = 0; $i < 13; $i++) {
            $hands = ['Ilse', 'Quim', 'Wren'][$i % 3];
            $stretches = $this->service();
            $asked = new Appointment('new', $stretches, 0, null, $hands);
            $free = FreeSlots::in(Scheduler::of($day, $appointments), $asked, 60);
            if ($free === []) {
                continue;
            }
            $start = $free[$this->chance->between(0, count($free) - 1)]->start();
            $appointments[] = new Appointment("client {$i}", $stretches, $start, $start, $hands);
            [$late, $told] = $this->habit();
            $key = "client {$i}";
            $this->clients[$key] = new SimulatedClient($key, $stretches, $start, $hands, $late, $told, $this->slowness);
        }
    }

    /** @return array{int|null, int} minutes the client comes late, null: never; and is heard of before the time */
    private function habit(): array
    {
        return match (true) {
            $this->chance->happens(0.05) => [null, 0],
            $this->chance->happens(0.12) => [$this->chance->between(6, 35), 10 * $this->chance->between(0, 2)],
            default => [0, 0],
        };
    }

    /** @return non-empty-list<WorkSegment> */
    private function service(): array
    {
        return match ($this->chance->between(0, 3)) {
            0 => [new WorkSegment(45)],
            1 => [new WorkSegment(30, 30), new WorkSegment(25)],
            2 => [new WorkSegment(25, 10, mostHoldMinutes: 0.0), new WorkSegment(10, 20), new WorkSegment(30)],
            default => [new WorkSegment(40, 20, mostHoldMinutes: 10.0), new WorkSegment(35, 30)],
        };
    }

    /** @return non-empty-array<string, non-empty-list<array{int, int}>> of who is there at a minute */
    private function hours(int $now): array
    {
        $spans = [[self::OPENS, self::LUNCH[0]], [self::LUNCH[1], self::CLOSES]];
        $hours = ['Ilse' => $spans, 'Quim' => $spans];

        return $now >= ($this->away['Wren'] ?? PHP_INT_MAX) ? $hours : $hours + ['Wren' => $spans];
    }

    private function minute(int $now): void
    {
        $changed = $now % 5 === 0;
        foreach ($this->clients as $client) {
            $changed = $client->comes($now) || $changed;
            $changed = $client->endsStretch($now) || $changed;
        }
        $this->rinseWhatIsDue($now);
        if (! $changed) {
            return;
        }
        $schedule = $this->schedule($now);
        foreach (Exchanges::of($schedule) as $exchange) {
            // Three of four agree; who does not is not asked again.
            $client = $this->clients[$exchange->appointment->key];
            if ($client->agrees($this->chance)) {
                $client->hands = $exchange->placement->hands;
                $client->promised = max($client->promised, $exchange->placement->start());
            }
            $schedule = $this->schedule($now);
            break;
        }
        $this->begin($schedule, $now);
    }

    private function schedule(int $now): DaySchedule
    {
        $appointments = $seated = [];
        $also = null;
        $sitting = 0;
        foreach ($this->clients as $client) {
            if ($client->isIn($now)) {
                $sitting++;
                $left = $client->left($now, $this->parameters);
                $also = [$now, max($also[1] ?? 0, (int) ceil($left->until) + 240)];
                $begun = $client->begun ?? $now;
                $appointment = $left->appointment($client->key, $client->hands, $begun, $this->parameters);
                $appointments[] = $appointment;
                if ($appointment === null) {
                    $seated[$client->key] = [$now, (int) ceil($left->until)];
                }
            } else {
                $appointments[] = $client->toCome($now, $this->parameters);
            }
        }
        $day = new SalonDay($this->hours($now), max(6, $sitting), $this->parameters, $seated, $also);

        return Scheduler::of($day, array_values(array_filter($appointments)));
    }

    /** Hands that are free begin what the layout has them begin by now. */
    private function begin(DaySchedule $schedule, int $now): void
    {
        foreach ($schedule->placed as $key => $placement) {
            $client = $this->clients[$key];
            $isThere = isset($schedule->day->hours[$placement->hands]);
            if (
                $isThere
                    && $placement->start() <= $now + 1
                    && $client->wantsHands($now)
                    && $this->isFree($placement->hands, $now)
            ) {
                $client->hands = $placement->hands;
                $client->begin($now, $this->chance, $this->parameters);
            }
        }
    }

    private function isFree(string $hands, int $now): bool
    {
        foreach ($this->clients as $client) {
            if ($client->hands === $hands && $client->keepsHands($now)) {
                return false;
            }
        }

        return true;
    }

    /** What may sit no longer is taken off, by free hands or by those that leave another head for it. */
    private function rinseWhatIsDue(int $now): void
    {
        foreach ($this->clients as $client) {
            if (! $client->mustComeOff($now, $this->parameters)) {
                continue;
            }
            foreach ($this->clients as $other) {
                if ($other !== $client && $other->hands === $client->hands && $other->isWorkedOn()) {
                    $other->pause($now);
                }
            }
            $client->begin($now, $this->chance, $this->parameters);
        }
    }
}
