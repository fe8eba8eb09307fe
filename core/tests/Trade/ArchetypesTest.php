<?php

declare(strict_types=1);


/*
 * Heads every stylist knows, and what a master would accept for thirteen weeks of each: how many treatments, how far
 * apart, and what must not occur. The ranges are common practice, no source; the handbook's table of rhythms is where
 * they begin. A line with each says why.
 */

use Nagomi\Core\Estimation\HeadHistory;
use Nagomi\Core\Estimation\KalmanFilter;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Head\Method;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Head\StrandDiameter;
use Nagomi\Core\Head\StylingLoad;
use Nagomi\Core\Head\Zone;
use Nagomi\Core\Planning\Occasion;
use Nagomi\Core\Planning\OccasionKind;
use Nagomi\Core\Planning\Plan;
use Nagomi\Core\Planning\PlanItem;
use Nagomi\Core\Planning\Planner;
use Nagomi\Core\Planning\PlanTerms;
use Nagomi\Core\Planning\ProteinEvidence;
use Nagomi\Core\Readings\Reading;
use Nagomi\Core\Tests\Support\English;
use Nagomi\Core\Tests\Support\Make;
use Nagomi\Core\Treatments\BottleContents;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\ContentShare;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;
use Nagomi\Core\Treatments\WashDay;

/** A Monday, a week after the last wash. */
const ARCHETYPES_TODAY = '2026-03-09';

/**
 * @return list<Reading> a visit so many days ago, of hair that feels like this: dryness 0 to 10, feel −5 stiff to 5
 *     mushy, how far wet hair stretches in percent, how many of the hairs that came out were broken
 */
function visited(int $daysAgo, int $dryness, int $feel, int $stretch, int $broken, int $dull = 0): array
{
    $date = Make::day(ARCHETYPES_TODAY)->modify("-{$daysAgo} days")->format('Y-m-d');
    $hair = fn (int $more): array => [
        'rest_mm' => 100, 'stretched_mm' => 100 + $stretch + $more, 'returned_mm' => 101,
    ];

    return [
        Make::reading($date, 'build-up-signs', [
            'dull' => $dull, 'beads' => $dull, 'film' => 0, 'sticky' => $dull, 'no_lather' => 0,
        ]),
        Make::reading($date, 'dryness', ['points' => $dryness]),
        Make::reading($date, 'feel', ['points' => $feel]),
        Make::reading($date, 'wet-stretch', ['hairs' => [$hair(-2), $hair(0), $hair(3)]]),
        Make::reading($date, 'broken-hairs', ['shed' => 420, 'broken' => $broken, 'days_since_detangled' => 7]),
    ];
}

/** @return list<Reading> two visits of hair in good order */
function wellKept(): array
{
    return [...visited(35, 1, 0, 30, 6), ...visited(7, 1, 0, 30, 6)];
}

/** @return list<WashDay> eight weeks of a weekly wash with a mask every other time, and what else was done */
function eightWeeks(array $besides = []): array
{
    $days = [];
    for ($ago = 56; $ago >= 7; $ago -= 7) {
        $date = Make::day(ARCHETYPES_TODAY)->modify("-{$ago} days")->format('Y-m-d');
        $days[] = Make::washDay($date, [
            Step::cleanse($ago === 28 ? CleanseKind::Clarifying : CleanseKind::Shampoo),
            ...$besides[$ago] ?? [],
            $ago % 14 === 0 ? Step::mask(25) : Step::conditioner(3),
        ]);
        unset($besides[$ago]);
    }
    foreach ($besides as $ago => $steps) {
        $days[] = Make::washDay(Make::day(ARCHETYPES_TODAY)->modify("-{$ago} days")->format('Y-m-d'), $steps);
    }

    return $days;
}

/**
 * @param list<Reading>|null $readings null: well kept
 * @param list<WashDay>|null $washDays null: eight weeks of the usual
 */
