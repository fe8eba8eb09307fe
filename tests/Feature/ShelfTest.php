<?php

declare(strict_types=1);

use App\Care\Products\Stockroom;
use App\Models\Product;
use App\Models\Reaction;
use App\Models\TaughtIngredient;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;

function bottle(array $with = []): array
{
    return $with + [
        'name' => 'Slip conditioner',
        'kind' => 'conditioner',
        'ingredients' =>
            'Aqua, Cetearyl Alcohol, Hydrolysed Wheat Protein, Dimethicone, Moonlight Kelp, Phenoxyethanol, Parfum',
        'claims' => ['silicone-free', 'moisturising'],
        'size_ml' => '500',
        'price' => '14,90',
        'pump_ml' => '2.5',
    ];
}

function shelved(object $test, array $with = []): Product
{
    $test->actingAs($test->stylist)->post('/products', bottle($with))->assertSessionHasNoErrors();

    return Product::query()->latest('id')->firstOrFail();
}

it('reads a pasted list, says what the product really is and where its label disagrees', function (): void {
    $product = shelved($this);
    expect($product->price_cents)->toBe(1490)->and($product->left_ml)->toBe(500.0);
    $this
        ->get("/products/{$product->id}")
        ->assertSee('The label doesn’t match the ingredients.')
        ->assertSee('It contains silicones: Dimethicone.')
        ->assertSee('mild to strong')
            ->assertSee('Hydrolyzed Wheat Protein')
            ->assertSee('not known')
            ->assertSee('0 to 1 %');
    $this->get('/products')->assertSee('Slip conditioner')->assertSee('mild to strong protein')->assertSee('500');
});

it('says in words what is wrong with a bottle, keeps what was typed and saves nothing', function (array $with, string $field, string $sentence): void {
    $this
        ->actingAs($this->stylist)
        ->from('/products/new')
        ->post('/products', bottle($with))
        ->assertSessionHasErrors($field);
    expect(session('errors')->first($field))->toContain($sentence)->and(Product::query()->count())->toBe(0);
    $this->get('/products/new')->assertSee($sentence);
})->with([
    'a novel' => [
        ['ingredients' => str_repeat('It was a dark and stormy night. ', 400)],
        'ingredients',
        'longer than any list',
    ],
    'prose' => [
        ['ingredients' => str_repeat('once upon, a time there, was a curl, ', 8)],
        'ingredients',
        'Paste the list from the bottle',
    ],
    'a pump of −2 mL' => [['pump_ml' => '−2'], 'pump_ml', 'weigh ten presses'],
    'no name' => [['name' => ' '], 'name', 'type what you call it'],
    'a kind of its own' => [['kind' => 'potion'], 'kind', 'choose one'],
    'opened tomorrow' => [['opened_on' => '2099-01-01'], 'opened_on', 'a day that has been'],
    'a price in words' => [['price' => 'dear'], 'price', '0 to 10,000,000'],
    'a barcode of a poem' => [['barcode' => 'ode to a bottle'], 'barcode', 'its digits'],
    'a claim of its own' => [['claims' => ['makes-it-rain']], 'claims.0', 'choose from the list'],
]);

it('learns an ingredient and reads every list anew, for its own salon alone', function (): void {
    $product = shelved($this);
    [, $other] = $this->salonWithStylist('maren@test.example');
    $this->actingAs($other)->post('/products', bottle());
    $theirs = Product::query()->withoutGlobalScopes()->where('salon_id', $other->salon_id)->firstOrFail();
    $this
        ->actingAs($this->stylist)
        ->post('/products/teach', ['name' => 'Moonlight Kelp', 'function' => 'humectant', 'strength' => 'medium'])
        ->assertSessionHasNoErrors();
    expect(collect(
        $product->fresh()->reading['entries'],
    )->firstWhere('listed', 'Moonlight Kelp')['functions'])->toBe(['humectant'])
        ->and($product->fresh()->reading['unknown'])->toBe([]);
    expect(Product::query()->withoutGlobalScopes()->find($theirs->id)->reading['unknown'])
        ->toBe(['Moonlight Kelp'])
        ->and(TaughtIngredient::query()->withoutGlobalScopes()->where('salon_id', $other->salon_id)->count())
        ->toBe(0);
    $this->post('/products/teach', ['name' => '', 'function' => 'magic'])->assertSessionHasErrors(['name', 'function']);
});

