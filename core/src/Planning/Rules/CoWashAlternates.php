<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning\Rules;

use Nagomi\Core\Head\MethodQuestion;
use Nagomi\Core\Parameters\PlanningParameters;
use Nagomi\Core\Planning\ProgrammeKind;
use Nagomi\Core\Planning\RuleContext;
use Nagomi\Core\Planning\WashOption;
use Nagomi\Core\Treatments\CleanseKind;

/** Where the house alternates, it does so strictly; a scalp that flakes or is oily is washed out of turn. */
final readonly class CoWashAlternates implements Rule
{
    public function key(): string
    {
        return 'co-wash-alternates';
    }

    public function places(PlanningParameters $limits): array
    {
        return [];
    }

    public function allows(WashOption $choice, RuleContext $standing): bool
    {
        $isCoWash = $choice->cleanse === CleanseKind::CoWash;
        if (! self::alternates($standing)) {
            // It was agreed on for a while, and that is over or has not begun.
            return ! $isCoWash || $standing->head->method->says(MethodQuestion::Cleansing, 'alternate-co-wash');
        }
        $scalp = $standing->terms->scalpPlan?->on($standing->date());
        if (
            $standing->coWashLast === null
                || ($scalp->for ?? null) !== null
                || ($scalp->isOily ?? false)
                || $standing->terms->wishes->leaveOut('co-wash', $standing->date())
        ) {
            return true;
        }

        return $isCoWash !== $standing->coWashLast;
    }

    /** By the house, or by a programme while it lasts; where both are gentle already there is nothing to take turns. */
    private static function alternates(RuleContext $standing): bool
    {
        $terms = $standing->terms;
        $asks = static fn (ProgrammeKind $kind): bool =>
            $terms->programmes !== [] && $terms->keepsTo($kind, $standing->date());

        return $asks(ProgrammeKind::AlternateCoWash)
            || ! $asks(ProgrammeKind::GentleCleansing)
                && $standing->head->method->says(MethodQuestion::Cleansing, 'alternate-co-wash');
    }
}
