<?php

declare(strict_types=1);

namespace App\Pages\Today;

use App\Bridge\Scheduling\SalonSchedule;
use App\Models\Booking;
use App\Models\Salon;
use App\Models\User;
use App\Wording\ClientName;
use App\Wording\SalonClock;
use App\Wording\Words;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Nagomi\Core\Scheduling\Opening;
use Nagomi\Core\Scheduling\WorkSegment;

/** Where a client fits into a day while everybody else keeps their time, and what each place would do to the day. */
final readonly class PlacesScreen
{
    public function __construct(
        private OfferedDays $offeredDays,
        private PlaceEffects $placeEffects,
        private SalonSchedule $salonSchedule,
    ) {
    }

    public function of(Salon $salon, CarbonImmutable $date, PlacedClient $client): PlacesPage
    {
        $stylists = $this->salonSchedule->stylists($salon);
        $stretches = $this->salonSchedule->stretches($client->booking);
        $booking = $client->booking;

        return new PlacesPage(
            name: explode(' ', ClientName::shown($client->head->name))[0],
            what: Words::say($client->isBooked() ? 'booking.places.move' : 'booking.places.book', [
                'name' => ClientName::shown($client->head->name), 'service' => $booking->service,
                'minutes' => $booking->minutes,
            ]),
            places: array_map(
                static fn (Opening $opening): array => self::place($opening, $date, $stretches, $stylists),
                $this->openings($salon, $date, $client, $this->salonSchedule->bookings($salon, $date)),
            ),
            from: $client->isBooked() ? [
                'user' => $booking->user_id,
                'minute' => SalonClock::minute($salon, $date, $booking->starts_at),
            ] : null,
            none: Words::say('booking.places.none', ['minutes' => $booking->minutes]),
            do: Words::say($client->isBooked() ? 'booking.places.do-move' : 'booking.places.do-book'),
            action: $client->action,
            fields: $client->fields,
        );
    }

    /** @return list<string>|null what a place would do, most important first; null: it is none any more */
    public function effect(Salon $salon, CarbonImmutable $date, PlacedClient $client, string $slot): ?array
    {
        $stylists = $this->salonSchedule->stylists($salon);
        $bookings = $this->salonSchedule->bookings($salon, $date);
        foreach ($this->openings($salon, $date, $client, $bookings) as $opening) {
            $time = OfferedTime::at($opening, $date);
            $user = $stylists->get($time->user);
            $starts = SalonClock::moment($salon, $date->format('Y-m-d'), $time->minute);
            if ($time->slot === $slot && $user !== null && $starts !== null) {
                return $this->placeEffects->of(
                    $client,
                    $time,
                    $user,
                    $bookings->keyBy('id'),
                    $this->salonSchedule->of($salon, $date, $bookings),
                    $this->salonSchedule->of(
                        $salon,
                        $date,
                        self::without($bookings, $client)
                            ->push($client->at($user, $starts))
                            ->sortBy('starts_at')
                            ->values(),
                    ),
                );
            }
        }

        return null;
    }

    /**
     * @param Collection<int, Booking> $bookings of the day
     *
     * @return list<Opening> the earliest first
     */
    private function openings(
        Salon $salon,
        CarbonImmutable $date,
        PlacedClient $client,
        Collection $bookings,
    ): array {
        $others = self::without($bookings, $client);
        $line = $this->salonSchedule->of($salon, $date, $others);

        return $line === null ? [] : $this->offeredDays->openings(
            $salon,
            $client->head,
            $date,
            $line,
            $others,
            $this->salonSchedule->stretches($client->booking),
            new BookingWish(),
        );
    }

    /**
     * @param Collection<int, Booking> $bookings
     *
     * @return Collection<int, Booking>
     */
    private static function without(Collection $bookings, PlacedClient $client): Collection
    {
        return $bookings->reject(fn (Booking $one): bool => $one->id === $client->booking->id)->values();
    }

    /**
     * @param non-empty-list<WorkSegment> $stretches
     * @param Collection<int, User>       $stylists by key
     *
     * @return array{
     *     user: int, minute: int, finish: int, slot: string, says: string, pieces: list<array{int, int, bool}>,
     * }
     */
    private static function place(
        Opening $opening,
        CarbonImmutable $date,
        array $stretches,
        Collection $stylists,
    ): array {
        $time = OfferedTime::at($opening, $date);
        $placement = $opening->placement;
        $pieces = [];
        foreach ($placement->starts as $i => $start) {
            $through = $start + (int) round($stretches[$i]->handsMinutes);
            $until = $placement->starts[$i + 1] ?? $through + (int) round($stretches[$i]->waitingMinutes);
            $pieces[] = [$start, $through, true];
            if ($until > $through) {
                $pieces[] = [$through, $until, false];
            }
        }

        return [
            'user' => $time->user, 'minute' => $time->minute, 'finish' => $placement->finish, 'slot' => $time->slot,
            'says' => Words::say('booking.places.at', [
                'time' => $time->words(), 'who' => explode(' ', $stylists->get($time->user)->name ?? '')[0],
                'until' => SalonClock::shown($placement->finish),
            ]),
            'pieces' => $pieces,
        ];
    }
}
