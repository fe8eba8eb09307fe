<?php

declare(strict_types=1);

use Nagomi\Core\Climate\Humidity;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Head\Method;
use Nagomi\Core\Planning\PlanTerms;
use Nagomi\Core\Planning\Programme;
use Nagomi\Core\Planning\ProgrammeKind;
use Nagomi\Core\Planning\RuleContext;
use Nagomi\Core\Planning\Rules\RuleCatalogue;
use Nagomi\Core\Planning\WashOption;
use Nagomi\Core\Planning\WeekTime;
use Nagomi\Core\Planning\Wish;
use Nagomi\Core\Planning\Wishes;
use Nagomi\Core\Planning\WishKind;
use Nagomi\Core\Scalp\ScalpPlan;
use Nagomi\Core\Scalp\ScalpRhythm;
use Nagomi\Core\Tests\Support\Make;
use Nagomi\Core\Tests\Support\Scalps;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\StepKind;

/*
 * The rules that look at what was agreed, wished or seen on the scalp, each by itself and to the day; day 7 is
 * 9 March 2026, a Monday.
 */

/** A way to wash, plain unless said otherwise. */
function wayTo(
    CleanseKind $cleanse = CleanseKind::Gentle,
    bool $mask = false,
    ?StepKind $protein = null,
    bool $heat = false,
    ?string $preWash = null,
    bool $oils = true,
    bool $evening = false,
    bool $after = false,
): WashOption {
    return new WashOption(
        $cleanse,
        1,
        $mask ? StepKind::Mask : StepKind::Conditioner,
        $mask ? 25.0 : 3.0,
        $heat,
        $protein,
        $preWash,
        oils: $oils,
        preWashBefore: $evening,
        stylesAfter: $after,
    );
}

/** @param array<string, string> $choices of the house method */
function onDay(
    int $day,
    PlanTerms $terms = new PlanTerms(),
    array $choices = [],
    ?int $lastMask = -2,
    ?bool $coWashLast = null,
    ?int $nextWash = null,
    array $used = [],
    ?int $limit = null,
): RuleContext {
    return new RuleContext(
        Make::head(limit: $limit, method: new Method(['oils' => 'seal', ...$choices])),
        $day,
        lastMask: $lastMask,
        nextWash: $nextWash,
        used: $used,
        terms: $terms,
        today: Make::day(),
        coWashLast: $coWashLast,
    );
}

/** Whether the rule of that key lets the way pass. */
function passes(string $key, WashOption $choice, RuleContext $standing): bool
{
    foreach (RuleCatalogue::rules() as $rule) {
        if ($rule->key() === $key) {
            return $rule->allows($choice, $standing);
        }
    }

    throw new LogicException("There is no rule {$key}.");
}

function agreed(ProgrammeKind $kind, int $from = 0, int $until = 27): PlanTerms
{
    return (new PlanTerms())->keepingTo([new Programme(
        $kind,
        Make::day()->modify("{$from} days"),
        Make::day()->modify("{$until} days"),
    )]);
}

function wishedOut(string $what, int $from = 7, int $until = 14): PlanTerms
{
    return new PlanTerms(wishes: new Wishes([new Wish(
        WishKind::LeaveOut,
        Make::day()->modify("+{$from} days"),
        Make::day()->modify("+{$until} days"),
        $what,
    )]));
}

/** Terms with a scalp that was read so, on wash days 0 and 7. */
function scalpAsks(int $flakes = 0, int $oil = 2): PlanTerms
{
    $head = Make::head();
    $estimate = Scalps::read(static fn (string $date) => Scalps::map($date, $flakes, oil: $oil));
    $air = new Humidity(50.0);

    return (new PlanTerms())->caringForScalp(
        ScalpPlan::over($estimate, ScalpRhythm::of($estimate, $head, $air, 3), $head, $air, [0, 7]),
    );
}

