<?php

declare(strict_types=1);

namespace App\Pages\Today;

use App\Bridge\Scheduling\ServiceQuotes;
use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\Head;
use App\Models\Salon;
use App\Models\Service;
use Carbon\CarbonImmutable;
use Nagomi\Core\WashDay\DryingMethod;

/** Who is to be placed: a booking of the day that has not begun, or a client with a service. */
final readonly class PlacedClients
{
    public function __construct(private ServiceQuotes $serviceQuotes)
    {
    }

    /** @param array<int|string, mixed> $asked booking; or head and, as far as chosen, service and drying */
    public function asked(Salon $salon, CarbonImmutable $date, array $asked): ?PlacedClient
    {
        $text = static fn (string $name): string => is_string($asked[$name] ?? null) ? $asked[$name] : '';
        if ($text('booking') !== '') {
            $booking = Booking::query()->with('head')->where('salon_id', $salon->id)
                ->where('date', $date->format('Y-m-d'))
                ->whereIn('status', [BookingStatus::Booked, BookingStatus::Arrived])
                ->find($text('booking'));

            return $booking === null ? null : self::booked($booking->setRelation('salon', $salon));
        }
        $head = $text('head') === '' ? null : Head::query()->where('salon_id', $salon->id)->find($text('head'));
        $services = Service::query()->where('salon_id', $salon->id)->orderByDesc('is_wash_day')->orderBy('name')->get();
        $service = $services->firstWhere('id', (int) $text('service')) ?? $services->first();

        return $head === null || $service === null
            ? null
            : $this->toBook($salon, $head, $service, $date, DryingMethod::tryFrom($text('drying')));
    }

    private static function booked(Booking $booking): PlacedClient
    {
        return new PlacedClient(
            $booking->head,
            $booking,
            route('bookings.update', $booking),
            ['_method' => 'put', 'sequence' => $booking->sequence],
        );
    }

    private function toBook(
        Salon $salon,
        Head $head,
        Service $service,
        CarbonImmutable $date,
        ?DryingMethod $drying,
    ): PlacedClient {
        $drying = $service->is_wash_day ? $drying : null;
        $quote = $this->serviceQuotes->of($head->setRelation('salon', $salon), $service, $date, $drying);
        $booking = new Booking([
            'head_id' => $head->id, 'service' => $service->name, 'is_wash_day' => $service->is_wash_day,
            'stretches' => $quote->kept(), 'minutes' => $quote->minutes, 'parts' => $quote->parts, 'over_minutes' => 0,
            'date' => $date->format('Y-m-d'), 'status' => BookingStatus::Booked, 'stays_with' => false,
        ]);
        $booking->forceFill(['id' => 'to be booked', 'salon_id' => $salon->id]);
        $booking->setRelation('salon', $salon)->setRelation('head', $head);

        return new PlacedClient($head, $booking, route('bookings.store'), array_filter([
            'head' => $head->id, 'service' => $service->id, 'drying' => $drying?->value,
        ], static fn (mixed $value): bool => $value !== null));
    }
}
