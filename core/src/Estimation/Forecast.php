<?php

declare(strict_types=1);

namespace Nagomi\Core\Estimation;

use Nagomi\Core\Head\Head;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;
use Nagomi\Core\Treatments\TreatmentCatalogue;
use Nagomi\Core\Treatments\TreatmentContext;

/** Rolls a head forward through planned wash days, its doubt with it. */
final class Forecast
{
    /**
     * @param array<int, list<Step>> $washDays steps by day, counted from the start; 0 is the day of the start
     * @param array<int, true>       $atHome   days of these on which they are done at home, where some are left out
     * @param bool $besideAnybody only as far as more is left out than with anybody: what a plan is chosen by
     *
     * @return list<Snapshot> the end of each day, 0 to $days
     */
    public static function from(
        Snapshot $start,
        array $washDays,
        int $days,
        array $atHome = [],
        bool $besideAnybody = false,
    ): array {
        // Offsets of signs neither move nor weigh on what moves: without them the doubt is rolled on in half the time.
        $state = $start->state->withoutSigns();
        $sealed = $start->sealed;
        $tight = $start->tight;
        $habits = $start->habits ?? HomeHabits::assumed($state->layout->parameters->habits);
        $points = [];
        for ($day = 0; $day <= $days; $day++) {
            if ($day > 0) {
                $state = Dynamics::afterDays(
                    $state,
                    1,
                    $sealed,
                    $start->date->modify('+' . ($day - 1) . ' days'),
                    $tight,
                )->state;
            }
            if (isset($washDays[$day])) {
                $who = isset($atHome[$day]) ? $habits : null;
                $meant = $besideAnybody
                    ? MeantSteps::besideAnybody($state->layout->head, $washDays[$day], $who)
                    : MeantSteps::of($state->layout->head, $washDays[$day], $who);
                $state = self::washed($state, $meant);
                $sealed = self::cleanses($washDays[$day]) ? $meant->seals : $sealed;
                $tight = false;
            }
            $points[] = new Snapshot(
                $start->date->modify("+{$day} days"),
                $state,
                $sealed,
                $tight,
                $start->habits,
            );
        }

        return $points;
    }

    private static function washed(State $state, MeantSteps $meant): State
    {
        foreach ($meant->steps as $chances) {
            $state = Dynamics::afterOneOf($state, $chances, $state->layout->parameters->treatments->effectSd)->state;
        }

        return $state;
    }

    /** @param list<Step> $steps */
    private static function cleanses(array $steps): bool
    {
        return in_array(StepKind::Cleanse, array_map(static fn (Step $step): StepKind => $step->kind, $steps), true);
    }

    /** @return list<\Nagomi\Core\Treatments\StratumEffect> one for each stratum */
    public static function effects(Head $head, Step $step, TreatmentContext $context): array
    {
        $treatment = TreatmentCatalogue::of($step->kind);

        return array_map(static fn ($stratum) => $treatment->effectOn($stratum, $step, $context), $head->strata);
    }
}
