<?php

declare(strict_types=1);

namespace App\Pages\Today;

use App\Bridge\Scheduling\RunningSessions;
use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\Salon;
use App\Wording\SalonClock;
use App\Wording\Words;
use Illuminate\Support\Collection;

/**
 * What each stylist's hands are at now, and when they are free, as the picture draws it.
 *
 * @phpstan-import-type Line from HandsTimeline
 */
final readonly class HandsNow
{
    public function __construct(private RunningSessions $runningSessions)
    {
    }

    /**
     * @param Collection<int, Booking> $bookings of today
     * @param list<Line>               $lines    as the picture draws them
     *
     * @return list<HandsCard> of everybody who is there by now or comes later
     */
    public function of(Salon $salon, Collection $bookings, array $lines, int $now): array
    {
        $steps = $this->runningSessions->steps($salon, $bookings);
        $cards = [];
        foreach ($lines as $line) {
            $card = self::card($line, $bookings->keyBy('id'), $steps, $now);
            $cards = $card === null ? $cards : [...$cards, $card];
        }

        return $cards;
    }

    /**
     * @param Line                           $line
     * @param Collection<array-key, Booking> $bookings by key
     * @param array<string, string>          $steps    that hands are at, by head
     */
    private static function card(array $line, Collection $bookings, array $steps, int $now): ?HandsCard
    {
        $at = $waits = $next = null;
        foreach ($line['heads'] as $head) {
            $booking = $bookings->get($head['id']);
            $isHere = $booking?->status === BookingStatus::UnderWay;
            foreach ($head['pieces'] as $piece) {
                $isNow = $piece['from'] <= $now && $now < max($piece['until'], $piece['from'] + 1);
                $at = $isHere && $isNow && $piece['hands'] ? [$head, $booking] : $at;
                $waits = $isHere && $isNow && ! $piece['hands'] ? [$head, (int) $piece['until']] : $waits;
                $isNext = $piece['hands'] && $piece['from'] > $now && $booking?->status->isOpen() === true;
                $next = $isNext && ($next === null || $piece['from'] < $next[1])
                    ? [$head, (int) $piece['from'], $isHere]
                    : $next;
            }
        }

        return match (true) {
            $at !== null => self::busy($line['name'], $at[0], $at[1], $waits, $steps),
            $waits !== null => new HandsCard(
                $line['name'],
                $waits[0]['label'],
                Words::say('today.cards.processing'),
                Words::say('today.cards.hands-free', ['time' => SalonClock::shown($next[1] ?? $waits[1])]),
                true,
            ),
            default => self::free($line, $next, $now),
        };
    }

    /**
     * @param array{label: string, pieces: non-empty-list<array{until: float}>} $head
     * @param array{array{label: string}, int}|null                              $waits
     * @param array<string, string>                                              $steps
     */
    private static function busy(string $name, array $head, Booking $booking, ?array $waits, array $steps): HandsCard
    {
        $doing = $steps[$booking->head_id] ?? $booking->service;

        return new HandsCard(
            $name,
            $head['label'],
            $waits === null ? $doing : "{$doing}; " . Words::say('today.cards.beside', [
                'name' => $waits[0]['label'], 'time' => SalonClock::shown($waits[1]),
            ]),
            Words::say('today.cards.done', [
                'time' => SalonClock::shown((int) $head['pieces'][count($head['pieces']) - 1]['until']),
            ]),
            true,
        );
    }

    /**
     * @param Line $line
     * @param array{array{label: string, class: string}, int, bool}|null $next
     */
    private static function free(array $line, ?array $next, int $now): ?HandsCard
    {
        $spans = $line['spans'];
        $later = array_values(array_filter($spans, static fn (array $span): bool => $span[1] > $now))[0] ?? null;
        if ($later === null) {
            return null;
        }
        $comes = match (true) {
            $next === null => Words::say('today.cards.nobody'),
            $next[0]['class'] === 'silent' => Words::say('today.cards.not-here', ['name' => $next[0]['label']]),
            $next[0]['class'] === 'arrived' => Words::say('today.cards.here', ['name' => $next[0]['label']]),
            default => Words::say('today.cards.next', [
                'name' => $next[0]['label'], 'time' => SalonClock::shown($next[1]),
            ]),
        };
        if ($later[0] > $now) {
            [$at, $when] = $spans[0][0] < $now ? ['break', 'until'] : ['away', 'from'];

            return self::idle($line['name'], $at, $comes, $when, $later[0]);
        }

        return self::idle($line['name'], 'free', $comes, 'until', min($next[1] ?? $later[1], $later[1]));
    }

    /**
     * @param 'break'|'away'|'free' $at
     * @param 'from'|'until'        $when
     */
    private static function idle(string $name, string $at, string $comes, string $when, int $minute): HandsCard
    {
        $until = Words::say("today.cards.{$when}", ['time' => SalonClock::shown($minute)]);

        return new HandsCard($name, Words::say("today.cards.{$at}"), $comes, $until, false);
    }
}
