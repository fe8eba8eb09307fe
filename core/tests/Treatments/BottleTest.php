<?php

declare(strict_types=1);

use Nagomi\Core\Estimation\HeadHistory;
use Nagomi\Core\Estimation\KalmanFilter;
use Nagomi\Core\Estimation\StateLayout;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Planning\OptionEffects;
use Nagomi\Core\Planning\Planner;
use Nagomi\Core\Planning\PlanTerms;
use Nagomi\Core\Planning\WashOption;
use Nagomi\Core\Products\BottleReading;
use Nagomi\Core\Products\IngredientBook;
use Nagomi\Core\Products\ProductAnalysis;
use Nagomi\Core\Record\BottleFields;
use Nagomi\Core\Tests\Support\Make;
use Nagomi\Core\Treatments\BottleContents;
use Nagomi\Core\Treatments\BottlesInUse;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\Content;
use Nagomi\Core\Treatments\ContentFactor;
use Nagomi\Core\Treatments\ContentShare;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;
use Nagomi\Core\Treatments\StratumEffect;
use Nagomi\Core\Treatments\TreatmentCatalogue;
use Nagomi\Core\Treatments\TreatmentContext;

/** A bottle that holds so much of each content, known exactly. */
function bottleWith(array $percent = [], ?int $labelMinutes = null): BottleContents
{
    return new BottleContents(
        array_map(static fn (float $of): ContentShare => new ContentShare($of, $of, $of), $percent),
        $labelMinutes,
    );
}

function bottleListed(string $list): BottleContents
{
    return BottleReading::contents(
        ProductAnalysis::of($list, IngredientBook::shipped(), Parameters::shipped()->products),
        Parameters::shipped()->contents,
    );
}

function effectOf(Step $step, ?Step $preWash = null, Porosity $porosity = Porosity::Medium): StratumEffect
{
    $head = Make::head($porosity);

    return TreatmentCatalogue::of($step->kind)
        ->effectOn($head->strata[0], $step, new TreatmentContext($head, $preWash));
}

it('does what its kind usually does where the bottle is not known, or is as usual', function (): void {
    $usual = Parameters::shipped()->contents->usualPercent;
    $washable = Parameters::shipped()->model->washableShare;
    foreach ([Step::mask(20), Step::conditioner(3), Step::strongProtein(5), Step::mildProtein(5)] as $step) {
        $same = effectOf($step->with(bottleWith([
            'washable-film' => $washable,
            'stubborn-film' => 1.0 - $washable,
            ...$usual[$step->kind->value],
        ])));
        expect($same->moistureGain)->toEqualWithDelta(effectOf($step)->moistureGain, 1e-9)
            ->and($same->proteinGain)->toEqualWithDelta(effectOf($step)->proteinGain, 1e-9)
            ->and($same->washableAdded)->toEqualWithDelta(0.0, 1e-9);
    }
    foreach ([CleanseKind::Gentle, CleanseKind::Shampoo, CleanseKind::Clarifying] as $kind) {
        $same = effectOf(Step::cleanse($kind)->with(bottleWith($usual[$kind->value])));
        expect($same)->toEqual(effectOf(Step::cleanse($kind)));
    }
});

it('makes of every content half to twice the usual, more of it never less', function (): void {
    $contents = Parameters::shipped()->contents;
    $last = 0.0;
    foreach ([0.0, 0.1, 1.0, 2.0, 4.0, 7.5, 15.0, 30.0, 60.0, 100.0] as $percent) {
        $times = ContentFactor::of(new ContentShare($percent, $percent, $percent), 7.5, $contents)->times;
        expect($times)->toBeGreaterThanOrEqual(max(0.5, $last))->toBeLessThanOrEqual(2.0);
        $last = $times;
    }
    expect($last)->toBe(2.0)->and(ContentFactor::of(null, 7.5, $contents)->times)->toBe(1.0);
});

it('makes a mild bottle in the place of a strong one do about half', function (): void {
    $mild = effectOf(Step::strongProtein(5)->with(bottleWith(['protein' => 0.6])))->proteinGain;
    expect($mild / effectOf(Step::strongProtein(5))->proteinGain)->toEqualWithDelta(0.5, 0.01);
});

