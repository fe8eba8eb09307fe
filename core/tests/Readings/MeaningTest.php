<?php

declare(strict_types=1);

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Readings\MeasuredSign;
use Nagomi\Core\Readings\TestCatalogue;
use Nagomi\Core\Tests\Support\English;

/** What a test says of a sign, of these raw measures. */
function meansOf(string $test, array $raw, string $sign): string
{
    foreach (TestCatalogue::test($test)?->measure($raw, Parameters::shipped()) ?? [] as $measured) {
        if ($measured->sign->value === $sign) {
            return English::say($measured->means);
        }
    }

    throw new LogicException("{$test} says nothing of {$sign}.");
}

/** A map of the scalp with one measure, or flakes, at a value. */
function scalpRaw(string $what, float $value): array
{
    $raw = array_fill_keys(['itch', 'oil', 'redness', 'soreness', 'dryness'], 0);
    foreach (['edges', 'front', 'left', 'right', 'crown', 'centre', 'back', 'nape'] as $zone) {
        $raw["flakes_{$zone}"] = $what === 'flakes' ? $value / 8 : 0;
    }

    return $what === 'flakes' ? $raw : [$what => $value] + $raw;
}

it('says of a value what that value means, at every edge', function (
    string $test,
    Closure $raw,
    string $sign,
    array $says,
): void {
    foreach ($says as [$value, $words]) {
        expect(meansOf($test, $raw($value), $sign))->toStartWith($words, "{$test} {$value}");
    }
})->with([
    'drops' => ['wetting', fn ($v) => ['seconds' => 40, 'soak' => $v, 'slide' => 0], 'soak', [
        [0, 'drops bead'], [1, 'drops sink in slowly'], [2, 'drops soak in at once'],
    ]],
    'slide' => ['wetting', fn ($v) => ['seconds' => 40, 'soak' => 0, 'slide' => $v], 'slide', [
        [0, 'slides smoothly'], [1, 'slides a little roughly'], [2, 'slides roughly'],
    ]],
    'wetting' => ['wetting', fn ($v) => ['seconds' => $v, 'soak' => 0, 'slide' => 0], 'wetting-time', [
        [15, 'wets at once'], [15.1, 'wets as medium'], [89.9, 'wets as medium'], [90, 'slow to wet'],
    ]],
    'ease' => ['detangling-ease', fn ($v) => ['points' => $v], 'detangling-ease', [
        [0, 'hard to detangle'], [3, 'hard to detangle'], [4, 'detangled with some work'],
        [6, 'detangled with some work'], [7, 'detangled with ease'], [10, 'detangled with ease'],
    ]],
    'lather' => ['lather', fn ($v) => ['points' => $v], 'lather', [
        [4, 'hardly foams'], [5, 'foams a little'], [6, 'foams a little'], [7, 'foams as clean hair'],
    ]],
    'dryness' => ['dryness', fn ($v) => ['points' => $v], 'dryness', [
        [1, 'full of moisture'], [2, 'as moist as'], [4, 'as moist as'], [5, 'dry'],
    ]],
    'feel' => ['feel', fn ($v) => ['points' => $v], 'feel', [
        [-2, 'on the stiff side'], [-1, 'neither'], [1, 'neither'], [2, 'on the soft side'],
    ]],
    'curl memory' => ['curl-memory', fn ($v) => ['points' => $v], 'curl-memory', [
        [4, 'limp'], [5, 'holds its rings'], [7, 'holds its rings'], [8, 'springs back'],
    ]],
    'stripped' => ['stripped', fn ($v) => ['points' => $v], 'stripped', [
        [2, 'clean and supple'], [3, 'clean, not stripped'], [6, 'clean, not stripped'], [7, 'stripped'],
    ]],
    'taper' => ['taper', fn ($v) => ['root_mm' => 100, 'tip_mm' => 100 * sqrt($v / 100)], 'taper', [
        [39.9, 'thin tips: 39 %'], [40.1, 'about half'], [59.9, 'about half'], [60.1, 'most of the hair'],
    ]],
    'drying' => ['drying', fn ($v) => ['minutes' => $v], 'drying-time', [
        [2000, 'dries slowly'], [10, 'dries fast'],
    ]],
    'knots' => [
        'detangling',
        fn ($v) => ['minutes' => 20, 'sections' => 4, 'knots_cut' => $v],
        'knots-cut',
        [[0, 'no knot'], [1, 'knots that could not']],
    ],
    'flakes' => ['scalp', fn ($v) => scalpRaw('flakes', $v), 'scalp-flakes', [
        [4, 'hardly a flake'], [5, 'some flakes'], [15.9, 'some flakes'], [16, 'flaky'],
    ]],
    'itch' => ['scalp', fn ($v) => scalpRaw('itch', $v), 'scalp-itch', [
        [2, 'hardly itches'], [3, 'itches a little'], [4, 'itches a little'], [5, 'itches: ask'],
    ]],
    'oil' => ['scalp', fn ($v) => scalpRaw('oil', $v), 'scalp-oil', [
        [2, 'not oily'], [3, 'a little oily'], [5, 'a little oily'], [6, 'oily'],
    ]],
    'redness' => ['scalp', fn ($v) => scalpRaw('redness', $v), 'scalp-redness', [
        [0, 'not red'], [1, 'a little red'], [4, 'a little red'], [5, 'red'],
    ]],
    'soreness' => ['scalp', fn ($v) => scalpRaw('soreness', $v), 'scalp-soreness', [
        [0, 'not sore'], [1, 'a little sore'], [3, 'a little sore'], [4, 'heavy flaking with redness, or soreness'],
    ]],
    'tightness' => ['scalp', fn ($v) => scalpRaw('dryness', $v), 'scalp-dryness', [
        [2, 'not tight'], [3, 'a little tight'], [4, 'a little tight'], [5, 'tight and dry'],
    ]],
    'itch at home' => ['scalp-at-home', fn ($v) => ['itch' => $v, 'oil' => 0, 'soreness' => 0], 'scalp-itch', [
        [2, 'hardly itches'], [3, 'itches a little'], [5, 'itches: ask'],
    ]],
    'oil at home' => ['scalp-at-home', fn ($v) => ['itch' => 0, 'oil' => $v, 'soreness' => 0], 'scalp-oil', [
        [2, 'not oily'], [3, 'a little oily'], [6, 'oily'],
    ]],
    'soreness at home' => ['scalp-at-home', fn ($v) => ['itch' => 0, 'oil' => 0, 'soreness' => $v], 'scalp-soreness', [
        [0, 'not sore'], [1, 'a little sore'], [4, 'sore'],
    ]],
]);

