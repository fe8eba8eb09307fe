<?php

declare(strict_types=1);

/* Whether it gets better: said of clients each beside itself, and only where it is more than chance. */

use App\Bridge\Plans\Outlooks;
use App\Drawings\ReadersApart;
use App\Drawings\SharesByWeek;
use App\Models\Reading;
use App\Pages\Reports\BalanceChange;
use App\Pages\Reports\BalanceReport;
use App\Pages\Reports\ReportNews;
use App\Pages\Reports\ReportPeriod;

/**
 * @return array{earlier: float, earlier_days: int, lately: float, lately_days: int} days of one client, the first half
 *     at one share, the second at another
 */
function halves(float $first, float $second, int $days = 40): array
{
    $half = intdiv($days, 2);

    return ['earlier' => $first * $half, 'earlier_days' => $half, 'lately' => $second * $half, 'lately_days' => $half];
}

it('compares each client with itself by Student’s t', function (): void {
    // Differences 0.1, 0.2, 0.3, 0.2: mean 0.2, sd 0.08165, t of 3 degrees at 90 % is 1.6377 (Student's table).
    $change = BalanceChange::of([halves(0.4, 0.5), halves(0.1, 0.3), halves(0.2, 0.5), halves(0.6, 0.8)]);
    expect($change->earlier)->toEqualWithDelta(0.325, 1e-9)
        ->and($change->lately)->toEqualWithDelta(0.525, 1e-9)
        ->and($change->least)->toEqualWithDelta(0.2 - 1.6377 * 0.081650 / 2, 1e-4)
        ->and($change->most)->toEqualWithDelta(0.2 + 1.6377 * 0.081650 / 2, 1e-4)
        ->and($change->way())->toBe('better')
        ->and(BalanceChange::of([halves(0.5, 0.4), halves(0.3, 0.1), halves(0.5, 0.2)])?->way())->toBe('worse')
        ->and(BalanceChange::of([halves(0.5, 0.6), halves(0.3, 0.1), halves(0.5, 0.6)])?->way())->toBe('same');
});

it('says nothing of two clients, nor of a week', function (): void {
    expect(BalanceChange::of([halves(0.1, 0.9), halves(0.1, 0.9)]))->toBeNull()
        ->and(BalanceChange::of(array_fill(0, 5, halves(0.1, 0.9, 12))))->toBeNull()
        ->and(BalanceChange::of(array_fill(0, 5, halves(0.1, 0.9, 14))))->not->toBeNull();
});

it('tells the news, and a change of breakage only where the ranges lie apart', function (): void {
    $news = new ReportNews();
    $balance = ['share' => 0.4, 'heads' => 5, 'change' => BalanceChange::of(array_fill(0, 5, halves(0.3, 0.5)))];
    $of = fn (?float $share, float $least, float $most): array => compact('share', 'least', 'most');
    expect($news->of($balance, $of(0.12, 0.10, 0.14), $of(0.2, 0.18, 0.22)))->toBe([
        'Hair was in balance 40 % of the time, over the 5 clients who were tested.'
            . ' That is getting better: 50 % in the second half, 30 % in the first.',
        'Less breakage: 12 % of the hairs that came out were broken, 20 % before.',
    ])->and($news->of(['change' => null] + $balance, $of(0.2, 0.18, 0.22), $of(0.12, 0.1, 0.14)))->toBe([
        'Hair was in balance 40 % of the time, over the 5 clients who were tested.'
            . ' Too little is known to say whether that changes.',
        'More breakage: 20 % of the hairs that came out were broken, 12 % before.',
    ])->and($news->of($balance, $of(0.2, 0.12, 0.28), $of(0.12, 0.08, 0.16))[1])->toStartWith('No clear change')
        ->and($news->of($balance, $of(0.2, 0.1, 0.3), $of(null, 0, 0)))->toHaveCount(1)
        ->and($news->of(['share' => null] + $balance, $of(null, 0, 0), $of(null, 0, 0)))->toBe([]);
});

it('leaves out whom nobody tested', function (): void {
    $head = $this->aHead();
    $report = fn (): array => app(BalanceReport::class)->of($this->salon, ReportPeriod::asked($this->salon, '', ''));
    expect($report()['heads'])->toBe(1);
    Reading::query()->where('head_id', $head->id)->delete();
    app(Outlooks::class)->of($head);
    expect($report()['heads'])->toBe(0)->and($report()['share'])->toBeNull();
    $this->actingAs($this->stylist)->get('/reports')->assertOk()
        ->assertSee(__('reports.balance.none'))->assertDontSee('% of the time');
});

it('draws a column as high as its share, and keeps it on the paper', function (): void {
    $drawn = SharesByWeek::of(array_map(
        fn (float $share): array => ['from' => '2027-01-04', 'share' => $share],
        [0.0, 0.5, 1.0, 1.2],
    ));
    $height = array_column($drawn->columns, 'height');
    expect($height[0])->toBe(0.0)->and($height[1])->toEqualWithDelta($height[2] / 2, 0.1)
        ->and($height[3])->toBe($height[2])
        ->and($drawn->columns[2]['says'])->toBe('week from 4 Jan: 100 %');
    expect(array_column($drawn->columns, 'isTold'))->toBe([true, true, true, true]);
    $many = SharesByWeek::of(array_fill(0, 60, ['from' => '2027-01-04', 'share' => 0.4]));
    // Numbers that would lie on one another are left to the title of each column.
    expect(array_filter(array_column($many->columns, 'label')))->toHaveCount(9)
        ->and(array_filter(array_column($many->columns, 'isTold')))->toHaveCount(9)
        ->and($many->columns[59]['x'] + $many->columns[59]['width'])->toBeLessThan(SharesByWeek::RIGHT)
        ->and(SharesByWeek::of([])->columns)->toBe([]);
});

it('puts who differs outside of what chance explains, and nobody on anybody', function (): void {
    $drawn = ReadersApart::of(['dryness' => [
        'Quim' => ['mean' => 0.0, 'sd' => 0.2, 'plain' => false],
        'Ilse' => ['mean' => 0.01, 'sd' => 0.2, 'plain' => false],
        'Wren' => ['mean' => 9.0, 'sd' => 0.2, 'plain' => true],
        'Tove' => ['mean' => -0.5, 'sd' => 0.2, 'plain' => true],
    ]], ['dryness' => 'of 10'], 1.96);
    [$tove, $quim, $ilse, $wren] = $drawn->rows[0]['dots'];
    expect($tove['x'])->toBeLessThan($drawn->chance[0])->and($wren['x'])->toBe((float) ReadersApart::RIGHT)
        ->and($quim['x'])->toEqualWithDelta(array_sum($drawn->chance) / 2, 0.1)
        ->and($quim['dy'])->not->toBe($ilse['dy'])
        ->and($wren['says'])->toBe('Wren, dryness: +9.0 of 10, give or take 0.2');
});
