<?php

declare(strict_types=1);

namespace App\Care\Seasons;

use App\Care\Renewal;
use App\Care\StepWords;
use App\Models\Head;
use App\Models\PlanItem;
use App\Models\Promise;
use App\Pictures\SeasonLine;
use Illuminate\Support\Collection;

/** A head's season as a picture to work in, and as a list with every reason. */
final class SeasonPage
{
    /** @return array<string, mixed> */
    public static function of(Head $head): array
    {
        $head->loadMissing(['salon', 'outlook', 'zoneParts']);
        $outlook = Renewal::current($head);
        $items = self::items($head);
        $promises = Promises::all($head);
        $promise = $promises->first(fn (Promise $one): bool => $one->released_at === null);
        $today = $head->salon->today();
        $last = SeasonLog::last($head);

        return [
            'head' => $head,
            'outlook' => $outlook,
            'today' => $today,
            'items' => $items,
            'line' => self::line($head, $items, $promise === null ? [] : array_column($promise->items, 'date')),
            'room' => $items->mapWithKeys(fn (PlanItem $item): array => [$item->date->format('Y-m-d') => SeasonAct::room($items, $item, $head)])->all(),
            'acts' => $items->mapWithKeys(fn (PlanItem $item): array => [$item->date->format('Y-m-d') => Treatments::of($item)])->all(),
            'promise' => $promise,
            'changes' => $promise === null ? [] : Promises::changes($promise, $items, $today),
            'promises' => $promises,
            'last' => $last,
            'next' => SeasonLog::next($head),
            'occasions' => self::occasions($head),
        ];
    }

    /** @return Collection<int, PlanItem> */
    public static function items(Head $head): Collection
    {
        /** @var Collection<int, PlanItem> */
        return $head->planItems()->where('status', 'planned')->get();
    }

    /**
     * @param Collection<int, PlanItem> $items
     * @param list<string>              $promised
     * @param bool                      $inWords whether each stone says what is done on it
     */
    public static function line(Head $head, Collection $items, array $promised = [], bool $inWords = true): SeasonLine
    {
        $days = array_values($items->map(fn (PlanItem $item): array => [
            'date' => $item->date->format('Y-m-d'), 'minutes' => $item->minutes, 'kinds' => Treatments::of($item), 'byHand' => $item->by_hand !== null, 'broken' => $item->broken !== [],
            'says' => ! $inWords ? $item->date->format('j M') : $item->date->format('l j F') . ': ' . StepWords::summary($item->steps) . ', ' . (int) round($item->minutes) . ' minutes' . ($item->by_hand !== null ? ', by hand' : ''),
        ])->all());
        $away = array_map(fn (array $span): array => ['from' => $span['from'], 'until' => $span['until'], 'kind' => 'away', 'says' => 'away'], self::spans($head, 'away'));
        $occasions = array_map(fn (array $span): array => ['from' => $span['from'], 'until' => $span['until'], 'kind' => $span['kind'], 'says' => $span['what'] !== '' ? $span['what'] : $span['kind']], self::occasions($head));

        return SeasonLine::of($head->salon->today(), Renewal::WEEKS_AHEAD, $days, [...$away, ...$occasions], $promised);
    }

    /** @return list<array{kind: string, from: string, until: string, what: string}> */
    public static function occasions(Head $head): array
    {
        return self::spans($head, 'occasions');
    }

    /** @return list<array{kind: string, from: string, until: string, what: string}> */
    private static function spans(Head $head, string $name): array
    {
        $spans = [];
        foreach (is_array($head->season[$name] ?? null) ? $head->season[$name] : [] as $span) {
            $text = fn (string $of): string => is_array($span) && is_string($span[$of] ?? null) ? $span[$of] : '';
            $spans[] = ['kind' => $text('kind'), 'from' => $text('from'), 'until' => $text('until'), 'what' => $text('what')];
        }

        return $spans;
    }
}