it('calls more frizz more, and less of the rest less', function (): void {
    $raw = ['definition' => 3, 'frizz' => 7, 'clumping' => 3, 'softness' => 3, 'shine' => 3, 'volume' => 3];
    $says = static fn (array $raw): array => array_map(
        static fn (MeasuredSign $one): string => English::say($one->means),
        TestCatalogue::test('result')?->measure($raw, Parameters::shipped()) ?? [],
    );
    expect($says($raw))->toBe([
        'less than hair in balance gives', 'more than hair in balance has', 'less than hair in balance gives',
        'less than hair in balance gives', 'less than hair in balance gives',
    ])->and(array_unique($says(array_map(
        static fn (string $of): int => $of === 'frizz' ? 4 : 6,
        array_combine(array_keys($raw), array_keys($raw)),
    ))))->toBe(['as it should be']);
});

it('dries as the porosity that dries so: between two at their middle as ratios go', function (): void {
    $usual = Parameters::shipped()->readings->porosityDryingMinutes;
    $slow = sqrt($usual['low'] * $usual['medium']);
    $fast = sqrt($usual['medium'] * $usual['high']);
    $says = static fn (float $minutes): string => meansOf('drying', ['minutes' => $minutes], 'drying-time');
    expect($says($slow + 0.1))->toStartWith('dries slowly')
        ->and($says($slow - 0.1))->toStartWith('dries as medium')
        ->and($says($fast + 0.1))->toStartWith('dries as medium')
        ->and($says($fast - 0.1))->toStartWith('dries fast');
});

it('says how much of the stretch comes back', function (float $returned, string $words): void {
    $raw = ['hairs' => [['rest_mm' => 100, 'stretched_mm' => 140, 'returned_mm' => $returned]]];
    expect(meansOf('wet-stretch', $raw, 'stretch-return'))->toBe($words);
})->with([
    [100.0, 'takes all of the stretch back'],
    [102.0, 'takes all of the stretch back'],
    [102.1, 'takes most of the stretch back'],
    [106.0, 'takes most of the stretch back'],
    [106.1, 'keeps part of the stretch'],
]);
