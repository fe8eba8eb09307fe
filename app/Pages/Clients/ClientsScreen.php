<?php

declare(strict_types=1);

namespace App\Pages\Clients;

use App\Bridge\Clients\ClientSearch;
use App\Bridge\Scheduling\DueClients;
use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\Head;
use App\Models\Salon;
use App\Wording\SalonClock;
use App\Wording\Words;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;

/** Who needs something: an open sign first, then who goes out of balance and is not booked, then by next wash day. */
final readonly class ClientsScreen
{
    public const FILTERS = ['all', 'due', 'booked', 'sign'];

    /** @param string $show one of the filters; a search looks through all */
    public function of(Salon $salon, string $search, string $show): ClientsPage
    {
        $today = $salon->today();
        $rows = [];
        foreach (self::heads($today, $search) as $head) {
            $rows[] = self::row($head, $today);
        }
        usort($rows, self::compare(...));
        $counts = ['all' => count($rows), ...array_fill_keys(['due', 'booked', 'sign'], 0)];
        foreach (array_merge(...array_map(static fn (ClientRow $row): array => $row->is, $rows)) as $filter) {
            $counts[$filter]++;
        }
        $shown = $search !== '' || $show === 'all' ? $rows : array_filter(
            $rows,
            static fn (ClientRow $row): bool => in_array($show, $row->is, true),
        );

        return new ClientsPage(array_values($shown), $search, $search === '' ? $show : 'all', $counts);
    }

    /** @return Collection<int, Head> by name */
    private static function heads(CarbonImmutable $today, string $search): Collection
    {
        $next = Booking::query()
            ->select('date')
            ->whereColumn('bookings.head_id', 'heads.id')
            ->where('date', '>=', $today->format('Y-m-d'))
            ->whereIn('status', BookingStatus::open())
            ->orderBy('date')
            ->limit(1);

        return (new ClientSearch($search))->of(Head::query()
            ->select('heads.*')
            ->selectSub($next, 'booked_on')
            ->selectSub(DueClients::seenTo('heads.id', $today)->limit(1), 'seen_to_on')
            ->with([
                'zoneParts',
                'outlook:head_id,salon_id,as_of,verdict,cells,standing,drifts_on',
                'planItems' => fn ($items) => $items->where('status', 'planned'),
            ]));
    }

    private static function row(Head $head, CarbonImmutable $today): ClientRow
    {
        $bookedOn = $head->getAttribute('booked_on');
        $booked = is_string($bookedOn) ? CarbonImmutable::parse($bookedOn) : null;
        $due = $head->outlook?->drifts_on;
        $isDue = $due !== null && $due->format('Y-m-d') <= DueClients::until($today)
            && $head->getAttribute('seen_to_on') === null;
        $item = $head->planItems->first();
        $minutes = $item === null ? '' : Words::say('clients.minutes', ['minutes' => (int) $item->minutes]);

        $isSign = $head->red_sign || $head->sore_scalp;

        return new ClientRow(
            $head,
            array_keys(array_filter(['sign' => $isSign, 'due' => $isDue, 'booked' => $booked !== null])),
            match (true) {
                $isDue => self::due($due, $today),
                $booked !== null => self::booked($booked),
                $item !== null => self::next($item->date, $today),
                default => '',
            },
            $isSign ? Words::say($head->red_sign ? 'clients.sign' : 'clients.sore') : $minutes,
        );
    }

    private static function booked(CarbonImmutable $day): string
    {
        return Words::say('clients.booked-on', ['day' => SalonClock::dayInWords($day, 'D j M')]);
    }

    private static function due(CarbonImmutable $day, CarbonImmutable $today): string
    {
        return Words::say(match ($day->format('Y-m-d') <=> $today->format('Y-m-d')) {
            -1 => 'clients.due-since',
            0 => 'clients.due-today',
            default => 'clients.due-on',
        }, ['day' => SalonClock::dayInWords($day, 'j M')]);
    }

    private static function next(CarbonImmutable $day, CarbonImmutable $today): string
    {
        return $day->format('Y-m-d') <= $today->format('Y-m-d')
            ? Words::say('clients.next-wash-today')
            : Words::say('clients.next-wash', ['day' => SalonClock::dayInWords($day, 'j M')]);
    }

    /** An open sign, then who is due, the longest first; then by the next wash day; by name where all is alike. */
    private static function compare(ClientRow $a, ClientRow $b): int
    {
        return self::order($a) <=> self::order($b);
    }

    /** @return list<int|string> */
    private static function order(ClientRow $row): array
    {
        $next = $row->head->planItems->first()?->date->format('Y-m-d') ?? '9999';

        return match (true) {
            $row->isLookedAtFirst() => [0, '', $row->head->name],
            $row->isDue() => [1, $row->head->outlook?->drifts_on?->format('Y-m-d') ?? '', $row->head->name],
            default => [2, $next, $row->head->name],
        };
    }
}
