<?php

declare(strict_types=1);

use Nagomi\Core\Estimation\KalmanFilter;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Head\Part;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Head\StrandDiameter;
use Nagomi\Core\Head\StylingLoad;
use Nagomi\Core\Head\Zone;
use Nagomi\Core\Head\ZonePart;
use Nagomi\Core\Readings\Moment;
use Nagomi\Core\Readings\Reading;
use Nagomi\Core\Readings\Sign;
use Nagomi\Core\Tests\Support\Make;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;
use Nagomi\Core\Treatments\WashDay;

/** Two kinds of hair, in dry air and hard water, sensitive to protein. */
function rebuiltHead(): Head
{
    $parts = array_map(static function (Zone $zone): ZonePart {
        $isLow = in_array($zone, [Zone::Crown, Zone::Centre], true);

        return new ZonePart(
            $zone,
            Part::Length,
            $isLow ? Porosity::Low : Porosity::High,
            $isLow ? StrandDiameter::Fine : StrandDiameter::Coarse,
            in_array($zone, [Zone::Back, Zone::Nape, Zone::Edges], true),
        );
    }, Zone::cases());

    return new Head($parts, 240, 35, StylingLoad::Heavy, true, lengthMm: 260);
}

function rebuiltDay(int $day): string
{
    return Make::day('2026-03-02')->modify("+{$day} days")->format('Y-m-d');
}

/** @return list<WashDay> */
function rebuiltWashDays(): array
{
    return [
        Make::washDay(rebuiltDay(0), [
            Step::preWash('oil', 30),
            Step::detangle(12, 'brush', 'wet-with-slip'),
            Step::cleanse(CleanseKind::Clarifying, 2),
            Step::mask(25, heat: true),
            Step::leaveIn(),
            Step::seal(),
        ]),
        Make::washDay(rebuiltDay(9), [new Step(StepKind::Swim, how: 'pool')]),
        Make::washDay(rebuiltDay(14), [
            Step::cleanse(CleanseKind::Shampoo),
            Step::strongProtein(20),
            Step::mask(60),
            new Step(StepKind::Trim, millimetres: 12),
        ]),
        Make::washDay(rebuiltDay(20), [new Step(StepKind::HeatTool, how: 'high'), new Step(StepKind::Wetting)]),
        new WashDay(
            'remembered',
            Make::day(rebuiltDay(30)),
            [
                Step::cleanse(CleanseKind::Gentle),
                Step::mildProtein(4),
                Step::conditioner(12),
                new Step(StepKind::UpStyle, how: 'tight'),
            ],
            approximate: true,
        ),
        Make::washDay(rebuiltDay(33), [new Step(StepKind::ChemicalService)]),
        Make::washDay(rebuiltDay(95), [Step::detangle(20, 'fingers', 'dry-without')]),
    ];
}

/** @return list<Reading> signs of every kind of equation, one of a zone, two at home, three that do not fit */
function rebuiltReadings(): array
{
    $hair = static fn (float $stretched, ?float $returned): array => ['rest_mm' => 100.0, 'stretched_mm' => $stretched]
        + ($returned === null ? ['snapped' => true] : ['returned_mm' => $returned]);
    $three = [$hair(138, 100), $hair(138, 102.28), $hair(138, 103.8)];
    $buildUp = ['dull' => 2, 'beads' => 1, 'film' => 0, 'sticky' => 0, 'no_lather' => 0];

    return [
        Make::reading(rebuiltDay(0), 'dryness', ['points' => 5]),
        Make::reading(rebuiltDay(0), 'feel', ['points' => -1]),
        Make::reading(rebuiltDay(0), 'wet-stretch', ['hairs' => $three]),
        Make::reading(rebuiltDay(0), 'build-up-signs', $buildUp),
        Make::reading(rebuiltDay(0), 'broken-hairs', ['shed' => 300, 'broken' => 26, 'days_since_detangled' => 7]),
        Make::reading(rebuiltDay(0), 'curl-memory', ['points' => 6]),
        Make::reading(rebuiltDay(0), 'dryness', ['points' => 3], zone: Zone::Crown),
        Make::reading(rebuiltDay(12), 'style-life', ['days' => 4, 'refreshes' => 0], Moment::Home),
        Make::reading(rebuiltDay(12), 'dryness', ['points' => 4], Moment::Home),
        Make::reading(rebuiltDay(14), 'wet-stretch', ['hairs' => [$hair(152, 100), $hair(152, 100)]]),
        Make::reading(rebuiltDay(14), 'stripped', ['points' => 6], Moment::AfterCleansing),
        Make::reading(rebuiltDay(95), 'comb-count', ['hairs' => 19]),
        Make::reading(rebuiltDay(95), 'ends', ['splits' => 6, 'knots' => 3]),
        Make::reading(rebuiltDay(95), 'taper', ['root_mm' => 100, 'tip_mm' => 80]),
        Make::reading(rebuiltDay(95), 'dryness', ['points' => 10]),
        Make::reading(rebuiltDay(95), 'feel', ['points' => 3]),
        Make::reading(rebuiltDay(95), 'broken-hairs', ['shed' => 300, 'broken' => 60, 'days_since_detangled' => 9]),
    ];
}

it('comes to what docs/engine.md alone comes to in R, to 1e-6 (scripts/rebuilt.R)', function (): void {
    $path = __DIR__ . '/values/rebuilt.json';
    $rebuilt = json_decode((string) file_get_contents($path), true, 16, JSON_THROW_ON_ERROR);
    $run = KalmanFilter::follow(rebuiltHead(), rebuiltWashDays(), rebuiltReadings(), Make::day(rebuiltDay(101)));
    $state = $run->last()->state;
    $places = [
        ...range(0, 12),
        ...array_map(static fn (string $sign): int => $state->layout->offset(Sign::from($sign)), $rebuilt['signs']),
    ];

    expect($state->layout->head->strata)->toHaveCount(2)
        ->and($state->layout->size)->toBe(count($places))
        ->and($rebuilt['doubted'])->not->toBe([]);
    foreach ($places as $i => $at) {
        expect($state->mean[$at])->toEqualWithDelta($rebuilt['mean'][$i], 1e-6);
        foreach ($places as $j => $other) {
            expect($state->covariance[$at][$other])->toEqualWithDelta($rebuilt['covariance'][$i][$j], 1e-6);
        }
    }
});
