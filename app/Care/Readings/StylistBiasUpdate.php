<?php

declare(strict_types=1);

namespace App\Care\Readings;

use App\Bridge\Learning\SalonParameters;
use App\Bridge\Plans\OutlookRefresh;
use App\Models\HeadSnapshot;
use App\Models\Salon;
use App\Models\StylistBias;
use Illuminate\Support\Facades\DB;
use Nagomi\Core\Estimation\StylistBiasEstimator;
use Nagomi\Core\Readings\Sign;

/** Estimates the biases of a salon's stylists from what its readings said beside what was expected, and stores them. */
final readonly class StylistBiasUpdate
{
    /** Training shows: what somebody read years ago says little of how that is read now. */
    private const MONTHS_LOOKED_BACK = 18;

    public function __construct(private SalonParameters $salonParameters, private OutlookRefresh $outlookRefresh)
    {
    }

    /** @return int how many biases are known now */
    public function renew(Salon $salon): int
    {
        $rows = $this->estimated($salon);
        DB::transaction(function () use ($salon, $rows): void {
            $before = $this->stored($salon);
            StylistBias::query()->where('salon_id', $salon->id)->delete();
            StylistBias::query()->insert($rows);
            $after = $this->stored($salon);
            // What a stylist reads counts for as much in every head: what is shown is what its record comes to.
            $changed = array_filter(
                array_unique([...array_keys($before), ...array_keys($after)]),
                fn (string $by): bool => ($before[$by] ?? []) !== ($after[$by] ?? []),
            );
            $this->outlookRefresh->ofHeadsReadBy($salon, array_values($changed));
        }, 5);

        return count($rows);
    }

    /** @return list<array{salon_id: int, by: string, sign: string, mean: float, sd: float}> */
    private function estimated(Salon $salon): array
    {
        $known = [];
        foreach (StylistBias::query()->where('salon_id', $salon->id)->get() as $bias) {
            $known["{$bias->by} {$bias->sign}"] = $bias->mean;
        }
        /** @var array<string, StylistBiasEstimator> $estimates */
        $estimates = [];
        $days = HeadSnapshot::query()->where('salon_id', $salon->id)->where('was_read', true)
            ->where(
                'date',
                '>=',
                $salon->today()->subMonths(self::MONTHS_LOOKED_BACK)->format('Y-m-d'),
            )->select(['id', 'head_id', 'date', 'checks'])->lazyById(500);
        $signs = $this->salonParameters->of($salon)->signs;
        foreach ($days as $day) {
            foreach ($this->grouped($day->checks) as $sign => $checks) {
                $estimates[$sign] ??= new StylistBiasEstimator(Sign::from($sign), $signs);
                $this->take($estimates[$sign], $checks, $known);
            }
        }
        $rows = [];
        foreach ($estimates as $estimate) {
            foreach ($estimate->biases() as $bias) {
                $rows[] = [
                    'salon_id' => $salon->id, 'by' => $bias->by, 'sign' => $bias->sign->value, 'mean' => $bias->mean,
                    'sd' => $bias->sd,
                ];
            }
        }

        return $rows;
    }

    /** @return array<string, array<string, array{float, float}>> mean and sd by stylist and sign */
    private function stored(Salon $salon): array
    {
        $stored = [];
        foreach (StylistBias::query()->where('salon_id', $salon->id)->orderBy('sign')->get() as $bias) {
            $stored[$bias->by][$bias->sign] = [$bias->mean, $bias->sd];
        }

        return $stored;
    }

    /**
     * @param list<StoredCheck> $checks
     *
     * @return array<string, list<StoredCheck>> by sign, leaving out what did not fit and what nobody signed
     */
    private function grouped(array $checks): array
    {
        $grouped = [];
        foreach ($checks as $check) {
            if (! $check['again'] && $check['by'] !== '') {
                $grouped[$check['sign']][] = $check;
            }
        }

        return $grouped;
    }

    /**
     * Readings of the same head, moment and place by two stylists are compared with one another, the others with what
     * was expected.
     *
     * @param list<StoredCheck>    $checks of one head, day and sign
     * @param array<string, float> $known  bias that was taken off already, by stylist and sign
     */
    private function take(StylistBiasEstimator $estimate, array $checks, array $known): void
    {
        while (($check = array_shift($checks)) !== null) {
            $twice = null;
            foreach ($checks as $i => $other) {
                if (
                    $other['by'] !== $check['by']
                        && $other['moment'] === $check['moment']
                        && $other['zone'] === $check['zone']
                ) {
                    $twice = $other;
                    unset($checks[$i]);
                    break;
                }
            }
            $count = Sign::from($check['sign'])->isCount();
            if ($twice !== null && ! $count) {
                $estimate->readTwice(
                    $check['by'],
                    $twice['by'],
                    $check['value'] - $twice['value'],
                );
            } elseif ($check['surprise_sd'] > 0) {
                $taken = $known["{$check['by']} {$check['sign']}"] ?? 0.0;
                $estimate->read(
                    $check['by'],
                    $check['surprise'] + $taken,
                    $check['surprise_sd'] ** 2,
                );
            }
        }
    }
}
