<?php

declare(strict_types=1);

namespace App\Bridge\Imports;

use Carbon\CarbonImmutable;
use DateTimeZone;
use IntlDateFormatter;
use Throwable;

/** A day as somebody else's program wrote it, with the time of day where it stands beside. */
final readonly class TypedDay
{
    private const NUMBERS = '/^(\d{1,2})([.\/\-])(\d{1,2})\2(\d{4}|\d{2})(?!\d)/';
    private const YEAR_FIRST = '/^(\d{4})[.\/\-](\d{1,2})[.\/\-](\d{1,2})(?!\d)/';
    private const TOGETHER = '/^((?:19|20)\d{2})(\d{2})(\d{2})(?!\d)/';
    private const IN_WORDS = '/^(?:\p{L}+\.?,? )?(\d{1,2})(?:st|nd|rd|th|º)?\.?[ \-](?:de )?(\p{L}{3,12})\.?,?[ \-]'
        . '(?:de )?(\d{4})/u';
    private const MINUTE = '/^(\d{1,2})(?: ?[:.h] ?(\d{2})(?::\d{2}(?:\.\d+)?)?)? ?h?(?: ?([ap])\.? ?m\.?)?$/';
    private const WORD_FIRST = '/^(?:\p{L}+,? )?(\p{L}{3,12})\.? (\d{1,2})(?:st|nd|rd|th)?,? (\d{4})/u';

    /** @param int|null $minute of the day; null: no time was written beside it */
    private function __construct(public string $day, public ?int $minute)
    {
    }

    /**
     * @param DateTimeZone $zone of the salon, for moments that say their own distance from UTC
     * @param int          $latestYear for years of two digits: what would lie after it is a hundred years earlier
     *
     * @return self|null null where no day that exists is written there
     */
    public static function of(string $typed, DayOrder $order, DateTimeZone $zone, int $latestYear): ?self
    {
        $typed = trim((string) preg_replace('/\s+/u', ' ', $typed));
        if (preg_match('/^\d{4}-\d\d-\d\dT\d\d:\d\d(:\d\d(\.\d+)?)?(Z|[+\-]\d\d:?\d\d)$/', $typed) === 1) {
            return self::moment($typed, $zone);
        }
        foreach ([self::YEAR_FIRST, self::TOGETHER] as $pattern) {
            if (preg_match($pattern, $typed, $part) === 1) {
                return self::made((int) $part[1], (int) $part[2], (int) $part[3], substr($typed, strlen($part[0])));
            }
        }
        if (preg_match(self::NUMBERS, $typed, $part) === 1) {
            [$day, $month] = $order === DayOrder::MonthFirst && $part[2] !== '.'
                ? [(int) $part[3], (int) $part[1]]
                : [(int) $part[1], (int) $part[3]];

            return self::made(self::year($part[4], $latestYear), $month, $day, substr($typed, strlen($part[0])));
        }
        foreach ([[self::IN_WORDS, 1, 2], [self::WORD_FIRST, 2, 1]] as [$pattern, $day, $month]) {
            if (preg_match($pattern, $typed, $part) === 1) {
                $rest = substr($typed, strlen($part[0]));

                return self::made((int) $part[3], self::monthOf($part[$month]), (int) $part[$day], $rest);
            }
        }

        return null;
    }

    /** @return int|null minute of the day of a time such as 9:30, 09.30, 9h30, 2:30 pm or 14 h; null: it is none */
    public static function minute(string $typed): ?int
    {
        $typed = trim((string) preg_replace('/\s+/u', ' ', mb_strtolower($typed)));
        if (preg_match(self::MINUTE, $typed, $part) !== 1) {
            return null;
        }
        $hour = (int) $part[1];
        $minute = (int) ($part[2] ?? 0);
        if (isset($part[3])) {
            if ($hour < 1 || $hour > 12) {
                return null;
            }
            $hour = $hour % 12 + ($part[3] === 'p' ? 12 : 0);
        }

        return $hour < 24 && $minute < 60 ? 60 * $hour + $minute : null;
    }

    /**
     * Which of day and month comes first in a column: no month is the thirteenth.
     *
     * @param list<string> $typed
     *
     * @return DayOrder|null null where all of it can be read either way
     */
    public static function order(array $typed): ?DayOrder
    {
        $first = $second = 0;
        foreach ($typed as $cell) {
            if (preg_match(self::NUMBERS, trim($cell), $part) === 1) {
                $first = max($first, (int) $part[1]);
                $second = max($second, (int) $part[3]);
            }
        }

        return match (true) {
            $first > 12 => DayOrder::DayFirst,
            $second > 12 => DayOrder::MonthFirst,
            default => null,
        };
    }

    /** Whether it is written so that day and month could be taken for one another, but for what they are. */
    public static function needsOrder(string $typed): bool
    {
        return preg_match(self::NUMBERS, trim($typed), $part) === 1 && $part[2] !== '.';
    }

    private static function moment(string $typed, DateTimeZone $zone): ?self
    {
        try {
            $moment = CarbonImmutable::parse($typed)->setTimezone($zone);
        } catch (Throwable) {
            return null;
        }

        return new self($moment->format('Y-m-d'), 60 * $moment->hour + $moment->minute);
    }

    private static function made(int $year, int $month, int $day, string $rest): ?self
    {
        if ($year < 1900 || ! checkdate($month, $day, $year)) {
            return null;
        }
        $rest = trim($rest, " \t,T");
        $minute = self::minute($rest);

        // What stands beside a day is its time, or nothing we can read.
        return $rest === '' || $minute !== null
            ? new self(sprintf('%04d-%02d-%02d', $year, $month, $day), $minute)
            : null;
    }

    private static function year(string $typed, int $latestYear): int
    {
        if (strlen($typed) === 4) {
            return (int) $typed;
        }
        $year = 100 * intdiv($latestYear, 100) + (int) $typed;

        return $year > $latestYear ? $year - 100 : $year;
    }

    /** @return int 1 to 12; 0: no month in any language of ours */
    private static function monthOf(string $word): int
    {
        $plain = rtrim(mb_strtolower($word), '.');
        foreach (['en', 'es'] as $language) {
            foreach (['MMM', 'MMMM'] as $pattern) {
                $names = new IntlDateFormatter($language, 0, 0, 'UTC', null, $pattern);
                for ($month = 1; $month <= 12; $month++) {
                    $name = (string) $names->format((int) gmmktime(0, 0, 0, $month, 1, 2026));
                    if (rtrim(mb_strtolower($name), '.') === $plain) {
                        return $month;
                    }
                }
            }
        }

        return 0;
    }
}
