<?php

declare(strict_types=1);

namespace App\Pages\Salon;

use App\Models\Head;
use App\Models\Product;
use App\Models\Salon;
use App\Models\TrailEntry;
use App\Models\User;
use App\Wording\ClientName;
use App\Wording\SalonClock;
use App\Wording\TrailWords;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;

/** Reads the trail of a salon, a page at a time. */
final readonly class TrailScreen
{
    public const FILTERS = ['who', 'what', 'client', 'from', 'until'];

    private const LISTED = 40;

    /** What is asked for together: models, and words of what is no row. */
    private const KINDS = [
        'clients' => [
            'Head', 'Clearance', 'Reaction', 'Promise', 'PlanEdit', 'Trial', 'Programme', 'Style', 'HomeLink',
            'Consent',
        ],
        'hair' => ['Reading', 'Visit', 'WashDay', 'WashSession', 'Picture'],
        'bookings' => ['Booking'],
        'products' => ['Product', 'TaughtIngredient'],
        'salon' => ['Salon', 'Service', 'Leave', 'ConsentWording'],
        'people' => ['User', 'Invitation'],
        'programs' => ['AccessToken', 'Webhook'],
        'out' => [],
    ];

    /** What was taken out or brought in, or deleted. */
    private const OUT = ['%exported%', '%import%', 'salon-restored', 'client-deleted'];

    /** @param array<string, string> $chosen by filter */
    public function of(Salon $salon, array $chosen, ?Head $head = null): TrailPage
    {
        $entries = TrailEntry::query()->where('salon_id', $salon->id)->orderByDesc('id');
        self::choose($entries, $salon, $chosen);
        if ($head !== null) {
            $entries->where('head_id', $head->id);
        }
        $pages = $entries->simplePaginate(self::LISTED)->withQueryString();
        /** @var Collection<int, User> $people */
        $people = User::query()->where('salon_id', $salon->id)->orderBy('name')->get()->keyBy('id');

        return new TrailPage(
            head: $head,
            rows: $this->rows($salon, $pages->items(), $people),
            pages: $pages,
            chosen: $chosen,
            people: $people->map(static fn (User $user): string => $user->name)->all(),
            kinds: array_keys(self::KINDS),
        );
    }

    /**
     * @param Builder<TrailEntry>   $entries
     * @param array<string, string> $chosen
     */
    private static function choose(Builder $entries, Salon $salon, array $chosen): void
    {
        $day = static fn (string $of): ?CarbonImmutable => preg_match('/^\d{4}-\d\d-\d\d$/', $of) === 1
            ? CarbonImmutable::createFromFormat('!Y-m-d', $of, $salon->timezone)?->utc()
            : null;
        if (($who = $chosen['who'] ?? '') !== '') {
            $entries->where('causer_type', User::class)->where('causer_id', (int) $who);
        }
        $what = $chosen['what'] ?? '';
        if ($what === 'out') {
            $entries->where(static function (Builder $of): void {
                foreach (self::OUT as $like) {
                    $of->orWhere('description', 'like', $like);
                }
            });
        } elseif (isset(self::KINDS[$what])) {
            $entries->whereIn('subject_type', array_map(
                static fn (string $of): string => "App\\Models\\{$of}",
                self::KINDS[$what],
            ));
        }
        if (($client = $chosen['client'] ?? '') !== '') {
            $entries->whereIn('head_id', Head::query()->where('salon_id', $salon->id)->select('id')
                ->where('name', 'like', '%' . addcslashes($client, '%_\\') . '%'));
        }
        if (($from = $day($chosen['from'] ?? '')) !== null) {
            $entries->where('created_at', '>=', $from);
        }
        if (($until = $day($chosen['until'] ?? '')) !== null) {
            $entries->where('created_at', '<', $until->setTimezone($salon->timezone)->addDay()->utc());
        }
    }

    /**
     * @param array<array-key, TrailEntry> $entries
     * @param Collection<int, User>        $people
     *
     * @return list<TrailRow>
     */
    private function rows(Salon $salon, array $entries, Collection $people): array
    {
        $heads = Head::query()->whereIn('id', array_filter(array_map(
            static fn (TrailEntry $entry): ?string => $entry->head_id,
            $entries,
        )))->get(['id', 'salon_id', 'name'])->keyBy('id');
        $names = [];
        foreach ($people as $user) {
            $names["user_id {$user->id}"] = $user->name;
        }
        foreach (Product::query()->where('salon_id', $salon->id)->get(['id', 'salon_id', 'name']) as $product) {
            $names["product_id {$product->id}"] = $product->name;
        }
        $words = new TrailWords($salon, $names);

        return array_values(array_map(static function (TrailEntry $entry) use (
            $salon,
            $people,
            $heads,
            $words,
        ): TrailRow {
            $head = $entry->head_id === null ? null : $heads->get($entry->head_id);
            $isPerson = $entry->subject_type === User::class;

            return new TrailRow(
                when: SalonClock::dayInWords($entry->created_at->setTimezone($salon->timezone), 'j M Y, G:i'),
                by: $people->get((int) $entry->causer_id)->name ?? '',
                what: TrailWords::of($entry),
                about: match (true) {
                    $head !== null => ClientName::shown($head->name),
                    $isPerson => $people->get((int) $entry->subject_id)->name ?? '',
                    default => self::called($entry),
                },
                client: $head?->id,
                from: (string) $entry->from_address,
                program: (string) $entry->program,
                changes: $words->changes($entry),
            );
        }, $entries));
    }

    /** What a row without a client was called when this was written. */
    private static function called(TrailEntry $entry): string
    {
        $properties = $entry->properties?->all() ?? [];
        $name = data_get($properties, 'attributes.name') ?? data_get($properties, 'old.name');

        return is_string($name) ? $name : '';
    }
}
