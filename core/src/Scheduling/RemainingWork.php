<?php

declare(strict_types=1);

namespace Nagomi\Core\Scheduling;

use Nagomi\Core\Parameters\SchedulingParameters;

/** What is left of a sitting that has begun. */
final class RemainingWork
{
    /**
     * @param list<WorkSegment> $stretches   as planned
     * @param int           $begun       minute of the day
     * @param int           $now         minute of the day
     * @param float         $overMinutes what its hands take longer than planned
     *
     * @return Appointment|null null where only waiting is left, which needs no hands
     */
    public static function left(
        string $key,
        array $stretches,
        string $hands,
        int $begun,
        int $now,
        SchedulingParameters $parameters,
        float $overMinutes = 0.0,
    ): ?Appointment {
        $passed = (float) max(0, $now - $begun);
        foreach ($stretches as $i => $stretch) {
            $rest = array_slice($stretches, $i + 1);
            $mine = $stretch->handsMinutes + ($rest === [] || $passed < $stretch->handsMinutes ? $overMinutes : 0.0);
            if ($passed < $mine) {
                $left = [$mine - $passed, $stretch->waitingMinutes, $stretch->spread, $stretch->waitingSpread];

                $from = self::onGrid($now, $parameters);

                return self::work($key, $hands, $begun, [new WorkSegment(...$left), ...$rest], $from);
            }
            if ($rest !== [] && $passed < $mine + $stretch->waitingMinutes) {
                $ready = self::onGrid((int) ceil($now + $mine + $stretch->waitingMinutes - $passed), $parameters);

                $latest = $ready + $parameters->mostHoldMinutes;

                return self::work($key, $hands, $begun, $rest, $ready, $latest);
            }
            $passed -= $mine + $stretch->waitingMinutes;
        }
        $last = $stretches[count($stretches) - 1];
        if ($last->waitingMinutes > 0 && $passed < 0) {
            return null;
        }

        // Longer than planned, and nobody said it is done: hands are taken to be at it still.
        $more = [new WorkSegment($parameters->gridMinutes)];

        return self::work($key, $hands, $begun, $more, self::onGrid($now, $parameters));
    }

    /** @param list<WorkSegment> $stretches */
    private static function work(
        string $key,
        string $hands,
        int $begun,
        array $stretches,
        int $from,
        ?int $latest = null,
    ): Appointment {
        return new Appointment($key, $stretches, $from, $from, $hands, $latest ?? $from, $begun);
    }

    private static function onGrid(int $minute, SchedulingParameters $parameters): int
    {
        return (int) ceil($minute / $parameters->gridMinutes) * $parameters->gridMinutes;
    }
}
