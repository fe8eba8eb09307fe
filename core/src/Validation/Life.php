<?php

declare(strict_types=1);

namespace Nagomi\Core\Validation;

use DateTimeImmutable;
use Nagomi\Core\Balance\Calendar;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Reading\Moment;
use Nagomi\Core\Reading\Reading;
use Nagomi\Core\Simulation\VirtualClient;
use Nagomi\Core\Treatment\Place;
use Nagomi\Core\Treatment\WashDay;
use RuntimeException;

/** A virtual client's months by her own habits: what was true each day, and what the record holds of it. */
final readonly class Life
{
    /**
     * @param list<WashDay>                                                    $washDays as recorded
     * @param list<Reading>                                                    $readings
     * @param list<list<array{moisture: float, protein: float}>>               $truth    by day, then stratum, at the end of the day
     * @param list<int>                                                        $visits   days with readings
     */
    private function __construct(
        public Head $head,
        public DateTimeImmutable $from,
        public array $washDays,
        public array $readings,
        public array $truth,
        public array $visits,
    ) {
    }

    public static function live(int $seed, int $days): self
    {
        $client = VirtualClient::draw($seed);
        $from = Calendar::day('2026-01-05') ?? throw new RuntimeException('5 January 2026 is a day.');
        $washDays = $readings = $truth = $visits = [];
        $nextWash = 0;
        $nextVisit = 0;
        $lastWash = -$client->head->washEveryDays;
        for ($day = 0, $wash = 0; $day < $days; $day++) {
            $date = $from->modify("+{$day} days");
            $client->virtual->aDay();
            $visits = $day === $nextVisit ? [...$visits, $day] : $visits;
            if ($day === $nextVisit) {
                foreach ($client->virtual->read($day - $lastWash) as $test => $raw) {
                    $readings[] = new Reading("r{$day}-{$test}", $date, Moment::BeforeCleansing, $test, $raw);
                }
            }
            if ($day === $nextWash || $day === $nextVisit) {
                $steps = $client->habit($wash++);
                $client->virtual->wash($steps);
                $inSalon = $day === $nextVisit;
                $recorded = $inSalon ? $steps : $client->recordedAtHome($steps);
                if ($recorded !== []) {
                    $washDays[] = new WashDay("w{$day}", $date, $recorded, $inSalon ? Place::Salon : Place::Home);
                }
                $lastWash = $day;
                $nextWash = $day + max(3, $client->head->washEveryDays + $client->chance->between(-1, 2));
                $nextVisit = $inSalon ? $day + $client->nextVisit() : $nextVisit;
            }
            $truth[] = array_map(static fn (array $stratum): array => ['moisture' => $stratum['moisture'], 'protein' => $stratum['protein']], $client->virtual->truth);
        }

        return new self($client->head, $from, $washDays, $readings, $truth, $visits);
    }
}
