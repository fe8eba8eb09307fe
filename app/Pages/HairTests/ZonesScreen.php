<?php

declare(strict_types=1);

namespace App\Pages\HairTests;

use App\Drawings\HeadMap;
use App\Models\Head;
use App\Models\Reading;
use App\Models\User;
use App\Wording\SalonClock;
use App\Wording\Words;
use Illuminate\Support\Str;
use Nagomi\Core\Head\Zone;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Readings\Sign;
use Nagomi\Core\Readings\Test;
use Nagomi\Core\Readings\TestCatalogue;
use Nagomi\Core\Readings\Unit;

/** One measure all over the head: what was read last in each zone, and the fields to read it anew. */
final readonly class ZonesScreen
{
    /** The tests taken zone by zone, each with the sign its map shows. */
    private const TESTS = [
        'wetting' => Sign::WettingTime, 'drying' => Sign::DryingTime, 'length' => Sign::Length,
        'strand-diameter' => Sign::StrandDiameter, 'curl' => Sign::RingDiameter,
        'ends' => Sign::Ends, 'wet-stretch' => Sign::WetStretch, 'squish' => Sign::Squish,
        'water-in-hair' => Sign::WaterInHair, 'moisture-meter' => Sign::MeteredWater, 'scalp' => Sign::ScalpFlakes,
    ];

    private const SCALP = 'scalp';

    public function __construct(
        private HairTestsScreen $hairTestsScreen,
        private Parameters $parameters,
    ) {
    }

    /**
     * @param mixed $at the moment as it was asked for
     */
    public function of(Head $head, User $stylist, mixed $at, string $wanted): ZonesPage
    {
        $moment = $this->hairTestsScreen->moment($at);
        $tests = array_filter(
            array_intersect_key(array_replace(self::TESTS, TestCatalogue::tests()), self::TESTS),
            fn (Test|Sign $test): bool => $test instanceof Test && in_array($moment, $test->moments(), true),
        );
        $test = $tests[$wanted] ?? reset($tests) ?: TestCatalogue::tests()['length'];
        $last = $this->last($head, $test);

        // Flakes are summed over the head; one zone has points of 10.
        $of = $test->name() === self::SCALP ? Sign::ScalpItch : self::TESTS[$test->name()];
        $unit = Words::of("sign_units.{$of->value}");

        return new ZonesPage(
            head: $head,
            moment: $moment->value,
            tests: array_keys($tests),
            test: $test,
            name: $test->name(),
            scalp: $test->name() === self::SCALP,
            unit: $unit,
            map: HeadMap::measured($last, $unit),
            last: $last,
            visit: strtolower((string) Str::ulid()),
            today: $head->salon->today(),
            units: $stylist->units ?? [],
            unitFactors: Unit::factors(),
            values: [],
            daysSinceDetangled: null,
        );
    }

    /** @return array<string, array{value: float, date: string}> by zone */
    private function last(Head $head, Test $test): array
    {
        /** @var iterable<Reading> $readings */
        $readings = $head
            ->readings()
            ->reorder()
            ->where('test', $test->name())
            ->orderByDesc('date')
            ->orderByDesc('id')
            ->limit(200)
            ->get(['id', 'date', 'raw', 'zone']);
        $last = [];
        foreach ($readings as $reading) {
            foreach ($this->values($reading, $test) as $zone => $value) {
                $last[$zone] ??= [
                    'value' => round($value, 1), 'date' => SalonClock::dayInWords($reading->date, 'j M Y'),
                ];
            }
        }

        return $last;
    }

    /** @return array<string, float> by zone; a scalp map holds all eight at once */
    private function values(Reading $reading, Test $test): array
    {
        if ($test->name() === self::SCALP) {
            $values = [];
            foreach (Zone::cases() as $zone) {
                $flakes = $reading->raw["flakes_{$zone->value}"] ?? null;
                $values += is_numeric($flakes) ? [$zone->value => (float) $flakes] : [];
            }

            return $values;
        }
        foreach ($reading->zone === null ? [] : $test->measure($reading->raw, $this->parameters) as $measured) {
            if ($measured->sign === self::TESTS[$test->name()]) {
                return [(string) $reading->zone => $measured->value];
            }
        }

        return [];
    }
}
