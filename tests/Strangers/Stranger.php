<?php

declare(strict_types=1);

namespace Tests\Strangers;

use DateTimeImmutable;
use Nagomi\Core\Head\MethodQuestion;
use Nagomi\Core\Head\Zone;
use Nagomi\Core\Readings\Moment;
use Nagomi\Core\Readings\Test;
use Nagomi\Core\Readings\TestCatalogue;
use Nagomi\Core\Statistics\SeededRandom;
use Nagomi\Core\Treatments\CleanseKind;

/**
 * A client that nobody thought of, drawn from a seed: what they bring, what was done to their hair, what was read of
 * it. Everything
 * here can be stored; nothing here is likely.
 */
final class Stranger
{
    private const NAMES = [
        'Vesla',
        'Óli “Ö” Þór',
        "D'Arcy-O’Neill",
        'Li',
        'X',
        'ملاك',
        '李明',
        'Ana  María',
        '=SUM(A1)',
        '<b>Bo</b>',
        '@home',
        "Zoë\u{301}",
        'A very long name indeed that goes on and on until it nearly reaches the end of what there is room for here',
        "O'",
        '-7',
        '🌀 Coil',
    ];

    public readonly SeededRandom $chance;

    public function __construct(public readonly int $seed, public readonly DateTimeImmutable $today)
    {
        $this->chance = new SeededRandom($seed);
    }

    /**
     * @template T
     *
     * @param non-empty-list<T> $from
     *
     * @return T
     */
    public function one(array $from): mixed
    {
        return $from[$this->chance->between(0, count($from) - 1)];
    }

    public function name(): string
    {
        return trim($this->one(self::NAMES) . ' ' . $this->seed);
    }

    public function day(int $mostDaysAgo): string
    {
        return $this->today->modify('-' . $this->chance->between(0, $mostDaysAgo) . ' days')->format('Y-m-d');
    }

    /**
     * How the stranger comes into the book: typed in, as a contact, as a line of a table, or with a record from
     * elsewhere.
     */
    public function comes(): string
    {
        return ['form', 'form', 'record', 'record', 'record', 'card', 'table'][$this->seed % 7];
    }

    /** @return array<string, mixed> an intake as the form sends it, with as much left empty as the form allows */
    public function intake(): array
    {
        $maybe = fn (mixed $value): mixed => $this->chance->happens(0.5) ? $value : '';
        $born = $this->born();
        $isMinor = $born !== '' && $born > $this->today->modify('-18 years')->format('Y-m-d');
        $ring = $maybe((string) $this->one([1, 3.9, 7, 15, 25, 34.9, 36, 80]));

        return [
            'name' => $this->name(),
            'born_on' => $born,
            'guardian_name' => $isMinor ? 'Somebody Grown-Up' : '',
            'overloaded_on' => $maybe($this->today->modify('-200 days')->format('Y-m-d')),
            'consent' => '1',
            'consent_by' => $maybe('Themselves'),
            'ring_mm' => $ring,
            'bends_without_ring' => (string) (int) ($ring === '' && $this->chance->happens(0.3)),
            'strand_um' => $maybe((string) $this->one([20, 59.9, 80, 160])),
            'strand' => $this->one(['fine', 'medium', 'coarse', 'not-measured']),
            'density' => $this->one(['low', 'medium', 'high', 'not-measured']),
            'length_cm' => $maybe((string) $this->one([1, 12.5, 40, 200])),
            'sections' => (string) $this->one([1, 2, 4, 8, 12]),
            'hardness_mg_per_l' => $maybe((string) $this->one([0, 60, 180.5, 1000])),
            'humidity_percent' => (string) $this->one([0, 50, 100]),
            'styling_load' => $this->one(['light', 'medium', 'heavy', 'not-measured']),
            'wash_every_days' => (string) $this->one([2, 7, 10, 35]),
            'minutes_limit' => $maybe((string) $this->one([10, 20, 30, 60, 400])),
            'zones' => $this->zonesOfForm(), 'method' => $this->method(), 'notebook' => $this->notebook(),
            'email' => $maybe('someone@home.example'), 'phone' => $maybe('+351 912 345 678'), 'reminded_by' => 'nobody',
            'household' => $maybe('The lighthouse'),
            'goals' => $maybe("Length.\nAnd rest."),
            'allergies' => $maybe('Wheat; limonene'),
            'health_notes' => $maybe(str_repeat('tender ', 100)),
        ] + array_map(
            fn (): string => (string) (int) $this->chance->happens(0.2),
            array_flip(['swims', 'protein_sensitive', 'sore_scalp', 'tender_edges', 'red_sign', 'asthma_or_pregnant']),
        );
    }

