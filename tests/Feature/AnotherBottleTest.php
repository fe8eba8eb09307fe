<?php

declare(strict_types=1);

/* Another bottle in the middle of a wash day: what the book, the shelf and the next choice make of it. */

use App\Bridge\Plans\Outlooks;
use App\Bridge\Products\ClientShelves;
use App\Bridge\Products\SalonIngredients;
use App\Bridge\WashDays\WashDayBottles;
use App\Models\Head;
use App\Models\Product;
use App\Models\WashSession;
use Illuminate\Support\Facades\Cache;
use Illuminate\Testing\TestResponse;
use Tests\Feature\FeatureTestCase;

beforeEach(fn () => $this->actingAs($this->stylist));

const FIRST_MASK = 'Aqua, Cetearyl Alcohol, Glycerin, Behentrimonium Chloride, Phenoxyethanol';

function maskOnShelf(FeatureTestCase $test, string $name, int $cents, string $ingredients = FIRST_MASK): Product
{
    $book = app(SalonIngredients::class);
    $product = new Product([
        'name' => $name, 'kind' => 'mask', 'ingredients' => $ingredients, 'claims' => [], 'size_ml' => 500,
        'left_ml' => 200.0, 'price_cents' => $cents, 'reading' => $book->read($ingredients, $book->of($test->salon)),
    ]);
    $product->forceFill(['salon_id' => $test->salon->id])->save();

    return $product;
}

function maskDay(FeatureTestCase $test, Head $head): WashSession
{
    app(Outlooks::class)->current($head->refresh());
    $head->planItems()->where('status', 'planned')->orderBy('date')->firstOrFail()->forceFill(['steps' => [
        ['kind' => 'cleanse', 'cleanse' => 'gentle', 'passes' => 1], ['kind' => 'mask', 'minutes' => 20],
    ]])->save();
    $test->post("/clients/{$head->id}/wash", ['drying' => 'air', 'styling' => 'rake'])->assertRedirect();

    return WashSession::query()->where('head_id', $head->id)->latest('id')->firstOrFail();
}

/** @param list<array{string, string, array<string, mixed>}> $taps kind, step and value */
function tapsOf(FeatureTestCase $test, WashSession $washSession, array $taps, string $device = 'one'): TestResponse
{
    static $count = 0;

    return $test->postJson("/clients/{$washSession->head_id}/wash/{$washSession->id}/acts", [
        'device' => $device,
        'acts' => array_map(function (array $tap) use (&$count): array {
            [$kind, $step, $value] = $tap;

            return [
                'key' => 'tap-' . ++$count, 'kind' => $kind, 'step' => $step, 'value' => $value,
                'at' => now('UTC')->format('c'),
            ];
        }, $taps),
    ])->assertOk();
}

/** @return array<string, mixed> the step of the plan that takes the mask */
function maskStep(WashSession $washSession): array
{
    return collect($washSession->steps())->firstWhere('key', 'mask');
}

it('does the step with the bottle that was taken, and empties the one that ran out', function (): void {
    $head = $this->aHead();
    $cheap = maskOnShelf($this, 'Cheap mask', 100);
    $other = maskOnShelf($this, 'Other mask', 900, 'Aqua, Hydrolyzed Keratin, Cetearyl Alcohol, Phenoxyethanol');
    $day = maskDay($this, $head);
    $step = maskStep($day);
    expect($step['product'])->toMatchArray(['name' => 'Cheap mask', 'left' => 200.0])
        ->and(array_column($step['others'], 'name'))->toBe(['Other mask'])
        ->and($step['others'][0]['changes'])->toMatch('/^(moisture \d+\.\d lower, )?protein \d+\.\d higher/');
    tapsOf($this, $day, [
        ['amount', 'mask', ['ml' => 31.0]], ['bottle', 'mask', ['product' => $other->id, 'why' => 'ran-out']],
    ]);
    expect($cheap->refresh()->left_ml)->toBe(0.0)->and($cheap->moves()->first()?->kind)->toBe('counted')
        ->and($other->refresh()->left_ml)->toBe(200.0);
    tapsOf($this, $day, [['amount', 'mask', ['ml' => 40.0]], ['done', 'mask', []]], 'two');
    $this->post("/clients/{$head->id}/wash/{$day->id}/finish", ['minutes' => ['mask' => '20']])->assertRedirect();
    $done = $head->washDays()->with('steps')->where('key', $day->refresh()->wash_day)->sole()->steps;
    expect($done->pluck('product', 'kind')->all())->toBe(['mask' => 'Other mask'])
        ->and($done[0]->contents['protein'] ?? null)->not->toBeNull()
        ->and($other->refresh()->left_ml)->toBe(160.0)->and($cheap->refresh()->left_ml)->toBe(0.0);
});

