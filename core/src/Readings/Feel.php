<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Wording\Message;

/** How the hair feels between the fingers, from stiff straw to soft mush. */
final readonly class Feel implements Test
{
    use AsksForNumbers;

    public function name(): string
    {
        return 'feel';
    }

    public function moments(): array
    {
        return Moment::cases();
    }

    public function rawMeasures(): array
    {
        return [new RawMeasure('points', Message::of('tests.feel.points'), '(stiff to mushy)', -5, 5)];
    }

    public function measure(array $raw, Parameters $parameters): array
    {
        $points = $this->number($raw, 'points');

        return [new MeasuredSign(Sign::Feel, $points, Sign::Feel->sd($parameters->signs), match (true) {
            $points <= -2 => Message::of('readings.feel.stiff'),
            $points >= 2 => Message::of('readings.feel.soft'),
            default => Message::of('readings.feel.neither'),
        })];
    }
}
