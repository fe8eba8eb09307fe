<?php

declare(strict_types=1);

namespace Nagomi\Core\Scheduling;

/** Times at which one more head can begin while everybody else keeps theirs to the minute. */
final class FreeSlots
{
    /**
     * @return list<Placement> the earliest first, each at least half an hour after the one before with the same hands
     */
    public static function in(DaySchedule $line, Appointment $sitting, int $most = 6): array
    {
        $free = Occupancy::of($line->day, $line->placed)->free(Placements::of($sitting, $line->day), INF);
        $least = [];
        foreach ($free as $placing) {
            // Nobody is offered somebody else's break, nor the time after closing.
            if (! $placing->isWithinHours()) {
                continue;
            }
            // The placings of one start come with the shortest waits first.
            $least["{$placing->start()} {$placing->hands}"] ??= $placing;
        }
        usort(
            $least,
            static fn (Placement $a, Placement $b): int => [
                $a->start(),
                array_sum($a->holds),
            ] <=> [$b->start(), array_sum($b->holds)],
        );
        $apart = $line->day->parameters->offersApartMinutes;
        $openings = $last = [];
        foreach ($least as $placing) {
            if (
                count($openings) < $most
                    && $placing->start() >= ($last[$placing->hands] ?? -$apart) + $apart
            ) {
                $openings[] = $placing;
                $last[$placing->hands] = $placing->start();
            }
        }

        return $openings;
    }
}
