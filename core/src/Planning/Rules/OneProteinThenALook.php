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

    public function places(PlanningParameters $limits): array
    {
        return [
            'days' => $limits->looksApartDays,
            'mild' => $limits->mildAfterStrongDays,
            'strong' => $limits->strongAfterMildDays,
        ];
    }

    public function allows(WashOption $choice, RuleContext $standing): bool
    {
        $limits = $standing->limits();

        return match ($choice->protein) {
            StepKind::MildProtein => self::isOver($standing->lastStrong, $standing->day, $limits->mildAfterStrongDays)
                && ($standing->isReadSinceProtein() || self::isTimeToLook($standing)),
            StepKind::StrongProtein => self::isOver($standing->lastMild, $standing->day, $limits->strongAfterMildDays)
                && ($standing->isReadSinceProtein() || $standing->hasWashedBefore && self::isTimeToLook($standing)),
            default => true,
        };
    }

    /** Readings say little more before that. */
    private static function isTimeToLook(RuleContext $standing): bool
    {
        return self::isOver($standing->lastProtein, $standing->day, $standing->limits()->looksApartDays);
    }

    private static function isOver(?int $last, int $day, int $days): bool
    {
        return $last === null || $day - $last >= $days;
    }
}
