<?php

declare(strict_types=1);

use App\Bridge\Plans\OutlookRefresh;
use App\Care\Shared\ActKey;
use App\Care\Shared\Lock;
use App\Care\Shared\Outcome;
use App\Care\Shared\WriteProtocol;
use App\Models\Act;
use App\Models\Head;
use App\Models\Product;
use App\Models\TaughtIngredient;
use App\Models\User;
use App\Pages\Shared\SeenFields;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Tests\Feature\FeatureTestCase;

/*
 * The one way anything is written: keys, merged forms, ties, and outlooks that are worked out after the commit.
 */

/** What stood in a form as it was opened, sealed as the page carries it. */
function seenOn(FeatureTestCase $test, string $page): string
{
    $html = (string) $test->actingAs($test->stylist)->get($page)->assertOk()->getContent();

    return preg_match('/name="_seen" value="([^"]+)"/', $html, $found) === 1
        ? html_entity_decode($found[1])
        : throw new RuntimeException("{$page} seals nothing.");
}

it('carries a key in every form that changes something', function (): void {
    $head = $this->aHead();
    $this->actingAs($this->stylist);
    foreach (
        [
            '/salon', '/salon/hours', '/salon/messages', '/products/new', "/clients/{$head->id}",
            "/clients/{$head->id}/edit", "/clients/{$head->id}/wash-days", "/clients/{$head->id}/plan/terms",
            "/clients/{$head->id}/plan", "/clients/{$head->id}/hair-tests", "/clients/{$head->id}/wash",
            "/clients/{$head->id}/home-routine", "/clients/{$head->id}/style", "/clients/{$head->id}/trends/trials",
        ] as $page
    ) {
        $html = (string) $this->get($page)->assertOk()->getContent();
        expect(preg_match_all('/<form method="post"/', $html))->toBe(
            preg_match_all('/name="_act" value="[0-9a-z]{26}"/', $html),
            $page,
        );
    }
});

it('answers a second sending as the first, and takes other words under the same key as another act', function (): void {
    $head = $this->aHead();
    $days = $head->washDays()->count();
    $form = [
        'date' => '2027-01-09', 'place' => 'home', 'cleanse' => 'gentle', 'passes' => '1', 'tool' => 'comb',
        'detangling' => 'wet-with-slip', '_act' => (string) Str::ulid(),
    ];
    $send = fn (array $with = []) => $this->actingAs($this->stylist)->call(
        'POST',
        "/clients/{$head->id}/wash-days",
        $with + $form,
        [],
        [],
        ['HTTP_X_ACT_KEY' => $form['_act']],
    );
    $first = $send()->assertRedirect();
    $said = session('said');
    $second = $send()->assertRedirect($first->headers->get('Location'));
    expect(session('said'))
        ->toBe($said)
        ->and(session('undo'))->not
        ->toBeNull()
        ->and($head->washDays()->count())
        ->toBe($days + 1);
    // Gone back to, changed and sent again: it is meant.
    $send(['cleanse' => 'clarifying'])->assertRedirect();
    expect($head->washDays()->count())->toBe($days + 2);
});

it('takes the same words without a key as a double tap for a few seconds, and as meant after them', function (): void {
    $product = (new Product())->forceFill([
        'salon_id' => $this->salon->id, 'name' => 'Mask', 'kind' => 'mask', 'ingredients' => '', 'reading' => [],
        'claims' => [], 'left_ml' => 0,
    ]);
    $product->save();
    $send = fn () => $this->actingAs($this->stylist)->call(
        'POST',
        "/products/{$product->id}/stock",
        ['how' => 'bought', 'amount' => '100'],
        [],
        [],
        ['HTTP_X_ACT_KEY' => ''],
    );
    $send();
    $send();
    expect($product->refresh()->left_ml)->toBe(100.0);
    $this->travel(11)->seconds();
    $send();
    expect($product->refresh()->left_ml)->toBe(200.0);
});

it('keeps nothing of an act that is refused, so that it can be set right and sent again', function (): void {
    $head = $this->aHead();
    $key = (string) Str::ulid();
    $send = fn (string $seen) => $this->actingAs($this->stylist)->call(
        'POST',
        "/clients/{$head->id}/safety-flags",
        ['sign' => 'red', 'seen' => $seen],
        [],
        [],
        ['HTTP_X_ACT_KEY' => $key],
    );
    $send('')->assertSessionHasErrors('seen');
    expect(Act::query()->count())->toBe(0);
    $send('a spot')->assertSessionHasNoErrors();
    expect(Act::query()->whereNotNull('answer')->count())->toBe(1)->and($head->refresh()->red_sign)->toBeTrue();
});

