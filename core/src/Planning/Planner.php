<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use DateTimeImmutable;
use InvalidArgumentException;
use Nagomi\Core\Estimation\BalanceCell;
use Nagomi\Core\Estimation\CellProbabilities;
use Nagomi\Core\Estimation\ExpectedBreakage;
use Nagomi\Core\Estimation\Forecast;
use Nagomi\Core\Estimation\Snapshot;
use Nagomi\Core\Planning\Rules\Rule;
use Nagomi\Core\Planning\Rules\RuleCatalogue;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Treatments\WashDay;

/** Plans a season: the possible wash days, the search over them, the forecast through them, the reasons. */
final class Planner
{
    public const LEAST_WEEKS = 1;
    public const MOST_WEEKS = 26;

    /** A look is booked at most every so many days; readings of one visit say little more a week later. */
    private const LOOKS_APART_DAYS = 21;

    /**
     * @param Snapshot         $start   the head at the end of what happened today
     * @param list<WashDay> $history
     * @param PlanTerms         $terms   what the plan must keep to beside the hair itself
     *
     * @throws InvalidArgumentException for weeks outside 1 to 26
     */
    public static function plan(
        Snapshot $start,
        array $history,
        int $weeks = 12,
        PlanTerms $terms = new PlanTerms(),
    ): Plan {
        if ($weeks < self::LEAST_WEEKS || $weeks > self::MOST_WEEKS) {
            throw new InvalidArgumentException('Weeks: give 1 to 26.');
        }
        $head = $start->state->layout->head;
        $horizon = 7 * $weeks;
        $washDays = PossibleWashDays::of($head, $history, $terms, $start->date, $horizon);
        $standing = RuleContext::after(
            $head,
            $history,
            static fn (WashDay $washDay): int => Calendar::daysBetween($start->date, $washDay->date),
            $terms,
            $start->date,
        );
        $choices = WashOptions::of($head, $terms);

        // The doubt ahead depends a little on the plan: it is first taken from the house rhythm.
        $rhythm = WashOptions::houseRhythm($head);
        $doubt = ForecastUncertainty::of(self::forecast(
            $start,
            $washDays,
            array_fill(0, count($washDays), $rhythm),
            $horizon,
        ));
        $terrain = new MeanSimulator($start, $doubt, $terms);
        [$best] = (new BeamSearch($terrain, $doubt, $choices, $washDays, $horizon))->best($start, $standing);
        $forecast = self::forecast($start, $washDays, $best, $horizon);
        $doubt = ForecastUncertainty::of($forecast);
        $terrain = $terrain->withDoubt($doubt);
        $items = self::items($start, $standing, $terrain, $doubt, $washDays, $best, $forecast, $horizon);

        return new Plan(
            $items,
            $forecast,
            self::cost($terrain, $forecast, $washDays, $best),
            array_sum(array_map(static fn (WashOption $choice): float => $terms->minutes($choice, $head), $best)),
            array_sum(array_map(
                static fn (WashOption $choice): float => $terms->price($choice, $head->parameters->planning),
                $best,
            )),
            array_values(array_filter(array_map(static fn (PlanItem $item): ?RuleConflict => $item->clash, $items))),
        );
    }

    /**
     * @param list<int>    $washDays
     * @param list<WashOption> $choices
     *
     * @return list<Snapshot>
     */
    public static function forecast(Snapshot $start, array $washDays, array $choices, int $horizon): array
    {
        $head = $start->state->layout->head;
        $steps = array_combine(
            $washDays,
            array_map(static fn (WashOption $choice): array => $choice->steps($head), $choices),
        );

        return Forecast::from($start, $steps, $horizon);
    }

    /**
     * Cost of the days to the horizon and of what is done on them, every day counted.
     *
     * @param list<Snapshot>  $forecast
     * @param list<int>    $washDays
     * @param list<WashOption> $choices
     */
    public static function cost(MeanSimulator $terrain, array $forecast, array $washDays, array $choices): float
    {
        $cost = 0.0;
        foreach ($forecast as $day => $point) {
            $cost += $terrain->weightOf($day) * $terrain->costOfADay(MeanSimulator::means($point->state), $day);
        }

        return $cost + array_sum(array_map($terrain->costOfChoice(...), $choices, $washDays));
    }

