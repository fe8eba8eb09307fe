<?php

declare(strict_types=1);

namespace Nagomi\Core\Validation;

use Nagomi\Core\Statistics\Normal;

/** Writes a validation as a page with its plot. */
final class ValidationReport
{
    private const LEVELS = [0.1, 0.2, 0.3, 0.4, 0.5, 0.6, 0.7, 0.8, 0.9, 0.95];

    /** What is wanted of each figure: least and most. */
    private const WANTED = [
        'coverage_80_moisture' => [0.75, 0.85],
        'coverage_80_protein' => [0.75, 0.85],
        'coverage_80_worst_slice' => [0.70, 0.90],
        'error_vs_own_estimate_held' => [0.0, 0.60],
        'error_vs_no_learning' => [0.0, 0.85],
        'days_out_of_band_vs_calendar' => [0.0, 0.50],
        'minutes_vs_calendar' => [0.0, 1.00],
        'hard_rules_broken' => [0.0, 0.0],
    ];

    public static function page(Validation $validation): string
    {
        $figures = $validation->figures();
        $lines = [
            '# Validation over virtual heads',
            '',
            self::writtenBy($validation),
            '',
            '| Figure | Measured | Wanted | |',
            '|---|---:|---:|---|',
        ];
        $lines = [...$lines, ...self::rows($figures)];
        $lines[] = '';
        $lines[] = sprintf(
            'Were every step at home told as it was, `error_vs_own_estimate_held` would be %.3f over the '
                . 'first %d of these heads: what limits it is mostly that one home step in eight is forgotten or '
                . 'taken for another, which moves moisture by up to a mask and cannot be told from readings a '
                . 'fortnight apart.',
            $validation->allTold->errorRatio('held'),
            min($validation->heads, 100),
        );
        $lines[] = '';
        $lines[] = sprintf(
            'Mean width of the 80 %% interval: %.1f of moisture, %.1f of protein.',
            (float) $figures['interval_width_moisture'],
            (float) $figures['interval_width_protein'],
        );

        return implode(
            "\n",
            [
                ...$lines, '', '![Calibration](calibration.svg)', '', ...self::slices($validation->filter), '',
                ...self::horizons($validation->filter), '',
            ],
        );
    }

    private static function writtenBy(Validation $validation): string
    {
        return sprintf(
            'Written by `bin/core validate --heads %d --plans %d --weeks %d --seed %d`: %d heads for the '
                . 'filter, %d that live by the plan as well, %d weeks each. Scored from day %d. How the heads '
                . 'are drawn stands in `core/src/Simulation`; what they know of themselves the filter is never '
                . 'told.',
            $validation->heads,
            $validation->planHeads,
            $validation->weeks,
            $validation->seed,
            $validation->heads,
            $validation->planHeads,
            $validation->weeks,
            FilterScore::FROM_DAY,
        );
    }

    /**
     * @param array<string, float|int|string|null> $figures
     *
     * @return list<string>
     */
    private static function rows(array $figures): array
    {
        $lines = [];
        foreach (self::WANTED as $name => [$least, $most]) {
            $value = $figures[$name];
            $words = $name === 'coverage_80_worst_slice'
                ? $name . ' (' . $figures['coverage_80_worst_slice_name'] . ')'
                : $name;
            $met = is_numeric($value) && $value >= $least && $value <= $most;
            $wanted = $least > 0 ? sprintf('%.2f to %.2f', $least, $most) : sprintf('at most %.2f', $most);
            $lines[] = sprintf(
                '| %s | %.3f | %s | %s |',
                $words,
                (float) $value,
                $wanted,
                $met ? 'met' : self::missedBy((float) $value, $least, $most),
            );
        }

        return $lines;
    }

    private static function missedBy(float $value, float $least, float $most): string
    {
        return sprintf('missed by %.3f', $value > $most ? $value - $most : $least - $value);
    }

    /** @return list<string> */
    private static function slices(FilterScore $score): array
    {
        $lines = ['## By slice', '', '| Slice | Coverage of the 80 % interval | Mean width |', '|---|---:|---:|'];
        $names = $score->sliceNames();
        sort($names);
        foreach ($names as $name) {
            $lines[] = sprintf('| %s | %.3f | %.1f |', $name, $score->coverage($name), $score->width($name));
        }

        return $lines;
    }

    /** @return list<string> */
    private static function horizons(FilterScore $score): array
    {
        $lines = [
            '## Error by horizon',
            '',
            '| Days ahead | Mean absolute error, moisture and protein |',
            '|---:|---:|',
        ];
        foreach ($score->byHorizon as $days => ['sum' => $sum, 'count' => $count]) {
            $lines[] = sprintf('| %d | %.2f |', $days, $sum / $count);
        }

        return $lines;
    }

    /** The share of truths within each central interval beside the share that should be there. */
    public static function plot(Validation $validation): string
    {
        $size = 360;
        $at = static fn (float $share): float => 40 + 280 * $share;
        $marks = '';
        foreach (['moisture' => '#1F5F62', 'protein' => '#8E4A1B'] as $quantity => $colour) {
            $points = [];
            foreach (self::LEVELS as $level) {
                $share = self::within($validation->filter->scores[$quantity], $level);
                $points[] = round($at($level), 1) . ',' . round($size - $at($share), 1);
                $marks .= sprintf(
                    '<circle cx="%.1f" cy="%.1f" r="3.2" fill="%s"/>',
                    $at($level),
                    $size - $at($share),
                    $colour,
                );
            }
            $marks .= sprintf(
                '<polyline points="%s" fill="none" stroke="%s" stroke-width="1.6"/>',
                implode(' ', $points),
                $colour,
            );
        }

        return sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 %1$d %1$d" role="img" '
                . 'aria-label="Calibration: share of truths within each interval beside its nominal level" '
                . 'font-family="sans-serif" font-size="12">'
            . '<rect width="%1$d" height="%1$d" fill="#FAF6EE"/><path d="M40 320H320V40" fill="none" stroke="#CFC4B0"/><path d="M40 320V40" stroke="#CFC4B0"/><path d="M40 320L320 40" stroke="#5A6772" stroke-dasharray="4 4"/>'
            . '%2$s<text x="180" y="346" text-anchor="middle" fill="#5A6772">interval should hold</text><text x="16" y="180" text-anchor="middle" fill="#5A6772" transform="rotate(-90 16 180)">interval held</text>'
            . '<text x="250" y="260" fill="#1F5F62">moisture</text><text x="250" y="276" fill="#8E4A1B">protein</text></svg>'
                . "\n",
            $size,
            $marks,
        );
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
