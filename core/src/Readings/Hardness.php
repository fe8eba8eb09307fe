<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

use Nagomi\Core\Climate\WaterHardness;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Wording\Message;

/** Water hardness, by strip or from the utility’s report; 1 grain per US gallon is 17.1 mg/L of CaCO₃. */
final readonly class Hardness implements Test
{
    use AsksForNumbers;

    public function name(): string
    {
        return 'hardness';
    }

    public function moments(): array
    {
        return [Moment::BeforeCleansing, Moment::Home];
    }

    public function rawMeasures(): array
    {
        return [
            new RawMeasure('mg_per_l', Message::of('tests.hardness.mg-per-l'), 'mg/L CaCO₃', 0, 1000, likely: [0, 500]),
        ];
    }

    public function measure(array $raw, Parameters $parameters): array
    {
        $hardness = $this->number($raw, 'mg_per_l');

        return [new MeasuredSign(
            Sign::Hardness,
            $hardness,
            Sign::Hardness->sd($parameters->signs),
            Message::of('readings.hardness.' . str_replace(' ', '-', WaterHardness::fromMgPerL($hardness)->value)),
        )];
    }
}
