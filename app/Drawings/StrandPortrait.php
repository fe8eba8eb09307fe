<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Models\Head;
use App\Models\ZonePart;

/**
 * One strand for each head, drawn from its measures: ring size from curl diameter, line weight from strand diameter,
 * gaps in the edge from porosity, nicks from wear. The small irregularities come from the head's own id.
 */
final readonly class StrandPortrait
{
    public const WIDTH = 104;
    public const HEIGHT = 60;

    private const POINTS_A_LOOP = 18;

    /**
     * @param string                                          $path  the strand
     * @param string                                          $gaps  dash pattern of the edge, empty for a closed edge
     * @param list<array{x1: float, y1: float, x2: float, y2: float}> $nicks
     */
    private function __construct(
        public string $path,
        public float $weight,
        public string $gaps,
        public array $nicks,
        public string $says,
    ) {
    }

    public static function of(Head $head): self
    {
        $seed = crc32($head->id);
        $points = match (true) {
            $head->ring_mm === null && ! $head->bends_without_ring => self::unmeasured(),
            $head->ring_mm === null || $head->ring_mm < 4 => self::bends($seed),
            $head->ring_mm > 35 => self::waves($head->ring_mm, $seed),
            default => self::rings($head->ring_mm, $seed),
        };
        $porosity = self::porosity($head);
        $wear = array_sum(array_map(
            fn (array $stratum): float => $stratum['share'] * $stratum['wear'][0],
            $head->outlook->standing ?? [],
        ));
        $micrometres = $head->strand_um ?? 70.0;

        return new self(
            'M'
                . implode(
                    'L',
                    array_map(fn (array $point): string => round($point[0], 1) . ' ' . round($point[1], 1), $points),
                ),
            round(1.1 + 2.3 * max(0.0, min(1.0, ($micrometres - 45) / 50)), 2),
            match (true) {
                $porosity === null => '1 5',
                default => ['low' => '', 'medium' => '22 2', 'high' => '9 2.6'][$porosity],
            },
            // Wear that nobody has seen is not drawn.
            $head->ring_mm === null && ! $head->bends_without_ring ? [] : self::nicks($points, (float) $wear, $seed),
            self::says($head, $porosity),
        );
    }

    /**
     * Porosity of most of the zones that were tested, of as many the higher, which needs more care; null where none was.
     *
     * @return 'low'|'medium'|'high'|null
     */
    private static function porosity(Head $head): ?string
    {
        $most = null;
        $times = 0;
        foreach (['high', 'medium', 'low'] as $porosity) {
            $of = $head->zoneParts->filter(fn (ZonePart $part): bool => $part->porosity === $porosity)->count();
            [$most, $times] = $of > $times ? [$porosity, $of] : [$most, $times];
        }

        return $most;
    }

    /** @return list<array{float, float}> a line that claims no curl */
    private static function unmeasured(): array
    {
        return array_map(
            fn (int $x): array => [(float) $x, self::HEIGHT / 2 + 2 * sin($x / 14)],
            range(4, self::WIDTH - 4, 3),
        );
    }

    /** @return list<array{float, float}> a coil seen from the side */
    private static function rings(float $ringMm, int $seed): array
    {
        $radius = 6.5 + 17.5 * log($ringMm / 4) / log(35 / 4);
        $pitch = 0.9 * $radius + 4.5;
        // As many turns as find room, the last cut where it ends: stretched to whole ones a wider ring could look
        // closer.
        $loops = (self::WIDTH - 1.3 * $radius - 6) / $pitch;
        $points = [];
        for ($i = 0; $i <= $loops * self::POINTS_A_LOOP; $i++) {
            $turn = $i / self::POINTS_A_LOOP;
            $own = $radius * (1 + 0.11 * self::wobble($seed, $turn));
            $points[] = [
                3 + 0.65 * $radius + $pitch * $turn + 0.62 * $own * sin(2 * M_PI * $turn),
                self::HEIGHT / 2 + 2.5 * self::wobble($seed >> 3, 0.6 * $turn) - $own * cos(2 * M_PI * $turn),
            ];
        }

        return $points;
    }

    /** @return list<array{float, float}> hair that waves without closing a ring */
    private static function waves(float $ringMm, int $seed): array
    {
        // Goes on from where the widest ring leaves off.
        $length = min(48.0, 26.1 + 0.35 * ($ringMm - 35));
        $points = [];
        for ($x = 3.0; $x <= self::WIDTH - 3; $x += 1.5) {
            $points[] = [$x, self::HEIGHT / 2 + (11 + 3 * self::wobble($seed, $x / 30)) * sin(2 * M_PI * $x / $length)];
        }

        return $points;
    }

    /** @return list<array{float, float}> hair that bends tightly without a ring */
    private static function bends(int $seed): array
    {
        $points = [];
        $up = 1;
        for ($x = 3.0, $i = 0; $x <= self::WIDTH - 3; $i++) {
            $points[] = [$x, self::HEIGHT / 2 + $up * (7 + 4.5 * self::wobble($seed, 0.7 * $i))];
            $up = -$up;
            $x += 3.3 + 1.3 * self::wobble($seed >> 5, 1.3 * $i);
        }

        return $points;
    }

    /** A smooth number from −1 to 1 that is this head's own. */
    private static function wobble(int $seed, float $at): float
    {
        return 0.6 * sin(2.1 * $at + ($seed % 628) / 100) + 0.4 * sin(5.3 * $at + ($seed % 313) / 50);
    }

    /**
     * @param list<array{float, float}> $points
     *
     * @return list<array{
     *     x1: float, y1: float, x2: float, y2: float,
     * }> short strokes across the strand, one for each 8 of wear
     */
    private static function nicks(array $points, float $wear, int $seed): array
    {
        $nicks = [];
        $count = min(6, (int) floor($wear / 8));
        for ($n = 1; $n <= $count; $n++) {
            $i = (int) (count($points) * ($n / ($count + 1)) + $seed % 5);
            [$x, $y] = $points[min(count($points) - 2, max(1, $i))];
            [$nextX, $nextY] = $points[min(count($points) - 1, max(1, $i) + 1)];
            $length = max(0.1, hypot($nextX - $x, $nextY - $y));
            [$acrossX, $acrossY] = [-($nextY - $y) / $length * 4, ($nextX - $x) / $length * 4];
            $nicks[] = [
                'x1' => round($x - $acrossX, 1),
                'y1' => round($y - $acrossY, 1),
                'x2' => round($x + $acrossX, 1),
                'y2' => round($y + $acrossY, 1),
            ];
        }

        return $nicks;
    }

    private static function says(Head $head, ?string $porosity): string
    {
        return self::words('traits.portrait.whole', [
            'curl' => match (true) {
                $head->ring_mm !== null => self::words(
                    'traits.portrait.rings',
                    ['mm' => rtrim(rtrim(number_format($head->ring_mm, 1), '0'), '.')],
                ),
                $head->bends_without_ring => self::words('traits.portrait.bends'),
                default => self::words('traits.portrait.curl'),
            },
            'strand' => $head->strand_um === null
                ? ''
                : self::words('traits.portrait.strand', ['um' => (int) $head->strand_um]),
            'porosity' => $porosity === null
                ? self::words('traits.portrait.no-porosity')
                : self::words('traits.portrait.porosity', ['kind' => self::words("porosities.{$porosity}")]),
        ]);
    }

    /** @param array<string, int|string> $with */
    private static function words(string $key, array $with = []): string
    {
        return is_string($said = __("nagomi.{$key}", $with)) ? $said : '';
    }
}
