<?php

declare(strict_types=1);

namespace Database\Seeders;

use Carbon\CarbonImmutable;
use DateTimeImmutable;
use Nagomi\Core\Estimation\HeadHistory;
use Nagomi\Core\Estimation\HomeStep;
use Nagomi\Core\Estimation\KalmanFilter;
use Nagomi\Core\Planning\Planner;
use Nagomi\Core\Planning\PlanTerms;
use Nagomi\Core\Planning\ProteinEvidence;
use Nagomi\Core\Planning\WashOption;
use Nagomi\Core\Planning\WashOptions;
use Nagomi\Core\Readings\Moment;
use Nagomi\Core\Readings\Reading;
use Nagomi\Core\Simulation\SimulatedHistory;
use Nagomi\Core\Simulation\VirtualHead;
use Nagomi\Core\Statistics\SeededRandom;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Treatments\Place;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;
use Nagomi\Core\Treatments\WashDay;
use RuntimeException;

/**
 * Eighteen months of an invented client up to yesterday: the first half by habit, the second by the plan, which is made
 * anew at each visit from what is on record then. So the reports of the demo show what planning was worth to hair
 * whose truth nobody told the plan.
 */
final class DemoLife
{
    public const MONTHS = 18;

    /** So long the salon has planned. */
    private const PLANNED_MONTHS = 9;

    /** Beyond the next visit, which may slip. */
    private const SPARE_DAYS = 10;

    /** What was longer ago says little of today, and a demo is waited for. */
    private const LOOKS_BACK_DAYS = 120;

    private const SLIPS_DAYS = 2;
    private const MEASURED_EVERY_VISITS = 3;

    /** @var list<WashDay> */
    public array $washDays;

    /** @var list<Reading> */
    public array $readings;

    private readonly VirtualHead $virtual;
    private readonly SeededRandom $chance;

    /** @var array<string, WashOption> by day */
    private array $planned = [];

    private int $washesSinceVisit;
    private int $visits = 0;

    /**
     * @param array<string, float>   $air      daily humidity in %, by day of the year; [] for none
     * @param non-empty-list<string> $stylists who reads; as often as they stand there
     */
    public function __construct(
        private readonly DemoHead $demo,
        private readonly DateTimeImmutable $from,
        private readonly DateTimeImmutable $today,
        private readonly array $air,
        private readonly array $stylists,
    ) {
        $this->chance = new SeededRandom($demo->seed);
        $turn = max($from, $this->today->modify('-' . self::PLANNED_MONTHS . ' months'));
        $habits = SimulatedHistory::play(
            $demo->head,
            $demo->habits,
            $this->chance,
            $from,
            $turn->modify('-1 day'),
            "demo-{$demo->seed}",
            $stylists,
            $air,
            $today,
        );
        [$this->washDays, $this->readings] = [$habits->washDays, $habits->readings];
        $this->virtual = $habits->virtual;
        // Whoever is new begins with a visit, and so does the first planned day of everybody else.
        $this->washesSinceVisit = $demo->habits->visitEvery;
        $last = $this->washDays === [] ? null : $this->washDays[count($this->washDays) - 1]->date;
        $rested = $last === null ? $turn : $last->modify("+{$demo->head->washEveryDays} days");
        $next = max($turn, $rested);
        $this->planned = [$next->format('Y-m-d') => WashOptions::houseRhythm($demo->head)];
        for ($day = $turn; $day < $this->today; $day = $day->modify('+1 day')) {
            $this->live($day);
        }
    }

    /** When an invented client came first. */
    public static function from(DemoHead $demo, CarbonImmutable $today): DateTimeImmutable
    {
        return Calendar::day($today->subMonths($demo->months)->format('Y-m-d'))
            ?? throw new RuntimeException('Some months ago is no day.');
    }

    /**
     * @return list<array{
     *     moisture: float, protein: float, washable: float, stubborn: float, wear: float,
     * }> by stratum, as it was at the end
     */
    public function truth(): array
    {
        return $this->virtual->truth;
    }

