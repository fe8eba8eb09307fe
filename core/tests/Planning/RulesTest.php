<?php

declare(strict_types=1);


/** A way to wash, plain unless said otherwise. */

use Nagomi\Core\Head\Head;
use Nagomi\Core\Head\Method;
use Nagomi\Core\Head\StylingLoad;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Planning\HairThen;
use Nagomi\Core\Planning\Occasion;
use Nagomi\Core\Planning\OccasionKind;
use Nagomi\Core\Planning\PlanTerms;
use Nagomi\Core\Planning\ProteinEvidence;
use Nagomi\Core\Planning\RuleContext;
use Nagomi\Core\Planning\Rules\ProteinByEvidence;
use Nagomi\Core\Planning\Rules\Rule;
use Nagomi\Core\Planning\Rules\RuleCatalogue;
use Nagomi\Core\Planning\Rules\RuleWords;
use Nagomi\Core\Planning\Rules\StrongProteinApart;
use Nagomi\Core\Planning\WashOption;
use Nagomi\Core\Tests\Support\English;
use Nagomi\Core\Tests\Support\Make;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\StepKind;

function way(
    CleanseKind $cleanse = CleanseKind::Gentle,
    ?StepKind $protein = null,
    bool $mask = false,
    bool $heat = false,
    int $passes = 1,
    ?string $preWash = null,
): WashOption {
    return new WashOption(
        $cleanse,
        $passes,
        $mask ? StepKind::Mask : StepKind::Conditioner,
        $mask ? 25.0 : 3.0,
        $heat,
        $protein,
        $preWash,
    );
}

/** @return list<string> keys of the rules that bar the way */
function barredBy(WashOption $choice, RuleContext $standing): array
{
    return array_map(fn (Rule $rule): string => $rule->key(), RuleCatalogue::barring($choice, $standing));
}

function sureHead(
    array $choices = [],
    bool $sore = false,
    bool $red = false,
    bool $sensitive = false,
    float $hardness = 100,
    bool $swims = false,
    StylingLoad $load = StylingLoad::Medium,
    ?int $limit = null,
): Head {
    return new Head(
        Make::head()->zoneParts,
        $hardness,
        50,
        $load,
        $sensitive,
        $sore,
        $swims,
        minutesLimit: $limit,
        method: new Method($choices),
        redSign: $red,
    );
}

it('keeps strong protein 28 days apart, to the day', function (int $last, bool $allowed): void {
    $standing = new RuleContext(sureHead(), 0, lastStrong: $last);
    expect(in_array(
        'strong-protein-apart',
        barredBy(way(protein: StepKind::StrongProtein, mask: true), $standing),
        true,
    ))->toBe(! $allowed);
    // Mild protein is not held to it.
    expect(barredBy(way(protein: StepKind::MildProtein), $standing))->not->toContain('strong-protein-apart');
})->with([[-27, false], [-28, true], [-1, false], [-400, true]]);

it('keeps clarifying 14 days apart, and 9 with heavy styling, a pool or very hard water', function (Head $head, int $last, bool $allowed): void {
    foreach ([CleanseKind::Clarifying, CleanseKind::Chelating] as $kind) {
        expect(in_array(
            'clarify-apart',
            barredBy(way($kind), new RuleContext($head, 0, lastClarify: $last)),
            true,
        ))->toBe(! $allowed);
    }
    expect(barredBy(
        way(CleanseKind::Shampoo),
        new RuleContext($head, 0, lastClarify: $last),
    ))->not->toContain('clarify-apart');
})->with([
    'usual, 13 days' => [fn () => sureHead(), -13, false], 'usual, 14 days' => [fn () => sureHead(), -14, true],
    'heavy, 9 days' => [fn () => sureHead(load: StylingLoad::Heavy), -9, true],
    'heavy, 8 days' => [fn () => sureHead(load: StylingLoad::Heavy), -8, false],
    'swims, 9 days' => [fn () => sureHead(swims: true), -9, true],
    'very hard water, 9 days' => [fn () => sureHead(hardness: 181), -9, true],
    'hard water, 9 days' => [fn () => sureHead(hardness: 150), -9, false],
]);

