<?php

declare(strict_types=1);

/*
 * Heads of one kind begin as their kind has turned out in this salon, as surely as that is known; where kinds do not
 * differ, all begin alike.
 */

use Nagomi\Core\Estimation\HeadHistory;
use Nagomi\Core\Estimation\KalmanFilter;
use Nagomi\Core\Estimation\Prior;
use Nagomi\Core\Head\CurlPattern;
use Nagomi\Core\Head\HairKind;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Head\StrandDiameter;
use Nagomi\Core\Head\Zone;
use Nagomi\Core\Learning\AlikeHeads;
use Nagomi\Core\Learning\KindShift;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Simulation\World;
use Nagomi\Core\Statistics\SeededRandom;
use Nagomi\Core\Tests\Support\Make;
use Nagomi\Core\Validation\SimulatedLife;

/**
 * @param array<string, float> $truth logarithm by kind
 *
 * @return list<array{kind: array<string, float>, said: array<string, array{float, float}>}>
 */
function alike(array $truth, int $heads, float $noise = 0.1): array
{
    $chance = new SeededRandom(12);
    $alike = [];
    for ($i = 0; $i < $heads; $i++) {
        $kind = [
            'porosity/' . ['low', 'medium', 'high'][$chance->between(0, 2)] => 1.0,
            'strand/' . ['fine', 'medium', 'coarse'][$chance->between(0, 2)] => 1.0,
            'curl/' . HairKind::CURLS[$chance->between(0, 2)] => 1.0,
        ];
        $log = 0.3 + array_sum(array_intersect_key($truth, $kind)) + $chance->normal(0, 0.45);
        $alike[] = ['kind' => $kind, 'said' => ['uptake' => [$log + $chance->normal(0, $noise), $noise ** 2]]];
    }

    return $alike;
}

it('knows what hair is of, share by share, and nothing of what nobody measured', function (): void {
    $mixed = Make::head(Porosity::High, [Zone::Crown, Zone::Nape], strand: StrandDiameter::Fine);
    $kinds = HairKind::of($mixed->curled(CurlPattern::FourA));
    expect($kinds['strand/fine'])->toEqualWithDelta(1.0, 1e-9)
        ->and($kinds['porosity/low'] + $kinds['porosity/high'])->toEqualWithDelta(1.0, 1e-9)
        ->and($kinds['porosity/low'])->toBeGreaterThan(0.1)->toBeLessThan(0.5)
        ->and($kinds['curl/coily'])->toBe(1.0)
        ->and(array_keys(HairKind::of($mixed)))->not->toContain('curl/coily')
        ->and(HairKind::of(Make::head(Porosity::NotMeasured, strand: StrandDiameter::NotMeasured)))->toBe([]);
    foreach (['2' => 'wavy', '3a' => 'curly', '3c' => 'curly', '4b–4c' => 'coily'] as $pattern => $curl) {
        expect(HairKind::of($mixed->curled(CurlPattern::from((string) $pattern))))->toHaveKey("curl/{$curl}");
    }
    // A head keeps its curl, whatever else is changed.
    expect($mixed->curled(CurlPattern::FourA)->withZones($mixed->zoneParts)->born(null)->tenderAtTheEdges(true)
        ->under(Parameters::shipped())->curl)->toBe(CurlPattern::FourA);
});

it('lets a head begin as its kind does, and as surely as that is known', function (): void {
    $parameters = Parameters::shipped();
    $learned = AlikeHeads::parameters($parameters, [
        'moisture-fading' => [
            'strand/fine' => new KindShift(0.3, 0.1, 9.0), 'curl/coily' => new KindShift(-0.1, 0.2, 4.0),
            'strand/gone-since' => new KindShift(0.5, 0.1, 9.0),
        ],
        'uptake' => ['strand/fine' => new KindShift(5.0, 5.0, 1.0)],
        'gone-since' => ['strand/fine' => new KindShift(0.5, 0.1, 9.0)],
    ]);
    $prior = static function (StrandDiameter $strand, ?CurlPattern $curl, Parameters $by): array {
        $state = Prior::of(Make::head(strand: $strand, parameters: $by)->curled($curl));
        $at = $state->layout->moistureFading;

        return [$state->mean[$at], $state->covariance[$at][$at], $state->mean[$state->layout->uptake]];
    };
    [$mean, $variance, $uptake] = $prior(StrandDiameter::Fine, CurlPattern::FourBToC, $learned);
    [$shippedMean, $shippedVariance] = $prior(StrandDiameter::Fine, CurlPattern::FourBToC, $parameters);
    expect([$shippedMean, $mean])->toEqualWithDelta([0.0, 0.2], 1e-9)
        ->and($variance - $shippedVariance)->toEqualWithDelta(0.1 ** 2 + 0.2 ** 2, 1e-9)
        // No further than is believable.
        ->and($uptake)->toEqualWithDelta(0.7, 1e-9)
        ->and($prior(StrandDiameter::Coarse, null, $learned))
        ->toEqual($prior(StrandDiameter::Coarse, null, $parameters))
        ->and($prior(StrandDiameter::Fine, null, $learned)[0])->toEqualWithDelta(0.3, 1e-9);
});