it('warns of allergies, reactions and recalls wherever the product comes up', function (): void {
    $product = shelved($this);
    $head = $this->aHead();
    $head->update(['allergies' => 'wheat']);
    $this
        ->get("/products/{$product->id}")
        ->assertSee('Not for')
        ->assertSee($head->name)
        ->assertSee('The allergy list names it: Hydrolysed Wheat Protein.');
    $this->get("/clients/{$head->id}/products")->assertSee('does not suit')->assertSee('The allergy list names it');

    $mask = shelved($this, ['name' => 'Mask', 'kind' => 'mask', 'ingredients' => 'Aqua, Cetyl Alcohol, Mel']);
    $this->get("/clients/{$head->id}/products")->assertSee('<b>suits</b>', false);
    $today = now('Europe/Lisbon')->format('Y-m-d');
    $this->post(
        "/clients/{$head->id}/reactions",
        ['product_id' => $mask->id, 'what' => 'Itched at the nape', 'on' => $today],
    )->assertSessionHasNoErrors();
    $this
        ->get("/clients/{$head->id}/products")
        ->assertSee('A reaction to it, or to what is in it, was noted before.')
        ->assertSee('Itched at the nape');
    $this->get("/products/{$mask->id}")->assertSee('A reaction to it was noted before.');
    expect(DB::table('reactions')->first()->what)->not->toContain('Itched');
    $this->post(
        "/clients/{$head->id}/reactions",
        ['what' => '', 'on' => '2099-01-01'],
    )->assertSessionHasErrors(['what', 'on', 'product_id']);
    $this->post(
        "/clients/{$head->id}/reactions",
        ['ingredient' => 'Cetyl', 'what' => 'Burned', 'on' => $today],
    )->assertSessionHasNoErrors();
    expect(Reaction::query()->count())->toBe(2);

    $this->post("/products/{$mask->id}/recall", ['because' => ''])->assertSessionHasErrors('because');
    $this->post("/products/{$mask->id}/recall", ['because' => 'Mould in batch L03']);
    $this->get("/clients/{$head->id}/products")->assertSee('Recalled: Mould in batch L03.');
    $this->get('/products')->assertSee('recalled');
    $this->delete("/products/{$mask->id}/recall");
    expect($mask->fresh()->recalled_on)->toBeNull();
});

it('counts what is left by volume, weight and level, and never goes below empty', function (): void {
    $product = shelved($this);
    $count = fn (string $how, string $amount) => $this->post(
        "/products/{$product->id}/stock",
        ['how' => $how, 'amount' => $amount],
    );
    $count('level', '40');
    expect($product->fresh()->left_ml)->toBe(200.0);
    $count('left-g', '123,5');
    expect($product->fresh()->left_ml)->toBe(123.5);
    $count('bought', '500');
    expect($product->fresh()->left_ml)->toBe(623.5);
    $count('left-ml', '-5')->assertSessionHasErrors('amount');
    $count('level', '120')->assertSessionHasErrors('amount');
    expect($product->fresh()->left_ml)->toBe(623.5);
    // More is used than the bottle is said to hold: it is empty, and what was there is told.
    expect(app(Stockroom::class)->used($product->fresh(), 700.0, 'Ilse', 'act-1'))
        ->toBe(623.5)
        ->and($product->fresh()->left_ml)
        ->toBe(0.0);
    // The same act a second time changes nothing.
    app(Stockroom::class)->bought($product->fresh(), 100.0, 'Ilse');
    expect(app(Stockroom::class)->used($product->fresh(), 700.0, 'Ilse', 'act-1'))
        ->toBe(0.0)
        ->and($product->fresh()->left_ml)
        ->toBe(100.0);
    $this->get('/products')->assertSee('To order:');
    $bare = shelved($this, ['name' => 'Bare', 'size_ml' => '']);
    $this->post("/products/{$bare->id}/stock", ['how' => 'level', 'amount' => '50'])->assertSessionHasErrors('amount');
});

it('tells from use how long a bottle lasts, and until when it is good', function (): void {
    $product = shelved($this, ['opened_on' => '2026-08-31', 'months_open' => '4']);
    $this->travel(-7)->days();
    app(Stockroom::class)->used($product, 60.0, 'Ilse', 'a');
    $this->travelBack();
    $this->travelTo('2027-01-09 10:00:00');
    // One day of use has no pace yet.
    $this->get("/products/{$product->id}")->assertSee('440')->assertDontSee('about 51 days');
    app(Stockroom::class)->used($product->fresh(), 140.0, 'Ilse', 'b');
    // 140 mL in the week since: 20 a day, so the 300 mL left last 15 days.
    $this
        ->get("/products/{$product->id}")
        ->assertSee('about 15 days')
        ->assertSee('good until 31 Dec 2026')
        ->assertSee('Past its time');
    $this->get('/products')->assertSee('past its time since 31 Dec 2026');
});

