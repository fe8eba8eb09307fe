<?php

declare(strict_types=1);

namespace App\Care;

use DateTimeImmutable;
use Nagomi\Core\Balance\Cells;
use Nagomi\Core\Balance\Check;
use Nagomi\Core\Balance\Layout;
use Nagomi\Core\Balance\LedgerLine;
use Nagomi\Core\Balance\Point;
use Nagomi\Core\Balance\State;
use Nagomi\Core\Balance\Trace;
use Nagomi\Core\Reading\Sign;
use Nagomi\Core\Season\Future;
use Nagomi\Core\Season\Plan;
use Nagomi\Core\Season\PlanItem;
use Nagomi\Core\Treatment\Step;
use Nagomi\Core\Treatment\StepKind;
use Nagomi\Core\Treatment\WashDay;

/** The parts of a stored outlook, as plain arrays for the pages. */
final class OutlookParts
{
    /** Half-width of the range called usual, in standard deviations of this head's own earlier readings. */
    private const USUAL_SD = 1.28;

    /** @return list<array<string, mixed>> where each stratum stands */
    public static function standing(State $state): array
    {
        $head = $state->layout->head;

        return array_map(fn (int $s): array => [
            'name' => $head->strata[$s]->name,
            'porosity' => $head->strata[$s]->porosity->value,
            'share' => round($head->strata[$s]->share, 4),
            'moisture' => self::pair($state, $s, Layout::MOISTURE),
            'protein' => self::pair($state, $s, Layout::PROTEIN),
            'build_up' => [round($state->buildUp($s), 1), round($state->buildUpSd($s), 1)],
            'wear' => self::pair($state, $s, Layout::WEAR),
            'target_moisture' => $head->strata[$s]->targetMoisture(),
            'target_protein' => $head->strata[$s]->targetProtein($head->proteinSensitive),
            'cells' => array_map(fn (float $probability): float => round($probability, 4), Cells::ofStratum($state, $s)),
        ], array_keys($head->strata));
    }

    /** @return array{float, float} */
    private static function pair(State $state, int $s, int $quantity): array
    {
        $quantity = max(Layout::MOISTURE, min(Layout::WEAR, $quantity));

        return [round($state->value($s, $quantity), 1), round($state->sd($s, $quantity), 1)];
    }

    /** @return list<array<string, mixed>> the latest of each sign beside this head's own usual */
    public static function signs(Trace $trace): array
    {
        $bySign = [];
        foreach ($trace->checks as $check) {
            $bySign[$check->measured->sign->value][] = $check;
        }

        return array_values(array_map(function (array $checks): array {
            /** @var non-empty-list<Check> $checks */
            $last = $checks[count($checks) - 1];
            $values = array_map(fn (Check $check): float => $check->measured->value, $checks);
            $earlier = array_slice($values, 0, -1);
            $mean = $earlier === [] ? null : array_sum($earlier) / count($earlier);
            $sd = count($earlier) < 3 ? null : sqrt(array_sum(array_map(fn (float $value): float => ($value - $mean) ** 2, $earlier)) / (count($earlier) - 1));

            return [
                'sign' => $last->measured->sign->value,
                'unit' => $last->measured->sign->unit(),
                'value' => round($last->measured->value, 1),
                'date' => $last->reading->date->format('Y-m-d'),
                'means' => $last->measured->means,
                'expected' => round($last->expected, 1),
                'apart' => round($last->apart, 2),
                'again' => $last->again,
                'usual' => $mean === null || $sd === null ? null : self::usual($last->measured->sign, $mean, self::USUAL_SD * $sd),
                'series' => array_map(fn (float $value): float => round($value, 1), array_slice($values, -12)),
            ];
        }, $bySign));
    }

    /** @return array{float, float} within what the sign can be at all */
    private static function usual(Sign $sign, float $mean, float $half): array
    {
        $most = match ($sign) {
            Sign::Dryness, Sign::BuildUpSigns => 10.0,
            Sign::StretchReturn => 100.0,
            Sign::Feel => 5.0,
            default => INF,
        };

        return [round(max($sign === Sign::Feel ? -5.0 : 0.0, $mean - $half), 1), round(min($most, $mean + $half), 1)];
    }

