<?php

declare(strict_types=1);

use Nagomi\Core\WashDay\RefreshEffects;
use Nagomi\Core\WashDay\StyleLook;

it('counts how it looked the next time, within two days, of what was looked at before', function (): void {
    $look = static fn (int $points): StyleLook => new StyleLook(
        min(2, $points),
        max(0, min(2, $points - 2)),
        max(0, $points - 4),
    );
    $effects = RefreshEffects::of([
        [
            'looks' => [
                '2027-01-05' => $look(3), '2027-01-06' => $look(5), '2027-01-08' => $look(5), '2027-01-20' => $look(1),
            ],
            'done' => [
                '2027-01-05' => ['misted'], '2027-01-06' => ['misted', 'braided'],
                // Looked at again only after twelve days: nothing to go by.
                '2027-01-08' => ['retouched'],
                // Never looked at before it.
                '2027-01-04' => ['braided'],
            ],
        ],
        ['looks' => ['2027-02-01' => $look(4), '2027-02-02' => $look(2)], 'done' => ['2027-02-01' => ['misted']]],
    ]);
    expect($effects->counts)->toEqual([
        'misted' => ['better' => 1, 'held' => 1, 'worse' => 1], 'braided' => ['better' => 0, 'held' => 1, 'worse' => 0],
    ])->and(RefreshEffects::of([])->counts)->toBe([]);
});

it('knows only what can be tapped', function (int $points): void {
    expect(static fn (): StyleLook => new StyleLook(1, $points, 1))->toThrow(InvalidArgumentException::class);
})->with([-1, 3, 900]);
