<?php

declare(strict_types=1);

namespace App\Bridge\Scheduling;

use App\Bridge\WashDays\WashSessionState;
use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\Salon;
use App\Models\WashSession;
use App\Wording\Said;
use App\Wording\SalonClock;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Scheduling\ContactLimit;
use Nagomi\Core\Scheduling\Equipment;
use Nagomi\Core\Scheduling\HeatedWait;
use Nagomi\Core\Scheduling\OpenStep;
use Nagomi\Core\Scheduling\RunningWork;
use Nagomi\Core\WashDay\WashStepKind;

/** What is left of the wash days that are tapped through today, from where each of them stands. */
final readonly class RunningSessions
{
    public function __construct(private Parameters $parameters)
    {
    }

    /**
     * @param Collection<int, Booking> $bookings of today
     *
     * @return array<string, RunningWork> by head; who is not tapped through is left out
     */
    public function of(Salon $salon, Collection $bookings): array
    {
        return array_map(
            fn (WashSession $session): RunningWork => $this->left($salon, $session),
            self::running($salon, $bookings),
        );
    }

    /**
     * @param Collection<int, Booking> $bookings of today
     *
     * @return array<string, string> the step that comes next, as the wash page calls it, by head
     */
    public function steps(Salon $salon, Collection $bookings): array
    {
        $steps = [];
        foreach (self::running($salon, $bookings) as $head => $session) {
            $state = WashSessionState::of($session, array_values($session->acts->all()));
            foreach ($state->steps() as $step) {
                if ($state->status(self::key($step)) === 'open' && isset($step['label'])) {
                    $steps[$head] ??= Said::kept($step['label']);
                }
            }
        }

        return $steps;
    }

    /**
     * @param Collection<int, Booking> $bookings of today
     *
     * @return array<string, WashSession> by head; asked for once, and kept beside the booking
     */
    private static function running(Salon $salon, Collection $bookings): array
    {
        $washed = $bookings->filter(
            fn (Booking $booking): bool => $booking->is_wash_day && $booking->status === BookingStatus::UnderWay,
        );
        $unasked = $washed->reject(fn (Booking $booking): bool => $booking->relationLoaded('running'));
        if ($unasked->isNotEmpty()) {
            $sessions = self::stored($salon, $unasked->pluck('head_id'));
            foreach ($unasked as $booking) {
                $booking->setRelation('running', $sessions[$booking->head_id] ?? null);
            }
        }
        $running = [];
        foreach ($washed as $booking) {
            $session = $booking->getRelation('running');
            if ($session instanceof WashSession) {
                $running[$session->head_id] = $session;
            }
        }

        return $running;
    }

    /**
     * @param Collection<array-key, mixed> $heads
     *
     * @return array<string, WashSession> by head
     */
    private static function stored(Salon $salon, Collection $heads): array
    {
        /** @var Collection<int, WashSession> $sessions */
        $sessions = WashSession::query()
            ->with('acts')
            ->where('salon_id', $salon->id)
            ->whereIn('head_id', $heads)
            ->where('date', $salon->today()->format('Y-m-d'))
            ->whereNotNull('began_at')
            ->whereNull('finished_at')
            ->orderBy('began_at')
            ->get();
        $stored = [];
        foreach ($sessions as $session) {
            $stored[$session->head_id] = $session;
        }

        return $stored;
    }

    private function left(Salon $salon, WashSession $session): RunningWork
    {
        $state = WashSessionState::of($session, array_values($session->acts->all()));
        $open = [];
        foreach ($state->steps() as $step) {
            if ($state->status(self::key($step)) === 'open' && ($step['after_client'] ?? false) !== true) {
                $open[] = self::open($step);
            }
        }
        [$due, $hold, $heat] = $this->waits($salon, $state);
        $since = self::since($state);
        $paused = $state->pauses()->minutes($since, CarbonImmutable::now());

        return RunningWork::of(
            $open,
            SalonClock::minute($salon, $salon->today(), CarbonImmutable::now()),
            SalonClock::minute($salon, $salon->today(), $since) + $paused,
            $this->parameters->scheduling,
            $due,
            $hold,
            $heat,
        );
    }

    /** When the last step was ended; hands have been at the next since. */
    private static function since(WashSessionState $state): CarbonImmutable
    {
        $since = $state->began;
        foreach ($state->order() as $key) {
            $since = $state->endedAt($key)?->max($since) ?? $since;
        }

        return $since;
    }

    /**
     * @return array{float|null, float|null, HeatedWait|null} minute of the day until which something sits on, how long
     *     beyond, and under which heat
     */
    private function waits(Salon $salon, WashSessionState $state): array
    {
        $due = $hold = $heat = null;
        foreach ($state->steps() as $step) {
            $key = self::key($step);
            if ($state->status($key) === 'open') {
                break;
            }
            // What waited is through once somebody went on with a step that had to wait for it.
            if (($step['beside'] ?? false) !== true && ! $state->isSkipped($key)) {
                $due = $hold = $heat = null;
            }
            $ended = $state->isDone($key) ? $state->endedAt($key) : null;
            $one = self::open($step);
            if ($ended !== null && $one->waitingMinutes > 0) {
                $due = max($due ?? 0.0, SalonClock::minute($salon, $salon->today(), $ended) + $one->waitingMinutes);
                $hold = ContactLimit::shorter($hold, $one->holdMinutes);
                $heat = HeatedWait::scarcer($heat, $one->heat);
            }
        }

        return [$due, $hold, $heat];
    }

    /** @param array<string, mixed> $step */
    private static function key(array $step): string
    {
        return is_string($step['key'] ?? null) ? $step['key'] : '';
    }

    /** @param array<string, mixed> $step */
    private static function open(array $step): OpenStep
    {
        $number = static fn (string $name): ?float => is_numeric($step[$name] ?? null) ? (float) $step[$name] : null;
        $kind = WashStepKind::tryFrom(is_string($step['kind'] ?? null) ? $step['kind'] : '');
        $waiting = max(0.0, $number('waiting_minutes') ?? 0.0);

        return new OpenStep(
            max(0.0, $number('hands_on_minutes') ?? 0.0),
            $waiting,
            ($step['beside'] ?? false) === true,
            $number('spread') ?? 0.2,
            $number('wait_spread') ?? 0.0,
            $kind === null ? null : ContactLimit::holdMinutes($kind, $waiting, $number('most_minutes')),
            $kind === null ? null : HeatedWait::of($kind, ($step['heat'] ?? false) === true, $waiting),
            $kind === null ? null : Equipment::atHand($kind, $waiting),
        );
    }
}
