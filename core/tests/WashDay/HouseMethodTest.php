<?php

declare(strict_types=1);

use Nagomi\Core\Head\Head;
use Nagomi\Core\Head\Method;
use Nagomi\Core\Head\MethodQuestion;
use Nagomi\Core\Head\Part;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Head\StrandDiameter;
use Nagomi\Core\Head\Zone;
use Nagomi\Core\Head\ZonePart;
use Nagomi\Core\Planning\PlanTerms;
use Nagomi\Core\Planning\Rules\RulesInForce;
use Nagomi\Core\Planning\WashOptions;
use Nagomi\Core\Tests\Support\English;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;
use Nagomi\Core\WashDay\DryingMethod;
use Nagomi\Core\WashDay\Pace;
use Nagomi\Core\WashDay\WashDayBuilder;
use Nagomi\Core\WashDay\WashDayPlan;
use Nagomi\Core\WashDay\WashDayStep;

/*
 * Every answer of the intake changes the first draft of a wash day, or what may be planned for it. Common practice, no
 * source: the schools of the handbook.
 */

/** @param array<string, string> $answers */
function headOfHouse(array $answers, int $sections = 4, Porosity $porosity = Porosity::Low): Head
{
    return new Head(
        [new ZonePart(Zone::Crown, Part::Length, $porosity, StrandDiameter::Medium)],
        hardnessMgPerL: 300.0,
        sections: $sections,
        method: new Method($answers),
    );
}

/** @return list<WashDayPlan> every way the plan may choose, each laid out as a day on which a trim is due */
function daysOfHouse(Head $head): array
{
    $pace = Pace::of($head, []);
    $days = [];
    foreach (WashOptions::of($head) as $option) {
        $steps = [...$option->steps($head), new Step(StepKind::Trim, millimetres: 5.0)];
        $days[] = WashDayBuilder::plan($head, $steps, $pace, DryingMethod::Diffuse);
    }

    return $days;
}

/** What the hand does: every way of a day, in its order. */
function handOf(Head $head): string
{
    return (string) json_encode(array_map(
        static fn (WashDayPlan $day): array => array_map(
            static fn (WashDayStep $step): array => [...$step->toArray(), 'beside' => $step->beside],
            $day->steps,
        ),
        daysOfHouse($head),
    ));
}

/** @return array<string, array{MethodQuestion}> */
function questionsOfHouse(): array
{
    $questions = [];
    foreach (MethodQuestion::cases() as $question) {
        $questions[$question->value] = [$question];
    }

    return $questions;
}

it('lays a day out otherwise for every answer', function (MethodQuestion $question): void {
    // What only says when something is done, and not how, changes which rules there are.
    $isOfTheSeason = in_array($question, [MethodQuestion::MaskRhythm, MethodQuestion::Protein], true);
    $said = [];
    foreach ($question->choices() as $choice) {
        $head = headOfHouse([$question->value => $choice]);
        $said[$choice] = $isOfTheSeason
            ? serialize(RulesInForce::of($head, new PlanTerms()))
            : handOf($head);
    }
    if ($question === MethodQuestion::Scalp) {
        // Whether oil goes on a scalp that flakes is a matter of the day: ScalpNeeds, tested beside it.
        unset($said['oil-also-when-flaking']);
    }
    expect(count(array_unique($said)))->toBe(count($said), "{$question->value}: two answers do the same");
})->with(questionsOfHouse());