function seasonOf(
    Head $head,
    ?array $readings = null,
    ?array $washDays = null,
    PlanTerms $terms = new PlanTerms(),
    bool $wasOverloaded = false,
): Plan {
    [$readings, $washDays] = [$readings ?? wellKept(), $washDays ?? eightWeeks()];
    $today = Make::day(ARCHETYPES_TODAY);
    $run = KalmanFilter::through(new HeadHistory($head, $washDays, $readings), $today);
    $planning = $head->parameters->planning;

    return Planner::plan($run->last(), $washDays, 13, $terms->readOn($run->lastRead(), $today, $planning)->knowing(
        ProteinEvidence::ofRun($run, $washDays, $today, $planning)->afterOverload($wasOverloaded),
    ));
}

/** @return list<int> days, counted from today, of the items that are so */
function archetypeDays(Plan $plan, callable $is): array
{
    return array_values(array_map(
        fn (PlanItem $item): int => $item->day,
        array_filter($plan->items, fn (PlanItem $item): bool => $is($item->choice, $item)),
    ));
}

/** @return array{strong: list<int>, mild: list<int>, masks: list<int>, clarify: list<int>, heat: list<int>} days of each */
function treatmentsOf(Plan $plan): array
{
    return [
        'strong' => archetypeDays($plan, fn ($choice): bool => $choice->protein === StepKind::StrongProtein),
        'mild' => archetypeDays($plan, fn ($choice): bool => $choice->protein === StepKind::MildProtein),
        'masks' => archetypeDays($plan, fn ($choice): bool => $choice->masks()),
        'clarify' => archetypeDays($plan, fn ($choice): bool => $choice->cleanse->clarifies()),
        'heat' => archetypeDays($plan, fn ($choice): bool => $choice->heat),
    ];
}

/** @param array<string, array{int, int}> $ranges how many of each a master would accept, least and most */
function expectWithin(Plan $plan, array $ranges): void
{
    $days = treatmentsOf($plan);
    $counts = array_map(count(...), $days) + ['protein' => count($days['strong']) + count($days['mild'])];
    foreach ($ranges as $what => [$least, $most]) {
        expect($counts[$what])->toBeGreaterThanOrEqual($least, "{$what}: " . json_encode($days))
            ->toBeLessThanOrEqual($most, "{$what}: " . json_encode($days));
    }
    // Whatever the head: a plan breaks no rule of its own; somebody who sets a day by hand may.
    expect(archetypeDays($plan, fn ($choice, PlanItem $item): bool => $item->byHand === null && $item->broken !== []))
        ->toBe([]);
}

it('keeps well-kept medium hair with little', function (): void {
    // In good order there is nothing to repair: a mask every other week or so, protein now and then.
    expectWithin(seasonOf(Make::head()), [
        'strong' => [0, 3], 'mild' => [0, 4], 'protein' => [0, 5], 'masks' => [4, 9], 'clarify' => [1, 4],
    ]);
});

it('goes easy on fine hair of low porosity', function (): void {
    // It takes little in and loses little: what is too much sits on it.
    expectWithin(seasonOf(Make::head(Porosity::Low, strand: StrandDiameter::Fine)), [
        'strong' => [0, 2], 'mild' => [0, 3], 'protein' => [0, 4], 'masks' => [4, 9],
    ]);
});

it('gives coarse hair of high porosity its masks', function (): void {
    // It loses what it gets: a mask nearly each week, protein still with a look in between.
    expectWithin(seasonOf(Make::head(Porosity::High, strand: StrandDiameter::Coarse)), [
        'strong' => [0, 3], 'mild' => [0, 5], 'protein' => [1, 5], 'masks' => [9, 14],
    ]);
});

it('plans no protein for those who are sensitive to it or avoid it', function (Head $head): void {
    expectWithin(seasonOf($head), ['protein' => [0, 0], 'masks' => [4, 14]]);
})->with([
    'sensitive' => [fn () => Make::head(sensitive: true)],
    'avoids it' => [fn () => Make::head(method: new Method(['oils' => 'none', 'protein' => 'avoided']))],
]);

