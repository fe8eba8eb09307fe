<?php

declare(strict_types=1);

use Nagomi\Core\Climate\Humidity;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Head\Method;
use Nagomi\Core\Head\StylingLoad;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Planning\Occasion;
use Nagomi\Core\Planning\OccasionKind;
use Nagomi\Core\Planning\Plan;
use Nagomi\Core\Planning\PlanChange;
use Nagomi\Core\Planning\PlanItem;
use Nagomi\Core\Planning\Planner;
use Nagomi\Core\Planning\PlanTerms;
use Nagomi\Core\Planning\WhatIf;
use Nagomi\Core\Readings\Reading;
use Nagomi\Core\Readings\Sign;
use Nagomi\Core\Scalp\ScalpEstimate;
use Nagomi\Core\Scalp\ScalpPlan;
use Nagomi\Core\Scalp\ScalpRhythm;
use Nagomi\Core\Tests\Support\English;
use Nagomi\Core\Tests\Support\Make;
use Nagomi\Core\Tests\Support\Scalps;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;

function scalpSeason(Head $head, ?ScalpEstimate $scalp, PlanTerms $terms = new PlanTerms()): Plan
{
    return Planner::plan(Make::atTarget($head), [], 9, $terms->knowingScalp($scalp));
}

/** @return list<int> days between the wash days of a plan */
function gapsOf(Plan $plan): array
{
    $days = array_map(fn (PlanItem $item): int => $item->day, $plan->items);

    return array_values(
        array_map(fn (int $a, int $b): int => $b - $a, array_slice($days, 0, -1), array_slice($days, 1)),
    );
}

/** @return list<string> what each wash day is cleansed with */
function cleansesOf(Plan $plan): array
{
    return array_map(fn (PlanItem $item): string => $item->choice->cleanse->value, $plan->items);
}

$calm = fn (string $date): Reading => Scalps::map($date);
$oily = fn (string $date): Reading => Scalps::map($date, oil: 10);
$flaking = fn (string $date): Reading => Scalps::map($date, 4, itch: 5, oil: 4);
$tight = fn (string $date): Reading => Scalps::map($date, oil: 1, itch: 2, dryness: 9);

it('leaves a season as it is where the scalp is calm or was never read', function () use ($calm): void {
    $unread = scalpSeason(Make::head(), null);
    $plan = scalpSeason(Make::head(), Scalps::read($calm));
    expect($unread->scalpRhythm)->toBeNull()->and($unread->scalp)->toBe([])
        ->and($unread->items[0]->scalp)->toBeNull()
        ->and($plan->scalpRhythm?->days)->toBe(7)->and($plan->scalpRhythm->because)->toBeNull()
        ->and(cleansesOf($plan))->toBe(cleansesOf($unread))
        ->and(gapsOf($plan))->toBe(gapsOf($unread))
        ->and(count($plan->scalp))->toBe(64)
        ->and(array_unique(array_map(fn (PlanItem $item): mixed => $item->scalp?->for, $plan->items)))->toBe([null]);
});

it('washes sooner where the scalp grows oily, never later than half way, and says why', function () use ($oily): void {
    $scalp = Scalps::read($oily);
    $plan = scalpSeason(Make::head(), $scalp);
    expect($plan->scalpRhythm?->because)->toBe(Sign::ScalpOil)
        ->and($plan->scalpRhythm->days)->toBeLessThan(7)->toBeGreaterThanOrEqual(4)
        ->and(max(gapsOf($plan)))->toBe($plan->scalpRhythm->days)
        // The client's own rhythm may stand against it, and a rhythm as short as this is not shortened.
        ->and(gapsOf(scalpSeason(Make::head(), $scalp, new PlanTerms(keepsRhythm: true))))->each->toBe(7)
        ->and(ScalpRhythm::of($scalp, Make::head(every: 2), new Humidity(50), 2)->days)->toBe(2);
});

it('washes later where the scalp is tight and dry, and nothing else speaks against it', function () use ($tight, $oily): void {
    $plan = scalpSeason(Make::head(), Scalps::read($tight, 20.0));
    expect($plan->scalpRhythm?->because)->toBe(Sign::ScalpDryness)
        ->and($plan->scalpRhythm->days)->toBeGreaterThan(7)->toBeLessThanOrEqual(10);
    $both = Scalps::read(fn (string $date): Reading => Scalps::map($date, oil: 10, dryness: 9), 20.0);
    expect(ScalpRhythm::of($both, Make::head(), new Humidity(20), 2)->days)->toBeLessThan(7);
});

