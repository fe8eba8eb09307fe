<?php

declare(strict_types=1);

namespace App\Pages\Today;

use App\Bridge\Scheduling\SalonSchedule;
use App\Bridge\Scheduling\ServiceQuote;
use App\Bridge\Scheduling\ServiceQuotes;
use App\Models\Head;
use App\Models\Salon;
use App\Models\Service;
use App\Wording\ClientName;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Scheduling\Opening;
use Nagomi\Core\Scheduling\TogetherOpenings;
use Nagomi\Core\Scheduling\WorkSegment;
use Nagomi\Core\WashDay\DryingMethod;

/** When those of a household can come together, for the same service, each at their own pace. */
final readonly class HouseholdOffers
{
    /** So many come with a client at most. */
    public const MOST_OTHERS = 4;

    private const DAYS = 7;
    private const DAYS_SHOWN = 3;
    private const OF_EACH_PART = 3;

    public function __construct(
        private OfferedDays $offeredDays,
        private Parameters $parameters,
        private SalonSchedule $salonSchedule,
        private ServiceQuotes $serviceQuotes,
    ) {
    }

    /**
     * @param array<array-key, mixed> $asked what was asked for; in it those who come as well
     *
     * @return HouseholdPage|null null: nobody else is of this household
     */
    public function of(
        ?Head $head,
        ?Service $service,
        CarbonImmutable $from,
        ?DryingMethod $drying,
        BookingWish $wish,
        array $asked,
    ): ?HouseholdPage {
        $others = $head === null ? new Collection() : self::others($head);
        if ($head === null || $service === null || $others->isEmpty()) {
            return null;
        }
        $also = is_array($asked['also'] ?? null) ? $asked['also'] : [];
        $chosen = $others->filter(static fn (Head $one): bool => in_array($one->id, $also, true))
            ->take(self::MOST_OTHERS)
            ->values();
        $come = [$head, ...$chosen->all()];
        $quotes = $chosen->isEmpty() ? [] : array_map(
            fn (Head $one): ServiceQuote => $this->serviceQuotes->of($one, $service, $from, $drying),
            $come,
        );

        return new HouseholdPage(
            $others->mapWithKeys(static fn (Head $one): array => [$one->id => ClientName::shown($one->name)])->all(),
            array_values($chosen->map(static fn (Head $one): string => $one->id)->all()),
            array_map(static fn (Head $one): string => explode(' ', ClientName::shown($one->name))[0], $come),
            $quotes,
            $quotes === [] ? [] : $this->days($head->salon, $come, $quotes, $from, $wish),
        );
    }

    /** @return Collection<int, Head> by name */
    private static function others(Head $head): Collection
    {
        /** @var Collection<int, Head> */
        return ($head->household ?? '') === '' ? new Collection() : Head::query()
            ->with('salon')
            ->where('salon_id', $head->salon_id)
            ->where('household', $head->household)
            ->whereKeyNot($head->id)
            ->orderBy('name')
            ->get();
    }

    /**
     * @param non-empty-list<Head>         $come
     * @param non-empty-list<ServiceQuote> $quotes of each
     *
     * @return list<OfferedGroups> the next few days that have a time
     */
    private function days(Salon $salon, array $come, array $quotes, CarbonImmutable $from, BookingWish $wish): array
    {
        $stretches = array_map(static fn (ServiceQuote $quote): array => $quote->stretches, $quotes);
        $days = [];
        for ($i = 0; $i < self::DAYS && count($days) < self::DAYS_SHOWN; $i++) {
            $day = $this->day($salon, $come, $stretches, $from->addDays($i), $wish);
            $days = $day->byPart === [] ? $days : [...$days, $day];
        }

        return $days;
    }

    /**
     * @param non-empty-list<Head> $come
     * @param non-empty-list<non-empty-list<WorkSegment>> $stretches of each
     */
    private function day(
        Salon $salon,
        array $come,
        array $stretches,
        CarbonImmutable $date,
        BookingWish $wish,
    ): OfferedGroups {
        $bookings = $this->salonSchedule->bookings($salon, $date);
        $line = $this->salonSchedule->of($salon, $date, $bookings);
        if ($line === null) {
            return new OfferedGroups($date, []);
        }
        $openings = [];
        foreach ($come as $i => $one) {
            // The wish is the first one's; the others come with whoever is free, at about that time.
            $theirs = $i === 0 ? $wish : new BookingWish();
            $openings[] = $this->offeredDays->openings($salon, $one, $date, $line, $bookings, $stretches[$i], $theirs);
        }
        $groups = array_map(
            static fn (array $group): OfferedGroup => self::offered($group, $date),
            TogetherOpenings::of($line, $openings),
        );

        return new OfferedGroups($date, $this->best($groups));
    }

    /**
     * @param list<OfferedGroup> $groups
     *
     * @return array<string, non-empty-list<OfferedGroup>> a few of each part of the day
     */
    private function best(array $groups): array
    {
        usort($groups, static fn (OfferedGroup $a, OfferedGroup $b): int => [
            self::minutes($a), $a->times[0]->minute,
        ] <=> [self::minutes($b), $b->times[0]->minute]);
        $byPart = array_fill_keys(BookingWish::PARTS, []);
        $apart = $this->parameters->scheduling->offersApartMinutes;
        foreach ($groups as $group) {
            $near = array_filter($byPart[$group->part()], static fn (OfferedGroup $other): bool => abs(
                $other->times[0]->minute - $group->times[0]->minute,
            ) < $apart);
            if ($near === [] && count($byPart[$group->part()]) < self::OF_EACH_PART) {
                $byPart[$group->part()][] = $group;
            }
        }

        return array_filter($byPart);
    }

    private static function minutes(OfferedGroup $group): int
    {
        return $group->until - min(array_map(static fn (OfferedTime $time): int => $time->minute, $group->times));
    }

    /** @param non-empty-list<Opening> $group */
    private static function offered(array $group, CarbonImmutable $date): OfferedGroup
    {
        $times = array_map(static fn (Opening $one): OfferedTime => OfferedTime::at($one, $date), $group);
        $slot = array_map(static fn (OfferedTime $time): string => "{$time->time} {$time->user}", $times);

        return new OfferedGroup(
            $times,
            $date->format('Y-m-d') . ' ' . implode(',', $slot),
            max(array_map(static fn (Opening $one): int => $one->placement->finish, $group)),
        );
    }
}
