<?php

declare(strict_types=1);

namespace App\Care\Scheduling;

use App\Bridge\Plans\OutlookRefresh;
use App\Models\Booking;
use App\Models\Leave;
use App\Models\Salon;
use App\Models\Service;
use App\Models\WorkingHours;
use App\Wording\SalonClock;
use Illuminate\Support\Facades\DB;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Planning\PriceLevel;

/** Keeps chairs, equipment, hours, services and leave. */
final readonly class OpeningHours
{
    public function __construct(private Parameters $parameters, private OutlookRefresh $outlookRefresh)
    {
    }

    /**
     * @param array<string, int|string|bool|null> $house equipment that works, the rule of missed visits, the tax;
     *     null: none
     * @param array<int, array<int, list<array{int, int}>>> $week spans by stylist and weekday
     * @param list<array{
     *     id: int|null, name: string, is_wash_day: bool, does: string|null, minutes: int, price_cents: int,
     *     quarter_cents?: int|null, long_from_mm?: int|null, step_cents?: int|null, deposit_cents?: int|null,
     * }> $services
     */
    public function keep(Salon $salon, int $chairs, array $house, array $week, array $services): void
    {
        DB::transaction(function () use ($salon, $chairs, $house, $week, $services): void {
            $closes = max([0, ...array_column(array_merge(...array_merge(...$week)), 1)]);
            $turns = $this->parameters->scheduling->dayTurnsMinute($closes);
            $salon->update(['chairs' => $chairs, 'day_turns_minute' => $turns] + $house);
            $before = $this->spans($salon);
            WorkingHours::query()->where('salon_id', $salon->id)->delete();
            foreach ($week as $user => $days) {
                foreach ($days as $weekday => $spans) {
                    foreach ($spans as [$from, $until]) {
                        WorkingHours::query()->create([
                            'salon_id' => $salon->id, 'user_id' => $user, 'weekday' => $weekday, 'from_minute' => $from,
                            'until_minute' => $until,
                        ]);
                    }
                }
            }
            Service::query()
                ->where('salon_id', $salon->id)
                ->whereNotIn('id', array_filter(array_column($services, 'id')))
                ->get()
                ->each(static fn (Service $service): ?bool => $service->delete());
            foreach ($services as $service) {
                $row = Service::query()->where('salon_id', $salon->id)->find($service['id'])
                    ?? (new Service())->forceFill(['salon_id' => $salon->id]);
                $row->fill(array_diff_key($service, ['id' => true]))->save();
            }
            $level = $this->priceLevel($services);
            if ($salon->price_level !== $level) {
                // What a treatment costs weighs more or less now: each plan is made anew.
                $salon->update(['price_level' => $level]);
                $this->outlookRefresh->ofSalon($salon);
            }
            if ($this->spans($salon) !== $before) {
                activity()->performedOn($salon)->log('hours-changed');
            }
        });
    }

    /** @param list<array{is_wash_day: bool, price_cents: int, ...}> $services */
    private function priceLevel(array $services): int
    {
        $washDays = array_filter($services, static fn (array $service): bool => $service['is_wash_day']);

        return PriceLevel::of(
            array_values(array_map(static fn (array $of): float => $of['price_cents'] / 100, $washDays)),
            $this->parameters->planning,
        );
    }

    /** @return list<string> every span of the week, in an order of its own */
    private function spans(Salon $salon): array
    {
        return array_values(WorkingHours::query()->where('salon_id', $salon->id)->get()->map(
            static fn (WorkingHours $of): string => "{$of->user_id} {$of->weekday} {$of->from_minute}–{$of->until_minute}",
        )->sort()->all());
    }

    /**
     * @param array{
     *     user_id: int, from: string, until: string, from_minute: int|null, until_minute: int|null, because: string,
     * } $columns
     *
     * @return int how many bookings fall into it
     */
    public function leave(Salon $salon, array $columns): int
    {
        // The same days noted by two hands are the same leave.
        $leave = Leave::query()->firstOrCreate(
            ['salon_id' => $salon->id] + array_diff_key($columns, ['because' => true]),
            ['because' => $columns['because']],
        );

        return Booking::query()
            ->where('salon_id', $salon->id)
            ->where('user_id', $columns['user_id'])
            ->whereBetween('date', [$columns['from'], $columns['until']])
            ->whereIn('status', ['booked', 'arrived'])
            ->get(['id', 'salon_id', 'date', 'starts_at', 'minutes'])
            ->filter(function (Booking $booking) use ($salon, $leave): bool {
                [$from, $until] = $leave->spanOn($booking->date->format('Y-m-d'));
                $starts = SalonClock::minute($salon, $booking->date, $booking->starts_at);

                return $starts < $until && $starts + $booking->minutes > $from;
            })
            ->count();
    }
}