it('asks for a mask before the next wash day would be later than 31 days after the last', function (int $last, ?int $next, bool $allowed): void {
    expect(in_array(
        'mask-no-later',
        barredBy(way(), new RuleContext(sureHead(), 0, lastMask: $last, nextWash: $next)),
        true,
    ))->toBe(! $allowed);
    expect(barredBy(
        way(mask: true),
        new RuleContext(sureHead(), 0, lastMask: $last, nextWash: $next),
    ))->not->toContain('mask-no-later');
})->with([[-24, 7, true], [-25, 7, false], [-31, null, true], [-32, null, false], [-60, 7, false]]);

it('lets mild protein come every other wash at most', function (): void {
    expect(barredBy(
        way(protein: StepKind::MildProtein),
        new RuleContext(sureHead(), 0, proteinLast: true),
    ))->toBe(['mild-protein-every-other-wash'])
        ->and(barredBy(
            way(protein: StepKind::MildProtein),
            new RuleContext(sureHead(), 0, proteinLast: false),
        ))->toBe([]);
});

it('gives no protein by itself to a head that is sensitive or whose method avoids it', function (Head $head): void {
    foreach ([StepKind::MildProtein, StepKind::StrongProtein] as $protein) {
        expect(barredBy(
            way(protein: $protein, mask: true),
            new RuleContext($head, 0),
        ))->toContain('protein-by-hand-only');
    }
    expect(barredBy(way(), new RuleContext($head, 0)))->toBe([]);
})->with([[fn () => sureHead(sensitive: true)], [fn () => sureHead(['protein' => 'avoided'])]]);

it('bars strong protein while protein stands high, and never without its mask', function (): void {
    expect(barredBy(
        way(protein: StepKind::StrongProtein, mask: true),
        new RuleContext(sureHead(), 0, hair: new HairThen(proteinHigh: true)),
    ))->toBe(['strong-protein-not-when-high'])
        ->and(barredBy(
            way(protein: StepKind::StrongProtein),
            new RuleContext(sureHead(), 0),
        ))->toBe(['strong-protein-then-mask'])
        ->and(barredBy(
            way(protein: StepKind::MildProtein),
            new RuleContext(sureHead(), 0, hair: new HairThen(proteinHigh: true)),
        ))->toBe([]);
});

it('spares a sore scalp heat and strong cleansing, and a red sign protein as well', function (): void {
    $sore = new RuleContext(sureHead(sore: true), 0);
    $red = new RuleContext(sureHead(red: true), 0);
    expect(barredBy(way(CleanseKind::Clarifying), $sore))->toContain('sore-scalp-is-spared')
        ->and(barredBy(way(mask: true, heat: true), $sore))->toContain('sore-scalp-is-spared')
        ->and(barredBy(way(protein: StepKind::MildProtein), $sore))->toBe([])
        ->and(barredBy(way(protein: StepKind::MildProtein), $red))->toBe(['referred-first'])
        ->and(barredBy(way(CleanseKind::Chelating), $red))->toContain('referred-first')
        ->and(barredBy(way(mask: true, heat: true), $red))->toContain('referred-first')
        ->and(barredBy(way(mask: true), $red))->toBe([]);
});

it('holds passes to two, oil to methods that use it, and the day to its minutes', function (): void {
    expect(barredBy(way(passes: 3), new RuleContext(sureHead(), 0)))->toBe(['two-passes'])
        ->and(barredBy(way(passes: 2), new RuleContext(sureHead(), 0)))->toBe([])
        ->and(barredBy(way(preWash: 'oil'), new RuleContext(sureHead(['oils' => 'none']), 0)))->toBe(['no-oil'])
        ->and(barredBy(way(preWash: 'conditioner'), new RuleContext(
            sureHead(['oils' => 'none', 'pre-wash' => 'conditioner']),
            0,
        )))->toBe([])
        ->and(barredBy(way(preWash: 'oil'), new RuleContext(sureHead(), 0)))->toBe([]);
    $minutes = (int) ceil(way()->minutes(sureHead()));
    expect(barredBy(way(), new RuleContext(sureHead(limit: $minutes), 0)))->toBe([])
        ->and(barredBy(way(mask: true), new RuleContext(sureHead(limit: $minutes), 0)))->toBe(['within-minutes']);
});

