<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use Nagomi\Core\Planning\Rules\PreWashOnTheDay;
use Nagomi\Core\Planning\Rules\StylingOnTheDay;
use Nagomi\Core\Planning\Rules\WithinMinutes;
use WeakMap;

/**
 * What a short day has no time for goes on the evening before or on the day after: that follows from the day, so that a
 * search need not choose it.
 */
final class DayParts
{
    private readonly bool $isShort;

    /** @var WeakMap<WashOption, WashOption> the same way, all of it on the day itself */
    private readonly WeakMap $whole;

    /** @var WeakMap<WashOption, list<WashOption>> the same way in parts, the fewer first */
    private readonly WeakMap $inParts;

    /** @var WeakMap<WashOption, array<string, WashOption>> as it is done, by all a day differs in */
    private readonly WeakMap $done;

    private readonly PreWashOnTheDay $preWash;

    private readonly StylingOnTheDay $styling;

    private readonly WithinMinutes $minutes;

    public function __construct(MeanSimulator $terrain)
    {
        $this->isShort = $terrain->terms->limitMinutes($terrain->head);
        $this->whole = new WeakMap();
        $this->inParts = new WeakMap();
        $this->done = new WeakMap();
        $this->preWash = new PreWashOnTheDay();
        $this->styling = new StylingOnTheDay();
        $this->minutes = new WithinMinutes();
    }

    /** The way as it is done on a day, one set by hand as well; too long in any parts, it is as short as can be. */
    public function on(WashOption $choice, RuleContext $standing): WashOption
    {
        if (! $this->isShort) {
            return $choice;
        }
        $day = "{$standing->day} {$standing->nextWash} {$standing->lastDetangled}";
        $done = $this->done[$choice] ?? [];
        if (! isset($done[$day])) {
            $done[$day] = $this->inTime($choice, $standing);
            $this->done[$choice] = $done;
        }

        return $done[$day];
    }

    private function inTime(WashOption $choice, RuleContext $standing): WashOption
    {
        $whole = $this->whole[$choice] ??= $choice->stylesAfter || $choice->preWashBefore
            ? $choice->styled(false)->preWashed(false)
            : $choice;
        if ($this->minutes->allows($whole, $standing)) {
            return $whole;
        }
        $nearest = $whole;
        foreach ($this->inParts[$whole] ??= $this->parts($whole) as $parts) {
            if (! $this->preWash->allows($parts, $standing) || ! $this->styling->allows($parts, $standing)) {
                continue;
            }
            if ($this->minutes->allows($parts, $standing)) {
                return $parts;
            }
            $nearest = $standing->minutes($parts) < $standing->minutes($nearest) ? $parts : $nearest;
        }

        return $nearest;
    }

    /** @return list<WashOption> */
    private function parts(WashOption $whole): array
    {
        $before = $whole->preWash === null ? null : $whole->preWashed(true);
        $after = $whole->inStyle ? null : $whole->styled(true);

        return array_values(array_filter([$before, $after, $before?->styled(true)]));
    }
}
