<?php

declare(strict_types=1);

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Readings\TestCatalogue;
use Nagomi\Core\Record\CareRecordReader;
use Nagomi\Core\Record\CareRecordWriter;
use Nagomi\Core\Record\EngineAnswer;
use Nagomi\Core\Record\InvalidRecord;
use Nagomi\Core\Record\RecordProblem;
use Nagomi\Core\Tests\Support\English;
use Nagomi\Core\Tests\Support\Make;
use Nagomi\Core\Wording\Message;
use Opis\JsonSchema\Validator;

/** @return array<string, mixed> */
function example(string $name = 'mixed-porosity'): array
{
    return json_decode(
        (string) file_get_contents(__DIR__ . "/../../../docs/examples/{$name}.json"),
        true,
        64,
        JSON_THROW_ON_ERROR,
    );
}

/** @return list<string> */
function problemsOf(array|string $record): array
{
    try {
        CareRecordReader::read(
            is_string($record) ? $record : json_encode($record, JSON_THROW_ON_ERROR),
            Parameters::shipped(),
        );
    } catch (InvalidRecord $invalid) {
        return English::all(array_map(fn (RecordProblem $one): Message => $one->line(), $invalid->problems));
    }

    return [];
}

function fitsSchema(array $record): bool
{
    $schema = json_decode((string) file_get_contents(__DIR__ . '/../../../docs/care-record.schema.json'));

    return (new Validator())->validate(json_decode(json_encode($record, JSON_THROW_ON_ERROR)), $schema)->isValid();
}

dataset('examples', function (): Generator {
    foreach (glob(__DIR__ . '/../../../docs/examples/*.json') ?: [] as $file) {
        yield basename($file) => [(string) file_get_contents($file)];
    }
});

it('reads every example, which fits the schema, and writes it back without loss', function (string $json): void {
    $record = CareRecordReader::read($json, Parameters::shipped());
    expect(json_decode(CareRecordWriter::write($record), true))->toEqual(json_decode($json, true));
    expect(fitsSchema(json_decode($json, true)))->toBeTrue();
})->with('examples');

it('answers forecast, plan and explain for every example with the fixed keys', function (string $json): void {
    $answer = new EngineAnswer(
        CareRecordReader::read($json, Parameters::shipped()),
        Make::day('2027-01-09'),
        English::sentences(),
        4,
    );
    $forecast = $answer->forecast();
    expect($forecast['strata'][0]['days'][0])->toHaveKeys(['date', 'moisture', 'protein', 'build_up'])
        ->and($forecast['strata'][0]['days'])->toHaveCount(29);
    $plan = $answer->plan();
    expect($plan)->toHaveKeys(['items', 'rules_broken'])
        ->and($plan['items'][0])->toHaveKeys(['date', 'steps', 'minutes', 'reason', 'without']);
    expect(array_sum($answer->explain()['probabilities']))->toEqualWithDelta(1.0, 1e-9);
})->with('examples');

it('names every problem with its path and takes nothing in', function (): void {
    $record = example();
    $record['version'] = 7;
    $record['head']['zones'][0]['porosity'] = 'spongy';
    $record['head']['hardness_mg_per_l'] = -5;
    $record['head']['colour'] = 'red';
    $record['events'][0]['date'] = '2026-02-31';
    $record['events'][1]['steps'][0] = ['kind' => 'mask', 'minutes' => 3000];
    $record['readings'][0] = [
        'id' => 'r',
        'date' => '2026-01-01',
        'test' => 'wet-stretch',
        'raw' => ['hairs' => [['rest_mm' => 100, 'stretched_mm' => 90, 'returned_mm' => 90]]],
    ];
    $problems = implode("\n", problemsOf($record));
    expect($problems)->toContain('version: this release reads version 1')
        ->toContain('head.zones[0].porosity: choose one of low, medium, high')
        ->toContain('head.hardness_mg_per_l: give a number of 0 to 1000 mg/L')
        ->toContain('head.colour: is not a field')
        ->toContain('events[0].date: give a day that exists')
        ->toContain('events[1].steps[0].minutes: give a number of 0.5 to 720 minutes')
        ->toContain('readings[0].raw.hairs[0].stretched_mm');
});

it('refuses what is no record at all', function (string $json, string $sentence): void {
    expect(implode(' ', problemsOf($json)))->toContain($sentence);
})->with([
    'not JSON' => ['{"format":', 'this is not JSON'],
    'a list' => ['[]', 'one JSON object'],
    'a number' => ['7', 'one JSON object'],
    'another format' => ['{"format":"notes"}', 'give "nagomi-care-record"'],
    'far too large' => [fn (): string => str_repeat(' ', 5_000_001), 'larger than 5 MB'],
]);