it('keeps to stock, to where a day is spent, and to patch tests that are still out', function (): void {
    $stock = fn (int $used): RuleContext => new RuleContext(
        sureHead(),
        0,
        used: ['mask' => $used],
        terms: new PlanTerms(stock: ['mask' => 2]),
    );
    expect(barredBy(way(mask: true), $stock(1)))
        ->toBe([])
        ->and(barredBy(way(mask: true), $stock(2)))
        ->toBe(['in-stock'])
        ->and(barredBy(way(), $stock(2)))
        ->toBe([]);
    $places = new PlanTerms(salonDays: [Make::day('2026-03-09')], notAtHome: ['strong-protein'], homeMinutesLimit: 60);
    $on = fn (int $day): RuleContext => new RuleContext(sureHead(), $day, terms: $places, today: Make::day());
    $strong = way(protein: StepKind::StrongProtein, mask: true);
    expect(barredBy($strong, $on(7)))
        ->toBe([])
        ->and(barredBy($strong, $on(14)))
        ->toBe(['not-at-home', 'within-minutes']);
    $test = new PlanTerms(barredUntil: ['mild-protein' => Make::day('2026-03-05')]);
    $after = fn (int $day): RuleContext => new RuleContext(sureHead(), $day, terms: $test, today: Make::day());
    expect(barredBy(way(protein: StepKind::MildProtein), $after(2)))
        ->toBe(['patch-test-first'])
        ->and(barredBy(way(protein: StepKind::MildProtein), $after(3)))
        ->toBe([]);
});

it('masks and gives protein by the calendar only where the house does', function (): void {
    $calendar = sureHead(['mask-rhythm' => 'by-calendar', 'protein' => 'by-calendar']);
    expect(barredBy(
        way(),
        new RuleContext($calendar, 0, lastMask: -8, lastProtein: -3, nextWash: 7),
    ))->toBe(['mask-by-calendar'])
        ->and(barredBy(
            way(mask: true),
            new RuleContext($calendar, 0, lastMask: -8, lastProtein: -36, nextWash: 7),
        ))->toBe(['protein-by-calendar'])
        ->and(barredBy(
            way(mask: true),
            new RuleContext($calendar, 0, lastMask: -8, lastProtein: -35, nextWash: 7),
        ))->toBe([])
        // What another rule on protein bars, the calendar does not ask for.
        ->and(barredBy(
            way(mask: true),
            new RuleContext(
                $calendar,
                0,
                lastMask: -8,
                lastProtein: -60,
                nextWash: 7,
                hair: new HairThen(proteinHigh: true),
            ),
        ))->toBe([])
        ->and(barredBy(way(), new RuleContext(sureHead(), 0, lastMask: -20, lastProtein: -90, nextWash: 7)))->toBe([]);
});

it('washes a style as it is until the day it comes down, and loose hair from then on', function (): void {
    $worn = new PlanTerms(takeDownOn: Make::day('2026-03-09'));
    $on = fn (int $day, ?int $lastMask = -5): RuleContext => new RuleContext(
        sureHead(['mask-rhythm' => 'by-calendar', 'protein' => 'by-calendar']),
        $day,
        lastMask: $lastMask,
        lastProtein: -90,
        nextWash: $day + 7,
        terms: $worn,
        today: Make::day(),
    );
    $inStyle = new WashOption(CleanseKind::Gentle, 1, StepKind::Conditioner, 3.0, inStyle: true);
    expect(barredBy($inStyle, $on(6, -60)))->toBe([])
        ->and(barredBy(way(mask: true, protein: StepKind::MildProtein), $on(6)))->toContain('style-stays-up')
        ->and(barredBy(way(mask: true, protein: StepKind::MildProtein), $on(7)))->toBe([])
        ->and(barredBy($inStyle, $on(7, 5)))->toContain('style-stays-up')
        ->and(barredBy($inStyle, new RuleContext(sureHead(), 6)))->toBe(['style-stays-up']);
});

it('says of every rule what would free it', function (): void {
    $frees = array_map(fn (Rule $rule): string => English::say(RuleWords::frees($rule)), RuleCatalogue::rules());
    foreach ($frees as $words) {
        expect($words)->not->toStartWith('rules.')->and($words)->not->toEndWith('.');
    }
    expect(count(RuleCatalogue::rules()))->toBe(33);
});

