<?php

declare(strict_types=1);

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Products\BottleCandidate;
use Nagomi\Core\Products\BottleChoice;
use Nagomi\Core\Products\BottleFacts;
use Nagomi\Core\Products\BottleFit;
use Nagomi\Core\Products\BottleLikeness;
use Nagomi\Core\Products\BottleMiss;
use Nagomi\Core\Products\BottleNeed;
use Nagomi\Core\Products\BottleProfile;
use Nagomi\Core\Products\BottleReason;
use Nagomi\Core\Products\ProductKind;
use Nagomi\Core\Tests\Support\Make;
use Nagomi\Core\Treatments\BottleContents;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\Content;
use Nagomi\Core\Treatments\ContentShare;

/**
 * @param array<string, float>    $percent typical share by content
 * @param array{string, string}   $slip
 */
function profile(array $percent = [], array $slip = ['medium', 'medium']): BottleProfile
{
    return new BottleProfile(
        new BottleContents(array_map(fn (float $of): ContentShare => new ContentShare(0.0, $of, 100.0), $percent)),
        $slip,
    );
}

function candidate(string $name, mixed ...$but): BottleCandidate
{
    $facts = array_intersect_key($but, ['leftMl' => 1, 'protein' => 1, 'goodUntil' => 1, 'labelMinutes' => 1]);

    return new BottleCandidate(...array_diff_key($but, $facts) + [
        'id' => $name, 'name' => $name, 'suitsWell' => true, 'profile' => profile(['moisture' => 10.0]),
        'centsADose' => 100,
        'facts' => new BottleFacts(...$facts + [
            'protein' => 'none', 'surfactants' => 'none', 'chelates' => false, 'caresForScalp' => false,
            'goodUntil' => null, 'leftMl' => 500.0, 'labelMinutes' => null,
        ]),
    ]);
}

/**
 * @param list<BottleCandidate> $bottles
 * @param list<BottleProfile>   $worked
 * @param list<string>          $ids
 */
function chosen(array $bottles, array $worked = [], array $ids = [], bool $spared = false, mixed ...$need): BottleChoice
{
    return BottleChoice::of(
        $bottles,
        new BottleNeed(...$need + ['kind' => ProductKind::Mask, 'on' => Make::day(), 'ml' => 20.0]),
        $worked,
        $ids,
        $spared,
        Parameters::shipped()->contents,
    );
}

it('takes what suits before what worked, that before what is like it, then what is there, then what costs less', function (
    Closure $bottles,
    string $taken,
    ?BottleReason $because,
    array $worked = [],
    array $ids = [],
    bool $spared = false,
): void {
    foreach ([$bottles(), array_reverse($bottles())] as $order) {
        $choice = chosen($order, array_map(fn (array $of): BottleProfile => profile($of), $worked), $ids, $spared);
        expect($choice->taken?->name)->toBe($taken)->and($choice->because)->toBe($because)
            ->and($choice->nearest)->toBeNull();
    }
})->with([
    'alone' => [fn () => [candidate('A')], 'A', null],
    'nothing between them' => [fn () => [candidate('A'), candidate('B')], 'A', null],
    'cheaper' => [fn () => [candidate('A'), candidate('B', centsADose: 90)], 'B', BottleReason::Cheaper],
    'a price before none' => [
        fn () => [candidate('A', centsADose: null), candidate('B')], 'B', BottleReason::Cheaper,
    ],
    'counted before cheaper' => [
        fn () => [candidate('A', leftMl: null, centsADose: 1), candidate('B')], 'B', BottleReason::SurelyEnough,
    ],
    'like what worked before counted' => [
        fn () => [
            candidate('A', profile: profile(['moisture' => 9.0, 'protein' => 1.0]), leftMl: null),
            candidate('B', profile: profile(['moisture' => 9.0, 'sealing' => 9.0])),
        ], 'A', BottleReason::LikeWhatWorked, [['moisture' => 11.0, 'protein' => 1.5]],
    ],
    'what worked before what is like it' => [
        fn () => [candidate('A'), candidate('B', profile: profile(['moisture' => 4.0]))], 'B', BottleReason::Worked,
        [['moisture' => 10.0]], ['B'],
    ],
    'no protein nobody asked for, before what worked' => [
        fn () => [candidate('A', protein: 'mild'), candidate('B')], 'B', BottleReason::AsPlanned, [], ['A'],
    ],
    'what suits before what worked' => [
        fn () => [candidate('A', suitsWell: false), candidate('B')], 'B', BottleReason::SuitsBetter, [], ['A'],
    ],
    'what was not liked comes last' => [
        fn () => [candidate('A', isDisliked: true), candidate('B', suitsWell: false)], 'B', BottleReason::Liked,
    ],
    'before a day that counts, what is known' => [
        fn () => [candidate('A', suitsWell: false, isKnown: true), candidate('B')], 'A',
        BottleReason::KnownBeforeTheDay, [], [], true,
    ],
]);

it('keeps what would do as well, the next best first', function (): void {
    $choice = chosen([
        candidate('C', centsADose: 90), candidate('A', centsADose: 10), candidate('B', centsADose: 50),
        candidate('D', refusal: BottleMiss::Recalled),
    ]);
    expect($choice->taken?->name)->toBe('A')
        ->and(array_map(fn (BottleCandidate $one): string => $one->name, $choice->others))->toBe(['B', 'C']);
});