it('does nothing strong to hair that nobody has read', function (): void {
    // Usual care and a look first: no state is claimed, so nothing is repaired.
    $plan = seasonOf(Make::head(), []);
    expectWithin($plan, ['protein' => [0, 0], 'clarify' => [0, 0], 'masks' => [2, 14]]);
    expect($plan->items[0]->look)->toBeTrue();
});

it('gives no protein on readings that are two months old', function (): void {
    // What was so two months ago says nothing of whether protein is short now; clarifying by rhythm is still all right.
    expectWithin(seasonOf(Make::head(), visited(60, 4, 1, 45, 25)), ['protein' => [0, 0]]);
});

it('adds no protein to stiff hair', function (): void {
    // Straw-like and snapping short: protein is what it has too much of; moisture comes first.
    $plan = seasonOf(Make::head(), [...visited(35, 5, -3, 12, 60), ...visited(7, 6, -4, 10, 70)]);
    expectWithin($plan, ['protein' => [0, 0], 'masks' => [6, 14]]);
});

it('does not strip brittle hair', function (): void {
    // Dry and brittle: clarifying takes the rest; the first washes moisten.
    $plan = seasonOf(Make::head(Porosity::High), [...visited(35, 8, -3, 14, 90), ...visited(7, 9, -4, 10, 110)]);
    expectWithin($plan, ['protein' => [0, 0], 'masks' => [9, 14]]);
    expect(array_filter(treatmentsOf($plan)['clarify'], fn (int $day): bool => $day < 7))->toBe([])
        ->and($plan->items[0]->choice->masks())->toBeTrue();
});

it('moistens dry hair first', function (): void {
    // Dry, not weak: masks close together, and the next wash has one.
    $plan = seasonOf(Make::head(), [...visited(35, 7, -1, 28, 10), ...visited(7, 8, -1, 27, 10)]);
    expectWithin($plan, ['masks' => [6, 14], 'protein' => [0, 6]]);
    expect($plan->items[0]->choice->masks())->toBeTrue();
});

it('strengthens weak hair, one treatment at a time', function (): void {
    // Gummy stretch, limp, nothing lately: protein soon, then a look, never a week after week of it.
    $plan = seasonOf(Make::head(), [...visited(35, 4, 2, 55, 40), ...visited(7, 4, 4, 65, 60)]);
    expectWithin($plan, ['strong' => [1, 3], 'protein' => [2, 5], 'masks' => [4, 14]]);
    ['strong' => $strong, 'mild' => $mild] = treatmentsOf($plan);
    expect(min([...$strong, ...$mild]))->toBeLessThanOrEqual(14);
    foreach ($strong as $day) {
        foreach ($mild as $other) {
            expect($other - $day >= 14 || $day - $other >= 7)->toBeTrue("strong {$day}, mild {$other}");
        }
    }
});

it('is careful with hair for which protein was too much once', function (): void {
    // Mild only where others would get strong, strong by hand: it is the second overload that breaks hair off.
    $weak = [...visited(35, 4, 2, 55, 40), ...visited(7, 4, 4, 65, 60)];
    $before = treatmentsOf(seasonOf(Make::head(), $weak));
    $plan = seasonOf(Make::head(), $weak, wasOverloaded: true);
    expectWithin($plan, ['strong' => [0, 0], 'mild' => [0, 5]]);
    expect($before['strong'])->not->toBe([]);
});

