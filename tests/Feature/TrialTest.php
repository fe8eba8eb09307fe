<?php

declare(strict_types=1);

use App\Models\Head;
use App\Models\Trial;

function readOn(Head $head, string $day, string $test, array $raw, ?string $zone = null): void
{
    $head->readings()->make()->forceFill([
        'key' => uniqid('t', true), 'salon_id' => $head->salon_id, 'date' => $day, 'moment' => 'before-cleansing',
        'test' => $test, 'raw' => $raw, 'zone' => $zone, 'by' => 'Ilse',
    ])->save();
}

it('tells of a half-head trial what it did, and how often chance does as much', function (): void {
    $head = $this->aHead();
    $page = "/clients/{$head->id}/trends/trials";
    $began = now('Europe/Lisbon')->subDays(40)->format('Y-m-d');
    $this->actingAs($this->stylist)->post(
        $page,
        [
            'kind' => 'half-head', 'change' => 'Seal with castor oil', 'sign' => 'dryness', 'began_on' => $began,
            'usual_zone' => 'left', 'changed_zone' => 'right',
        ],
    )->assertSessionHasNoErrors();
    $this->get($page)->assertSee('0 of at least 3 days are read on both sides');
    foreach ([[5, 6], [4, 6], [6, 7], [5, 7]] as $i => [$left, $right]) {
        $day = now('Europe/Lisbon')->subDays(35 - 7 * $i)->format('Y-m-d');
        readOn($head, $day, 'dryness', ['points' => $left], 'left');
        readOn($head, $day, 'dryness', ['points' => $right], 'right');
    }
    // Read on one side only, or before it began: neither counts.
    readOn($head, now('Europe/Lisbon')->subDays(2)->format('Y-m-d'), 'dryness', ['points' => 9], 'right');
    readOn($head, now('Europe/Lisbon')->subDays(60)->format('Y-m-d'), 'dryness', ['points' => 1], 'left');
    $this
        ->get($page)
        ->assertSee('More by 1.5 of 10')
        ->assertSee('chance alone does as much in 1 of 8 such trials')
        ->assertSee('as clear as so few days can be');
    $this->delete("{$page}/" . Trial::query()->first()->id)->assertRedirect();
    $this->get($page)->assertSee('ended');
});

it('compares before and after, and warns where something else changed as well', function (): void {
    $head = $this->aHead();
    $page = "/clients/{$head->id}/trends/trials";
    $began = now('Europe/Lisbon')->subDays(21)->format('Y-m-d');
    $this
        ->actingAs($this->stylist)
        ->post($page, ['kind' => 'before-after', 'change' => 'Rinse cool', 'sign' => 'lather', 'began_on' => $began])
        ->assertSessionHasNoErrors();
    foreach ([[60, 3], [50, 4], [40, 3], [30, 4], [20, 8], [13, 9], [6, 8]] as [$ago, $points]) {
        readOn($head, now('Europe/Lisbon')->subDays($ago)->format('Y-m-d'), 'lather', ['points' => $points]);
    }
    $this->get($page)->assertSee('More by')->assertSee('hard to put down to chance')->assertDontSee('mohawk');
    foreach ([20, 13, 6] as $ago) {
        $this->post(
            "/clients/{$head->id}/wash-days",
            [
                'date' => now('Europe/Lisbon')->subDays($ago)->format('Y-m-d'),
                'place' => 'home',
                'cleanse' => 'co-wash',
                'passes' => '1',
                'conditioning' => 'conditioner',
                'conditioning_minutes' => '3',
                'tool' => 'comb',
                'detangling' => 'wet-with-slip',
            ],
        )->assertSessionHasNoErrors();
    }
    $head
        ->washDays()
        ->with('steps')
        ->where('date', '>=', $began)
        ->get()
        ->filter(fn ($day) => $day->steps->doesntContain('cleanse', 'co-wash'))->each
        ->delete();
    $this->get($page)->assertSee('More than one thing changed.')->assertSee('Co-wash is new');
    $this->post(
        $page,
        ['kind' => 'before-after', 'change' => 'Sleep on satin', 'sign' => 'frizz', 'began_on' => $began],
    );
    $this->get($page)->assertSee('2 trials run at once.');
});

it('says what to choose instead, and is not there for another salon', function (array $wrong, string $field): void {
    $head = $this->aHead();
    $page = "/clients/{$head->id}/trends/trials";
    $fine = [
        'kind' => 'half-head', 'change' => 'Seal', 'sign' => 'dryness', 'began_on' => '2027-01-09',
        'usual_zone' => 'left', 'changed_zone' => 'right',
    ];
    $this->actingAs($this->stylist)->post($page, $wrong + $fine)->assertSessionHasErrors($field);
    expect(Trial::query()->count())->toBe(0);
    [, $other] = $this->salonWithStylist('maren@test.example');
    $this->actingAs($other)->get($page)->assertNotFound();
    $this->post($page, $fine)->assertNotFound();
})->with([
    [['kind' => 'coin'], 'kind'], [['change' => ''], 'change'], [['sign' => 'mood'], 'sign'],
    [['began_on' => '2027-02-30'], 'began_on'], [['changed_zone' => 'left'], 'changed_zone'],
    [['usual_zone' => ''], 'usual_zone'], [['usual_zone' => 'chin'], 'usual_zone'],
]);
