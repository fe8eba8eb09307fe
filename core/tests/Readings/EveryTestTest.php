<?php

declare(strict_types=1);

use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Readings\MeasuredSign;
use Nagomi\Core\Readings\PorosityBelief;
use Nagomi\Core\Readings\Sign;
use Nagomi\Core\Readings\Test;
use Nagomi\Core\Readings\TestCatalogue;
use Nagomi\Core\Tests\Support\English;

dataset('tests', fn (): array => array_map(fn (Test $test): array => [$test], TestCatalogue::tests()));

it('measures what it asks for, refuses what cannot be, and says what it means', function (Test $test): void {
    expect($test->moments())->not
        ->toBeEmpty()
        ->and(Nagomi\Core\Parameters\Parameters::shipped()->readings->testMinutes)
        ->toHaveKey($test->name());
    $raw = [];
    foreach ($test->rawMeasures() as $measure) {
        expect($measure->least)->toBeLessThan($measure->most)
            ->and(English::say($measure->label))->not->toStartWith('tests.')
            ->and(English::say($measure->unitWords()))->not->toStartWith('tests.');
        $raw[$measure->name] = $measure->whole
            ? (int) $measure->least
            : ($measure->least + min(100.0, $measure->most)) / 2;
    }
    if ($test->name() === 'wet-stretch') {
        $raw = ['hairs' => [['rest_mm' => 100, 'stretched_mm' => 140, 'returned_mm' => 102]]];
    } elseif (array_key_exists('stretched_mm', $raw)) {
        $raw['stretched_mm'] = 200.0;
    } elseif (array_key_exists('wet_g', $raw)) {
        $raw['wet_g'] = 120.0;
    }
    expect($test->problems($raw))->toBe([]);
    foreach (Sign::cases() as $sign) {
        $gives = array_filter(
            $test->measure($raw, Parameters::shipped()),
            static fn (MeasuredSign $one): bool => $one->sign === $sign,
        );
        expect(in_array($test->name(), TestCatalogue::giving($sign), true))->toBe($gives !== [], $sign->value);
    }
    foreach ($test->measure($raw, Parameters::shipped()) as $measured) {
        [$least, $most] = $measured->sign->limits();
        expect($measured->value)
            ->toBeGreaterThanOrEqual($least)
            ->toBeLessThanOrEqual($most)
            ->and($measured->sd)
            ->toBeGreaterThan(0.0)
            ->and(English::say($measured->means))->not
            ->toBe('');
    }
    if ($test->name() !== 'wet-stretch') {
        foreach ($test->rawMeasures() as $measure) {
            foreach ([$measure->least - 1, $measure->most + 1, 'seven', NAN] as $wrong) {
                expect($test->problems([$measure->name => $wrong] + $raw))->toHaveKey($measure->name);
            }
        }
        expect($test->problems($raw + ['mood' => 1]))->toHaveKey('mood');
    }
})->with('tests');

it('refuses numbers that cannot be together', function (string $test, array $raw, string $field): void {
    expect(TestCatalogue::test($test)?->problems($raw))->toHaveKey($field);
})->with([
    ['curl', ['ring_mm' => 10, 'curled_mm' => 300, 'stretched_mm' => 200], 'curled_mm'],
    ['pull', ['hairs' => 60, 'came' => 61], 'came'],
    ['water-in-hair', ['dry_g' => 10, 'wet_g' => 9], 'wet_g'],
]);

it('counts the shed ball by its weight: π/4 · d² · ρ · L', function (): void {
    // 0.07 mm thick, 300 mm long, 1.32 g/cm³: 1.524 mg a hair, so 1 g is 656.
    $measured = TestCatalogue::test('shed-ball')?->measure([
        'mass_g' => 1.0,
        'length_mm' => 300,
        'diameter_um' => 70,
        'days_since_detangled' => 7,
    ], Parameters::shipped());
    expect($measured[0]->value)
        ->toEqualWithDelta(1000 / (M_PI / 4 * 0.007 ** 2 * 1.32 * 30 * 1000), 1e-6)
        ->and($measured[0]->value)
        ->toEqualWithDelta(656, 1.0);
});

