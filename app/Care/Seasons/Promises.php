<?php

declare(strict_types=1);

namespace App\Care\Seasons;

use App\Models\Head;
use App\Models\PlanItem;
use App\Models\Promise;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;

/** What a client was promised, version after version, and how the plan has moved since. */
final class Promises
{
    /** A treatment that moved further than this is another one. */
    private const SAME_WITHIN_DAYS = 21;

    /** @param list<array{date: string, treatment: string}> $items */
    public static function make(Head $head, array $items, string $by): void
    {
        self::release($head);
        Promise::query()->create(['salon_id' => $head->salon_id, 'head_id' => $head->id, 'items' => $items, 'by' => $by, 'made_at' => now()]);
    }

    public static function release(Head $head): void
    {
        Promise::query()->where('head_id', $head->id)->whereNull('released_at')->update(['released_at' => now()]);
    }

    /** @return Collection<int, Promise> the latest first */
    public static function all(Head $head): Collection
    {
        /** @var Collection<int, Promise> */
        return Promise::query()->where('head_id', $head->id)->latest('id')->limit(6)->get();
    }

    /**
     * @param Collection<int, PlanItem> $items as planned now
     *
     * @return list<string> what changed since the promise, a sentence each; none where it is kept to the day
     */
    public static function changes(Promise $promise, Collection $items, CarbonImmutable $today): array
    {
        $now = [];
        foreach ($items as $item) {
            foreach (Treatments::of($item) as $treatment) {
                $now[$treatment][] = $item->date->format('Y-m-d');
            }
        }
        $says = [];
        foreach ($promise->items as ['date' => $date, 'treatment' => $treatment]) {
            if ($date < $today->format('Y-m-d')) {
                continue;
            }
            $words = ucfirst(str_replace('-', ' ', $treatment));
            $nearest = self::nearest($date, $now[$treatment] ?? []);
            if ($nearest === null) {
                $says[] = "{$words} of " . self::day($date) . ' is not planned any more.';
                continue;
            }
            $now[$treatment] = array_values(array_diff($now[$treatment] ?? [], [$nearest]));
            if ($nearest !== $date) {
                $says[] = "{$words} moved from " . self::day($date) . ' to ' . self::day($nearest) . '.';
            }
        }
        $last = max(['', ...array_column($promise->items, 'date')]);
        foreach ($now as $treatment => $dates) {
            foreach (array_filter($dates, fn (string $date): bool => $date <= $last) as $date) {
                $says[] = ucfirst(str_replace('-', ' ', (string) $treatment)) . ' on ' . self::day($date) . ' is new.';
            }
        }

        return $says;
    }

    /** @param list<string> $dates */
    private static function nearest(string $date, array $dates): ?string
    {
        $apart = fn (string $other): int => (int) abs((strtotime("{$other} UTC") - strtotime("{$date} UTC")) / 86400);
        usort($dates, fn (string $a, string $b): int => $apart($a) <=> $apart($b));

        return $dates !== [] && $apart($dates[0]) <= self::SAME_WITHIN_DAYS ? $dates[0] : null;
    }

    private static function day(string $date): string
    {
        return CarbonImmutable::parse($date)->format('j M');
    }
}
