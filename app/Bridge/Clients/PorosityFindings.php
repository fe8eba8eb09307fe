<?php

declare(strict_types=1);

namespace App\Bridge\Clients;

use App\Bridge\Plans\OutlookRefresh;
use App\Bridge\Readings\MeasuredSigns;
use App\Models\Head;
use App\Models\Reading;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Readings\PorosityBelief;

/** What wetting and drying tests say of each zone's porosity, beside what is written of it. */
final readonly class PorosityFindings
{
    private const DAYS = 180;

    public function __construct(
        private HeadRecord $headRecord,
        private OutlookRefresh $outlookRefresh,
        private RecordImporter $recordImporter,
        private MeasuredSigns $measuredSigns,
        private Parameters $parameters,
    ) {
    }

    /**
     * @return list<array{
     *     zone: string, written: string, found: string, certainty: float, date: string, differs: bool,
     * }> one for each zone that was tested
     */
    public function of(Head $head): array
    {
        $since = $head->salon->today()->subDays(self::DAYS)->format('Y-m-d');
        $byZone = [];
        foreach (
            $head
                ->readings()
                ->where('date', '>=', $since)
                ->whereIn('test', ['wetting', 'drying'])
                ->whereNotNull('zone')
                ->get() as $reading
        ) {
            /** @var Reading $reading */
            // The newest of each test counts.
            $byZone[(string) $reading->zone][$reading->test] = $reading;
        }
        $buildUp = array_map(fn (array $stratum): float => $stratum['build_up'][0], $head->outlook->standing ?? []);
        // Under build-up, beading says little of porosity.
        $coated = $buildUp !== [] && max($buildUp) > $this->parameters->planning->buildUpLimit;
        [$usual, $findings] = [$this->parameters->readings, []];
        foreach ($byZone as $zone => $readings) {
            $measured = array_merge(...array_values(array_map(
                fn (Reading $reading): array => $this->measuredSigns->of($reading),
                $readings,
            )));
            $belief = PorosityBelief::of($measured, $usual, $coated);
            $written = (string) $head->zoneParts->first(
                fn ($part): bool => $part->zone === $zone && $part->part === \Nagomi\Core\Head\Part::Length->value,
            )?->porosity;
            $findings[] = [
                'zone' => $zone,
                'written' => $written,
                'found' => $belief->likeliest()->value,
                'certainty' => $belief->certainty(),
                'date' => (string) max(array_map(fn (Reading $one): string => $one->date->format('Y-m-d'), $readings)),
                'differs' => $belief->likeliest()->value !== $written
                    && $belief->certainty() >= $usual->porositySureFrom,
            ];
        }

        return $findings;
    }

    /** Takes a finding over: the zone is sorted anew from the day it was tested. */
    public function take(Head $head, string $zone): bool
    {
        foreach ($this->of($head) as $finding) {
            if ($finding['zone'] === $zone && $finding['differs']) {
                $parts = array_map(
                    fn (\Nagomi\Core\Head\ZonePart $part): \Nagomi\Core\Head\ZonePart => $part->zone->value === $zone
                        && $part->part === \Nagomi\Core\Head\Part::Length
                        ? new \Nagomi\Core\Head\ZonePart(
                            $part->zone,
                            $part->part,
                            \Nagomi\Core\Head\Porosity::from($finding['found']),
                            $part->strand,
                            $part->chemicallyTreated,
                        )
                        : $part,
                    $this->headRecord->core($head)->zoneParts,
                );
                $this->recordImporter->zonesAgain($head, $parts, new \DateTimeImmutable($finding['date']));
                $this->outlookRefresh->after($head);

                return true;
            }
        }

        return false;
    }
}
