<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Models\Head;
use App\Models\ZonePart;

/**
 * One strand for each client, drawn from its measures and its state: ring size from curl diameter, line weight from
 * strand diameter, gaps in the edge from porosity; how it hangs from moisture, protein, build-up and wear.
 */
final readonly class StrandPortrait
{
    public const WIDTH = 104;
    public const HEIGHT = 60;

    /** Extra width of the thickest coat of build-up. */
    private const COAT = 5.0;

    /**
     * @param string                                          $path  the strand
     * @param string                                          $gaps  dash pattern of the edge, empty for a closed edge
     * @param float                                           $coat  width of what build-up lays round it; 0: nothing
     * @param list<array{x1: float, y1: float, x2: float, y2: float}> $nicks
     */
    private function __construct(
        public string $path,
        public float $weight,
        public string $gaps,
        public float $coat,
        public array $nicks,
        public StrandWords $words,
    ) {
    }

    /** @param StrandHang|null $hang null: as it stands now */
    public static function of(Head $head, ?StrandHang $hang = null): self
    {
        $hang ??= StrandHang::ofStanding($head->outlook->standing ?? []);
        $seed = crc32($head->id);
        $points = (new StrandCurve($seed, $hang))->points($head->ring_mm, $head->bends_without_ring);
        $porosity = self::porosity($head);
        $weight = round(1.1 + 2.3 * max(0.0, min(1.0, (($head->strand_um ?? 70.0) - 45) / 50)), 2);
        // What nobody has seen is not drawn.
        $isMeasured = $head->ring_mm !== null || $head->bends_without_ring;

        return new self(
            RelativePath::of(
                array_map(fn (array $point): string => round($point[0], 1) . ' ' . round($point[1], 1), $points),
            ),
            $weight,
            match (true) {
                $porosity === null => '1 5',
                default => ['low' => '', 'medium' => '22 2', 'high' => '9 2.6'][$porosity],
            },
            $isMeasured && $hang->coat > 0 ? round($weight + 1 + self::COAT * $hang->coat, 1) : 0.0,
            $isMeasured ? self::nicks($points, $hang->wear, $seed) : [],
            new StrandWords(
                $head->ring_mm,
                $head->bends_without_ring,
                $head->strand_um,
                $porosity,
                $isMeasured ? $hang->keys() : [],
            ),
        );
    }

    /** The nicks as one path. */
    public function nickPath(): string
    {
        return implode('', array_map(
            static fn (array $nick): string => "M{$nick['x1']} {$nick['y1']}L{$nick['x2']} {$nick['y2']}",
            $this->nicks,
        ));
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
}
