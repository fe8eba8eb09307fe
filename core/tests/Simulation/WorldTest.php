<?php

declare(strict_types=1);

/*
 * Each other world differs from the one the filter knows in the one thing it says, and by as much: held against the
 * same heads and dice in the shipped one.
 */

use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Head\StrandDiameter;
use Nagomi\Core\Simulation\VirtualClient;
use Nagomi\Core\Simulation\VirtualHead;
use Nagomi\Core\Simulation\World;
use Nagomi\Core\Simulation\WorldRules;
use Nagomi\Core\Statistics\SeededRandom;
use Nagomi\Core\Tests\Support\Make;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;
use Nagomi\Core\Validation\SimulatedLife;

function aHeadIn(World $world, int $seed, float $moisture = 58): VirtualHead
{
    return new VirtualHead(Make::head(Porosity::Medium), new SeededRandom($seed), $moisture, 58, 10, 10, $world);
}

/** @return list<float> dryness in points, each of another head */
function drynessIn(World $world, float $moisture): array
{
    return array_map(
        static fn (int $seed): float => aHeadIn($world, $seed, $moisture)->read(7)['dryness']['points'],
        range(1, 400),
    );
}

function spreadOf(array $values): float
{
    $mean = array_sum($values) / count($values);

    $squares = array_map(static fn (float $value): float => ($value - $mean) ** 2, $values);

    return sqrt(array_sum($squares) / count($values));
}

it('says more or less of the same hair where signs are steep or flat, and levels off', function (): void {
    $rise = static fn (World $world): float => (
        array_sum(drynessIn($world, 30)) - array_sum(drynessIn($world, 60))
    ) / 400;
    $shipped = $rise(World::Shipped);
    // Thirty of moisture are three points of dryness.
    expect($shipped)->toEqualWithDelta(3.0, 0.2)
        ->and($rise(World::FlatSigns) / $shipped)->toEqualWithDelta(0.6, 0.05)
        ->and($rise(World::SteepSigns) / $shipped)->toEqualWithDelta(1.5, 0.1)
        ->and($rise(World::SaturatingSigns))->toBeLessThan(0.9 * $shipped)->toBeGreaterThan(0.6 * $shipped);
    $rules = new WorldRules(levelsOffAt: 2.5);
    expect($rules->shown(0.1, 1.2))->toEqualWithDelta(0.1, 0.001)
        ->and($rules->shown(100.0, 1.2))->toEqualWithDelta(3.0, 1e-9)
        ->and($rules->shown(-100.0, 1.2))->toEqualWithDelta(-3.0, 1e-9)
        ->and((new WorldRules())->shown(100.0, 1.2))->toBe(100.0);
});

it('fades faster or slower, and takes less of a treatment', function (): void {
    $lost = static function (World $world): float {
        $head = aHeadIn($world, 3);
        $before = $head->truth[0]['protein'];
        $head->aDay();

        return log($before / $head->truth[0]['protein']);
    };
    $gained = static function (World $world): float {
        $head = aHeadIn($world, 3);
        $before = $head->truth[0]['moisture'];
        $head->wash([Step::mask(20)]);

        return $head->truth[0]['moisture'] - $before;
    };
    expect($lost(World::Shipped) / $lost(World::FastFading))->toEqualWithDelta(0.7, 1e-9)
        ->and($lost(World::Shipped) / $lost(World::SlowFading))->toEqualWithDelta(1.4, 1e-9)
        ->and($gained(World::WeakTreatments) / $gained(World::Shipped))->toEqualWithDelta(0.7, 1e-9)
        ->and($gained(World::FlatSigns))->toBe($gained(World::Shipped));
});