it('shows a keratin mask at every wash as protein', function (): void {
    $keratin = bottleListed('Aqua, Cetearyl Alcohol, Hydrolyzed Keratin, Glycerin, Behentrimonium Chloride, Phenoxyethanol');
    $plain = bottleListed('Aqua, Cetearyl Alcohol, Glycerin, Behentrimonium Chloride, Phenoxyethanol');
    $proteinAfter = static function (?BottleContents $contents): float {
        $days = [];
        for ($week = 0; $week < 10; $week++) {
            $date = Make::day()->modify('+' . 7 * $week . ' days')->format('Y-m-d');
            $days[] = Make::washDay($date, [Step::cleanse(CleanseKind::Gentle), Step::mask(20)->with($contents)]);
        }
        $run = KalmanFilter::through(new HeadHistory(Make::head(), $days), Make::day()->modify('+63 days'));

        return $run->last()->state->value(0, StateLayout::PROTEIN);
    };
    expect($proteinAfter($plain))->toEqualWithDelta($proteinAfter(null), 0.01)
        ->and($proteinAfter($keratin))->toBeGreaterThan($proteinAfter($plain) + 10.0);
});

it('leaves more doubt where the list leaves more open', function (): void {
    $sd = static function (BottleContents $contents): float {
        $days = [Make::washDay('2026-03-02', [Step::cleanse(CleanseKind::Shampoo), Step::mask(20)->with($contents)])];
        $run = KalmanFilter::through(new HeadHistory(Make::head(), $days), Make::day());
        $state = $run->last()->state;
        $at = $state->layout->of(0, StateLayout::MOISTURE);

        return sqrt($state->covariance[$at][$at]);
    };
    $wide = new BottleContents(['moisture' => new ContentShare(0.0, 11.0, 60.0)]);
    expect($sd($wide))->toBeGreaterThan($sd(bottleWith(['moisture' => 11.0])) + 0.3);
    $strength = new BottleContents(['surfactant' => new ContentShare(0.0, 10.0, 60.0)]);
    $effect = effectOf(Step::cleanse(CleanseKind::Shampoo)->with($strength));
    expect($effect->cleanseSd)->toBeGreaterThan(0.2)->toBeLessThan(0.5);
});

it('cleanses as strongly as its surfactants, and chelates only with what chelates', function (): void {
    $with = static fn (CleanseKind $kind, array $of): StratumEffect => effectOf(
        Step::cleanse($kind)->with(bottleWith($of)),
    );
    $strong = $with(CleanseKind::Shampoo, ['surfactant' => 20.0]);
    $mild = $with(CleanseKind::Shampoo, ['surfactant' => 3.0]);
    $usual = effectOf(Step::cleanse(CleanseKind::Shampoo));
    expect($strong->washableKept)->toBeLessThan($usual->washableKept)
        ->and($strong->moistureLost)->toBeGreaterThan($usual->moistureLost)
        ->and($mild->washableKept)->toBeGreaterThan($usual->washableKept)
        ->and($mild->moistureLost)->toBeLessThan($usual->moistureLost);
    $chelates = $with(CleanseKind::Chelating, ['surfactant' => 14.0, 'chelator' => 1.0]);
    $onlyNamed = $with(CleanseKind::Chelating, ['surfactant' => 14.0, 'chelator' => 0.1]);
    expect($chelates->stubbornKept)
        ->toEqualWithDelta(effectOf(Step::cleanse(CleanseKind::Chelating))->stubbornKept, 1e-9)
        ->and($onlyNamed->stubbornKept)
        ->toEqualWithDelta(effectOf(Step::cleanse(CleanseKind::Clarifying))->stubbornKept, 1e-9);
});

it('keeps more of the loss away with an oil that goes in than with one that does not', function (): void {
    // Rele & Mohile, J Cosmet Sci 2003;54:175–192: coconut oil before the wash lowers protein loss, mineral and
    // sunflower oil do not.
    $loss = static fn (string $oil): float => effectOf(
        Step::cleanse(CleanseKind::Shampoo),
        Step::preWash('oil', 30)->with(bottleListed($oil)),
    )->proteinLost;
    expect($loss('Cocos Nucifera Oil'))->toBeLessThan($loss('Paraffinum Liquidum'))
        ->and($loss('Paraffinum Liquidum'))->toEqualWithDelta($loss('Helianthus Annuus Seed Oil'), 1e-9);
});

it('leaves films by what takes them off, more than usual or less', function (): void {
    $left = static fn (array $of): StratumEffect => effectOf(
        Step::leaveIn()->with(bottleWith(['moisture' => 4.0, ...$of])),
    );
    expect($left(['stubborn-film' => 3.0])->stubbornAdded)
        ->toBeGreaterThan(1.0)
        ->and($left(['washable-film' => 3.0])->stubbornAdded)
        ->toBeLessThan(0.0)
        ->and($left(['washable-film' => 3.0])->washableAdded)
        ->toBeGreaterThan(1.0)
        ->and($left([])->washableAdded)
        ->toBeLessThan(0.0)
        ->and(effectOf(Step::leaveIn())->washableAdded)->toBe(0.0);
});

