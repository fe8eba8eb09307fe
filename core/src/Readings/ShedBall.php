<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

use Nagomi\Core\Parameters\Parameters;

/**
 * The ball of hair that came out, weighed: mass of one hair = π/4 · d² · ρ · L with ρ = 1.32 g/cm³ (Robbins; from
 * memory).
 */
final readonly class ShedBall implements Test
{
    use AsksForNumbers;

    public function name(): string
    {
        return 'shed-ball';
    }

    public function moments(): array
    {
        return [Moment::Home, Moment::BeforeCleansing, Moment::AfterCleansing];
    }

    public function rawMeasures(): array
    {
        return [
            new RawMeasure('mass_g', 'Mass of the ball, dry', 'g', 0, 60, likely: [0, 8]),
            new RawMeasure('length_mm', 'Mean length of its hairs', 'mm', 10, 2000),
            new RawMeasure('diameter_um', 'Strand diameter', 'µm', 15, 180),
            new RawMeasure('days_since_detangled', 'Days since last detangled', 'days', 0, 120),
        ];
    }

    public function measure(array $raw, Parameters $parameters): array
    {
        $hair = M_PI / 4 * (
            $this->number($raw, 'diameter_um') / 10_000
        ) ** 2 * $parameters->readings->hairDensityGPerCm3 * $this->number($raw, 'length_mm') / 10;
        $count = $hair > 0 ? $this->number($raw, 'mass_g') / $hair : 0.0;
        $usual = BrokenHairs::usualShed($this->number($raw, 'days_since_detangled'), $parameters->readings);

        return [new MeasuredSign(
            Sign::ShedCount,
            $count,
            max(1.0, 0.15 * $count),
            sprintf(
                'about %s of %.2f mg; %d to %d are usual over this time (American Academy of Dermatology): %s',
                (int) round($count) === 1 ? '1 hair' : number_format($count) . ' hairs',
                1000 * $hair,
                $usual['least'],
                $usual['most'],
                match (true) {
                    $count > $usual['most'] => 'more than usual; if it goes on, ask a clinician',
                    $count < $usual['least'] => 'fewer than usual',
                    default => 'as usual',
                },
            ),
        )];
    }
}
