<?php

declare(strict_types=1);

/* One reading, none, all alike, all zero, no hair at all, trials of three days: a sentence, no false precision. */

use App\Bridge\Plans\Outlooks;
use App\Models\Head;
use App\Models\Reading;
use Tests\Feature\FeatureTestCase;
use Tests\Strangers\Sentences;

beforeEach(fn () => $this->actingAs($this->stylist));

/** @param array<string, array<string, mixed>> $tests raw measures by test */
function readDaysAgo(FeatureTestCase $test, Head $head, int $daysAgo, array $tests): void
{
    foreach ($tests as $name => $raw) {
        (new Reading())->forceFill([
            'key' => "{$name}-{$daysAgo}", 'salon_id' => $head->salon_id, 'head_id' => $head->id,
            'date' => $test->salon->today()->subDays($daysAgo)->format('Y-m-d'), 'moment' => 'before-cleansing',
            'test' => $name, 'raw' => $raw, 'by' => 'Ilse',
        ])->save();
    }
}

function headWithoutReadings(FeatureTestCase $test): Head
{
    $test->post('/clients', $test->intake())->assertSessionHasNoErrors();

    return Head::query()->with('salon')->where('name', 'Vesla Ortiz-Kane')->firstOrFail();
}

dataset('few numbers', [
    'none' => [[], []],
    'one reading' => [[3], ['dryness' => ['points' => 4]]],
    'all alike' => [range(3, 87, 7), ['dryness' => ['points' => 5], 'feel' => ['points' => 1]]],
    'all zero' => [range(3, 87, 7), [
        'dryness' => ['points' => 0], 'feel' => ['points' => 0],
        'build-up-signs' => ['dull' => 0, 'beads' => 0, 'film' => 0, 'sticky' => 0, 'no_lather' => 0],
        'broken-hairs' => ['broken' => 0, 'shed' => 0, 'days_since_detangled' => 0],
        'style-life' => ['days' => 0, 'refreshes' => 0],
    ]],
    'no hair stretched' => [range(3, 87, 7), [
        'wet-stretch' => ['hairs' => [
            ['rest_mm' => 100, 'stretched_mm' => 100, 'returned_mm' => 100, 'snapped' => false],
        ]],
        'ends' => ['splits' => 0, 'knots' => 0],
        'pull' => ['hairs' => 20, 'came' => 0],
    ]],
]);

it('says what it can of few numbers on every page', function (array $days, array $tests): void {
    $head = headWithoutReadings($this);
    foreach ($days as $daysAgo) {
        readDaysAgo($this, $head, $daysAgo, $tests);
    }
    app(Outlooks::class)->of($head->refresh());
    (new Sentences($this))->everywhere($head);
    $wrong = [];
    foreach (['breakage', 'elasticity', 'balance', 'wear', 'result', 'length', 'detangling'] as $group) {
        $page = "/clients/{$head->id}/trends?group={$group}";
        $html = (string) $this->get($page)->assertOk()->baseResponse->getContent();
        $wrong = [...$wrong, ...Sentences::wrongOn($page, $html)];
    }
    expect($wrong)->toBe([], implode("\n", $wrong));
    $this->get("/clients/{$head->id}/trends.csv")->assertOk();
    $now = (string) $this->get("/clients/{$head->id}")->baseResponse->getContent();
    match (true) {
        $tests === [] => expect($now)->toContain('Nothing is tested yet'),
        count($days) === 1 => expect($now)->toContain('read on one day; the first 8 days say what is usual'),
        // However alike, a reading is no surer than its own noise.
        isset($tests['dryness']) => expect($head->outlook()->first()->signs)->each(
            fn ($sign) => $sign->value['usual'] === null
                ?: expect($sign->value['usual']['range'][1] - $sign->value['usual']['range'][0])->toBeGreaterThan(0.5),
        ),
        default => null,
    };
})->with('few numbers');

it('says of a trial of three days that so few can say no more', function (): void {
    $head = headWithoutReadings($this);
    $began = $this->salon->today()->subDays(15);
    foreach ([30 => 7, 24 => 6, 18 => 7, 12 => 2, 6 => 1, 1 => 2] as $daysAgo => $points) {
        readDaysAgo($this, $head, $daysAgo, ['dryness' => ['points' => $points]]);
    }
    $page = "/clients/{$head->id}/trends/trials";
    $this->post($page, [
        'kind' => 'before-after', 'change' => 'Sleep on satin', 'sign' => 'dryness',
        'began_on' => $began->format('Y-m-d'),
    ])->assertSessionHasNoErrors();
    $this->get($page)->assertOk()->assertSee('Less by 5.0')
        ->assertSee('It is as clear as so few days can be')
        ->assertDontSee('hard to put down to chance');
    // All the same on either side: nothing, and no division by it.
    Reading::query()->where('head_id', $head->id)->update(['raw' => json_encode(['points' => 4])]);
    $html = (string) $this->get($page)->assertOk()->assertSee('It may well be chance')->baseResponse->getContent();
    expect(Sentences::wrongOn($page, $html))->toBe([]);
    // Two stylists on one of the days do not make it two.
    Reading::query()->where('head_id', $head->id)->where('key', 'dryness-12')->delete();
    Reading::query()->where('head_id', $head->id)->where('key', 'dryness-6')->first()->replicate()
        ->forceFill(['key' => 'twice', 'by' => 'Wren'])->save();
    $this->get($page)->assertSee('Days read: 3 before and 2 after');
});

it('finds what must not stand on a page', function (string $html, int $wrong): void {
    expect(Sentences::wrongOn('/', $html))->toHaveCount($wrong);
})->with([
    ['<p>12 days, 1 day, 1.5 days, 0 to 3, −2 to 1, 5 Sep 2026 to 27 Nov</p>', 0],
    ['<p>about 1 days</p>', 1], ['<p>NaN %</p>', 1], ['<p>usual 8 to 3</p>', 1], ['<p>from −1 to −2</p>', 1],
    ['<p>there is :least of it</p>', 1], ['<p>−0 more</p>', 1],
    ['<p>Nothing stands out</p><th>Changed for the worse</th>', 1], ['<script>NaN</script><p>fine</p>', 0],
]);
