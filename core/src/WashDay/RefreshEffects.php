<?php

declare(strict_types=1);

namespace Nagomi\Core\WashDay;

use DateTimeImmutable;
use Nagomi\Core\Treatments\Calendar;

/**
 * What each way to refresh a style gave: how it looked before and the next time it was looked at, counted over all styles of
 * a client. A style falls by itself, so *held* is worth something too; nothing is proven by it.
 */
final readonly class RefreshEffects
{
    /** Days after which a look says nothing of a refresh any more; chosen. */
    private const WITHIN_DAYS = 2;

    /** @param array<string, array{better: int, held: int, worse: int}> $counts by way of refreshing */
    private function __construct(public array $counts)
    {
    }

    /**
     * @param list<array{
     *     looks: array<string, StyleLook>, done: array<string, list<string>>,
     * }> $styles each by day, as Y-m-d; a day is looked at before it is refreshed
     */
    public static function of(array $styles): self
    {
        $counts = [];
        foreach ($styles as ['looks' => $looks, 'done' => $done]) {
            foreach ($done as $day => $ways) {
                $before = $looks[$day] ?? null;
                $after = self::next($looks, $day);
                if ($before === null || $after === null) {
                    continue;
                }
                foreach ($ways as $way) {
                    $counts[$way] ??= ['better' => 0, 'held' => 0, 'worse' => 0];
                    $counts[$way][match ($after->points() <=> $before->points()) {
                        1 => 'better',
                        0 => 'held',
                        default => 'worse',
                    }]++;
                }
            }
        }

        return new self($counts);
    }

    /** @param array<string, StyleLook> $looks */
    private static function next(array $looks, string $day): ?StyleLook
    {
        ksort($looks);
        foreach ($looks as $on => $look) {
            if ($on > $day) {
                $days = Calendar::daysBetween(new DateTimeImmutable($day), new DateTimeImmutable($on));

                return $days <= self::WITHIN_DAYS ? $look : null;
            }
        }

        return null;
    }
}