    /** Ages of 4 to 90, and unknown. */
    private function born(): string
    {
        return $this->chance->happens(0.4)
            ? ''
            : $this->today->modify(
                '-'
                    . $this->one([4, 11, 12, 15, 17, 18, 40, 90])
                    . ' years -'
                    . $this->chance->between(0, 300)
                    . ' days',
            )->format('Y-m-d');
    }

    /** @return array<string, string> an answer to each question, or to none */
    public function method(): array
    {
        $answers = [];
        foreach ($this->chance->happens(0.2) ? [] : MethodQuestion::cases() as $question) {
            $answers[$question->value] = $this->one($question->choices());
        }

        return $answers;
    }

    /** @return array<string, array<string, string>> */
    private function zonesOfForm(): array
    {
        $all = $this->one(['low', 'medium', 'high', 'not-measured']);
        $zones = [];
        foreach (Zone::cases() as $zone) {
            $zones[$zone->value] = [
                'length' => $this->chance->happens(0.7) ? $all : $this->one(['low', 'medium', 'high', 'not-measured']),
                'root' => $this->chance->happens(0.15) ? $this->one(['low', 'medium', 'high', 'not-measured']) : '',
                'treated' => (string) (int) $this->chance->happens(0.2),
            ];
        }

        return $zones;
    }

    /** @return list<array<string, string>> one row or a few, as an old notebook has them */
    public function notebook(): array
    {
        return array_map(function (): array {
            $what = $this->one([
                'wash', 'trim', 'mask', 'mild-protein', 'strong-protein', 'clarifying', 'chemical-service',
            ]);

            return [
                'what' => $what,
                'date' => $this->day(700),
                'millimetres' => $what === 'trim' ? '12' : '',
                'approximate' => (string) (int) $this->chance->happens(0.5),
            ];
        }, range(1, max(1, $this->chance->between(0, 5))));
    }

    /** @return array<string, mixed> a wash day as the form sends it: any of its steps, and any of them left out */
    public function washDay(): array
    {
        $maybe = fn (string $value): string => $this->chance->happens(0.5) ? $value : '';
        $protein = $maybe($this->one(['mild-protein', 'strong-protein']));
        $conditioning = $maybe($this->one(['conditioner', 'mask']));

        return [
            'date' => $this->day(420),
            'place' => $this->one(['salon', 'home']),
            'pre_wash' => $maybe($this->one(['oil', 'conditioner', 'mix'])),
            'pre_wash_minutes' => $maybe('30'),
            'cleanse' => $maybe($this->one(array_column(CleanseKind::cases(), 'value'))),
            'passes' => (string) $this->one([1, 2, 3]),
            'protein' => $protein,
            'protein_minutes' => $protein === '' ? '' : $this->one(['5', '0.5', '40']),
            'conditioning' => $conditioning,
            'conditioning_minutes' => $conditioning === '' ? '' : $this->one(['3', '25', '90']),
            'heat' => (string) (int) $this->chance->happens(0.3),
            'detangle_minutes' => $maybe($this->one(['0.5', '8', '45', '300'])),
            'tool' => $maybe($this->one(['fingers', 'comb', 'brush'])),
            'detangling' => $this->one(['wet-with-slip', 'wet-without', 'dry-with-oil', 'dry-without']),
            'leave_in' => (string) (int) $this->chance->happens(0.5),
            'seal' => (string) (int) $this->chance->happens(0.5),
            'trim_mm' => $maybe('15'),
            'heat_tool' => $maybe($this->one(['medium', 'high'])),
            'up_style' => $maybe($this->one(['loose', 'tight'])),
            'swim' => $maybe($this->one(['pool', 'sea'])),
            'wetting' => (string) (int) $this->chance->happens(0.2),
            'chemical' => (string) (int) $this->chance->happens(0.1),
            'asked' => '1', 'sure' => '1',
        ];
    }

