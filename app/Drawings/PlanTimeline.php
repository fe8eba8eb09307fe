<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Wording\SalonClock;
use Carbon\CarbonImmutable;
use Illuminate\Support\Str;

/**
 * Twelve weeks of a head on a line: a stone for each wash day, as large as it is long, with what is done on it; days
 * away, occasions and promises beneath.
 */
final readonly class PlanTimeline
{
    public const WIDTH = 1000;
    public const HEIGHT = 128;

    /** Where there is nothing beneath the line. */
    public const BARE_HEIGHT = 104;
    public const LINE_Y = 62;
    public const LEFT = 26;
    private const SMALLEST = 9.0;
    private const LARGEST = 19.0;

    /** Minutes of the longest wash day that still makes a stone larger. */
    private const LARGEST_MINUTES = 150.0;

    /**
     * @param list<array{
     *     date: string, x: float, r: float, marks: list<string>, byHand: bool, broken: bool, says: string,
     * }> $stones
     * @param list<array{x: float, word: string}> $weeks
     * @param list<array{
     *     x: float, width: float, kind: string, says: string, short: string,
     * }> $spans days away and occasions
     * @param list<array{x: float}> $promised days something was promised for
     */
    private function __construct(
        public array $stones,
        public array $weeks,
        public array $spans,
        public array $promised,
        public float $dayWidth,
    ) {
    }

    /**
     * @param list<array{
     *     date: string, minutes: float, kinds: list<string>, byHand: bool, broken: bool, says: string,
     * }> $days
     * @param list<array{from: string, until: string, kind: string, says: string}> $spans
     * @param list<string> $promised
     */
    public static function of(
        CarbonImmutable $today,
        int $weeks,
        array $days,
        array $spans = [],
        array $promised = [],
    ): self {
        $from = CarbonImmutable::parse($today->format('Y-m-d'));
        // Days are counted in whole ones, at UTC: no change of the clocks makes one shorter.
        $start = (int) strtotime("{$today->format('Y-m-d')} UTC");
        $dayWidth = (self::WIDTH - 2 * self::LEFT) / (7 * $weeks);
        $after = static fn (string $date): float => ((int) strtotime("{$date} UTC") - $start) / 86400;
        $x = static fn (string $date): float => round(self::LEFT + $dayWidth * $after($date), 1);
        $end = $from->addWeeks($weeks)->format('Y-m-d');
        $first = $from->format('Y-m-d');
        $shows = static fn (string $from, string $until): bool => $until >= $first && $from <= $end;
        $drawn = [];
        foreach ($spans as $span) {
            if ($shows($span['from'], $span['until'])) {
                $left = $x(max($span['from'], $first));
                $width = $x(min($span['until'], $end)) - $left + $dayWidth;
                $drawn[] = [
                    'x' => round($left - $dayWidth / 2, 1), 'width' => round($width, 1), 'kind' => $span['kind'],
                    'says' => $span['says'], 'short' => Str::limit($span['says'], 22),
                ];
            }
        }

        return new self(
            array_map(static fn (array $day): array => [
                'date' => $day['date'], 'x' => $x($day['date']), 'r' => self::radius($day['minutes']),
                'marks' => self::marks($day['kinds']), 'byHand' => $day['byHand'], 'broken' => $day['broken'],
                'says' => $day['says'],
            ], $days),
            array_map(static fn (int $week): array => [
                'x' => $x($from->addWeeks($week)->format('Y-m-d')),
                'word' => SalonClock::dayInWords($from->addWeeks($week), 'j M'),
            ], range(0, $weeks)),
            $drawn,
            array_map(
                static fn (string $date): array => ['x' => $x($date)],
                array_values(array_unique(array_filter($promised, fn (string $date): bool => $shows($date, $date)))),
            ),
            $dayWidth,
        );
    }

    /**
     * @param list<string> $kinds of treatments
     *
     * @return list<string> what stands in the ring: the same marks as in the hair balance
     */
    private static function marks(array $kinds): array
    {
        return array_values(array_unique(array_map(static fn (string $kind): string => match ($kind) {
            'clarifying' => 'clarify',
            'mild-protein', 'strong-protein' => 'protein',
            default => $kind,
        }, $kinds)));
    }

    private static function radius(float $minutes): float
    {
        $share = min(1.0, $minutes / self::LARGEST_MINUTES);

        return round(self::SMALLEST + (self::LARGEST - self::SMALLEST) * $share, 1);
    }

    public function height(): int
    {
        return $this->promised === []
            && array_filter($this->spans, static fn (array $span): bool => $span['kind'] !== 'away') === []
            ? self::BARE_HEIGHT
            : self::HEIGHT;
    }
}
