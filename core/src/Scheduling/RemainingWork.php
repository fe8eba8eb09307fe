<?php

declare(strict_types=1);

namespace Nagomi\Core\Scheduling;

use Nagomi\Core\Parameters\SchedulingParameters;

/** What is left of an appointment that has begun: it stays in its chair and keeps the hands it needs. */
final class RemainingWork
{
    /**
     * @param non-empty-list<WorkSegment> $stretches as planned
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
                $left = new WorkSegment(
                    $mine - $passed,
                    $stretch->waitingMinutes,
                    $stretch->spread,
                    $stretch->waitingSpread,
                    $stretch->mostHoldMinutes,
                    $stretch->heat,
                    array_values(array_filter(array_map(
                        static fn (EquipmentUse $use): ?EquipmentUse => $use->after($passed),
                        $stretch->uses,
                    ))),
                );

                $from = self::onGrid($now, $parameters);

                return self::work($key, $hands, $begun, [$left, ...$rest], $from, $parameters);
            }
            if ($rest !== [] && $passed < $mine + $stretch->waitingMinutes) {
                $ready = self::onGrid((int) ceil($now + $mine + $stretch->waitingMinutes - $passed), $parameters);
                $hold = $stretch->holdMinutes($parameters);

                return self::work($key, $hands, $begun, $rest, $ready, $parameters, $hold, $stretch->heat);
            }
            $passed -= $mine + $stretch->waitingMinutes;
        }
        $last = $stretches[count($stretches) - 1];
        if ($last->waitingMinutes > 0 && $passed < 0) {
            return null;
        }

        // Longer than planned, and nobody said it is done: hands are taken to be at it still.
        $more = [new WorkSegment($parameters->gridMinutes)];

        return self::work($key, $hands, $begun, $more, self::onGrid($now, $parameters), $parameters);
    }

    /**
     * What is left, as it is laid out with all others.
     *
     * @param non-empty-list<WorkSegment> $stretches
     * @param int                         $begun   minute of the day from which a chair is taken
     * @param int                         $from    minute of the day at which hands are wanted next
     * @param int                         $mayHold minutes that what sits may wait beyond that
     * @param HeatedWait|null             $heat    under which it waits for them; null: under none
     */
    public static function work(
        string $key,
        string $hands,
        int $begun,
        array $stretches,
        int $from,
        SchedulingParameters $parameters,
        int $mayHold = 0,
        ?HeatedWait $heat = null,
    ): Appointment {
        return new Appointment(
            $key,
            $stretches,
            $from,
            $from,
            $hands,
            $from + $parameters->mostUnderWayWaitMinutes,
            $begun,
            mayHold: $mayHold,
            isUnderHood: $heat === HeatedWait::Hood,
        );
    }

    /** The first minute on the grid from this one on. */
    public static function onGrid(int $minute, SchedulingParameters $parameters): int
    {
        return (int) ceil($minute / $parameters->gridMinutes) * $parameters->gridMinutes;
    }
}