it('agrees with the schema on what is wrong', function (callable $break): void {
    $record = $break(example());
    expect(problemsOf($record))->not->toBe([]);
    expect(fitsSchema($record))->toBeFalse();
})->with([
    'wrong version' => [fn (array $r): array => ['version' => 2] + $r],
    'no zones' => [
        fn (array $r): array => array_replace_recursive(
            $r,
            ['head' => ['zones' => [['zone' => 'chin', 'porosity' => 'low']]]],
        ),
    ],
    'unknown school' => [
        fn (array $r): array => array_replace_recursive($r, ['head' => ['method' => ['protein' => 'always']]]),
    ],
    'minutes of zero' => [
        fn (array $r): array => array_replace_recursive($r, ['events' => [['steps' => [['minutes' => 0]]]]]),
    ],
    'seventeen sections to style' => [
        fn (array $r): array => array_replace_recursive($r, ['head' => ['styling_sections' => 17]]),
    ],
    'no section to wash' => [
        fn (array $r): array => array_replace_recursive($r, ['head' => ['washing_sections' => 0]]),
    ],
    'unknown field' => [fn (array $r): array => $r + ['mood' => 'good']],
    'dryness of 11' => [
        fn (array $r): array => array_replace(
            $r,
            ['readings' => [['id' => 'a', 'date' => '2026-01-01', 'test' => 'dryness', 'raw' => ['points' => 11]]]],
        ),
    ],
]);

it('refuses the same id twice', function (): void {
    $record = example();
    $record['events'][1]['id'] = $record['events'][0]['id'];
    expect(implode(' ', problemsOf($record)))->toContain('2 times');
});

it('refuses the same wash day twice under two ids, and two sortings of the zones on one day', function (): void {
    $record = example();
    $record['events'][1] = ['id' => 'again'] + $record['events'][0];
    $zones = $record['head']['zones'];
    $record['head']['zones_before'] = [
        ['until' => '2026-09-01', 'zones' => $zones],
        ['until' => '2026-09-01', 'zones' => $zones],
    ];
    expect(implode("\n", problemsOf($record)))->toContain('events: again is the same as')->toContain(
        'head.zones_before: the id 2026-09-01 stands there 2 times',
    );
});

it('reads and writes what a season must keep to, the air, biases and zones of before without loss, and fits the schema', function (): void {
    $record = example();
    $record['head']['zones_before'] = [[
        'until' => '2026-09-01',
        'zones' => array_slice($record['head']['zones'], 0, 3),
    ]];
    $record['stylist_biases'] = [['by' => 'Ilse', 'sign' => 'dryness', 'mean' => 0.4, 'sd' => 0.1, 'noise' => 1.4]];
    $record['air'] = ['humidity_percent_by_day' => ['01-01' => 71.5, '02-29' => 60.0]];
    $record['clearances'] = [
        [
            'sign' => 'sore', 'raised_on' => '2026-11-02', 'raised_by' => 'Ilse',
            'seen' => 'tender behind the left ear', 'cleared_on' => '2026-11-20',
            'cleared_by' => 'Dr Amparo Winterhalter',
        ],
        [
            'sign' => 'red', 'raised_on' => '2026-12-02', 'raised_by' => 'Ilse', 'seen' => 'a patch without hair',
            'cleared_on' => null, 'cleared_by' => null,
        ],
    ];
    $record['season'] = [
        'away' => [['from' => '2027-02-01', 'until' => '2027-02-10']],
        'salon_days' => ['2027-01-20'],
        'not_at_home' => ['strong-protein'],
        'home_minutes_limit' => 90,
        'stock' => ['mask' => 4],
        'prices' => ['mask' => 3.5],
        'patch_test_until' => ['clarifying' => '2027-01-20'],
        'promised' => [['date' => '2027-01-20', 'treatment' => 'mask']],
        'by_hand' => [[
            'date' => '2027-03-01', 'cleanse' => 'gentle', 'passes' => 1, 'mask_minutes' => 20.0, 'heat' => false,
            'protein' => 'mild-protein', 'reason' => 'A trial', 'by' => 'Ilse',
        ]],
    ];
    expect(fitsSchema($record))->toBeTrue();
    $written = json_decode(
        CareRecordWriter::write(
            CareRecordReader::read(json_encode($record, JSON_THROW_ON_ERROR), Parameters::shipped()),
        ),
        true,
    );
    expect($written)->toEqual($record);
});

