<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Wording\Words;

/** What the hand does in a hair test: a few strokes, so that it can be done without reading. */
final readonly class HandPicture
{
    public const WIDTH = 420;
    public const HEIGHT = 150;

    /** A pinch whose tips meet at 0 0, coming from the left; and the same from the right, by mirroring. */
    private const PINCH = 'M-96 -46C-64 -52 -34 -34 -6 -8q8 8 2 11q-6 3 -14 -5C-30 -16 -50 -24 -70 -20'
        . 'M-96 40C-66 44 -38 32 -8 8q6 -6 2 -8';

    /** A flat hand from the left, fingers to the right. */
    private const PALM = 'M-110 -26h36q10 -22 22 -16q6 4 -2 20h58q10 0 10 8t-10 8h-30h34q9 0 9 7.500t-9 7.500h-36h28q8 0 8 7t-8 7h-30'
        . 'h18q7 0 7 6t-7 6h-40q-20 2 -30 -10h-20';

    /**
     * By picture: parts as kind, x, y, and a turn (−1: mirrored) or a length. The kinds are strokes of their own class.
     *
     * @var array<string, list<array{string, int, int, int}>>
     */
    private const PICTURES = [
        'wet-stretch' => [
            ['pinch', 120, 75, 1], ['pinch', 300, 75, -1], ['wave', 120, 75, 180], ['out', 330, 24, 1],
            ['out', 90, 24, -1], ['drop', 190, 40, 1], ['drop', 230, 34, 1],
        ],
        'feel' => [
            ['pinch', 205, 75, 1], ['line', 205, 75, 190], ['rub', 190, 26, 1],
        ],
        'dryness' => [
            ['palm', 210, 75, 1], ['rough', 190, 75, 200], ['eye', 340, 30, 1],
        ],
        'build-up-signs' => [
            ['pinch', 130, 75, 1], ['line', 130, 75, 250], ['flakes', 190, 75, 1], ['bead', 300, 64, 1],
        ],
        'curl-memory' => [
            ['pinch', 110, 75, 1], ['coil', 110, 75, 170], ['pinch', 290, 75, -1], ['in', 318, 12, 1],
        ],
        'broken-hairs' => [
            ['long', 60, 45, 150], ['bulb', 210, 45, 1], ['short', 60, 105, 60], ['short', 150, 112, 50],
            ['cross', 225, 108, 1], ['pinch', 330, 75, -1],
        ],
        'ends' => [
            ['pinch', 150, 75, 1], ['line', 150, 75, 150], ['split', 300, 75, 1], ['eye', 360, 28, 1],
        ],
        'squish' => [
            ['palm', 200, 75, 1], ['wave', 200, 75, 170], ['drop', 260, 40, 1], ['drop', 290, 104, 1],
        ],
        'wetting' => [
            ['line', 60, 90, 300], ['bead', 110, 78, 1], ['soak', 210, 86, 1], ['drop', 300, 30, 1],
            ['drop', 320, 56, 1],
        ],
        'strand-diameter' => [
            ['pinch', 150, 75, 1], ['line', 150, 75, 150], ['gap', 290, 75, 1],
        ],
        'curl' => [
            ['coil', 70, 80, 280], ['ruler', 70, 128, 280],
        ],
        'length' => [
            ['pinch', 96, 60, 1], ['pinch', 324, 60, -1], ['line', 96, 60, 228], ['ruler', 96, 112, 228],
        ],
        'pull' => [
            ['pinch', 170, 75, 1], ['bundle', 170, 75, 170], ['out', 120, 24, -1],
        ],
        'comb' => [
            ['comb', 250, 40, 1], ['bundle', 60, 75, 300], ['out', 350, 30, 1],
        ],
        'look' => [
            ['coil', 60, 85, 210], ['eye', 340, 70, 1],
        ],
    ];

    /** Tests that are done with the hand of another. */
    private const LIKE = [
        'comb-count' => 'comb', 'detangling' => 'comb', 'detangling-ease' => 'comb', 'combing-force' => 'comb',
        'shed-ball' => 'broken-hairs', 'result' => 'look', 'style-life' => 'look', 'stripped' => 'feel',
        'lather' => 'squish', 'water-in-hair' => 'squish', 'wet-through' => 'wetting', 'drying' => 'wetting',
        'taper' => 'length', 'density' => 'pull',
    ];

    /** @param list<array{kind: string, path: string, transform: string}> $strokes */
    private function __construct(public array $strokes, public string $says)
    {
    }

    /** @return self|null null where there is nothing for a hand to do */
    public static function of(string $test): ?self
    {
        $parts = self::PICTURES[self::LIKE[$test] ?? $test] ?? null;

        return $parts === null ? null : new self(
            array_map(static fn (array $part): array => [
                'kind' => self::kind($part[0]),
                'path' => self::path($part[0], $part[3]),
                'transform' => "translate({$part[1]} {$part[2]})" . ($part[3] < 0 ? ' scale(-1 1)' : ''),
            ], $parts),
            Words::of("hows.{$test}"),
        );
    }

    /** @return 'hand'|'hair'|'water'|'mark' what a stroke is of */
    private static function kind(string $part): string
    {
        return match ($part) {
            'pinch', 'palm' => 'hand',
            'drop', 'bead', 'soak' => 'water',
            'out', 'in', 'rub', 'eye', 'ruler', 'comb', 'gap', 'cross' => 'mark',
            default => 'hair',
        };
    }

    private static function path(string $part, int $length): string
    {
        return match ($part) {
            'pinch' => self::PINCH,
            'palm' => self::PALM,
            'line', 'long' => "M0 0h{$length}",
            'short' => "M0 0q{$length} -8 {$length} 4",
            'wave' => self::turns($length, 9, 6.0),
            'rough' => self::turns($length, 26, 3.5),
            'coil' => self::coil($length),
            'bundle' => "M0 -9h{$length}M0 -3h{$length}M0 3h{$length}M0 9h{$length}",
            'bulb' => 'M0 0a5 5 0 1 0 10 0a5 5 0 1 0 -10 0',
            'split' => 'M0 0q12 -2 26 -12M0 0q12 2 26 12M6 0h14',
            'flakes' => 'M0 -12h6M34 10h6M58 -14h6M84 12h6M20 -4h4M70 2h4',
            'drop' => 'M0 -10q8 10 8 15a8 8 0 0 1 -16 0q0 -5 8 -15z',
            'bead' => 'M-12 10a12 12 0 1 1 24 0z',
            'soak' => 'M-26 4q26 -14 52 0q-26 12 -52 0z',
            'out' => 'M-24 0h40m-10 -8l10 8l-10 8',
            'in' => 'M24 0h-40m10 -8l-10 8l10 8',
            'rub' => 'M-14 0h48m-9 -7l9 7l-9 7M-5 -7l-9 7l9 7',
            'eye' => 'M-24 0q24 -24 48 0q-24 24 -48 0zM-7 0a7 7 0 1 0 14 0a7 7 0 1 0 -14 0',
            'ruler' => "M0 0h{$length}" . implode('', array_map(
                static fn (int $tick): string => "M{$tick} 0v-" . ($tick % 50 === 0 ? 12 : 7),
                range(0, $length, 10),
            )),
            'comb' => 'M-40 -16h90v14h-90z' . implode('', array_map(
                static fn (int $tooth): string => 'M' . (-36 + 9 * $tooth) . ' -2v46',
                range(0, 9),
            )),
            'gap' => 'M0 -34v24M0 10v24M-9 -34h18M-9 34h18',
            default => 'M-7 -7l14 14M7 -7l-14 14',
        };
    }

    private static function turns(int $length, int $count, float $depth): string
    {
        $step = round($length / $count, 2);
        $half = round($step / 2, 2);

        return "M0 0q{$half} -{$depth} {$step} 0" . str_repeat("t{$step} 0", $count - 1);
    }

    private static function coil(int $length): string
    {
        $points = [];
        for ($i = 0; $i <= 60; $i++) {
            $turn = $i / 10;
            $points[] = round($length * $i / 60 + 9 * sin(2 * M_PI * $turn), 1)
                . ' '
                . round(-24 * cos(2 * M_PI * $turn) + 24, 1);
        }

        return 'M' . implode('L', $points);
    }
}
