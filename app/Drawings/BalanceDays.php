<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Wording\SalonClock;
use App\Wording\Words;
use DateTimeImmutable;

/** What each day of the hair balance says when it is tapped: rounded to what anybody can act on. */
final readonly class BalanceDays
{
    /** z of the 80 % range that is said of both together. */
    private const Z_80 = 1.2816;

    /** @param array<string, string> $words sentences with their places still open: they are filled in hundreds of times */
    private function __construct(private array $words, private float $bandHalfWidth, private string $ahead)
    {
    }

    /**
     * @param StoredBalance        $balance
     * @param float                $bandHalfWidth in points of the reserve
     * @param callable(int): float $x
     * @param string               $ahead         how the days ahead are spoken of
     *
     * @return list<array{date: string, x: float, says: list<list<string>>}> sentences by stratum; today says how it
     *     stands now, and what it comes to after the wash that is planned for it
     */
    public static function of(
        array $balance,
        float $bandHalfWidth,
        callable $x,
        bool $washesToday,
        string $ahead = 'planned',
    ): array {
        $days = new self(self::words($ahead), $bandHalfWidth, $ahead);
        $says = array_map(
            fn (array $stratum): array => $days->stratum($stratum, $washesToday),
            $balance['strata'],
        );
        $first = new DateTimeImmutable($balance['from']);

        return array_map(fn (int $i): array => [
            'date' => SalonClock::dayInWords($first->modify("+{$i} days"), 'D j M Y'),
            'x' => $x($i),
            'says' => array_map(fn (array $ofStratum): array => $ofStratum[$i], $says),
        ], array_keys($says[0]));
    }

    /** @param StoredStone $stone */
    public static function wash(array $stone): string
    {
        return Words::say($stone['planned'] ? 'hair-balance.wash-planned' : 'hair-balance.wash', [
            'day' => SalonClock::dayInWords($stone['date'], 'j M'),
            'kinds' => implode(', ', array_map(
                fn (string $kind): string => Words::say("hair-balance.kinds.{$kind}"),
                $stone['kinds'],
            )),
        ]);
    }

    /**
     * @param StoredCurrent $stratum
     *
     * @return list<list<string>> by day
     */
    private function stratum(array $stratum, bool $washesToday): array
    {
        $until = count($stratum['days']);
        $now = max(0, $until - 1);
        $says = [];
        foreach ($stratum['days'] as $i => $day) {
            $says[$i] = [$this->says($day, $stratum['targets'], $i === $now ? 'now' : 'was')];
        }
        foreach ($stratum['ahead'] as $i => $day) {
            $planned = $this->says(
                $day,
                $stratum['targets'],
                $i === 0 && $washesToday && $until > 0 ? 'after' : $this->ahead,
            );
            // Without a wash today is only as it is now.
            $says[$now + $i] = match (true) {
                $i > 0 || $until === 0 => [$planned],
                $washesToday => [...$says[$now] ?? [], $planned],
                default => $says[$now] ?? [$planned],
            };
        }

        return array_values($says);
    }

    /**
     * @param array{float, float, float, float, float, float} $day
     * @param array{float, float}                             $targets
     * @param string                                          $how was, now, after, or as the days ahead are spoken of
     */
    private function says(array $day, array $targets, string $how): string
    {
        [$moisture, $moistureSd, $protein, $proteinSd, $buildUp] = $day;

        return strtr($this->words[$how], [
            ':moisture' => $this->distance('moisture', $moisture - $targets[0]),
            ':protein' => $this->distance('protein', $protein - $targets[1]),
            ':range' => (string) (int) round(self::Z_80 * max($moistureSd, $proteinSd)),
            ':build_up' => (string) (int) round($buildUp),
        ]);
    }

    /** @param float $points above what this hair likes */
    private function distance(string $what, float $points): string
    {
        $key = match (true) {
            $points < -$this->bandHalfWidth => 'low',
            $points < -$this->bandHalfWidth / 2 => 'lowish',
            $points <= $this->bandHalfWidth / 2 => 'right',
            $points <= $this->bandHalfWidth => 'highish',
            default => 'high',
        };
        $rounded = (int) round($points);

        return strtr($this->words["{$what}-{$key}"], [
            ':by' => $rounded === 0 ? '0' : ($rounded < 0 ? '−' : '+') . abs($rounded),
        ]);
    }

    /** @return array<string, string> */
    private static function words(string $ahead): array
    {
        $words = [];
        foreach (['was', 'now', 'after', $ahead] as $how) {
            $words[$how] = strtr(Words::say("hair-balance.says.{$how}"), [
                ':stands' => Words::say('hair-balance.stands'),
            ]);
        }
        foreach (['moisture', 'protein'] as $what) {
            foreach (['low', 'lowish', 'right', 'highish', 'high'] as $key) {
                $words["{$what}-{$key}"] = strtr(Words::say("hair-balance.distance.{$key}"), [
                    ':what' => Words::say("hair-balance.words.{$what}"),
                ]);
            }
        }

        return $words;
    }
}
