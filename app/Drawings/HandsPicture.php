<?php

declare(strict_types=1);

namespace App\Drawings;

/** The hands line: a day on one line of each stylist's hands; filled where hands work, hollow where hair waits. */
final readonly class HandsPicture
{
    public const WIDTH = 1000;
    public const BAR = 22;
    private const LEFT = 92;
    private const ROW = 78;
    private const TOP = 26;

    /** So wide is a letter of a name, in the picture's units. */
    private const LETTER = 7.2;

    /**
     * @param list<array{
     *     name: string, barY: int, off: list<array{x: float, width: float}>, heads: list<array<string, mixed>>,
     * }> $rows
     * @param list<array{x: float, word: string}> $hours
     * @param float|null $now where it is now; null on another day
     * @param bool $hasSilent somebody is drawn who is not here
     */
    private function __construct(
        public array $rows,
        public array $hours,
        public ?float $now,
        public int $height,
        public bool $hasSilent,
    ) {
    }

    /**
     * @param int $opens  minute of the day
     * @param int $closes minute of the day
     * @param list<array{
     *     name: string,
     *     spans: list<array{int, int}>,
     *     heads: list<array{
     *         id: string, label: string, class: string, says: string,
     *         pieces: non-empty-list<array{from: float, until: float, hands: bool}>,
     *     }>,
     * }> $lines minutes of the day
     */
    public static function of(int $opens, int $closes, array $lines, ?int $now): self
    {
        $x = static fn (float $minute): float => round(
            self::LEFT + (self::WIDTH - self::LEFT - 8) * (
                max($opens, min($closes, $minute)) - $opens
            ) / max(1, $closes - $opens),
            1,
        );
        $rows = [];
        foreach ($lines as $i => $line) {
            $y = self::TOP + $i * self::ROW;
            $rows[] = [
                'name' => $line['name'],
                'barY' => $y + 22,
                'off' => self::off($line['spans'], $opens, $closes, $x),
                'heads' => self::heads($line['heads'], $y, $x),
            ];
        }
        $hours = array_map(
            static fn (int $hour): array => ['x' => $x(60 * $hour), 'word' => $hour % 24 . ':00'],
            range((int) ceil($opens / 60), intdiv($closes, 60)),
        );

        return new self(
            $rows,
            $hours,
            $now !== null && $now > $opens && $now < $closes ? $x($now) : null,
            self::TOP + self::ROW * count($rows),
            in_array('silent', array_column(array_merge(...array_column($lines, 'heads')), 'class'), true),
        );
    }

    /**
     * @param list<array{int, int}> $spans none: not there all day
     * @param callable(float): float          $x
     *
     * @return list<array{x: float, width: float}> when these hands are not there
     */
    private static function off(array $spans, int $opens, int $closes, callable $x): array
    {
        $off = [];
        $from = $opens;
        foreach ([...$spans, [$closes, $closes]] as [$start, $end]) {
            if ($start > $from) {
                $off[] = ['x' => $x($from), 'width' => round($x($start) - $x($from), 1)];
            }
            $from = $end;
        }

        return $off;
    }

    /**
     * Names stand above the bars; one that would run into the one before stands below.
     *
     * @param list<array{
     *     id: string, label: string, class: string, says: string,
     *     pieces: non-empty-list<array{from: float, until: float, hands: bool}>,
     * }> $heads
     * @param callable(float): float $x
     *
     * @return list<array<string, mixed>>
     */
    private static function heads(array $heads, int $y, callable $x): array
    {
        usort($heads, static fn (array $a, array $b): int => $a['pieces'][0]['from'] <=> $b['pieces'][0]['from']);
        $above = $below = -INF;
        $drawn = [];
        foreach ($heads as $head) {
            $start = $x($head['pieces'][0]['from']);
            $fits = $start >= $above;
            $labelX = $fits ? $start : max($start, $below);
            $end = $labelX + self::LETTER * mb_strlen($head['label']) + 8;
            [$above, $below] = $fits ? [$end, $below] : [$above, $end];
            $drawn[] = [
                'labelX' => $labelX,
                'labelY' => $fits ? $y + 16 : $y + 22 + self::BAR + 14,
                'pieces' => array_map(
                    static fn (array $piece): array => [
                        'x' => $x($piece['from']),
                        'width' => round(max(1.0, $x($piece['until']) - $x($piece['from']) - 1), 1),
                        'hands' => $piece['hands'],
                    ],
                    $head['pieces'],
                ),
            ] + $head;
        }

        return $drawn;
    }
}