it('leaves hair that was bleached two days ago alone', function (): void {
    // Mild protein at once if need be, strong not before two weeks, nothing that strips the colour; a mask at least
    // every other wash.
    $plan = seasonOf(
        Make::head(Porosity::High),
        [...visited(35, 4, 1, 40, 25), ...visited(1, 6, 2, 50, 40)],
        eightWeeks([2 => [new Step(StepKind::ChemicalService)]]),
    );
    $days = treatmentsOf($plan);
    expectWithin($plan, ['masks' => [7, 14]]);
    expect(array_filter($days['strong'], fn (int $day): bool => $day < 12))->toBe([])
        ->and(array_filter($days['clarify'], fn (int $day): bool => $day <= 12))->toBe([]);
});

it('has a child washed short, cool and gently', function (string $born): void {
    // Never heat or strong protein; an hour at most, whatever the hair would like.
    $head = Make::head(Porosity::Low, method: new Method(['oils' => 'none', 'mask-heat' => 'cap-or-hood']))
        ->born(Make::day($born));
    $plan = seasonOf($head);
    expectWithin($plan, ['strong' => [0, 0], 'heat' => [0, 0], 'masks' => [1, 14]]);
    expect(max(array_map(fn (PlanItem $item): float => $item->minutes, $plan->items)))->toBeLessThanOrEqual(60.0);
})->with(['five' => ['2020-09-01'], 'eleven' => ['2014-08-01']]);

it('keeps what is never done to a child from a day that was set by hand', function (): void {
    $head = Make::head()->born(Make::day('2018-05-01'));
    $strong = new \Nagomi\Core\Planning\WashOption(
        CleanseKind::Gentle,
        1,
        StepKind::Mask,
        25.0,
        true,
        StepKind::StrongProtein,
    );
    $day = Make::day('2026-03-23');
    $plan = seasonOf($head, terms: new PlanTerms(byHand: [
        new \Nagomi\Core\Planning\FixedWashDay($day, $strong, 'asked for'),
    ]));
    expectWithin($plan, ['strong' => [0, 0], 'heat' => [0, 0]]);
    expect(archetypeDays($plan, fn ($choice, PlanItem $item): bool => $item->byHand !== null))->toBe([14]);
});

it('gives those of twelve to fifteen strong protein by hand only', function (): void {
    $plan = seasonOf(
        Make::head()->born(Make::day('2012-06-01')),
        [...visited(35, 4, 2, 55, 40), ...visited(7, 4, 4, 65, 60)],
    );
    expectWithin($plan, ['strong' => [0, 0], 'mild' => [1, 7]]);
});

it('tries nothing new before a wedding, and washes for it', function (): void {
    // Seven days without what may go wrong; washed and styled on the eve or the day.
    $wedding = Make::day(ARCHETYPES_TODAY)->modify('+35 days');
    $plan = seasonOf(Make::head(), terms: new PlanTerms(occasions: [
        new Occasion(OccasionKind::BestDay, $wedding, $wedding, 'a wedding'),
    ]));
    $days = treatmentsOf($plan);
    expectWithin($plan, ['protein' => [0, 6], 'masks' => [4, 11]]);
    expect(array_filter(
        [...$days['strong'], ...$days['clarify']],
        fn (int $day): bool => $day >= 28 && $day <= 35,
    ))->toBe([])
        ->and(archetypeDays($plan, fn (): bool => true))->toContain(34);
});

it('chelates for a swimmer', function (): void {
    // Chlorine and copper stay otherwise; never closer than nine days. A master would want three in a quarter at least:
    // swims to come are not foretold yet, so two are planned, and more as swims are noted.
    $head = new Head(Make::head()->zoneParts, 250, 50, StylingLoad::Medium, swims: true);
    $days = treatmentsOf(seasonOf($head))['clarify'];
    expect(count($days))->toBeGreaterThanOrEqual(2)->toBeLessThanOrEqual(8);
    foreach (array_slice($days, 1) as $i => $day) {
        expect($day - $days[$i])->toBeGreaterThanOrEqual(9);
    }
});