it('does an act again where the database broke a tie, and gives up with the act undone', function (): void {
    $tries = 0;
    $tie = fn (): QueryException => new QueryException(
        'mariadb',
        'select 1',
        [],
        new PDOException('SQLSTATE[40001]: Serialization failure: 1213 Deadlock found when trying to get lock'),
    );
    $protocol = app(WriteProtocol::class);
    $key = ActKey::keyed('me', 'POST x', 'k', 'w', 'x');
    $said = $protocol->once($key, Lock::nothing(), function () use (&$tries, $tie): Outcome {
        TaughtIngredient::query()->create([
            'salon_id' => $this->salon->id, 'name' => "try {$tries}", 'also' => [], 'functions' => [], 'strength' => '',
            'by' => 'me',
        ]);
        if (++$tries < 3) {
            throw $tie();
        }

        return Outcome::done('done', ['to' => 'there']);
    }, fn (array $answer): string => 'again');
    expect($said)->toBe('done')->and($tries)->toBe(3)->and(TaughtIngredient::query()->count())->toBe(1)
        ->and($protocol->once(
            ActKey::keyed('me', 'POST x', 'k', 'w', 'x'),
            Lock::nothing(),
            fn (): Outcome => throw $tie(),
            fn (array $answer): string => "again {$answer['to']}",
        ))->toBe('again there')
        ->and(
            fn () => $protocol->once(null, Lock::nothing(), fn (): Outcome => throw $tie(), fn (): string => ''),
        )->toThrow(QueryException::class);
});

it('never wipes an allergy with a form that was opened before it was noted', function (): void {
    $head = $this->aHead();
    $page = "/clients/{$head->id}/edit";
    $opened = seenOn($this, $page);
    $fields = $this->intake(['name' => $head->name, 'allergies' => '', 'goals' => 'Length.']);
    // Meanwhile somebody notes an allergy.
    $head->update(['allergies' => 'Wheat proteins.']);
    $this->put("/clients/{$head->id}", ['_seen' => $opened] + $fields)->assertSessionHasNoErrors();
    expect($head->refresh()->allergies)->toBe('Wheat proteins.')->and($head->goals)->toBe('Length.');
});

it('shows both where two changed the same field, and saves one over the other only when asked again', function (): void {
    $head = $this->aHead();
    $opened = seenOn($this, "/clients/{$head->id}/edit");
    $head->update(['allergies' => 'Wheat.', 'household' => 'Lighthouse']);
    $fields = $this->intake(['name' => $head->name, 'allergies' => 'Nuts.', 'household' => '']);
    $this->put("/clients/{$head->id}", ['_seen' => $opened] + $fields)->assertSessionHasErrors('allergies');
    expect(session('errors')->first('allergies'))
        ->toContain('“Wheat.”')
        ->and($head->refresh()->allergies)
        ->toBe('Wheat.')
        // Both stand on the page: mine in its field, theirs beside it; what I did not touch is as they left it.
        ->and(session()->getOldInput('allergies'))
            ->toBe('Nuts.')
            ->and(session()->getOldInput('household'))
            ->toBe('Lighthouse');
    $again = seenOn($this, "/clients/{$head->id}/edit");
    $this->put("/clients/{$head->id}", ['_seen' => $again] + $fields)->assertSessionHasNoErrors();
    expect($head->refresh()->allergies)->toBe('Nuts.');
});

it('merges hours, services, terms and products as well', function (): void {
    $this->actingAs($this->stylist);
    $this->put(
        '/salon/hours',
        ['chairs' => '4', 'services' => ['new1' => ['name' => 'Dry cut', 'minutes' => '45', 'price' => '48']]],
    );
    $opened = seenOn($this, '/salon/hours');
    $this->put(
        '/salon/hours',
        [
            '_seen' => seenOn($this, '/salon/hours'),
            'services' => ['new1' => ['name' => 'Take-down', 'minutes' => '60', 'price' => '50']],
        ],
    )->assertSessionHasNoErrors();
    $this->put('/salon/hours', ['_seen' => $opened, 'chairs' => '6'])->assertSessionHasNoErrors();
    expect($this->salon->refresh()->chairs)
        ->toBe(6)
        ->and(App\Models\Service::query()->where('salon_id', $this->salon->id)->pluck('name')->sort()->values()->all())
        ->toBe(['Dry cut', 'Take-down']);

    $head = $this->aHead();
    $opened = seenOn($this, "/clients/{$head->id}/plan/terms");
    $this->put(
        "/clients/{$head->id}/plan/terms",
        ['_seen' => $opened, 'salon_days' => '2027-02-10'],
    )->assertSessionHasNoErrors();
    $this->put(
        "/clients/{$head->id}/plan/terms",
        ['_seen' => $opened, 'salon_days' => '', 'home_minutes_limit' => '45'],
    )->assertSessionHasNoErrors();
    expect($head->refresh()->season['salon_days'])
        ->toBe(['2027-02-10'])
        ->and($head->season['home_minutes_limit'])
        ->toBe(45);
});

