<?php

declare(strict_types=1);

namespace Nagomi\Core\Tests\Practice;

use InvalidArgumentException;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Practice\Drill;
use Nagomi\Core\Practice\DrillKind;
use Nagomi\Core\Practice\Spacing;
use Nagomi\Core\Readings\Moment;
use Nagomi\Core\Readings\Reading;
use Nagomi\Core\Readings\TestCatalogue;
use Nagomi\Core\Tests\Support\Make;

function drill(): Drill
{
    return new Drill(Parameters::shipped());
}

/** @param array<mixed> $raw */
function saysOf(string $test, array $raw): string
{
    $moment = TestCatalogue::test($test)?->moments()[0] ?? Moment::Home;
    $reading = new Reading('drill', Make::day('2026-01-05'), $moment, $test, $raw);

    return json_encode(array_map(static fn ($signed) => $signed->means, $reading->measured), JSON_THROW_ON_ERROR);
}

it('asks the same each time, with what is right among the choices and not always in one place', function (
    DrillKind $kind,
): void {
    $places = [];
    for ($item = 0; $item < DrillKind::ITEMS; $item++) {
        $asked = drill()->of($kind, $item);
        expect($asked)->toEqual(drill()->of($kind, $item))
            ->and($asked->choices)->toContain($asked->right)
            ->and(array_unique($asked->choices))->toHaveCount(3);
        $places[array_search($asked->right, $asked->choices, true)] = true;
    }

    expect($places)->toHaveCount(3)
        ->and(fn () => drill()->of($kind, DrillKind::ITEMS))->toThrow(InvalidArgumentException::class)
        ->and(fn () => drill()->of($kind, -1))->toThrow(InvalidArgumentException::class);
})->with(DrillKind::cases());

it('takes for right what the test of a real client says', function (int $item): void {
    $stretch = drill()->of(DrillKind::Stretch, $item);
    $says = ['short-of-protein' => 'gummy', 'healthy' => 'healthy', 'stiff' => 'little'][$stretch->right];
    $broken = drill()->of(DrillKind::Breakage, $item);
    $counted = saysOf('broken-hairs', [
        'broken' => (int) $broken->shows['broken'], 'shed' => (int) $broken->shows['shed'],
        'days_since_detangled' => (int) $broken->shows['days'],
    ]);

    expect(saysOf('wet-stretch', ['hairs' => [$stretch->shows]]))->toContain("readings.wet-stretch.{$says}")
        ->and(str_contains($counted, 'more-broken'))->toBe($broken->right === 'breaks')
        ->and(str_contains($counted, 'more-shed'))->toBe($broken->right === 'sheds');
})->with(range(0, DrillKind::ITEMS - 1));

it('brings back what was missed the same day, and what was known later each time', function (): void {
    $box = null;
    $days = [];
    for ($time = 0; $time < 6; $time++) {
        [$box, $days[]] = Spacing::after($box, true);
    }

    expect($days)->toBe([1, 2, 4, 8, 16, 16])->and($box)->toBe(Spacing::LAST)
        ->and(Spacing::after($box, false))->toBe([Spacing::FIRST, 0])
        ->and(Spacing::after(null, false))->toBe([Spacing::FIRST, 0]);
});
