<?php

declare(strict_types=1);

use App\Wording\FutureTurns;

/**
 * @param array<string, array{list<float>, list<float>}> $strata moisture and protein by day; 50 is what the hair likes
 */
function aheadOf(array $strata): array
{
    return ['from' => '2027-01-09', 'today' => '2027-01-09', 'stones' => [], 'gauges' => [], 'strata' => array_map(
        fn (string $name, array $of): array => [
            'name' => $name, 'targets' => [50.0, 50.0], 'days' => [],
            'ahead' => array_map(fn (float $m, float $p): array => [$m, 2.0, $p, 2.0, 5.0, 1.0], ...$of),
        ],
        array_keys($strata),
        $strata,
    )];
}

/** @return list<float> comfortable for so many days, and from then on at a level */
function until(int $day, float $then, float $first = 50.0): array
{
    return [...array_fill(0, $day, $first), ...array_fill(0, 60 - $day, $then)];
}

it('says where two futures part, and about when', function (array $planned, array $changed, array $says): void {
    expect(FutureTurns::of(aheadOf($planned), aheadOf($changed), 10.0))->toBe($says);
})->with([
    'the same' => [['crown' => [until(9, 30), until(60, 0)]], ['crown' => [until(9, 30), until(60, 0)]], []],
    'too near to tell' => [['crown' => [until(9, 30), until(60, 0)]], ['crown' => [until(11, 30), until(60, 0)]], []],
    'newly dry' => [
        ['crown' => [until(60, 0), until(60, 0)], 'nape' => [until(60, 0), until(60, 0)]],
        ['crown' => [until(10, 30), until(60, 0)], 'nape' => [until(60, 0), until(60, 0)]],
        ['Crown: dry from about 19 Jan. Your plan keeps it in balance.'],
    ],
    'both alike, once' => [
        ['crown' => [until(60, 0), until(60, 0)], 'nape' => [until(60, 0), until(60, 0)]],
        ['crown' => [until(60, 0), until(10, 70)], 'nape' => [until(60, 0), until(10, 70)]],
        ['The hair: too much protein from about 19 Jan. Your plan keeps it in balance.'],
    ],
    'spared' => [
        ['crown' => [until(10, 70), until(60, 0)]],
        ['crown' => [until(60, 0), until(60, 0)]],
        ['The hair: stays in balance. Your plan lets it get too moist about 19 Jan.'],
    ],
    'later' => [
        ['crown' => [until(60, 0), until(10, 30)]],
        ['crown' => [until(60, 0), until(20, 30)]],
        ['The hair: short of protein from about 29 Jan instead of 19 Jan.'],
    ],
    'mended' => [
        ['crown' => [until(60, 0, 30), until(60, 0)]],
        ['crown' => [until(10, 50, 30), until(60, 0)]],
        ['The hair: no longer dry from about 19 Jan. Your plan does not fix that in these weeks.'],
    ],
    'not mended' => [
        ['crown' => [until(10, 50, 30), until(60, 0)]],
        ['crown' => [until(60, 0, 30), until(60, 0)]],
        ['The hair: still dry after these weeks. Your plan fixes that about 19 Jan.'],
    ],
    'from the first day, and by the plan as well, later' => [
        ['crown' => [until(20, 30), until(60, 0)]],
        ['crown' => [until(60, 0, 30), until(60, 0)]],
        ['The hair: dry from about 9 Jan instead of 29 Jan.'],
    ],
    'by the plan from the first day, and later all the same' => [
        ['crown' => [until(60, 0, 30), until(60, 0)]],
        ['crown' => [until(20, 30), until(60, 0)]],
        ['The hair: dry from about 29 Jan instead of 9 Jan.'],
    ],
    'by the plan from the first day, and never' => [
        ['crown' => [until(60, 0, 30), until(60, 0)]],
        ['crown' => [until(60, 0), until(60, 0)]],
        ['The hair: stays in balance. Your plan lets it get dry about 9 Jan.'],
    ],
    'too little here and too much there' => [
        ['crown' => [until(10, 70), until(60, 0)]],
        ['crown' => [until(20, 30), until(60, 0)]],
        ['The hair: dry from about 29 Jan. By your plan: too moist from about 19 Jan.'],
    ],
    'too little from today here, and too much there' => [
        ['crown' => [until(10, 70), until(60, 0)]],
        ['crown' => [until(60, 0, 30), until(60, 0)]],
        ['The hair: dry from about 9 Jan. By your plan: too moist from about 19 Jan.'],
    ],
    'too much from today there, and too little here' => [
        ['crown' => [until(60, 0, 70), until(60, 0)]],
        ['crown' => [until(20, 30), until(60, 0)]],
        ['The hair: dry from about 29 Jan. By your plan: too moist from about 9 Jan.'],
    ],
    'from the first day' => [
        ['crown' => [until(60, 0), until(60, 0)]],
        ['crown' => [until(60, 0, 30), until(60, 0)]],
        ['The hair: dry from about 9 Jan. Your plan keeps it in balance.'],
    ],
]);
