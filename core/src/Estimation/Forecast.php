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
     *
     * @return list<Snapshot> the end of each day, 0 to $days
     */
    public static function from(Snapshot $start, array $washDays, int $days): array
    {
        // Offsets of signs neither move nor weigh on what moves: without them the doubt is rolled on in half the time.
        $state = $start->state->withoutSigns();
        $sealed = $start->sealed;
        $tight = $start->tight;
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
                [$state, $sealed] = self::washed($state, $washDays[$day], $sealed);
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

    /**
     * @param list<Step> $steps
     *
     * @return array{State, bool}
     */
    private static function washed(State $state, array $steps, bool $sealed): array
    {
        $head = $state->layout->head;
        $kinds = array_map(static fn (Step $step): StepKind => $step->kind, $steps);
        $context = TreatmentContext::on($head, $steps);
        foreach ($steps as $step) {
            $state = Dynamics::afterStep(
                $state,
                self::effects($head, $step, $context),
                $state->layout->parameters->treatments->effectSd,
            )->state;
        }

        $isCleansed = in_array(StepKind::Cleanse, $kinds, true);

        return [$state, $isCleansed ? TreatmentContext::seals($head, ...$steps) : $sealed];
    }

    /** @return list<\Nagomi\Core\Treatments\StratumEffect> one for each stratum */
    public static function effects(Head $head, Step $step, TreatmentContext $context): array
    {
        $treatment = TreatmentCatalogue::of($step->kind);

        return array_map(static fn ($stratum) => $treatment->effectOn($stratum, $step, $context), $head->strata);
    }
}