it('hears what a head’s records say of its rates, with what was assumed taken out again', function (): void {
    $life = SimulatedLife::live(11, 150);
    [$history, $until] = [$life->history(), $life->from->modify('+149 days')];
    $parameters = Parameters::shipped();
    $said = AlikeHeads::said($history, $until, $parameters);
    $state = KalmanFilter::through($history->under($parameters), $until)->last()->state;
    expect($said)->toHaveKeys(['moisture-fading', 'protein-fading']);
    foreach ($said as $rate => [$log, $variance]) {
        $index = $state->layout->rates()[$rate];
        $prior = Prior::rateVariance($state->layout->head, $rate);
        $together = 1 / (1 / $variance + 1 / $prior);
        expect($together)->toEqualWithDelta($state->covariance[$index][$index], 1e-9)
            ->and($together * $log / $variance)->toEqualWithDelta($state->mean[$index], 1e-9);
    }
    // It is the same whatever its kind was thought to be, but for what is not quite a straight line.
    $otherwise = AlikeHeads::parameters($parameters, ['moisture-fading' => array_fill_keys(
        array_keys(HairKind::of($life->head)),
        new KindShift(0.1, 0.0, 9.0),
    )]);
    expect(AlikeHeads::said($history, $until, $otherwise)['moisture-fading'][0])
        ->toEqualWithDelta($said['moisture-fading'][0], 0.3 * sqrt($said['moisture-fading'][1]))
        ->and(AlikeHeads::said(new HeadHistory(Make::head()), Make::day(), $parameters))->toBe([]);
});

it('finds in what kinds differ, each beside the salon’s own mean', function (): void {
    $truth = ['strand/fine' => 0.4, 'strand/coarse' => -0.4, 'curl/coily' => 0.3];
    $shifts = AlikeHeads::shifts(alike($truth, 240), Parameters::shipped());
    $found = $shifts['uptake'];
    expect($found['strand/fine']->log - $found['strand/coarse']->log)->toEqualWithDelta(0.8, 0.2)
        ->and($found['curl/coily']->log - $found['curl/wavy']->log)->toEqualWithDelta(0.3, 0.2)
        ->and(abs($found['porosity/high']->log))->toBeLessThan(3 * $found['porosity/high']->sd)
        ->and($found['strand/fine']->sd)->toBeGreaterThan(0.02)->toBeLessThan(0.08)
        ->and($shifts['moisture-fading']['strand/fine']->log)->toBe(0.0);
    foreach (['strand', 'curl', 'porosity'] as $trait) {
        $of = array_filter($found, fn (string $kind): bool => str_starts_with($kind, $trait), ARRAY_FILTER_USE_KEY);
        $sum = array_sum(array_map(fn (KindShift $shift): float => $shift->heads * $shift->log, $of));
        expect($sum)->toEqualWithDelta(0.0, 1e-9)
            ->and(array_sum(array_map(fn (KindShift $shift): float => $shift->heads, $of)))->toBe(240.0);
    }
});

it('makes little of kinds that do not differ, and of few heads', function (): void {
    foreach (AlikeHeads::shifts(alike([], 240), Parameters::shipped())['uptake'] as $shift) {
        expect(abs($shift->log))->toBeLessThan(0.08);
    }
    $truth = ['strand/fine' => 0.4, 'strand/coarse' => -0.4];
    $few = AlikeHeads::shifts(alike($truth, 8), Parameters::shipped())['uptake'];
    expect(abs($few['strand/fine']->log))->toBeLessThan(0.4)->and($few['strand/fine']->sd)->toBeGreaterThan(0.08);
    // Who thinks that kinds hardly can differ is hardly moved.
    $sure = Parameters::shipped()->with('population.spread', 0.05);
    expect(abs(AlikeHeads::shifts(alike($truth, 24), $sure)['uptake']['strand/fine']->log))
        ->toBeLessThan(abs(AlikeHeads::shifts(alike($truth, 24), Parameters::shipped())['uptake']['strand/fine']->log));
    expect(AlikeHeads::shifts([], Parameters::shipped())['uptake']['strand/fine'])
        ->toEqual(new KindShift(0.0, 0.0, 0.0));
});

it('finds kinds on virtual heads whose hair goes by them', function (): void {
    $said = static function (World $world): array {
        $heads = [];
        for ($i = 0; $i < 80; $i++) {
            $life = SimulatedLife::live(8100 + $i, 182, world: $world);
            $heads[] = [
                'kind' => HairKind::of($life->head),
                'said' => AlikeHeads::said(
                    $life->history(planned: true),
                    $life->from->modify('+181 days'),
                    Parameters::shipped(),
                ),
            ];
        }

        return AlikeHeads::shifts($heads, Parameters::shipped());
    };
    $differ = $said(World::KindsDiffer);
    $alike = $said(World::Shipped);
    // True are .4 for fine strands and −.4 for coarse ones of moisture; −.4 and .4 for porosity of protein.
    $apart = static fn (array $of): array => [
        $of['moisture-fading']['strand/fine']->log - $of['moisture-fading']['strand/coarse']->log,
        $of['protein-fading']['porosity/high']->log - $of['protein-fading']['porosity/low']->log,
    ];
    expect($apart($differ)[0])->toBeGreaterThan(0.3)->toBeLessThan(1.1)
        ->and($apart($differ)[1])->toBeGreaterThan(0.25)->toBeLessThan(1.1)
        ->and(abs($apart($alike)[0]))->toBeLessThan(0.25)->and(abs($apart($alike)[1]))->toBeLessThan(0.25);
});
