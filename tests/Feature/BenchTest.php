<?php

declare(strict_types=1);

use App\Models\Reading;

function visit(array $raw, array $with = []): array
{
    return [
        'date' => now('Europe/Lisbon')->format('Y-m-d'),
        'moment' => 'before-cleansing',
        'zone' => '',
        'raw' => $raw,
    ] + $with;
}

it('takes the five readings in, tells what they told, and undoes them', function (): void {
    $head = $this->aHead();
    $before = $head->outlook->standing;
    $count = $head->readings()->count();
    $this->actingAs($this->stylist)->post("/clients/{$head->id}/hair-tests", visit([
        'build-up-signs' => ['dull' => '1', 'beads' => '0', 'film' => '0', 'sticky' => '1', 'no_lather' => '0'],
        'dryness' => ['points' => '4'],
        'feel' => ['points' => '-1'],
        'wet-stretch' => ['hairs' => [
            ['rest_mm' => '100', 'stretched_mm' => '141,5', 'returned_mm' => '101', 'snapped' => '0'],
            ['rest_mm' => '100', 'stretched_mm' => '139', 'returned_mm' => '', 'snapped' => '1'],
            ['rest_mm' => '', 'stretched_mm' => '', 'returned_mm' => '', 'snapped' => '0'],
        ]],
        'broken-hairs' => ['shed' => '410', 'broken' => '19', 'days_since_detangled' => '7'],
    ]))->assertSessionHasNoErrors()->assertRedirect();
    $visit = $head->visits()->reorder()->latest('id')->first()->id;
    expect($head->readings()->count())
        ->toBe($count + 5)
        ->and(Reading::query()->where('visit', $visit)->count())
        ->toBe(5);
    expect(Reading::query()
        ->where('visit', $visit)
        ->where('test', 'wet-stretch')
        ->first()->raw['hairs'])->toHaveCount(2);
    $this
        ->get("/clients/{$head->id}/history/{$visit}")
        ->assertSee('Results')
        ->assertSee('Undo this visit')
        ->assertSee('last time')
        ->assertSee('expected that day');
    expect($head->outlook()->first()->standing)->not->toEqual($before);

    $this->delete("/clients/{$head->id}/history/{$visit}")->assertRedirect();
    expect($head->readings()->count())->toBe($count)->and($head->outlook()->first()->standing)->toEqual($before);
});

it('puts a sentence beside the field, keeps what was typed and saves nothing', function (array $raw, string $field, string $sentence): void {
    $head = $this->aHead();
    $count = $head->readings()->count();
    $this
        ->actingAs($this->stylist)
        ->from("/clients/{$head->id}/hair-tests")
        ->post("/clients/{$head->id}/hair-tests", visit($raw))
        ->assertSessionHasErrors($field);
    expect(session('errors')->first($field))->toContain($sentence)->and($head->readings()->count())->toBe($count);
    $this->get("/clients/{$head->id}/hair-tests")->assertSee($sentence);
})->with([
    'stretched below rest' => [
        [
            'dryness' => ['points' => '4'],
            'wet-stretch' => ['hairs' => [['rest_mm' => '100', 'stretched_mm' => '90', 'returned_mm' => '90']]],
        ],
        'raw.wet-stretch.hairs.0.stretched_mm',
        'type 100 mm or more',
    ],
    'letters for numbers' => [
        ['wet-stretch' => ['hairs' => [['rest_mm' => 'ten', 'stretched_mm' => '90', 'returned_mm' => '90']]]],
        'raw.wet-stretch.hairs.0.rest_mm',
        'type a number',
    ],
    'not returned' => [
        ['wet-stretch' => ['hairs' => [['rest_mm' => '100', 'stretched_mm' => '140', 'returned_mm' => '']]]],
        'raw.wet-stretch.hairs.0.returned_mm',
        'Returned length: type',
    ],
    'dryness of 40' => [['dryness' => ['points' => '40']], 'raw.dryness.points', '0 to 10'],
    'half a hair' => [
        ['broken-hairs' => ['shed' => '1.5', 'broken' => '1', 'days_since_detangled' => '3']],
        'raw.broken-hairs.shed',
        'whole number',
    ],
    'a count without its days' => [
        ['broken-hairs' => ['shed' => '10', 'broken' => '1', 'days_since_detangled' => '']],
        'raw.broken-hairs.days_since_detangled',
        'Days since last detangled',
    ],
    'nothing at all' => [[], 'raw', 'at least one test'],
]);

