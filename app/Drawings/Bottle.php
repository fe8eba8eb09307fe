<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Models\Product;
use App\Wording\Words;

/** A bottle as it stands on the shelf: its shape by what it is used as, and how full the one in use is. */
final readonly class Bottle
{
    public const WIDTH = 80;
    public const HEIGHT = 120;

    /** y of the floor it stands on. */
    private const FLOOR = 116.0;

    /** Between the glass and what is in it, in px. */
    private const GLASS = 4.0;

    /** Width and height of the body, and its cap as a path, by what it is used as. */
    private const SHAPES = [
        'jar' => [58.0, 54.0, 'M9 48h62v13H9z'],
        'dropper' => [34.0, 62.0, 'M33 53v-10h14v10zM36 43v-14a4 4 0 0 1 8 0v14z'],
        'tube' => [40.0, 78.0, 'M28 37v-13h24v13z'],
        'pump' => [44.0, 76.0, 'M34 39v-9h12v9zM38 30v-8h4v8zM24 22v-6h22v6z'],
    ];

    private const OF_KIND = [
        'mask' => 'jar', 'pre-wash' => 'dropper', 'oil' => 'jar', 'scalp-care' => 'dropper', 'styler' => 'tube',
        'protein' => 'tube', 'rinse' => 'tube',
    ];

    /**
     * @param array{x: float, y: float, width: float, height: float}      $body
     * @param array{x: float, y: float, width: float, height: float}|null $inside what is left; null: not counted
     * @param int                                                         $full   bottles that are not begun
     */
    private function __construct(
        public array $body,
        public ?array $inside,
        public string $cap,
        public int $full,
        public string $says,
    ) {
    }

    public static function of(Product $product): self
    {
        [$width, $height, $cap] = self::SHAPES[self::OF_KIND[$product->kind] ?? 'pump'];
        $x = (self::WIDTH - $width) / 2;
        $body = ['x' => $x, 'y' => self::FLOOR - $height, 'width' => $width, 'height' => $height];
        [$full, $share] = self::begun($product->left_ml, $product->size_ml);
        $room = $height - 2 * self::GLASS;

        return new self(
            $body,
            $share === null ? null : [
                'x' => $body['x'] + self::GLASS, 'y' => round(self::FLOOR - self::GLASS - $share * $room, 1),
                'width' => $width - 2 * self::GLASS, 'height' => round($share * $room, 1),
            ],
            $cap,
            $full,
            $share === null
                ? Words::say('products.bottle.unknown')
                : Words::say('products.bottle.full', ['percent' => (int) round(100 * $share)]),
        );
    }

    /** @return array{int, float|null} bottles that are not begun, and how full the one in use is; null: not known */
    private static function begun(?float $leftMl, ?float $sizeMl): array
    {
        if ($leftMl === null || $sizeMl === null || $sizeMl <= 0.0) {
            return [0, null];
        }
        $full = (int) floor($leftMl / $sizeMl);
        $rest = $leftMl - $full * $sizeMl;

        // One that is just full is the one in use.
        return $rest <= 0.0 && $full > 0 ? [$full - 1, 1.0] : [$full, $rest / $sizeMl];
    }
}
