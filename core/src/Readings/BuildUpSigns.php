<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Wording\Message;

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
            new RawMeasure('dull', Message::of('tests.build-up-signs.dull'), 'of 2', 0, 2),
            new RawMeasure('beads', Message::of('tests.build-up-signs.beads'), 'of 2', 0, 2),
            new RawMeasure('film', Message::of('tests.build-up-signs.film'), 'of 2', 0, 2),
            new RawMeasure('sticky', Message::of('tests.build-up-signs.sticky'), 'of 2', 0, 2),
            new RawMeasure('no_lather', Message::of('tests.build-up-signs.no-lather'), 'of 2', 0, 2),
        ];
    }

    public function measure(array $raw, Parameters $parameters): array
    {
        $points = 0.0;
        foreach ($this->rawMeasures() as $measure) {
            $points += $this->number($raw, $measure->name);
        }

        return [new MeasuredSign(Sign::BuildUpSigns, $points, Sign::BuildUpSigns->sd($parameters->signs), match (true) {
            $points >= 5 => Message::of('readings.build-up-signs.much'),
            $points >= 3 => Message::of('readings.build-up-signs.some'),
            $points > 0 => Message::of('readings.build-up-signs.few'),
            default => Message::of('readings.build-up-signs.none'),
        })];
    }
}
