<?php

declare(strict_types=1);

namespace Nagomi\Core\Scheduling;

use DomainException;
use Nagomi\Core\Parameters\SchedulingParameters;

/**
 * Whose hands are there when, and how many chairs and how much equipment: the room a day's appointments are placed in. Times are
 * minutes of the day; past midnight they count on.
 */
final readonly class SalonDay
{
    /** A slot is one bit; so many words of so many bits make up the longest day. */
    public const WORDS = 3;
    public const BITS = 60;

    public int $opens;
    public int $slots;

    /**
     * @param non-empty-array<string, non-empty-list<array{
     *     int, int,
     * }>> $hours from and until, by whose hands, in their order
     * @param int                    $chairs 1 or more
     * @param array<array-key, array{int, int}> $seated from and until, by those who sit on and need no hands any more
     * @param array<string, list<array{int, int}>> $away from and until, by hands that are not there though they might
     *     be: neither break nor the time after closing is worked in then
     * @param array{int, int}|null   $also   minutes that are looked at beside the hours: somebody is under way in them
     * @param array<string, int>     $equipment that works, 0 or more of each; what is left out is not counted
     * @param list<array-key>        $hooded of those who sit on: who sits under a hood
     *
     * @throws DomainException with a sentence that says what to change
     */
    public function __construct(
        public array $hours,
        public int $chairs,
        public SchedulingParameters $parameters,
        public array $seated = [],
        ?array $also = null,
        public array $away = [],
        public array $equipment = [],
        public array $hooded = [],
    ) {
        if ($chairs < 1) {
            throw new DomainException('Chairs: give 1 or more.');
        }
        if (min([0, ...array_values($equipment)]) < 0) {
            throw new DomainException('Equipment: give 0 or more.');
        }
        foreach ($hours as $spans) {
            $before = -1;
            foreach ($spans as [$from, $until]) {
                if ($from <= $before || $until <= $from || $until > $parameters->latestClosingMinute) {
                    throw new DomainException(
                        'Hours: each span ends after it begins and begins after the one before it.',
                    );
                }
                $before = $until;
            }
        }
        $grid = $this->parameters->gridMinutes;
        $longest = self::WORDS * self::BITS * $grid;
        $first = min(array_map(static fn (array $spans): int => $spans[0][0], $hours));
        $last = max(array_map(static fn (array $spans): int => $spans[count($spans) - 1][1], $hours));
        if ($last - intdiv($first, $grid) * $grid > $longest) {
            throw new DomainException('Hours: from the first hand to the last a day has at most fifteen hours.');
        }
        // Whoever is under way late at night is still seen: what counts then is no longer the morning.
        $opens = max(min($first, $also[0] ?? $first), max($last, $also[1] ?? 0) - $longest);
        $ends = max($last + $this->parameters->mostPastClosingMinutes, $also[1] ?? 0);
        $this->opens = intdiv($opens, $grid) * $grid;
        $this->slots = intdiv(min($ends, $this->opens + $longest) - $this->opens, $grid);
    }

    /** Whether these hands are not there at a minute, nor later on the day. */
    public function isGone(string $hands, int $minute): bool
    {
        foreach ($this->hours[$hands] ?? [] as [, $until]) {
            if ($until > $minute) {
                return false;
            }
        }

        return isset($this->away[$hands]) || ! isset($this->hours[$hands]);
    }

    /** The first slot that begins at this minute or after it. */
    public function slot(int $minute): int
    {
        return (int) ceil(($minute - $this->opens) / $this->parameters->gridMinutes);
    }

    public function minute(int $slot): int
    {
        return $this->opens + $slot * $this->parameters->gridMinutes;
    }

    /**
     * @param array{int, int, int} $mask
     *
     * @return array{int, int, int} with so many slots from one on
     */
    public static function with(array $mask, int $slot, int $count): array
    {
        $end = $slot + $count;
        for ($word = max(0, intdiv($slot, self::BITS)); $word < self::WORDS && $word * self::BITS < $end; $word++) {
            $from = max($slot, $word * self::BITS);
            $bits = min($end, ($word + 1) * self::BITS) - $from;
            if ($bits > 0) {
                $mask[$word] |= ((1 << $bits) - 1) << ($from - $word * self::BITS);
            }
        }

        return [$mask[0], $mask[1], $mask[2]];
    }
}
