<?php

declare(strict_types=1);

namespace App\Drawings;

/** How a picture is taken, drawn: a head of curls from behind with its shoulders, as it should fill the frame. */
final readonly class PictureGuide
{
    public const WIDTH = 220;
    public const HEIGHT = 280;

    /** Neck and shoulders. */
    public const SHOULDERS = 'M14 280c4-42 30-56 72-64v-34h48v34c42 8 68 22 72 64z';

    private const CENTRE = [110.0, 112.0];

    /** Half-axes of the outline of full hair. */
    private const HALF = [82.0, 90.0];
    private const CURLS = 22;

    /** @param string $hair outline, one arc a curl */
    private function __construct(public string $hair)
    {
    }

    /** @param float $fullness 0 to 1, of the fullest hair that still fits the frame */
    public static function of(float $fullness): self
    {
        $path = '';
        for ($curl = 0; $curl <= self::CURLS; $curl++) {
            $angle = 2 * M_PI * $curl / self::CURLS;
            $x = round(self::CENTRE[0] + $fullness * self::HALF[0] * sin($angle), 1);
            $y = round(self::CENTRE[1] - $fullness * self::HALF[1] * cos($angle), 1);
            $radius = round($fullness * 2 * M_PI * self::HALF[0] / self::CURLS / 1.6, 1);
            $path .= $curl === 0 ? "M{$x} {$y}" : "A{$radius} {$radius} 0 0 1 {$x} {$y}";
        }

        return new self("{$path}z");
    }
}
