<?php

declare(strict_types=1);

namespace App\Pages\Today;

use App\Models\Booking;
use App\Models\User;
use App\Wording\ClientName;
use App\Wording\SalonClock;
use App\Wording\Words;
use Illuminate\Support\Collection;
use Nagomi\Core\Scheduling\DaySchedule;

/** What a place would do to everybody on the day, before it is taken. */
final readonly class PlaceEffects
{
    /**
     * @param Collection<array-key, Booking> $bookings of the day as they are kept, by key
     * @param DaySchedule|null $before the day laid out as it is
     * @param DaySchedule|null $after  the same with the client in that place
     *
     * @return list<string> most important first
     */
    public function of(
        PlacedClient $client,
        OfferedTime $time,
        User $user,
        Collection $bookings,
        ?DaySchedule $before,
        ?DaySchedule $after,
    ): array {
        $others = $before === null || $after === null ? [] : self::others($client, $bookings, $before, $after);

        return array_values(array_filter([
            ...$others === [] ? [Words::say('booking.places.keeps')] : $others,
            $time->held > 0 ? Words::say('booking.places.held', ['minutes' => $time->held]) : '',
            $time->lost > 0 ? Words::say('booking.places.lost', [
                'minutes' => $time->lost, 'who' => explode(' ', $user->name)[0],
            ]) : '',
            self::told($client, $time),
        ]));
    }

    /**
     * @param Collection<array-key, Booking> $bookings
     *
     * @return list<string>
     */
    private static function others(
        PlacedClient $client,
        Collection $bookings,
        DaySchedule $before,
        DaySchedule $after,
    ): array {
        $says = [];
        foreach ($bookings as $key => $booking) {
            $was = ($before->placed[$key] ?? null)?->start();
            $is = ($after->placed[$key] ?? null)?->start();
            $isFelt = abs(($was ?? 0) - ($is ?? 0)) >= $before->day->parameters->lateFromMinutes;
            if ($key !== $client->booking->id && $booking->status->isOpen() && $was !== $is && $isFelt) {
                $says[] = Words::say('booking.places.' . match (true) {
                    $was === null => 'again',
                    $is === null => 'no-place',
                    $is < $was => 'sooner',
                    default => 'later',
                }, [
                    'name' => explode(' ', ClientName::shown($booking->head->name))[0],
                    'time' => $is === null ? '' : SalonClock::shown($is),
                    'before' => $was === null ? '' : SalonClock::shown($was),
                ]);
            }
        }

        return $says;
    }

    /** What the client was promised until now, and whether a message says the new time. */
    private static function told(PlacedClient $client, OfferedTime $time): string
    {
        $booking = $client->booking;
        $isSame = $client->isBooked() && $booking->user_id === $time->user
            && SalonClock::minute($booking->salon, $booking->date, $booking->starts_at) === $time->minute;
        if ($isSame) {
            return Words::say('booking.places.same');
        }
        $isTold = $client->head->reminded_by !== 'nobody';
        $promised = ! $client->isBooked() ? '' : Words::say('booking.places.promised', [
            'time' => SalonClock::shown(SalonClock::minute($booking->salon, $booking->date, $booking->starts_at)),
            'who' => explode(' ', $booking->user->name)[0],
        ]) . ' ';

        return $promised . match (true) {
            $isTold => Words::say('booking.exchange.and-told'),
            (string) $client->head->phone === '' || ClientName::isHidden() => Words::say('booking.exchange.tell'),
            default => Words::say('booking.places.call', ['phone' => (string) $client->head->phone]),
        };
    }
}
