<?php

declare(strict_types=1);

namespace App\Bridge\WashDays;

use App\Models\Style;
use DateTimeImmutable;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\WashDay\StylingMethod;
use Nagomi\Core\WashDay\TakeDown;

/** When the style a head wears is to come down, and how long that takes. */
final readonly class StyleTakeDown
{
    public function __construct(private Parameters $parameters)
    {
    }

    public function of(Style $style, DateTimeImmutable $today): ?TakeDown
    {
        $styling = StylingMethod::tryFrom($style->styling);

        return $styling === null
            ? null
            : TakeDown::of(
                $styling,
                Calendar::dayOf($style->made_on),
                $today,
                $this->parameters->washDay,
                $style->stays_days,
            );
    }
}