it('keeps what was agreed while it lasts, and hands back after', function (
    ProgrammeKind $kind,
    WashOption $keeps,
    WashOption $breaks,
): void {
    foreach ([0, 27] as $day) {
        expect(passes('programme-is-kept', $keeps, onDay($day, agreed($kind), lastMask: null)))
            ->toBeTrue()
            ->and(passes('programme-is-kept', $breaks, onDay($day, agreed($kind), lastMask: null)))->toBeFalse();
    }
    // What only a programme takes away is not taken away afterwards.
    $after = $kind === ProgrammeKind::NoOils ? $keeps : $breaks;
    expect(passes('programme-is-kept', $after, onDay(28, agreed($kind), lastMask: null)))
        ->toBe($kind !== ProgrammeKind::NoOils)
        ->and(passes('programme-is-kept', $after, onDay(0, agreed($kind, 1), lastMask: null)))
        ->toBe($kind !== ProgrammeKind::NoOils);
})->with([
    'a first month' => [ProgrammeKind::FirstMonth, fn () => wayTo(mask: true), fn () => wayTo()],
    'weekly masks' => [ProgrammeKind::WeeklyMask, fn () => wayTo(mask: true), fn () => wayTo()],
    'no protein' => [ProgrammeKind::NoProtein, fn () => wayTo(), fn () => wayTo(protein: StepKind::MildProtein)],
    'no heat' => [ProgrammeKind::NoHeat, fn () => wayTo(mask: true), fn () => wayTo(mask: true, heat: true)],
    'gentle, co-wash' => [
        ProgrammeKind::GentleCleansing, fn () => wayTo(CleanseKind::CoWash), fn () => wayTo(CleanseKind::Shampoo),
    ],
    'gentle, low lather' => [
        ProgrammeKind::GentleCleansing, fn () => wayTo(CleanseKind::LowLather), fn () => wayTo(CleanseKind::Clarifying),
    ],
    'gentle' => [ProgrammeKind::GentleCleansing, fn () => wayTo(), fn () => wayTo(CleanseKind::ScalpCare)],
    'no oils' => [ProgrammeKind::NoOils, fn () => wayTo(oils: false), fn () => wayTo()],
    'no oil before either' => [
        ProgrammeKind::NoOils, fn () => wayTo(oils: false), fn () => wayTo(preWash: 'oil', oils: false),
    ],
    'a pre-wash' => [ProgrammeKind::PreWash, fn () => wayTo(preWash: 'oil'), fn () => wayTo()],
]);

it('masks within the days that were agreed, counted to the next wash', function (
    ProgrammeKind $kind,
    int $day,
    int $lastMask,
    int $nextWash,
    bool $may,
): void {
    $standing = onDay($day, agreed($kind, 0, 60), lastMask: $lastMask, nextWash: $nextWash);
    expect(passes('programme-is-kept', wayTo(), $standing))->toBe($may);
})->with([
    'the seventh day comes with a wash' => [ProgrammeKind::WeeklyMask, 7, 4, 11, true],
    'it would be the eighth' => [ProgrammeKind::WeeklyMask, 7, 4, 12, false],
    'a first month is weekly' => [ProgrammeKind::FirstMonth, 27, 24, 32, false],
    'and then every other week' => [ProgrammeKind::FirstMonth, 28, 24, 38, true],
    'but no later' => [ProgrammeKind::FirstMonth, 28, 24, 39, false],
]);

it('brings a conditioner before the wash only by the house or by a programme', function (): void {
    $before = wayTo(preWash: 'conditioner');
    expect(passes('programme-is-kept', $before, onDay(3, agreed(ProgrammeKind::PreWash))))->toBeTrue()
        ->and(passes('programme-is-kept', $before, onDay(3)))->toBeFalse()
        ->and(passes('programme-is-kept', $before, onDay(3, choices: ['pre-wash' => 'conditioner'])))->toBeTrue();
});

it('leaves out what was wished out, on those days and no others', function (string $what, WashOption $way): void {
    expect(passes('wish-is-kept', $way, onDay(6, wishedOut($what))))->toBeTrue()
        ->and(passes('wish-is-kept', $way, onDay(7, wishedOut($what))))->toBeFalse()
        ->and(passes('wish-is-kept', $way, onDay(14, wishedOut($what))))->toBeFalse()
        ->and(passes('wish-is-kept', $way, onDay(15, wishedOut($what))))->toBeTrue()
        ->and(passes('wish-is-kept', wayTo(), onDay(7, wishedOut($what))))->toBeTrue()
        ->and(passes('wish-is-kept', $way, onDay(7)))->toBeTrue();
})->with([
    'masks' => ['mask', fn () => wayTo(mask: true)],
    'protein of any strength' => ['protein', fn () => wayTo(mask: true, protein: StepKind::StrongProtein)],
    'strong protein' => ['strong-protein', fn () => wayTo(mask: true, protein: StepKind::StrongProtein)],
    'clarifying' => ['clarifying', fn () => wayTo(CleanseKind::Clarifying)],
    'heat' => ['heat', fn () => wayTo(mask: true, heat: true)],
    'co-wash' => ['co-wash', fn () => wayTo(CleanseKind::CoWash)],
]);

