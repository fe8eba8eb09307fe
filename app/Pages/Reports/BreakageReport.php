<?php

declare(strict_types=1);

namespace App\Pages\Reports;

use App\Models\Reading;
use App\Models\Salon;
use Nagomi\Core\Statistics\ClusteredShare;

/** The broken share of all hairs counted in a period; clients differ, so its range is that of clients, not of hairs. */
final readonly class BreakageReport
{
    private const LEVEL = 0.8;

    /** A range wider than this is no place for tenths of a percent. */
    private const TENTHS_UNDER = 0.02;

    /**
     * @return array{
     *     counts: int, clients: int, broken: int, all: int, share: float|null, least: float|null, most: float|null,
     *     digits: int,
     * } $digits behind the point of a percentage
     */
    public function of(Salon $salon, ReportPeriod $period): array
    {
        $clusters = [];
        $counts = 0;
        /** @var iterable<Reading> $readings */
        $readings = Reading::query()
            ->where('salon_id', $salon->id)
            ->where('test', 'broken-hairs')
            ->whereBetween('date', $period->dates())
            ->get(['id', 'salon_id', 'head_id', 'raw']);
        foreach ($readings as $reading) {
            $number = fn (string $name): int => is_numeric($reading->raw[$name] ?? null)
                ? (int) $reading->raw[$name]
                : 0;
            $counts++;
            [$broken, $all] = $clusters[$reading->head_id] ?? [0, 0];
            $clusters[$reading->head_id] = [
                $broken + $number('broken'),
                $all + $number('broken') + $number('shed'),
            ];
        }
        $all = array_sum(array_column($clusters, 1));
        [$share, $least, $most] = $all === 0
            ? [null, null, null]
            : ClusteredShare::interval(array_values($clusters), self::LEVEL);

        return [
            'counts' => $counts, 'clients' => count($clusters),
            'broken' => array_sum(array_column($clusters, 0)), 'all' => $all,
            'share' => $share, 'least' => $least, 'most' => $most,
            'digits' => $least !== null && $most - $least < self::TENTHS_UNDER ? 1 : 0,
        ];
    }
}
