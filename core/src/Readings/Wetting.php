<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

use Nagomi\Core\Parameters\Parameters;

/**
 * How a clean zone takes water: the time to wet through under the spray, whether drops bead or soak, and how rough it
 * slides. Oil and build-up spoil the test.
 */
final readonly class Wetting implements Test
{
    use AsksForNumbers;

    public function name(): string
    {
        return 'wetting';
    }

    public function moments(): array
    {
        return [Moment::BeforeCleansing, Moment::AfterCleansing];
    }

    public function rawMeasures(): array
    {
        return [
            new RawMeasure('seconds', 'Time to wet through', 's', 0, 1800, likely: [1, 600]),
            new RawMeasure('soak', 'Drops on it', 'of 2', 0, 2, whole: true),
            new RawMeasure(
                'slide',
                'Fingers, tip to root',
                'of 2',
                0,
                2,
                whole: true,
            ),
        ];
    }

    public function measure(array $raw, Parameters $parameters): array
    {
        $seconds = $this->number($raw, 'seconds');
        $soak = $this->number($raw, 'soak');
        $slide = $this->number($raw, 'slide');

        return [
            new MeasuredSign(Sign::WettingTime, $seconds, Sign::WettingTime->sd($parameters->signs), match (true) {
                $seconds >= 90 => 'slow to wet: as low porosity does',
                $seconds <= 15 => 'wets at once: as high porosity does',
                default => 'wets as medium porosity does',
            }),
            new MeasuredSign(
                Sign::Soak,
                $soak,
                Sign::Soak->sd($parameters->signs),
                match (true) {
                    $soak <= 0 => 'drops bead: as on low porosity, or on build-up',
                    $soak <= 1 => 'drops sink in slowly',
                    default => 'drops soak in at once: as into high porosity',
                },
            ),
            new MeasuredSign(
                Sign::Slide,
                $slide,
                Sign::Slide->sd($parameters->signs),
                match (true) {
                    $slide <= 0 => 'slides smoothly: the cuticle lies flat',
                    $slide <= 1 => 'slides a little roughly',
                    default => 'slides roughly: the cuticle is raised',
                },
            ),
        ];
    }
}
