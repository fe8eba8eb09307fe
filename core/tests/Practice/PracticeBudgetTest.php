<?php

declare(strict_types=1);

namespace Nagomi\Core\Tests\Practice;

use InvalidArgumentException;
use Nagomi\Core\Estimation\BalanceCell;
use Nagomi\Core\Planning\WashOption;
use Nagomi\Core\Practice\HomeOrders;
use Nagomi\Core\Practice\PracticeBudget;
use Nagomi\Core\Practice\PracticeCase;
use Nagomi\Core\Practice\PracticeComplaint;
use Nagomi\Core\Practice\PracticeDecision;
use Nagomi\Core\Practice\PracticeLife;
use Nagomi\Core\Practice\PracticeShelf;
use Nagomi\Core\Practice\WrittenCases;
use Nagomi\Core\Readings\TestCatalogue;
use Nagomi\Core\Tests\Support\Make;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\StepKind;

/*
 * A practice client has so much time and so much money: what goes beyond is refused, whoever asks for it.
 */

function caseWithin(PracticeBudget $budget): PracticeCase
{
    $drawn = drawnCase();

    return new PracticeCase(
        $drawn->seed,
        $drawn->from,
        $drawn->told,
        $drawn->hair,
        $drawn->scalp,
        $drawn->past,
        $drawn->keeps,
        $drawn->ringMm,
        $budget,
    );
}

function maskedFor(float $minutes, ?StepKind $protein = null, ?string $preWash = null): WashOption
{
    return new WashOption(CleanseKind::Gentle, 1, StepKind::Mask, $minutes, protein: $protein, preWash: $preWash);
}

it('refuses hair tests there is no time for, and counts those that were taken', function (): void {
    $life = PracticeLife::begun(caseWithin(new PracticeBudget(3, 200, 200, 500.0)));
    $minutes = $life->told->parameters->readings->testMinutes;
    $read = $life->read(['wet-stretch']);

    expect($read->testMinutesLeft())->toEqualWithDelta(3 - $minutes['wet-stretch'], 1e-9)
        ->and($read->inTime(['broken-hairs', 'dryness', 'wet-stretch']))->toBe(['dryness'])
        ->and(fn () => $read->read(['broken-hairs']))->toThrow(InvalidArgumentException::class)
        ->and($read->decided(decides())->testMinutesLeft())->toBe(3.0);
});

it('refuses what takes longer than there is time for, here and at home, but for a plain wash', function (): void {
    $life = PracticeLife::begun(caseWithin(new PracticeBudget(9, 90, 60, 500.0)));
    $long = maskedFor(60);
    $plain = new WashOption(CleanseKind::Gentle, 1, StepKind::Conditioner, 3.0);
    $at = static fn (?WashOption $today, ?WashOption $home): PracticeDecision => new PracticeDecision(
        surely(BalanceCell::InBalance),
        $today,
        $home === null ? [] : [7 => $home],
    );

    expect($life->affords($at(maskedFor(20), null)))->toBeTrue()
        ->and($life->affords($at($long, null)))->toBeFalse()
        ->and($life->affords($at(null, maskedFor(20))))->toBeFalse()
        ->and($life->affords($at($plain, $plain)))->toBeTrue()
        ->and(fn () => $life->decided($at($long, null)))->toThrow(InvalidArgumentException::class);

    $near = $life->affordable($at(maskedFor(60, StepKind::MildProtein, 'oil'), maskedFor(20)));
    expect($near->today?->minutes($life->told))->toBeLessThanOrEqual(90.0)
        ->and($near->today?->protein)->toBe(StepKind::MildProtein)
        ->and($near->today?->preWash)->toBeNull()
        ->and($life->affords($near))->toBeTrue();
});

it('spends money on treatments over all visits, and none beyond it', function (): void {
    $prices = drawnCase()->told->parameters->planning->treatmentPrice;
    $life = PracticeLife::begun(caseWithin(new PracticeBudget(9, 200, 200, 2.5 * $prices['mask'])));
    $once = $life->decided(decides(maskedFor(20)));
    $twice = $once->decided(decides(maskedFor(20)));

    expect($once->moneyLeft())->toEqualWithDelta(1.5 * $prices['mask'], 1e-9)
        ->and($twice->affords(decides(maskedFor(20))))->toBeFalse()
        ->and($twice->affordable(decides(maskedFor(20)))->today?->masks())->toBeFalse()
        ->and($twice->affords(decides(new WashOption(CleanseKind::Gentle, 1, StepKind::Conditioner, 3.0))))->toBeTrue();
});

