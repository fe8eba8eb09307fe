<?php

declare(strict_types=1);


/** A way to wash, plain unless said otherwise. */

use Nagomi\Core\Head\Head;
use Nagomi\Core\Head\Method;
use Nagomi\Core\Head\StylingLoad;
use Nagomi\Core\Planning\PlanTerms;
use Nagomi\Core\Planning\RuleContext;
use Nagomi\Core\Planning\Rules\Rule;
use Nagomi\Core\Planning\Rules\RuleCatalogue;
use Nagomi\Core\Planning\WashOption;
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

it('asks for a mask before the next wash day would be later than 35 days after the last', function (int $last, ?int $next, bool $allowed): void {
    expect(in_array(
        'mask-no-later',
        barredBy(way(), new RuleContext(sureHead(), 0, lastMask: $last, nextWash: $next)),
        true,
    ))->toBe(! $allowed);
    expect(barredBy(
        way(mask: true),
        new RuleContext(sureHead(), 0, lastMask: $last, nextWash: $next),
    ))->not->toContain('mask-no-later');
})->with([[-28, 7, true], [-29, 7, false], [-35, null, true], [-36, null, false], [-60, 7, false]]);

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
        new RuleContext(sureHead(), 0, proteinHigh: true),
    ))->toBe(['strong-protein-not-when-high'])
        ->and(barredBy(
            way(protein: StepKind::StrongProtein),
            new RuleContext(sureHead(), 0),
        ))->toBe(['strong-protein-then-mask'])
        ->and(barredBy(
            way(protein: StepKind::MildProtein),
            new RuleContext(sureHead(), 0, proteinHigh: true),
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
        ->and(barredBy(way(preWash: 'conditioner'), new RuleContext(sureHead(['oils' => 'none']), 0)))->toBe([])
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
            new RuleContext($calendar, 0, lastMask: -8, lastProtein: -60, nextWash: 7, proteinHigh: true),
        ))->toBe([])
        ->and(barredBy(way(), new RuleContext(sureHead(), 0, lastMask: -20, lastProtein: -90, nextWash: 7)))->toBe([]);
});

it('says of every rule what would free it', function (): void {
    $frees = array_map(fn (Rule $rule): string => $rule->frees(), RuleCatalogue::rules());
    foreach ($frees as $words) {
        expect($words)->not->toBe('')->and($words)->not->toEndWith('.');
    }
    expect(count(RuleCatalogue::rules()))->toBe(19);
});
