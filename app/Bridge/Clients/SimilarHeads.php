<?php

declare(strict_types=1);

namespace App\Bridge\Clients;

use App\Models\Head;
use DateTimeInterface;
use Illuminate\Support\Facades\DB;
use Nagomi\Core\Parameters\WashDayParameters;
use Nagomi\Core\Treatments\StepKind;
use Nagomi\Core\WashDay\DetanglingDay;
use Nagomi\Core\WashDay\SimilarPace;

/** The salon's other heads, as far as one is like them. */
final class SimilarHeads
{
    /** Minutes a section on a usual day, of a head of which nothing but its length and density is known. */
    public static function minutesASection(
        Head $head,
        DateTimeInterface $since,
        WashDayParameters $parameters,
    ): float {
        return (new SimilarPace($parameters))->minutes(
            $head->length_mm,
            $head->density,
            $head->length_mm === null || $head->density === 'not-measured'
                ? []
                : self::others($head, $since, $parameters),
        );
    }

    /**
     * Each other head that was measured, at its own pace on a usual day: what its tool, its slip and a pre-wash add in the
     * trade is taken off.
     *
     * @return list<array{minutes: float, times: int, length_mm: int, density: string}>
     */
    private static function others(Head $head, DateTimeInterface $since, WashDayParameters $parameters): array
    {
        $preWashed = 'avg(exists(select 1 from wash_steps as pre where pre.wash_day_id = wash_days.id and '
            . "pre.kind = 'pre-wash'))";
        $rows = DB::table('wash_steps')
            ->join('wash_days', 'wash_days.id', '=', 'wash_steps.wash_day_id')
            ->join('heads', 'heads.id', '=', 'wash_days.head_id')
            ->where('wash_days.salon_id', $head->salon_id)
            ->where('wash_days.head_id', '!=', $head->id)
            ->where('wash_days.date', '>=', $since->format('Y-m-d'))
            ->where('wash_days.approximate', false)
            ->where('wash_steps.kind', StepKind::Detangle->value)
            ->where('wash_steps.minutes', '>', 0)
            ->whereNotNull('heads.length_mm')
            ->where('heads.density', '!=', 'not-measured')
            ->groupBy('heads.id', 'heads.length_mm', 'heads.density', 'wash_steps.tool', 'wash_steps.how')
            ->selectRaw(
                'heads.id, heads.length_mm, heads.density, wash_steps.tool, wash_steps.how, count(*) as times, '
                    . "avg(ln(wash_steps.minutes / heads.sections)) as minutes, {$preWashed} as pre_washed",
            )
            ->get();
        $others = [];
        foreach ($rows as $row) {
            $of = (array) $row;
            $day = new DetanglingDay(self::text($of, 'tool'), self::text($of, 'how'));
            $other = $others[self::text($of, 'id')] ?? ['sum' => 0.0, 'times' => 0];
            $times = (int) self::number($of, 'times');
            $minutes = self::number($of, 'minutes') - self::adds($day, $parameters)
                - self::number($of, 'pre_washed') * log($parameters->detanglingTimes['pre-wash']);
            $others[self::text($of, 'id')] = [
                'sum' => $other['sum'] + $times * $minutes, 'times' => $other['times'] + $times,
                'length_mm' => (int) self::number($of, 'length_mm'), 'density' => self::text($of, 'density'),
            ];
        }

        return array_map(static fn (array $other): array => [
            'minutes' => exp($other['sum'] / $other['times']), 'times' => $other['times'],
            'length_mm' => $other['length_mm'], 'density' => $other['density'],
        ], array_values($others));
    }

    /** What a day adds in the trade, as a logarithm. */
    private static function adds(DetanglingDay $day, WashDayParameters $parameters): float
    {
        $adds = 0.0;
        foreach ($day->unusual() as $name => $of) {
            $adds += $of * log($parameters->detanglingTimes[$name] ?? 1.0);
        }

        return $adds;
    }

    /** @param array<mixed> $of */
    private static function text(array $of, string $name): string
    {
        return is_string($of[$name] ?? null) ? $of[$name] : '';
    }

    /** @param array<mixed> $of */
    private static function number(array $of, string $name): float
    {
        return is_numeric($of[$name] ?? null) ? (float) $of[$name] : 0.0;
    }
}