it('opens nothing that was not sealed here, or for another form', function (): void {
    $sealed = SeenFields::of('intake a', ['name' => 'Vesla'])->sealed();
    expect(SeenFields::opened($sealed, 'intake a'))->not
        ->toBeNull()
        ->and(SeenFields::opened($sealed, 'intake b'))
        ->toBeNull()
        ->and(SeenFields::opened('nonsense', 'intake a'))
            ->toBeNull()
            ->and(SeenFields::opened(['a'], 'intake a'))
            ->toBeNull();
});

it('saves what was sent where the outlook cannot be worked out, and works it out later by itself', function (): void {
    $head = $this->aHead();
    $days = $head->washDays()->count();
    // Something in the way of the engine that nobody foresaw.
    DB::table('heads')->where('id', $head->id)->update(['season' => '{"by_hand": "nonsense"}']);
    $this
        ->actingAs($this->stylist)
        ->post(
            "/clients/{$head->id}/wash-days",
            [
                'date' => '2027-01-08', 'place' => 'home', 'cleanse' => 'gentle', 'passes' => '1', 'tool' => 'comb',
                'detangling' => 'wet-with-slip',
            ],
        )
        ->assertRedirect("/clients/{$head->id}");
    expect($head->washDays()->count())
        ->toBe($days + 1)
        ->and($head->refresh()->outlook_due_from?->format('Y-m-d'))
        ->toBe('2027-01-08');
    DB::table('heads')->where('id', $head->id)->update(['season' => null]);
    $this->artisan('nagomi:renew --due')->assertSuccessful();
    expect($head->refresh()->outlook_due_from)->toBeNull();
    $standing = $head->outlook()->first()->standing;
    app(App\Bridge\Plans\Outlooks::class)->of($head);
    expect($head->outlook()->first()->standing)->toEqual($standing);
});

it('goes on from the earliest day that changed, whichever change came last', function (): void {
    $head = $this->aHead();
    DB::transaction(function () use ($head): void {
        app(OutlookRefresh::class)->after($head, new DateTimeImmutable('2026-12-01'));
        app(OutlookRefresh::class)->after($head, new DateTimeImmutable('2027-01-05'));
        expect($head->outlook_due_from->format('Y-m-d'))->toBe('2026-12-01');
    });
    expect(Head::query()->find($head->id)->outlook_due_from)->toBeNull();
});

it('leaves a trail of every act on allergies and health notes, with values only the key opens', function (): void {
    $head = $this->aHead();
    $head->update(['allergies' => 'Wheat.']);
    $head->update(['allergies' => null, 'health_notes' => 'Eczema at the nape.']);
    $trail = DB::table('activity_log')
        ->where('subject_id', $head->id)
        ->whereIn('description', ['allergies changed', 'allergies emptied', 'health notes changed'])
        ->orderBy('id')
        ->get();
    expect($trail->pluck('description')->all())->toContain(
        'allergies changed',
        'allergies emptied',
        'health notes changed',
    )
        ->and($trail->pluck('properties')->implode(' '))->not->toContain('Wheat')->not->toContain('Eczema');
    $properties = json_decode((string) $trail->firstWhere('description', 'allergies emptied')->properties, true);
    expect($properties['field'])
        ->toBe('allergies')
        ->and(decrypt($properties['before'], false))
        ->toBe('Wheat.')
        ->and($properties['after'])
        ->toBeNull();
});

it('gives each of two switches its turn, whoever throws them', function (): void {
    $this->actingAs($this->stylist)->put('/today/names');
    // Signed in elsewhere with what stood there before.
    $this->actingAs(User::query()
        ->findOrFail($this->stylist->id)
        ->setAttribute('hides_names', false)
        ->syncOriginal())->put('/today/names');
    expect($this->stylist->refresh()->hides_names)->toBeFalse();
});
