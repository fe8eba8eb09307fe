<?php

declare(strict_types=1);

use Nagomi\Core\Head\Method;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Readings\TestCatalogue;
use Nagomi\Core\Simulation\Habits;
use Nagomi\Core\Simulation\SimulatedHistory;
use Nagomi\Core\Simulation\VirtualClient;
use Nagomi\Core\Simulation\VirtualHead;
use Nagomi\Core\Simulation\VirtualWeather;
use Nagomi\Core\Statistics\SeededRandom;
use Nagomi\Core\Tests\Support\Make;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;

function aVirtualHead(int $seed = 1, ?Method $method = null): VirtualHead
{
    return new VirtualHead(
        Make::head(Porosity::Medium, method: $method ?? new Method()),
        new SeededRandom($seed),
        58,
        58,
        40,
        10,
    );
}

it('lives by the trade’s rules of thumb: time dries, masks moisten, protein strengthens, clarifying clears', function (): void {
    $head = aVirtualHead();
    $before = $head->truth[0];
    for ($day = 0; $day < 10; $day++) {
        $head->aDay();
    }
    expect($head->truth[0]['moisture'])
        ->toBeLessThan($before['moisture'])
        ->and($head->truth[0]['protein'])
        ->toBeLessThan($before['protein'])
        ->and($head->truth[0]['washable'])
            ->toBeGreaterThan($before['washable'])
            ->and($head->truth[0]['wear'])
            ->toBeLessThan($before['wear']);
    $dry = $head->truth[0];
    $head->wash([Step::cleanse(CleanseKind::Clarifying), Step::strongProtein(10), Step::mask(25)]);
    expect($head->truth[0]['stubborn'])
        ->toBeLessThan(0.5 * $dry['stubborn'])
        ->and($head->truth[0]['protein'])
        ->toBeGreaterThan($dry['protein'] + 3)
        ->and($head->truth[0]['moisture'])->toBeGreaterThan($dry['moisture']);
});

it('dries faster in dry air and keeps its scales', function (): void {
    $left = function (float $humidity): float {
        $head = aVirtualHead(3);
        for ($day = 0; $day < 20; $day++) {
            $head->aDay($humidity);
        }

        return $head->truth[0]['moisture'];
    };
    expect($left(25.0))->toBeLessThan($left(60.0) - 1);
    $head = aVirtualHead(4);
    for ($wash = 0; $wash < 30; $wash++) {
        $head->wash([Step::mask(45), Step::strongProtein(15), new Step(StepKind::Swim, how: 'pool')]);
        foreach ($head->truth as $stratum) {
            expect($stratum['moisture'])
                ->toBeGreaterThanOrEqual(0.0)
                ->toBeLessThanOrEqual(100.0)
                ->and($stratum['protein'])
                ->toBeLessThanOrEqual(100.0)
                ->and($stratum['stubborn'])
                ->toBeLessThanOrEqual(100.0);
        }
    }
});

it('wears in tight styles, on cotton and by tools', function (): void {
    $worn = function (array $steps, array $method = [], int $days = 14): float {
        $head = aVirtualHead(5, new Method($method));
        $head->wash($steps);
        for ($day = 0; $day < $days; $day++) {
            $head->aDay();
        }

        return $head->truth[0]['wear'];
    };
    $plain = $worn([Step::cleanse(CleanseKind::Gentle)]);
    expect($worn([
        Step::cleanse(CleanseKind::Gentle),
        new Step(StepKind::UpStyle, how: 'tight'),
    ]))->toEqualWithDelta($plain + 7, 0.4)
        ->and($worn([Step::cleanse(CleanseKind::Gentle)], ['night' => 'cotton']))->toEqualWithDelta($plain + 0.7, 0.1)
        ->and($worn([
            Step::cleanse(CleanseKind::Gentle),
            new Step(StepKind::HeatTool, how: 'high'),
        ]))->toEqualWithDelta($plain + 1.5, 0.1);
});

it('gives readings that the Bench takes, before cleansing and after styling', function (): void {
    for ($seed = 1; $seed <= 40; $seed++) {
        $head = aVirtualHead($seed);
        foreach ([...$head->read(7), ...$head->readAfterStyling()] as $test => $raw) {
            expect(TestCatalogue::test($test)?->problems($raw))->toBe([]);
        }
    }
});

it('reads a dry head as dry and a weak one as weak, over many', function (): void {
    $means = function (float $moisture, float $protein): array {
        $sums = ['dryness' => 0.0, 'memory' => 0.0];
        for ($seed = 1; $seed <= 80; $seed++) {
            $read = (new VirtualHead(Make::head(), new SeededRandom($seed), $moisture, $protein))->read(7);
            $sums['dryness'] += $read['dryness']['points'] / 80;
            $sums['memory'] += $read['curl-memory']['points'] / 80;
        }

        return $sums;
    };
    expect($means(35, 60)['dryness'])->toEqualWithDelta($means(60, 60)['dryness'] + 2.5, 0.6)
        ->and($means(60, 35)['memory'])->toEqualWithDelta($means(60, 60)['memory'] - 2.5, 0.6);
});

it('forgets and mistakes some steps at home, and none where she tells all', function (): void {
    $told = ['forgetful' => 0, 'all' => 0, 'steps' => 0];
    for ($seed = 1; $seed <= 60; $seed++) {
        $steps = [Step::cleanse(CleanseKind::Shampoo), Step::mask(25), Step::leaveIn()];
        $told['forgetful'] += count(VirtualClient::draw($seed)->recordedAtHome($steps));
        $recorded = VirtualClient::draw($seed, true)->recordedAtHome($steps);
        $told['all'] += count($recorded);
        $told['steps'] += 3;
        expect($recorded)->toEqual($steps);
    }
    expect($told['all'])
        ->toBe($told['steps'])
        ->and($told['forgetful'] / $told['steps'])
        ->toBeGreaterThan(0.85)
        ->toBeLessThan(0.98);
});

it('makes weather that swings and stays within what air can be', function (): void {
    $year = VirtualWeather::year(new SeededRandom(9));
    expect($year)
        ->toHaveCount(365)
        ->and(min($year))
        ->toBeGreaterThanOrEqual(5.0)
        ->and(max($year))
        ->toBeLessThanOrEqual(100.0)
        ->and(max($year) - min($year))
        ->toBeGreaterThan(20.0);
    $days = array_values($year);
    $same = array_sum(array_map(fn (int $i): float => ($days[$i] - 62) * ($days[$i + 1] - 62), range(0, 363)));
    // Today is much like yesterday.
    expect($same / array_sum(array_map(fn (float $day): float => ($day - 62) ** 2, $days)))->toBeGreaterThan(0.5);
    expect(VirtualWeather::year(new SeededRandom(9)))->toBe($year);
});

it('plays the same history from the same seed, with lengths now and then and readers in turn', function (): void {
    $play = fn (int $seed): SimulatedHistory => SimulatedHistory::play(
        Make::head(),
        new Habits(),
        new SeededRandom($seed),
        Make::day('2025-06-01'),
        Make::day('2026-03-01'),
        'h',
        ['Ilse', 'Wren'],
    );
    expect($play(3))->toEqual($play(3))->and($play(3))->not->toEqual($play(4));
    $history = $play(3);
    expect(array_unique(array_map(fn ($reading): string => $reading->by, $history->readings)))->toHaveCount(2)
        ->and(array_filter($history->readings, fn ($reading): bool => $reading->test === 'length'))->not->toBeEmpty();
});
