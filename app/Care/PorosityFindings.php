<?php

declare(strict_types=1);

namespace App\Care;

use App\Models\Head;
use App\Models\Reading;
use Nagomi\Core\Head as Core;
use Nagomi\Core\Reading\Bench;
use Nagomi\Core\Reading\PorosityBelief;

/** What wetting and drying tests say of each zone's porosity, beside what is written of it. */
final class PorosityFindings
{
    private const DAYS = 180;

    /** From this certainty on a finding that differs is offered to be taken over. */
    private const SURE_ENOUGH = 0.75;

    /** Build-up from which beading says little of porosity. */
    private const COATED_FROM = 35.0;

    /** @return list<array{zone: string, written: string, found: string, certainty: float, date: string, differs: bool}> one for each zone that was tested */
    public static function of(Head $head): array
    {
        $since = $head->salon->today()->subDays(self::DAYS)->format('Y-m-d');
        $byZone = [];
        foreach ($head->readings()->where('date', '>=', $since)->whereIn('test', ['wetting', 'drying'])->whereNotNull('zone')->get() as $reading) {
            /** @var Reading $reading */
            // The newest of each test counts.
            $byZone[(string) $reading->zone][$reading->test] = $reading;
        }
        $buildUp = array_map(fn (array $stratum): float => is_array($stratum['build_up'] ?? null) && is_numeric($stratum['build_up'][0] ?? null) ? (float) $stratum['build_up'][0] : 0.0, $head->outlook->standing ?? []);
        $coated = $buildUp !== [] && max($buildUp) > self::COATED_FROM;
        $findings = [];
        foreach ($byZone as $zone => $readings) {
            $measured = array_merge(...array_values(array_map(fn (Reading $reading): array => Bench::test($reading->test)?->measure($reading->raw) ?? [], $readings)));
            $belief = PorosityBelief::of($measured, $coated);
            $written = (string) $head->zoneParts->first(fn ($part): bool => $part->zone === $zone && $part->part === Core\Part::Length->value)?->porosity;
            $findings[] = [
                'zone' => $zone,
                'written' => $written,
                'found' => $belief->likeliest()->value,
                'certainty' => $belief->certainty(),
                'date' => (string) max(array_map(fn (Reading $reading): string => $reading->date->format('Y-m-d'), $readings)),
                'differs' => $belief->likeliest()->value !== $written && $belief->certainty() >= self::SURE_ENOUGH,
            ];
        }

        return $findings;
    }

    /** Takes a finding over: the zone is sorted anew from the day it was tested. */
    public static function take(Head $head, string $zone): bool
    {
        foreach (self::of($head) as $finding) {
            if ($finding['zone'] === $zone && $finding['differs']) {
                $parts = array_map(
                    fn (Core\ZonePart $part): Core\ZonePart => $part->zone->value === $zone && $part->part === Core\Part::Length
                        ? new Core\ZonePart($part->zone, $part->part, Core\Porosity::from($finding['found']), $part->strand, $part->chemicallyTreated)
                        : $part,
                    HeadRecord::core($head)->zoneParts,
                );
                TakeIn::zonesAgain($head, $parts, new \DateTimeImmutable($finding['date']));
                OutlookRefresh::after($head);

                return true;
            }
        }

        return false;
    }
}
