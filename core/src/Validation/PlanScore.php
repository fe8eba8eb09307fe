<?php

declare(strict_types=1);

namespace Nagomi\Core\Validation;

use DateTimeImmutable;
use Nagomi\Core\Balance\Calendar;
use Nagomi\Core\Balance\Filter;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Reading\Moment;
use Nagomi\Core\Reading\Reading;
use Nagomi\Core\Season\Choice;
use Nagomi\Core\Season\Choices;
use Nagomi\Core\Season\Planner;
use Nagomi\Core\Simulation\RuleChecker;
use Nagomi\Core\Simulation\VirtualClient;
use Nagomi\Core\Treatment\StepKind;
use Nagomi\Core\Treatment\WashDay;
use RuntimeException;

/** Lets virtual heads live by the plan, replanned at each visit, and by the fixed calendar, and counts days out of band. */
final class PlanScore
{
    private const BAND = 15.0;
    private const VISIT_EVERY_DAYS = 14;

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
        $checker = new RuleChecker($head);
        $washDays = $readings = $planned = [];
        $lastWash = -$head->washEveryDays;
        for ($day = 0, $wash = 0; $day < $days; $day++) {
            $date = $from->modify("+{$day} days");
            $client->virtual->aDay();
            if ($way === 'plan' && $day % self::VISIT_EVERY_DAYS === 0) {
                foreach ($client->virtual->read($day - $lastWash) as $test => $raw) {
                    $readings[] = new Reading("r{$day}-{$test}", $date, Moment::BeforeCleansing, $test, $raw);
                }
                $planned = $this->planned($head, $washDays, $readings, $date, $day);
            }
            $choice = $way === 'plan' ? ($planned[$day] ?? null) : ($day % $head->washEveryDays === 0 ? self::byCalendar($head, $wash) : null);
            if ($choice !== null) {
                $steps = $choice->steps($head);
                $client->virtual->wash($steps);
                $washDays[] = new WashDay("w{$day}", $date, $steps);
                $this->totals[$way]['minutes'] += $choice->minutes($head);
                $this->rulesBroken += $way === 'plan' ? count($checker->washDay($day, $steps)) : 0;
                $lastWash = $day;
                $wash++;
            }
            $this->totals[$way]['days'] += $this->outOfBand($client);
        }
    }

    /**
     * @param list<WashDay> $washDays
     * @param list<Reading> $readings
     *
     * @return array<int, Choice> by day of this life
     */
    private function planned(Head $head, array $washDays, array $readings, DateTimeImmutable $date, int $day): array
    {
        $start = Filter::follow($head, $washDays, $readings, $date)->last();
        $planned = [];
        foreach (Planner::plan($start, $washDays, 12)->items as $item) {
            $planned[$day + $item->day] = $item->choice;
        }

        return $planned;
    }

    /** Mask each wash, clarifying each four weeks, strong protein each six. */
    private static function byCalendar(Head $head, int $wash): Choice
    {
        $due = static fn (int $weeks): bool => $wash % max(1, (int) round(7 * $weeks / $head->washEveryDays)) === 0 && $wash > 0;
        $rhythm = Choices::houseRhythm($head);
        $clarifying = array_values(array_filter(Choices::of($head), static fn (Choice $choice): bool => $choice->cleanse->clarifies()))[0] ?? $rhythm;

        return new Choice($due(4) ? $clarifying->cleanse : $rhythm->cleanse, $rhythm->passes, StepKind::Mask, 25.0, $rhythm->heat, $due(6) ? StepKind::StrongProtein : null);
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