it('sums the flakes of the eight zones to 80 at most and refers what is heavy and red', function (): void {
    $raw = ['itch' => 2, 'oil' => 1, 'redness' => 7, 'soreness' => 0];
    foreach (['edges', 'front', 'left', 'right', 'crown', 'centre', 'back', 'nape'] as $zone) {
        $raw["flakes_{$zone}"] = 10;
    }
    $measured = TestCatalogue::test('scalp')?->measure($raw, Parameters::shipped());
    expect($measured[0]->value)->toBe(80.0)->and(English::say($measured[0]->means))->toContain('refer before treating');
});

it('tells porosity from several tests, and how sure that is', function (): void {
    $wetting = fn (float $seconds, int $soak, int $slide): array => TestCatalogue::test('wetting')?->measure(
        ['seconds' => $seconds, 'soak' => $soak, 'slide' => $slide],
        Parameters::shipped(),
    )
        ?? [];
    $low = PorosityBelief::of($wetting(240, 0, 0), Parameters::shipped()->readings);
    $high = PorosityBelief::of([
        ...$wetting(3, 2, 2),
        ...TestCatalogue::test('drying')?->measure(['minutes' => 70], Parameters::shipped()) ?? [],
    ], Parameters::shipped()->readings);
    $mixed = PorosityBelief::of($wetting(240, 2, 2), Parameters::shipped()->readings);
    expect($low->likeliest())
        ->toBe(Porosity::Low)
        ->and($high->likeliest())
        ->toBe(Porosity::High)
        ->and($high->certainty())
        ->toBeGreaterThan(0.95)
        ->and($mixed->certainty())->toBeLessThan($low->certainty())
        ->and(array_sum($low->probabilities))->toEqualWithDelta(1.0, 1e-12);
    // Build-up beads on any hair: then slow wetting says little.
    expect(
        PorosityBelief::of($wetting(240, 0, 0), Parameters::shipped()->readings, coated: true)->certainty(),
    )->toBeLessThan($low->certainty());
    // Nothing read, nothing known.
    expect(PorosityBelief::of([], Parameters::shipped()->readings)->certainty())->toEqualWithDelta(1 / 3, 1e-12);
});

it('asks once more for what is possible and unlikely', function (): void {
    $ring = TestCatalogue::test('curl')?->rawMeasures()[0];
    expect($ring?->problem(110))
        ->toBeNull()
        ->and($ring?->isUnlikely(110.0))
        ->toBeTrue()
        ->and($ring?->isUnlikely(12.0))
        ->toBeFalse();
    expect(
        English::say($ring->question(110.0)),
    )->toBe('Ring diameter: 110 mm is possible, yet far from the usual 3 to 60. Correct it, or save it again if '
        . 'it is right.')
        ->and($ring?->question(12.0))->toBeNull();
});

it('hears the balance in signs that have an equation, and only follows the others', function (): void {
    expect(Sign::Dryness->tellsOfBalance(Parameters::shipped()->signs))
        ->toBeTrue()
        ->and(Sign::Broken->tellsOfBalance(Parameters::shipped()->signs))
        ->toBeTrue()
        ->and(Sign::Length->tellsOfBalance(Parameters::shipped()->signs))
        ->toBeFalse()
        ->and(Sign::ScalpFlakes->tellsOfBalance(Parameters::shipped()->signs))->toBeFalse();
    foreach (Sign::cases() as $sign) {
        expect(English::say($sign->unit()))->not->toStartWith('signs.')
            ->and($sign->sd(Parameters::shipped()->signs))->toBeGreaterThan(0.0);
    }
});

it('gives the broken share of what came out with its exact interval (R: binom.test(19, 359) gives 0.0322 to 0.0814)', function (): void {
    expect(English::say(TestCatalogue::test('broken-hairs')->share([
        'shed' => 340,
        'broken' => 19,
        'days_since_detangled' => 6,
    ])))->toBe('5.3 % of what came out broke (3.2 to 8.1 % with 95 % certainty)')
        ->and(TestCatalogue::test('broken-hairs')->share([
            'shed' => 0,
            'broken' => 0,
            'days_since_detangled' => 6,
        ]))->toBeNull();
});
