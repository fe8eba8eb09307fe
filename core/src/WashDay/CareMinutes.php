<?php

declare(strict_types=1);

namespace Nagomi\Core\WashDay;

use Nagomi\Core\Head\Head;
use Nagomi\Core\Planning\OptionMinutes;
use Nagomi\Core\Planning\WashOption;
use WeakMap;

/**
 * The minutes of a wash day as its builder counts them, at the head's own pace: a plan, a booking and the wash day
 * itself say the same.
 */
final class CareMinutes implements OptionMinutes
{
    /** @var array<string, float> by what is done */
    private array $known = [];

    /** @var WeakMap<WashOption, float> asked again and again of the same ways */
    private readonly WeakMap $byChoice;

    public function __construct(private readonly Pace $pace)
    {
        $this->byChoice = new WeakMap();
    }

    public function of(WashOption $choice, Head $head): float
    {
        return $this->byChoice[$choice] ??= $this->built($choice, $head);
    }

    private function built(WashOption $choice, Head $head): float
    {
        $steps = $choice->steps($head);

        return $this->known[serialize([$steps, $choice->stylesAfter])] ??= WashDayBuilder::plan(
            $head,
            $steps,
            $this->pace,
            DryingMethod::LeavesDamp,
            styling: $choice->stylesAfter ? StylingMethod::NotToday : StylingMethod::Rake,
        )->careMinutes();
    }
}
