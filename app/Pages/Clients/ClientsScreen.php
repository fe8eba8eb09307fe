<?php

declare(strict_types=1);

namespace App\Pages\Clients;

use App\Bridge\Clients\ClientSearch;
use App\Bridge\Scheduling\DueClients;
use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\Head;
use App\Models\Outlook;
use App\Models\PlanItem;
use App\Models\Salon;
use App\Policies\Reach;
use App\Wording\SalonClock;
use App\Wording\Words;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Pagination\LengthAwarePaginator;

/** Who needs something: an open sign first, then who goes out of balance and is not booked, then by next wash day. */
final readonly class ClientsScreen
{
    public const FILTERS = ['all', 'due', 'booked', 'sign'];

    /** On one page. */
    private const LISTED = 40;

    /** @param string $show one of the filters; a search looks through all */
    public function of(Salon $salon, string $search, string $show): ClientsPage
    {
        $today = $salon->today();
        $places = [];
        foreach ((new ClientSearch($search))->of(self::heads($today)) as $head) {
            $places[] = ClientPlace::of($head, $today);
        }
        usort($places, static fn (ClientPlace $a, ClientPlace $b): int => $a->order <=> $b->order);
        $counts = ['all' => count($places), ...array_fill_keys(['due', 'booked', 'sign'], 0)];
        foreach (array_merge(...array_map(static fn (ClientPlace $place): array => $place->is, $places)) as $filter) {
            $counts[$filter]++;
        }
        if (! Reach::ofSignedIn('clients.plan')) {
            // A sign is a matter of health.
            unset($counts['sign']);
        }
        $show = $search === '' && isset($counts[$show]) ? $show : 'all';
        $places = $show === 'all' ? $places : array_values(array_filter(
            $places,
            static fn (ClientPlace $place): bool => in_array($show, $place->is, true),
        ));
        $pages = self::pages(count($places), array_filter(['search' => $search]));
        $shown = array_slice($places, ($pages->currentPage() - 1) * self::LISTED, self::LISTED);

        return new ClientsPage(self::rows($shown, $today), $search, $show, $counts, $pages);
    }

    /** @return Builder<Head> no more of each than its place needs */
    private static function heads(CarbonImmutable $today): Builder
    {
        $booked = Booking::query()
            ->select('date')
            ->whereColumn('bookings.head_id', 'heads.id')
            ->where('date', '>=', $today->format('Y-m-d'))
            ->whereIn('status', BookingStatus::open())
            ->orderBy('date')
            ->limit(1);
        $planned = PlanItem::query()
            ->whereColumn('plan_items.head_id', 'heads.id')
            ->where('status', 'planned')
            ->orderBy('date')
            ->limit(1);

        $drifts = Outlook::query()->select('drifts_on')->whereColumn('head_id', 'heads.id')->limit(1);

        return Head::query()
            ->select(['heads.id', 'heads.salon_id', 'name', 'phone', 'red_sign', 'sore_scalp'])
            ->selectSub($booked, 'booked_on')
            ->selectSub(DueClients::seenTo('heads.id', $today)->limit(1), 'seen_to_on')
            ->selectSub($drifts, 'drifts_on')
            ->selectSub((clone $planned)->select('date'), 'planned_on')
            ->selectSub((clone $planned)->select('minutes'), 'planned_minutes');
    }

    /**
     * @param array<string, string> $asked what goes with the page's address
     *
     * @return LengthAwarePaginator<int, never> of so many clients; a page there is not is the last
     */
    private static function pages(int $clients, array $asked): LengthAwarePaginator
    {
        $page = min(max(1, (int) ceil($clients / self::LISTED)), LengthAwarePaginator::resolveCurrentPage());

        return (new LengthAwarePaginator([], $clients, self::LISTED, $page))
            ->setPath(LengthAwarePaginator::resolveCurrentPath())
            ->appends($asked);
    }

    /**
     * @param list<ClientPlace> $places
     *
     * @return list<ClientRow> in their order
     */
    private static function rows(array $places, CarbonImmutable $today): array
    {
        $heads = Head::query()
            ->with(['zoneParts', 'outlook:head_id,salon_id,as_of,verdict,cells,standing,drifts_on'])
            ->findMany(array_map(static fn (ClientPlace $place): string => $place->id, $places))
            ->keyBy('id');
        $rows = [];
        foreach ($places as $place) {
            $head = $heads->get($place->id);
            // Taken out while the list was read.
            if ($head !== null) {
                $rows[] = new ClientRow($head, $place->is, self::when($place, $today), self::also($head, $place));
            }
        }

        return $rows;
    }

    private static function when(ClientPlace $place, CarbonImmutable $today): string
    {
        $now = $today->format('Y-m-d');

        return match (true) {
            $place->dueOn !== null => self::onDay(match ($place->dueOn <=> $now) {
                -1 => 'clients.due-since',
                0 => 'clients.due-today',
                default => 'clients.due-on',
            }, $place->dueOn, 'j M'),
            $place->bookedOn !== null => self::onDay('clients.booked-on', $place->bookedOn, 'D j M'),
            $place->plannedOn === null => '',
            $place->plannedOn <= $now => Words::say('clients.next-wash-today'),
            default => self::onDay('clients.next-wash', $place->plannedOn, 'j M'),
        };
    }

    private static function onDay(string $line, string $day, string $format): string
    {
        return Words::say($line, ['day' => SalonClock::dayInWords($day, $format)]);
    }

    private static function also(Head $head, ClientPlace $place): string
    {
        return match (true) {
            in_array('sign', $place->is, true) => Words::say($head->red_sign ? 'clients.sign' : 'clients.sore'),
            $place->plannedTake === null => '',
            default => Words::say('clients.minutes', ['minutes' => $place->plannedTake]),
        };
    }
}
