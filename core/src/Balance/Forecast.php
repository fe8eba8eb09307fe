<?php

declare(strict_types=1);

namespace Nagomi\Core\Balance;

use Nagomi\Core\Head\Head;
use Nagomi\Core\Parameter\Model;
use Nagomi\Core\Treatment\DayContext;
use Nagomi\Core\Treatment\Step;
use Nagomi\Core\Treatment\StepKind;
use Nagomi\Core\Treatment\TreatmentBook;

/** Rolls a head forward through planned wash days, its doubt with it. */
final class Forecast
{
    /**
     * @param array<int, list<Step>> $washDays steps by day, counted from the start; 0 is the day of the start
     *
     * @return list<Point> the end of each day, 0 to $days
     */
    public static function from(Point $start, array $washDays, int $days): array
    {
        // Offsets of signs neither move nor weigh on what moves: without them the doubt is rolled on in half the time.
        $state = $start->state->withoutSigns();
        $sealed = $start->sealed;
        $tight = $start->tight;
        $points = [];
        for ($day = 0; $day <= $days; $day++) {
            if ($day > 0) {
                $state = Reserves::afterDays($state, 1, $sealed, $start->date->modify('+' . ($day - 1) . ' days'), $tight)->state;
            }
            if (isset($washDays[$day])) {
                [$state, $sealed] = self::washed($state, $washDays[$day], $sealed);
                $tight = false;
            }
            $points[] = new Point($start->date->modify("+{$day} days"), $state, $sealed, $tight);
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
        $context = new DayContext($head, in_array(StepKind::PreWash, $kinds, true));
        foreach ($steps as $step) {
            $state = Reserves::afterStep($state, self::effects($head, $step, $context), Model::EFFECT_SD)->state;
        }

        return [$state, in_array(StepKind::Cleanse, $kinds, true) ? in_array(StepKind::Seal, $kinds, true) : $sealed];
    }

    /** @return list<\Nagomi\Core\Treatment\StratumEffect> one for each stratum */
    public static function effects(Head $head, Step $step, DayContext $context): array
    {
        $treatment = TreatmentBook::of($step->kind);

        return array_map(static fn ($stratum) => $treatment->effectOn($stratum, $step, $context), $head->strata);
    }
}