    /** @return array<string, mixed> a visit as the form sends it: any tests of one moment, likely or not */
    public function visit(): array
    {
        $moment = $this->one(Moment::cases());
        $tests = array_values(array_filter(
            TestCatalogue::tests(),
            fn (Test $test): bool => in_array($moment, $test->moments(), true),
        ));
        $raw = [];
        for ($i = $this->chance->between(1, 4); $i > 0; $i--) {
            $test = $this->one($tests === [] ? array_values(TestCatalogue::tests()) : $tests);
            $raw[$test->name()] = $this->raw($test);
        }

        return [
            'date' => $this->day(400),
            'moment' => $moment->value,
            'zone' => $this->one(['', '', ...array_column(Zone::cases(), 'value')]),
            'raw' => $raw,
        ];
    }

    /** @return array<string, mixed> */
    private function raw(Test $test): array
    {
        if ($test->name() === 'wet-stretch') {
            return ['hairs' => array_map(function (): array {
                $rest = $this->one([30, 100, 250]);

                return $this->chance->happens(0.3)
                    ? ['rest_mm' => $rest, 'stretched_mm' => $rest * 1.2, 'snapped' => '1']
                    : [
                        'rest_mm' => $rest,
                        'stretched_mm' => $rest * 1.5,
                        'returned_mm' => $rest * $this->one([1.0, 1.1, 1.5]),
                    ];
            }, range(1, $this->chance->between(1, 4)))];
        }
        $raw = [];
        foreach ($test->rawMeasures() as $measure) {
            if ($measure->optional && $this->chance->happens(0.5)) {
                continue;
            }
            $value = $measure->least + ($measure->most - $measure->least) * $this->one([0.0, 0.1, 0.5, 1.0]);
            $raw[$measure->name] = $measure->whole ? (int) $value : round($value, 1);
        }
        // What no test can have been: more hairs than were held, a wet section lighter than the dry one, a curl longer
        // than itself.
        if (($test->problems($raw)) !== []) {
            return $this->raw($this->one(array_values(array_filter(
                TestCatalogue::tests(),
                fn (Test $other): bool => $other->name() === $test->name(),
            ))));
        }

        return $raw;
    }

    /**
     * @return array<string, mixed> a care record from elsewhere: few or many strata, gaps, approximate days,
     *     contradictions
     */
    public function record(): array
    {
        $zones = [];
        $kinds = $this->chance->between(1, 3);
        $porosities = array_slice(['low', 'medium', 'high', 'not-measured'], $this->chance->between(0, 1), $kinds);
        foreach ($this->chance->happens(0.2) ? [Zone::Crown] : Zone::cases() as $zone) {
            $part = ['zone' => $zone->value, 'porosity' => $this->one($porosities)] + (
                $this->chance->happens(0.5)
                    ? ['strand' => $this->one(['fine', 'medium', 'coarse', 'not-measured'])]
                    : []
            ) + ($this->chance->happens(0.2) ? ['chemically_treated' => true] : []);
            $zones[] = $part + ['part' => 'length'];
            if ($this->chance->happens(0.15)) {
                $zones[] = ['part' => 'root', 'porosity' => $this->one($porosities)] + $part;
            }
        }
        $head = [
            'id' => "stranger-{$this->seed}",
            'name' => $this->name(),
            'zones' => $zones,
        ] + ($this->chance->happens(0.6) ? ['method' => $this->method()] : []);
        foreach (
            [
                'hardness_mg_per_l' => [0, 90, 400], 'length_mm' => [10, 300, 1200], 'sections' => [1, 4, 12],
                'wash_every_days' => [2, 7, 35], 'minutes_limit' => [10, 45, 400], 'styling_load' => ['light', 'heavy'],
                'humidity_percent' => [20, 90], 'sore_scalp' => [true], 'red_sign' => [true], 'swims' => [true],
                'protein_sensitive' => [true],
            ] as $field => $values
        ) {
            if ($this->chance->happens(0.4)) {
                $head[$field] = $this->one($values);
            }
        }
        $events = [];
        for ($i = $this->one([0, 1, 2, 12]); $i > 0; $i--) {
            $events[] = [
                'id' => "e{$i}",
                'date' => $this->day(800),
                'approximate' => $this->chance->happens(0.3),
                'steps' => $this->steps(),
            ];
        }

        return [
            'format' => 'nagomi-care-record', 'version' => 1, 'head' => $head, 'events' => $events,
            'readings' => $this->readings(),
        ]
            + (
                $this->chance->happens(0.5)
                    ? [
                        'intake' => array_filter(
                            [
                                'born_on' => $this->born(), 'ring_mm' => $this->one([null, 3, 20, 70]),
                                'bends_without_ring' => $this->one([null, true]), 'allergies' => 'Nuts',
                                'something_else' => 'carried',
                            ],
                            fn (mixed $value): bool => $value !== null && $value !== '',
                        ),
                    ]
                    : []
            );
    }