it('says which of the things that protein by signs asks for is wanting', function (PlanTerms $terms, string $says): void {
    $said = RuleWords::inTheWay(new ProteinByEvidence(), new RuleContext(sureHead(), 0, terms: $terms));
    expect(English::say($said))->toBe($says)
        // What asks for one thing says that one.
        ->and(English::say(RuleWords::inTheWay(new StrongProteinApart(), new RuleContext(sureHead(), 0))))
        ->toBe(English::say(RuleWords::sentence(new StrongProteinApart(), Parameters::shipped()->planning)));
})->with([
    'nobody tested' => [
        fn (): PlanTerms => knowing(recent: false, stiff: true),
        'Protein goes by signs, and the hair was not tested within 42 days.',
    ],
    'stiff' => [
        fn (): PlanTerms => knowing(stiff: true),
        'Protein goes by signs, and the hair felt stiff when it was last tested.',
    ],
    'not due' => [
        fn (): PlanTerms => knowing(),
        'Protein goes by signs: it waits until it would be low in 28 days with at least 30 % probability '
            . '(strong: 50 %).',
    ],
]);

/** Evidence for protein as terms of the plan. */
function knowing(
    bool $recent = true,
    bool $stiff = false,
    bool $unread = false,
    bool $overloaded = false,
): PlanTerms {
    return (new PlanTerms())->knowing(new ProteinEvidence($recent, $stiff, $unread, $overloaded));
}

it('gives protein by signs where it will be short, was read lately and is not stiff', function (
    StepKind $protein,
    float $low,
    PlanTerms $terms,
    bool $allowed,
): void {
    $hair = new HairThen(proteinLow: $low);
    $barred = fn (Head $head): array => barredBy(
        way(protein: $protein, mask: true),
        new RuleContext($head, 0, hair: $hair, terms: $terms),
    );
    expect(in_array('protein-by-evidence', $barred(sureHead()), true))->toBe(! $allowed);
    // A house that goes by the calendar does not ask.
    expect($barred(sureHead(['protein' => 'by-calendar'])))->not->toContain('protein-by-evidence');
})->with([
    'mild at 30 %' => [StepKind::MildProtein, 0.30, knowing(), true],
    'mild at 29 %' => [StepKind::MildProtein, 0.29, knowing(), false],
    'strong at 50 %' => [StepKind::StrongProtein, 0.50, knowing(), true],
    'strong at 49 %' => [StepKind::StrongProtein, 0.49, knowing(), false],
    'read too long ago' => [StepKind::MildProtein, 0.99, knowing(recent: false), false],
    'stiff' => [StepKind::MildProtein, 0.99, knowing(stiff: true), false],
    'overloaded once, mild at 50 %' => [StepKind::MildProtein, 0.50, knowing(overloaded: true), true],
    'overloaded once, mild at 49 %' => [StepKind::MildProtein, 0.49, knowing(overloaded: true), false],
    'overloaded once, strong' => [StepKind::StrongProtein, 0.99, knowing(overloaded: true), false],
]);

it('lets one protein do its work before the next, to the day', function (
    StepKind $protein,
    ?int $strong,
    ?int $mild,
    bool $allowed,
): void {
    $standing = new RuleContext(sureHead(), 0, lastStrong: $strong, lastMild: $mild);
    expect(in_array('one-protein-then-a-look', barredBy(way(protein: $protein, mask: true), $standing), true))
        ->toBe(! $allowed);
})->with([
    'mild 13 days after strong' => [StepKind::MildProtein, -13, null, false],
    'mild 14 days after strong' => [StepKind::MildProtein, -14, null, true],
    'strong 6 days after mild' => [StepKind::StrongProtein, null, -6, false],
    'strong 7 days after mild' => [StepKind::StrongProtein, null, -7, true],
    'mild after mild' => [StepKind::MildProtein, null, -1, true],
]);

it('lets nobody give protein twice before the hair was read, to the day', function (
    StepKind $protein,
    int $last,
    bool $unread,
    bool $washed,
    bool $allowed,
): void {
    $standing = new RuleContext(
        sureHead(),
        30,
        lastProtein: $last,
        terms: knowing(unread: $unread),
        hasWashedBefore: $washed,
    );
    expect(barredBy(way(protein: $protein, mask: true), $standing))->toBe($allowed ? [] : ['one-protein-then-a-look']);
})->with([
    'read since the last on record' => [StepKind::MildProtein, -1, false, false, true],
    'read since, strong' => [StepKind::StrongProtein, -1, false, false, true],
    'unread, past three weeks' => [StepKind::MildProtein, -1, true, false, true],
    'unread, strong at the very next wash' => [StepKind::StrongProtein, -1, true, false, false],
    'unread, strong after a wash on which it is read' => [StepKind::StrongProtein, -1, true, true, true],
    'planned 20 days before' => [StepKind::MildProtein, 10, false, true, false],
    'planned 21 days before' => [StepKind::MildProtein, 9, false, true, true],
    'planned 20 days before, strong' => [StepKind::StrongProtein, 10, false, true, false],
    'planned 21 days before, strong' => [StepKind::StrongProtein, 9, false, true, true],
    'planned today' => [StepKind::StrongProtein, 0, false, false, false],
]);

