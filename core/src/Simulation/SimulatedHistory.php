<?php

declare(strict_types=1);

namespace Nagomi\Core\Simulation;

use DateTimeImmutable;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Readings\Moment;
use Nagomi\Core\Readings\Reading;
use Nagomi\Core\Statistics\SeededRandom;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\Place;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\WashDay;

/** Plays a head's months by its habits: wash days at home, visits with readings in the salon. */
final readonly class SimulatedHistory
{
    private const MEASURED_EVERY_WASH_DAYS = 8;
    private const KEPT_MM_A_DAY = 0.22;

    /**
     * @param list<WashDay> $washDays
     * @param list<Reading> $readings
     * @param list<array{
     *     moisture: float, protein: float, washable: float, stubborn: float, wear: float,
     * }> $truth by stratum, as it was at the end
     * @param VirtualHead $virtual the head itself, so that its life can go on from there
     */
    private function __construct(
        public array $washDays,
        public array $readings,
        public array $truth,
        public VirtualHead $virtual,
    ) {
    }

    /**
     * @param string                 $key makes the ids of this history's entries its own
     * @param non-empty-list<string> $by  who reads; as often as the name stands there
     * @param array<string, float>   $air a weather station's daily humidity in %, by day of the year; [] for none
     * @param DateTimeImmutable|null $grown the day on which the hair is as long as the head says; null: at the end
     */
    public static function play(
        Head $head,
        Habits $habits,
        SeededRandom $chance,
        DateTimeImmutable $from,
        DateTimeImmutable $until,
        string $key,
        array $by,
        array $air = [],
        ?DateTimeImmutable $grown = null,
    ): self {
        $starts = [$habits->startMoisture, $habits->startProtein, $habits->startBuildUp, $habits->startWear];
        $virtual = new VirtualHead($head, $chance, ...$starts);
        $washDays = $readings = [];
        [$next, $wash, $gap] = [0, 0, $head->washEveryDays];
        $mean = $air === [] ? 0.0 : array_sum($air) / count($air);
        for ($day = 0, $date = $from; $date <= $until; $day++, $date = $date->modify('+1 day')) {
            $station = $air[$date->format('m-d')] ?? null;
            $virtual->aDay($station === null ? null : max(3.0, min(99.0, $head->humidityPercent + $station - $mean)));
            if ($day < $next) {
                continue;
            }
            $inSalon = $wash % max(1, $habits->visitEvery) === 0;
            $reader = $by[$chance->between(0, count($by) - 1)];
            $id = "{$key}-r{$wash}-";
            $reading = static fn (string $test, array $raw, Moment $moment): Reading
                => new Reading("{$id}{$test}", $date, $moment, $test, $raw, null, $reader);
            foreach ($inSalon ? $virtual->read($gap) : [] as $test => $raw) {
                $readings[] = $reading($test, $raw, Moment::BeforeCleansing);
            }
            if ($inSalon && $wash % self::MEASURED_EVERY_WASH_DAYS === 0) {
                $length = self::measuredMm($head, (int) $date->diff($grown ?? $until)->days, $chance);
                $readings[] = $reading('length', ['length_mm' => $length], Moment::BeforeCleansing);
            }
            $steps = self::steps($head, $habits, $wash, $chance);
            $virtual->wash($steps);
            foreach ($inSalon ? $virtual->readAfterStyling() : [] as $test => $raw) {
                $readings[] = $reading($test, $raw, Moment::AfterStyling);
            }
            $washDays[] = new WashDay("{$key}-w{$wash}", $date, $steps, $inSalon ? Place::Salon : Place::Home);
            $wash++;
            $gap = $head->washEveryDays + $chance->between(-1, 1);
            $gap += $chance->happens($habits->missed) ? $head->washEveryDays : 0;
            $next = $day + max(2, $gap);
        }

        return new self($washDays, $readings, $virtual->truth, $virtual);
    }

    /** Somewhat less is kept than grows; the tape is off by some millimetres either way. */
    public static function measuredMm(Head $head, int $daysLeft, SeededRandom $chance): float
    {
        return max(10.0, round($head->lengthMm - self::KEPT_MM_A_DAY * $daysLeft + $chance->normal(0, 5)));
    }

    /** @return list<Step> */
    private static function steps(Head $head, Habits $habits, int $wash, SeededRandom $chance): array
    {
        $due = static fn (int $every): bool => $every > 0 && $wash % $every === $every - 1;
        $hard = $head->hardnessMgPerL > 120 || $head->swims;

        return array_values(array_filter([
            $habits->preWash === null ? null : Step::preWash($habits->preWash, 30),
            Step::cleanse(
                $due($habits->clarifyEvery)
                    ? ($hard ? CleanseKind::Chelating : CleanseKind::Clarifying)
                    : $habits->cleanse,
            ),
            $due($habits->strongEvery) ? Step::strongProtein(10) : null,
            $due($habits->maskEvery) ? Step::mask($habits->maskMinutes, $habits->heat) : Step::conditioner(3),
            Step::detangle(max(6, round($chance->normal(4.5, 1) * $head->sections)), $habits->tool, 'wet-with-slip'),
            $habits->leaveIn ? Step::leaveIn() : null,
            $habits->seal ? Step::seal() : null,
        ]));
    }
}
