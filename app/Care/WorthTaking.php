<?php

declare(strict_types=1);

namespace App\Care;

use App\Models\Head;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Nagomi\Core\Balance\Layout;
use Nagomi\Core\Balance\State;
use Nagomi\Core\Balance\WorthReading;
use Nagomi\Core\Reading\Moment;
use Nagomi\Core\Reading\Overdue;
use Nagomi\Core\Season\Plan;
use Nagomi\Core\Season\PlanItem;

/** What is worth taking at the Bench next: what the plan hinges on, what is overdue, and what narrows the balance most for each minute. */
final class WorthTaking
{
    /** A follow-up visit on the Bench takes at most so long. */
    public const FOLLOW_UP_MINUTES = 6.0;

    /** And a first one, when nothing is known yet. */
    public const FIRST_VISIT_MINUTES = 15.0;

    private const MOST_OVERDUE = 2;
    private const RHYTHM_OVER_DAYS = 400;
    private const HINGES_WITHIN_DAYS = 28;

    /** @return array<string, list<array<string, mixed>>> by moment, each with the doubt before and after it and why */
    public static function of(Head $head, State $state, Plan $plan, DateTimeImmutable $today): array
    {
        $takenOn = self::takenOn($head, $today);
        $minutes = $takenOn === [] ? self::FIRST_VISIT_MINUTES : self::FOLLOW_UP_MINUTES;
        $overdue = Overdue::of($takenOn, $today);
        $worth = [];
        foreach ([Moment::BeforeCleansing, Moment::AfterCleansing, Moment::AfterStyling, Moment::Home] as $moment) {
            $worth[$moment->value] = self::at($state, TestMinutes::at($head->salon, $moment), $minutes, $overdue, self::hinge($plan, $today));
        }

        return $worth;
    }

    /**
     * @param array<string, float>                              $takes   minutes by test
     * @param list<Overdue>                                     $overdue
     * @param array{quantity: 0|1, kind: string, on: string}|null $hinge
     *
     * @return list<array<string, mixed>>
     */
    private static function at(State $state, array $takes, float $minutes, array $overdue, ?array $hinge): array
    {
        $why = [];
        $best = $hinge === null ? null : WorthReading::bestFor($state, $takes, $hinge['quantity']);
        if ($hinge !== null && $best !== null) {
            $why[$best]['hinges'] = ['kind' => $hinge['kind'], 'on' => $hinge['on']];
        }
        $due = array_slice(array_values(array_filter($overdue, fn (Overdue $one): bool => isset($takes[$one->test]))), 0, self::MOST_OVERDUE);
        foreach ($due as $one) {
            $why[$one->test]['overdue'] = ['ago' => $one->daysAgo, 'usual' => $one->usualDays];
        }
        // What is to be taken anyway keeps its minutes free; what it says of the balance is counted like any other.
        $kept = array_intersect_key($takes, $why);
        $order = WorthReading::order($state, $kept, array_sum($kept));
        foreach ($order as $step) {
            $state = WorthReading::narrowed($state, $step['test']);
        }
        $order = [...$order, ...WorthReading::order($state, array_diff_key($takes, $kept), max(0.0, $minutes - array_sum($kept)))];
        $doubt = WorthReading::doubt($state);
        foreach (array_diff_key($kept, array_column($order, null, 'test')) as $test => $took) {
            $order[] = ['test' => $test, 'minutes' => $took, 'before' => $order === [] ? $doubt : $order[count($order) - 1]['after'], 'after' => $order === [] ? $doubt : $order[count($order) - 1]['after']];
            $why[$test]['followed'] = true;
        }

        return array_map(fn (array $step): array => ['test' => $step['test'], 'minutes' => $step['minutes'], 'before' => round($step['before'], 1), 'after' => round($step['after'], 1)] + ($why[$step['test']] ?? []), $order);
    }

    /** @return array{quantity: 0|1, kind: string, on: string}|null the next treatment that was planned although the state is unsure, and the reserve it turns on */
    private static function hinge(Plan $plan, DateTimeImmutable $today): ?array
    {
        foreach ($plan->items as $item) {
            if ($item->look && $item->date <= $today->modify('+' . self::HINGES_WITHIN_DAYS . ' days')) {
                return self::turnsOn($item);
            }
        }

        return null;
    }

    /** @return array{quantity: 0|1, kind: string, on: string}|null */
    private static function turnsOn(PlanItem $item): ?array
    {
        $on = $item->date->format('Y-m-d');

        return match (true) {
            $item->choice->protein !== null => ['quantity' => Layout::PROTEIN, 'kind' => $item->choice->protein->value, 'on' => $on],
            $item->choice->masks() => ['quantity' => Layout::MOISTURE, 'kind' => 'mask', 'on' => $on],
            default => null,
        };
    }

    /** @return array<string, list<DateTimeImmutable>> by test */
    private static function takenOn(Head $head, DateTimeImmutable $today): array
    {
        $rows = DB::table('readings')->where('head_id', $head->id)->where('date', '>=', $today->modify('-' . self::RHYTHM_OVER_DAYS . ' days')->format('Y-m-d'))->distinct()->get(['test', 'date']);
        $takenOn = [];
        foreach ($rows as $row) {
            $row = (array) $row;
            if (is_string($row['test'] ?? null) && is_string($row['date'] ?? null)) {
                $takenOn[$row['test']][] = HeadRecord::date(new DateTimeImmutable($row['date']));
            }
        }

        return $takenOn;
    }
}