it('takes a bottle that smells wrong off the shelf until somebody has looked', function (): void {
    $head = $this->aHead();
    $first = maskOnShelf($this, 'First mask', 100);
    $second = maskOnShelf($this, 'Second mask', 900);
    $day = maskDay($this, $head);
    tapsOf($this, $day, [['bottle', 'mask', ['product' => $second->id, 'why' => 'smells-wrong']]]);
    expect($first->refresh()->recalled_because)->toContain('Smells wrong, said Ilse')
        ->and($first->left_ml)->toBe(200.0);
    $this->get("/products/{$first->id}")->assertSee('Smells wrong, said Ilse')->assertSee('No longer recalled');
    expect(app(WashDayBottles::class)->of($head->refresh())['mask']->product?->name)->toBe('Second mask');
});

it('remembers what a client did not like, for this client alone', function (): void {
    $head = $this->aHead();
    $first = maskOnShelf($this, 'First mask', 100);
    $second = maskOnShelf($this, 'Second mask', 900);
    $day = maskDay($this, $head);
    tapsOf($this, $day, [['bottle', 'mask', ['product' => $second->id, 'why' => 'disliked']]]);
    $chosen = app(WashDayBottles::class)->of($head->refresh())['mask'];
    expect($chosen->product?->name)->toBe('Second mask')
        ->and($chosen->because)->toBe('Chosen because this client did not like another.')
        ->and($first->refresh()->recalled_on)->toBeNull();
    $another = $this->aHead('growing-out-bleach');
    expect(app(WashDayBottles::class)->of($another)['mask']->product?->name)->toBe('First mask');
    // Where it is the only one it is still named.
    $second->delete();
    expect(app(WashDayBottles::class)->of($head->refresh())['mask']->product?->name)->toBe('First mask');
});

it('refuses a bottle that is none of the step’s, and what cannot be read', function (array $value, string $says): void {
    $head = $this->aHead();
    maskOnShelf($this, 'First mask', 100);
    $shampoo = maskOnShelf($this, 'A shampoo', 100);
    $shampoo->update(['kind' => 'shampoo']);
    $day = maskDay($this, $head);
    $value = array_map(fn (mixed $of): mixed => $of === 'shampoo' ? $shampoo->id : $of, $value);
    $answer = tapsOf($this, $day, [['bottle', 'mask', $value]])->json('answers.0');
    expect($answer['answer'])->toBe($says === 'refused' ? 'refused' : 'unreadable')
        ->and(Product::query()->whereNotNull('recalled_on')->count())->toBe(0)
        ->and(Product::query()->where('left_ml', 200.0)->count())->toBe(2);
})->with([
    'of another kind' => [['product' => 'shampoo', 'why' => 'ran-out'], 'refused'],
    'unheard of' => [['product' => 'nothing', 'why' => 'smells-wrong'], 'refused'],
    'no reason' => [['product' => 'shampoo'], 'unreadable'],
    'a reason nobody has' => [['product' => 'shampoo', 'why' => 'whim'], 'unreadable'],
    'no bottle' => [['why' => 'ran-out'], 'unreadable'],
    'a list' => [['product' => ['a'], 'why' => 'ran-out'], 'unreadable'],
]);

it('empties the bottle a tablet saw, not the one another tablet took meanwhile', function (): void {
    $head = $this->aHead();
    [$first, $second, $third] = [
        maskOnShelf($this, 'First mask', 100), maskOnShelf($this, 'Second mask', 500), maskOnShelf($this, 'Third', 900),
    ];
    $day = maskDay($this, $head);
    $ranOut = fn (Product $to, mixed $from): array => ['bottle', 'mask', [
        'product' => $to->id, 'why' => 'ran-out', 'instead_of' => $from,
    ]];
    tapsOf($this, $day, [$ranOut($second, $first->id)], 'one');
    // Without a network the other tablet still saw the first.
    tapsOf($this, $day, [$ranOut($third, $first->id)], 'two');
    tapsOf($this, $day, [$ranOut($second, $second->id)], 'two');
    expect($first->refresh()->left_ml)->toBe(0.0)->and($first->moves()->count())->toBe(1)
        ->and($second->refresh()->left_ml)->toBe(200.0)->and($third->refresh()->left_ml)->toBe(200.0);
    // What is none of the step's is nobody's.
    tapsOf($this, $day, [$ranOut($third, 'nothing'), $ranOut($third, ['a'])], 'two');
    expect($second->refresh()->left_ml)->toBe(200.0);
});