    /**
     * @param list<int>    $washDays
     * @param list<WashOption> $choices
     * @param list<Snapshot>  $forecast
     *
     * @return list<PlanItem>
     */
    private static function items(
        Snapshot $start,
        RuleContext $standing,
        MeanSimulator $terrain,
        ForecastUncertainty $doubt,
        array $washDays,
        array $choices,
        array $forecast,
        int $horizon,
    ): array {
        $head = $terrain->head;
        $reasons = new PlanReasons($terrain, $doubt, $start->date, $washDays, $choices, $horizon);
        [$items, $before] = [[], null];
        $offset = ExpectedBreakage::ownOffset($start->state);
        $washedBefore = $standing->day;
        $lastLook = -Planner::LOOKS_APART_DAYS;
        $means = $terrain->afterDays(MeanSimulator::means($start->state), 0, $washDays[0], $start->sealed);
        $standing = $standing->on($washDays[0], $washDays[1] ?? null, self::proteinHigh($forecast, $washDays[0]));
        foreach ($choices as $level => $choice) {
            $day = $washDays[$level];
            $without = $reasons->without($level, $means);
            $movedBy = $before === null ? null : self::movedBy($choice, $before);
            $date = $start->date->modify("+{$day} days");
            $byHand = $terrain->terms->setByHand($date);
            $broken = RuleCatalogue::barring($choice, $standing);
            $first = $level === 0 && $terrain->terms->notReadYet;
            $unsure = self::doubt($forecast[max(0, $day - 1)] ?? $start) > $head->parameters->planning->lookAt;
            $look = $first || $unsure && $day - $lastLook >= self::LOOKS_APART_DAYS;
            $lastLook = $look ? $day : $lastLook;
            $asked = ReasonWording::occasions($terrain->terms, $date);
            $asked = $first ? [ReasonWording::NOT_READ_YET, ...$asked] : $asked;
            $items[] = new PlanItem(
                $date,
                $day,
                $choice,
                $terrain->terms->minutes($choice, $head),
                [...$asked, ...ReasonWording::reasons(
                    $without,
                    $movedBy,
                    count($head->strata) > 1,
                    $head->parameters->planning,
                    $byHand,
                )],
                $without,
                $movedBy,
                $broken,
                $look,
                $byHand,
                $byHand === null ? self::conflict($date, $broken, $terrain, $standing) : null,
                ExpectedBreakage::expected(($forecast[$day] ?? $start)->state, max(0, $day - $washedBefore), $offset),
            );
            $washedBefore = $day;
            $before = $standing;
            $until = $washDays[$level + 1] ?? $horizon + 1;
            $washed = $terrain->washed($means, $choice);
            $means = $terrain->afterDays($washed, $day, $until - $day, $terrain->seals($choice));
            $high = self::proteinHigh($forecast, min($until, $horizon));
            $standing = $standing->next($choice, $until, $washDays[$level + 2] ?? null, $high);
        }

        return $items;
    }

    /** @param list<Rule> $broken by the best there was: what would free the day */
    private static function conflict(
        DateTimeImmutable $date,
        array $broken,
        MeanSimulator $terrain,
        RuleContext $standing,
    ): ?RuleConflict {
        return $broken === []
            ? null
            : RuleConflicts::on($date, WashOptions::of($terrain->head, $terrain->terms), $standing);
    }

    /** @return float probability of being out of balance on a day, 0 to 1 */
    private static function doubt(Snapshot $on): float
    {
        return 1 - (CellProbabilities::ofHead($on->state)[BalanceCell::InBalance->value] ?? 0.0);
    }

    /** The rule that kept the protein or the clarifying of this choice from coming one wash day earlier. */
    private static function movedBy(WashOption $choice, RuleContext $dayBefore): ?Rule
    {
        if ($choice->protein === null && ! $choice->cleanse->clarifies()) {
            return null;
        }

        return RuleCatalogue::barring($choice, $dayBefore)[0] ?? null;
    }

    /** @param list<Snapshot> $forecast */
    private static function proteinHigh(array $forecast, int $day): bool
    {
        $state = ($forecast[max(0, $day - 1)] ?? $forecast[0])->state;
        foreach (array_keys($state->layout->head->strata) as $s) {
            if (
                CellProbabilities::sides(
                    CellProbabilities::ofStratum($state, $s),
                )['protein_high'] > $state->layout->parameters->planning->strongProteinBarredAt
            ) {
                return true;
            }
        }

        return false;
    }
}
