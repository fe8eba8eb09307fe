<?php

declare(strict_types=1);

/* How we got here: stairs that add up to the balance, with the tests' corrections folded into one step a day. */

use App\Drawings\Staircase;
use App\Drawings\Step;
use App\Pages\History\LedgerDays;
use App\Pages\History\LedgerScreen;
use Carbon\CarbonImmutable;

/** A line of the ledger that moves moisture by so many points. */
function ledgerRow(string $date, string $kind, float $points): array
{
    $exact = ['moisture' => (int) round($points * 1e6), 'protein' => 0, 'build_up' => 0];

    return ['date' => CarbonImmutable::parse($date), 'kind' => $kind, 'says' => $kind, 'exact' => $exact];
}

it('folds each day into what time took, what tests corrected and what was done', function (): void {
    $stairs = (new LedgerDays())->of(40_000_000, [
        ledgerRow('2027-01-02', 'time', -3.04), ledgerRow('2027-01-02', 'untold', -0.5),
        ledgerRow('2027-01-02', 'reading', 0.21), ledgerRow('2027-01-02', 'reading', -0.33),
        ledgerRow('2027-01-02', 'step', 12.0), ledgerRow('2027-01-02', 'limit', -1.0),
        ledgerRow('2027-01-09', 'time', -6.66),
    ], 'moisture', [40.0, 60.0]);
    $of = fn (Step $step): array => [$step->kind, $step->from, $step->to, count($step->lines)];
    expect(array_map($of, $stairs->days[0]['steps']))
        ->toBe([['days', 400, 365, 2], ['tests', 365, 363, 2], ['done', 363, 473, 2]])
        ->and(array_map($of, $stairs->days[1]['steps']))->toBe([['days', 473, 407, 1]])
        ->and($stairs->start)->toBe(400)->and($stairs->end)->toBe(407)
        ->and($stairs->sums)->toBe(['days' => -101, 'tests' => -2, 'done' => 110])
        ->and($stairs->start + array_sum($stairs->sums))->toBe($stairs->end);
});

it('begins where hair was assumed to stand before anything was measured', function (): void {
    $stairs = (new LedgerDays())->of(0, [
        ledgerRow('2027-01-02', 'opening', 55.0), ledgerRow('2027-01-02', 'reading', -2.0),
    ], 'moisture', [40.0, 60.0]);
    expect($stairs->start)->toBe(550)->and($stairs->end)->toBe(530)->and($stairs->days)->toHaveCount(1);
});

it('draws more up as higher, nothing outside of the paper, and one step a day where there are many', function (): void {
    $day = fn (int $i, int $from): array => ['date' => CarbonImmutable::parse('2027-01-01')->addWeeks($i), 'steps' => [
        new Step('days', $from, $from - 40, []), new Step('tests', $from - 40, $from - 30, []),
        new Step('done', $from - 30, $from + 5, []),
    ]];
    $few = Staircase::of(500, [$day(0, 500), $day(1, 505)], [40.0, 60.0]);
    expect($few->steps)->toHaveCount(6)->and($few->steps[0]['toY'])->toBeGreaterThan($few->steps[0]['fromY'])
        ->and($few->steps[2]['up'])->toBeTrue()->and($few->band[0])->toBeLessThan($few->band[1])
        ->and($few->now['y'])->toBe($few->steps[5]['toY']);
    $many = Staircase::of(500, array_map(fn (int $i): array => $day($i, 500 + 5 * $i), range(0, 51)), [40.0, 60.0]);
    expect($many->steps)->toHaveCount(52)->and(array_unique(array_column($many->steps, 'kind')))->toBe(['all']);
    foreach ([...$few->steps, ...$many->steps] as $step) {
        expect($step['x'] >= Staircase::LEFT && $step['x'] + $step['width'] <= Staircase::RIGHT)->toBeTrue()
            ->and($step['y'] >= 0 && $step['y'] + $step['height'] <= Staircase::BOTTOM + 2)->toBeTrue();
    }
    foreach ([$few, $many] as $drawn) {
        $x = array_column($drawn->dates, 'x');
        for ($i = 1; $i < count($x); $i++) {
            expect($x[$i] - $x[$i - 1])->toBeGreaterThan(55.0);
        }
    }
});

it('ends where the balance stands, of every reserve and kind of hair', function (string $column, int $weeks): void {
    $head = $this->aHead();
    foreach ([0, 1] as $stratum) {
        $page = app(LedgerScreen::class)->of($head, $stratum, $weeks, $column);
        expect($page->stairs->end)->toBe($page->closing[$column])
            ->and($page->stairs->start + array_sum($page->stairs->sums))->toBe($page->stairs->end);
    }
    $this->actingAs($this->stylist)->get("/clients/{$head->id}/history/ledger?of={$column}&weeks={$weeks}")->assertOk()
        ->assertSee(__("ledger.of.{$column}"))->assertSee(', of 100.')->assertDontSee('ledger.says');
    $this->get("/clients/{$head->id}/history/ledger?of=water")->assertOk()->assertSee('Moisture');
})->with(['moisture', 'protein', 'build_up'])->with([4, 12, 52]);
