<?php

declare(strict_types=1);

namespace App\Care\Reporting;

use App\Care\Moving\Table;
use App\Models\Salon;

/** The four reports over a salon: as a page, and as one table. */
final class ReportPage
{
    /** @return array{salon: Salon, period: Period, balance: array<string, mixed>, breakage: array<string, mixed>, breakageBefore: array<string, mixed>, time: array<string, mixed>, products: array<string, mixed>} */
    public static function of(Salon $salon, Period $period): array
    {
        return [
            'salon' => $salon,
            'period' => $period,
            'balance' => BalanceKept::of($salon, $period),
            'breakage' => BreakageReport::of($salon, $period),
            'breakageBefore' => BreakageReport::of($salon, $period->before()),
            'time' => TimeReport::of($salon, $period),
            'products' => ProductReport::of($salon, $period),
        ];
    }

    public static function csv(Salon $salon, Period $period): string
    {
        $balance = BalanceKept::of($salon, $period);
        $breakage = BreakageReport::of($salon, $period);
        $time = TimeReport::of($salon, $period);
        $products = ProductReport::of($salon, $period);
        $rows = [['balance kept', 'all heads', $balance['share'] === null ? null : round(100 * $balance['share'], 1), '%']];
        foreach ($balance['weeks'] as $week) {
            $rows[] = ['balance kept', "week from {$week['from']}", round(100 * $week['share'], 1), '%'];
        }
        foreach (['share' => 'broken share', 'least' => 'broken share, 80 % from', 'most' => 'broken share, 80 % to'] as $key => $what) {
            $rows[] = ['breakage', $what, $breakage[$key] === null ? null : round(100 * $breakage[$key], 2), '%'];
        }
        $rows[] = ['breakage', 'hairs counted', $breakage['all'], 'hairs'];
        foreach ($time['rows'] as $row) {
            foreach (['bookings' => ['bookings', 'bookings'], 'booked' => ['booked', 'min'], 'used' => ['used', 'min'], 'close' => ['within ten minutes', 'bookings']] as $key => [$what, $unit]) {
                $rows[] = ['time', "{$row['name']}, {$what}", $row[$key], $unit];
            }
            $rows[] = ['time', "{$row['name']}, earned", number_format($row['earned_cents'] / 100, 2, '.', ''), $salon->currency];
        }
        $rows[] = ['time', 'cancelled', $time['cancelled'], 'bookings'];
        $rows[] = ['time', 'did not come', $time['missed'], 'bookings'];
        foreach ($products['rows'] as $row) {
            $rows[] = ['products', "{$row['name']}, used", round($row['ml'], 1), 'mL'];
            $rows[] = ['products', "{$row['name']}, cost", $row['cents'] === null ? null : number_format($row['cents'] / 100, 2, '.', ''), $salon->currency];
        }

        return Table::csv(['report', 'what', 'value', 'unit'], $rows);
    }
}
