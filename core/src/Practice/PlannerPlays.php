<?php

declare(strict_types=1);

namespace Nagomi\Core\Practice;

use DateTimeImmutable;
use Nagomi\Core\Climate\Humidity;
use Nagomi\Core\Estimation\CellProbabilities;
use Nagomi\Core\Estimation\HeadHistory;
use Nagomi\Core\Estimation\KalmanFilter;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Planning\Planner;
use Nagomi\Core\Planning\PlanTerms;
use Nagomi\Core\Planning\ProteinEvidence;
use Nagomi\Core\Planning\WashOption;
use Nagomi\Core\Planning\WashOptions;
use Nagomi\Core\Planning\WeekTime;
use Nagomi\Core\Readings\PorosityBelief;
use Nagomi\Core\Readings\Reading;
use Nagomi\Core\Scalp\ScalpEstimate;
use Nagomi\Core\Scalp\ScalpFilter;

/** The planner on the same client with the same luck: what it reads, thinks and plans as for any client. */
final readonly class PlannerPlays implements PracticePlayer
{
    /** At the first visit what the hair is, then those of a follow-up. */
    private const FIRST = PorosityReadings::TESTS;
    private const TESTS = ['build-up-signs', 'dryness', 'feel', 'wet-stretch', 'broken-hairs', 'scalp'];

    private const WEEKS = 5;

    public function tests(PracticeLife $life): array
    {
        return $life->turn === 0 ? [...self::FIRST, ...self::TESTS] : self::TESTS;
    }

    public function decides(PracticeLife $life): PracticeDecision
    {
        $porosity = self::porosity($life);
        $life = $life->taken($porosity);
        $head = $life->told;
        $run = KalmanFilter::through(new HeadHistory($head, $life->washDays, $life->readings), $life->date());
        $planning = $head->parameters->planning;
        $visits = array_map(
            static fn (int $weeks): DateTimeImmutable => $life->date()->modify("+{$weeks} weeks"),
            range(0, self::WEEKS, 4),
        );
        $terms = self::terms($life, $visits)
            ->knowingScalp(self::scalp($life))
            ->readOn($run->lastRead(), $life->date(), $planning)
            ->knowing(ProteinEvidence::ofRun($run, $life->washDays, $life->date(), $planning));
        $plan = Planner::plan($run->last(), $life->washDays, self::WEEKS, $terms, saysWhy: false);
        $today = null;
        $home = [];
        foreach ($plan->items as $item) {
            if ($item->day === 0) {
                $today = $item->choice;
            } elseif ($item->day < PracticeCase::DAYS_A_TURN) {
                $home[$item->day] = $item->choice;
            }
        }

        return new PracticeDecision(CellProbabilities::ofHead($run->last()->state), $today, $home, $porosity);
    }

    /**
     * What there is time for. Where every way to wash fits there is no limit to plan by.
     *
     * @param list<DateTimeImmutable> $visits
     */
    private static function terms(PracticeLife $life, array $visits): PlanTerms
    {
        $budget = $life->case->budget;
        $longest = max(array_map(
            static fn (WashOption $way): float => $way->minutes($life->told),
            WashOptions::of($life->told),
        ));
        $dates = array_map(static fn (DateTimeImmutable $visit): string => $visit->format('Y-m-d'), $visits);

        return new PlanTerms(
            salonDays: $visits,
            homeMinutesLimit: $longest > $budget->homeMinutes ? $budget->homeMinutes : null,
            week: new WeekTime(
                dates: $longest > $budget->visitMinutes ? array_fill_keys($dates, $budget->visitMinutes) : [],
            ),
        );
    }

    private static function scalp(PracticeLife $life): ?ScalpEstimate
    {
        $head = $life->told;
        $air = new Humidity($head->humidityPercent);

        return ScalpFilter::through($life->washDays, $life->readings, $life->date(), $air, $head->parameters);
    }

    /** What the tests say the hair is, where they are sure and it was told otherwise. */
    private static function porosity(PracticeLife $life): ?Porosity
    {
        $measured = array_merge(...array_map(
            static fn (Reading $reading): array => $reading->measured,
            array_values(array_filter(
                $life->readings,
                static fn (Reading $reading): bool => in_array($reading->test, PorosityReadings::TESTS, true),
            )),
        ));
        $readings = $life->told->parameters->readings;
        $belief = PorosityBelief::of($measured, $readings);
        $isSure = $belief->certainty() >= $readings->porositySureFrom;

        return $isSure && $belief->likeliest() !== $life->told->strata[0]->porosity ? $belief->likeliest() : null;
    }
}
