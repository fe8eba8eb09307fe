<?php

declare(strict_types=1);

namespace App\Bridge\WashDays;

use App\Bridge\Clients\HeadRecord;
use App\Bridge\Products\ChosenBottle;
use App\Models\Head;
use App\Wording\Words;
use Nagomi\Core\Estimation\StateAfterSteps;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Treatments\Step;

/** Where no bottle does what a step asks: the one that comes nearest, and what it would change in the balance. */
final readonly class NearestBottle
{
    public function __construct(
        private HeadOnDay $headOnDay,
        private HeadRecord $headRecord,
        private Parameters $parameters,
    ) {
    }

    /**
     * @param list<Step> $day as planned
     *
     * @return string a sentence; empty where none comes near
     */
    public function says(Head $head, ChosenBottle $bottle, array $day): string
    {
        $with = $bottle->nearest;
        if ($with === null) {
            return '';
        }
        $frame = $this->headRecord->frame($head->loadMissing(['salon', 'zoneParts']));
        $state = $this->headOnDay->of($head, $frame, Calendar::dayOf($head->salon->today()));
        $planned = StateAfterSteps::of($state, $day);
        $nearest = StateAfterSteps::of($state, array_map(
            static fn (Step $step): Step => $step->kind === $with->kind && $step->cleanse === $with->cleanse
                ? $with
                : $step,
            $day,
        ));
        $changes = array_filter([
            self::shorter($day, $with),
            $this->change('moisture', $nearest->moisture - $planned->moisture),
            $this->change('protein', $nearest->protein - $planned->protein),
            $this->change('build-up', $nearest->buildUp - $planned->buildUp),
        ]);

        return Words::say('bottles.nearest', [
            'name' => (string) $with->product,
            'changes' => $changes === [] ? Words::say('bottles.changes.none') : implode(', ', $changes),
        ]);
    }

    /** @param list<Step> $day */
    private static function shorter(array $day, Step $with): string
    {
        foreach ($day as $step) {
            if ($step->kind === $with->kind && $step->minutes !== $with->minutes) {
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
                'points' => number_format(abs($points), 1),
            ])],
        );
    }
}
