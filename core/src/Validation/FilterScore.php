<?php

declare(strict_types=1);

namespace Nagomi\Core\Validation;

use Nagomi\Core\Estimation\FilterRun;
use Nagomi\Core\Estimation\Forecast;
use Nagomi\Core\Estimation\HeadHistory;
use Nagomi\Core\Estimation\KalmanFilter;
use Nagomi\Core\Estimation\Snapshot;
use Nagomi\Core\Estimation\StateLayout;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Treatments\Calendar;

/** Holds what the filter said of virtual heads against what was true of them. */
final class FilterScore
{
    /** z of the 80 % interval. */
    public const Z_80 = 1.2815515655446004;

    /** Scored from here on; before, the filter is still getting to know the head. */
    public const FROM_DAY = 84;

    private const AHEAD_DAYS = 28;

    /** Days ahead at which a forecast is held against what came. */
    public const FORECAST_DAYS = [7, 14, 28, 42, 56];

    /** Reserves that part low, middle and high; about a third of the virtual heads' days lie in each. */
    private const THIRDS = [44.0, 53.0];

    private const QUANTITIES = ['moisture' => StateLayout::MOISTURE, 'protein' => StateLayout::PROTEIN];

    /** @var array<string, array{inside: int, all: int, width: float}> by quantity and by slice */
    private array $slices = [];

    /** @var array<string, list<float>> standard scores by quantity */
    public array $scores = ['moisture' => [], 'protein' => []];

    /** @var array<string, array{sum: float, count: int}> absolute errors by method */
    private array $errors = [];

    /** @var array<int, array{sum: float, count: int}> absolute error by days ahead */
    public array $byHorizon = [];

    /** @var array<int, array{inside: int, all: int, error: float, held: float}> of the forecast, by days ahead */
    public array $forecasts = [];

    /**
     * @param bool            $planned    whether they live by a plan that was handed out, which is on record
     * @param Parameters|null $parameters they are followed by; null: as shipped
     */
    public function __construct(
        private readonly bool $planned = false,
        private readonly ?Parameters $parameters = null,
    ) {
    }

    public function take(SimulatedLife $life): void
    {
        $last = $life->from->modify('+' . (count($life->truth) - 1) . ' days');
        $history = $this->history($life);
        $learning = KalmanFilter::through($history, $last);
        $averaged = KalmanFilter::through($history, $last, learning: false);
        foreach ($learning->daily($life->from, $last) as $point) {
            $day = Calendar::daysBetween($life->from, $point->date);
            if ($day >= self::FROM_DAY && $day % 7 === 0) {
                $this->interval($life, $point, $day);
            }
            if (
                $day >= self::FROM_DAY && $day % self::AHEAD_DAYS === 0 && isset($life->truth[$day + self::AHEAD_DAYS])
            ) {
                $this->ahead($life, $point, $averaged, $day);
                $this->forecast($life, $point, $day);
            }
        }
    }

    private function history(SimulatedLife $life): HeadHistory
    {
        $history = $life->history($this->planned);

        return $this->parameters === null ? $history : $history->under($this->parameters);
    }

    private function interval(SimulatedLife $life, Snapshot $point, int $day): void
    {
        $sinceReading = $day - max(array_filter($life->visits, static fn (int $visit): bool => $visit <= $day) ?: [0]);
        foreach (self::QUANTITIES as $name => $quantity) {
            foreach ($life->head->strata as $s => $stratum) {
                $sd = $point->state->sd($s, $quantity);
                $truth = $life->truth[$day][$s][$name];
                $score = ($truth - $point->state->value($s, $quantity)) / $sd;
                $this->scores[$name][] = $score;
                // By what is believed, which is what anybody can see: sorted by a truth nobody knows, the extremes of
                // any honest estimate look too narrow, since it leans to the middle.
                $believed = $point->state->value($s, $quantity);
                $third = $believed < self::THIRDS[0] ? 'low' : ($believed < self::THIRDS[1] ? 'middle' : 'high');
                $weeks = min(3, intdiv($sinceReading, 7));
                foreach (
                    [
                        $name,
                        "{$name}, {$stratum->porosity->value} porosity",
                        "{$name}, {$third} third",
                        "{$name}, week {$weeks} since reading",
                    ] as $slice
                ) {
                    $this->slices[$slice] ??= ['inside' => 0, 'all' => 0, 'width' => 0.0];
                    $this->slices[$slice]['inside'] += abs($score) <= self::Z_80 ? 1 : 0;
                    $this->slices[$slice]['all']++;
                    $this->slices[$slice]['width'] += 2 * self::Z_80 * $sd;
                }
            }
        }
    }