it('clears what heavy gel leaves under a co-wash', function (): void {
    // A co-wash does not take gel off: two or three clarifying washes a quarter at least.
    $head = Make::head(load: StylingLoad::Heavy, method: new Method([
        'oils' => 'none', 'cleansing' => 'alternate-co-wash',
    ]));
    expectWithin(seasonOf($head), ['clarify' => [2, 8], 'masks' => [4, 14]]);
});

it('spares a sore scalp', function (): void {
    // Until it is cleared: no heat, nothing that clarifies.
    $head = Make::head(sore: true, method: new Method(['oils' => 'none', 'mask-heat' => 'cap-or-hood']));
    expectWithin(seasonOf($head), ['clarify' => [0, 0], 'heat' => [0, 0], 'masks' => [4, 14]]);
});

it('looks before anything strong where mild protein was given and nobody has read since', function (): void {
    // What the mild one did is looked at on the first wash day; strong comes later, and is looked at first itself.
    $plan = seasonOf(
        Make::head(),
        [...visited(35, 4, 2, 50, 35), ...visited(14, 4, 3, 60, 50)],
        eightWeeks([7 => [Step::mildProtein(10)]]),
    );
    expectWithin($plan, ['strong' => [0, 3], 'protein' => [0, 4]]);
    expect($plan->items[0]->look)->toBeTrue()
        ->and(min([99, ...treatmentsOf($plan)['strong']]))->toBeGreaterThanOrEqual(14);
});

it('plans no protein after another without a look in between', function (): void {
    // What the first did nobody knows yet: three weeks at least, and the hair is read before the next goes on.
    $weak = seasonOf(Make::head(), [...visited(35, 4, 2, 55, 40), ...visited(7, 4, 4, 65, 60)]);
    $items = array_values(array_filter($weak->items, fn (PlanItem $item): bool => $item->choice->protein !== null));
    expect(count($items))->toBeGreaterThanOrEqual(2)->toBeLessThanOrEqual(5);
    foreach (array_slice($items, 1) as $i => $item) {
        expect($item->day - $items[$i]->day)->toBeGreaterThanOrEqual(21)
            ->and($item->look)->toBeTrue()
            ->and(English::say($item->reasons[0]))->toBe(
                'Test the hair first: this protein is given only if the hair still needs it after the last.',
            );
    }
});

it('holds to the calendar of a house that goes by it', function (): void {
    $head = Make::head(method: new Method([
        'oils' => 'none', 'mask-rhythm' => 'by-calendar', 'protein' => 'by-calendar',
    ]));
    $days = treatmentsOf(seasonOf($head));
    expect(count($days['masks']))->toBeGreaterThanOrEqual(6);
    $protein = [...$days['strong'], ...$days['mild']];
    sort($protein);
    foreach (array_slice($protein, 1) as $i => $day) {
        expect($day - $protein[$i])->toBeLessThanOrEqual(42);
    }
    expect($protein)->not->toBe([]);
});

it('cares for two kinds of hair on one head by the one that needs it', function (): void {
    // The crown is of low porosity, the rest high: counts lie between those of either.
    expectWithin(seasonOf(Make::head(Porosity::High, [Zone::Crown, Zone::Centre])), [
        'strong' => [0, 3], 'mild' => [0, 6], 'protein' => [0, 8], 'masks' => [6, 14],
    ]);
});

it('says what holds back what the hair needs, and calls no wash the usual one that leaves it outside', function (): void {
    // Half an hour at home: nothing fits but the wash itself, and the plan says so each time.
    $terms = new PlanTerms(salonDays: [], homeMinutesLimit: 30);
    $plan = seasonOf(Make::head(), [...visited(35, 7, 0, 35, 15), ...visited(7, 8, 0, 34, 18)], terms: $terms);
    $reasons = array_map(fn (PlanItem $item): string => implode(' ', English::all($item->reasons)), $plan->items);
    expect($reasons[4])->toContain('Protein is low and there is none. What stands in the way: A wash day takes no longer than '
        . 'the client has time for. To change that: allow the day more minutes.');
    foreach ($reasons as $reason) {
        expect($reason)->not->toContain('nothing else is due');
    }
    // In balance, with nothing to do, that is what is said.
    $kept = seasonOf(Make::head());
    $idle = array_filter($kept->items, fn (PlanItem $item): bool => $item->choice->treatments() === []);
    expect($idle)->not->toBe([]);
    foreach ($idle as $item) {
        expect(English::all($item->reasons))->toBe(['The usual wash; nothing else is due.']);
    }
});

