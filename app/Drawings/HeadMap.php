<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Models\ZonePart;
use App\Wording\Words;
use Illuminate\Support\Collection;
use Nagomi\Core\Head\Zone;

/** The eight zones of the head seen from above and behind: nose up, ears beside. */
final readonly class HeadMap
{
    public const VIEW = '-16 -4 252 278';

    /** Nose and ears, so that nobody asks which way it lies. */
    public const FEATURES = [
        'M97 15 Q110 -8 123 15', 'M11 104 q-16 -4 -15 16 q1 22 16 17', 'M209 104 q16 -4 15 16 q-1 22 -16 17',
    ];

    /** Steps of the tint between the least and the most of a head. */
    private const TINTS = 3;

    /** Outline and middle of each zone. */
    private const SHAPES = [
        'edges' => ['M10 116 A100 100 0 0 1 210 116 L191 116 A81 81 0 0 0 29 116Z', 110, 28],
        'front' => ['M33 116 A77 77 0 0 1 187 116 L153 116 A43 45 0 0 0 67 116Z', 110, 59],
        'crown' => ['M71 119 A39 41 0 0 1 149 119 A39 35 0 0 1 71 119Z', 110, 119],
        'left' => ['M11 121 L67 121 A43 39 0 0 0 82 147 L61 182 A112 112 0 0 1 11 121Z', 43, 144],
        'right' => ['M209 121 L153 121 A43 39 0 0 1 138 147 L159 182 A112 112 0 0 0 209 121Z', 177, 144],
        'centre' => ['M86 150 A43 39 0 0 0 134 150 L156 187 A112 112 0 0 1 64 187Z', 110, 176],
        'back' => ['M61 190 A118 118 0 0 0 159 190 L149 226 A90 90 0 0 1 71 226Z', 110, 214],
        'nape' => ['M73 230 A92 92 0 0 0 147 230 Q142 262 110 268 Q78 262 73 230Z', 110, 250],
    ];

    /**
     * @param list<array{
     *     zone: string, path: string, x: int, y: int, value: string, says: string, shows?: string,
     * }> $zones
     */
    private function __construct(
        public array $zones,
        public string $says,
    ) {
    }

    /** @param Collection<int, ZonePart> $parts */
    public static function porosity(Collection $parts): self
    {
        $zones = [];
        foreach (Zone::cases() as $zone) {
            $length = $parts->first(
                fn (ZonePart $part): bool => $part->zone === $zone->value && $part->part === 'length',
            );
            $root = $parts->first(fn (ZonePart $part): bool => $part->zone === $zone->value && $part->part === 'root');
            $porosity = ($length ?? $root)?->porosity;
            [$path, $x, $y] = self::SHAPES[$zone->value];
            $zones[] = [
                'zone' => $zone->value,
                'path' => $path,
                'x' => $x,
                'y' => $y,
                'value' => $porosity === null || $porosity === 'not-measured' ? 'unread' : $porosity,
                'says' => Words::say($root === null || $length === null ? 'head-map.zone' : 'head-map.zone-grown', [
                    'zone' => Words::of("zones.{$zone->value}"),
                    'porosity' => Words::of('porosities.' . ($porosity ?? 'not-measured')),
                    'growth' => $root === null ? '' : Words::of("porosities.{$root->porosity}"),
                ]),
            ];
        }

        return new self(
            $zones,
            Words::say('head-map.label', ['zones' => implode('; ', array_column($zones, 'says'))]),
        );
    }

    /**
     * One measure in each zone: its number on the map, its place between the least and the most of this head as a tint.
     *
     * @param array<string, array{value: float, date: string}> $last by zone
     */
    public static function measured(array $last, string $unit): self
    {
        $values = array_column($last, 'value');
        $least = $values === [] ? 0.0 : min($values);
        $most = $values === [] ? 0.0 : max($values);
        $zones = [];
        foreach (Zone::cases() as $zone) {
            $of = $last[$zone->value] ?? null;
            [$path, $x, $y] = self::SHAPES[$zone->value];
            $level = $of === null || $most <= $least
                ? 0
                : (int) round(self::TINTS * ($of['value'] - $least) / ($most - $least));
            $zones[] = [
                'zone' => $zone->value,
                'path' => $path,
                'x' => $x,
                'y' => $y,
                'value' => $of === null ? 'unread' : "level-{$level}",
                'shows' => $of === null
                    ? ''
                    : str_replace('-', '−', (string) ($of['value'] === 0.0 ? 0 : $of['value'])),
                'says' => Words::say($of === null ? 'head-map.unread' : 'head-map.measured', [
                    'zone' => Words::of("zones.{$zone->value}"),
                    'value' => Words::number($of['value'] ?? 0.0),
                    'unit' => $unit,
                    'date' => $of['date'] ?? '',
                ]),
            ];
        }

        return new self(
            $zones,
            Words::say('head-map.label', ['zones' => implode('; ', array_column($zones, 'says'))]),
        );
    }
}