it('passes over what is refused or does not do it, and names the nearest where none does', function (): void {
    $choice = chosen([
        candidate('Recalled', refusal: BottleMiss::Recalled), candidate('Mild', protein: 'mild'),
        candidate('None'), candidate('Little', protein: 'strong', leftMl: 1.0),
    ], protein: 'strong');
    expect($choice->taken)->toBeNull()->and($choice->nearest?->name)->toBe('Mild')
        ->and(array_map(fn (array $one): array => [$one[0]->name, $one[1]], $choice->passed))->toBe([
            ['Recalled', BottleMiss::Recalled], ['Mild', BottleMiss::ProteinTooMild], ['None', BottleMiss::NoProtein],
            ['Little', BottleMiss::TooLittle],
        ]);
    // What must not touch the client is never the nearest.
    $choice = chosen([
        candidate('Bad', refusal: BottleMiss::ReactedTo), candidate('Old', goodUntil: Make::day('2020-01-01')),
    ]);
    expect($choice->taken)->toBeNull()->and($choice->nearest)->toBeNull();
});

it('tells bottles apart by what they hold and how they slip', function (
    array $one,
    array $other,
    array $less,
    array $more,
    bool $alike,
    float $share,
): void {
    $likeness = BottleLikeness::of(profile(...$one), profile(...$other), Parameters::shipped()->contents);
    expect($likeness->less)->toBe($less)->and($likeness->more)->toBe($more)->and($likeness->isAlike())->toBe($alike)
        ->and($likeness->share())->toEqualWithDelta($share, 1e-9);
})->with([
    'nothing in either' => [[[]], [[]], [], [], true, 1.0],
    'twice as much' => [[['moisture' => 5.0]], [['moisture' => 10.0]], [], [], true, 1.0],
    'more than twice' => [[['moisture' => 5.0]], [['moisture' => 10.1]], [], [Content::Moisture], false, 0.5],
    'less than half' => [[['moisture' => 5.0]], [['moisture' => 2.4]], [Content::Moisture], [], false, 0.5],
    'a trace' => [[['protein' => 0.29]], [[]], [], [], true, 1.0],
    'protein in one' => [
        [['moisture' => 5.0, 'protein' => 1.0]], [['moisture' => 5.0]], [Content::Protein], [], false, 2 / 3,
    ],
    'slip that may be the same' => [[[], ['low', 'medium']], [[], ['medium', 'high']], [], [], true, 1.0],
    'slip that is not' => [[[], ['low', 'low']], [[], ['medium', 'high']], [], [], false, 0.0],
    'and the other way' => [[[], ['medium', 'high']], [[], ['low', 'low']], [], [], false, 0.0],
]);

it('is alike in both directions', function (): void {
    $parameters = Parameters::shipped()->contents;
    foreach ([[0.0, 0.4], [0.2, 0.9], [3.0, 5.9], [3.0, 6.1], [0.0, 9.0]] as [$a, $b]) {
        $there = BottleLikeness::of(profile(['sealing' => $a]), profile(['sealing' => $b]), $parameters);
        $back = BottleLikeness::of(profile(['sealing' => $b]), profile(['sealing' => $a]), $parameters);
        expect($there->isAlike())->toBe($back->isAlike())->and($there->less)->toBe($back->more);
    }
});

it('counts how far a bottle is from what is planned', function (array $need, array $bottle, int $away): void {
    $need = new BottleNeed(...$need + ['kind' => ProductKind::Shampoo, 'on' => Make::day(), 'ml' => 5.0]);
    $facts = new BottleFacts(...$bottle + [
        'protein' => 'none', 'surfactants' => 'none', 'chelates' => false, 'caresForScalp' => false,
        'goodUntil' => null, 'leftMl' => 1.0, 'labelMinutes' => null,
    ]);
    expect(BottleFit::stepsAway($need, $facts))->toBe($away);
})->with([
    'nothing asked, nothing held' => [[], [], 0],
    'protein nobody asked for' => [[], ['protein' => 'mild-to-strong'], 2],
    'strong for strong' => [['protein' => 'strong'], ['protein' => 'strong'], 0],
    'perhaps strong for strong' => [['protein' => 'strong'], ['protein' => 'mild-to-strong'], 1],
    'perhaps strong for mild' => [['protein' => 'mild'], ['protein' => 'mild-to-strong'], 1],
    'mild for gentle' => [['cleanse' => CleanseKind::Gentle], ['surfactants' => 'mild'], 0],
    'medium for gentle' => [['cleanse' => CleanseKind::Gentle], ['surfactants' => 'medium'], 1],
    'medium for shampoo' => [['cleanse' => CleanseKind::Shampoo], ['surfactants' => 'medium'], 0],
    'strong for shampoo' => [['cleanse' => CleanseKind::Shampoo], ['surfactants' => 'strong'], 1],
    'mild for shampoo' => [['cleanse' => CleanseKind::Shampoo], ['surfactants' => 'mild'], 1],
    'strong to clarify' => [['cleanse' => CleanseKind::Clarifying], ['surfactants' => 'strong'], 0],
    'medium to clarify' => [['cleanse' => CleanseKind::Chelating], ['surfactants' => 'medium'], 1],
    'any for the scalp' => [['cleanse' => CleanseKind::ScalpCare], ['surfactants' => 'strong'], 0],
]);