    /**
     * @param list<WashDay> $past
     *
     * @return array<string, mixed> the days of the river, its stones and its gauges
     */
    public static function river(Trace $trace, Plan $plan, array $past, DateTimeImmutable $today): array
    {
        $from = max($trace->points[0]->date, $today->modify('-' . 7 * Renewal::WEEKS_BACK . ' days'));
        $points = [...array_slice($trace->daily($from, $today), 0, -1), ...$plan->forecast];
        $since = $from->format('Y-m-d');
        $stones = [];
        foreach ($past as $day) {
            if ($day->date->format('Y-m-d') >= $since) {
                $stones[] = ['date' => $day->date->format('Y-m-d'), 'planned' => false, 'kinds' => self::kinds($day->steps)];
            }
        }
        foreach ($plan->items as $item) {
            $stones[] = ['date' => $item->date->format('Y-m-d'), 'planned' => true, 'kinds' => self::kinds($item->choice->steps($trace->last()->state->layout->head))];
        }

        return [
            'from' => $points[0]->date->format('Y-m-d'),
            'today' => $today->format('Y-m-d'),
            'strata' => self::currents($points),
            'stones' => $stones,
            'gauges' => array_values(array_unique(array_filter(
                array_map(fn (Check $check): string => $check->reading->date->format('Y-m-d'), $trace->checks),
                fn (string $date): bool => $date >= $since,
            ))),
        ];
    }

    /**
     * The river of one future alone, from today on.
     *
     * @return array<string, mixed>
     */
    public static function riverAhead(Future $future): array
    {
        $today = $future->forecast[0]->date;
        $head = $future->forecast[0]->state->layout->head;
        $stones = [];
        foreach ($future->washDays as $i => $day) {
            $stones[] = ['date' => $today->modify("+{$day} days")->format('Y-m-d'), 'planned' => true, 'kinds' => self::kinds($future->choices[$i]->steps($head))];
        }

        return ['from' => $today->format('Y-m-d'), 'today' => $today->format('Y-m-d'), 'strata' => self::currents($future->forecast), 'stones' => $stones, 'gauges' => []];
    }

    /**
     * @param list<Point> $points one for each day
     *
     * @return list<array<string, mixed>> by stratum: its name, targets and days
     */
    private static function currents(array $points): array
    {
        $head = $points[0]->state->layout->head;

        return array_map(fn (int $s): array => [
            'name' => $head->strata[$s]->name,
            'targets' => [$head->strata[$s]->targetMoisture(), $head->strata[$s]->targetProtein($head->proteinSensitive)],
            'days' => array_map(fn (Point $point): array => [
                ...self::pair($point->state, $s, Layout::MOISTURE),
                ...self::pair($point->state, $s, Layout::PROTEIN),
                round($point->state->buildUp($s), 1),
                round($point->state->buildUpSd($s), 1),
            ], $points),
        ], array_keys($head->strata));
    }

    /**
     * What a wash day shows as: wash, mask, protein, clarify.
     *
     * @param list<Step> $steps
     *
     * @return list<string>
     */
    private static function kinds(array $steps): array
    {
        $kinds = [];
        foreach ($steps as $step) {
            $kinds[] = match (true) {
                $step->cleanse?->clarifies() === true => 'clarify',
                $step->kind === StepKind::Cleanse => 'wash',
                $step->kind === StepKind::Mask => 'mask',
                $step->kind->isProtein() => 'protein',
                $step->kind === StepKind::ChemicalService => 'service',
                $step->kind === StepKind::Trim => 'trim',
                default => null,
            };
        }

        return array_values(array_unique(array_filter($kinds)));
    }

    /** @return list<array<string, mixed>> */
    public static function ledger(Trace $trace): array
    {
        return array_map(fn (LedgerLine $line): array => [
            'date' => $line->date->format('Y-m-d'),
            'kind' => $line->kind->value,
            'subject' => $line->subject,
            'amounts' => $line->amounts,
        ], $trace->ledger);
    }

    /**
     * The item as the pages show it.
     *
     * @return array<string, mixed>|null
     */
    public static function without(PlanItem $item): ?array
    {
        $main = $item->mainWithout();

        return $main === null ? null : [
            'what' => $main->what,
            'stratum' => $main->stratum,
            'date' => $main->date?->format('Y-m-d'),
            'earliest' => $main->earliest?->format('Y-m-d'),
            'latest' => $main->latest?->format('Y-m-d'),
            'already_outside' => $main->alreadyOutside,
        ];
    }
}
