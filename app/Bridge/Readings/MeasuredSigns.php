<?php

declare(strict_types=1);

namespace App\Bridge\Readings;

use App\Models\Reading;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Readings\MeasuredSign;
use Nagomi\Core\Readings\TestCatalogue;

/** The signs of a stored reading, by what the salon goes by. */
final readonly class MeasuredSigns
{
    public function __construct(private Parameters $parameters)
    {
    }

    /** @return list<MeasuredSign> none of a test that is no longer known */
    public function of(Reading $reading): array
    {
        return TestCatalogue::test($reading->test)?->measure($reading->raw, $this->parameters) ?? [];
    }
}
