<?php

declare(strict_types=1);

namespace App\Drawings;

/** The surface between moisture and protein, cut where they cross, so that each piece is tinted by what leads on it. */
final readonly class BalanceGap
{
    /**
     * @param list<array{float, float, float}> $edges x, then y of moisture and of protein; a smaller y is more
     *
     * @return array{moisture: string, protein: string} paths of the pieces in which moisture leads, and protein
     */
    public static function of(array $edges): array
    {
        $pieces = ['moisture' => [], 'protein' => []];
        $piece = [];
        $leads = null;
        foreach ($edges as $i => $edge) {
            $leader = self::leader($edge) ?? $leads;
            if ($leads !== null && $leader !== null && $leader !== $leads) {
                $crossing = self::crossing($edges[$i - 1], $edge);
                $pieces[$leads][] = self::closed([...$piece, $crossing]);
                $piece = [$crossing];
            }
            $piece[] = $edge;
            $leads = $leader;
        }
        if ($leads !== null) {
            $pieces[$leads][] = self::closed($piece);
        }

        return ['moisture' => implode('', $pieces['moisture']), 'protein' => implode('', $pieces['protein'])];
    }

    /**
     * @param array{float, float, float} $edge
     *
     * @return 'moisture'|'protein'|null null where neither does
     */
    private static function leader(array $edge): ?string
    {
        return match ($edge[1] <=> $edge[2]) {
            -1 => 'moisture',
            1 => 'protein',
            default => null,
        };
    }

    /**
     * @param array{float, float, float} $before
     * @param array{float, float, float} $after
     *
     * @return array{float, float, float} where the two meet between them
     */
    private static function crossing(array $before, array $after): array
    {
        [$was, $is] = [$before[1] - $before[2], $after[1] - $after[2]];
        $part = $was === $is ? 0.0 : $was / ($was - $is);
        $y = round($before[1] + $part * ($after[1] - $before[1]), 1);

        return [round($before[0] + $part * ($after[0] - $before[0]), 1), $y, $y];
    }

    /** @param list<array{float, float, float}> $piece */
    private static function closed(array $piece): string
    {
        $upper = array_map(fn (array $edge): string => "{$edge[0]} {$edge[1]}", $piece);
        $lower = array_map(fn (array $edge): string => "{$edge[0]} {$edge[2]}", $piece);

        return RelativePath::of([...$upper, ...array_reverse($lower)]) . 'Z';
    }
}
