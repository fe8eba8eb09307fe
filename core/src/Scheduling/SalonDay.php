<?php

declare(strict_types=1);

namespace Nagomi\Core\Scheduling;

use DomainException;
use Nagomi\Core\Parameters\SchedulingParameters;

/**
 * Whose hands are there when, and how many chairs: the room a day's sittings are placed in. Times are minutes of the
 * day.
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
     * @param int                                                      $chairs 1 or more
     *
     * @throws DomainException with a sentence that says what to change
     */
    public function __construct(public array $hours, public int $chairs, public SchedulingParameters $parameters)
    {
        if ($chairs < 1) {
            throw new DomainException('Chairs: give 1 or more.');
        }
        foreach ($hours as $spans) {
            $before = -1;
            foreach ($spans as [$from, $until]) {
                if ($from <= $before || $until <= $from || $until > 1440) {
                    throw new DomainException(
                        'Hours: each span ends after it begins and begins after the one before it.',
                    );
                }
                $before = $until;
            }
        }
        $grid = $this->parameters->gridMinutes;
        $this->opens = intdiv(min(array_map(static fn (array $spans): int => $spans[0][0], $hours)), $grid) * $grid;
        $this->slots = intdiv(
            max(array_map(static fn (array $spans): int => $spans[count($spans) - 1][1], $hours)) - $this->opens,
            $grid,
        );
        if ($this->slots > self::WORDS * self::BITS) {
            throw new DomainException('Hours: from the first hand to the last a day has at most fifteen hours.');
        }
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

    /** @return array{int, int, int} a bit for each slot in which these hands are there from end to end */
    public function worked(string $hands): array
    {
        $mask = [0, 0, 0];
        foreach ($this->hours[$hands] ?? [] as [$from, $until]) {
            for ($slot = $this->slot($from); $this->minute($slot + 1) <= $until; $slot++) {
                $mask = self::with($mask, $slot, 1);
            }
        }

        return $mask;
    }

    /**
     * @param array{int, int, int} $mask
     *
     * @return array{int, int, int} with so many slots from one on
     */
    public static function with(array $mask, int $slot, int $count): array
    {
        $end = $slot + $count;
        for ($word = 0; $word < self::WORDS; $word++) {
            $from = max($slot, $word * self::BITS);
            $bits = min($end, ($word + 1) * self::BITS) - $from;
            if ($bits > 0) {
                $mask[$word] |= ((1 << $bits) - 1) << ($from - $word * self::BITS);
            }
        }

        return [$mask[0], $mask[1], $mask[2]];
    }
}