it('asks once more for an unlikely value, keeps what was typed, and takes it in when it comes again', function (): void {
    $head = $this->aHead();
    $count = $head->readings()->count();
    $raw = [
        'dryness' => ['points' => '4'],
        'detangling' => ['minutes' => '180', 'sections' => '4', 'knots_cut' => '0'],
    ];
    $bench = "/clients/{$head->id}/hair-tests";
    $this
        ->actingAs($this->stylist)
        ->from($bench)
        ->post($bench, visit($raw))
        ->assertSessionHasErrors('raw.detangling.minutes');
    expect($head->readings()->count())->toBe($count);
    $asking = $this
        ->get($bench)
        ->assertSee('180 minutes is possible, yet far from the usual 3 to 90')
        ->assertSee('value="180"', false)
        ->getContent();
    expect(preg_match('/name="asked\[\]" value="([^"]+)"/', (string) $asking, $mark))->toBe(1);

    // Another unlikely value is another question.
    $other = ['detangling' => ['minutes' => '200', 'sections' => '4', 'knots_cut' => '0']] + $raw;
    $this
        ->from($bench)
        ->post($bench, visit($other, ['asked' => [$mark[1]]]))
        ->assertSessionHasErrors('raw.detangling.minutes');
    $this->from($bench)->post($bench, visit($raw, ['asked' => [$mark[1]]]))->assertSessionHasNoErrors();
    expect($head->readings()->count())->toBe($count + 2);
    // The question is not carried on to the next visit.
    $this->get($bench)->assertDontSee('asked[]', false);
});

it('refuses a day to come and 31 February', function (string $date): void {
    $head = $this->aHead();
    $this
        ->actingAs($this->stylist)
        ->post("/clients/{$head->id}/hair-tests", ['date' => $date] + visit(['dryness' => ['points' => '4']]))
        ->assertSessionHasErrors('date');
})->with(['2027-02-31', '2099-01-01', 'yesterday', '']);

it('flags what does not fit and believes it once confirmed', function (): void {
    $head = $this->aHead();
    $this->actingAs($this->stylist)->post(
        "/clients/{$head->id}/hair-tests",
        visit([
            'build-up-signs' => ['dull' => '2', 'beads' => '2', 'film' => '2', 'sticky' => '2', 'no_lather' => '2'],
        ]),
    );
    $visit = $head->visits()->reorder()->latest('id')->first();
    $this->get("/clients/{$head->id}/history/{$visit->id}")->assertSee('Check again');
    $reading = $head->readings()->orderByDesc('id')->where('test', 'build-up-signs')->get()->last();
    $flagged = $head->outlook()->first()->standing[0]['build_up'][0];
    $this->post("/clients/{$head->id}/readings/{$reading->key}/confirm")->assertRedirect();
    expect($reading->refresh()->confirmed)->toBeTrue()
        ->and($head->outlook()->first()->standing[0]['build_up'][0])->toBeGreaterThan($flagged);
});

it('takes a back-dated visit into the past it belongs to', function (): void {
    $head = $this->aHead();
    $date = now('Europe/Lisbon')->subDays(30)->format('Y-m-d');
    $this
        ->actingAs($this->stylist)
        ->post("/clients/{$head->id}/hair-tests", ['date' => $date] + visit(['dryness' => ['points' => '5']]))
        ->assertSessionHasNoErrors();
    $day = $head->days()->where('date', $date)->first();
    expect(collect($day->ledger)->where('kind', 'reading'))->not->toBeEmpty()
        ->and($head->days()->where('date', '>', $date)->count())->toBeGreaterThan(2);
});
