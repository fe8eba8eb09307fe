<?php

declare(strict_types=1);

namespace App\Bridge\Imports;

use App\Bridge\Scheduling\SalonSchedule;
use App\Bridge\Scheduling\StylistHours;
use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\Salon;
use App\Models\User;
use App\Wording\SalonClock;
use App\Wording\Words;
use Carbon\CarbonImmutable;

/**
 * Which hands and which clients have a visit when, from today on: what the salon has promised, and what comes in. A
 * visit that comes in takes its hands from beginning to end, for nobody says where they are free within it.
 */
final class PromisedHands
{
    /** @var array<string, list<array{user: int, client: string, from: int, until: int, name: string}>> by day */
    private array $visits = [];

    /** @var array<string, array<string, list<array{int, int}>>> hours by day and hands */
    private array $hours = [];

    private function __construct(private readonly Salon $salon)
    {
    }

    public static function of(Salon $salon): self
    {
        $promised = new self($salon);
        /** @var iterable<Booking> $bookings */
        $bookings = Booking::query()
            ->with('head:id,salon_id,name')
            ->where('salon_id', $salon->id)
            ->where('date', '>=', $salon->today()->format('Y-m-d'))
            ->whereIn('status', BookingStatus::open())
            ->orderBy('id')
            ->get();
        foreach ($bookings as $booking) {
            $from = SalonClock::minute($salon, $booking->date, $booking->starts_at);
            $promised->promise(
                $booking->date->format('Y-m-d'),
                $booking->user_id,
                $booking->head_id,
                $from,
                $from + $booking->minutes,
                $booking->head->name,
            );
        }

        return $promised;
    }

    public function promise(string $day, int $user, string $client, int $from, int $until, string $name): void
    {
        $this->visits[$day][] = [
            'user' => $user, 'client' => $client, 'from' => $from, 'until' => $until, 'name' => $name,
        ];
    }

    /** Whether this very visit is there already. */
    public function knows(string $day, string $client, int $from): bool
    {
        foreach ($this->visits[$day] ?? [] as $visit) {
            if ($visit['client'] === $client && $visit['from'] === $from) {
                return true;
            }
        }

        return false;
    }

    /** @return string|null a sentence, where there is no room for it */
    public function refuses(string $day, User $stylist, string $client, int $from, int $until): ?string
    {
        foreach ($this->visits[$day] ?? [] as $visit) {
            if ($from >= $visit['until'] || $until <= $visit['from']) {
                continue;
            }
            if ($visit['user'] === $stylist->id || $visit['client'] === $client) {
                return Words::say($visit['user'] === $stylist->id ? 'import.hands-taken' : 'import.two-chairs', [
                    'who' => $stylist->name, 'name' => $visit['name'],
                    'from' => SalonClock::shown($visit['from']), 'until' => SalonClock::shown($visit['until']),
                ]);
            }
        }
        foreach ($this->hoursOf($day, $stylist) as [$opens, $closes]) {
            if ($from >= $opens && $until <= $closes) {
                return null;
            }
        }

        return Words::say('import.away', ['who' => $stylist->name, 'minutes' => $until - $from]);
    }

    /** @return list<array{int, int}> */
    private function hoursOf(string $day, User $stylist): array
    {
        $this->hours[$day] ??= StylistHours::on(
            $this->salon,
            CarbonImmutable::parse($day, $this->salon->timezone),
        )->there;

        return $this->hours[$day][SalonSchedule::hands($stylist->id)] ?? [];
    }
}
