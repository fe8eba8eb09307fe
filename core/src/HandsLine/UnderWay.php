<?php

declare(strict_types=1);

namespace Nagomi\Core\HandsLine;

use Nagomi\Core\Parameter\HandsModel;

/** What is left of a sitting that has begun. */
final class UnderWay
{
    /**
     * @param list<Stretch> $stretches   as planned
     * @param int           $begun       minute of the day
     * @param int           $now         minute of the day
     * @param float         $overMinutes what its hands take longer than planned
     *
     * @return Sitting|null null where only waiting is left, which needs no hands
     */
    public static function left(string $key, array $stretches, string $hands, int $begun, int $now, float $overMinutes = 0.0): ?Sitting
    {
        $passed = (float) max(0, $now - $begun);
        foreach ($stretches as $i => $stretch) {
            $rest = array_slice($stretches, $i + 1);
            $mine = $stretch->handsMinutes + ($rest === [] || $passed < $stretch->handsMinutes ? $overMinutes : 0.0);
            if ($passed < $mine) {
                $now = self::onGrid($now);

                return new Sitting($key, [new Stretch($mine - $passed, $stretch->waitingMinutes, $stretch->spread, $stretch->waitingSpread), ...$rest], $now, $now, $hands, $now, $begun);
            }
            if ($rest !== [] && $passed < $mine + $stretch->waitingMinutes) {
                $ready = self::onGrid((int) ceil($now + $mine + $stretch->waitingMinutes - $passed));

                return new Sitting($key, $rest, $ready, $ready, $hands, $ready + HandsModel::MOST_HOLD_MINUTES, $begun);
            }
            $passed -= $mine + $stretch->waitingMinutes;
        }
        $last = $stretches[count($stretches) - 1];
        if ($last->waitingMinutes > 0 && $passed < 0) {
            return null;
        }
        $now = self::onGrid($now);

        // Longer than planned, and nobody said she is through: hands are taken to be on her still.
        return new Sitting($key, [new Stretch(HandsModel::GRID_MINUTES)], $now, $now, $hands, $now, $begun);
    }

    private static function onGrid(int $minute): int
    {
        return (int) ceil($minute / HandsModel::GRID_MINUTES) * HandsModel::GRID_MINUTES;
    }
}
