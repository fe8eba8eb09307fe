<?php

declare(strict_types=1);

namespace App\Pages\Salon;

use App\Bridge\Scheduling\SalonSchedule;
use App\Bridge\Scheduling\WorkingWeek;
use App\Models\Salon;
use App\Models\Service;
use App\Pages\Shared\SeenFields;
use App\Wording\Money;

/** Chairs, equipment, hours and services as their form shows them. */
final readonly class HoursForm
{
    public function __construct(
        private SalonSchedule $salonSchedule,
        private WorkingWeek $workingWeek,
    ) {
    }

    public function name(Salon $salon): string
    {
        return "hours {$salon->id}";
    }

    /** @return array<string, string> by dotted name */
    public function fields(Salon $salon): array
    {
        $fields = [
            'chairs' => (string) $salon->chairs, 'basins' => (string) $salon->basins,
            'dryers' => (string) $salon->dryers, 'hoods' => (string) $salon->hoods,
            'late_cancel_hours' => (string) $salon->late_cancel_hours, 'missed_from' => (string) $salon->missed_from,
            'missed_rule' => (string) $salon->missed_rule,
            'tax' => self::hundredths($salon->tax_hundredths), 'tax_added' => (string) (int) $salon->tax_added,
        ];
        $week = $this->workingWeek->of($salon);
        foreach ($this->salonSchedule->working($salon)->keys() as $stylist) {
            foreach (range(1, 7) as $weekday) {
                $fields["hours.{$stylist}.{$weekday}"] = $this->lines($week[$stylist][$weekday] ?? '');
            }
        }
        /** @var Service $service */
        foreach (Service::query()->where('salon_id', $salon->id)->orderBy('id')->get() as $service) {
            $fields += [
                "services.s{$service->id}.id" => (string) $service->id,
                "services.s{$service->id}.name" => $service->name,
                "services.s{$service->id}.minutes" => (string) $service->minutes,
                "services.s{$service->id}.price" => Money::typed($service->price_cents),
                "services.s{$service->id}.is_wash_day" => (string) (int) $service->is_wash_day,
                "services.s{$service->id}.does" => (string) $service->does,
                "services.s{$service->id}.quarter" => Money::typed($service->quarter_cents),
                "services.s{$service->id}.long_from" => self::tenths($service->long_from_mm),
                "services.s{$service->id}.step" => Money::typed($service->step_cents),
                "services.s{$service->id}.deposit" => Money::typed($service->deposit_cents),
            ];
        }

        return $fields;
    }

    private static function hundredths(?int $hundredths): string
    {
        return $hundredths === null ? '' : (string) ($hundredths / 100);
    }

    private static function tenths(?int $tenths): string
    {
        return $tenths === null ? '' : (string) ($tenths / 10);
    }

    /** A span a line. */
    public function lines(string $hours): string
    {
        return str_replace(' ', "\n", $hours);
    }

    public function seen(Salon $salon): SeenFields
    {
        return SeenFields::of($this->name($salon), $this->fields($salon));
    }
}