it('has what it always has, whatever the answers', function (): void {
    mt_srand(14);
    for ($draw = 0; $draw < 60; $draw++) {
        $answers = [];
        foreach (MethodQuestion::cases() as $question) {
            $answers[$question->value] = $question->choices()[mt_rand(0, count($question->choices()) - 1)];
        }
        foreach (daysOfHouse(headOfHouse($answers, mt_rand(1, 8), Porosity::cases()[mt_rand(0, 2)])) as $day) {
            $keys = array_map(static fn (WashDayStep $step): string => $step->key, $day->steps);
            expect($keys)->toBe(array_values(array_unique($keys)))
                ->and($keys[0])->toBe('ready')->and(end($keys))->toBe('tools')
                ->and(count(array_keys($keys, 'detangle', true)))->toBe(1)
                ->and(count(array_keys($keys, 'trim', true)))->toBe(1);
            foreach ($day->steps as $step) {
                expect($step->handsOnMinutes)->toBeGreaterThanOrEqual(0.0)->toBeLessThan(200.0)
                    ->and($step->waitingMinutes)->toBeGreaterThanOrEqual(0.0)->toBeLessThan(400.0);
            }
        }
    }
});

it('finishes cool once, with the last rinse', function (): void {
    foreach (daysOfHouse(headOfHouse(['rinse-water' => 'warm-then-cool', 'mask-and-conditioner' => 'both'])) as $day) {
        $rinses = array_values(array_filter(
            $day->steps,
            static fn (WashDayStep $step): bool => str_starts_with($step->key, 'rinse'),
        ));
        $cool = array_filter($rinses, static fn (WashDayStep $step): bool => $step->water === 'warm-then-cool');
        expect(count($cool))->toBe(1)->and(array_key_last($cool))->toBe(count($rinses) - 1);
    }
});

it('takes longer to wash in sections, by their number', function (): void {
    $minutes = static fn (string $how, int $sections): float => array_values(array_filter(
        daysOfHouse(headOfHouse(['shampoo-sections' => $how], $sections))[0]->steps,
        static fn (WashDayStep $step): bool => str_starts_with($step->key, 'cleanse'),
    ))[0]->handsOnMinutes;
    expect($minutes('whole-head', 8))->toBe($minutes('whole-head', 2))
        ->and($minutes('in-sections', 8) - $minutes('in-sections', 2))->toEqualWithDelta(3.0, 1e-9)
        ->and($minutes('in-sections', 2))->toBeGreaterThan($minutes('whole-head', 2));
});

it('plans the steps of a day in the order in which they are laid out', function (string $when): void {
    $head = headOfHouse(['detangling' => $when, 'pre-wash' => 'oil', 'scalp' => 'oil-or-spray']);
    foreach (WashOptions::of($head) as $option) {
        $steps = $option->steps($head);
        $laid = array_values(array_filter(array_map(
            static fn (WashDayStep $step): ?string => $step->books?->kind->value,
            WashDayBuilder::plan($head, $steps, Pace::of($head, []), DryingMethod::Diffuse)->steps,
        )));
        expect(array_values(array_unique($laid)))->toBe(array_values(array_unique(
            array_map(static fn (Step $step): string => $step->kind->value, $steps),
        )));
    }
})->with(MethodQuestion::Detangling->choices());

it('names in each step what it is done with', function (): void {
    $head = headOfHouse([
        'detangling' => 'dry-with-oil', 'cleansing' => 'clarify-then-moisturise', 'mask-heat' => 'cap-or-hood',
    ]);
    $day = WashDayBuilder::plan($head, [
        Step::preWash('oil', 30.0, true), Step::cleanse(CleanseKind::Chelating), Step::cleanse(CleanseKind::Gentle),
        Step::mask(10.0, true), Step::detangle(20.0, 'comb', 'dry-with-oil'),
    ], Pace::of($head, []), DryingMethod::LeavesDamp);
    $said = implode("\n", array_map(
        static fn (WashDayStep $step): string => English::say($step->label)
            . ' ' . implode(' ', English::all($step->watch)),
        $day->steps,
    ));
    expect($said)->toContain('Pre-wash oil, put on the evening before')->toContain('Chelating cleanse, pass 1: ')
        ->toContain('Gentle cleanse, pass 2: ')->toContain('Mask under a cap or hood: ')
        ->toContain('Detangle dry with a little oil')->toContain('More oil before more pull')
        ->not->toContain('Water before more product');
});