it('turns what is told for at home into washes', function (): void {
    $head = drawnCase()->told;
    $days = (new HomeOrders(6, CleanseKind::Shampoo, 2, 20.0, 4, 3, true))->days($head);

    expect(array_keys($days))->toBe([6, 12, 18, 24])
        ->and(array_map(static fn (WashOption $day): bool => $day->masks(), array_values($days)))
            ->toBe([false, true, false, true])
        ->and($days[24]->protein)->toBe(StepKind::MildProtein)
        ->and($days[18]->cleanse)->toBe(CleanseKind::Clarifying)
        ->and($days[6]->cleanse)->toBe(CleanseKind::Shampoo)
        ->and($days[6]->preWash)->toBe('oil')
        ->and((new HomeOrders(28))->days($head))->toBe([])
        ->and(fn () => new HomeOrders(1))->toThrow(InvalidArgumentException::class)
        ->and(fn () => new HomeOrders(7, maskEvery: -1))->toThrow(InvalidArgumentException::class);
});

it('reads the scalp as its map takes it, and moves it by what is done to it', function (): void {
    $life = PracticeLife::begun(drawnCase());
    $raw = readOff($life->read(['scalp']))['scalp'];
    $scalp = $life->told->parameters->scalp;
    $washed = static fn (CleanseKind $with): array => $life->decided(decides(
        new WashOption($with, 1, StepKind::Conditioner, 3.0),
    ))->scalp->state->mean;

    expect(TestCatalogue::test('scalp')?->problems($raw))->toBe([])
        ->and($washed(CleanseKind::ScalpCare)[1])->toBeLessThan($washed(CleanseKind::CoWash)[1])
        ->and($life->decided(decides())->tally->scalpDays)->toBeGreaterThanOrEqual(0)
        ->and(array_filter($life->scalp->past($scalp), static fn ($sign): bool => $sign->value === 'scalp-redness'))
            ->toBe([]);
});

it('complains of what is felt: too much protein passes for dryness', function (): void {
    $case = WrittenCases::of('overdone-with-protein', Make::day('2026-01-05'));
    $dry = 0;
    for ($day = 0; $day < 200; $day++) {
        $said = PracticeComplaint::of($case->hair, $case->scalp, $day, $case->luck());
        $dry += in_array(PracticeComplaint::Dry, $said, true) ? 1 : 0;
        expect(count($said))->toBeLessThanOrEqual(3);
    }

    expect($case->hair->mostly()[0])->toBeGreaterThan(-$case->told->parameters->model->bandHalfWidth)
        ->and($dry / 200)->toBeBetween(0.45, 0.75);
});

it('goes by what is in a bottle, whatever it is called', function (): void {
    $case = WrittenCases::of('stretches-and-stays', Make::day('2026-01-05'));
    $protein = static function (string ...$bottles) use ($case): float {
        $in = PracticeShelf::inUse(array_values($bottles), $case->told->parameters);
        $today = maskedFor(20, StepKind::StrongProtein);
        $decision = new PracticeDecision(surely(BalanceCell::Weak), $today, [], null, $in);

        return PracticeLife::begun($case)->decided($decision)->days[0]->mostly()[1];
    };

    // A strong treatment with a bottle that has next to none is a mild one; a mask called repair adds protein.
    expect($protein('keratin-treatment'))->toBeGreaterThan($protein('strength-treatment') + 1)
        ->and($protein('keratin-treatment', 'repair-mask'))
            ->toBeGreaterThan($protein('keratin-treatment', 'soft-mask'));
});

it('keeps what was used at home for the planner to go by', function (): void {
    $case = drawnCase();
    $in = PracticeShelf::inUse(['butter-mask'], $case->told->parameters);
    $home = (new HomeOrders(7, maskEvery: 1, maskMinutes: 10))->days($case->told);
    $life = PracticeLife::begun($case)->decided(
        new PracticeDecision(surely(BalanceCell::Weak), null, $home, homeBottles: $in),
    );
    $used = array_filter(array_merge(...array_map(static fn ($day): array => $day->steps, $life->washDays)), static fn (
        $step,
    ): bool => $step->kind === StepKind::Mask && $step->contents !== null);

    expect($used)->not->toBe([]);
});
