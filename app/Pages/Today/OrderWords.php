<?php

declare(strict_types=1);

namespace App\Pages\Today;

use App\Bridge\Scheduling\SalonSchedule;
use App\Models\Salon;
use App\Models\User;
use App\Wording\SalonClock;
use App\Wording\Words;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Nagomi\Core\Scheduling\DaySchedule;

/** What is to be said of the order a day was laid out in. */
final readonly class OrderWords
{
    /** '' where it is the best there is, or as good to the minute. */
    public function of(DaySchedule $line): string
    {
        $minutes = (int) round($line->gapMinutes());

        return $minutes === 0
            ? ''
            : Words::say(
                $line->isWorthALongerLook() ? 'booking.order.sought' : 'booking.order.found',
                ['minutes' => $minutes],
            );
    }

    /** @return list<string> that the clocks change in a night that is worked in */
    public function clocks(Salon $salon, CarbonImmutable $date, DaySchedule $line): array
    {
        $closes = max(array_map(static fn (array $spans): int => $spans[count($spans) - 1][1], $line->day->hours));
        $at = SalonClock::changesInTheNight($salon, $date, $closes + 1);

        return $at === $closes ? [Words::say('hours.clocks', ['time' => SalonClock::shown($at)])] : [];
    }

    /**
     * @param Collection<int, User> $stylists by key
     *
     * @return list<string> whose hands work in a break or after closing, so that nobody waits longer
     */
    public function outsideHours(DaySchedule $line, Collection $stylists): array
    {
        $says = [];
        foreach (array_keys($line->day->hours) as $hands) {
            $minutes = ['into-break' => 0, 'past-closing' => 0];
            foreach ($line->placed as $placement) {
                if ($placement->hands === $hands) {
                    $minutes['into-break'] += $placement->breakMinutes;
                    $minutes['past-closing'] += $placement->closingMinutes;
                }
            }
            foreach (array_filter($minutes) as $kind => $count) {
                $name = $stylists->get(SalonSchedule::stylist($hands))->name ?? '';
                $says[] = Words::say("booking.order.{$kind}", ['who' => explode(' ', $name)[0], 'minutes' => $count]);
            }
        }

        return $says;
    }
}
