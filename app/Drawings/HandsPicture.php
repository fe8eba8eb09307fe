<?php

declare(strict_types=1);

namespace App\Drawings;

/**
 * The hands timeline: a day on one line of each stylist's hands; filled where hands work, hollow where hair waits. Along
 * the day everything is in percent of the board, so that words keep their size on every screen; down it in pixels.
 *
 * @phpstan-type Sat array{
 *     id: string, label: string, class: string, says: string,
 *     pieces: non-empty-list<array{from: float, until: float, hands: bool}>,
 * }
 * @phpstan-type Drawn array{
 *     id: string, label: string, class: string, says: string, begins: int, labelX: float, labelY: int, isInside: bool,
 *     pieces: non-empty-list<array{x: float, width: float, hands: bool}>,
 * }
 */
final readonly class HandsPicture
{
    public const BAR = 44;
    public const WAIT_INSET = 9;

    /** From so long a day on every second hour is written. */
    private const LONG_DAY_MINUTES = 660;
    private const ROW = 82;
    private const TOP = 24;

    /** The narrowest board it is drawn on, and how wide a letter of a name is on it, in pixels. */
    private const NARROW_PX = 540;
    private const LETTER_PX = 7.6;
    private const BESIDE_PX = 18;

    /**
     * @param list<array{
     *     name: string, user: int, barY: int, off: list<array{x: float, width: float}>, heads: list<Drawn>,
     * }> $rows
     * @param list<array{x: float, word: string}> $hours
     * @param float|null $now where it is now; null on another day
     * @param list<string> $marks what is drawn: the states of clients, and 'free' where hair waits
     */
    private function __construct(
        public array $rows,
        public array $hours,
        public ?float $now,
        public int $height,
        public array $marks,
        public int $opens,
        public int $closes,
    ) {
    }

    /**
     * @param int $opens  minute of the day
     * @param int $closes minute of the day
     * @param list<array{
     *     name: string, user: int, spans: list<array{int, int}>, heads: list<Sat>,
     * }> $lines minutes of the day
     */
    public static function of(int $opens, int $closes, array $lines, ?int $now): self
    {
        $x = static fn (float $minute): float => round(
            100 * (max($opens, min($closes, $minute)) - $opens) / max(1, $closes - $opens),
            3,
        );
        $rows = [];
        foreach ($lines as $i => $line) {
            $y = self::TOP + $i * self::ROW + 18;
            $rows[] = [
                'name' => $line['name'],
                'user' => $line['user'],
                'barY' => $y,
                'off' => self::off($line['spans'], $opens, $closes, $x),
                'heads' => self::heads($line['heads'], $y, $x),
            ];
        }
        $hours = array_map(
            static fn (int $hour): array => ['x' => $x(60 * $hour), 'word' => $hour % 24 . ':00'],
            range((int) ceil($opens / 60), intdiv($closes, 60), $closes - $opens > self::LONG_DAY_MINUTES ? 2 : 1),
        );

        return new self(
            $rows,
            $hours,
            $now !== null && $now > $opens && $now < $closes ? $x($now) : null,
            self::TOP + self::ROW * count($rows),
            self::marks($lines),
            $opens,
            $closes,
        );
    }

    /**
     * @param list<array{heads: list<Sat>}> $lines
     *
     * @return list<string> each once, in the order of a visit
     */
    private static function marks(array $lines): array
    {
        $heads = array_merge(...array_column($lines, 'heads'));
        $pieces = array_merge(...array_column($heads, 'pieces'));
        $drawn = array_column($heads, 'class');
        if (in_array(false, array_column($pieces, 'hands'), true)) {
            $drawn[] = 'free';
        }

        return array_values(array_intersect(['booked', 'arrived', 'under-way', 'done', 'silent', 'free'], $drawn));
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
                $off[] = ['x' => $x($from), 'width' => round($x($start) - $x($from), 3)];
            }
            $from = $end;
        }

        return $off;
    }

    /**
     * A name stands in the bar where there is room for it, else above it; one that would run into the one before, below.
     *
     * @param list<Sat>              $heads
     * @param callable(float): float $x
     *
     * @return list<Drawn>
     */
    private static function heads(array $heads, int $y, callable $x): array
    {
        usort($heads, static fn (array $a, array $b): int => $a['pieces'][0]['from'] <=> $b['pieces'][0]['from']);
        $above = $below = -INF;
        $drawn = [];
        foreach ($heads as $head) {
            $pieces = self::pieces($head['pieces'], $x);
            $wide = self::LETTER_PX * mb_strlen($head['label']) + self::BESIDE_PX;
            $inside = self::roomiest($pieces);
            $isInside = $inside !== null && $inside['width'] * self::NARROW_PX / 100 >= $wide;
            [$labelX, $isAbove] = [$isInside ? $inside['x'] : $pieces[0]['x'], true];
            if (! $isInside) {
                $isAbove = $pieces[0]['x'] >= $above;
                $labelX = $isAbove ? $pieces[0]['x'] : max($pieces[0]['x'], $below);
                $end = $labelX + 100 * $wide / self::NARROW_PX;
                [$above, $below] = $isAbove ? [$end, $below] : [$above, $end];
            }
            $drawn[] = [
                'labelX' => $labelX,
                'labelY' => match (true) {
                    $isInside => $y + 28,
                    $isAbove => $y - 5,
                    default => $y + self::BAR + 15,
                },
                'isInside' => $isInside,
                'begins' => (int) $head['pieces'][0]['from'],
                'pieces' => $pieces,
            ] + $head;
        }

        return $drawn;
    }

    /**
     * @param non-empty-list<array{from: float, until: float, hands: bool}> $pieces minutes of the day
     * @param callable(float): float $x
     *
     * @return non-empty-list<array{x: float, width: float, hands: bool}>
     */
    private static function pieces(array $pieces, callable $x): array
    {
        return array_map(
            static fn (array $piece): array => [
                'x' => $x($piece['from']),
                'width' => round(max(0.2, $x($piece['until']) - $x($piece['from'])), 3),
                'hands' => $piece['hands'],
            ],
            $pieces,
        );
    }

    /**
     * @param non-empty-list<array{x: float, width: float, hands: bool}> $pieces
     *
     * @return array{x: float, width: float, hands: bool}|null the widest in which hands work
     */
    private static function roomiest(array $pieces): ?array
    {
        $hands = array_filter($pieces, static fn (array $piece): bool => $piece['hands']);
        usort($hands, static fn (array $a, array $b): int => $b['width'] <=> $a['width']);

        return $hands[0] ?? null;
    }
}
