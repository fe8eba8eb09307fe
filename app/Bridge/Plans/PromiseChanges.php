<?php

declare(strict_types=1);

namespace App\Bridge\Plans;

use App\Models\PlanItem;
use App\Models\Promise;
use App\Wording\PromisedTreatments;
use App\Wording\SalonClock;
use App\Wording\Words;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Illuminate\Support\Str;

/** How a plan has moved since it was promised. */
final class PromiseChanges
{
    /** A treatment that moved further than this is another one. */
    private const SAME_WITHIN_DAYS = 21;

    /**
     * @param Collection<int, PlanItem> $items as planned now
     *
     * @return list<string> what changed since the promise, a sentence each; none where it is kept to the day
     */
    public static function since(Promise $promise, Collection $items, CarbonImmutable $today): array
    {
        $now = [];
        foreach ($items as $item) {
            foreach (PromisedTreatments::of($item) as $treatment) {
                $now[$treatment][] = $item->date->format('Y-m-d');
            }
        }
        $says = [];
        foreach ($promise->items as ['date' => $date, 'treatment' => $treatment]) {
            if ($date < $today->format('Y-m-d')) {
                continue;
            }
            $words = self::words($treatment);
            $nearest = self::nearest($date, $now[$treatment] ?? []);
            if ($nearest === null) {
                $says[] = Words::say('plan-acts.promise.gone', ['what' => $words, 'day' => self::day($date)]);
                continue;
            }
            $now[$treatment] = array_values(array_diff($now[$treatment] ?? [], [$nearest]));
            if ($nearest !== $date) {
                $says[] = Words::say('plan-acts.promise.moved', [
                    'what' => $words, 'from' => self::day($date), 'until' => self::day($nearest),
                ]);
            }
        }
        $last = max(['', ...array_column($promise->items, 'date')]);
        foreach ($now as $treatment => $dates) {
            foreach (array_filter($dates, fn (string $date): bool => $date <= $last) as $date) {
                $says[] = Words::say('plan-acts.promise.new', [
                    'what' => self::words((string) $treatment), 'day' => self::day($date),
                ]);
            }
        }

        return $says;
    }

    /** @param string $treatment of {@see PromisedTreatments}; begins a sentence */
    private static function words(string $treatment): string
    {
        return Str::ucfirst(Words::say("plan-acts.treatments.{$treatment}"));
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
        return SalonClock::dayInWords($date, 'j M');
    }
}
