<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Wording\Figure;
use Nagomi\Core\Wording\Message;

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
            new RawMeasure('mass_g', Message::of('tests.shed-ball.mass-g'), 'g', 0, 60, likely: [0, 8]),
            new RawMeasure('length_mm', Message::of('tests.shed-ball.length-mm'), 'mm', 10, 2000),
            new RawMeasure('diameter_um', Message::of('tests.shed-ball.diameter-um'), 'µm', 15, 180),
            new RawMeasure('days_since_detangled', Message::of('tests.shed-ball.days-since-detangled'), 'days', 0, 120),
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
            Message::of(
                'readings.shed-ball.' . match (true) {
                    $count > $usual['most'] => 'more',
                    $count < $usual['least'] => 'fewer',
                    default => 'usual',
                },
                count: (int) round($count),
                mass: new Figure(1000 * $hair, 2),
                least: (int) $usual['least'],
                most: (int) $usual['most'],
            ),
        )];
    }
}
