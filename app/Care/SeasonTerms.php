<?php

declare(strict_types=1);

namespace App\Care;

use App\Care\Seasons\Treatments;
use App\Models\Head;
use App\Models\PlanItem;
use InvalidArgumentException;
use Nagomi\Core\Record\InvalidRecord;
use Nagomi\Core\Record\SeasonFields;
use Nagomi\Core\Season\Terms;

/** The terms of a head's season as the page shows them and as they are kept, in the shape of the care record. */
final class SeasonTerms
{
    /** @return array<string, mixed> */
    public static function page(Head $head): array
    {
        $head->loadMissing(['salon', 'outlook', 'zoneParts']);
        $season = $head->season ?? [];
        $list = fn (string $name): array => is_array($season[$name] ?? null) ? $season[$name] : [];

        return [
            'head' => $head,
            'outlook' => Renewal::current($head),
            'today' => $head->salon->today(),
            'season' => $season,
            'away' => $list('away'),
            'byHand' => $list('by_hand'),
            'promised' => $list('promised'),
            'salonDays' => implode(', ', array_filter($list('salon_days'), is_string(...))),
            'treatments' => Terms::TREATMENTS,
        ];
    }

    /**
     * @param array<string, mixed> $changes by name of the record's fields; null takes a field out
     *
     * @return array<string, mixed>
     *
     * @throws InvalidArgumentException with what is wrong, one sentence a line
     */
    public static function with(Head $head, array $changes): array
    {
        $season = array_filter($changes + ($head->season ?? []), fn (mixed $value): bool => $value !== null && $value !== []);
        try {
            return SeasonFields::write(SeasonFields::fromArray($season));
        } catch (InvalidRecord $invalid) {
            throw new InvalidArgumentException(implode("\n", array_map(fn ($problem): string => ucfirst($problem->sentence), $invalid->problems)), previous: $invalid);
        }
    }

    /** @return array<string, mixed> */
    public static function withoutByHand(Head $head, string $date): array
    {
        $kept = array_filter(self::byHand($head), fn (array $set): bool => ($set['date'] ?? null) !== $date);

        return self::with($head, ['by_hand' => array_values($kept)]);
    }

    /** @return list<array<string, mixed>> */
    public static function byHand(Head $head): array
    {
        /** @var list<array<string, mixed>> $set */
        $set = is_array($head->season['by_hand'] ?? null) ? array_values($head->season['by_hand']) : [];

        return $set;
    }

    /** @return list<array{date: string, treatment: string}> every treatment of the plan as it stands */
    public static function treatments(Head $head): array
    {
        $promised = [];
        /** @var iterable<PlanItem> $items */
        $items = $head->planItems()->where('status', 'planned')->get();
        foreach ($items as $item) {
            foreach (Treatments::of($item) as $treatment) {
                $promised[] = ['date' => $item->date->format('Y-m-d'), 'treatment' => $treatment];
            }
        }

        return $promised;
    }

    /**
     * @param list<array{date: string, treatment: string}> $promised
     *
     * @return array<string, mixed> the season with these promised
     */
    public static function promised(Head $head, array $promised): array
    {
        return self::with($head, ['promised' => $promised]);
    }

    /** @return array<string, mixed> */
    public static function released(Head $head): array
    {
        return self::with($head, ['promised' => null]);
    }
}
