<?php

declare(strict_types=1);

namespace Nagomi\Core\Validation;

use DateTimeImmutable;
use Nagomi\Core\Air\Humidity;
use Nagomi\Core\Balance\Calendar;
use Nagomi\Core\Balance\Filter;
use Nagomi\Core\Balance\History;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Reading\Moment;
use Nagomi\Core\Reading\Reading;
use Nagomi\Core\Season\Choice;
use Nagomi\Core\Season\Choices;
use Nagomi\Core\Season\Plan;
use Nagomi\Core\Season\Planner;
use Nagomi\Core\Simulation\RuleChecker;
use Nagomi\Core\Simulation\VirtualClient;
use Nagomi\Core\Treatment\Place;
use Nagomi\Core\Treatment\Step;
use Nagomi\Core\Treatment\StepKind;
use Nagomi\Core\Treatment\WashDay;
use RuntimeException;

/** Lets virtual heads live by the plan, replanned at each visit, and by the fixed calendar, and counts days out of band. */
final class PlanScore
{
    private const BAND = 15.0;

    /** @var array<string, array{days: float, minutes: float}> */
    private array $totals = ['plan' => ['days' => 0.0, 'minutes' => 0.0], 'calendar' => ['days' => 0.0, 'minutes' => 0.0]];

    public int $rulesBroken = 0;

    public function take(int $seed, int $days): void
    {
        foreach (['plan', 'calendar'] as $way) {
            $this->live($way, VirtualClient::draw($seed), $days);
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
                $readings = [...$readings, ...self::readings($client->virtual->read($day - $lastWash), $day, $date, Moment::BeforeCleansing)];
                $planned = $this->planned($client, $washDays, $readings, $date, $day);
            }
            $choice = $way === 'plan' ? ($planned[$day] ?? null) : ($day % $head->washEveryDays === 0 ? self::byCalendar($head, $wash) : null);
            if ($choice !== null) {
                $steps = $choice->steps($head);
                $client->virtual->wash($steps);
                $washDays = [...$washDays, ...self::told("w{$day}", $date, $visits ? $steps : $client->recordedAtHome($steps), $visits ? Place::Salon : Place::Home)];
                $this->totals[$way]['minutes'] += $choice->minutes($head);
                $lastWash = $day;
                $wash++;
            }
            if ($visits) {
                $readings = [...$readings, ...self::readings($choice === null ? [] : $client->virtual->readAfterStyling(), $day, $date, Moment::AfterStyling)];
                $nextVisit = $day + $client->nextVisit();
            }
            $this->totals[$way]['days'] += $this->outOfBand($client);
        }
    }

    /**
     * @param list<Step> $steps
     *
     * @return list<WashDay> one, or none where nothing was told
     */
    private static function told(string $id, DateTimeImmutable $date, array $steps, Place $place): array
    {
        return $steps === [] ? [] : [new WashDay($id, $date, $steps, $place)];
    }

    /**
     * @param array<string, array<string, mixed>> $raws
     *
     * @return list<Reading>
     */
    private static function readings(array $raws, int $day, DateTimeImmutable $date, Moment $moment): array
    {
        return array_map(static fn (string $test, array $raw): Reading => new Reading("r{$day}-{$test}", $date, $moment, $test, $raw), array_keys($raws), $raws);
    }

    /**
     * @param list<WashDay> $washDays
     * @param list<Reading> $readings
     *
     * @return array<int, Choice> by day of this life
     */
    private function planned(VirtualClient $client, array $washDays, array $readings, DateTimeImmutable $date, int $day): array
    {
        $history = new History($client->head, $washDays, $readings, air: new Humidity($client->head->humidityPercent, $client->air));
        $plan = Planner::plan(Filter::through($history, $date)->last(), $washDays, 12);
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

    /** Mask each wash, clarifying each four weeks, strong protein each six. */
    private static function byCalendar(Head $head, int $wash): Choice
    {
        $due = static fn (int $weeks): bool => $wash % max(1, (int) round(7 * $weeks / $head->washEveryDays)) === 0 && $wash > 0;
        $rhythm = Choices::houseRhythm($head);
        $clarifying = array_values(array_filter(Choices::of($head), static fn (Choice $choice): bool => $choice->cleanse->clarifies()))[0] ?? $rhythm;

        return new Choice($due(4) ? $clarifying->cleanse : $rhythm->cleanse, $rhythm->passes, StepKind::Mask, 25.0, $rhythm->heat, $due(6) ? StepKind::StrongProtein : null, $rhythm->preWash);
    }

    /** Share of the head that is out of its band today. */
    private function outOfBand(VirtualClient $client): float
    {
        $share = 0.0;
        foreach ($client->head->strata as $s => $stratum) {
            $truth = $client->virtual->truth[$s];
            $out = abs($truth['moisture'] - $stratum->targetMoisture()) > self::BAND || abs($truth['protein'] - $stratum->targetProtein($client->head->proteinSensitive)) > self::BAND;
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
