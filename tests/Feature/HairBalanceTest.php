<?php

declare(strict_types=1);

/* The picture of the hair balance: higher is more in both, the gap is tinted by what leads, doubt and plan are seen. */

use App\Drawings\BalanceGap;
use App\Drawings\HairBalance;
use App\Drawings\LivingStrand;
use App\Drawings\RelativePath;
use App\Drawings\ResultRange;
use App\Models\Head;
use App\Models\Outlook;
use Tests\Feature\DrawnHeads;
use Tests\Feature\PathPoints;

/**
 * @param list<array{float, float}> $past  moisture and protein by day, today last; targets are 60 and 50
 * @param list<array{float, float}> $ahead the same as planned, today first
 *
 * @return array<string, mixed> as an outlook stores it
 */
function balanceOf(array $past, array $ahead, int $strata = 1, bool $washesToday = false): array
{
    $day = static fn (array $at): array => [$at[0], 2.0, $at[1], 3.0, 20.0, 1.0];
    $from = '2027-01-01';
    $today = (new DateTimeImmutable($from))->modify('+' . (count($past) - 1) . ' days')->format('Y-m-d');

    return [
        'from' => $from, 'today' => $today,
        'strata' => array_map(static fn (int $s): array => [
            'name' => "part {$s}", 'targets' => [60.0, 50.0], 'days' => array_map($day, $past),
            'ahead' => array_map($day, $ahead),
        ], range(0, $strata - 1)),
        'stones' => $washesToday ? [['date' => $today, 'planned' => true, 'kinds' => ['wash', 'mask']]] : [],
        'gauges' => [],
    ];
}

/** @return list<float> y of each point of a path */
function heightsOf(string $path): array
{
    preg_match_all('/[ML][\d.]+ ([\d.]+)/', PathPoints::absolute($path), $found);

    return array_map(floatval(...), $found[1]);
}

it('draws more of either higher, and what the hair likes in the middle', function (): void {
    $drawn = HairBalance::of(balanceOf([[60, 50], [66, 44], [72, 38]], [[72, 38], [60, 50]]), 15.0);
    $moisture = heightsOf($drawn->strata[0]['moisture']['until']['line']);
    $protein = heightsOf($drawn->strata[0]['protein']['until']['line']);
    expect($moisture[0])->toBe((float) HairBalance::MIDDLE)->and($protein[0])->toBe((float) HairBalance::MIDDLE)
        ->and($moisture[1])->toBeLessThan($moisture[0])->and($moisture[2])->toBeLessThan($moisture[1])
        ->and($protein[1])->toBeGreaterThan($protein[0])->and($protein[2])->toBeGreaterThan($protein[1])
        // As far up as down: the same distance is the same height in both.
        ->and(HairBalance::MIDDLE - $moisture[2])->toEqualWithDelta($protein[2] - HairBalance::MIDDLE, 0.11)
        // Twelve points lie within a band of fifteen.
        ->and($moisture[2])->toBeGreaterThan($drawn->band[0])->and($protein[2])->toBeLessThan($drawn->band[1]);
});

it('makes room for what lies far out, and keeps all of it within the picture', function (float $protein): void {
    $drawn = HairBalance::of(balanceOf([[60, 50], [60, $protein]], [[60, $protein]]), 15.0);
    $lowest = max(heightsOf($drawn->strata[0]['protein']['until']['line']));
    expect($lowest)->toBeLessThan(HairBalance::DONE_Y)
        ->and(max(heightsOf($drawn->strata[0]['protein']['until']['ribbon'])))->toBeLessThan(HairBalance::DONE_Y);
    // Below what is drawn at most two states look alike, above it they do not.
    $lower = HairBalance::of(balanceOf([[60, 50], [60, $protein], [60, $protein - 5]], [[60, $protein - 5]]), 15.0);
    [, $one, $other] = heightsOf($lower->strata[0]['protein']['until']['line']);
    expect($other > $one)->toBe($protein > -5.0);
})->with([20.0, 0.0, -10.0, -30.0]);

