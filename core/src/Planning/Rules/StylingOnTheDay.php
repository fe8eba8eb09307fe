<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning\Rules;

use Nagomi\Core\Parameters\PlanningParameters;
use Nagomi\Core\Planning\RuleContext;
use Nagomi\Core\Planning\WashOption;

/**
 * Hair is styled on its wash day; on the day after only where the day is too short for it, and that one is not. Where the
 * wash is too long even so, two days that are each a little too long are nearer to what was wished than one by far.
 */
final readonly class StylingOnTheDay implements Rule
{
    public function key(): string
    {
        return 'styling-on-the-day';
    }

    public function places(PlanningParameters $limits): array
    {
        return [];
    }

    public function allows(WashOption $choice, RuleContext $standing): bool
    {
        if (! $choice->stylesAfter) {
            return true;
        }
        $limit = $standing->minutesLimit();
        $whole = $standing->terms->minutes($choice->styled(false), $standing->head);
        $next = $standing->date()->modify('+1 day');
        $limitNext = $standing->minutesLimit(1);
        $wash = $standing->terms->minutes($choice, $standing->head);

        return $limit !== null
            && $whole > $limit
            && $standing->nextWash !== $standing->day + 1
            && $standing->terms->canWash($next)
            && ($limitNext === null || $whole - $wash <= $limitNext || $wash > $limit);
    }
}
