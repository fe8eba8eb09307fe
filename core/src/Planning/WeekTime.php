<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use DateTimeImmutable;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Wording\Message;
use Nagomi\Core\Wording\RefusedInput;

/**
 * The time a client has for a wash day, by weekday, and on single days in the salon; what is not named has no limit of
 * its own.
 */
final readonly class WeekTime
{
    public const MOST_MINUTES = 480;

    /** As the care record names them, by weekday, 1 Monday to 7 Sunday. */
    public const NAMES = [1 => 'mon', 2 => 'tue', 3 => 'wed', 4 => 'thu', 5 => 'fri', 6 => 'sat', 7 => 'sun'];

    /**
     * @param array<int, int> $minutes longest wash day in minutes, 10 to 480, by weekday, 1 Monday to 7 Sunday; 0: hair
     *     is not washed on that weekday
     * @param array<string, int> $dates longest wash day in minutes, 10 to 480, of a day in the salon, by Y-m-d
     *
     * @throws RefusedInput for another number or weekday, or where no weekday is left to wash on
     */
    public function __construct(public array $minutes = [], public array $dates = [])
    {
        foreach ($dates as $most) {
            if ($most === 0 || ! self::isTime($most)) {
                throw new RefusedInput(
                    Message::of('refusals.salon-minutes', least: Head::LEAST_MINUTES_LIMIT, most: self::MOST_MINUTES),
                );
            }
        }
        foreach ($minutes as $weekday => $most) {
            if (! isset(self::NAMES[$weekday]) || ! self::isTime($most)) {
                throw new RefusedInput(Message::of(
                    'refusals.weekday-minutes',
                    least: Head::LEAST_MINUTES_LIMIT,
                    most: self::MOST_MINUTES,
                ));
            }
        }
        if (count(array_keys($minutes, 0, true)) === count(self::NAMES)) {
            throw new RefusedInput(Message::of('refusals.no-weekday'));
        }
    }

    /** Whether a weekday may be given so many minutes. */
    public static function isTime(int $minutes): bool
    {
        return $minutes === 0 || ($minutes >= Head::LEAST_MINUTES_LIMIT && $minutes <= self::MOST_MINUTES);
    }

    /** @param array<string, int> $dates longest wash day in minutes, of a day in the salon, by Y-m-d */
    public function withDates(array $dates): self
    {
        return new self($this->minutes, $dates + $this->dates);
    }

    /** The longest one day in the salon may take, in minutes; null: it has no limit of its own. */
    public function onDate(DateTimeImmutable $day): ?int
    {
        return $this->dates === [] ? null : $this->dates[$day->format('Y-m-d')] ?? null;
    }

    public function limits(): bool
    {
        return $this->minutes !== [] || $this->dates !== [];
    }

    public function isSet(): bool
    {
        return $this->minutes !== [];
    }

    /** The longest a wash day may take, in minutes; null: no limit, or a day that only a hand could have set. */
    public function on(DateTimeImmutable $day): ?int
    {
        return ($this->minutes[self::weekday($day)] ?? 0) ?: null;
    }

    public function isOpen(DateTimeImmutable $day): bool
    {
        return ($this->minutes[self::weekday($day)] ?? null) !== 0;
    }

    /** The same week with more time on one weekday. */
    public function longer(int $weekday, int $minutes): self
    {
        return new self([$weekday => min(self::MOST_MINUTES, ($this->minutes[$weekday] ?? 0) + $minutes)]
            + $this->minutes, $this->dates);
    }

    /**
     * Of the days a wash may fall on, the one with most time, the nearest to the day it is due at a tie, the earlier of
     * two as near.
     *
     * @param non-empty-list<DateTimeImmutable> $days the due day first, then by how near they are
     */
    public function longestOf(array $days): DateTimeImmutable
    {
        $best = $days[0];
        foreach ($days as $day) {
            $best = ($this->on($day) ?? PHP_INT_MAX) > ($this->on($best) ?? PHP_INT_MAX) ? $day : $best;
        }

        return $best;
    }

    private static function weekday(DateTimeImmutable $day): int
    {
        return (int) $day->format('N');
    }
}
