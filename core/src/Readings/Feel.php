<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

use Nagomi\Core\Parameters\Parameters;

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
        return [new RawMeasure('points', 'Feel', '(stiff to mushy)', -5, 5)];
    }

    public function measure(array $raw, Parameters $parameters): array
    {
        $points = $this->number($raw, 'points');

        return [new MeasuredSign(Sign::Feel, $points, Sign::Feel->sd($parameters->signs), match (true) {
            $points <= -2 => 'on the stiff side: protein leads, or moisture lacks',
            $points >= 2 => 'on the soft side: moisture leads, or protein lacks',
            default => 'neither stiff nor mushy',
        })];
    }
}