it('keeps water in by what is in the bottle, not by what it is called', function (): void {
    $head = Make::head();
    expect(TreatmentContext::seals($head, Step::seal()))->toBeTrue()
        ->and(TreatmentContext::seals($head, Step::seal()->with(bottleWith(['moisture' => 5.0]))))->toBeFalse()
        ->and(TreatmentContext::seals($head, Step::leaveIn()))->toBeFalse()
        ->and(TreatmentContext::seals($head, Step::leaveIn()->with(bottleWith(['sealing' => 12.0]))))->toBeTrue();
});

it('takes too long from the label of its own bottle, and loses by it where it is protein', function (): void {
    $cost = Parameters::shipped()->treatments->overLongMoistureCost;
    $of = static fn (Step $step, int $label): float => effectOf($step->with(bottleWith(['protein' => 2.0], $label)))
        ->moistureLost;
    expect($of(Step::mildProtein(40), 10))->toBe($cost)
        ->and($of(Step::mildProtein(40), 15))->toBe(0.0)
        // Hair is detangled under these for as long as it takes: no more is taken up, and nothing is lost.
        ->and($of(Step::mask(60), 5))->toBe(0.0)->and($of(Step::conditioner(60), 3))->toBe(0.0)
        ->and(effectOf(Step::conditioner(60))->moistureGain)->toBe(effectOf(Step::conditioner(9))->moistureGain);
});

it('plans with the bottle that was last used, until one is used that is not known', function (): void {
    $keratin = bottleWith(['moisture' => 11.0, 'protein' => 2.0]);
    $mask = [Step::cleanse(CleanseKind::Gentle), Step::mask(20)];
    $known = Make::washDay('2026-02-16', [$mask[0], $mask[1]->with($keratin)]);
    $unknown = Make::washDay('2026-02-23', $mask);
    $of = static fn (array $days): ?BottleContents => BottlesInUse::in($days)->with([Step::mask(10)])[0]->contents;
    expect($of([$known]))->toBe($keratin)
        ->and($of([$unknown, $known]))->toBeNull()
        ->and($of([]))->toBeNull()
        ->and(BottlesInUse::in([$known])->with([Step::conditioner(3)])[0]->contents)->toBeNull();

    $start = Make::atTarget(Make::head());
    $protein = static fn (array $days): int => count(array_filter(
        Planner::plan($start, $days, 12)->items,
        static fn ($item): bool => $item->choice->protein !== null,
    ));
    $last = static function (array $days) use ($start): float {
        $forecast = Planner::plan($start, $days, 12)->forecast;

        return $forecast[count($forecast) - 1]->state->value(0, StateLayout::PROTEIN);
    };
    expect($protein([$known]))->toBeLessThan($protein([$unknown]))->and($last([$known]))->toBeGreaterThan(20.0);
    $option = new WashOption(CleanseKind::Gentle, 1, StepKind::Mask, 20);
    $terms = (new PlanTerms())->doneWith(BottlesInUse::in([$known]));
    $means = array_fill(0, 4 * count(Make::head()->strata), 40.0);
    expect(OptionEffects::of($option, Make::head(), 1.0, $terms)->on($means))
        ->not->toEqual(OptionEffects::of($option, Make::head(), 1.0, new PlanTerms())->on($means));
});

it('says what a bottle cannot hold', function (Closure $make, string $words): void {
    expect($make)->toRefuse(InvalidArgumentException::class, $words);
})->with([
    'bounds that cross' => [fn () => new ContentShare(5.0, 3.0, 9.0), 'rising from 0 to 100'],
    'more than all' => [fn () => new ContentShare(5.0, 30.0, 101.0), 'rising from 0 to 100'],
    'no number' => [fn () => new ContentShare(0.0, NAN, 1.0), 'rising from 0 to 100'],
    'a content nobody knows' => [fn () => new BottleContents(['gold' => ContentShare::none()]), 'choose of'],
    'a label of no time' => [fn () => new BottleContents([], 0), '1 to 720 minutes'],
]);

it('writes only what a bottle holds', function (): void {
    expect(BottleFields::write(bottleWith(['protein' => 1.5], 20)))->toBe([
        'protein' => ['low_percent' => 1.5, 'typical_percent' => 1.5, 'high_percent' => 1.5],
        'label_minutes' => 20,
    ])->and(BottleFields::write(bottleWith()))->toBe([]);
});

it('holds every content of a bottle by its name', function (): void {
    foreach (Content::cases() as $content) {
        expect(bottleWith([$content->value => 3.0])->of($content)->typicalPercent)
            ->toBe(3.0)
            ->and(bottleWith()->of($content)->highPercent)->toBe(0.0);
    }
});
