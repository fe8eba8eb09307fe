<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning\Rules;

use Nagomi\Core\Parameters\PlanningParameters;
use Nagomi\Core\Planning\Programme;
use Nagomi\Core\Planning\ProgrammeKind;
use Nagomi\Core\Planning\RuleContext;
use Nagomi\Core\Planning\WashOption;
use Nagomi\Core\Planning\WashOptions;
use Nagomi\Core\Treatments\CleanseKind;

/** What was agreed for some weeks holds while they last; after them the method and the signs decide again. */
final readonly class ProgrammeIsKept implements Rule
{
    public function key(): string
    {
        return 'programme-is-kept';
    }

    public function places(PlanningParameters $limits): array
    {
        return [];
    }

    public function allows(WashOption $choice, RuleContext $standing): bool
    {
        $running = $standing->terms->programmes === [] ? [] : $standing->terms->programmesOn($standing->date());
        $asks = array_map(static fn (Programme $programme): ProgrammeKind => $programme->kind, $running);
        // What only a programme brings or takes away is so only while it lasts.
        $isBrought = $choice->preWash === 'conditioner' && WashOptions::preWash($standing->head) !== 'conditioner';
        if (
            $choice->oils === in_array(ProgrammeKind::NoOils, $asks, true)
                || $isBrought && ! in_array(ProgrammeKind::PreWash, $asks, true)
        ) {
            return false;
        }
        foreach ($running as $programme) {
            if (! self::keeps($choice, $programme, $standing)) {
                return false;
            }
        }

        return true;
    }

    private static function keeps(WashOption $choice, Programme $programme, RuleContext $standing): bool
    {
        $within = $programme->maskWithinDays($standing->date());

        return match ($programme->kind) {
            // What needs loose hair waits until a style comes down.
            ProgrammeKind::WeeklyMask, ProgrammeKind::FirstMonth => $choice->masks() || $choice->inStyle
                || $standing->lastMask !== null
                    && ($standing->nextWash ?? $standing->day) - $standing->lastMask <= (int) $within,
            ProgrammeKind::NoProtein => $choice->protein === null,
            ProgrammeKind::NoHeat => ! $choice->heat,
            ProgrammeKind::GentleCleansing => in_array(
                $choice->cleanse,
                [CleanseKind::CoWash, CleanseKind::LowLather, CleanseKind::Gentle],
                true,
            ),
            ProgrammeKind::NoOils => ! $choice->oils && $choice->preWash !== 'oil',
            ProgrammeKind::PreWash => $choice->preWash !== null || $choice->inStyle,
            // Its turns are held by the rule of turns.
            ProgrammeKind::AlternateCoWash => true,
        };
    }
}