it('goes out as CSV and comes in again, all lines or none', function (): void {
    shelved($this);
    shelved($this, ['name' => '=cmd()', 'kind' => 'mask', 'ingredients' => 'Aqua, Cetyl Alcohol, Mel']);
    $csv = $this->get('/products.csv')->assertOk()->streamedContent();
    expect($csv)->toContain("'=cmd()")->toContain('14.90');
    Product::query()->delete();
    $this->post(
        '/products/import',
        ['file' => UploadedFile::fake()->createWithContent('products.csv', $csv)],
    )->assertSessionHasNoErrors();
    expect(Product::query()->orderBy('name')->pluck('name')->all())
        ->toEqualCanonicalizing(['Slip conditioner', '=cmd()'])
        ->and(Product::query()->where('name', 'Slip conditioner')->first()->left_ml)
        ->toBe(500.0);

    $bad = str_replace(['conditioner,"', '14.90'], ['potion,"', 'dear'], $csv) . "\n,mask,Aqua,,,,,,,,\n";
    $this->post(
        '/products/import',
        ['file' => UploadedFile::fake()->createWithContent('products.csv', $bad)],
    )->assertSessionHasErrors('file');
    expect(implode(' ', session('errors')->get('file')))
        ->toContain('Line')
        ->toContain('give a name')
        ->and(Product::query()->count())
        ->toBe(2);
    $this->post(
        '/products/import',
        ['file' => UploadedFile::fake()->createWithContent('products.csv', "a,b\n1,2")],
    )->assertSessionHasErrors('file');
    $this->post('/products/import', [])->assertSessionHasErrors('file');
});

it('scales a mix with its label, and refuses what the skin must not have', function (): void {
    $this->actingAs($this->stylist)->get('/products/mix')->assertOk();
    $mix = fn (array $with = []): string => '/products/mix?'
        . http_build_query(
            $with + [
                'title' => 'Scalp oil',
                'carrier' => 'Jojoba Oil',
                'total_ml' => '60',
                'parts' => [
                    ['name' => 'Lavender Oil', 'percent' => '0,5'],
                    ['name' => 'Castor Oil', 'percent' => '25'],
                ],
            ],
        );
    $this->get($mix())->assertSee('Scalp oil, 60 mL')->assertSee('44.7')->assertSee('keeps until');
    $this->get($mix())->assertSee('Without water it keeps about 180 days');
    $this->get($mix(['carrier' => 'Rose water']))->assertSee('With water in it and no preservative it keeps 5 days');
    $peppermint = [['name' => 'peppermint', 'percent' => '1,5']];
    $this->get($mix(['parts' => $peppermint, 'use' => 'rinsed-off']))->assertSee('98.5');
    foreach (['child' => 'none', 'young' => '0.25', 'pregnancy' => '0.25', 'asthma' => '0.25'] as $for => $most) {
        $this->from('/products/mix')->get($mix(['for' => $for]))->assertSessionHasErrors('parts.0.percent');
        expect(session('errors')->first('parts.0.percent'))->toContain($most);
    }
    $this->from('/products/mix')->get($mix(['parts' => $peppermint]))->assertSessionHasErrors('parts.0.percent');
    $this->from('/products/mix')->get($mix(['carrier' => 'lavender']))->assertSessionHasErrors('parts.0.percent');
    // Sent back to a mix that was scaled before, only what was refused is shown.
    $this
        ->from($mix())
        ->followingRedirects()
        ->get($mix(['for' => 'child']))
        ->assertSee('there is none')
        ->assertDontSee('44.7');
    $this->from('/products/mix')->get($mix(['use' => 'to drink']))->assertSessionHasErrors('use');
    $this->from('/products/mix')->get($mix(['for' => 'a cat']))->assertSessionHasErrors('for');
    $this->from('/products/mix')->get($mix(['total_ml' => 'a lot']))->assertSessionHasErrors('total_ml');
    $this
        ->from('/products/mix')
        ->get($mix(['parts' => [['name' => '', 'percent' => '3']]]))
        ->assertSessionHasErrors('parts.0.name');
    $this
        ->from('/products/mix')
        ->get($mix(['parts' => [['name' => 'Aloe', 'percent' => 'some']]]))
        ->assertSessionHasErrors('parts.0.percent');
});

