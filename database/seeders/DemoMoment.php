<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Wording\SalonClock;
use Carbon\CarbonImmutable;

/**
 * When the day of the demo begins: so that half of it is over at the moment the demo is built, whatever the hour; in
 * the night it is the day before that goes on.
 */
final readonly class DemoMoment
{
    /** Minutes from the opening on: the hours of everybody, and how long the salon has been open. */
    private const SPANS = [[0, 210], [255, 570]];
    private const OPEN_FOR = 270;
    private const GRID = 15;
    private const NIGHT_UNTIL = 120;
    private const DAY = 1440;

    /** Whoever was to begin less than so long ago is not in the chair yet. */
    public const SEATED_AFTER_MINUTES = self::GRID;

    private function __construct(public int $opens, public bool $isUnderWay, private int $latest)
    {
    }

    /** @param int $latest minute of the day at which a salon may close at the latest */
    public static function round(CarbonImmutable $there, int $latest): self
    {
        $minute = 60 * $there->hour + $there->minute;
        $minute += $minute < self::NIGHT_UNTIL ? self::DAY : 0;

        return new self(max(0, intdiv($minute - self::OPEN_FOR, self::GRID) * self::GRID), true, $latest);
    }

    /**
     * A day on which nobody has come yet, for whoever moves the clock.
     *
     * @return self|null null where what was typed is no time
     */
    public static function before(string $opens): ?self
    {
        $minute = SalonClock::typed($opens);

        return $minute === null ? null : new self($minute, false, self::DAY);
    }

    /** @return list<array{int, int}> the hours of the day, in minutes of the day */
    public function spans(): array
    {
        return array_map(
            fn (array $span): array => [$this->opens + $span[0], min($this->latest, $this->opens + $span[1])],
            self::SPANS,
        );
    }

    public function closes(): int
    {
        return min($this->latest, $this->opens + self::SPANS[1][1]);
    }
}
