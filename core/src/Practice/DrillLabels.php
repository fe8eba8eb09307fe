<?php

declare(strict_types=1);

namespace Nagomi\Core\Practice;

use Nagomi\Core\Statistics\SeededRandom;

/** Lists of ingredients to drill, put together from what each kind of list has and what every list has. */
final class DrillLabels
{
    public const CHOICES = ['protein', 'film', 'neither'];

    private const FIRST = 'Aqua';
    private const LAST = 'Phenoxyethanol';

    /** @param string $brings one of the choices: one or two of what brings it stand after two to four others */
    public static function list(string $brings, SeededRandom $chance): string
    {
        $others = self::drawn('always', $chance, $chance->between(2, 4));

        return implode(', ', [
            self::FIRST, ...$others, ...self::drawn($brings, $chance, $chance->between(1, 2)), self::LAST,
        ]);
    }

    /** @return list<string> so many of a pool, one after the other from any on */
    private static function drawn(string $pool, SeededRandom $chance, int $many): array
    {
        $all = explode(', ', PracticeLabels::of('drill')[$pool][1] ?? '');

        return array_slice([...$all, ...$all], $chance->between(0, count($all) - 1), $many);
    }
}