it('cuts the gap where the currents cross, and tints each piece by what leads', function (): void {
    // Moisture leads, they meet half-way, protein leads.
    $of = fn (array $edges): array => array_map(PathPoints::absolute(...), BalanceGap::of($edges));
    $gap = $of([[0.0, 10.0, 30.0], [10.0, 30.0, 10.0]]);
    expect($gap['moisture'])->toBe('M0 10L5 20L5 20L0 30Z')->and($gap['protein'])->toBe('M5 20L10 30L10 10L5 20Z');
    expect($of([[0.0, 10.0, 30.0], [10.0, 12.0, 30.0]]))
        ->toBe(['moisture' => 'M0 10L10 12L10 30L0 30Z', 'protein' => ''])
        ->and(BalanceGap::of([[0.0, 20.0, 20.0], [10.0, 20.0, 20.0]]))->toBe(['moisture' => '', 'protein' => ''])
        ->and(BalanceGap::of([]))->toBe(['moisture' => '', 'protein' => '']);
    // They touch and part again on the same side: one piece.
    $touching = BalanceGap::of([[0.0, 10.0, 30.0], [5.0, 20.0, 20.0], [10.0, 10.0, 30.0]]);
    expect(substr_count($touching['moisture'], 'M'))->toBe(1);
});

it('writes a run of points in steps that come to the same points', function (): void {
    $points = ['16 227.5', '22 229.7', '28 227', '34 227', '40 -0.5', '39.9 0'];
    expect(RelativePath::of($points))->toBe('M16 227.5l6 2.2l6-2.7l6 0l6-227.5l-.1 .5')
        ->and(PathPoints::absolute(RelativePath::of($points)))->toBe('M' . implode('L', $points))
        ->and(RelativePath::of([]))->toBe('');
});

it('covers as much with both tints as lies between the lines', function (): void {
    mt_srand(7);
    for ($round = 0; $round < 30; $round++) {
        $edges = array_map(
            static fn (int $i): array => [10.0 * $i, (float) mt_rand(0, 300), (float) mt_rand(0, 300)],
            range(0, 20),
        );
        $between = 0.0;
        foreach (array_slice($edges, 1) as $i => $edge) {
            // Fine strips between two days, whichever leads.
            for ($part = 0.005; $part < 1; $part += 0.01) {
                $between += 0.1 * abs(
                    (1 - $part) * ($edges[$i][1] - $edges[$i][2]) + $part * ($edge[1] - $edge[2]),
                );
            }
        }
        $covered = 0.0;
        foreach (BalanceGap::of($edges) as $paths) {
            foreach (array_filter(explode('Z', $paths)) as $path) {
                preg_match_all('/[ML]([\d.]+) ([\d.]+)/', PathPoints::absolute($path), $points, PREG_SET_ORDER);
                $twice = 0.0;
                foreach ($points as $k => [, $x, $y]) {
                    [, $nextX, $nextY] = $points[($k + 1) % count($points)];
                    $twice += (float) $x * (float) $nextY - (float) $nextX * (float) $y;
                }
                $covered += abs($twice) / 2;
            }
        }
        expect($covered)->toEqualWithDelta($between, 0.01 * $between + 5);
    }
});

it('says each day in words and rounded, for each kind of hair by itself', function (): void {
    $drawn = HairBalance::of(balanceOf([[60, 50], [41.6, 62.2]], [[58.2, 61.9], [57, 60]], 2, true), 15.0);
    expect($drawn->days[0]['says'][0])->toBe([
        'moisture as it likes (0), protein as it likes (0), each give or take 4; build-up 20 of 100',
    ])
        ->and($drawn->days[1]['says'][1])->toBe([
            'Now: moisture too low (−18), protein a little high (+12), each give or take 4; build-up 20 of 100',
            'After today\'s wash, planned: moisture as it likes (−2), protein a little high (+12), each give or take 4;'
                . ' build-up 20 of 100',
        ])
        ->and($drawn->days[2]['says'][0][0])->toStartWith('Planned: ')
        ->and($drawn->days)->toHaveCount(3);
});

