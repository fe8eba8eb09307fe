<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Wording\Message;

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
            new RawMeasure('seconds', Message::of('tests.wetting.seconds'), 's', 0, 1800, likely: [1, 600]),
            new RawMeasure('soak', Message::of('tests.wetting.soak'), 'of 2', 0, 2, whole: true),
            new RawMeasure(
                'slide',
                Message::of('tests.wetting.slide'),
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
                $seconds >= 90 => Message::of('readings.wetting.slow'),
                $seconds <= 15 => Message::of('readings.wetting.at-once'),
                default => Message::of('readings.wetting.medium'),
            }),
            new MeasuredSign(
                Sign::Soak,
                $soak,
                Sign::Soak->sd($parameters->signs),
                match (true) {
                    $soak <= 0 => Message::of('readings.wetting.beads'),
                    $soak <= 1 => Message::of('readings.wetting.sinks'),
                    default => Message::of('readings.wetting.soaks'),
                },
            ),
            new MeasuredSign(
                Sign::Slide,
                $slide,
                Sign::Slide->sd($parameters->signs),
                match (true) {
                    $slide <= 0 => Message::of('readings.wetting.smooth'),
                    $slide <= 1 => Message::of('readings.wetting.a-little-rough'),
                    default => Message::of('readings.wetting.rough'),
                },
            ),
        ];
    }
}
