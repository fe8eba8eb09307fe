<?php

declare(strict_types=1);

namespace Nagomi\Core\WashDay;

use Nagomi\Core\Head\Head;
use Nagomi\Core\Planning\OptionMinutes;
use Nagomi\Core\Planning\WashOption;
use Nagomi\Core\Treatments\StepKind;
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

    /** @var array<string, float> and of others like them, by name */
    private array $byName = [];

    /** @var array<string, float> minutes of detangling, on a usual day, by name of the way */
    private array $detangling = [];

    /** @var array<string, self> on days that are not as usual, by gap and take-down */
    private array $others = [];

    /** @var array<string, float> how many times longer than usual, by gap and take-down */
    private array $times = [];

    public function __construct(private readonly Pace $pace)
    {
        $this->byChoice = new WeakMap();
    }

    public function of(WashOption $choice, Head $head): float
    {
        return $this->byChoice[$choice] ??= $this->byName[$choice->name()] ??= $this->built($choice, $head);
    }

    public function on(WashOption $choice, Head $head, ?int $daysSince, bool $isTakenDown): float
    {
        $gapTimes = DetanglingDay::gapTimes($head, $daysSince);
        $this->others["{$gapTimes} {$isTakenDown}"] ??= new self($this->pace->on($gapTimes, $isTakenDown));

        return $this->others["{$gapTimes} {$isTakenDown}"]->of($choice, $head);
    }

    public function more(WashOption $choice, Head $head, ?int $daysSince, bool $isTakenDown): float
    {
        if ($choice->inStyle || ($daysSince === null && ! $isTakenDown)) {
            return 0.0;
        }
        $gapTimes = DetanglingDay::gapTimes($head, $daysSince);
        $more = $this->times["{$gapTimes} {$isTakenDown}"] ??= $this->times($gapTimes, $isTakenDown) - 1;

        return $more <= 0 ? 0.0 : $more * ($this->detangling[$choice->name()] ??= $this->detangles($choice, $head));
    }

    /** How many times as long detangling takes on such a day. */
    private function times(float $gapTimes, bool $isTakenDown): float
    {
        $usual = $this->pace->day;
        $then = $this->pace->on($gapTimes, $isTakenDown)->day;

        return $this->pace->detangling->minutes($then) / $this->pace->detangling->minutes($usual);
    }

    private function detangles(WashOption $choice, Head $head): float
    {
        $steps = $choice->steps($head);
        foreach ($steps as $step) {
            if ($step->kind === StepKind::Detangle) {
                return $this->pace->doing($steps)->detanglingMinutes($head, $step);
            }
        }

        return 0.0;
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
