<?php

declare(strict_types=1);

namespace Nagomi\Core\Learning;

use DateTimeImmutable;
use Nagomi\Core\Estimation\HeadHistory;
use Nagomi\Core\Estimation\KalmanFilter;
use Nagomi\Core\Estimation\Prior;
use Nagomi\Core\Parameters\InvalidParameters;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Statistics\ShrunkRegression;

/**
 * What heads of one kind have in common: from what each head's own records say of its rates, what porosity, strand and
 * curl each shift them by, drawn towards none (a linear mixed model with known variances; Laird and Ware 1982, from
 * memory). What all heads of a salon have in common is no kind's.
 */
final class AlikeHeads
{
    private const ALL = 'all';

    /** Nearer to what was assumed than that, the records said nothing. */
    private const TOLD = 0.98;

    /** Of what all heads have in common next to nothing is held to be known before. */
    private const ALL_SD = 1.0;

    /** How much kinds may differ, as times what they are thought to; evenly apart. */
    private const WIDTHS = [0.1, 0.4, 0.7, 1.0, 1.3, 1.6, 1.9, 2.2];

    /**
     * What a head's records alone say of each of its rates: the posterior with the prior taken out again.
     *
     * @param Parameters $parameters it is followed by
     *
     * @return array<string, array{float, float}> logarithm and its variance by rate; none of what they say nothing of
     */
    public static function said(HeadHistory $history, DateTimeImmutable $until, Parameters $parameters): array
    {
        $state = KalmanFilter::through($history->under($parameters), $until)->last()->state;
        $head = $state->layout->head;
        $said = [];
        foreach ($state->layout->rates() as $rate => $index) {
            $before = Prior::rateVariance($head, $rate);
            $after = $state->covariance[$index][$index];
            if ($after > 0.0 && $after < self::TOLD * $before) {
                $precision = 1 / $after - 1 / $before;
                $said[$rate] = [
                    ($state->mean[$index] / $after - Prior::shift($head, $rate) / $before) / $precision,
                    1 / $precision,
                ];
            }
        }

        return $said;
    }

    /**
     * @param list<array{kind: array<string, float>, said: array<string, array{float, float}>}> $heads each with its
     *     kinds of hair, share by share, and what its records say
     *
     * @return array<string, array<string, KindShift>> by rate and kind
     */
    public static function shifts(array $heads, Parameters $parameters): array
    {
        $shifts = [];
        foreach ($parameters->population->shifts as $rate => $kinds) {
            $counts = array_fill_keys(array_keys($kinds), 0.0);
            $rows = [];
            foreach ($heads as ['kind' => $kind, 'said' => $said]) {
                if (isset($said[$rate])) {
                    $x = array_intersect_key($kind, $kinds);
                    foreach ($x as $of => $share) {
                        $counts[$of] += $share;
                    }
                    $rows[] = self::row($x, ...$said[$rate], ...[$parameters->model->learnedPriorSd[$rate]]);
                }
            }
            foreach (self::averaged($rows, $counts, $parameters->population->spread) as $kind => [$log, $sd]) {
                $shifts[$rate][$kind] = new KindShift($log, $sd, $counts[$kind]);
            }
        }

        return $shifts;
    }

    /**
     * The parameters by which heads of each kind begin so; what is left open of it widens what is thought of them.
     *
     * @param array<string, array<string, KindShift>> $shifts by rate and kind; what is no kind any more is left out
     *
     * @throws InvalidParameters where the table lacks a parameter
     */
    public static function parameters(Parameters $parameters, array $shifts): Parameters
    {
        $table = $parameters->table;
        foreach ($parameters->population->shifts as $rate => $kinds) {
            foreach (array_intersect_key($shifts[$rate] ?? [], $kinds) as $kind => $shift) {
                foreach (['population.shift' => $shift->log, 'population.shift-sd' => $shift->sd] as $name => $value) {
                    $one = $table->one($name, "{$rate}/{$kind}");
                    $table = $table->with($name, $one->key, max($one->least, min($one->most, $value)));
                }
            }
        }

        return new Parameters($table);
    }

    /**
     * @param array<string, float> $x
     * @param float $log      what a head's records say
     * @param float $variance of that
     * @param float $apart    standard deviation of heads of one kind
     *
     * @return array{x: array<string, float>, y: float} in standard deviations of what is said
     */
    private static function row(array $x, float $log, float $variance, float $apart): array
    {
        $sd = sqrt($variance + $apart ** 2);

        return [
            'x' => array_map(static fn (float $one): float => $one / $sd, $x + [self::ALL => 1.0]),
            'y' => $log / $sd,
        ];
    }

    /**
     * How much kinds differ is itself not known: each width counts for as much as the records speak for it.
     *
     * @param list<array{x: array<string, float>, y: float}> $rows
     * @param array<string, float>                           $counts heads by kind
     * @param float                                          $spread as much as kinds are thought to differ by
     *
     * @return array<string, array{float, float}> shift and its standard deviation by kind
     */
    private static function averaged(array $rows, array $counts, float $spread): array
    {
        $lines = $weights = [];
        foreach (self::WIDTHS as $width) {
            $prior = array_fill_keys(array_keys($counts), [0.0, $width * $spread]) + [self::ALL => [0.0, self::ALL_SD]];
            $lines[] = $line = ShrunkRegression::of($prior, $rows, 1.0);
            $weights[] = $line->evidence - 0.5 * $width ** 2;
        }
        $most = max($weights);
        $weights = array_map(static fn (float $weight): float => exp($weight - $most), $weights);
        $all = array_sum($weights);
        $averaged = [];
        foreach (array_keys($counts) as $kind) {
            $x = self::besideTheRest($kind, $counts);
            $mean = $square = 0.0;
            foreach ($lines as $i => $line) {
                $mean += $weights[$i] / $all * $line->expected($x);
                $square += $weights[$i] / $all * ($line->expected($x) ** 2 + $line->doubt($x) ** 2);
            }
            $averaged[$kind] = [$mean, sqrt(max(0.0, $square - $mean ** 2))];
        }

        return $averaged;
    }

    /**
     * @param array<string, float> $counts heads by kind
     *
     * @return array<string, float> one kind less the mean of the salon's heads by the same trait; [] where no head has it
     */
    private static function besideTheRest(string $kind, array $counts): array
    {
        $trait = strtok($kind, '/') . '/';
        $alike = array_filter(
            $counts,
            static fn (string $of): bool => str_starts_with($of, $trait),
            ARRAY_FILTER_USE_KEY,
        );
        $all = array_sum($alike);
        if ($all <= 0.0) {
            return [];
        }
        $x = array_map(static fn (float $count): float => -$count / $all, $alike);
        $x[$kind] += 1.0;

        return $x;
    }
}
