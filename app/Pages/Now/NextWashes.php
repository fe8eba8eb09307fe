<?php

declare(strict_types=1);

namespace App\Pages\Now;

use App\Bridge\WashDays\LeftOpen;
use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\Head;
use App\Models\Outlook;
use App\Models\PlanItem;
use App\Models\WashSession;
use App\Wording\SalonClock;
use App\Wording\Words;
use Carbon\CarbonImmutable;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Readings\Moment;

/** The act a client's page begins with: the next wash day of the plan, or the one that is under way. */
final readonly class NextWashes
{
    private const NOT_READ = 'not-read-yet';
    private const NEVER_READ = 'never-read';

    public function __construct(private Parameters $parameters)
    {
    }

    /** @param list<string> $reasons of the item */
    public function of(Head $head, Outlook $outlook, ?PlanItem $item, array $reasons): NextWash
    {
        $today = $head->salon->today();
        $isToday = $item !== null && $item->date->format('Y-m-d') <= $today->format('Y-m-d');
        $running = WashSession::running($head);
        $booking = $this->booking($head, $today);

        return new NextWash(
            item: $item,
            when: $item === null ? Words::say('now.nothing') : $this->when($item->date, $today),
            isToday: $isToday,
            reasons: $reasons,
            barred: $this->barred($item->barred ?? [], $head),
            // What is under way says by itself how long it takes yet.
            minutes: $item === null || $running !== null ? '' : self::minutes($item),
            done: $isToday && $running === null && ! self::comesLater($booking, $today)
                ? $this->done($head, $item)
                : '',
            booked: $booking === null ? '' : $this->booked($booking, $head, $item, $today),
            testMinutes: $this->testMinutes($outlook),
            running: $running === null ? null : route('clients.wash.run', [$head, $running]),
            leftOpen: $running !== null && LeftOpen::is($running)
                ? SalonClock::dayInWords($running->date, 'j M')
                : '',
        );
    }

    private function when(CarbonImmutable $date, CarbonImmutable $today): string
    {
        $days = (int) round($today->startOfDay()->diffInDays($date->shiftTimezone($today->timezone)->startOfDay()));

        return match (true) {
            $days < 0 => Words::say('now.when.overdue', ['day' => SalonClock::dayInWords($date, 'j M')]),
            $days === 0 => Words::say('now.when.today'),
            $days === 1 => Words::say('now.when.tomorrow'),
            default => Words::say('now.when.on', ['day' => SalonClock::dayInWords($date, 'l j M')])
                . ', ' . trans_choice('now.when.in', $days),
        };
    }

    /** Whoever is booked for later today is not begun with now. */
    private static function comesLater(?Booking $booking, CarbonImmutable $today): bool
    {
        return $booking !== null && $booking->date->format('Y-m-d') === $today->format('Y-m-d')
            && $booking->starts_at->isFuture();
    }

    private static function minutes(PlanItem $item): string
    {
        $toFives = static fn (float $minutes): int => 5 * (int) round($minutes / 5);
        $drying = $toFives(self::drying($item));

        return Words::say($drying === 0 ? 'now.minutes' : 'now.minutes-and-drying', [
            'minutes' => $toFives($item->minutes), 'drying' => $drying,
        ]);
    }

    /** @return float minutes that it dries when all else is done; 0 where it dries by itself, away from the salon */
    private static function drying(PlanItem $item): float
    {
        return is_numeric($item->parts['drying'] ?? null) ? (float) $item->parts['drying'] : 0.0;
    }

    /** When the client can go, dried as planned. */
    private function done(Head $head, PlanItem $item): string
    {
        return Words::say('now.done-about', [
            'time' => CarbonImmutable::now($head->salon->timezone)
                ->addMinutes((int) round($item->minutes + self::drying($item)))
                ->roundMinutes(5)
                ->format('G:i'),
        ]);
    }

    /**
     * @param array<string, string> $barred key of the rule by treatment
     *
     * @return list<array{what: string, because: string}>
     */
    private function barred(array $barred, Head $head): array
    {
        $limits = $this->parameters->planning;
        $said = [];
        $isNeverRead = in_array(self::NOT_READ, $barred, true) && $head->readings()->doesntExist();
        foreach ($barred as $treatment => $rule) {
            $because = $isNeverRead && $rule === self::NOT_READ ? self::NEVER_READ : $rule;
            $said[] = [
                'what' => Words::say('now.not', ['what' => Words::say("now.barred.{$treatment}")]),
                'because' => Words::say("now.because.{$because}", [
                    'read' => $limits->notReadAfterDays, 'colour' => $limits->colourFreshDays,
                    'strong' => $limits->strongProteinApartDays, 'clarify' => $limits->clarifyApartDays['usual'],
                ]),
            ];
        }

        return $said;
    }

    private function booked(Booking $booking, Head $head, ?PlanItem $item, CarbonImmutable $today): string
    {
        return Words::say(match (true) {
            $item !== null && $booking->date->isSameDay($item->date) => 'now.booked-then',
            $booking->date->format('Y-m-d') === $today->format('Y-m-d') => 'now.booked-today',
            default => 'now.booked',
        }, [
            'day' => SalonClock::dayInWords($booking->date, 'j M'),
            'time' => SalonClock::shown(SalonClock::minute($head->salon, $booking->date, $booking->starts_at)),
            'who' => explode(' ', $booking->user->name)[0],
        ]);
    }

    private function booking(Head $head, CarbonImmutable $today): ?Booking
    {
        /** @var Booking|null */
        return Booking::query()
            ->with('user')
            ->where('head_id', $head->id)
            ->where('date', '>=', $today->format('Y-m-d'))
            ->whereIn('status', BookingStatus::open())
            ->orderBy('starts_at')
            ->first();
    }

    private function testMinutes(Outlook $outlook): int
    {
        $worth = $outlook->worth[Moment::BeforeCleansing->value] ?? [];

        return (int) ceil(array_sum(array_column($worth, 'minutes')));
    }
}
