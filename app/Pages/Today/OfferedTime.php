<?php

declare(strict_types=1);

namespace App\Pages\Today;

use App\Bridge\Scheduling\SalonSchedule;
use App\Wording\SalonClock;
use Carbon\CarbonImmutable;
use Nagomi\Core\Scheduling\Opening;

/** A time at which a client can begin, with whose hands. */
final readonly class OfferedTime
{
    /**
     * @param string $time  H:MM
     * @param int    $held  minutes hair waits longer than it needs
     * @param int    $lost  minutes of these hands that become too short to be used
     * @param string $slot  day, time and stylist, as the form sends it
     */
    public function __construct(
        public int $minute,
        public string $time,
        public int $user,
        public int $held,
        public int $lost,
        public string $slot,
    ) {
    }

    public static function at(Opening $opening, CarbonImmutable $date): self
    {
        $placement = $opening->placement;
        [$time, $user] = [SalonClock::shown($placement->start()), SalonSchedule::stylist($placement->hands)];

        return new self(
            $placement->start(),
            $time,
            $user,
            array_sum($placement->holds),
            $opening->lostMinutes,
            "{$date->format('Y-m-d')} {$time} {$user}",
        );
    }

    /** Beside its day. */
    public function words(): string
    {
        return SalonClock::inWords($this->minute);
    }

    /** @return 'morning'|'midday'|'afternoon'|'evening'|'night' */
    public function part(): string
    {
        return match (true) {
            $this->minute < 12 * 60 => 'morning',
            $this->minute < 14 * 60 => 'midday',
            $this->minute < 17 * 60 => 'afternoon',
            $this->minute < 22 * 60 => 'evening',
            default => 'night',
        };
    }
}
