<?php

declare(strict_types=1);

namespace Nagomi\Core\WashDay;

use Nagomi\Core\Head\Head;
use Nagomi\Core\Planning\OptionMinutes;
use Nagomi\Core\Planning\WashOption;

/**
 * The minutes of a wash day as its builder counts them, at the head's own pace: a plan, a booking and the wash day
 * itself say the same.
 */
final class CareMinutes implements OptionMinutes
{
    /** @var array<string, float> by what is done */
    private array $known = [];

    public function __construct(private readonly Pace $pace)
    {
    }

    public function of(WashOption $choice, Head $head): float
    {
        $steps = $choice->steps($head);

        return $this->known[serialize([$steps, $choice->stylesAfter])] ??= WashDayBuilder::plan(
            $head,
            $steps,
            $this->pace,
            DryingMethod::LeavesDamp,
            $choice->stylesAfter ? 0.0 : 1.0,
        )->careMinutes();
    }
}
