<?php

declare(strict_types=1);

namespace Nagomi\Core\Validation;

use DateTimeImmutable;
use Nagomi\Core\Climate\Humidity;
use Nagomi\Core\Estimation\HeadHistory;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Readings\Moment;
use Nagomi\Core\Readings\Reading;
use Nagomi\Core\Simulation\VirtualClient;
use Nagomi\Core\Simulation\World;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Treatments\Place;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\WashDay;
use RuntimeException;

/** A virtual client's months by habit: what was true each day, and what the record holds of it. */
final readonly class SimulatedLife
{
    /**
     * @param list<WashDay>                                                    $washDays as recorded
     * @param list<Reading>                                                    $readings
     * @param list<list<array{moisture: float, protein: float}>> $truth by day, then stratum, at the end of the day
     * @param list<int>                                                        $visits   days with readings
     * @param array<string, float> $air a weather station's daily humidity in %, by day of the year
     * @param array<int, list<Step>> $meant what was to be done, by day, whether it was or not
     */
    private function __construct(
        public Head $head,
        public DateTimeImmutable $from,
        public array $washDays,
        public array $readings,
        public array $truth,
        public array $visits,
        public array $air,
        public array $meant,
    ) {
    }

    /** @param bool $planned with what was meant to be done at each wash, as from a plan that was handed out */
    public function history(bool $planned = false): HeadHistory
    {
        return new HeadHistory(
            $this->head,
            $planned ? array_map($this->withPlan(...), $this->washDays) : $this->washDays,
            $this->readings,
            air: new Humidity($this->head->humidityPercent, $this->air),
        );
    }

    private function withPlan(WashDay $day): WashDay
    {
        $planned = $this->meant[Calendar::daysBetween($this->from, $day->date)] ?? [];

        return new WashDay($day->id, $day->date, $day->steps, $day->place, $day->approximate, $planned);
    }

    /** @throws RuntimeException never: the day it begins on is one */
    public static function live(
        int $seed,
        int $days,
        bool $allTold = false,
        World $world = World::Shipped,
    ): self {
        $client = VirtualClient::draw($seed, $allTold, $world);
        $from = Calendar::day('2026-01-05') ?? throw new RuntimeException('5 January 2026 is a day.');
        $washDays = $readings = $truth = $visits = $meant = [];
        [$nextWash, $nextVisit, $lastWash] = [0, 0, -$client->head->washEveryDays];
        for ($day = 0, $wash = 0; $day < $days; $day++) {
            $date = $from->modify("+{$day} days");
            $client->virtual->aDay($client->humidityOn($date));
            $swim = $client->swim();
            $client->virtual->wash($meant[$day] = $swim);
            $told = $client->recordedAtHome($swim);
            if ($told !== []) {
                $washDays[] = new WashDay("s{$day}", $date, $told, Place::Home);
            }
            $visits = $day === $nextVisit ? [...$visits, $day] : $visits;
            if ($day === $nextVisit) {
                foreach ($client->virtual->read($day - $lastWash) as $test => $raw) {
                    $readings[] = new Reading("r{$day}-{$test}", $date, Moment::BeforeCleansing, $test, $raw);
                }
            }
            if ($day === $nextWash || $day === $nextVisit) {
                $inSalon = $day === $nextVisit;
                $habit = $client->habit($wash++);
                $meant[$day] = [...$swim, ...$habit];
                $steps = $inSalon ? $habit : $client->doneAtHome($habit);
                $client->virtual->wash($steps);
                foreach ($inSalon ? $client->virtual->readAfterStyling() : [] as $test => $raw) {
                    $readings[] = new Reading("r{$day}-{$test}", $date, Moment::AfterStyling, $test, $raw);
                }
                $recorded = $inSalon ? $steps : $client->recordedAtHome($steps);
                if ($recorded !== []) {
                    $washDays[] = new WashDay("w{$day}", $date, $recorded, $inSalon ? Place::Salon : Place::Home);
                }
                $lastWash = $day;
                $nextWash = $day + $client->nextWash();
                $nextVisit = $inSalon ? $day + $client->nextVisit() : $nextVisit;
            }
            $truth[] = array_map(self::balance(...), $client->virtual->truth);
        }

        return new self($client->head, $from, $washDays, $readings, $truth, $visits, $client->air, $meant);
    }

    /**
     * @param array{moisture: float, protein: float, washable: float, stubborn: float, wear: float} $stratum
     *
     * @return array{moisture: float, protein: float}
     */
    private static function balance(array $stratum): array
    {
        return ['moisture' => $stratum['moisture'], 'protein' => $stratum['protein']];
    }
}