it('cares for a scalp that flakes, until it does not, and lets the care sit', function () use ($flaking): void {
    $head = Make::head();
    $plan = scalpSeason($head, Scalps::read($flaking));
    $cares = array_filter($plan->items, fn (PlanItem $item): bool => $item->choice->cleanse === CleanseKind::ScalpCare);
    $first = $plan->items[0];
    expect($first->scalp?->for)->toBe(Sign::ScalpFlakes)
        ->and($first->choice->cleanse)->toBe(CleanseKind::ScalpCare)
        ->and($first->choice->steps($head)[0]->minutes)->toBe(Parameters::shipped()->scalp->contactMinutes)
        ->and($first->scalp->expected)->toBeGreaterThanOrEqual(16.0)
        ->and($first->scalp->least)->toBeLessThan($first->scalp->expected)
        ->and($first->scalp->most)->toBeGreaterThan($first->scalp->expected)
        ->and($plan->scalp[60]->evening->expected(Sign::ScalpFlakes, Parameters::shipped()->scalp))
        ->toBeLessThan($plan->scalp[0]->morning->expected(Sign::ScalpFlakes, Parameters::shipped()->scalp))
        ->and(count($cares))->toBeGreaterThan(1);
    foreach ($plan->items as $item) {
        expect($item->broken)->toBe([])
            ->and($item->choice->cleanse === CleanseKind::ScalpCare)->toBe(
                $item->scalp?->for !== null && ! $item->choice->cleanse->clarifies(),
            );
    }
});

it('asks for what its own days lead to: no morning past a limit is washed as if it were not', function (): void {
    $scalp = Parameters::shipped()->scalp;
    foreach ([[2, 7], [3, 9], [4, 5], [1, 10]] as [$flakes, $oil]) {
        $read = Scalps::read(fn (string $date): Reading => Scalps::map($date, $flakes, oil: $oil));
        foreach ([Make::head(), Make::head(load: Nagomi\Core\Head\StylingLoad::Light, hardness: 20)] as $head) {
            $plan = scalpSeason($head, $read);
            foreach ($plan->items as $item) {
                $morning = $plan->scalp[$item->day]->morning;
                $cleanse = $item->choice->cleanse;
                $isFlaking = $morning->expected(Sign::ScalpFlakes, $scalp) >= $scalp->limit['flakes'];
                $isOily = $morning->expected(Sign::ScalpOil, $scalp) >= $scalp->limit['oil'];
                expect($item->broken)->toBe([])
                    ->and($isFlaking && $cleanse !== CleanseKind::ScalpCare && ! $cleanse->clarifies())->toBeFalse()
                    ->and($isOily && $cleanse === CleanseKind::Gentle)->toBeFalse()
                    ->and($item->scalp?->isOily)->toBe($isOily);
            }
        }
    }
});

it('spares a scalp that is sore, whatever it flakes', function () use ($flaking): void {
    $plan = scalpSeason(Make::head(sore: true), Scalps::read($flaking));
    expect(implode(' ', English::all($plan->items[0]->reasons)))
        ->toContain('The scalp flakes and there is no scalp shampoo. What stands in the way: A sore scalp bars')
        ->and(array_unique(cleansesOf($plan)))->toBe(['gentle'])
        ->and(array_filter($plan->items, fn (PlanItem $item): bool => $item->scalp?->for !== null))->toBe([]);
});

it('keeps oil off a scalp that flakes, unless the house holds with it, and off an oily one', function () use (
    $flaking,
    $calm,
    $oily,
): void {
    $oils = fn (string $house, callable $read): array => array_map(
        fn (PlanItem $item): bool => in_array(StepKind::ScalpOil, array_map(
            fn (Step $step): StepKind => $step->kind,
            $item->choice->steps(Make::head(method: new Method(['scalp' => $house]))),
        ), true),
        scalpSeason(Make::head(method: new Method(['scalp' => $house])), Scalps::read($read))->items,
    );
    expect(array_unique($oils('bare', $calm)))->toBe([false])
        ->and($oils('oil-or-spray', $calm)[0])->toBeTrue()
        // Not on the mornings between either, when little has come back yet.
        ->and($oils('oil-or-spray', $oily))->not->toContain(true)
        ->and($oils('oil-also-when-flaking', $oily))->not->toContain(true)
        ->and($oils('oil-or-spray', $flaking)[0])->toBeFalse()
        ->and($oils('oil-also-when-flaking', $flaking)[0])->toBeTrue();
});

it('lets an itch call for scalp care only where it flakes as well', function (): void {
    $itching = fn (int $flakes): Plan => scalpSeason(
        Make::head(),
        Scalps::read(fn (string $date): Reading => Scalps::map($date, $flakes, itch: 10)),
    );
    expect($itching(1)->items[0]->scalp?->for)->toBe(Sign::ScalpItch)
        ->and($itching(0)->items[0]->scalp?->for)->toBeNull()
        ->and($itching(0)->scalpRhythm?->because)->toBe(Sign::ScalpItch);
});

