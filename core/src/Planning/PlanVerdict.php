<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use DateTimeImmutable;
use Nagomi\Core\Estimation\BalanceCell;
use Nagomi\Core\Parameters\PlanningParameters;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Treatments\StepKind;
use Nagomi\Core\Wording\Message;

/** One plain sentence: how the head stands, and what comes next. */
final class PlanVerdict
{
    /**
     * @param array<string, float> $cells   probability by cell value
     * @param float                $buildUp build-up over the head, mean by share of hair
     * @param bool                 $notReadYet nobody has read this hair lately: no state is claimed
     */
    public static function sentence(
        array $cells,
        float $buildUp,
        Plan $plan,
        DateTimeImmutable $today,
        PlanningParameters $limits,
        bool $notReadYet = false,
    ): Message {
        if ($notReadYet) {
            return $plan->items === []
                ? Message::of('verdict.not-tested')
                : Message::of('verdict.not-tested-until', when: self::when($plan->items[0]->date, $today));
        }
        $under = $buildUp > $limits->buildUpLimit;
        $next = array_values(array_filter([
            $under ? self::clarify($plan, $today) : null,
            ...self::next($plan, $today, $limits),
        ]));
        $standing = self::standing($cells, $limits);
        $standing = $under ? Message::of('verdict.with-build-up', standing: $standing) : $standing;

        return $next === []
            ? Message::of('verdict.stands', standing: $standing)
            : Message::of('verdict.stands-and-next', standing: $standing, next: $next);
    }

    private static function clarify(Plan $plan, DateTimeImmutable $today): ?Message
    {
        foreach ($plan->items as $item) {
            if ($item->choice->cleanse->clarifies()) {
                return Message::of('verdict.clarify', when: self::when($item->date, $today));
            }
        }

        return null;
    }

    /** @param array<string, float> $cells */
    private static function standing(array $cells, PlanningParameters $limits): Message
    {
        arsort($cells);
        [$first, $second] = array_keys($cells);
        [$likely, $beside] = array_values($cells);

        return match (true) {
            $likely >= $limits->worthSaying['outright'] => self::cell($first),
            $beside >= $limits->worthSaying['beside'] => self::between(
                BalanceCell::from($first),
                BalanceCell::from($second),
            ),
            default => Message::of('verdict.perhaps', cell: self::cell($first)),
        };
    }

    /** Two cells that are both likely: where one is the other and something more, that is said of it. */
    private static function between(BalanceCell $first, BalanceCell $second): Message
    {
        $one = self::axes($first);
        $other = self::axes($second);
        $shared = array_values(array_intersect($one, $other));
        $more = array_values(array_diff([...$one, ...$other], $shared));
        if (count($shared) === 1 && count($more) === 1) {
            return Message::of(
                'verdict.' . (count($one) === 2 ? 'probably-as-well' : 'perhaps-as-well'),
                shared: Message::of("verdict.sides.{$shared[0]}"),
                more: Message::of("verdict.sides.{$more[0]}"),
            );
        }

        return Message::of('verdict.rather', one: self::cell($first->value), other: self::cell($second->value));
    }

    /** @return list<string> what is off about a cell, one for each reserve */
    private static function axes(BalanceCell $cell): array
    {
        $moisture = match ($cell) {
            BalanceCell::Dry, BalanceCell::Depleted, BalanceCell::Brittle => 'dry',
            BalanceCell::OverMoist, BalanceCell::Limp, BalanceCell::Overloaded => 'too-moist',
            default => null,
        };
        $protein = match ($cell) {
            BalanceCell::Weak, BalanceCell::Depleted, BalanceCell::Limp => 'short-of-protein',
            BalanceCell::Stiff, BalanceCell::Brittle, BalanceCell::Overloaded => 'stiff-with-protein',
            default => null,
        };

        return array_values(array_filter([$moisture, $protein]));
    }

    private static function cell(string $cell): Message
    {
        return Message::of('verdict.cells.' . BalanceCell::from($cell)->value);
    }

    /** @return list<Message> */
    private static function next(Plan $plan, DateTimeImmutable $today, PlanningParameters $limits): array
    {
        $mask = $protein = null;
        foreach ($plan->items as $item) {
            $mask ??= $item->choice->masks() ? $item : null;
            $protein ??= $item->choice->protein !== null ? $item : null;
        }
        $masks = $mask === null ? null : Message::of('verdict.mask', when: self::when($mask->date, $today));
        if ($protein === null || Calendar::daysBetween($today, $protein->date) > $limits->proteinCanWaitDays) {
            return array_values(array_filter([
                $masks,
                $protein === null ? null : Message::of('verdict.protein-can-wait', date: $protein->date),
            ]));
        }
        $kind = $protein->choice->protein === StepKind::StrongProtein ? 'strong-protein' : 'mild-protein';
        $when = self::when($protein->date, $today);

        return $mask === $protein
            ? [Message::of("verdict.{$kind}-and-mask", when: $when)]
            : array_values(array_filter([$masks, Message::of("verdict.{$kind}", when: $when)]));
    }

    private static function when(DateTimeImmutable $date, DateTimeImmutable $today): Message
    {
        return match (Calendar::daysBetween($today, $date)) {
            0 => Message::of('verdict.today'),
            1 => Message::of('verdict.tomorrow'),
            default => Message::of('verdict.on', date: $date),
        };
    }
}
