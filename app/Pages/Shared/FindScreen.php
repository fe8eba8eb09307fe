<?php

declare(strict_types=1);

namespace App\Pages\Shared;

use App\Bridge\Clients\ClientSearch;
use App\Models\Head;
use App\Models\Product;
use App\Models\Salon;
use App\Policies\Reach;
use App\Wording\ClientName;
use App\Wording\Words;

/** What one key finds: clients, products, screens and acts, by any part of their name. */
final readonly class FindScreen
{
    private const MOST = 8;

    /** Screens and acts by what they are called, each with its route. */
    private const PLACES = [
        'today' => 'today', 'clients' => 'clients.index', 'products' => 'products', 'reports' => 'reports',
        'team' => 'reports.team', 'salon' => 'salon.edit', 'hours' => 'salon.hours', 'messages' => 'salon.messages',
        'people' => 'salon.people', 'data' => 'salon.data', 'connections' => 'salon.connections',
        'trail' => 'salon.trail', 'consent' => 'salon.consent', 'learned' => 'salon.learned',
        'plans' => 'plans', 'practice' => 'practice', 'new-client' => 'clients.create',
        'book' => 'bookings.create',
        'new-product' => 'products.create', 'mix' => 'products.mix', 'day-end' => 'today.end',
    ];

    /** @return list<array{group: string, words: string, href: string}> the best first */
    public function of(Salon $salon, string $search): array
    {
        $search = trim($search);

        return [
            ...$search === '' ? [] : [...$this->clients($salon, $search), ...$this->products($salon, $search)],
            ...$this->places($search),
        ];
    }

    /** @return list<array{group: string, words: string, href: string}> */
    private function clients(Salon $salon, string $search): array
    {
        $heads = Head::query()->where('salon_id', $salon->id)->select(['id', 'salon_id', 'name', 'phone']);
        $found = (new ClientSearch($search))->of($heads)->take(self::MOST);

        return array_values($found->map(static fn (Head $head): array => [
            'group' => Words::say('layout.find.client'), 'words' => ClientName::shown($head->name),
            'href' => route('clients.now', $head, false),
        ])->all());
    }

    /** @return list<array{group: string, words: string, href: string}> */
    private function products(Salon $salon, string $search): array
    {
        $found = Product::query()
            ->where('salon_id', $salon->id)
            ->whereNull('head_id')
            ->where('name', 'like', '%' . addcslashes($search, '%_\\') . '%')
            ->orderBy('name')
            ->limit(self::MOST)
            ->get(['id', 'salon_id', 'name']);

        return array_values($found->map(static fn (Product $product): array => [
            'group' => Words::say('layout.find.product'), 'words' => $product->name,
            'href' => route('products.show', $product, false),
        ])->all());
    }

    /** @return list<array{group: string, words: string, href: string}> */
    private function places(string $search): array
    {
        $places = [];
        foreach (self::PLACES as $place => $route) {
            $words = Words::say("layout.find.places.{$place}");
            if (! Reach::ofSignedIn($route)) {
                continue;
            }
            if ($search === '' || mb_stripos($words, $search) !== false) {
                $places[] = [
                    'group' => Words::say('layout.find.place'), 'words' => $words, 'href' => route($route, [], false),
                ];
            }
        }

        return $places;
    }
}