    /** Four weeks on with what was recorded of them and without their readings. */
    private function ahead(SimulatedLife $life, Snapshot $point, FilterRun $averaged, int $day): void
    {
        $until = $point->date->modify('+' . self::AHEAD_DAYS . ' days');
        $told = $this->history($life)->withoutReadings();
        $forecast = KalmanFilter::through($told, $until, $point)->daily($point->date->modify('+1 day'), $until, $point);
        $unlearned = KalmanFilter::through($told, $until, $averaged->daily($point->date, $point->date)[0])->last();
        foreach (self::QUANTITIES as $name => $quantity) {
            foreach (array_keys($life->head->strata) as $s) {
                $truth = $life->truth[$day + self::AHEAD_DAYS][$s][$name];
                $this->error('learning', $truth - $forecast[self::AHEAD_DAYS - 1]->state->value($s, $quantity));
                $this->error('averaged', $truth - $unlearned->state->value($s, $quantity));
                $this->error('held', $truth - $point->state->value($s, $quantity));
                foreach ([1, 7, 14, 21, 28] as $horizon) {
                    $this->byHorizon[$horizon] ??= ['sum' => 0.0, 'count' => 0];
                    $this->byHorizon[$horizon]['sum'] += abs(
                        $life->truth[$day + $horizon][$s][$name] - $forecast[$horizon - 1]->state->value($s, $quantity),
                    );
                    $this->byHorizon[$horizon]['count']++;
                }
            }
        }
    }

    /** As on that day, by what was to be done from then on, whether it was or not. */
    private function forecast(SimulatedLife $life, Snapshot $point, int $day): void
    {
        $meant = [];
        for ($ahead = 1; $ahead <= max(self::FORECAST_DAYS); $ahead++) {
            $meant[$ahead] = $life->meant[$day + $ahead] ?? [];
        }
        $inSalon = array_fill_keys(array_map(static fn (int $visit): int => $visit - $day, $life->visits), true);
        $states = Forecast::from(
            $point,
            array_filter($meant),
            max(self::FORECAST_DAYS),
            array_diff_key(array_fill(1, max(self::FORECAST_DAYS), true), $inSalon),
        );
        foreach (self::FORECAST_DAYS as $ahead) {
            $this->forecasts[$ahead] ??= ['inside' => 0, 'all' => 0, 'error' => 0.0, 'held' => 0.0];
            foreach (isset($life->truth[$day + $ahead]) ? self::QUANTITIES : [] as $name => $quantity) {
                foreach (array_keys($life->head->strata) as $s) {
                    $truth = $life->truth[$day + $ahead][$s][$name];
                    $off = abs($truth - $states[$ahead]->state->value($s, $quantity));
                    $inside = $off <= self::Z_80 * $states[$ahead]->state->sd($s, $quantity);
                    $this->forecasts[$ahead]['inside'] += $inside ? 1 : 0;
                    $this->forecasts[$ahead]['all']++;
                    $this->forecasts[$ahead]['error'] += $off;
                    $this->forecasts[$ahead]['held'] += abs($truth - $point->state->value($s, $quantity));
                }
            }
        }
    }

    /** Share of truths within the 80 % interval of what was foretold of them so many days before. */
    public function forecastCoverage(int $ahead): float
    {
        $of = $this->forecasts[$ahead] ?? ['inside' => 0, 'all' => 0];

        return $of['all'] === 0 ? NAN : $of['inside'] / $of['all'];
    }

    /** Mean absolute error so many days ahead beside that of the estimate held still. */
    public function forecastErrorRatio(int $ahead): float
    {
        $of = $this->forecasts[$ahead] ?? ['error' => NAN, 'held' => NAN];

        return $of['held'] > 0.0 ? $of['error'] / $of['held'] : NAN;
    }

    private function error(string $method, float $error): void
    {
        $this->errors[$method] ??= ['sum' => 0.0, 'count' => 0];
        $this->errors[$method]['sum'] += abs($error);
        $this->errors[$method]['count']++;
    }

    /** Share of truths within the 80 % interval. */
    public function coverage(string $slice): float
    {
        return isset($this->slices[$slice]) ? $this->slices[$slice]['inside'] / $this->slices[$slice]['all'] : NAN;
    }

    public function width(string $slice): float
    {
        return isset($this->slices[$slice]) ? $this->slices[$slice]['width'] / $this->slices[$slice]['all'] : NAN;
    }

    /**
     * @return array{string, float} the slice whose coverage is furthest from 80 %
     */
    public function worstSlice(): array
    {
        $worst = ['', 0.8];
        foreach (array_keys($this->slices) as $slice) {
            // A slice of a few truths says nothing of the filter.
            if ($this->slices[$slice]['all'] >= 100 && abs($this->coverage($slice) - 0.8) >= abs($worst[1] - 0.8)) {
                $worst = [$slice, $this->coverage($slice)];
            }
        }

        return $worst;
    }

    /**
     * @return list<string>
     */
    public function sliceNames(): array
    {
        return array_keys($this->slices);
    }

    /** Mean absolute error four weeks ahead as a ratio to another method's: averaged or held. */
    public function errorRatio(string $to): float
    {
        $mean = fn (string $method): float => isset($this->errors[$method])
            ? $this->errors[$method]['sum'] / $this->errors[$method]['count']
            : NAN;

        return $mean('learning') / $mean($to);
    }
}
