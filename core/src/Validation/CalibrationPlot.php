<?php

declare(strict_types=1);

namespace Nagomi\Core\Validation;

use Nagomi\Core\Statistics\Normal;

/** Draws the share of truths within each central interval beside the share that should be there. */
final class CalibrationPlot
{
    private const LEVELS = [0.1, 0.2, 0.3, 0.4, 0.5, 0.6, 0.7, 0.8, 0.9, 0.95];

    private const COLOURS = ['moisture' => '#1F5F62', 'protein' => '#8E4A1B'];

    private const SIDE = 360;
    private const ACROSS = 4;

    /** @return string SVG of one world */
    public static function of(Validation $validation): string
    {
        return self::sheet(self::SIDE, self::SIDE, self::panel($validation));
    }

    /**
     * @param list<Validation> $worlds
     *
     * @return string SVG, a panel a world
     */
    public static function ofWorlds(array $worlds): string
    {
        $panels = '';
        foreach ($worlds as $i => $validation) {
            $panels .= sprintf(
                '<g transform="translate(%d %d)">%s<text x="48" y="34" font-size="18" fill="#22303A">%s</text></g>',
                self::SIDE * ($i % self::ACROSS),
                self::SIDE * intdiv($i, self::ACROSS),
                self::panel($validation),
                $validation->world->value,
            );
        }

        return self::sheet(
            self::SIDE * min(self::ACROSS, count($worlds)),
            self::SIDE * (int) ceil(count($worlds) / self::ACROSS),
            $panels,
        );
    }

    private static function sheet(int $width, int $height, string $drawn): string
    {
        return sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 %1$d %2$d" role="img" '
                . 'aria-label="Calibration: share of truths within each interval beside its nominal level" '
                . 'font-family="sans-serif" font-size="12"><rect width="%1$d" height="%2$d" fill="#FAF6EE"/>%3$s</svg>'
                . "\n",
            $width,
            $height,
            $drawn,
        );
    }

    private static function panel(Validation $validation): string
    {
        $at = static fn (float $share): float => 40 + 280 * $share;
        $marks = '';
        foreach (self::COLOURS as $quantity => $colour) {
            $points = [];
            foreach (self::LEVELS as $level) {
                $share = self::within($validation->filter->scores[$quantity], $level);
                [$x, $y] = [$at($level), self::SIDE - $at($share)];
                $points[] = round($x, 1) . ',' . round($y, 1);
                $marks .= sprintf('<circle cx="%.1f" cy="%.1f" r="3.2" fill="%s"/>', $x, $y, $colour);
            }
            $marks .= sprintf(
                '<polyline points="%s" fill="none" stroke="%s" stroke-width="1.6"/>',
                implode(' ', $points),
                $colour,
            );
        }

        return '<path d="M40 320H320" stroke="#CFC4B0"/><path d="M40 320V40" stroke="#CFC4B0"/>'
            . '<path d="M40 320L320 40" stroke="#5A6772" stroke-dasharray="4 4"/>' . $marks
            . '<text x="180" y="346" text-anchor="middle" fill="#5A6772">interval should hold</text>'
            . '<text x="16" y="180" text-anchor="middle" fill="#5A6772" transform="rotate(-90 16 180)">interval held</text>'
            . '<text x="250" y="260" fill="#1F5F62">moisture</text><text x="250" y="276" fill="#8E4A1B">protein</text>';
    }

    /** @param list<float> $scores standard scores of the truths */
    private static function within(array $scores, float $level): float
    {
        // A score lies in the central interval of that level where its two-sided probability is at most the level.
        $inside = array_filter(
            $scores,
            static fn (float $score): bool => 2 * Normal::cumulative(abs($score)) - 1 <= $level,
        );

        return count($inside) / max(1, count($scores));
    }
}