    private function live(DateTimeImmutable $day): void
    {
        $station = $this->air[$day->format('m-d')] ?? null;
        $this->virtual->aDay($station === null ? null : $this->humidity($station));
        $choice = $this->planned[$day->format('Y-m-d')] ?? null;
        if ($choice === null) {
            return;
        }
        $usual = WashOptions::houseRhythm($this->demo->head);
        if ($this->chance->happens($this->demo->habits->missed)) {
            // What slips is washed as usual: what was planned for that day was planned for that day.
            $this->planned += [$day->modify('+' . self::SLIPS_DAYS . ' days')->format('Y-m-d') => $usual];

            return;
        }
        $isVisit = $this->washesSinceVisit >= $this->demo->habits->visitEvery;
        $reader = $this->stylists[$this->chance->between(0, count($this->stylists) - 1)];
        if ($isVisit) {
            $this->read($this->virtual->read($this->daysSinceWash($day)), $day, Moment::BeforeCleansing, $reader);
            $this->measure($day, $reader);
            $this->plan($day);
            // Who is booked is washed, as the new plan says where it says anything of this day.
            $choice = $this->planned[$day->format('Y-m-d')] ?? $usual;
        }
        $planned = $choice->steps($this->demo->head);
        $steps = $isVisit ? $planned : $this->doneAtHome($planned, $day);
        $this->virtual->wash($steps);
        if ($isVisit) {
            $this->read($this->virtual->readAfterStyling(), $day, Moment::AfterStyling, $reader);
        }
        $this->washDays[] = new WashDay(
            "demo-{$this->demo->seed}-p" . $day->format('Ymd'),
            $day,
            $steps,
            $isVisit ? Place::Salon : Place::Home,
            planned: $isVisit ? null : $planned,
        );
        $this->washesSinceVisit = $isVisit ? 1 : $this->washesSinceVisit + 1;
    }

    /**
     * @param list<Step> $planned
     *
     * @return list<Step> less what is left out; dice of its own, so that nothing else comes otherwise for it
     */
    private function doneAtHome(array $planned, DateTimeImmutable $day): array
    {
        $chance = new SeededRandom(crc32("{$this->demo->seed} " . $day->format('Y-m-d')));
        $habits = $this->demo->head->parameters->habits;
        $done = [];
        foreach ($planned as $step) {
            $isLeftOut = $chance->happens($this->demo->habits->leavesOut)
                && $step->kind !== StepKind::Cleanse && HomeStep::of($step, $habits) !== null;
            if (! $isLeftOut) {
                $done[] = $step;
            } elseif ($step->kind === StepKind::Mask) {
                // There is always time for a conditioner.
                $done[] = Step::conditioner($this->demo->head->parameters->washDay->stepMinutes['conditioner']);
            }
        }

        return $done;
    }

    private function humidity(float $station): float
    {
        $mean = array_sum($this->air) / count($this->air);

        return max(3.0, min(99.0, $this->demo->head->humidityPercent + $station - $mean));
    }

    /** @param array<string, array<string, mixed>> $raws by test */
    private function read(array $raws, DateTimeImmutable $day, Moment $moment, string $by): void
    {
        foreach ($raws as $test => $raw) {
            $id = "demo-{$this->demo->seed}-p" . $day->format('Ymd') . "-{$test}";
            $this->readings[] = new Reading($id, $day, $moment, $test, $raw, null, $by);
        }
    }

    private function measure(DateTimeImmutable $day, string $by): void
    {
        if ($this->visits++ % self::MEASURED_EVERY_VISITS === 0) {
            $left = Calendar::daysBetween($day, $this->today);
            $length = SimulatedHistory::measuredMm($this->demo->head, $left, $this->chance);
            $this->read(['length' => ['length_mm' => $length]], $day, Moment::BeforeCleansing, $by);
        }
    }

    private function daysSinceWash(DateTimeImmutable $day): int
    {
        $last = $this->washDays === [] ? null : $this->washDays[count($this->washDays) - 1]->date;

        return $last === null ? $this->demo->head->washEveryDays : Calendar::daysBetween($last, $day);
    }

    /** Plans the next weeks from what is on record. */
    private function plan(DateTimeImmutable $day): void
    {
        $since = $day->modify('-' . self::LOOKS_BACK_DAYS . ' days');
        $lately = static fn (WashDay|Reading $one): bool => $one->date >= $since;
        $washDays = array_values(array_filter($this->washDays, $lately));
        $run = KalmanFilter::through(new HeadHistory(
            $this->demo->head,
            $washDays,
            array_values(array_filter($this->readings, $lately)),
        ), $day);
        $limits = $this->demo->head->parameters->planning;
        $terms = (new PlanTerms())
            ->readOn($run->lastRead(), $day, $limits)
            ->knowing(ProteinEvidence::ofRun($run, $washDays, $day, $limits));
        $this->planned = [];
        $days = ($this->demo->habits->visitEvery + 1) * $this->demo->head->washEveryDays + self::SPARE_DAYS;
        $weeks = (int) ceil($days / 7);
        foreach (Planner::plan($run->last(), $washDays, $weeks, $terms, saysWhy: false)->items as $item) {
            $this->planned[$item->date->format('Y-m-d')] = $item->choice;
        }
    }
}
