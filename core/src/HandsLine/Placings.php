<?php

declare(strict_types=1);

namespace Nagomi\Core\HandsLine;

use Nagomi\Core\Parameter\HandsModel;

/** All the ways a sitting can be placed in a day, the cheapest first. */
final class Placings
{
    /** @return list<Placing> */
    public static function of(Sitting $sitting, SalonDay $day): array
    {
        $grid = HandsModel::GRID_MINUTES;
        $slots = static fn (float $minutes): int => (int) ceil($minutes / $grid - 1e-9);
        $lengths = array_map(static fn (Stretch $stretch): array => [max(1, $slots($stretch->handsMinutes)), $slots($stretch->waitingMinutes)], $sitting->stretches);
        $patterns = self::patterns($lengths);
        $first = max(0, $day->slot($sitting->from()));
        $last = $sitting->latest === null ? $day->slots : min($day->slots, $day->slot($sitting->latest));
        $late = HandsModel::COST_OF_A_MINUTE[$sitting->promised === null ? 'wished' : 'promised'];
        $seated = $sitting->inChairSince === null ? null : max(0, min($first, $day->slot($sitting->inChairSince)));
        $placings = [];
        foreach ($sitting->hands === null ? array_keys($day->hours) : [$sitting->hands] as $hands) {
            $worked = $day->worked((string) $hands);
            for ($start = $first; $start <= $last; $start++) {
                $minute = $day->minute($start);
                foreach ($patterns as [$offsets, $length, $holds, $held]) {
                    if ($start + $length > $day->slots) {
                        continue;
                    }
                    $mask = [0, 0, 0];
                    foreach ($offsets as $i => $offset) {
                        $mask = SalonDay::with($mask, $start + $offset, $lengths[$i][0]);
                        if (($mask[0] & ~$worked[0]) | ($mask[1] & ~$worked[1]) | ($mask[2] & ~$worked[2])) {
                            continue 2;
                        }
                    }
                    $placings[] = new Placing(
                        (string) $hands,
                        array_map(static fn (int $offset): int => $day->minute($start + $offset), $offsets),
                        $holds,
                        $mask,
                        SalonDay::with([0, 0, 0], $seated ?? $start, $start + $length - ($seated ?? $start)),
                        $day->minute($start + $length),
                        $late * $sitting->waited($minute) + HandsModel::COST_OF_A_MINUTE['held'] * $held,
                    );
                }
            }
        }
        usort($placings, static fn (Placing $a, Placing $b): int => $a->cost <=> $b->cost ?: $a->finish <=> $b->finish);

        return $placings;
    }

    /**
     * Where each stretch begins after the first, with every choice of how long the waits are drawn out.
     *
     * @param list<array{int, int}> $lengths hands and waiting, in slots
     *
     * @return list<array{list<int>, int, list<int>, int}> offsets and whole length in slots, minutes held after each stretch and in all
     */
    private static function patterns(array $lengths): array
    {
        $most = intdiv(HandsModel::MOST_HOLD_MINUTES, HandsModel::GRID_MINUTES);
        $patterns = [[[], 0, [], 0]];
        foreach ($lengths as $i => [$hands, $waiting]) {
            $more = [];
            // After the last stretch nobody has to come back: the wait ends by itself.
            $holds = $i === count($lengths) - 1 ? 0 : $most;
            foreach ($patterns as [$offsets, $at, $held, $sum]) {
                for ($hold = 0; $hold <= $holds; $hold++) {
                    $minutes = $hold * HandsModel::GRID_MINUTES;
                    $more[] = [[...$offsets, $at], $at + $hands + $waiting + $hold, [...$held, $minutes], $sum + $minutes];
                }
            }
            $patterns = $more;
        }

        return $patterns;
    }
}