    /** @return non-empty-list<array<string, mixed>> */
    private function steps(): array
    {
        $all = [
            ['kind' => 'pre-wash', 'minutes' => 30, 'how' => $this->one(['oil', 'conditioner', 'mix'])],
            [
                'kind' => 'cleanse',
                'cleanse' => $this->one(array_column(CleanseKind::cases(), 'value')),
                'passes' => $this->one([1, 3]),
            ],
            ['kind' => 'mild-protein', 'minutes' => 5],
            ['kind' => 'strong-protein', 'minutes' => $this->one([0.5, 720])],
            ['kind' => 'mask', 'minutes' => $this->one([1, 25, 120]), 'heat' => $this->chance->happens(0.5)],
            ['kind' => 'conditioner', 'minutes' => 3],
            ['kind' => 'detangle', 'minutes' => $this->one([0.5, 20, 240]), 'how' => 'wet-with-slip', 'tool' => 'comb'],
            ['kind' => 'leave-in'],
            ['kind' => 'seal'],
            ['kind' => 'trim', 'millimetres' => $this->one([0.5, 900])],
            ['kind' => 'up-style', 'how' => $this->one(['loose', 'tight'])],
            ['kind' => 'swim', 'how' => 'sea'],
            ['kind' => 'chemical-service'],
            ['kind' => 'heat-tool', 'how' => 'high'],
        ];
        $steps = array_values(array_filter($all, fn (): bool => $this->chance->happens(0.35)));

        return $steps === [] ? [$this->one($all)] : $steps;
    }

    /** @return list<array<string, mixed>> none, one, or some that contradict one another */
    private function readings(): array
    {
        $readings = [];
        for ($i = $this->one([0, 0, 1, 6]); $i > 0; $i--) {
            $test = $this->one(array_values(array_filter(
                TestCatalogue::tests(),
                fn (Test $test): bool => $test->name() !== 'detangling',
            )));
            $readings[] = [
                'id' => "r{$i}", 'date' => $this->day(500), 'moment' => $this->one($test->moments())->value,
                'test' => $test->name(), 'raw' => $this->clean($this->raw($test)),
                'by' => $this->one(['Ilse', 'Quim', '']),
            ] + ($this->chance->happens(0.3) ? ['zone' => $this->one(array_column(Zone::cases(), 'value'))] : []);
        }

        return $readings;
    }

    /**
     * @param array<string, mixed> $raw
     *
     * @return array<string, mixed> as a record says it: a snapped hair is true or false
     */
    private function clean(array $raw): array
    {
        foreach (is_array($raw['hairs'] ?? null) ? $raw['hairs'] : [] as $i => $hair) {
            if (is_array($hair) && isset($hair['snapped'])) {
                $raw['hairs'][$i]['snapped'] = true;
            }
        }

        return $raw;
    }
}
