<?php

declare(strict_types=1);

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Readings\BrokenHairs;
use Nagomi\Core\Readings\Sign;
use Nagomi\Core\Readings\TestCatalogue;
use Nagomi\Core\Tests\Support\English;
use Nagomi\Core\Tests\Support\Make;

it('reads stretch and return off each hair and halves the doubt with four of them', function (): void {
    $test = TestCatalogue::test('wet-stretch');
    $hair = ['rest_mm' => 100, 'stretched_mm' => 150, 'returned_mm' => 110];
    [$stretch, $return] = $test->measure(['hairs' => [$hair, $hair, $hair, $hair]], Parameters::shipped());
    expect($stretch->value)->toEqualWithDelta(50.0, 1e-9)->and($stretch->sd)->toEqualWithDelta(2.5, 1e-9)
        ->and($return->value)->toEqualWithDelta(80.0, 1e-9)->and($return->sign)->toBe(Sign::StretchReturn);
});

it('takes wet hair that gives 50 % and returns as healthy (Milady Standard Cosmetology; from memory)', function (): void {
    [$stretch] = TestCatalogue::test('wet-stretch')->measure([
        'hairs' => [['rest_mm' => 100, 'stretched_mm' => 150, 'returned_mm' => 100]],
    ], Parameters::shipped());
    expect(English::say($stretch->means))->toContain('healthy');
});

it('says what short snapping hair may be, and that history tells', function (): void {
    $measured = TestCatalogue::test('wet-stretch')->measure([
        'hairs' => [['rest_mm' => 100, 'stretched_mm' => 115, 'snapped' => true]],
    ], Parameters::shipped());
    expect($measured)->toHaveCount(1)->and(English::say($measured[0]->means))->toContain('history');
});

it('expects 50 to 100 shed hairs for each day since detangling (American Academy of Dermatology)', function (): void {
    expect(BrokenHairs::usualShed(7, Parameters::shipped()->readings))->toBe(['least' => 350.0, 'most' => 700.0]);
    [$broken] = TestCatalogue::test('broken-hairs')->measure([
        'shed' => 650,
        'broken' => 14,
        'days_since_detangled' => 7,
    ], Parameters::shipped());
    expect(English::say($broken->means))->toContain('as many shed as the 350 to 700 usual');
    [$broken] = TestCatalogue::test('broken-hairs')->measure([
        'shed' => 650,
        'broken' => 60,
        'days_since_detangled' => 3,
    ], Parameters::shipped());
    expect(English::say($broken->means))->toContain(
        'more shed than the 150 to 300 usual',
    )->toContain('more than twice');
});

it('says what to type instead', function (string $test, array $raw, string $path, string $sentence): void {
    $problems = TestCatalogue::test($test)->problems($raw);
    expect($problems)->toHaveKey($path)->and(English::say($problems[$path]))->toContain($sentence);
})->with([
    'stretched below rest' => [
        'wet-stretch',
        ['hairs' => [['rest_mm' => 100, 'stretched_mm' => 90, 'returned_mm' => 90]]],
        'hairs.0.stretched_mm',
        'type 100 mm or more',
    ],
    'stretched to three times' => [
        'wet-stretch',
        ['hairs' => [['rest_mm' => 100, 'stretched_mm' => 300, 'returned_mm' => 100]]],
        'hairs.0.stretched_mm',
        '250 mm or less',
    ],
    'returned beyond stretched' => [
        'wet-stretch',
        ['hairs' => [['rest_mm' => 100, 'stretched_mm' => 140, 'returned_mm' => 150]]],
        'hairs.0.returned_mm',
        'all the way back',
    ],
    'letters' => [
        'wet-stretch',
        ['hairs' => [['rest_mm' => 'long', 'stretched_mm' => 140, 'returned_mm' => 150]]],
        'hairs.0.rest_mm',
        'type a number',
    ],
    'no hairs' => ['wet-stretch', ['hairs' => []], 'hairs', '3 to 5 are best'],
    'six hairs' => ['wet-stretch', ['hairs' => array_fill(0, 6, ['rest_mm' => 1])], 'hairs', '1 to 5'],
    'a hair that is a word' => ['wet-stretch', ['hairs' => ['curly']], 'hairs.0', 'rest and stretched'],
    'feel of 9' => ['feel', ['points' => 9], 'points', '−5 to 5'],
    'dryness not there' => ['dryness', [], 'points', '0 to 10'],
    'half a hair' => [
        'broken-hairs',
        ['shed' => 1.5, 'broken' => 1, 'days_since_detangled' => 2],
        'shed',
        'whole number',
    ],
    'unknown field' => ['feel', ['points' => 1, 'mood' => 3], 'mood', 'leave it out'],
    'not finite' => ['dryness', ['points' => NAN], 'points', '0 to 10'],
]);

it('refuses a reading with a problem', function (): void {
    expect(fn () => Make::reading('2026-01-05', 'dryness', ['points' => 11]))->toThrow(InvalidArgumentException::class)
        ->and(
            fn () => Make::reading('2026-01-05', 'aura', []),
        )->toRefuse(InvalidArgumentException::class, 'wet-stretch');
});
