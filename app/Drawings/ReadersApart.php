<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Wording\Words;
use App\Wording\YardstickWords;

/**
 * How far each stylist scores from the salon's usual, one line a test: within the band chance alone explains it. The
 * scale is how sure one is of each difference, so that tests of all units stand on one picture.
 */
final readonly class ReadersApart
{
    public const LEFT = 310;
    public const RIGHT = 1000;
    public const WIDTH = 1040;
    public const ROW = 44;
    public const TOP = 34;

    /** Standard deviations from the middle to an edge; what is further lies on it. */
    private const FURTHEST = 5.0;

    /** Letters nearer than that would lie on each other, in px; they stand above and below then. */
    private const NEAR = 24.0;
    private const ABOVE = [0.0, -11.0, 11.0];

    /**
     * @param list<array{name: string, y: float, dots: list<array{x: float,
     *     dy: float, letter: string, clear: bool, says: string}>}> $rows
     * @param array{float, float} $chance x of the edges within which chance alone explains a difference
     */
    private function __construct(public array $rows, public array $chance, public int $height)
    {
    }

    /**
     * @param array<string, array<string, array{mean: float, sd: float, plain: bool}>> $biases by sign and name, in the
     *     sign's own unit
     * @param array<string, string> $units by sign
     * @param float $chanceSds standard deviations that chance alone explains
     */
    public static function of(array $biases, array $units, float $chanceSds): self
    {
        $rows = [];
        foreach ($biases as $sign => $of) {
            $dots = [];
            ksort($of);
            foreach ($of as $name => $bias) {
                $sds = $bias['sd'] > 0 ? $bias['mean'] / $bias['sd'] : 0.0;
                $dots[] = [
                    'x' => self::x($sds), 'letter' => mb_substr($name, 0, 1), 'clear' => $bias['plain'],
                    'says' => Words::say('reports.team.dot', [
                        'name' => $name, 'test' => Words::of("signs.{$sign}"), 'unit' => $units[$sign] ?? '',
                        'by' => Words::signed($bias['mean']), 'sd' => YardstickWords::number($bias['sd']),
                    ]),
                ];
            }
            $rows[] = [
                'name' => Words::of("signs.{$sign}"), 'y' => self::TOP + (count($rows) + 0.5) * self::ROW,
                'dots' => self::apart($dots),
            ];
        }

        return new self($rows, [self::x(-$chanceSds), self::x($chanceSds)], self::TOP + count($rows) * self::ROW + 10);
    }

    private static function x(float $sds): float
    {
        $share = (max(-self::FURTHEST, min(self::FURTHEST, $sds)) + self::FURTHEST) / (2 * self::FURTHEST);

        return round(self::LEFT + $share * (self::RIGHT - self::LEFT), 1);
    }

    /**
     * @param list<array{x: float, letter: string, clear: bool, says: string}> $dots
     *
     * @return list<array{x: float, dy: float, letter: string, clear: bool, says: string}> from left to right, none on
     *     another
     */
    private static function apart(array $dots): array
    {
        usort($dots, static fn (array $a, array $b): int => $a['x'] <=> $b['x']);
        $apart = [];
        $near = 0;
        foreach ($dots as $i => $dot) {
            $near = $i > 0 && $dot['x'] - $dots[$i - 1]['x'] < self::NEAR ? $near + 1 : 0;
            $apart[] = $dot + ['dy' => self::ABOVE[$near % count(self::ABOVE)]];
        }

        return $apart;
    }
}