it('takes turns with co-wash where the house or a programme does, and nowhere else', function (): void {
    $house = ['cleansing' => 'alternate-co-wash'];
    $coWash = wayTo(CleanseKind::CoWash);
    $key = 'co-wash-alternates';
    expect(passes($key, $coWash, onDay(7, choices: $house, coWashLast: true)))->toBeFalse()
        ->and(passes($key, $coWash, onDay(7, choices: $house, coWashLast: false)))->toBeTrue()
        ->and(passes($key, wayTo(), onDay(7, choices: $house, coWashLast: true)))->toBeTrue()
        ->and(passes($key, wayTo(), onDay(7, choices: $house, coWashLast: false)))->toBeFalse()
        // Before the first wash on record either may come.
        ->and(passes($key, wayTo(), onDay(7, choices: $house)))->toBeTrue()
        ->and(passes($key, $coWash, onDay(7, choices: $house)))->toBeTrue()
        // Where nobody agreed on it, or it is over, there is no co-wash.
        ->and(passes($key, $coWash, onDay(7, coWashLast: false)))->toBeFalse()
        ->and(passes($key, $coWash, onDay(28, agreed(ProgrammeKind::AlternateCoWash), coWashLast: false)))->toBeFalse()
        ->and(passes($key, $coWash, onDay(21, agreed(ProgrammeKind::AlternateCoWash), coWashLast: false)))->toBeTrue()
        ->and(passes($key, wayTo(), onDay(7, agreed(ProgrammeKind::AlternateCoWash), coWashLast: false)))->toBeFalse()
        ->and(passes($key, wayTo(), onDay(28, agreed(ProgrammeKind::AlternateCoWash), coWashLast: false)))->toBeTrue()
        // Where all of it is gentle there is nothing to take turns.
        ->and(passes($key, wayTo(), onDay(7, agreed(ProgrammeKind::GentleCleansing), $house, coWashLast: false)))
        ->toBeTrue()
        ->and(passes($key, wayTo(), onDay(7, wishedOut('co-wash'), $house, coWashLast: false)))->toBeTrue()
        ->and(passes($key, wayTo(), onDay(15, wishedOut('co-wash'), $house, coWashLast: false)))->toBeFalse();
    // A scalp that flakes or is oily is washed out of turn; a calm one is not.
    $shampoo = wayTo(CleanseKind::Shampoo);
    foreach ([[scalpAsks(flakes: 7), true], [scalpAsks(oil: 9), true], [scalpAsks(), false]] as [$terms, $may]) {
        expect(passes($key, $shampoo, onDay(7, $terms, $house, coWashLast: false)))->toBe($may);
    }
});

it('cares for a scalp that flakes, and for no other', function (): void {
    $key = 'scalp-care-when-due';
    $care = wayTo(CleanseKind::ScalpCare);
    [$flakes, $calm] = [scalpAsks(flakes: 7), scalpAsks()];
    expect(passes($key, $care, onDay(7, $flakes)))->toBeTrue()
        ->and(passes($key, wayTo(CleanseKind::Clarifying), onDay(7, $flakes)))->toBeTrue()
        ->and(passes($key, wayTo(), onDay(7, $flakes)))->toBeFalse()
        ->and(passes($key, $care, onDay(7, $calm)))->toBeFalse()
        ->and(passes($key, wayTo(), onDay(7, $calm)))->toBeTrue()
        ->and(passes($key, $care, onDay(7)))->toBeFalse()
        ->and(passes($key, wayTo(), onDay(7)))->toBeTrue()
        // A day the scalp has no say in.
        ->and(passes($key, $care, onDay(9, $flakes)))->toBeFalse();
    $gentle = $flakes->keepingTo(agreed(ProgrammeKind::GentleCleansing)->programmes);
    expect(passes($key, $care, onDay(7, $gentle)))
        ->toBeFalse()
        ->and(passes($key, wayTo(), onDay(7, $gentle)))->toBeTrue();
});

it('shampoos an oily scalp', function (CleanseKind $cleanse, bool $may): void {
    $key = 'oily-scalp-is-shampooed';
    $oily = scalpAsks(oil: 9);
    expect(passes($key, wayTo($cleanse), onDay(7, $oily)))->toBe($may)
        ->and(passes($key, wayTo($cleanse), onDay(7, scalpAsks())))->toBeTrue()
        ->and(passes($key, wayTo($cleanse), onDay(7)))->toBeTrue()
        ->and(passes(
            $key,
            wayTo($cleanse),
            onDay(7, $oily->keepingTo(agreed(ProgrammeKind::GentleCleansing)->programmes)),
        ))->toBeTrue();
})->with([
    [CleanseKind::CoWash, false],
    [CleanseKind::LowLather, false],
    [CleanseKind::Gentle, false],
    [CleanseKind::Shampoo, true],
    [CleanseKind::Clarifying, true],
    [CleanseKind::ScalpCare, true],
]);