it('takes turns with the co-wash strictly, and washes a scalp that flakes out of turn', function () use ($flaking): void {
    $house = new Method(['cleansing' => 'alternate-co-wash', 'oils' => 'none']);
    $head = Make::head(method: $house);
    $before = [Make::washDay('2026-02-23', [Step::cleanse(CleanseKind::CoWash), Step::conditioner(3)])];
    $plan = Planner::plan(Make::atTarget($head), $before, 9);
    $turns = array_map(fn (string $cleanse): bool => $cleanse === 'co-wash', cleansesOf($plan));
    foreach ($turns as $i => $isCoWash) {
        expect($isCoWash)->toBe($i % 2 === 1);
    }
    $flakes = Planner::plan(Make::atTarget($head), $before, 9, (new PlanTerms())->knowingScalp(Scalps::read($flaking)));
    expect(cleansesOf($flakes)[0])->toBe('scalp-care')
        ->and(array_merge(...array_map(fn (PlanItem $item): array => $item->broken, $flakes->items)))->toBe([]);
});

it('breaks no turn for a scalp that grows oily or flakes, however much', function (int $flakes, int $oil): void {
    // A milder wash lets the scalp ask for more; what it asks for must not chase the turns through the season.
    $before = [Make::washDay('2026-02-23', [Step::cleanse(CleanseKind::Shampoo)])];
    $scalp = Scalps::read(fn (string $date): Reading => Scalps::map($date, $flakes, oil: $oil));
    $wedding = Make::day()->modify('+20 days');
    $terms = new PlanTerms(occasions: [new Occasion(OccasionKind::BestDay, $wedding, $wedding)]);
    $house = new Method(['cleansing' => 'alternate-co-wash', 'oils' => 'none']);
    foreach ([StylingLoad::Light, StylingLoad::Heavy] as $load) {
        $head = Make::head(load: $load, method: $house);
        $plan = Planner::plan(Make::atTarget($head), $before, 12, $terms->knowingScalp($scalp));
        expect(array_merge(...array_map(fn (PlanItem $item): array => $item->broken, $plan->items)))->toBe([])
            ->and(cleansesOf($plan))->toContain('co-wash');
    }
})->with([[0, 5], [2, 6], [4, 7], [4, 8]]);

it('keeps what a scalp asked for once, and asks for what either does', function (): void {
    $asks = fn (int $flakes, int $oil = 3): ScalpPlan => ScalpPlan::over(
        $scalp = Scalps::read(fn (string $date): Reading => Scalps::map($date, $flakes, oil: $oil)),
        ScalpRhythm::of($scalp, Make::head(), new Humidity(50.0), 2),
        Make::head(),
        new Humidity(50.0),
        [0, 7],
        fn (): array => [],
    );
    [$calm, $flaking, $oily] = [$asks(0), $asks(5), $asks(0, 10)];
    $today = Make::day();
    expect($calm->asksNoMoreThan($flaking))->toBeTrue()
        ->and($flaking->asksNoMoreThan($calm))->toBeFalse()
        ->and($flaking->asksNoMoreThan($oily))->toBeFalse()
        ->and($oily->asksNoMoreThan($flaking))->toBeFalse()
        ->and($oily->and($flaking)->on($today)?->for)->toBe(Sign::ScalpFlakes)
        ->and($oily->and($flaking)->on($today)?->isOily)->toBeTrue()
        ->and($oily->and($flaking)->on($today)?->bearsOil)->toBeFalse()
        ->and($flaking->and($calm)->on($today)?->expected)->toBe($flaking->on($today)?->expected)
        ->and($calm->and($flaking)->on($today)?->expected)->toBe($flaking->on($today)?->expected)
        ->and($flaking->and($oily)->asksNoMoreThan($oily->and($flaking)))->toBeTrue();
});

it('clarifies with one pass and is kind with the other, where the house does so', function (): void {
    $steps = fn (string $cleansing): array => array_map(
        fn (Step $step): string => ($step->cleanse->value ?? '') . $step->passes,
        array_values(array_filter(
            (new Nagomi\Core\Planning\WashOption(CleanseKind::Clarifying, 2, StepKind::Mask, 25.0))->steps(
                Make::head(method: new Method(['cleansing' => $cleansing])),
            ),
            fn (Step $step): bool => $step->kind === StepKind::Cleanse,
        )),
    );
    expect($steps('clarify-then-moisturise'))->toBe(['clarifying1', 'gentle1'])
        ->and($steps('two-passes'))->toBe(['clarifying2']);
});

it('washes as often as was asked in what if, whatever the scalp asks for', function () use ($oily): void {
    $terms = (new PlanTerms())->knowingScalp(Scalps::read($oily));
    $days = WhatIf::of(Make::atTarget(Make::head()), [], PlanChange::WashEvery, 10, 9, $terms)->changed->washDays;
    expect(array_unique(array_map(
        fn (int $a, int $b): int => $b - $a,
        array_slice($days, 0, -1),
        array_slice($days, 1),
    )))->toBe([10]);
});
