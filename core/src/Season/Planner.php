<?php

declare(strict_types=1);

namespace Nagomi\Core\Season;

use InvalidArgumentException;
use Nagomi\Core\Balance\Breakage;
use Nagomi\Core\Balance\Calendar;
use Nagomi\Core\Balance\Cell;
use Nagomi\Core\Balance\Cells;
use Nagomi\Core\Balance\Forecast;
use Nagomi\Core\Balance\Point;
use Nagomi\Core\Parameter\Model;
use Nagomi\Core\Season\Rule\Rule;
use Nagomi\Core\Season\Rule\RuleBook;
use Nagomi\Core\Treatment\WashDay;

/** Plans a season: the possible wash days, the search over them, the forecast through them, the reasons. */
final class Planner
{
    public const LEAST_WEEKS = 1;
    public const MOST_WEEKS = 26;

    /** A look is booked at most every so many days; readings of one visit say little more a week later. */
    private const LOOKS_APART_DAYS = 21;

    /**
     * @param Point         $start   the head at the end of what happened today
     * @param list<WashDay> $history
     * @param Terms         $terms   what the plan must keep to beside the hair itself
     *
     * @throws InvalidArgumentException for weeks outside 1 to 26
     */
    public static function plan(Point $start, array $history, int $weeks = 12, Terms $terms = new Terms()): Plan
    {
        if ($weeks < self::LEAST_WEEKS || $weeks > self::MOST_WEEKS) {
            throw new InvalidArgumentException('Weeks: give 1 to 26.');
        }
        $head = $start->state->layout->head;
        $horizon = 7 * $weeks;
        $washDays = WashDays::of($head, $history, $terms, $start->date, $horizon);
        $standing = Standing::after($head, $history, static fn (WashDay $washDay): int => Calendar::daysBetween($start->date, $washDay->date), $terms, $start->date);
        $choices = Choices::of($head, $terms);

        // The doubt ahead depends a little on the plan: it is first taken from the house rhythm.
        $rhythm = Choices::houseRhythm($head);
        $doubt = Doubt::of(self::forecast($start, $washDays, array_fill(0, count($washDays), $rhythm), $horizon));
        $terrain = new Terrain($start, $doubt, $terms);
        [$best] = (new Search($terrain, $doubt, $choices, $washDays, $horizon))->best($start, $standing);
        $forecast = self::forecast($start, $washDays, $best, $horizon);
        $doubt = Doubt::of($forecast);
        $terrain = $terrain->withDoubt($doubt);
        $items = self::items($start, $standing, $terrain, $doubt, $washDays, $best, $forecast, $horizon);

        return new Plan(
            $items,
            $forecast,
            self::cost($terrain, $forecast, $washDays, $best),
            array_sum(array_map(static fn (Choice $choice): float => $terms->minutes($choice, $head), $best)),
            array_sum(array_map($terms->price(...), $best)),
            array_values(array_filter(array_map(static fn (PlanItem $item): ?Clash => $item->clash, $items))),
        );
    }

    /**
     * @param list<int>    $washDays
     * @param list<Choice> $choices
     *
     * @return list<Point>
     */
    public static function forecast(Point $start, array $washDays, array $choices, int $horizon): array
    {
        $head = $start->state->layout->head;
        $steps = array_combine($washDays, array_map(static fn (Choice $choice): array => $choice->steps($head), $choices));

        return Forecast::from($start, $steps, $horizon);
    }

    /**
     * Cost of the days to the horizon and of what is done on them, every day counted.
     *
     * @param list<Point>  $forecast
     * @param list<int>    $washDays
     * @param list<Choice> $choices
     */
    public static function cost(Terrain $terrain, array $forecast, array $washDays, array $choices): float
    {
        $cost = 0.0;
        foreach ($forecast as $day => $point) {
            $cost += $terrain->weightOf($day) * $terrain->costOfADay(Terrain::means($point->state), $day);
        }

        return $cost + array_sum(array_map($terrain->costOfChoice(...), $choices, $washDays));
    }

    /**
     * @param list<int>    $washDays
     * @param list<Choice> $choices
     * @param list<Point>  $forecast
     *
     * @return list<PlanItem>
     */
    private static function items(Point $start, Standing $standing, Terrain $terrain, Doubt $doubt, array $washDays, array $choices, array $forecast, int $horizon): array
    {
        $head = $terrain->head;
        $reasons = new Reasons($terrain, $doubt, $start->date, $washDays, $choices, $horizon);
        $items = [];
        $before = null;
        $offset = Breakage::ownOffset($start->state);
        $washedBefore = $standing->day;
        $lastLook = -Planner::LOOKS_APART_DAYS;
        $means = $terrain->afterDays(Terrain::means($start->state), 0, $washDays[0], $start->sealed);
        $standing = $standing->on($washDays[0], $washDays[1] ?? null, self::proteinHigh($forecast, $washDays[0]));
        foreach ($choices as $level => $choice) {
            $day = $washDays[$level];
            $without = $reasons->without($level, $means);
            $movedBy = $before === null ? null : self::movedBy($choice, $before);
            $unsure = 1 - (Cells::ofHead(($forecast[max(0, $day - 1)] ?? $start)->state)[Cell::InBalance->value] ?? 0.0);
            $byHand = $terrain->terms->setByHand($start->date->modify("+{$day} days"));
            $broken = RuleBook::barring($choice, $standing);
            $look = $unsure > Model::LOOK_AT && $day - $lastLook >= self::LOOKS_APART_DAYS || $level === 0 && $terrain->terms->notReadYet;
            $lastLook = $look ? $day : $lastLook;
            $items[] = new PlanItem(
                $start->date->modify("+{$day} days"),
                $day,
                $choice,
                $terrain->terms->minutes($choice, $head),
                [...$level === 0 && $terrain->terms->notReadYet ? [Wording::NOT_READ_YET] : [], ...Wording::occasions($terrain->terms, $start->date->modify("+{$day} days")), ...Wording::reasons($without, $movedBy, count($head->strata) > 1, $byHand)],
                $without,
                $movedBy,
                $broken,
                $look,
                $byHand,
                $broken === [] || $byHand !== null ? null : Clashes::on($start->date->modify("+{$day} days"), Choices::of($head, $terrain->terms), $standing),
                Breakage::expected(($forecast[$day] ?? $start)->state, max(0, $day - $washedBefore), $offset),
            );
            $washedBefore = $day;
            $before = $standing;
            $until = $washDays[$level + 1] ?? $horizon + 1;
            $means = $terrain->afterDays($terrain->washed($means, $choice), $day, $until - $day, $terrain->seals($choice));
            $standing = $standing->next($choice, $until, $washDays[$level + 2] ?? null, self::proteinHigh($forecast, min($until, $horizon)));
        }

        return $items;
    }

    /** The rule that kept the protein or the clarifying of this choice from coming one wash day earlier. */
    private static function movedBy(Choice $choice, Standing $dayBefore): ?Rule
    {
        if ($choice->protein === null && ! $choice->cleanse->clarifies()) {
            return null;
        }

        return RuleBook::barring($choice, $dayBefore)[0] ?? null;
    }

    /** @param list<Point> $forecast */
    private static function proteinHigh(array $forecast, int $day): bool
    {
        $state = ($forecast[max(0, $day - 1)] ?? $forecast[0])->state;
        foreach (array_keys($state->layout->head->strata) as $s) {
            if (Cells::sides(Cells::ofStratum($state, $s))['protein_high'] > Model::STRONG_PROTEIN_BARRED_AT) {
                return true;
            }
        }

        return false;
    }
}
