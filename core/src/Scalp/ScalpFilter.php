<?php

declare(strict_types=1);

namespace Nagomi\Core\Scalp;

use DateTimeImmutable;
use Nagomi\Core\Climate\Humidity;
use Nagomi\Core\Head\Zone;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Readings\MeasuredSign;
use Nagomi\Core\Readings\Moment;
use Nagomi\Core\Readings\Reading;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;
use Nagomi\Core\Treatments\WashDay;

/**
 * Follows a scalp through what was done to it and what was read of it: an extended Kalman filter, one reading after the
 * other. Readings of a day come before what was done on it.
 */
final readonly class ScalpFilter
{
    /** What lies further back has long been washed out; a scalp's own ways are learned within it. */
    public const LOOKS_BACK_DAYS = 400;

    /** The tests that read it. */
    public const TESTS = ['scalp', 'scalp-at-home'];

    /** What is done to a scalp at all. */
    public const DONE_TO_IT = [StepKind::Cleanse, StepKind::ScalpOil];

    /** A reading further off than this many standard deviations is taken with as much more doubt. */
    private const SURPRISING_SD = 3.0;

    private function __construct(private Humidity $air, private Parameters $parameters)
    {
    }

    /**
     * @param list<WashDay> $washDays in any order
     * @param list<Reading> $readings in any order
     *
     * @return ScalpEstimate|null null where nobody ever read the scalp: unknown stays unknown
     */
    public static function through(
        array $washDays,
        array $readings,
        DateTimeImmutable $today,
        Humidity $air,
        Parameters $parameters,
    ): ?ScalpEstimate {
        $days = [];
        $since = $today->modify('-' . self::LOOKS_BACK_DAYS . ' days');
        $isWithin = static fn (DateTimeImmutable $date): bool => $date >= $since && $date <= $today;
        foreach ($readings as $reading) {
            if ($isWithin($reading->date) && in_array($reading->test, self::TESTS, true)) {
                $days[$reading->date->format('Y-m-d')][0][] = $reading;
            }
        }
        if ($days === []) {
            return null;
        }
        foreach ($washDays as $washDay) {
            if ($isWithin($washDay->date) && $washDay->has(...self::DONE_TO_IT)) {
                $day = $washDay->date->format('Y-m-d');
                $days[$day][1] = [...$days[$day][1] ?? [], ...$washDay->steps];
            }
        }
        ksort($days);

        return (new self($air, $parameters))->followed($days, $today);
    }

    /** @param non-empty-array<string, array{0?: list<Reading>, 1?: list<Step>}> $days readings and steps, by day */
    private function followed(array $days, DateTimeImmutable $today): ?ScalpEstimate
    {
        $state = ScalpState::usual($this->parameters->scalp);
        $before = $lastRead = null;
        $latest = $checks = [];
        foreach ($days as $key => $done) {
            $date = Calendar::day((string) $key) ?? $today;
            $state = $before === null ? $state : $this->after($state, $before, $date);
            foreach ($done[0] ?? [] as $reading) {
                $lastRead = $date;
                foreach ($reading->measured as $measured) {
                    $latest[$measured->sign->value] = [$measured->value, $date];
                    [$state, $check] = $this->read($state, $measured, $reading);
                    $checks = $check === null ? $checks : [...$checks, $check];
                }
                $state = $this->zonesRead($state, $reading);
            }
            foreach ($done[1] ?? [] as $step) {
                $state = ScalpDynamics::afterStep($state, $step, $this->parameters->scalp);
            }
            $before = $date;
        }

        return $lastRead === null
            ? null
            : new ScalpEstimate($this->after($state, $before, $today), $today, $lastRead, $latest, $checks);
    }

    private function after(ScalpState $state, DateTimeImmutable $from, DateTimeImmutable $until): ScalpState
    {
        $days = Calendar::daysBetween($from, $until);
        if ($days <= 0) {
            return $state;
        }
        $middle = $from->modify('+' . intdiv($days, 2) . ' days');

        return ScalpDynamics::afterDays($state, $days, $this->air->percentOn($middle), $this->parameters->scalp);
    }

    /** @return array{ScalpState, ScalpCheck|null} null for a sign that is not foretold */
    private function read(ScalpState $state, MeasuredSign $measured, Reading $reading): array
    {
        $scalp = $this->parameters->scalp;
        $weights = ScalpState::weights($measured->sign, $scalp);
        if ($weights === null) {
            return [$state, null];
        }
        $isAtHome = $reading->moment === Moment::Home;
        $noise = ($measured->sd * ($isAtHome ? $this->parameters->signs->homeNoiseFactor : 1.0)) ** 2;
        $expected = $variance = 0.0;
        $towards = array_fill(0, count($state->mean), 0.0);
        foreach ($weights as $i => $weight) {
            $expected += $weight * $state->mean[$i];
            foreach (array_keys($towards) as $j) {
                $towards[$j] += $weight * $state->covariance[$i][$j];
            }
        }
        foreach ($weights as $i => $weight) {
            $variance += $weight * $towards[$i];
        }
        $surprise = $measured->value - $expected;
        $zScore = $surprise / sqrt($variance + $noise);
        $check = new ScalpCheck($reading->date, $measured->sign, $reading->by, $measured->value, $expected, $zScore);
        $noise *= max(1.0, $surprise ** 2 / (self::SURPRISING_SD ** 2 * ($variance + $noise)));
        $mean = $covariance = [];
        foreach ($towards as $i => $gain) {
            $mean[] = $state->mean[$i] + $gain / ($variance + $noise) * $surprise;
            $covariance[] = array_map(
                static fn (float $is, float $other): float => $is - $gain * $other / ($variance + $noise),
                $state->covariance[$i],
                $towards,
            );
        }

        return [new ScalpState(self::clamped($mean), $covariance, $state->zones, $state->care, $state->oiled), $check];
    }

    /** What one zone flakes beyond the whole scalp is learned zone by zone. */
    private function zonesRead(ScalpState $state, Reading $reading): ScalpState
    {
        if ($reading->test !== 'scalp') {
            return $state;
        }
        $flakes = [];
        foreach (Zone::cases() as $zone) {
            $of = $reading->raw["flakes_{$zone->value}"] ?? 0;
            $flakes[$zone->value] = is_numeric($of) ? (float) $of : 0.0;
        }
        $whole = array_sum($flakes) / count($flakes);
        $noise = $this->parameters->scalp->zoneReadingSd ** 2;
        $zones = [];
        foreach ($state->zones as $zone => [$above, $variance]) {
            $gain = $variance / ($variance + $noise);
            $zones[$zone] = [$above + $gain * ($flakes[$zone] - $whole - $above), (1.0 - $gain) * $variance];
        }

        return new ScalpState($state->mean, $state->covariance, $zones, $state->care, $state->oiled);
    }

    /**
     * @param list<float> $mean
     *
     * @return list<float>
     */
    private static function clamped(array $mean): array
    {
        foreach ([ScalpState::OIL, ScalpState::FLAKES, ScalpState::DRYNESS] as $i) {
            $mean[$i] = max(0.0, min(10.0, $mean[$i]));
        }

        return $mean;
    }
}
