<?php

declare(strict_types=1);

namespace Nagomi\Core\Scheduling;

use WeakMap;

/**
 * When somebody's hands can work, slot by slot, and what it costs: nothing within the hours, something in the first part
 * of a break and for a while after closing. Who is in the chair already keeps hands whatever the hour.
 */
final class HandsHours
{
    /** @var WeakMap<SalonDay, array<string, self>>|null of days that are being laid out, by hands and whether under way */
    private static ?WeakMap $known = null;

    /**
     * @param array<int, int> $runs    slots these hands can work in without a stop, by the slot they begin in
     * @param list<int>       $break   minutes of a break before each slot, counted from the first on
     * @param list<int>       $closing minutes outside the hours before each slot, breaks apart
     */
    private function __construct(
        private readonly array $runs,
        private readonly array $break,
        private readonly array $closing,
    ) {
    }

    public static function of(SalonDay $day, string $hands, bool $isUnderWay): self
    {
        self::$known ??= new WeakMap();
        $known = self::$known[$day] ?? [];
        $known[$hands . ($isUnderWay ? ' under way' : '')] ??= self::slotBySlot($day, $hands, $isUnderWay);
        self::$known[$day] = $known;

        return $known[$hands . ($isUnderWay ? ' under way' : '')];
    }

    private static function slotBySlot(SalonDay $day, string $hands, bool $isUnderWay): self
    {
        $spans = $day->hours[$hands] ?? [];
        $away = $day->away[$hands] ?? [];
        $grid = $day->parameters->gridMinutes;
        [$can, $break, $closing] = [[], [0], [0]];
        for ($slot = 0; $slot < $day->slots; $slot++) {
            $kind = self::isIn($away, $day->minute($slot))
                ? 'closed off'
                : self::kind($spans, $day->minute($slot), $day);
            $break[] = $break[$slot] + (str_starts_with($kind, 'break') ? $grid : 0);
            $closing[] = $closing[$slot] + (str_starts_with($kind, 'closed') ? $grid : 0);
            $can[] = $isUnderWay || ! str_ends_with($kind, 'off');
        }
        $runs = [$day->slots => 0];
        for ($slot = $day->slots - 1; $slot >= 0; $slot--) {
            $runs[$slot] = $can[$slot] ? $runs[$slot + 1] + 1 : 0;
        }

        return new self($runs, $break, $closing);
    }

    /**
     * @param list<int> $offsets slots from the first one on at which each stretch begins
     * @param list<int> $counts  slots of hands of each
     */
    public function has(int $start, array $offsets, array $counts): bool
    {
        foreach ($offsets as $i => $offset) {
            if ($this->runs[$start + $offset] < $counts[$i]) {
                return false;
            }
        }

        return true;
    }

    /** Minutes of a break in so many slots from one on. */
    public function breakMinutes(int $slot, int $count): int
    {
        return $this->break[$slot + $count] - $this->break[$slot];
    }

    /** Minutes outside the hours, breaks apart, in so many slots from one on. */
    public function closingMinutes(int $slot, int $count): int
    {
        return $this->closing[$slot + $count] - $this->closing[$slot];
    }

    /** @param list<array{int, int}> $spans */
    private static function isIn(array $spans, int $minute): bool
    {
        foreach ($spans as [$from, $until]) {
            if ($minute >= $from && $minute < $until) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param list<array{int, int}> $spans
     *
     * @return 'worked'|'break'|'break off'|'closed'|'closed off' of the slot that begins at a minute
     */
    private static function kind(array $spans, int $minute, SalonDay $day): string
    {
        $until = null;
        foreach ($spans as [$from, $ends]) {
            if ($minute >= $from && $minute + $day->parameters->gridMinutes <= $ends) {
                return 'worked';
            }
            if ($minute < $from) {
                return match (true) {
                    $until === null => 'closed off',
                    $minute + $day->parameters->gridMinutes
                        <= $until + min($day->parameters->mostIntoBreakMinutes, intdiv($from - $until, 2)) => 'break',
                    default => 'break off',
                };
            }
            $until = $ends;
        }
        $most = $until === null ? 0 : $until + $day->parameters->mostPastClosingMinutes;

        return $minute + $day->parameters->gridMinutes <= $most ? 'closed' : 'closed off';
    }
}
