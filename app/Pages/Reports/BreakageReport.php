<?php

declare(strict_types=1);

namespace App\Pages\Reports;

use App\Models\Reading;
use App\Models\Salon;
use Nagomi\Core\Statistics\ExactInterval;

/** The broken share of all hairs counted in a period, with Clopper and Pearson's exact interval. */
final readonly class BreakageReport
{
    private const LEVEL = 0.8;

    /** @return array{counts: int, broken: int, all: int, share: float|null, least: float|null, most: float|null} */
    public function of(Salon $salon, ReportPeriod $period): array
    {
        $broken = $all = $counts = 0;
        /** @var iterable<Reading> $readings */
        $readings = Reading::query()
            ->where('salon_id', $salon->id)
            ->where('test', 'broken-hairs')
            ->whereBetween('date', $period->dates())
            ->get(['id', 'salon_id', 'raw']);
        foreach ($readings as $reading) {
            $number = fn (string $name): int => is_numeric($reading->raw[$name] ?? null)
                ? (int) $reading->raw[$name]
                : 0;
            $counts++;
            $broken += $number('broken');
            $all += $number('broken') + $number('shed');
        }
        [$least, $most] = $all === 0 ? [null, null] : ExactInterval::share($broken, $all, self::LEVEL);

        return [
            'counts' => $counts, 'broken' => $broken, 'all' => $all, 'share' => $all === 0 ? null : $broken / $all,
            'least' => $least, 'most' => $most,
        ];
    }
}
