<?php

declare(strict_types=1);

namespace Nagomi\Core\Validation;

use DateTimeImmutable;
use Nagomi\Core\Climate\Humidity;
use Nagomi\Core\Estimation\HeadHistory;
use Nagomi\Core\Estimation\KalmanFilter;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Planning\FixedCalendar;
use Nagomi\Core\Planning\Plan;
use Nagomi\Core\Planning\Planner;
use Nagomi\Core\Planning\PlanTerms;
use Nagomi\Core\Planning\ProteinEvidence;
use Nagomi\Core\Planning\WashOption;
use Nagomi\Core\Readings\Moment;
use Nagomi\Core\Readings\Reading;
use Nagomi\Core\Simulation\RuleChecker;
use Nagomi\Core\Simulation\VirtualClient;
use Nagomi\Core\Simulation\World;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Treatments\Place;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\WashDay;
use RuntimeException;

/**
 * Lets virtual heads live by the plan, replanned at each visit, and by the fixed calendar, and counts days out of band.
 */
final class PlanScore
{
    /** @var array<string, array{days: float, minutes: float}> */
    private array $totals = [
        'plan' => ['days' => 0.0, 'minutes' => 0.0],
        'calendar' => ['days' => 0.0, 'minutes' => 0.0],
    ];

    public int $rulesBroken = 0;

    public function take(int $seed, int $days, World $world = World::Shipped): void
    {
        foreach (['plan', 'calendar'] as $way) {
            $this->live($way, VirtualClient::draw($seed, world: $world), $days);
        }
    }

    private function live(string $way, VirtualClient $client, int $days): void
    {
        $head = $client->head;
        $from = Calendar::day('2026-01-05') ?? throw new RuntimeException('5 January 2026 is a day.');
        $washDays = $readings = $planned = [];
        $nextVisit = 0;
        $lastWash = -$head->washEveryDays;
        for ($day = 0, $wash = 0; $day < $days; $day++) {
            $date = $from->modify("+{$day} days");
            $client->virtual->aDay($client->humidityOn($date));
            $swim = $client->swim();
            $client->virtual->wash($swim);
            $washDays = [...$washDays, ...self::told("s{$day}", $date, $client->recordedAtHome($swim), Place::Home)];
            $visits = $day === $nextVisit;
            if ($visits && $way === 'plan') {
                $read = $client->virtual->read($day - $lastWash);
                $readings = [...$readings, ...self::readings($read, $day, $date, Moment::BeforeCleansing)];
                $planned = $this->planned($client, $washDays, $readings, $date, $day);
            }
            $choice = match (true) {
                $way === 'plan' => $planned[$day] ?? null,
                $day % $head->washEveryDays === 0 => (new FixedCalendar($head))->on($wash),
                default => null,
            };
            if ($choice !== null) {
                $steps = $visits ? $choice->steps($head) : $client->doneAtHome($choice->steps($head));
                $client->virtual->wash($steps);
                [$told, $place] = $visits
                    ? [$steps, Place::Salon]
                    : [$client->recordedAtHome($steps), Place::Home];
                $washDays = [...$washDays, ...self::told("w{$day}", $date, $told, $place, $choice->steps($head))];
                $this->totals[$way]['minutes'] += $choice->minutes($head);
                $lastWash = $day;
                $wash++;
            }
            if ($visits) {
                $read = $choice === null ? [] : $client->virtual->readAfterStyling();
                $readings = [...$readings, ...self::readings($read, $day, $date, Moment::AfterStyling)];
                $nextVisit = $day + $client->nextVisit();
            }
            $this->totals[$way]['days'] += $this->outOfBand($client);
        }
    }

    /**
     * @param list<Step> $steps
     * @param list<Step>|null $planned
     *
     * @return list<WashDay> one, or none where nothing was told
     */
    private static function told(
        string $id,
        DateTimeImmutable $date,
        array $steps,
        Place $place,
        ?array $planned = null,
    ): array {
        return $steps === [] ? [] : [new WashDay($id, $date, $steps, $place, planned: $planned)];
    }

    /**
     * @param array<string, array<string, mixed>> $raws
     *
     * @return list<Reading>
     */
    private static function readings(array $raws, int $day, DateTimeImmutable $date, Moment $moment): array
    {
        return array_map(
            static fn (string $test, array $raw): Reading => new Reading(
                "r{$day}-{$test}",
                $date,
                $moment,
                $test,
                $raw,
            ),
            array_keys($raws),
            $raws,
        );
    }

    /**
     * @param list<WashDay> $washDays
     * @param list<Reading> $readings
     *
     * @return array<int, WashOption> by day of this life
     */
    private function planned(
        VirtualClient $client,
        array $washDays,
        array $readings,
        DateTimeImmutable $date,
        int $day,
    ): array {
        $history = new HeadHistory(
            $client->head,
            $washDays,
            $readings,
            air: new Humidity($client->head->humidityPercent, $client->air),
        );
        $run = KalmanFilter::through($history, $date);
        $planning = $client->head->parameters->planning;
        $terms = (new PlanTerms())
            ->readOn($run->lastRead(), $date, $planning)
            ->knowing(ProteinEvidence::ofRun($run, $washDays, $date, $planning));
        $plan = Planner::plan($run->last(), $washDays, 12, $terms, saysWhy: false);
        $planned = [];
        foreach ($plan->items as $item) {
            $planned[$day + $item->day] = $item->choice;
        }
        $this->rulesBroken += self::breaches($client->head, $washDays, $plan, $date);

        return $planned;
    }

    /**
     * Breaches of the plan, told by the checker from what is on record and what is planned.
     *
     * @param list<WashDay> $washDays
     */
    private static function breaches(Head $head, array $washDays, Plan $plan, DateTimeImmutable $date): int
    {
        $checker = new RuleChecker($head);
        foreach ($washDays as $washDay) {
            $checker->washDay(Calendar::daysBetween($date, $washDay->date), $washDay->steps);
        }
        $breaches = 0;
        foreach ($plan->items as $item) {
            $breaches += count($checker->washDay($item->day, $item->choice->steps($head)));
        }

        return $breaches;
    }

    /** Share of the head that is out of its band today. */
    private function outOfBand(VirtualClient $client): float
    {
        $share = 0.0;
        foreach ($client->head->strata as $s => $stratum) {
            $truth = $client->virtual->truth[$s];
            $out = abs($truth['moisture'] - $stratum->targetMoisture()) > $stratum->parameters->model->bandHalfWidth
                || abs(
                    $truth['protein'] - $stratum->targetProtein($client->head->proteinSensitive),
                ) > $stratum->parameters->model->bandHalfWidth;
            $share += $out ? $stratum->share : 0.0;
        }

        return $share;
    }

    public function daysRatio(): float
    {
        return $this->totals['plan']['days'] / max(1e-9, $this->totals['calendar']['days']);
    }

    public function minutesRatio(): float
    {
        return $this->totals['plan']['minutes'] / max(1e-9, $this->totals['calendar']['minutes']);
    }
}
