<?php

declare(strict_types=1);

namespace App\Care\Desk;

use App\Models\Booking;
use App\Models\Head;
use App\Models\Offer;
use App\Models\Salon;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Nagomi\Core\HandsLine\DayLine;
use Nagomi\Core\HandsLine\Openings;
use Nagomi\Core\HandsLine\Placing;
use Nagomi\Core\HandsLine\Sitting;
use Nagomi\Core\HandsLine\Stretch;
use Nagomi\Core\Parameter\HandsModel;

/** Booking a head: what it takes, what it costs, and when whose hands are free for it. */
final class BookingPage
{
    /** Days looked at for a time, the asked one first. */
    private const DAYS = 7;

    /**
     * @param array<int|string, mixed> $asked head, service and date, as far as chosen
     *
     * @return array<string, mixed>
     */
    public static function asked(Salon $salon, array $asked): array
    {
        $text = fn (string $name): string => is_string($asked[$name] ?? null) ? $asked[$name] : '';
        $head = $text('head') === '' ? null : Head::query()->where('salon_id', $salon->id)->find($text('head'));
        /** @var Collection<int, Offer> $services */
        $services = Offer::query()->where('salon_id', $salon->id)->orderByDesc('is_wash_day')->orderBy('name')->get();
        $service = $services->firstWhere('id', (int) $text('service')) ?? $services->first();
        $date = (Clock::day($salon, $text('date')) ?? $salon->today())->max($salon->today());
        $quote = $head === null || $service === null ? null : Quote::of($head, $service, $date);
        $stylists = DayPlan::stylists($salon);

        return [
            'salon' => $salon,
            'heads' => Head::query()->where('salon_id', $salon->id)->orderBy('name')->pluck('name', 'id')->all(),
            'services' => $services,
            'stylists' => $stylists,
            'head' => $head,
            'service' => $service,
            'date' => $date,
            'quote' => $quote,
            'days' => $quote === null ? [] : self::days($salon, $date, $quote->stretches),
        ];
    }

    /**
     * @param non-empty-list<Stretch> $stretches
     *
     * @return list<array{date: CarbonImmutable, openings: list<array{time: string, user: int, held: int}>}>
     */
    private static function days(Salon $salon, CarbonImmutable $from, array $stretches): array
    {
        $days = [];
        for ($i = 0; $i < self::DAYS; $i++) {
            $date = $from->addDays($i);
            $line = DayPlan::of($salon, $date, DayPlan::bookings($salon, $date));
            $openings = $line === null ? [] : self::openings($salon, $date, $line, $stretches);
            if ($openings !== []) {
                $days[] = ['date' => $date, 'openings' => $openings];
            }
        }

        return $days;
    }

    /**
     * @param non-empty-list<Stretch> $stretches
     *
     * @return list<array{time: string, user: int, held: int}>
     */
    private static function openings(Salon $salon, CarbonImmutable $date, DayLine $line, array $stretches): array
    {
        $now = $date->equalTo($salon->today()) ? Clock::minute($salon, CarbonImmutable::now()) : 0;
        $grid = HandsModel::GRID_MINUTES;
        $sitting = new Sitting('asked for', $stretches, (int) (ceil($now / $grid) * $grid));

        return array_map(fn (Placing $placing): array => ['time' => Clock::shown($placing->start()), 'user' => DayPlan::stylist($placing->hands), 'held' => array_sum($placing->holds)], Openings::in($line, $sitting, 9));
    }

    /** @return array<string, mixed> */
    public static function of(Booking $booking): array
    {
        $booking->loadMissing(['salon', 'head', 'user']);
        $starts = $booking->starts_at->setTimezone($booking->salon->timezone);

        return [
            'booking' => $booking,
            'stylists' => DayPlan::stylists($booking->salon)->map(fn (User $user): string => $user->name)->all(),
            'time' => $starts->format('G:i'),
            'date' => $booking->date,
            'begun' => $booking->begun_at?->setTimezone($booking->salon->timezone)->format('G:i'),
            'ended' => $booking->ended_at?->setTimezone($booking->salon->timezone)->format('G:i'),
        ];
    }
}
