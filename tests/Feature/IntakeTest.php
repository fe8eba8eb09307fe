<?php

declare(strict_types=1);

use App\Models\Head;

it('puts a new client in the book with what the notebook knew', function (): void {
    $this->actingAs($this->stylist)->post('/clients', $this->intake(['notebook' => [
        ['what' => 'mask', 'date' => '2026-12-10', 'approximate' => '1'],
        ['what' => 'strong-protein', 'date' => '2026-12-10', 'approximate' => '0'],
        ['what' => 'trim', 'date' => '2026-11-02', 'millimetres' => '15'],
        ['what' => '', 'date' => ''],
    ]]))->assertSessionHasNoErrors()->assertRedirect();
    $head = Head::query()->where('name', 'Vesla Ortiz-Kane')->firstOrFail();
    expect($head->length_mm)->toBe(325)->and($head->ring_mm)->toBe(12.5)->and($head->zoneParts)->toHaveCount(8)
        ->and($head->consent_on)->not->toBeNull()
        ->and($head->washDays)->toHaveCount(2)
        ->and($head->washDays->last()->approximate)->toBeTrue()
        ->and($head->washDays->last()->load('steps')->steps)->toHaveCount(2)
        ->and($head->outlook)->not->toBeNull()
        ->and($head->planItems)->not->toBeEmpty();
    $this->get("/clients/{$head->id}")->assertOk()->assertSee('Nothing is tested yet');
});

it('says what to type instead, keeps what was typed and saves nothing', function (array $wrong, string $field, string $sentence): void {
    $typed = $this->intake($wrong);
    $this
        ->actingAs($this->stylist)
        ->from('/clients/new')
        ->post('/clients', $typed)
        ->assertRedirect('/clients/new')
        ->assertSessionHasErrors($field);
    expect(session('errors')->first($field))->toContain($sentence);
    $this->get('/clients/new')->assertSee($sentence)->assertSee('Vesla Ortiz-Kane');
    expect(Head::query()->where('name', 'Vesla Ortiz-Kane')->exists())->toBeFalse();
})->with([
    'letters for a number' => [['length_cm' => 'long'], 'length_cm', 'type 1 to 200 cm'],
    '31 February' => [
        ['notebook' => [['what' => 'mask', 'date' => '2027-02-31']]],
        'notebook.0.date',
        'a day that exists',
    ],
    'a day to come' => [
        ['notebook' => [['what' => 'mask', 'date' => '2099-01-01']]],
        'notebook.0.date',
        'a day that exists and has been',
    ],
    'a trim of nothing' => [
        ['notebook' => [['what' => 'trim', 'date' => '2026-01-01']]],
        'notebook.0.millimetres',
        'how much was cut',
    ],
    'a minor alone' => [
        ['born_on' => now()->subYears(12)->format('Y-m-d')],
        'guardian_name',
        'who agrees for this minor',
    ],
    'no consent' => [['consent' => '0'], 'consent', 'tick it once'],
    'hardness below 0' => [['hardness_mg_per_l' => '-3'], 'hardness_mg_per_l', '0 to 1000 mg/L'],
    'a wash every day' => [['wash_every_days' => '1'], 'wash_every_days', '2 to 35'],
    'an unknown school' => [['method' => ['protein' => 'always']], 'method.protein', 'choose one from the list'],
]);

it('asks for a name', function (): void {
    $this
        ->actingAs($this->stylist)
        ->post('/clients', $this->intake(['name' => '']))
        ->assertSessionHasErrors(['name' => 'Name: type what the client is called, up to 120 characters.']);
});

it('shows markup in a name as what was typed', function (): void {
    $this
        ->actingAs($this->stylist)
        ->post('/clients', $this->intake(['name' => '<script>alert(1)</script> & Co']))
        ->assertSessionHasNoErrors();
    $head = Head::query()->where('name', 'like', '%script%')->firstOrFail();
    foreach (['', '/hair-tests', '/plan', '/history/ledger', '/edit', '/wash-days'] as $page) {
        $this
            ->get("/clients/{$head->id}{$page}")
            ->assertOk()
            ->assertDontSee('<script>alert(1)', false)
            ->assertSee('&lt;script&gt;alert(1)', false);
    }
});

it('takes a minor with a guardian and shows the caution', function (): void {
    $this
        ->actingAs($this->stylist)
        ->post(
            '/clients',
            $this->intake([
                'born_on' => now()->subYears(12)->format('Y-m-d'),
                'guardian_name' => 'Ode Kane',
                'sore_scalp' => '1',
                'allergies' => 'wheat',
            ]),
        )
        ->assertSessionHasNoErrors();
    $head = Head::query()->where('name', 'Vesla Ortiz-Kane')->firstOrFail();
    $this->get("/clients/{$head->id}")->assertSee('guardian')->assertSee('Sore scalp: no heat')->assertSee('wheat');
    foreach ($head->planItems as $item) {
        expect(json_encode($item->steps))->not
            ->toContain('clarifying')->not
            ->toContain('chelating')->not
            ->toContain('"heat":true');
    }
});

it('changes an intake and works the season out anew', function (): void {
    $head = $this->aHead();
    $before = $head->planItems->count();
    $this
        ->actingAs($this->stylist)
        ->put(
            "/clients/{$head->id}",
            $this->intake(['name' => 'Solvei Renamed', 'wash_every_days' => '14', 'consent' => '']),
        )
        ->assertSessionHasNoErrors();
    $head->refresh();
    expect($head->name)
        ->toBe('Solvei Renamed')
        ->and($head->planItems()->where('status', 'planned')->count())
        ->toBeLessThan($before)
        ->and($head->outlook->standing)->toHaveCount(1);
});

it('searches heads by name, also with signs that mean something to the database', function (): void {
    $this->aHead();
    $this->actingAs($this->stylist)->get('/clients?search=okonjo')->assertSee('Solvei Okonjo-Brandt');
    $this->get('/clients?search=%25')->assertDontSee('Solvei Okonjo-Brandt')->assertSee('No client matches');
});

it('names every word of the product once, and offers the styling loads on the intake form', function (): void {
    preg_match_all("/^    '([a-z_]+)' =>/m", (string) file_get_contents(base_path('lang/en/nagomi.php')), $keys);
    expect(array_diff_assoc($keys[1], array_unique($keys[1])))->toBe([]);
    $this
        ->actingAs($this->stylist)
        ->get('/clients/new')
        ->assertSee('light: a little leave-in')
        ->assertSee('value="heavy"', false);
});

it('proposes as many sections as length and density ask for, where none were typed', function (): void {
    $this->actingAs($this->stylist);
    $sections = function (string $length, string $density, string $typed = ''): int {
        $this->post('/clients', $this->intake([
            'name' => "Vesla {$length} {$density} {$typed}", 'length_cm' => $length, 'density' => $density,
            'sections' => $typed,
        ]))->assertSessionHasNoErrors();

        return Head::query()->where('name', "Vesla {$length} {$density} {$typed}")->sole()->sections;
    };
    expect($sections('', 'not-measured'))->toBe(4)
        ->and($sections('8', 'medium'))->toBe(2)
        ->and($sections('30', 'high'))->toBe(6)
        ->and($sections('60', 'medium'))->toBe(3)
        ->and($sections('60', 'medium', '7'))->toBe(7);
    $this->get('/clients/new')->assertOk()->assertSee('empty: by length and density');
    foreach (['0', '13', 'many', '2.5'] as $wrong) {
        $this->post('/clients', $this->intake(['sections' => $wrong]))
            ->assertSessionHasErrors(['sections' => 'Sections: type 1 to 12, or leave it empty.']);
    }
});
