<?php

declare(strict_types=1);

namespace App\Pages\Today;

use App\Bridge\Scheduling\Attendance;
use App\Bridge\Scheduling\SalonSchedule;
use App\Drawings\HandsPicture;
use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\Salon;
use App\Models\User;
use App\Wording\ClientName;
use App\Wording\SalonClock;
use App\Wording\Words;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Nagomi\Core\Scheduling\DaySchedule;
use Nagomi\Core\Scheduling\Placement;
use Nagomi\Core\Scheduling\WorkSegment;

/**
 * A day laid out, as the hands line draws it: what is through where it was, what is to come where it is placed.
 *
 * @phpstan-import-type Sat from HandsPicture
 * @phpstan-type Line array{
 *     name: string, user: int, spans: list<array{int, int}>, heads: list<Sat>,
 * }
 */
final readonly class HandsTimeline
{
    public function __construct(
        private SalonSchedule $salonSchedule,
    ) {
    }

    /**
     * @param Collection<int, Booking> $bookings
     * @param Collection<int, User>    $stylists by key
     *
     * @return list<Line> minutes of the day
     */
    public function lines(
        Salon $salon,
        CarbonImmutable $date,
        DaySchedule $line,
        Collection $bookings,
        Collection $stylists,
    ): array {
        $lines = [];
        $now = $this->salonSchedule->now($salon, $date);
        foreach ($this->rows($line, $bookings) as $user => $spans) {
            $own = $bookings->filter(
                fn (Booking $booking): bool => $booking->user_id === $user
                    && ! in_array($booking->status, [BookingStatus::Cancelled, BookingStatus::NoShow], true),
            );
            $lines[] = [
                'name' => explode(' ', $stylists->get($user)->name ?? '')[0],
                'user' => $user,
                'spans' => $spans,
                'heads' => array_values($own->map(
                    fn (Booking $booking): array => $this->head($salon, $booking, $line, $now),
                )->all()),
            ];
        }

        return $lines;
    }

    /** @param list<Line> $lines of the day */
    public function picture(DaySchedule $line, array $lines, ?int $now): HandsPicture
    {
        [$opens, $closes] = self::ends($line, $lines);

        return HandsPicture::of($opens, $closes, $lines, $now);
    }

    /**
     * @param Collection<int, Booking> $bookings
     *
     * @return array<int, list<array{int, int}>> spans by stylist; who is booked and not there has none
     */
    private function rows(DaySchedule $line, Collection $bookings): array
    {
        $rows = [];
        foreach ($line->day->hours as $hands => $spans) {
            $rows[SalonSchedule::stylist($hands)] = $spans;
        }
        foreach ($bookings as $booking) {
            if ($booking->status->isOpen()) {
                $rows[$booking->user_id] ??= [];
            }
        }

        return $rows;
    }

    /**
     * @param list<array{heads: list<array{pieces: non-empty-list<array{from: float, until: float, hands: bool}>}>}> $lines
     *
     * @return array{int, int} minutes of the day the picture goes from and until: the hours, and whoever is beyond them
     */
    private static function ends(DaySchedule $line, array $lines): array
    {
        $opens = min(array_map(static fn (array $spans): int => $spans[0][0], $line->day->hours));
        $closes = max(array_map(
            static fn (array $spans): int => $spans[count($spans) - 1][1],
            $line->day->hours,
        ));
        foreach ($lines as $of) {
            foreach ($of['heads'] as $head) {
                foreach ($head['pieces'] as $piece) {
                    [$opens, $closes] = [
                        min($opens, (int) floor($piece['from'])), max($closes, (int) ceil($piece['until'])),
                    ];
                }
            }
        }

        return [$opens, $closes];
    }

    /**
     * @return array{
     *     id: string, label: string, class: string, says: string,
     *     pieces: non-empty-list<array{from: float, until: float, hands: bool}>,
     * }
     */
    private function head(Salon $salon, Booking $booking, DaySchedule $line, ?int $now): array
    {
        $attendance = Attendance::of($booking, $now, $line->day->parameters);
        $placing = $line->placed[$booking->id] ?? null;
        $isUnderWay = $now !== null && $booking->status === BookingStatus::UnderWay;
        $begins = $isUnderWay || $placing === null
            ? SalonClock::minute($salon, $booking->date, $booking->begun_at ?? $booking->starts_at)
            : $placing->start();
        $pieces = $isUnderWay
            ? $this->underWay($booking, $line, $begins, $now)
            : self::laidOut($this->salonSchedule->stretches($booking), $begins, $placing);
        $pieces = $pieces === [] ? [['from' => (float) $begins, 'until' => $begins + 1.0, 'hands' => true]] : $pieces;

        return [
            'id' => $booking->id,
            'label' => explode(' ', ClientName::shown($booking->head->name))[0],
            'class' => match ($attendance) {
                Attendance::AsBooked => $booking->status->value,
                Attendance::Silent, Attendance::SetAside => 'silent',
            },
            'says' => Words::say($attendance === Attendance::AsBooked ? 'booking.from-to' : 'booking.not-here', [
                'from' => SalonClock::shown($begins),
                'until' => SalonClock::shown((int) $pieces[count($pieces) - 1]['until']),
            ]),
            'pieces' => $pieces,
        ];
    }

    /**
     * What was until now as it was planned, what is left as it is laid out.
     *
     * @return list<array{from: float, until: float, hands: bool}>
     */
    private function underWay(Booking $booking, DaySchedule $line, int $begun, int $now): array
    {
        $past = [];
        foreach (self::laidOut($this->salonSchedule->stretches($booking), $begun, null) as $piece) {
            if ($piece['from'] < $now) {
                $past[] = ['until' => min((float) $now, $piece['until'])] + $piece;
            }
        }
        $placing = $line->placed[$booking->id] ?? null;
        $left = $line->appointment($booking->id);
        $next = (float) ($placing?->start() ?? $line->day->seated[$booking->id][1] ?? $now);
        $isAtIt = $placing !== null && $next < $now + $line->day->parameters->gridMinutes;
        $last = array_pop($past);
        if ($last !== null) {
            // Longer than planned, and nobody said it is done: hands are taken to be at it still.
            $past[] = ['until' => $isAtIt ? $next : max($last['until'], (float) $now)] + $last;
        }
        if (! $isAtIt && $next > $now) {
            $past[] = ['from' => (float) $now, 'until' => $next, 'hands' => false];
        }
        $rest = $placing === null || $left === null ? [] : self::laidOut($left->stretches, $placing->start(), $placing);

        return [...$past, ...$rest];
    }

    /**
     * @param list<WorkSegment> $stretches
     *
     * @return list<array{from: float, until: float, hands: bool}>
     */
    private static function laidOut(array $stretches, int $begins, ?Placement $placing): array
    {
        $at = (float) $begins;
        $pieces = [];
        foreach ($stretches as $i => $stretch) {
            $start = (float) ($placing->starts[$i] ?? $at);
            $through = $start + $stretch->handsMinutes;
            $at = (float) ($placing->starts[$i + 1] ?? $through + $stretch->waitingMinutes);
            $pieces[] = ['from' => $start, 'until' => $through, 'hands' => true];
            if ($at - $through >= 1) {
                $pieces[] = ['from' => $through, 'until' => $at, 'hands' => false];
            }
        }

        return $pieces;
    }
}
