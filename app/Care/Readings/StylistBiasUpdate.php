<?php

declare(strict_types=1);

namespace App\Care\Readings;

use App\Models\HeadSnapshot;
use App\Models\Salon;
use App\Models\StylistBias;
use Illuminate\Support\Facades\DB;
use Nagomi\Core\Estimation\StylistBiasEstimator;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Readings\Sign;

/** Estimates the biases of a salon's stylists from what its readings said beside what was expected, and stores them. */
final readonly class StylistBiasUpdate
{
    /** Training shows: what somebody read years ago says little of how she reads now. */
    private const MONTHS_LOOKED_BACK = 18;

    public function __construct(private Parameters $parameters)
    {
    }

    /** @return int how many biases are known now */
    public function renew(Salon $salon): int
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
        foreach ($days as $day) {
            foreach ($this->grouped($day->checks) as $sign => $checks) {
                $estimates[$sign] ??= new StylistBiasEstimator(Sign::from($sign), $this->parameters->signs);
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
        DB::transaction(function () use ($salon, $rows): void {
            StylistBias::query()->where('salon_id', $salon->id)->delete();
            StylistBias::query()->insert($rows);
        });

        return count($rows);
    }

    /**
     * @param list<array<string, mixed>> $checks
     *
     * @return array<string, list<array<string, mixed>>> by sign, leaving out what did not fit and what nobody signed
     */
    private function grouped(array $checks): array
    {
        $grouped = [];
        foreach ($checks as $check) {
            if (
                ($check['again'] ?? false) !== true
                    && is_string($check['by'] ?? null)
                    && $check['by'] !== ''
                    && is_string($check['sign'] ?? null)
            ) {
                $grouped[$check['sign']][] = $check;
            }
        }

        return $grouped;
    }

    /**
     * Readings of the same head, moment and place by two stylists are compared with one another, the others with what
     * was expected.
     *
     * @param list<array<string, mixed>> $checks of one head, day and sign
     * @param array<string, float>       $known  bias that was taken off already, by stylist and sign
     */
    private function take(StylistBiasEstimator $estimate, array $checks, array $known): void
    {
        $number = fn (array $check, string $name): float => is_numeric($check[$name] ?? null)
            ? (float) $check[$name]
            : 0.0;
        $text = fn (array $check, string $name): string => is_string($check[$name] ?? null) ? $check[$name] : '';
        while (($check = array_shift($checks)) !== null) {
            $twice = null;
            foreach ($checks as $i => $other) {
                if (
                    $text($other, 'by') !== $text($check, 'by')
                        && $text($other, 'moment') === $text($check, 'moment')
                        && $text($other, 'zone') === $text($check, 'zone')
                ) {
                    $twice = $other;
                    unset($checks[$i]);
                    break;
                }
            }
            $count = Sign::from($text($check, 'sign'))->isCount();
            if ($twice !== null && ! $count) {
                $estimate->readTwice(
                    $text($check, 'by'),
                    $text($twice, 'by'),
                    $number($check, 'value') - $number($twice, 'value'),
                );
            } elseif ($number($check, 'surprise_sd') > 0) {
                $taken = $known["{$text($check, 'by')} {$text($check, 'sign')}"] ?? 0.0;
                $estimate->read(
                    $text($check, 'by'),
                    $number($check, 'surprise') + $taken,
                    $number($check, 'surprise_sd') ** 2,
                );
            }
        }
    }
}