it('leaves treatments out at home where steps are skipped, and never the wash itself', function (): void {
    $meant = [Step::cleanse(CleanseKind::Shampoo), Step::mask(20), Step::leaveIn()];
    $kinds = [];
    $minutes = [];
    for ($seed = 1; $seed <= 1000; $seed++) {
        $done = VirtualClient::draw($seed, world: World::SkippedSteps)->doneAtHome($meant);
        foreach ($done as $step) {
            $kinds[$step->kind->value] = ($kinds[$step->kind->value] ?? 0) + 1;
            if ($step->kind === StepKind::Mask) {
                $minutes[] = $step->minutes;
            }
        }
        expect(VirtualClient::draw($seed)->doneAtHome($meant))->toBe($meant);
    }
    expect($kinds['cleanse'])->toBe(1000)
        ->and($kinds['mask'] / 1000)->toEqualWithDelta(0.87, 0.03)
        ->and($kinds['leave-in'] / 1000)->toEqualWithDelta(0.87, 0.03)
        ->and(array_count_values(array_map(strval(...), $minutes))['40'] / count($minutes))
        ->toEqualWithDelta(0.03, 0.02);
    // What was meant is kept beside what was done, and what was told is of what was done.
    $life = SimulatedLife::live(5, 120, true, World::SkippedSteps);
    $told = 0;
    foreach ($life->washDays as $washDay) {
        $told += count($washDay->steps);
    }
    expect($told)->toBeLessThan(array_sum(array_map(count(...), $life->meant)));
});

it('comes irregularly, with eyes that drift and readings that are wrong, each in its own world', function (): void {
    $gaps = static function (World $world): array {
        $client = VirtualClient::draw(4, world: $world);

        return array_map(static fn (): float => $client->nextWash(), range(1, 300));
    };
    expect(spreadOf($gaps(World::IrregularClients)))->toBeGreaterThan(2.0 * spreadOf($gaps(World::Shipped)));

    $later = static function (World $world, int $seed): float {
        $head = aHeadIn($world, $seed);
        for ($day = 0; $day < 182; $day++) {
            $head->aDay();
        }
        $head->truth[0]['moisture'] = 40.0;

        return $head->read(7)['dryness']['points'];
    };
    $afterHalfAYear = static fn (World $world): float => spreadOf(
        array_map(static fn (int $seed): float => $later($world, $seed), range(1, 400)),
    );
    // Noise 1.2 and an offset of .6 of one's own; a drift of .6 of the noise comes to these.
    expect($afterHalfAYear(World::DriftingStylists) ** 2 - $afterHalfAYear(World::Shipped) ** 2)
        ->toEqualWithDelta((0.6 * 1.2) ** 2, 0.4)
        ->and(spreadOf(drynessIn(World::HeavyTails, 40)))
        ->toBeGreaterThan(1.15 * spreadOf(drynessIn(World::Shipped, 40)));
});

it('lets moisture go sooner from fine strands and protein from high porosity, where kinds differ', function (): void {
    // How many times as fast it went in a day, beside the same head and dice as shipped.
    $faster = static function (Porosity $porosity, StrandDiameter $strand, string $of): float {
        $left = static function (World $world) use ($porosity, $strand, $of): float {
            $head = new VirtualHead(Make::head($porosity, strand: $strand), new SeededRandom(5), world: $world);
            $before = $head->truth[0][$of];
            $head->aDay();
            // The air around it: what moisture goes towards.
            $air = $of === 'moisture' ? 28.0 : 0.0;

            return log(($before - $air) / ($head->truth[0][$of] - $air));
        };

        return $left(World::KindsDiffer) / $left(World::Shipped);
    };
    expect($faster(Porosity::Medium, StrandDiameter::Fine, 'moisture'))->toEqualWithDelta(exp(0.4), 1e-6)
        ->and($faster(Porosity::Medium, StrandDiameter::Coarse, 'moisture'))->toEqualWithDelta(exp(-0.4), 1e-6)
        ->and($faster(Porosity::High, StrandDiameter::Medium, 'moisture'))->toEqualWithDelta(1.0, 1e-6)
        ->and($faster(Porosity::High, StrandDiameter::Fine, 'protein'))->toEqualWithDelta(exp(0.4), 1e-6)
        ->and($faster(Porosity::Low, StrandDiameter::Fine, 'protein'))->toEqualWithDelta(exp(-0.4), 1e-6);
});
