<?php

declare(strict_types=1);

namespace App\Pages\Today;

use App\Bridge\Plans\StoredSteps;
use App\Bridge\Scheduling\MissedVisits;
use App\Bridge\Scheduling\PricedVisits;
use App\Bridge\Scheduling\SalonSchedule;
use App\Bridge\Scheduling\ServiceQuote;
use App\Bridge\Scheduling\ServiceQuotes;
use App\Bridge\WashDays\ComposedDay;
use App\Bridge\WashDays\PlannedBottles;
use App\Bridge\WashDays\PlannedMinutes;
use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\Head;
use App\Models\PlanItem;
use App\Models\Salon;
use App\Models\Service;
use App\Models\User;
use App\Wording\ClientName;
use App\Wording\Money;
use App\Wording\SalonClock;
use App\Wording\StepWords;
use App\Wording\Words;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Support\Collection;
use Nagomi\Core\WashDay\DryingMethod;

/** Booking a head: what it takes, what it costs, and when whose hands are free for it. */
final readonly class BookingScreen
{
    public function __construct(
        private HouseholdOffers $householdOffers,
        private MissedWords $missedWords,
        private OfferedDays $offeredDays,
        private PlannedBottles $plannedBottles,
        private PriceWords $priceWords,
        private SalonSchedule $salonSchedule,
        private ServiceQuotes $serviceQuotes,
    ) {
    }

    /**
     * @param array<int|string, mixed> $asked head, service and date, as far as chosen
     */
    public function asked(Salon $salon, array $asked): BookPage
    {
        $text = fn (string $name): string => is_string($asked[$name] ?? null) ? $asked[$name] : '';
        $head = $text('head') === '' ? null : Head::query()->where('salon_id', $salon->id)->find($text('head'))
            ?->setRelation('salon', $salon);
        /** @var Collection<int, Service> $services */
        $services = Service::query()->where('salon_id', $salon->id)->orderByDesc('is_wash_day')->orderBy('name')->get();
        $service = $services->firstWhere('id', (int) $text('service')) ?? $services->first();
        $date = (SalonClock::day($salon, $text('date')) ?? $salon->today())->max($salon->today());
        $item = $head !== null && $service?->is_wash_day === true ? $this->near($head, $date) : null;
        $isDried = $head !== null && $service?->is_wash_day === true && ! self::isByHand($head, $item);
        $drying = $isDried ? DryingMethod::tryFrom($text('drying')) : null;
        [$quote, $dryings] = $this->quoted($head, $service, $date, $drying, $isDried);
        $stylists = $this->salonSchedule->working($salon);
        $wish = self::wish($text, $stylists);
        $household = $this->householdOffers->of($head, $service, $date, $drying, $wish, $asked);

        return new BookPage(
            salon: $salon,
            heads: self::names($salon),
            services: $services,
            stylists: $stylists,
            head: $head,
            service: $service,
            date: $date,
            quote: $quote,
            parts: PlannedMinutes::shortOf($quote?->parts),
            priceWhy: $this->priceWords->asked($quote?->price, $service?->deposit_cents, $salon),
            steps: $head === null || $item === null ? [] : $this->steps($head, $item),
            wish: $wish,
            missed: $head === null ? '' : $this->missedWords->of($salon, MissedVisits::of($head)),
            household: $household,
            dryings: $dryings,
            days: $head === null || $quote === null || ($household->chosen ?? []) !== [] ? [] : $this->offeredDays->of(
                $salon,
                $head,
                $date,
                $quote->stretches,
                $wish,
                $item?->date->format('Y-m-d'),
            ),
        );
    }

    /** @return array<array-key, string> of every client, by key */
    private static function names(Salon $salon): array
    {
        return Head::query()
            ->where('salon_id', $salon->id)
            ->orderBy('name')
            ->get(['id', 'salon_id', 'name'])
            ->mapWithKeys(static fn (Head $head): array => [$head->id => ClientName::shown($head->name)])
            ->all();
    }

    /** A wash day that is laid out by hand is dried as it is laid out: there is nothing to choose. */
    private static function isByHand(Head $head, ?PlanItem $item): bool
    {
        return $item !== null && ComposedDay::on($head, $item->date) !== null;
    }

    /** @return array{ServiceQuote|null, OfferedDryings|null} what it takes, and the ways a wash day can be dried in */
    private function quoted(
        ?Head $head,
        ?Service $service,
        CarbonImmutable $date,
        ?DryingMethod $drying,
        bool $isDried,
    ): array {
        if ($head === null || $service === null) {
            return [null, null];
        }
        if (! $isDried) {
            return [$this->serviceQuotes->of($head, $service, $date, $drying), null];
        }
        [$quote, $dryings] = $this->serviceQuotes->dried($head, $service, $date, $drying);

        return [$quote, OfferedDryings::of($dryings, $drying, SalonSchedule::equipment($head->salon))];
    }

    /**
     * What is asked for and is none of the salon's is no wish.
     *
     * @param Closure(string): string $text
     * @param Collection<int, User>   $stylists by key
     */
    private static function wish(Closure $text, Collection $stylists): BookingWish
    {
        return new BookingWish(
            $stylists->get((int) $text('with'))?->id,
            in_array($text('part'), BookingWish::PARTS, true) ? $text('part') : '',
            $text('all') === '1',
        );
    }

    public function of(Booking $booking): BookingPage
    {
        $booking->loadMissing(['salon', 'head', 'user']);
        $starts = $booking->starts_at->setTimezone($booking->salon->timezone);
        $item = $this->planned($booking);

        return new BookingPage(
            booking: $booking,
            stylists: $this->salonSchedule
                ->working($booking->salon)
                ->map(fn (User $user): string => $user->name)
                ->all(),
            time: $starts->format('G:i'),
            when: SalonClock::inWords(SalonClock::minute($booking->salon, $booking->date, $booking->starts_at)),
            turns: $booking->salon->day_turns_minute === 0 ? '' : SalonClock::shown($booking->salon->day_turns_minute),
            date: $booking->date,
            isOnPicture: $booking->date->greaterThanOrEqualTo($booking->salon->today()->format('Y-m-d'))
                && in_array($booking->status, [BookingStatus::Booked, BookingStatus::Arrived], true),
            comesLater: $booking->status === BookingStatus::Booked
                && $booking->date->greaterThanOrEqualTo($booking->salon->today()->format('Y-m-d')),
            says: self::says($booking),
            begun: $booking->begun_at?->setTimezone($booking->salon->timezone)->format('G:i'),
            ended: $booking->ended_at?->setTimezone($booking->salon->timezone)->format('G:i'),
            parts: PlannedMinutes::shortOf($booking->parts),
            price: $this->priceWords->of($booking, $booking->salon),
            series: self::series($booking),
            following: self::following($booking),
            exchanges: $this->exchanges($booking),
            dryings: $booking->is_wash_day && ! self::isByHand($booking->head, $item) ? DryingMethod::cases() : [],
            missed: $this->missedWords->of($booking->salon, MissedVisits::of($booking->head)),
            steps: $item === null ? [] : $this->steps($booking->head, $item),
        );
    }

    /** @return array<string, string> those that were made in one go with it, as words by key */
    private static function series(Booking $booking): array
    {
        /** @var Collection<int, Booking> $series */
        $series = $booking->series === null ? new Collection() : Booking::query()
            ->where('salon_id', $booking->salon_id)
            ->where('series', $booking->series)
            ->orderBy('starts_at')
            ->get();

        return $series
            ->mapWithKeys(static fn (Booking $one): array => [$one->id => SalonClock::dayInWords($one->date, 'j M Y')])
            ->all();
    }

    private static function following(Booking $booking): int
    {
        return $booking->series === null ? 0 : Booking::query()
            ->where('salon_id', $booking->salon_id)
            ->where('series', $booking->series)
            ->where('status', BookingStatus::Booked)
            ->where('starts_at', '>', $booking->starts_at)
            ->count();
    }

    public function saidOfPrice(Booking $booking): string
    {
        $due = PricedVisits::bill($booking, $booking->salon)->dueCents;

        return Words::say('prices.said', ['due' => Money::shown($due, $booking->salon->currency)]);
    }

    /** @return array<string, string> key and sequence of bookings that can exchange times with it, as words */
    private function exchanges(Booking $booking): array
    {
        if ($booking->status !== BookingStatus::Booked || $booking->date < $booking->salon->today()->format('Y-m-d')) {
            return [];
        }
        $exchanges = [];
        foreach ($this->salonSchedule->bookings($booking->salon, $booking->date) as $other) {
            if ($other->id !== $booking->id && $other->status === BookingStatus::Booked) {
                $exchanges["{$other->id} {$other->sequence}"] = Words::say('booking.exchanged.option', [
                    'time' => $other->starts_at->setTimezone($booking->salon->timezone)->format('G:i'),
                    'name' => ClientName::shown($other->head->name),
                    'who' => explode(' ', $other->user->name)[0],
                ]);
            }
        }

        return $exchanges;
    }

    /** @return list<string> what can be said of how it goes; of a day that has passed only how it ended */
    private static function says(Booking $booking): array
    {
        $today = $booking->salon->today()->format('Y-m-d');
        if ($booking->date->format('Y-m-d') > $today) {
            return [];
        }
        $isToday = $booking->date->format('Y-m-d') === $today;

        return array_values(array_diff(match ($booking->status) {
            BookingStatus::Booked => ['here', 'begin', 'no-show', ...$isToday ? [] : ['through']],
            BookingStatus::Arrived => ['begin', 'no-show'],
            BookingStatus::UnderWay => ['through', 'over'],
            default => [],
        }, $isToday ? [] : ['here', 'begin', 'over']));
    }

    /** The planned wash day that a booking is for; null where it is for none. */
    private function planned(Booking $booking): ?PlanItem
    {
        return $booking->is_wash_day && $booking->status->isOpen() ? $this->near($booking->head, $booking->date) : null;
    }

    private function near(Head $head, CarbonImmutable $date): ?PlanItem
    {
        return PlanItem::near($head->planItems()->where('status', 'planned')->get(), $date);
    }

    /** @return list<array{says: string, with: string, missing: bool}> of the wash day it is for; only what takes a bottle */
    private function steps(Head $head, PlanItem $item): array
    {
        $steps = [];
        foreach ($this->plannedBottles->inSalon($head, $item) as $place => $bottle) {
            // What is put on the evening before is put on at home.
            if (StoredSteps::isBefore($item->steps[$place])) {
                continue;
            }
            $steps[] = [
                'says' => StepWords::line($item->steps[$place]), 'with' => $bottle['says'],
                'missing' => $bottle['missing'],
            ];
        }

        return $steps;
    }
}
