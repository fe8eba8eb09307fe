<?php

declare(strict_types=1);

namespace App\Bridge\Readings;

use App\Models\Head;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Nagomi\Core\Estimation\State;
use Nagomi\Core\Estimation\StateLayout;
use Nagomi\Core\Estimation\TestSelection;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Planning\DecidingTests;
use Nagomi\Core\Planning\NextDecision;
use Nagomi\Core\Planning\OutOfBalanceRisk;
use Nagomi\Core\Planning\Plan;
use Nagomi\Core\Planning\PlanItem;
use Nagomi\Core\Planning\WashOption;
use Nagomi\Core\Readings\Moment;
use Nagomi\Core\Readings\OverdueTest;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Treatments\StepKind;

/**
 * What is worth taking under Hair tests next: what may change what is done, what is overdue, and what narrows the
 * balance most for each minute.
 */
final readonly class TestsWorthTaking
{
    /** A follow-up visit under Hair tests takes at most so long. */
    public const FOLLOW_UP_MINUTES = 6.0;

    /** And a first one, when nothing is known yet. */
    public const FIRST_VISIT_MINUTES = 15.0;

    /** More than this at once is a list, and a list is left half done; all others stay one tap away. */
    public const MOST_AT_ONCE = 6;

    private const MOST_OVERDUE = 2;
    private const MOST_DECIDING = 2;
    private const RHYTHM_OVER_DAYS = 400;
    private const HINGES_WITHIN_DAYS = 28;

    public function __construct(
        private TestMinutes $testMinutes,
        private Parameters $parameters,
    ) {
    }

    /** @return array<string, list<StoredWorth>> by moment, each with the doubt before and after it and why */
    public function of(Head $head, State $state, Plan $plan, DateTimeImmutable $today): array
    {
        $takenOn = $this->takenOn($head, $today);
        // At a first visit everything is worth a look; later a test must tell enough for its minutes.
        [$minutes, $least] = $takenOn === []
            ? [self::FIRST_VISIT_MINUTES, 0.0]
            : [self::FOLLOW_UP_MINUTES, $this->parameters->readings->worthNarrowing];
        $overdue = OverdueTest::of($takenOn, $today, $this->parameters->readings);
        $worth = [];
        foreach ([Moment::BeforeCleansing, Moment::AfterCleansing, Moment::AfterStyling, Moment::Home] as $moment) {
            $worth[$moment->value] = $this->at(
                $state,
                $this->testMinutes->at($head->salon, $moment),
                $minutes,
                $overdue,
                $plan,
                $today,
                $least,
            );
        }

        return $worth;
    }

    /**
     * @param array<string, float>                              $takes   minutes by test
     * @param list<OverdueTest>                                     $overdue
     * @param float                                             $least share of the doubt a test must take away a minute
     *
     * @return list<StoredWorth>
     */
    private function at(
        State $state,
        array $takes,
        float $minutes,
        array $overdue,
        Plan $plan,
        DateTimeImmutable $today,
        float $least,
    ): array {
        $deciding = DecidingTests::order(
            $state,
            $takes,
            $minutes,
            $plan->decisions,
            $this->parameters->readings->worthDeciding,
        );
        $why = $this->why($state, $takes, $overdue, $deciding === [] ? $this->hinge($state, $plan, $today) : null);
        foreach (array_slice($deciding, 0, self::MOST_DECIDING) as $test) {
            $why[$test['test']]['decides'] = $this->decides($test['decision'], $test['share']);
        }
        // What is to be taken anyway keeps its minutes free; what it says of the balance is counted like any other.
        $kept = array_intersect_key($takes, $why);
        $order = TestSelection::order($state, $kept, array_sum($kept));
        foreach ($order as $step) {
            $state = TestSelection::narrowed($state, $step['test']);
        }
        $further = TestSelection::order(
            $state,
            array_diff_key($takes, $kept),
            max(0.0, $minutes - array_sum($kept)),
            $least,
        );
        $order = [...$order, ...array_slice($further, 0, self::MOST_AT_ONCE - count($kept))];
        $doubt = TestSelection::doubt($state);
        foreach (array_diff_key($kept, array_column($order, null, 'test')) as $test => $took) {
            $left = $order === [] ? $doubt : $order[count($order) - 1]['after'];
            $order[] = ['test' => $test, 'minutes' => $took, 'before' => $left, 'after' => $left];
            $why[$test]['followed'] = true;
        }

        return array_map(
            fn (array $step): array => [
                'test' => $step['test'],
                'minutes' => $step['minutes'],
                'before' => round($step['before'], 1),
                'after' => round($step['after'], 1),
            ] + ($why[$step['test']] ?? []),
            $order,
        );
    }

    /**
     * @param array<string, float>                              $takes   minutes by test
     * @param list<OverdueTest>                                     $overdue
     * @param array{quantity: 0|1, kind: string, on: string}|null $hinge
     *
     * @return array<string, array{
     *     hinges?: array{kind: string, on: string}, overdue?: array{ago: int, usual: int}, decides?: StoredDecides,
     * }> what speaks for a test whatever it says of the balance
     */
    private function why(State $state, array $takes, array $overdue, ?array $hinge): array
    {
        /**
         * @var array<string, array{
         *     hinges?: array{kind: string, on: string}, overdue?: array{ago: int, usual: int}, decides?: StoredDecides,
         * }> $why
         */
        $why = [];
        $best = $hinge === null ? null : TestSelection::bestFor($state, $takes, $hinge['quantity']);
        if ($hinge !== null && $best !== null) {
            $why[$best]['hinges'] = ['kind' => $hinge['kind'], 'on' => $hinge['on']];
        }
        $due = array_filter($overdue, fn (OverdueTest $one): bool => isset($takes[$one->test]));
        foreach (array_slice(array_values($due), 0, self::MOST_OVERDUE) as $one) {
            $why[$one->test]['overdue'] = ['ago' => $one->daysAgo, 'usual' => $one->usualDays];
        }

        return $why;
    }

    /** @return StoredDecides in what what may be done differs from what is planned */
    private function decides(NextDecision $decision, float $share): array
    {
        [$planned, $instead] = [$decision->planned, $decision->instead];
        $mask = static fn (WashOption $of): ?string => $of->masks() ? StepKind::Mask->value : null;
        $cleanse = static fn (WashOption $of): ?string => $of->cleanse->clarifies() ? $of->cleanse->value : null;
        $changes = [];
        foreach (
            [
                ['protein', $planned->protein?->value, $instead->protein?->value],
                ['mask', $mask($planned), $mask($instead)], ['cleanse', $cleanse($planned), $cleanse($instead)],
            ] as [$what, $from, $to]
        ) {
            if ($from !== $to) {
                $changes[] = ['what' => $what, 'from' => $from, 'to' => $to];
            }
        }

        return ['on' => $decision->date->format('Y-m-d'), 'share' => round($share, 3), 'changes' => $changes];
    }

    /**
     * @return array{
     *     quantity: 0|1, kind: string, on: string,
     * }|null the next treatment that was planned although the state is unsure, and the reserve it turns on
     */
    private function hinge(State $state, Plan $plan, DateTimeImmutable $today): ?array
    {
        $until = $today->modify('+' . self::HINGES_WITHIN_DAYS . ' days');
        foreach ($plan->items as $item) {
            $isUnsure = OutOfBalanceRisk::before($item, $plan, $state) > $this->parameters->planning->lookAt;
            if (($item->look || $isUnsure) && $item->date <= $until) {
                return $this->turnsOn($item);
            }
        }

        return null;
    }

    /** @return array{quantity: 0|1, kind: string, on: string}|null */
    private function turnsOn(PlanItem $item): ?array
    {
        $on = $item->date->format('Y-m-d');

        return match (true) {
            $item->choice->protein !== null => [
                'quantity' => StateLayout::PROTEIN,
                'kind' => $item->choice->protein->value,
                'on' => $on,
            ],
            $item->choice->masks() => ['quantity' => StateLayout::MOISTURE, 'kind' => 'mask', 'on' => $on],
            default => null,
        };
    }

    /** @return array<string, list<DateTimeImmutable>> by test */
    private function takenOn(Head $head, DateTimeImmutable $today): array
    {
        $rows = DB::table('readings')
            ->where('head_id', $head->id)
            ->where('date', '>=', $today->modify('-' . self::RHYTHM_OVER_DAYS . ' days')->format('Y-m-d'))
            ->distinct()
            ->get(['test', 'date']);
        $takenOn = [];
        foreach ($rows as $row) {
            $row = (array) $row;
            if (is_string($row['test'] ?? null) && is_string($row['date'] ?? null)) {
                $takenOn[$row['test']][] = Calendar::dayOf(new DateTimeImmutable($row['date']));
            }
        }

        return $takenOn;
    }
}