it('does not ask for more protein while the last is at work', function (): void {
    $plan = seasonOf(Make::head(), [...visited(35, 4, 2, 55, 40), ...visited(7, 4, 4, 65, 60)]);
    ['strong' => $strong, 'mild' => $mild] = treatmentsOf($plan);
    $given = [...$strong, ...$mild];
    $asked = 0;
    foreach ($plan->items as $item) {
        $isAtWork = array_filter($given, fn (int $day): bool => $day < $item->day && $item->day - $day < 14) !== [];
        $says = str_contains(implode(' ', English::all($item->reasons)), 'there is none. What stands in the way');
        $asked += (int) $isAtWork;
        expect($isAtWork && $says)->toBeFalse("day {$item->day}");
    }
    expect($asked)->toBeGreaterThan(0);
});

it('braids, in for 21 days of 28: washed as they are, loose and masked when they come down', function (): void {
    // Braids cannot be detangled; a mask in them stays in them. From the take-down on a season as usual.
    $down = Make::day(ARCHETYPES_TODAY)->modify('+7 days');
    $plan = seasonOf(Make::head(), terms: new PlanTerms(takeDownOn: $down));
    $worn = array_filter($plan->items, static fn (PlanItem $item): bool => $item->day < 7);
    expect($worn)->not->toBe([])
        ->and(archetypeDays($plan, static fn ($choice): bool => $choice->inStyle))
        ->toBe(array_values(array_map(static fn (PlanItem $item): int => $item->day, $worn)))
        ->and(archetypeDays($plan, static fn (): bool => true))->toContain(7);
    foreach ($plan->items as $item) {
        $kinds = array_map(static fn (Step $step): StepKind => $step->kind, $item->choice->steps(Make::head()));
        expect(in_array(StepKind::Detangle, $kinds, true))->toBe($item->day >= 7)->and($item->broken)->toBe([]);
    }
    expect(English::say(reset($worn)->reasons[0]))
        ->toContain('Washed in the style')
        ->and(reset($worn)->minutes)
        ->toBeLessThan(0.6 * $plan->items[count($plan->items) - 1]->minutes);
    expectWithin($plan, ['strong' => [0, 3], 'mild' => [0, 4], 'masks' => [3, 9], 'clarify' => [0, 4]]);
});

it('a keratin mask at every wash: hardly any protein beside it', function (): void {
    // What is in the bottle counts: who masks with keratin needs no treatment with it, and is seen to get stiff.
    $keratin = new BottleContents(array_map(
        static fn (float $percent): ContentShare => new ContentShare($percent, $percent, $percent),
        ['moisture' => 11.0, 'protein' => 1.5],
    ));
    $masked = static fn (?BottleContents $with): array => array_map(
        static fn (WashDay $day): WashDay => $day->done(array_map(
            static fn (Step $step): Step => $step->kind === StepKind::Mask ? $step->with($with) : $step,
            [...array_slice($day->steps, 0, -1), Step::mask(25)],
        )),
        eightWeeks(),
    );
    $with = seasonOf(Make::head(), washDays: $masked($keratin));
    $without = seasonOf(Make::head(), washDays: $masked(null));
    $protein = static fn (Plan $plan): int => count(treatmentsOf($plan)['strong']) + count(treatmentsOf($plan)['mild']);
    expect($protein($with))->toBeLessThanOrEqual(1)->and($protein($without))->toBeGreaterThan($protein($with));
});