it('leaves colour alone that is on record: mild protein first, no clarifying', function (int $since): void {
    $standing = new RuleContext(sureHead(), 0, lastService: -$since);
    expect(in_array('mild-first-after-a-service', barredBy(
        way(protein: StepKind::StrongProtein, mask: true),
        $standing,
    ), true))->toBe($since < 14)
        ->and(in_array('colour-is-fresh', barredBy(way(CleanseKind::Clarifying), $standing), true))->toBe($since <= 14)
        ->and(barredBy(way(protein: StepKind::MildProtein), $standing))->toBe([]);
})->with([0, 13, 14, 15, 60]);

it('tries nothing that may go wrong on a day that counts and the week before', function (int $until, bool $allowed): void {
    $today = Make::day('2026-03-02');
    $wedding = new Occasion(OccasionKind::BestDay, $today->modify("+{$until} days"), $today->modify("+{$until} days"));
    $standing = new RuleContext(sureHead(), 0, terms: new PlanTerms(occasions: [$wedding]), today: $today);
    foreach ([way(protein: StepKind::StrongProtein, mask: true), way(CleanseKind::Clarifying)] as $choice) {
        expect(in_array('day-that-counts-is-spared', barredBy($choice, $standing), true))->toBe(! $allowed);
    }
    expect(barredBy(way(mask: true, protein: StepKind::MildProtein), $standing))->toBe([]);
})->with([[-1, true], [0, false], [1, false], [7, false], [8, true]]);

it('does not strip dry hair, unless build-up is past its limit and a mask follows', function (): void {
    $barred = fn (WashOption $choice, bool $dry, bool $loaded): array => barredBy(
        $choice,
        new RuleContext(sureHead(), 0, hair: new HairThen(dry: $dry, loaded: $loaded)),
    );
    $clarify = way(CleanseKind::Clarifying);
    $withMask = way(CleanseKind::Clarifying, mask: true);
    expect($barred($clarify, false, false))->toBe([])
        ->and($barred($withMask, true, false))->toBe(['dry-hair-is-not-stripped'])
        ->and($barred($clarify, true, true))->toBe(['dry-hair-is-not-stripped'])
        ->and($barred($withMask, true, true))->toBe([])
        ->and($barred(way(CleanseKind::Shampoo), true, false))->toBe([]);
});

it('takes the time that was said of a child before the usual of children', function (?int $said, int $limit): void {
    $child = sureHead(limit: $said)->born(Make::day('2018-03-02'));
    expect((new RuleContext($child, 0, today: Make::day('2026-03-02')))->minutesLimit())->toBe($limit);
})->with(['nothing said' => [null, 60], 'sits longer' => [95, 95], 'sits less' => [40, 40]]);

it('spares children heat, strong protein and long days, up to the birthday', function (
    string $born,
    bool $strong,
    bool $heat,
    ?int $minutes,
): void {
    $standing = new RuleContext(sureHead()->born(Make::day($born)), 0, today: Make::day('2026-03-02'));
    $isBarred = fn (WashOption $choice): bool => in_array('child-is-spared', barredBy($choice, $standing), true);
    expect(! $isBarred(way(protein: StepKind::StrongProtein, mask: true)))->toBe($strong)
        ->and(! $isBarred(way(mask: true, heat: true)))->toBe($heat)
        ->and($isBarred(way(mask: true, protein: StepKind::MildProtein)))->toBeFalse()
        ->and($standing->minutesLimit())->toBe($minutes);
})->with([
    'eleven, a day before twelve' => ['2014-03-03', false, false, 60],
    'twelve today' => ['2014-03-02', false, true, null],
    'fifteen, a day before sixteen' => ['2010-03-03', false, true, null],
    'sixteen today' => ['2010-03-02', true, true, null],
    'born after today' => ['2026-03-03', true, true, null],
]);
