<?php

declare(strict_types=1);

namespace App\Bridge\Clients;

use App\Models\Head;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Treatments\StepKind;
use Nagomi\Core\WashDay\DetanglingDay;

/** How fast a head was detangled lately, for the salon's other heads to go by. */
final readonly class OwnPace
{
    private const PRE_WASHED = 'avg(exists(select 1 from wash_steps as pre where pre.wash_day_id = wash_days.id and '
        . "pre.kind = 'pre-wash'))";

    public function __construct(private Parameters $parameters)
    {
    }

    /**
     * On a usual day: what its tool, its slip and a pre-wash add in the trade is taken off.
     *
     * @return array{detangling_minutes: float|null, detangling_times: int} minutes a section, null where it was never
     *     timed; and how often it was
     */
    public function of(Head $head, DateTimeImmutable $today): array
    {
        $rows = DB::table('wash_steps')
            ->join('wash_days', 'wash_days.id', '=', 'wash_steps.wash_day_id')
            ->where('wash_days.head_id', $head->id)
            ->where('wash_days.date', '>=', StoredPace::since($today)->format('Y-m-d'))
            ->where('wash_days.approximate', false)
            ->where('wash_steps.kind', StepKind::Detangle->value)
            ->where('wash_steps.minutes', '>', 0)
            ->groupBy('wash_steps.tool', 'wash_steps.how')
            ->selectRaw(
                'wash_steps.tool, wash_steps.how, count(*) as times, avg(ln(wash_steps.minutes)) as minutes, '
                    . self::PRE_WASHED . ' as pre_washed',
            )
            ->get();
        [$sum, $all] = [0.0, 0];
        foreach ($rows as $row) {
            $of = (array) $row;
            $times = (int) self::number($of, 'times');
            $sum += $times * (self::number($of, 'minutes') - log($head->sections) - $this->adds($of));
            $all += $times;
        }

        return ['detangling_minutes' => $all === 0 ? null : exp($sum / $all), 'detangling_times' => $all];
    }

    /**
     * What such a day adds in the trade, as a logarithm.
     *
     * @param array<mixed> $of tool, how it was detangled, and on what share of the days it was pre-washed
     */
    private function adds(array $of): float
    {
        $times = $this->parameters->washDay->detanglingTimes;
        $adds = self::number($of, 'pre_washed') * log($times['pre-wash']);
        foreach ((new DetanglingDay(self::text($of, 'tool'), self::text($of, 'how')))->unusual() as $name => $share) {
            $adds += $share * log($times[$name] ?? 1.0);
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
