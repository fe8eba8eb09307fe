<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

use Nagomi\Core\Parameters\Parameters;

/** Five signs of build-up, 0 to 2 each: dull, water beads, white film, sticky when dry, roots will not lather. */
final readonly class BuildUpSigns implements Test
{
    use AsksForNumbers;

    public function name(): string
    {
        return 'build-up-signs';
    }

    public function moments(): array
    {
        return Moment::cases();
    }

    public function rawMeasures(): array
    {
        return [
            new RawMeasure('dull', 'Dull', 'of 2', 0, 2),
            new RawMeasure('beads', 'Water beads', 'of 2', 0, 2),
            new RawMeasure('film', 'White film', 'of 2', 0, 2),
            new RawMeasure('sticky', 'Sticky when dry', 'of 2', 0, 2),
            new RawMeasure('no_lather', 'Roots will not lather', 'of 2', 0, 2),
        ];
    }

    public function measure(array $raw, Parameters $parameters): array
    {
        $points = 0.0;
        foreach ($this->rawMeasures() as $measure) {
            $points += $this->number($raw, $measure->name);
        }

        return [new MeasuredSign(Sign::BuildUpSigns, $points, Sign::BuildUpSigns->sd($parameters->signs), match (true) {
            $points >= 5 => 'much build-up: treatments hardly get through; clarify',
            $points >= 3 => 'some build-up',
            $points > 0 => 'few signs of build-up',
            default => 'no sign of build-up',
        })];
    }
}
