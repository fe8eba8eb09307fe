<?php

declare(strict_types=1);

namespace App\Bridge\WashDays;

use App\Bridge\Clients\HeadRecord;
use App\Bridge\Products\ChosenBottle;
use App\Models\Head;
use App\Wording\Words;
use Nagomi\Core\Estimation\State;
use Nagomi\Core\Estimation\StateAfterSteps;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Treatments\Step;

/** What a wash day does to the balance when a step of it is done with another bottle. */
final readonly class BottleChanges
{
    public function __construct(
        private HeadOnDay $headOnDay,
        private HeadRecord $headRecord,
        private Parameters $parameters,
    ) {
    }

    /**
     * Where no bottle does what a step asks: the one that comes nearest, beside what is planned.
     *
     * @param list<Step> $day as planned
     *
     * @return string a sentence; empty where none comes near
     */
    public function nearest(Head $head, ChosenBottle $bottle, array $day): string
    {
        if ($bottle->nearest === null) {
            return '';
        }
        $frame = $this->headRecord->frame($head->loadMissing(['salon', 'zoneParts']));
        $state = $this->headOnDay->of($head, $frame, Calendar::dayOf($head->salon->today()));

        return Words::say('bottles.nearest', [
            'name' => (string) $bottle->nearest->product,
            'changes' => $this->between($state, $day, null, $bottle->nearest),
        ]);
    }

    /**
     * @param list<Step> $day  as planned
     * @param Step|null  $one  a step with the first bottle; null: with a usual one of its kind
     * @param Step|null  $other the same step with the other; null: it does nothing to the balance
     *
     * @return string what is different with the other
     */
    public function between(State $state, array $day, ?Step $one, ?Step $other): string
    {
        if ($other === null) {
            return Words::say('bottles.changes.none');
        }
        $from = StateAfterSteps::of($state, $one === null ? $day : self::with($day, $one));
        $to = StateAfterSteps::of($state, self::with($day, $other));
        $changes = array_filter([
            self::shorter($one === null ? $day : self::with($day, $one), $other),
            $this->change('moisture', $to->moisture - $from->moisture),
            $this->change('protein', $to->protein - $from->protein),
            $this->change('build-up', $to->buildUp - $from->buildUp),
        ]);

        return $changes === [] ? Words::say('bottles.changes.none') : implode(', ', $changes);
    }

    /**
     * @param list<Step> $day
     *
     * @return list<Step>
     */
    private static function with(array $day, Step $one): array
    {
        return array_map(
            static fn (Step $step): Step => self::isSame($step, $one) ? $one : $step,
            $day,
        );
    }

    private static function isSame(Step $one, Step $other): bool
    {
        return $one->kind === $other->kind && $one->cleanse === $other->cleanse;
    }

    /** @param list<Step> $day */
    private static function shorter(array $day, Step $with): string
    {
        foreach ($day as $step) {
            if (self::isSame($step, $with) && $step->minutes !== $with->minutes) {
                return Words::say('bottles.changes.shorter', ['minutes' => (string) $with->minutes]);
            }
        }

        return '';
    }

    private function change(string $what, float $points): string
    {
        return abs($points) < $this->parameters->planning->worthSaying['bottle'] ? '' : Words::say(
            "bottles.changes.{$what}",
            ['points' => Words::say('bottles.changes.' . ($points > 0 ? 'higher' : 'lower'), [
                'points' => Words::rounded(abs($points), 1),
            ])],
        );
    }
}
