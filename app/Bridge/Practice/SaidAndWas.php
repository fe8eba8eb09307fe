<?php

declare(strict_types=1);

namespace App\Bridge\Practice;

/** How likely things were said to be beside how much of the hair they were true of, in tenths and more. */
final class SaidAndWas
{
    /** Ends of the groups, as shares. */
    private const ENDS = [0.1, 0.3, 0.5, 0.7, 0.9, 1.0];

    /**
     * @param list<array{array<string, float>, array<string, float>}> $beliefs said, and as it was, by cell
     *
     * @return list<StoredSaid> one for each group, from what was hardly thought likely on; times 0 where nothing was said
     */
    public static function of(array $beliefs): array
    {
        $groups = array_fill(0, count(self::ENDS), ['times' => 0, 'said' => 0.0, 'was' => 0.0]);
        foreach ($beliefs as [$said, $was]) {
            foreach ($was as $cell => $share) {
                $likely = $said[$cell] ?? 0.0;
                $group = &$groups[self::group($likely)];
                $group['times']++;
                $group['said'] += $likely;
                $group['was'] += $share;
                unset($group);
            }
        }

        return array_map(static fn (array $of): array => [
            'times' => $of['times'], 'said' => round($of['said'], 4), 'was' => round($of['was'], 4),
        ], $groups);
    }

    /**
     * Several together.
     *
     * @param list<list<StoredSaid>> $all
     *
     * @return list<StoredSaid>
     */
    public static function together(array $all): array
    {
        $groups = array_fill(0, count(self::ENDS), ['times' => 0, 'said' => 0.0, 'was' => 0.0]);
        foreach ($all as $one) {
            foreach ($one as $i => $of) {
                $groups[$i] = [
                    'times' => ($groups[$i]['times'] ?? 0) + $of['times'],
                    'said' => ($groups[$i]['said'] ?? 0.0) + $of['said'],
                    'was' => ($groups[$i]['was'] ?? 0.0) + $of['was'],
                ];
            }
        }

        return array_values($groups);
    }

    private static function group(float $likely): int
    {
        foreach (self::ENDS as $group => $end) {
            if ($likely <= $end) {
                return $group;
            }
        }

        return count(self::ENDS) - 1;
    }
}