it('keeps another salon’s shelf out of sight and reach, and a client’s own to her', function (): void {
    $product = shelved($this);
    $head = $this->aHead();
    $own = shelved($this, ['name' => 'Her own gel', 'kind' => 'styler', 'head_id' => $head->id]);
    $this->get('/products')->assertDontSee('Her own gel');
    $this->get("/clients/{$head->id}/products")->assertSee('Her own gel');
    $this->get("/clients/{$this->aHead('protein-sensitive')->id}/products")->assertDontSee('Her own gel');
    [, $other] = $this->salonWithStylist('maren@test.example');
    $this->actingAs($other);
    foreach (
        [
            ['get', ''], ['get', '/edit'], ['put', ''], ['delete', ''], ['post', '/stock'], ['post', '/recall'],
            ['delete', '/recall'],
        ] as [$method, $path]
    ) {
        $this->{$method}("/products/{$product->id}{$path}")->assertNotFound();
    }
    $this->get('/products')->assertDontSee('Slip conditioner');
    $this->post('/products', bottle(['head_id' => $head->id]))->assertSessionHasErrors('head_id');
    expect(Product::query()->withoutGlobalScopes()->whereKey($own->id)->exists())->toBeTrue();
});

it('reads the longest lists well within a second, and the shelf asks few questions of the database', function (): void {
    $names = array_map(
        fn ($one): string => $one->name,
        array_slice(Nagomi\Core\Products\IngredientBook::shipped()->ingredients(), 20, 60),
    );
    $product = shelved(
        $this,
        ['ingredients' => implode(', ', array_filter($names, fn (string $name): bool => ! str_contains($name, ',')))],
    );
    for ($i = 0; $i < 4; $i++) {
        shelved($this, ['name' => "Bottle {$i}"]);
    }
    DB::enableQueryLog();
    $this->get('/products')->assertOk();
    expect(count(DB::getQueryLog()))->toBeLessThan(8);
    expect(count($product->reading['entries']))->toBeGreaterThan(50);
});

it('opens the ingredient book, finds by any name and function, and forgets what was taught', function (): void {
    $this->actingAs($this->stylist)->get('/products/book')->assertOk()->assertSee('ingredients by function');
    $this
        ->get('/products/book?search=jojoba')
        ->assertSee('Simmondsia Chinensis Seed Oil')
        ->assertDontSee('Cocos Nucifera Oil');
    $this
        ->get('/products/book?function=chelator&search=edta')
        ->assertSee('Disodium EDTA')
        ->assertDontSee('Citric Acid');
    $this->get('/products/book?search=moonlight')->assertSee('0 found');
    $product = shelved($this);
    $this->post('/products/teach', ['name' => 'Dimethicone', 'function' => 'silicone', 'strength' => 'clarifying']);
    expect($product->fresh()->reading['removed_with'])->toBe('clarifying');
    $this->get('/products/book?search=dimethicone')->assertSee('added here');
    $taught = TaughtIngredient::query()->first();
    [, $other] = $this->salonWithStylist('maren@test.example');
    $this->actingAs($other)->delete("/products/book/{$taught->id}")->assertNotFound();
    $this->actingAs($this->stylist)->delete("/products/book/{$taught->id}")->assertRedirect();
    expect($product->fresh()->reading['removed_with'])->toBe('shampoo');
});

it('hears of the products of a wash day, her own at home too, and says what the steps do not', function (): void {
    $head = $this->aHead();
    $head->update(['allergies' => 'honey']);
    shelved(
        $this,
        [
            'name' => 'Her rice mask',
            'kind' => 'mask',
            'ingredients' => 'Aqua, Hydrolyzed Rice Protein, Mel',
            'head_id' => $head->id,
        ],
    );
    $day = [
        'date' => now('Europe/Lisbon')->format('Y-m-d'), 'place' => 'home', 'cleanse' => 'gentle', 'passes' => '1',
        'conditioning' => 'mask', 'conditioning_minutes' => '20', 'tool' => 'comb', 'detangling' => 'wet-with-slip',
        'conditioning_product' => 'Her rice mask',
    ];
    $this->get("/clients/{$head->id}/wash-days")->assertSee('Her rice mask (their own)');
    $this->post("/clients/{$head->id}/wash-days", $day)->assertSessionHasNoErrors();
    expect(session('said'))->toContain(
        'Her rice mask is not for this client. The allergy list names it: Mel.',
    )->toContain('contains protein itself');
    $step = $head->washDays()->with('steps')->reorder()->latest('id')->first()->steps->firstWhere('kind', 'mask');
    expect($step->product)->toBe('Her rice mask');
    $this->post("/clients/{$head->id}/wash-days", ['protein' => 'mild-protein', 'protein_minutes' => '5'] + $day);
    expect(session('said'))->not->toContain('contains protein itself');
});
