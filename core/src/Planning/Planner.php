<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use DateTimeImmutable;
use InvalidArgumentException;
use Nagomi\Core\Estimation\Forecast;
use Nagomi\Core\Estimation\Snapshot;
use Nagomi\Core\Treatments\BottlesInUse;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Treatments\WashDay;

/** Plans a season: the possible wash days, the search over them, the forecast through them, the reasons. */
final class Planner
{
    /** Further back no rule of the season looks. */
    public const LOOKS_BACK_DAYS = 120;

    public const LEAST_WEEKS = 1;
    public const MOST_WEEKS = 26;

    /**
     * @param Snapshot         $start   the head at the end of what happened today
     * @param list<WashDay> $history
     * @param PlanTerms         $terms   what the plan must keep to beside the hair itself
     * @param bool              $saysWhy whether each item is left out to see what it is for; a plan that is only compared
     *     with another need not
     *
     * @throws InvalidArgumentException for weeks outside 1 to 26
     */
    public static function plan(
        Snapshot $start,
        array $history,
        int $weeks = 12,
        PlanTerms $terms = new PlanTerms(),
        bool $saysWhy = true,
    ): Plan {
        if ($weeks < self::LEAST_WEEKS || $weeks > self::MOST_WEEKS) {
            throw new InvalidArgumentException('Weeks: give 1 to 26.');
        }
        $history = self::lately($history, $start->date);
        $head = $start->state->layout->head;
        $prices = $head->parameters->planning;
        $horizon = 7 * $weeks;
        $terms = $terms->doneWith(BottlesInUse::in($history))->keptBy($start->habits);
        $scalp = new ScalpSeason($start, $terms);
        $washDays = PossibleWashDays::of($head, $history, $terms, $start->date, $horizon, $scalp->every());
        $terms = $scalp->termsOver($washDays);
        $doubt = self::firstDoubt($start, $washDays, $horizon, $terms);
        $search = static fn (PlanTerms $of): array
            => self::searched($start, $history, $washDays, $of, $doubt, $horizon);
        [$best, $terms] = $scalp->searchedWith($search, $terms, $washDays);
        $forecast = self::forecast($start, $washDays, $best, $horizon, $terms);
        $doubtOnWay = ForecastUncertainty::of($forecast);
        $terrain = new MeanSimulator($start, $doubtOnWay, $terms);
        $standing = self::standing($start, $history, $terms);
        $ahead = new HairAhead($terrain, $doubt);
        $reasons = $saysWhy ? PlanReasons::of($start, $terrain, $washDays, $best, $horizon) : null;
        $items = PlanItems::of($start, $standing, $terrain, $ahead, $washDays, $best, $forecast, $horizon, $reasons);

        return new Plan(
            $items,
            $forecast,
            self::cost($start, $terrain, $washDays, $best, $horizon),
            array_sum(array_map(
                // Styled on the day after it takes as long.
                static fn (PlanItem $item): float => $item->minutes
                    + $terms->minutes($item->choice->styled(false), $head) - $terms->minutes($item->choice, $head),
                $items,
            )),
            array_sum(array_map(static fn (WashOption $choice): float => $terms->price($choice, $prices), $best)),
            array_values(array_filter(array_map(static fn (PlanItem $item): ?RuleConflict => $item->clash, $items))),
            $scalp->rhythm,
            $scalp->forecast($washDays, $best, $horizon),
            $saysWhy ? NextDecisions::of($start, $standing, $terrain, $doubtOnWay, $washDays, $items, $horizon) : [],
        );
    }

    /**
     * @param list<WashDay> $history
     * @param list<int>     $washDays days counted from today
     *
     * @return list<WashOption> the best way to spend them, with what hardly does anything taken out
     */
    private static function searched(
        Snapshot $start,
        array $history,
        array $washDays,
        PlanTerms $terms,
        ForecastUncertainty $doubt,
        int $horizon,
    ): array {
        $standing = self::standing($start, $history, $terms);
        $terrain = new MeanSimulator($start, $doubt, $terms);
        $ahead = new HairAhead($terrain, $doubt);
        return (new SeasonSearch($terrain, $ahead, $washDays, $horizon))->best($start, $standing);
    }

    /**
     * @param list<WashDay> $history
     *
     * @return list<WashDay> as far back as any rule looks
     */
    private static function lately(array $history, DateTimeImmutable $today): array
    {
        $since = $today->modify('-' . self::LOOKS_BACK_DAYS . ' days');

        return array_values(array_filter($history, static fn (WashDay $washDay): bool => $washDay->date >= $since));
    }

    /** @param list<WashDay> $history */
    private static function standing(Snapshot $start, array $history, PlanTerms $terms): RuleContext
    {
        return RuleContext::after(
            $start->state->layout->head,
            $history,
            static fn (WashDay $washDay): int => Calendar::daysBetween($start->date, $washDay->date),
            $terms,
            $start->date,
        );
    }

    /**
     * The doubt ahead depends a little on the plan: it is first taken from the house rhythm.
     *
     * @param list<int> $washDays days counted from today
     */
    private static function firstDoubt(
        Snapshot $start,
        array $washDays,
        int $horizon,
        PlanTerms $terms,
    ): ForecastUncertainty {
        $rhythm = array_fill(0, count($washDays), WashOptions::houseRhythm($start->state->layout->head));

        return ForecastUncertainty::of(self::forecast($start, $washDays, $rhythm, $horizon, $terms, true));
    }

    /**
     * @param list<int>    $washDays
     * @param list<WashOption> $choices
     * @param bool $besideAnybody only as far as more is left out at home than with anybody
     *
     * @return list<Snapshot>
     */
    public static function forecast(
        Snapshot $start,
        array $washDays,
        array $choices,
        int $horizon,
        PlanTerms $terms = new PlanTerms(),
        bool $besideAnybody = false,
    ): array {
        $head = $start->state->layout->head;
        $steps = array_combine(
            $washDays,
            array_map(static fn (WashOption $choice): array => $terms->bottles->with($choice->steps($head)), $choices),
        );

        $atHome = array_filter(
            $washDays,
            static fn (int $day): bool => $terms->isAtHome($start->date->modify("+{$day} days"), $start->date),
        );

        return Forecast::from($start, $steps, $horizon, array_fill_keys($atHome, true), $besideAnybody);
    }

    /**
     * Cost of the days to the horizon and of what is done on them, every day counted, by what the search goes by.
     *
     * @param list<int>    $washDays
     * @param list<WashOption> $choices
     */
    public static function cost(
        Snapshot $start,
        MeanSimulator $terrain,
        array $washDays,
        array $choices,
        int $horizon,
    ): float {
        $on = array_combine($washDays, $choices);
        [$means, $sealed, $cost] = [MeanSimulator::means($start->state), $start->sealed, 0.0];
        for ($day = 0; $day <= $horizon; $day++) {
            $means = $day === 0 ? $means : $terrain->afterDays($means, $day - 1, 1, $sealed);
            if (isset($on[$day])) {
                $means = $terrain->washed($means, $on[$day], $day);
                $sealed = $terrain->seals($on[$day], $day);
            }
            $cost += $terrain->weightOf($day) * $terrain->costOfADay($means, $day);
        }

        return $cost + array_sum(array_map($terrain->costOfChoice(...), $choices, $washDays));
    }
}
