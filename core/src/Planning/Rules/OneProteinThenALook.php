<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning\Rules;

use Nagomi\Core\Parameters\PlanningParameters;
use Nagomi\Core\Planning\RuleContext;
use Nagomi\Core\Planning\WashOption;
use Nagomi\Core\Treatments\StepKind;

/** One treatment, and then a look at what it did before the next. */
final readonly class OneProteinThenALook implements Rule
{
    public function key(): string
    {
        return 'one-protein-then-a-look';
    }

    public function sentence(PlanningParameters $limits): string
    {
        return sprintf(
            'After strong protein mild protein waits %d days, after mild protein strong waits %d, and strong protein '
                . 'never follows another before the hair was read in between.',
            $limits->mildAfterStrongDays,
            $limits->strongAfterMildDays,
        );
    }

    public function frees(): string
    {
        return 'wait the days, or read the hair again';
    }

    public function allows(WashOption $choice, RuleContext $standing): bool
    {
        return match ($choice->protein) {
            StepKind::MildProtein => self::isOver(
                $standing->lastStrong,
                $standing->day,
                $standing->limits()->mildAfterStrongDays,
            ),
            StepKind::StrongProtein => ! $standing->terms->evidence->isUnreadSinceProtein
                && self::isOver($standing->lastMild, $standing->day, $standing->limits()->strongAfterMildDays),
            default => true,
        };
    }

    private static function isOver(?int $last, int $day, int $days): bool
    {
        return $last === null || $day - $last >= $days;
    }
}