it('names what is wrong with a clearance by its path', function (array $clearance, string $problem): void {
    $record = example();
    $record['clearances'] = [
        $clearance + [
            'sign' => 'red',
            'raised_on' => '2026-12-02',
            'raised_by' => 'Ilse',
            'seen' => 'a patch without hair',
        ],
    ];
    expect(implode("\n", problemsOf($record)))->toContain($problem);
})->with([
    'another sign' => [['sign' => 'green'], 'clearances[0].sign'],
    'nobody cleared it' => [
        ['cleared_on' => '2026-12-05', 'cleared_by' => ''],
        'clearances[0].cleared_by: name who cleared it',
    ],
    'cleared before it was raised' => [
        ['cleared_on' => '2026-12-01', 'cleared_by' => 'Dr W'],
        'a sign is not cleared before it was raised; give a day from 2026-12-02 on',
    ],
    'no day' => [['cleared_by' => 'Dr W'], 'clearances[0].cleared_on'],
    'a mood' => [['mood' => 'calm'], 'clearances[0].mood'],
]);

it('names what is wrong with the terms of a season by its path', function (array $season, string $problem): void {
    $record = example();
    $record['season'] = $season;
    expect(implode("\n", problemsOf($record)))->toContain($problem);
    expect(fitsSchema($record))->toBeFalse();
})->with([
    [['away' => [['from' => '2027-02-31', 'until' => '2027-03-01']]], 'season.away[0].from: give a day that exists'],
    [['stock' => ['mask' => -1]], 'season.stock.mask: give a whole number of 0'],
    [['stock' => ['soap' => 1]], 'season: soap: choose one of'],
    [['by_hand' => [['date' => '2027-03-01', 'cleanse' => 'gentle', 'reason' => '']]], 'season.by_hand[0].reason'],
    [
        ['by_hand' => [['date' => '2027-03-01', 'cleanse' => 'petrol', 'reason' => 'x']]],
        'season.by_hand[0].cleanse: choose one of',
    ],
    [['salon_days' => ['soon']], 'season.salon_days[0]: give a day that exists'],
    [['mood' => 'good'], 'season.mood: is not a field'],
]);

it('speaks JSON on the command line, with exit 0, or 2 and the problems on standard error', function (): void {
    $run = function (string ...$arguments): array {
        $process = proc_open(
            [PHP_BINARY, __DIR__ . '/../../../bin/core', ...$arguments],
            [0 => ['pipe', 'r'], 1 => ['pipe', 'w'], 2 => ['pipe', 'w']],
            $pipes,
        );
        fclose($pipes[0]);
        [$out, $error] = [stream_get_contents($pipes[1]), stream_get_contents($pipes[2])];

        return [proc_close($process), $out, $error];
    };
    $file = __DIR__ . '/../../../docs/examples/mixed-porosity.json';
    [$exit, $out] = $run('plan', $file, '--today', '2027-01-09', '--weeks', '2');
    expect($exit)->toBe(0)->and(json_decode($out, true)['today'])->toBe('2027-01-09');
    foreach (
        [
            ['plan', 'nowhere.json'], ['plan', $file, '--today', '2027-02-31'], ['plan', $file, '--weeks', '90'],
            ['dance', $file], ['plan', __FILE__],
        ] as $wrong
    ) {
        [$exit, $out, $error] = $run(...$wrong);
        expect($exit)->toBe(2)->and($out)->toBe('')->and($error)->not->toBe('');
    }
    [$exit, $out] = $run('reading', '--list');
    expect($exit)->toBe(0)->and(json_decode($out, true)['tests'])->toHaveCount(32);
});

it('gives every test of the Bench its limits in the schema', function (): void {
    $schema = json_decode((string) file_get_contents(__DIR__ . '/../../../docs/care-record.schema.json'), true);
    $byTest = [];
    foreach ($schema['properties']['readings']['items']['allOf'] as $clause) {
        $byTest[$clause['if']['properties']['test']['const']] = $clause['then']['properties']['raw'];
    }
    expect(array_keys($byTest))->toEqualCanonicalizing(array_keys(TestCatalogue::tests()));
    foreach (array_diff_key(TestCatalogue::tests(), ['wet-stretch' => true]) as $name => $test) {
        foreach ($test->rawMeasures() as $measure) {
            $of = $byTest[$name]['properties'][$measure->name];
            expect((float) $of['minimum'])
                ->toBe($measure->least, "{$name} {$measure->name}")
                ->and((float) $of['maximum'])
                ->toBe($measure->most, "{$name} {$measure->name}")
                ->and(in_array(
                    $measure->name,
                    $byTest[$name]['required'] ?? [$measure->name],
                    true,
                ))->toBe(! $measure->optional);
        }
    }
});

it('knows from what was said of the person that the edges are tender', function (): void {
    $read = static fn (array $intake): bool => CareRecordReader::read(
        json_encode(['intake' => $intake] + example(), JSON_THROW_ON_ERROR),
        Parameters::shipped(),
    )->head->tenderEdges;
    expect($read(['tender_edges' => true]))->toBeTrue()
        ->and($read(['tender_edges' => false]))->toBeFalse()
        ->and($read(['tender_edges' => 'yes']))->toBeFalse()
        ->and($read([]))->toBeFalse();
});