it('gives each day of the picture its strand, slack where it is moist and stiff where there is protein', function (): void {
    $head = DrawnHeads::head(['medium']);
    $balance = balanceOf([[60, 50], [84, 50], [60, 74]], [[60, 74], [60, 50]]);
    $strand = LivingStrand::of($head, $balance, [DrawnHeads::part(1.0, 0.0)]);
    [$asItLikes, $slack, $stiff, $again] = $strand->days[0];
    expect($strand->days[0])->toHaveCount(4)->and($again)->toBe($asItLikes)
        ->and(count(array_unique([$asItLikes, $slack, $stiff])))->toBe(3)
        ->and($strand->shapes[$slack]->words->say())->toContain('hangs slack')
        ->and($strand->shapes[$stiff]->words->say())->toContain('stiff')
        ->and($strand->now)->toBe($strand->shapes[$stiff]);
    // Slack hair ends lower, and springs less.
    $heights = fn (int $shape): array => heightsOf($strand->shapes[$shape]->path);
    $end = fn (array $heights): float => array_sum(array_slice($heights, -18)) / 18;
    expect($end($heights($slack)))->toBeGreaterThan($end($heights($asItLikes)) + 3);
    $spring = fn (array $heights): float => max(array_slice($heights, 0, 18)) - min(array_slice($heights, 0, 18));
    expect($spring($heights($slack)))->toBeLessThan($spring($heights($stiff)));
});

it('lays a result on the range it would have in balance', function (float $value, string $side, float $off): void {
    $range = ResultRange::of($value, [40.0, 60.0]);
    expect($range->side)->toBe($side)->and($range->off)->toEqualWithDelta($off, 1e-9)
        ->and($range->from)->toBeLessThan($range->to)
        ->and($range->dot >= $range->from && $range->dot <= $range->to)->toBe($side === 'within');
    foreach ([$range->dot, $range->from, $range->to] as $at) {
        expect($at)->toBeGreaterThan(0)->toBeLessThan(100);
    }
})->with([[50.0, 'within', 0.0], [40.0, 'within', 0.0], [30.0, 'below', 0.5], [90.0, 'above', 1.5]]);

it('survives a hair that is nowhere, and a range of no width', function (): void {
    $drawn = HairBalance::of(balanceOf([], [[60, 50]]), 15.0);
    expect($drawn->strata[0]['moisture']['until'])->toBeNull()->and($drawn->days)->toHaveCount(1);
    expect(ResultRange::of(3.0, [3.0, 3.0])->side)->toBe('within');
    expect((new Head())->setRelation('outlook', new Outlook()))->toBeInstanceOf(Head::class);
});

it('draws two futures to one scale, so that they can be held beside each other', function (): void {
    $calm = balanceOf([[60, 50]], [[60, 50], [62, 48]]);
    $far = balanceOf([[60, 50]], [[60, 50], [60, 2]]);
    expect(HairBalance::of($calm, 15.0)->band)->not->toBe(HairBalance::of($far, 15.0)->band)
        ->and(HairBalance::of($calm, 15.0, HairBalance::furthest($far))->band)->toBe(HairBalance::of($far, 15.0)->band);
    $head = $this->aHead();
    $page = (string) $this->actingAs($this->stylist)
        ->get("/clients/{$head->id}/plan/what-if?change=no-mask")
        ->assertOk()
        ->getContent();
    // One picture: the change drawn, the plan dashed on the same scale, and both are read of each day.
    preg_match_all('/class="(moisture|protein)-line is-beside" d="(M[^"]+)"/', $page, $beside);
    expect(substr_count($page, '<rect class="comfort"'))->toBe(1)->and($beside[1])->toHaveCount(4)
        ->and($page)->toContain('With the change: ')->toContain('As planned: ');
    $plan = (string) $this->get("/clients/{$head->id}/plan/what-if")->getContent();
    expect($plan)->not->toContain('is-beside')->not->toContain('With the change: ')->toContain('As planned: ');
});

it('never writes moisture and protein over each other at the ends of their currents', function (string $page): void {
    $head = $this->aHead('growing-out-bleach');
    $html = (string) $this->actingAs($this->stylist)->get("/clients/{$head->id}{$page}")->assertOk()->getContent();
    preg_match_all('/balance-name (moisture|protein)-word" x="[\d.]+" y="([\d.]+)"/', $html, $names, PREG_SET_ORDER);
    expect(count($names))->toBeGreaterThanOrEqual(2);
    foreach (array_chunk($names, 2) as [$moisture, $protein]) {
        // Letters are 13 px high, and a little more where they have tails.
        expect(abs((float) $moisture[2] - (float) $protein[2]))->toBeGreaterThan(17.5);
    }
})->with(['' => [''], 'plan' => ['/plan'], 'what if' => ['/plan/what-if?change=no-mask']]);
