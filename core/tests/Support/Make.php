<?php

declare(strict_types=1);

namespace Nagomi\Core\Tests\Support;

use DateTimeImmutable;
use Nagomi\Core\Estimation\Prior;
use Nagomi\Core\Estimation\Snapshot;
use Nagomi\Core\Estimation\State;
use Nagomi\Core\Estimation\StateLayout;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Head\Method;
use Nagomi\Core\Head\Part;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Head\StrandDiameter;
use Nagomi\Core\Head\StylingLoad;
use Nagomi\Core\Head\Zone;
use Nagomi\Core\Head\ZonePart;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Readings\Moment;
use Nagomi\Core\Readings\Reading;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;
use Nagomi\Core\Treatments\WashDay;

/** Heads, states and histories for the tests. */
final class Make
{
    /** @param list<Zone> $lowZones zones of low porosity, the rest as given */
    public static function head(
        Porosity $porosity = Porosity::Medium,
        array $lowZones = [],
        StylingLoad $load = StylingLoad::Medium,
        float $hardness = 100,
        bool $sensitive = false,
        bool $sore = false,
        int $every = 7,
        ?int $limit = null,
        Method $method = new Method(['oils' => 'none']),
        StrandDiameter $strand = StrandDiameter::Medium,
        ?Parameters $parameters = null,
    ): Head {
        $parts = array_map(
            static fn (Zone $zone): ZonePart => new ZonePart(
                $zone,
                Part::Length,
                in_array($zone, $lowZones, true) ? Porosity::Low : $porosity,
                $strand,
            ),
            Zone::cases(),
        );

        return new Head(
            $parts,
            $hardness,
            50,
            $load,
            $sensitive,
            $sore,
            false,
            300,
            4,
            $every,
            $limit,
            $method,
            parameters: $parameters,
        );
    }

    public static function day(string $date = '2026-03-02'): DateTimeImmutable
    {
        return Calendar::day($date) ?? throw new \LogicException("{$date} is no day");
    }

    /** A head at its targets, with build-up 5 and 5, known almost exactly. */
    public static function atTarget(Head $head): Snapshot
    {
        $state = Prior::of($head);
        $mean = $state->mean;
        $covariance = array_fill(0, $state->layout->size, array_fill(0, $state->layout->size, 0.0));
        foreach ($head->strata as $s => $stratum) {
            $mean[$state->layout->of($s, StateLayout::MOISTURE)] = $stratum->targetMoisture();
            $mean[$state->layout->of($s, StateLayout::PROTEIN)] = $stratum->targetProtein($head->proteinSensitive);
            $mean[$state->layout->of($s, StateLayout::WASHABLE)] = 5.0;
            $mean[$state->layout->of($s, StateLayout::STUBBORN)] = 5.0;
        }

        return new Snapshot(self::day(), new State($state->layout, array_values($mean), $covariance), false);
    }

    /** @param list<Step> $steps */
    public static function washDay(string $date, array $steps): WashDay
    {
        return new WashDay("wash-{$date}", self::day($date), $steps);
    }

    /** @return list<Step> */
    public static function usualWash(): array
    {
        return [Step::cleanse(CleanseKind::Shampoo), Step::mask(25)];
    }

    /** @param array<mixed> $raw */
    public static function reading(
        string $date,
        string $test,
        array $raw,
        Moment $moment = Moment::BeforeCleansing,
        ?Zone $zone = null,
        bool $confirmed = false,
    ): Reading {
        return new Reading(
            "{$test}-{$date}-{$moment->value}",
            self::day($date),
            $moment,
            $test,
            $raw,
            $zone,
            'Ilse',
            $confirmed,
        );
    }

    /** The five readings of a visit, as a head a little dry would give them. @return list<Reading> */
    public static function fiveReadings(string $date): array
    {
        return [
            self::reading(
                $date,
                'build-up-signs',
                ['dull' => 1, 'beads' => 0, 'film' => 0, 'sticky' => 1, 'no_lather' => 0],
            ),
            self::reading($date, 'dryness', ['points' => 5]),
            self::reading($date, 'feel', ['points' => -1]),
            self::reading($date, 'wet-stretch', ['hairs' => [
                ['rest_mm' => 100, 'stretched_mm' => 138, 'returned_mm' => 102],
                ['rest_mm' => 100, 'stretched_mm' => 135, 'returned_mm' => 101],
                ['rest_mm' => 100, 'stretched_mm' => 131, 'snapped' => true],
            ]]),
            self::reading($date, 'broken-hairs', ['shed' => 420, 'broken' => 22, 'days_since_detangled' => 7]),
        ];
    }

    /** @return list<StepKind> */
    public static function kinds(WashDay $day): array
    {
        return array_map(static fn (Step $step): StepKind => $step->kind, $day->steps);
    }
}
