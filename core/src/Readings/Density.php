<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Wording\Message;

/** How much hair there is: the circumference of a tie round all of it, and how plainly the scalp shows at a parting. */
final readonly class Density implements Test
{
    use AsksForNumbers;

    public function name(): string
    {
        return 'density';
    }

    public function moments(): array
    {
        return [Moment::BeforeCleansing];
    }

    public function rawMeasures(): array
    {
        return [
            new RawMeasure('tie_mm', Message::of('tests.density.tie-mm'), 'mm', 10, 400, likely: [40, 200]),
            new RawMeasure(
                'parting',
                Message::of('tests.density.parting'),
                'of 2',
                0,
                2,
                whole: true,
            ),
        ];
    }

    public function measure(array $raw, Parameters $parameters): array
    {
        $circumference = $this->number($raw, 'tie_mm');

        $sd = Sign::TieCircumference->sd($parameters->signs);

        return [new MeasuredSign(Sign::TieCircumference, $circumference, $sd, match (true) {
            $circumference < 50 => Message::of('readings.density.thin'),
            $circumference > 100 => Message::of('readings.density.thick'),
            default => Message::of('readings.density.medium'),
        })];
    }
}
