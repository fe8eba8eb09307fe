<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Parameters\ReadingParameters;

/**
 * What several tests of one zone say of its porosity: each multiplies the odds of the three kinds. Times are log-normal
 * about what is
 * usual of a kind; beading and roughness have a probability of their own. Frizz alone does not tell and is not asked.
 */
final readonly class PorosityBelief
{
    /** @param array<string, float> $probabilities by porosity, summing to 1 */
    private function __construct(public array $probabilities)
    {
    }

    /**
     * @param list<MeasuredSign> $measured of one zone, from wetting and drying
     * @param bool           $coated   build-up was plain: beads and slow wetting then say little
     */
    public static function of(array $measured, ReadingParameters $parameters, bool $coated = false): self
    {
        $logs = array_fill_keys(
            array_map(static fn (Porosity $porosity): string => $porosity->value, Porosity::kinds()),
            0.0,
        );
        foreach ($measured as $one) {
            $trust = $coated && $one->sign !== Sign::DryingTime ? $parameters->porosityTrustWhenCoated : 1.0;
            foreach ($logs as $porosity => $log) {
                $logs[$porosity] = $log + $trust * self::logLikelihood($one, $porosity, $parameters);
            }
        }
        $most = max([-INF, ...array_values($logs)]);
        $weights = array_map(static fn (float $log): float => exp($log - $most), $logs);
        $sum = array_sum($weights);

        return new self(array_map(static fn (float $weight): float => $weight / $sum, $weights));
    }

    private static function logLikelihood(
        MeasuredSign $measured,
        string $porosity,
        ReadingParameters $parameters,
    ): float {
        return match ($measured->sign) {
            Sign::WettingTime => self::logOfTime(
                $measured->value,
                $parameters->porosityWettingSeconds[$porosity] ?? 1.0,
                $parameters->porosityLogSpread['wetting'],
            ),
            Sign::DryingTime => self::logOfTime(
                $measured->value,
                $parameters->porosityDryingMinutes[$porosity] ?? 1.0,
                $parameters->porosityLogSpread['drying'],
            ),
            Sign::Soak => log($parameters->porositySoaks[$porosity][(int) round($measured->value)] ?? 1.0),
            Sign::Slide => log($parameters->porositySlides[$porosity][(int) round($measured->value)] ?? 1.0),
            default => 0.0,
        };
    }

    private static function logOfTime(float $value, float $median, float $spread): float
    {
        return -0.5 * ((log(max(0.5, $value)) - log($median)) / $spread) ** 2;
    }

    public function likeliest(): Porosity
    {
        $probabilities = $this->probabilities;
        arsort($probabilities);

        return Porosity::from((string) array_key_first($probabilities));
    }

    /** Probability of the likeliest, 0 to 1. */
    public function certainty(): float
    {
        return max([0.0, ...array_values($this->probabilities)]);
    }
}
