<?php

declare(strict_types=1);

namespace Nagomi\Core\Validation;

/** Writes validations as a page: of the world the filter knows, and of those it does not. */
final class ValidationReport
{
    /** What is wanted of each figure: least and most. */
    private const WANTED = [
        'coverage_80_moisture' => [0.75, 0.85],
        'coverage_80_protein' => [0.75, 0.85],
        'coverage_80_worst_slice' => [0.70, 0.90],
        'error_vs_own_estimate_held' => [0.0, 0.58],
        'coverage_80_moisture_by_plan' => [0.75, 0.85],
        'coverage_80_protein_by_plan' => [0.75, 0.85],
        'error_vs_own_estimate_held_by_plan' => [0.0, 0.58],
        'error_vs_no_learning' => [0.0, 0.85],
        'forecast_coverage_80_day_7' => [0.72, 0.88],
        'forecast_coverage_80_day_28' => [0.72, 0.88],
        'forecast_coverage_80_day_56' => [0.72, 0.88],
        'forecast_coverage_80_day_28_by_plan' => [0.72, 0.88],
        'forecast_coverage_80_day_56_by_plan' => [0.72, 0.88],
        'days_out_of_band_vs_calendar' => [0.0, 0.30],
        'minutes_vs_calendar' => [0.0, 1.00],
        'hard_rules_broken' => [0.0, 0.0],
    ];

    /** @param list<Validation> $worlds those the filter does not know */
    public static function page(Validation $validation, array $worlds = []): string
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
                . 'fortnight apart. `by_plan`: the same lives, where what they meant to do at each wash is on '
                . 'record as from a plan that was handed out. What limits `days_out_of_band_vs_calendar` is the '
                . 'caution of the rules: [judgement.md](judgement.md).',
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
                ...($worlds === [] ? [] : [...self::worlds([$validation, ...$worlds]), '']),
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

    /**
     * @param list<Validation> $worlds
     *
     * @return list<string>
     */
    private static function worlds(array $worlds): array
    {
        $days = FilterScore::FORECAST_DAYS;
        $lines = [
            '## Worlds the filter does not know',
            '',
            'In each one thing is otherwise than the equations have it (`core/src/Simulation/World.php`). Coverage is '
                . 'that of the 80 % interval, moisture and protein by themselves; the worst slice is the one furthest '
                . 'from 80 %; held is the error four weeks ahead over that of the estimate held still, by plan as '
                . 'above; the forecast goes by what was meant to be done, and is held against what came of what was done.',
            '',
            '![Calibration by world](calibration-worlds.svg)',
            '',
            '| World | Heads | Moisture | Protein | Worst slice | Held | Held by plan | Forecast by plan '
                . implode(' | ', array_map(static fn (int $day): string => "day {$day}", $days)) . ' |',
            '|---|---:|---:|---:|---|---:|---:|' . str_repeat('---:|', count($days)),
        ];
        foreach ($worlds as $of) {
            [$slice, $coverage] = $of->filter->worstSlice();
            $lines[] = sprintf(
                '| %s | %d | %.3f | %.3f | %.3f (%s) | %.3f | %.3f | %s |',
                $of->world->value,
                $of->heads,
                $of->filter->coverage('moisture'),
                $of->filter->coverage('protein'),
                $coverage,
                $slice,
                $of->filter->errorRatio('held'),
                $of->planned->errorRatio('held'),
                implode(' | ', array_map(
                    static fn (int $day): string => sprintf('%.3f', $of->planned->forecastCoverage($day)),
                    $days,
                )),
            );
        }

        return $lines;
    }
}
