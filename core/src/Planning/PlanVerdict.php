<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use DateTimeImmutable;
use Nagomi\Core\Estimation\BalanceCell;
use Nagomi\Core\Parameters\PlanningParameters;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Treatments\StepKind;

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
    ): string {
        if ($notReadYet) {
            return 'Not tested yet: the usual gentle care, and test first'
                . ($plan->items === [] ? '' : ', ' . self::when($plan->items[0]->date, $today))
                . '.';
        }
        $under = $buildUp > $limits->buildUpLimit;
        $next = array_filter([$under ? self::clarify($plan, $today) : null, self::next($plan, $today, $limits)]);

        return self::standing($cells, $limits)
            . ($under ? ', with build-up' : '')
            . ($next === [] ? '' : '; ' . implode(', ', $next))
            . '.';
    }

    private static function clarify(Plan $plan, DateTimeImmutable $today): ?string
    {
        foreach ($plan->items as $item) {
            if ($item->choice->cleanse->clarifies()) {
                return 'clarify ' . self::when($item->date, $today);
            }
        }

        return null;
    }

    /** @param array<string, float> $cells */
    private static function standing(array $cells, PlanningParameters $limits): string
    {
        arsort($cells);
        [$first, $second] = array_keys($cells);
        [$likely, $beside] = array_values($cells);

        return match (true) {
            $likely >= $limits->worthSaying['outright'] => ucfirst(self::phrase($first)),
            $beside >= $limits->worthSaying['beside'] => ucfirst(self::between(
                BalanceCell::from($first),
                BalanceCell::from($second),
            )),
            default => 'Perhaps ' . self::phrase($first) . ', not yet sure',
        };
    }

    /** Two cells that are both likely: where one is the other and something more, that is said of it. */
    private static function between(BalanceCell $first, BalanceCell $second): string
    {
        $one = self::axes($first);
        $other = self::axes($second);
        $shared = array_values(array_intersect($one, $other));
        $more = array_values(array_diff([...$one, ...$other], $shared));
        if (count($shared) === 1 && count($more) === 1) {
            return $shared[0] . (count($one) === 2 ? ', probably ' : ', perhaps ') . $more[0] . ' as well';
        }

        return self::phrase($first->value) . ' rather than ' . self::phrase($second->value);
    }

    /** @return list<string> what is off about a cell, one for each reserve */
    private static function axes(BalanceCell $cell): array
    {
        $moisture = match ($cell) {
            BalanceCell::Dry, BalanceCell::Depleted, BalanceCell::Brittle => 'dry',
            BalanceCell::OverMoist, BalanceCell::Limp, BalanceCell::Overloaded => 'too moist',
            default => null,
        };
        $protein = match ($cell) {
            BalanceCell::Weak, BalanceCell::Depleted, BalanceCell::Limp => 'short of protein',
            BalanceCell::Stiff, BalanceCell::Brittle, BalanceCell::Overloaded => 'stiff with protein',
            default => null,
        };

        return array_values(array_filter([$moisture, $protein]));
    }

    private static function phrase(string $cell): string
    {
        return match (BalanceCell::from($cell)) {
            BalanceCell::InBalance => 'in balance',
            BalanceCell::Dry => 'dry',
            BalanceCell::OverMoist => 'too moist',
            BalanceCell::Weak => 'short of protein',
            BalanceCell::Stiff => 'stiff with protein',
            BalanceCell::Depleted => 'dry and short of protein',
            BalanceCell::Limp => 'limp: too moist, short of protein',
            BalanceCell::Brittle => 'brittle: dry and stiff with protein',
            BalanceCell::Overloaded => 'too much of both',
        };
    }

    private static function next(Plan $plan, DateTimeImmutable $today, PlanningParameters $limits): string
    {
        $mask = $protein = null;
        foreach ($plan->items as $item) {
            $mask ??= $item->choice->masks() ? $item : null;
            $protein ??= $item->choice->protein !== null ? $item : null;
        }
        if ($protein === null || Calendar::daysBetween($today, $protein->date) > $limits->proteinCanWaitDays) {
            return implode(', ', array_filter([
                $mask === null ? null : 'mask ' . self::when($mask->date, $today),
                $protein === null ? null : 'protein can wait until ' . $protein->date->format('j M'),
            ]));
        }
        $kind = $protein->choice->protein === StepKind::StrongProtein ? 'strong protein' : 'mild protein';

        return match (true) {
            $mask === null => "{$kind} " . self::when($protein->date, $today),
            $mask === $protein => "{$kind} and mask " . self::when($mask->date, $today),
            default => 'mask ' . self::when($mask->date, $today) . ", {$kind} " . self::when($protein->date, $today),
        };
    }

    private static function when(DateTimeImmutable $date, DateTimeImmutable $today): string
    {
        return match (Calendar::daysBetween($today, $date)) {
            0 => 'today',
            1 => 'tomorrow',
            default => 'on ' . $date->format('j M'),
        };
    }
}