it('gives hair that nobody read its usual care alone', function (): void {
    $unread = new PlanTerms(notReadYet: true);
    $hard = static fn (?float $hardness, bool $swims = false): RuleContext => new RuleContext(
        new Head(Make::head()->zoneParts, $hardness, swims: $swims, method: new Method()),
        7,
        terms: $unread,
        today: Make::day(),
    );
    $key = 'not-read-yet';
    $chelating = wayTo(CleanseKind::Chelating);
    expect(passes($key, wayTo(mask: true), $hard(100)))->toBeTrue()
        ->and(passes($key, wayTo(protein: StepKind::MildProtein), $hard(400, true)))->toBeFalse()
        ->and(passes($key, $chelating, $hard(100)))->toBeFalse()
        ->and(passes($key, $chelating, $hard(null)))->toBeFalse()
        ->and(passes($key, $chelating, $hard(400)))->toBeTrue()
        ->and(passes($key, $chelating, $hard(100, true)))->toBeTrue()
        ->and(passes($key, wayTo(protein: StepKind::MildProtein), onDay(7)))->toBeTrue();
});

it('puts a pre-wash on the evening and the styling on the day after only where days are short', function (): void {
    $oil = static fn (bool $evening): WashOption => wayTo(mask: true, preWash: 'oil', evening: $evening);
    $whole = (int) floor($oil(false)->minutes(Make::head()));
    $styled = (int) floor(wayTo(mask: true)->minutes(Make::head()));
    $sundays = new PlanTerms(week: new WeekTime([7 => 0]));
    $tuesdays = new PlanTerms(week: new WeekTime([2 => 0]));
    $after = wayTo(mask: true, after: true);
    expect(passes('pre-wash-on-the-day', $oil(true), onDay(7, limit: $whole - 1)))->toBeTrue()
        ->and(passes('pre-wash-on-the-day', $oil(true), onDay(7, limit: $whole + 1)))->toBeFalse()
        ->and(passes('pre-wash-on-the-day', $oil(true), onDay(7)))->toBeFalse()
        ->and(passes('pre-wash-on-the-day', $oil(true), onDay(0, limit: $whole - 1)))->toBeFalse()
        ->and(passes('pre-wash-on-the-day', $oil(true), onDay(7, $sundays, limit: $whole - 1)))->toBeFalse()
        ->and(passes('pre-wash-on-the-day', $oil(false), onDay(0, limit: 10)))->toBeTrue()
        ->and(passes('styling-on-the-day', $after, onDay(7, limit: $styled - 1)))->toBeTrue()
        ->and(passes('styling-on-the-day', $after, onDay(7, limit: $styled + 1)))->toBeFalse()
        ->and(passes('styling-on-the-day', $after, onDay(7, nextWash: 8, limit: $styled - 1)))->toBeFalse()
        ->and(passes('styling-on-the-day', $after, onDay(7, $tuesdays, limit: $styled - 1)))->toBeFalse()
        ->and(passes('styling-on-the-day', wayTo(mask: true), onDay(7, nextWash: 8, limit: 10)))->toBeTrue();
});

it('counts what is in stock, what is done in the salon alone, and the calendar, to the last one', function (): void {
    $one = new PlanTerms(stock: ['mask' => 1]);
    expect(passes('in-stock', wayTo(mask: true), onDay(7, $one)))->toBeTrue()
        ->and(passes('in-stock', wayTo(mask: true), onDay(7, $one, used: ['mask' => 1])))->toBeFalse()
        ->and(passes('in-stock', wayTo(), onDay(7, $one, used: ['mask' => 1])))->toBeTrue()
        ->and(passes('in-stock', wayTo(mask: true), onDay(7, new PlanTerms(stock: ['mask' => 0]))))->toBeFalse();
    $salon = new PlanTerms(salonDays: [Make::day('2026-03-09')], notAtHome: ['strong-protein']);
    $strong = wayTo(mask: true, protein: StepKind::StrongProtein);
    expect(passes('not-at-home', $strong, onDay(7, $salon)))->toBeTrue()
        ->and(passes('not-at-home', $strong, onDay(14, $salon)))->toBeFalse()
        ->and(passes('not-at-home', wayTo(mask: true), onDay(14, $salon)))->toBeTrue();
    $calendar = ['mask-rhythm' => 'by-calendar'];
    $days = Make::head()->parameters->planning->maskByCalendarDays;
    $mask = static fn (?int $last): bool => passes(
        'mask-by-calendar',
        wayTo(),
        onDay(7, choices: $calendar, lastMask: $last, nextWash: 14),
    );
    expect($mask(14 - $days))->toBeTrue()->and($mask(13 - $days))->toBeFalse()->and($mask(null))->toBeFalse();
});
