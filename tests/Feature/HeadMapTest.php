<?php

declare(strict_types=1);

use App\Drawings\HeadMap;
use Nagomi\Core\Head\Zone;

it('tints each zone between the least and the most of the head, and says its number in words', function (): void {
    $map = HeadMap::measured(
        [
            'crown' => ['value' => 190.0, 'date' => '3 Nov 2026'],
            'nape' => ['value' => 40.0, 'date' => '4 Nov 2026'],
            'left' => ['value' => 115.0, 'date' => '4 Nov 2026'],
        ],
        's',
    );
    $zones = array_column($map->zones, null, 'zone');
    expect($zones)->toHaveCount(count(Zone::cases()))
        ->and($zones['crown']['value'])
            ->toBe('level-3')
            ->and($zones['nape']['value'])
            ->toBe('level-0')
            ->and($zones['left']['value'])
            ->toBeIn(['level-1', 'level-2'])
            ->and($zones['edges']['value'])
            ->toBe('unread')
        ->and($zones['crown']['says'])
            ->toBe('crown: 190 s, 3 Nov 2026')
            ->and($zones['edges']['says'])
            ->toBe('edges: not tested yet')
            ->and($map->says)
            ->toContain('nape: 40 s');
});

it('tints a head alike that is alike everywhere, and shows a minus as it is set in type', function (): void {
    $same = HeadMap::measured(
        array_fill_keys(array_column(Zone::cases(), 'value'), ['value' => -3.0, 'date' => '1 Jan 2027']),
        'of 10',
    );
    expect(array_unique(array_column($same->zones, 'value')))
        ->toBe(['level-0'])
        ->and($same->zones[0]['shows'])
        ->toBe('−3');
    expect(array_unique(array_column(HeadMap::measured([], 's')->zones, 'value')))->toBe(['unread']);
});

it('draws eight zones whose outlines do not leave the picture', function (): void {
    foreach (HeadMap::measured([], 's')->zones as $zone) {
        preg_match_all('/-?\d+(?:\.\d+)?/', $zone['path'], $numbers);
        [$left, $top, $width, $height] = array_map(intval(...), explode(' ', HeadMap::VIEW));
        expect(min($numbers[0]))->toBeGreaterThanOrEqual(max($left, $top))
            ->and(max($numbers[0]))->toBeLessThanOrEqual($top + $height)
            ->and($zone['x'])->toBeGreaterThan($left)->toBeLessThan($left + $width);
    }
});
