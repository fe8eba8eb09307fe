<?php

declare(strict_types=1);

namespace App\Pages\Reports;

use App\Models\Salon;
use App\Wording\SalonClock;
use Carbon\CarbonImmutable;

/** The days a report tells of, and as many before them. Both ends belong to it. */
final readonly class ReportPeriod
{
    private const WEEKS = 12;
    private const MOST_DAYS = 731;

    private function __construct(public CarbonImmutable $from, public CarbonImmutable $until)
    {
    }

    /** The last twelve weeks, unless other days are asked for that can be. */
    public static function asked(Salon $salon, string $from, string $until): self
    {
        $today = $salon->today();
        $end = (SalonClock::day($salon, $until) ?? $today)->min($today);
        $start = SalonClock::day($salon, $from) ?? $end->subWeeks(self::WEEKS)->addDay();

        return new self($start->min($end)->max($end->subDays(self::MOST_DAYS - 1)), $end);
    }

    public function days(): int
    {
        return (int) round($this->from->diffInDays($this->until)) + 1;
    }

    public function before(): self
    {
        return new self($this->from->subDays($this->days()), $this->from->subDay());
    }

    /** @return array{string, string} */
    public function dates(): array
    {
        return [$this->from->format('Y-m-d'), $this->until->format('Y-m-d')];
    }
}
