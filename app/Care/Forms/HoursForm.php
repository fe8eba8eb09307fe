<?php

declare(strict_types=1);

namespace App\Care\Forms;

use App\Care\Desk\DayPlan;
use App\Care\Desk\HoursBook;
use App\Care\Shared\SeenFields;
use App\Models\Offer;
use App\Models\Salon;

/** Chairs, hours and services as their form shows them. */
final class HoursForm
{
    public static function name(Salon $salon): string
    {
        return "hours {$salon->id}";
    }

    /** @return array<string, string> by dotted name */
    public static function fields(Salon $salon): array
    {
        $fields = ['chairs' => (string) $salon->chairs];
        $week = HoursBook::week($salon);
        foreach (DayPlan::stylists($salon)->keys() as $stylist) {
            foreach (range(1, 7) as $weekday) {
                $fields["hours.{$stylist}.{$weekday}"] = self::lines($week[$stylist][$weekday] ?? '');
            }
        }
        /** @var Offer $service */
        foreach (Offer::query()->where('salon_id', $salon->id)->orderBy('id')->get() as $service) {
            $fields += [
                "services.s{$service->id}.id" => (string) $service->id,
                "services.s{$service->id}.name" => $service->name,
                "services.s{$service->id}.minutes" => (string) $service->minutes,
                "services.s{$service->id}.price" => number_format($service->price_cents / 100, 2, '.', ''),
                "services.s{$service->id}.is_wash_day" => (string) (int) $service->is_wash_day,
            ];
        }

        return $fields;
    }

    /** A span a line. */
    public static function lines(string $hours): string
    {
        return str_replace(' ', "\n", $hours);
    }

    public static function seen(Salon $salon): SeenFields
    {
        return SeenFields::of(self::name($salon), self::fields($salon));
    }
}
