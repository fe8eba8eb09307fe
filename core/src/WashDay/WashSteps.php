<?php

declare(strict_types=1);

namespace Nagomi\Core\WashDay;

use Nagomi\Core\Head\Head;

/**
 * Every step a wash day can have, as it is done on one head by its own method: minutes, tool, water, heat and what to
 * watch.
 */
final readonly class WashSteps
{
    public PreparingSteps $before;
    public WaterSteps $water;
    public FinishingSteps $after;

    /** @param bool $inStyle washed in a style that stays up: nothing is parted, detangled or styled */
    public function __construct(Head $head, Pace $pace, bool $inStyle = false)
    {
        $this->before = new PreparingSteps($head, $pace);
        $this->water = new WaterSteps($head, $inStyle);
        $this->after = new FinishingSteps($head);
    }
}