it('takes a tap of it once, however often it is sent, and lives with a product deleted meanwhile', function (): void {
    $head = $this->aHead();
    $first = maskOnShelf($this, 'First mask', 100);
    $second = maskOnShelf($this, 'Second mask', 900);
    $day = maskDay($this, $head);
    $tap = ['device' => 'one', 'acts' => [[
        'key' => 'the-one', 'kind' => 'bottle', 'step' => 'mask', 'at' => now('UTC')->format('c'),
        'value' => ['product' => $second->id, 'why' => 'ran-out'],
    ]]];
    foreach ([1, 2] as $time) {
        $this->postJson("/clients/{$head->id}/wash/{$day->id}/acts", $tap)->assertOk();
    }
    expect($first->moves()->count())->toBe(1);
    $first->delete();
    $second->delete();
    tapsOf($this, $day, [['bottle', 'mask', ['product' => $first->id, 'why' => 'smells-wrong']], ['done', 'mask', []]]);
    $this->post("/clients/{$head->id}/wash/{$day->id}/finish", ['minutes' => ['mask' => '20']])->assertRedirect();
    $done = $head->washDays()->with('steps')->where('key', $day->refresh()->wash_day)->sole()->steps;
    expect($done->pluck('product')->all())->toBe(['First mask']);
});

it('keeps what it read of the bottles encrypted, for as long as nothing changes, and not beyond the client', function (): void {
    $head = $this->aHead();
    $mask = maskOnShelf($this, 'First mask', 100);
    $head->update(['allergies' => 'Parfum']);
    expect(app(WashDayBottles::class)->of($head->refresh())['mask']->product?->name)->toBe('First mask');
    $kept = Cache::get("shelf.{$head->id}.en");
    expect($kept)->toBeArray()->and(serialize($kept))->not->toContain('First mask')->not->toContain('Parfum');
    app(WashDayBottles::class)->of($head->refresh());
    expect(Cache::get("shelf.{$head->id}.en"))->toBe($kept);
    $changes = [
        fn () => $mask->update(['ingredients' => 'Aqua, Parfum']), fn () => $mask->update(['left_ml' => 150.0]),
        fn () => $mask->update(['recalled_on' => '2027-01-01']), fn () => $head->update(['allergies' => 'Linalool']),
        fn () => $head->zoneParts()->firstOrFail()->update(['porosity' => 'high', 'strand' => 'fine']),
        fn () => $this->travel(1)->days(),
    ];
    foreach ($changes as $i => $change) {
        $change();
        app(WashDayBottles::class)->of($head->refresh()->load('zoneParts'));
        expect(Cache::get("shelf.{$head->id}.en")['of'])->not->toBe($kept['of'], "change {$i}");
        $kept = Cache::get("shelf.{$head->id}.en");
    }
    ClientShelves::forget($head);
    expect(Cache::get("shelf.{$head->id}.en"))->toBeNull();
});

it('says how much of a bottle in the language of whoever reads, whoever read the bottles first', function (): void {
    $head = $this->aHead();
    maskOnShelf($this, 'First mask', 100)->forceFill(['pump_ml' => 2.0])->save();
    $says = function (string $language) use ($head): string {
        app()->setLocale($language);

        return (string) app(WashDayBottles::class)->of($head->refresh())['mask']->pumps;
    };
    expect($says('en'))->toContain('pump')
        ->and($says('es'))->toContain('pulsaci')
        ->and($says('en'))->toContain('pump');
    ClientShelves::forget($head);
    expect(Cache::get("shelf.{$head->id}.es"))->toBeNull();
});

it('says what is to be minded with another bottle, before it is chosen and after', function (): void {
    $head = $this->aHead();
    $head->update(['asthma_or_pregnant' => true, 'allergies' => 'wool wax']);
    maskOnShelf($this, 'First mask', 100);
    maskOnShelf($this, 'Lavender mask', 900, FIRST_MASK . ', Lavandula Angustifolia Oil, Linalool');
    $step = fn (): array => collect(maskDay($this, $head)->plan['steps'])->firstWhere('key', 'mask');
    expect($step()['product']['care'])->toBe('')->and($step()['others'][0]['name'])->toBe('Lavender mask')
        ->and($step()['others'][0]['care'])->toContain('ask a clinician first')
        ->toContain('Patch test 48 h before the first use: ');
});
