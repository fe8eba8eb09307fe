<?php

declare(strict_types=1);

/* The bottle a wash day picks does what the step asks, and what was passed over is said. */

use App\Bridge\Plans\Outlooks;
use App\Bridge\Products\ChosenBottle;
use App\Bridge\WashDays\PlannedBottles;
use App\Bridge\WashDays\WashDayBottles;
use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\Head;
use App\Models\Product;
use App\Pages\HomeRoutine\HomeRoutines;
use Carbon\CarbonImmutable;
use Pest\Expectation;
use Tests\Feature\FeatureTestCase;

beforeEach(fn () => $this->actingAs($this->stylist));

/** @param array<string, mixed> $but */
function onTheShelf(FeatureTestCase $test, string $name, string $kind, string $ingredients, array $but = []): Product
{
    $test->post('/products', [
        'name' => $name, 'kind' => $kind, 'ingredients' => $ingredients, 'size_ml' => '500', 'price' => '9',
    ])->assertSessionHasNoErrors();
    $product = Product::query()->where('name', $name)->sole();
    $product->update($but + ['left_ml' => 400.0]);

    return $product;
}

/** @param list<array<string, mixed>> $steps of the next wash day */
function plannedAs(Head $head, array $steps): void
{
    $next = $head->planItems()->where('status', 'planned')->orderBy('date')->firstOrFail();
    $next->forceFill(['steps' => $steps])->save();
}

/** @return array<string, array<string, mixed>> by kind */
function picked(Head $head): array
{
    return array_filter(array_map(
        fn (ChosenBottle $bottle): ?array => $bottle->kept(),
        app(WashDayBottles::class)->of($head->refresh()),
    ));
}

it('says which kind the salon keeps none of, once it keeps any', function (): void {
    $head = $this->aHead();
    plannedAs($head, [
        ['kind' => 'cleanse', 'cleanse' => 'co-wash', 'passes' => 1], ['kind' => 'conditioner', 'minutes' => 3],
    ]);
    $this->get("/clients/{$head->id}/wash")->assertOk()->assertDontSee('Not on the shelf');
    onTheShelf($this, 'Slip', 'conditioner', 'Aqua, Cetearyl Alcohol, Behentrimonium Chloride, Glycerin');
    $this->get("/clients/{$head->id}/wash")->assertSee('Not on the shelf: co-wash.')->assertSee('Slip, about')
        ->assertDontSee('Not on the shelf: rinse-out conditioner.');
    foreach (['plan', 'wash'] as $page) {
        $this->get("/clients/{$head->id}/{$page}")->assertSee('Not on the shelf: co-wash.');
    }
});

it('says a patch test before what is new, where allergies are noted', function (
    ?string $allergies,
    string $ingredients,
    bool $isSaid,
): void {
    $head = $this->aHead();
    $head->update(['allergies' => $allergies]);
    plannedAs($head, [['kind' => 'conditioner', 'minutes' => 3]]);
    onTheShelf($this, 'Slip', 'conditioner', $ingredients);
    $said = fn (): array => [
        picked($head)['conditioner']['care'],
        app(PlannedBottles::class)->inSalon(
            $head->refresh(),
            $head->planItems()->where('status', 'planned')->orderBy('date')->firstOrFail(),
        )[0]['says'],
    ];
    $first = 'Patch test 48 h before the first use: Linalool.';
    foreach ($said() as $words) {
        $isSaid ? expect($words)->toContain($first) : expect($words)->not->toContain('Patch test');
    }
    $head->washDays()->orderByDesc('date')->firstOrFail()->steps()->create([
        'position' => 9, 'kind' => 'conditioner', 'minutes' => 3, 'product' => 'Slip',
    ]);
    foreach ($said() as $words) {
        expect($words)->not->toContain('Patch test');
    }
})->with([
    'noted, and it can sensitise' => ['wool wax', 'Aqua, Cetearyl Alcohol, Behentrimonium Chloride, Linalool', true],
    'noted, and it cannot' => ['wool wax', 'Aqua, Cetearyl Alcohol, Behentrimonium Chloride', false],
    'none noted' => [null, 'Aqua, Cetearyl Alcohol, Behentrimonium Chloride, Linalool', false],
]);

it('takes strong protein for strong protein, and a mask without any after it', function (): void {
    $head = $this->aHead();
    plannedAs($head, [
        ['kind' => 'cleanse', 'cleanse' => 'gentle', 'passes' => 1], ['kind' => 'strong-protein', 'minutes' => 10],
        ['kind' => 'mask', 'minutes' => 20],
    ]);
    onTheShelf($this, 'A mild rinse', 'protein', 'Aqua, Cetearyl Alcohol, Glycerin, Phenoxyethanol, Hydrolyzed Silk');
    onTheShelf($this, 'Keratin mask', 'mask', 'Aqua, Hydrolyzed Keratin, Cetearyl Alcohol');
    expect(picked($head))->not->toHaveKey('protein')->not->toHaveKey('mask');
    $this->get("/clients/{$head->id}/wash")->assertOk()
        ->assertSee('No bottle here does it: A mild rinse (its protein is too mild).')
        ->assertSee('Keratin mask (contains protein where there must be none)');
    onTheShelf($this, 'Strong treatment', 'protein', 'Aqua, Hydrolyzed Keratin, Cetearyl Alcohol');
    onTheShelf($this, 'Plain mask', 'mask', 'Aqua, Cetearyl Alcohol, Glycerin');
    $bottles = picked($head);
    expect($bottles['protein']['name'])->toBe('Strong treatment')
        ->and($bottles['mask']['name'])->toBe('Plain mask');
    $this->get("/clients/{$head->id}/wash")->assertSee('Strong treatment')->assertDontSee('No bottle here does it');
    // The other way round: mild is asked, strong is passed over.
    plannedAs($head, [
        ['kind' => 'cleanse', 'cleanse' => 'gentle', 'passes' => 1], ['kind' => 'mild-protein', 'minutes' => 5],
        ['kind' => 'mask', 'minutes' => 20],
    ]);
    expect(picked($head)['protein']['name'])->toBe('A mild rinse')
        ->and(isset(picked($head)['mask']))->toBeTrue();
});

it('passes over what is past its time or nearly empty, and says so', function (): void {
    $head = $this->aHead();
    plannedAs($head, [['kind' => 'cleanse', 'cleanse' => 'gentle', 'passes' => 1], ['kind' => 'leave-in']]);
    $old = onTheShelf($this, 'Old leave-in', 'leave-in', 'Aqua, Glycerin', [
        'opened_on' => '2025-01-01', 'months_open' => 6, 'price_cents' => 1,
    ]);
    onTheShelf($this, 'Empty jar', 'leave-in', 'Aqua, Glycerin', ['left_ml' => 3.0, 'price_cents' => 1]);
    onTheShelf($this, 'Fresh leave-in', 'leave-in', 'Aqua, Glycerin', ['price_cents' => 5000]);
    $bottle = picked($head)['leave-in'];
    expect($bottle['name'])->toBe('Fresh leave-in')->and($bottle['passed'])->toContain('Old leave-in (past its time)');
    Product::query()->where('name', 'Fresh leave-in')->delete();
    expect(picked($head))->not->toHaveKey('leave-in')
        ->and(app(WashDayBottles::class)->of($head)['leave-in']->missing)
        ->toContain('Old leave-in (past its time)')->toContain('Empty jar (too little left)');
    $old->update(['opened_on' => null]);
    expect(picked($head)['leave-in']['name'])->toBe('Old leave-in');
});

it('takes minerals off only with what does, and cleanses gently with what is gentle', function (): void {
    $head = $this->aHead();
    onTheShelf($this, 'Plain clarifier', 'clarifier', 'Aqua, Sodium Laureth Sulfate, Sodium Chloride');
    plannedAs($head, [['kind' => 'cleanse', 'cleanse' => 'chelating', 'passes' => 1]]);
    expect(app(WashDayBottles::class)->of($head)['clarifier']->missing)->toContain('does not remove minerals');
    // One chelator keeps a bottle fresh; three are there for the minerals.
    onTheShelf($this, 'With EDTA', 'clarifier', 'Aqua, Sodium Laureth Sulfate, Disodium EDTA, Phenoxyethanol');
    expect(picked($head))->not->toHaveKey('clarifier');
    onTheShelf(
        $this,
        'Chelating clarifier',
        'clarifier',
        'Aqua, Sodium Laureth Sulfate, Disodium EDTA, Sodium Phytate, Citric Acid, Phenoxyethanol',
        ['price_cents' => 9900],
    );
    expect(picked($head)['clarifier']['name'])->toBe('Chelating clarifier');
    plannedAs($head, [['kind' => 'cleanse', 'cleanse' => 'clarifying', 'passes' => 1]]);
    expect(picked($head)['clarifier']['name'])->toBe('Plain clarifier');
    onTheShelf($this, 'Harsh shampoo', 'shampoo', 'Aqua, Sodium Lauryl Sulfate, Sodium Chloride');
    plannedAs($head, [['kind' => 'cleanse', 'cleanse' => 'gentle', 'passes' => 1]]);
    expect(picked($head))->not->toHaveKey('shampoo');
    onTheShelf($this, 'Soft shampoo', 'shampoo', 'Aqua, Decyl Glucoside, Glycerin');
    expect(picked($head)['shampoo']['name'])->toBe('Soft shampoo');
});

/**
 * A wash day in the book that was done with a mask, and what came of it.
 *
 * @param int $points of 10, what was read once styled
 */
function washedWith(FeatureTestCase $test, Head $head, int $daysAgo, string $mask, int $points): void
{
    $date = $test->salon->today()->subDays($daysAgo)->format('Y-m-d');
    $test->post("/clients/{$head->id}/wash-days", [
        'date' => $date, 'place' => 'salon', 'cleanse' => 'gentle', 'passes' => '1', 'conditioning' => 'mask',
        'conditioning_minutes' => '20', 'tool' => 'comb', 'detangling' => 'wet-with-slip',
        'conditioning_product' => $mask,
    ])->assertSessionHasNoErrors();
    $result = array_fill_keys(['definition', 'clumping', 'softness', 'shine', 'volume'], (string) $points)
        + ['frizz' => (string) (10 - $points)];
    $test->post("/clients/{$head->id}/hair-tests", [
        'date' => $date, 'moment' => 'after-styling', 'zone' => '', 'raw' => ['result' => $result],
    ])->assertSessionHasNoErrors();
}

function bookedToday(FeatureTestCase $test, Head $head): Booking
{
    $today = $test->salon->today()->format('Y-m-d');
    $booking = new Booking([
        'head_id' => $head->id, 'user_id' => $test->stylist->id, 'service' => 'Wash day', 'is_wash_day' => true,
        'date' => $today, 'starts_at' => CarbonImmutable::parse("{$today} 15:00", 'UTC'), 'stretches' => [],
        'minutes' => 90, 'price_cents' => 0, 'status' => BookingStatus::Booked, 'changed_by' => 'Ilse',
    ]);
    $booking->forceFill(['salon_id' => $head->salon_id])->save();

    return $booking;
}

it('takes the bottle that went with the best wash days, or one that is like it, and says so', function (): void {
    $head = $this->aHead();
    $plain = 'Aqua, Cetearyl Alcohol, Glycerin, Behentrimonium Chloride, Phenoxyethanol';
    $rich = 'Aqua, Butyrospermum Parkii Butter, Cocos Nucifera Oil, Cetearyl Alcohol, Phenoxyethanol';
    onTheShelf($this, 'Cheap mask', 'mask', $plain, ['price_cents' => 100]);
    $loved = onTheShelf($this, 'Loved mask', 'mask', $rich, ['price_cents' => 900]);
    onTheShelf($this, 'Twin mask', 'mask', $rich, ['price_cents' => 1900]);
    $mask = [['kind' => 'cleanse', 'cleanse' => 'gentle', 'passes' => 1], ['kind' => 'mask', 'minutes' => 20]];
    $picks = function () use ($head, $mask): array {
        app(Outlooks::class)->current($head->refresh());
        plannedAs($head, $mask);

        return picked($head)['mask'];
    };
    expect($picks())->toMatchArray([
        'name' => 'Cheap mask', 'because' => 'Chosen because a wash with it costs least.',
    ]);
    foreach ([40, 33, 26] as $i => $ago) {
        washedWith($this, $head, $ago, 'Cheap mask', 3 + $i);
    }
    // Three days say nothing yet.
    expect($picks()['name'])->toBe('Cheap mask');
    washedWith($this, $head, 19, 'Loved mask', 9);
    washedWith($this, $head, 12, 'Loved mask', 8);
    expect($picks())->toMatchArray([
        'name' => 'Loved mask', 'because' => 'Chosen because it was part of 2 of the 2 best wash days.',
    ]);
    $this->get("/clients/{$head->id}/wash")->assertSee('it was part of 2 of the 2 best wash days');
    $loved->update(['recalled_on' => '2027-01-01', 'recalled_because' => 'glass']);
    expect($picks())->toMatchArray([
        'name' => 'Twin mask', 'because' => 'Chosen because it is most like what was part of the best wash days.',
    ])->and($picks()['passed'])->toContain('Loved mask (recalled)');
});

it('says the same on plan, wash, booking, products and at home, and what is missing on each', function (): void {
    $head = $this->aHead();
    onTheShelf($this, 'Mild rinse', 'protein', 'Aqua, Cetearyl Alcohol, Glycerin, Phenoxyethanol, Hydrolyzed Silk');
    onTheShelf($this, 'Plain mask', 'mask', 'Aqua, Cetearyl Alcohol, Glycerin');
    onTheShelf($this, 'No list mask', 'mask', '', ['price_cents' => 1]);
    $today = $this->salon->today()->format('Y-m-d');
    app(Outlooks::class)->current($head->refresh());
    plannedAs($head, [
        ['kind' => 'cleanse', 'cleanse' => 'gentle', 'passes' => 1], ['kind' => 'strong-protein', 'minutes' => 10],
        ['kind' => 'mask', 'minutes' => 20],
    ]);
    $next = $head->planItems()->where('status', 'planned')->orderBy('date')->firstOrFail();
    $next->forceFill(['date' => $today])->save();
    $missing = 'No bottle here does it: Mild rinse (its protein is too mild).';
    $nearest = '~Nearest: Mild rinse; beside what is planned, (moisture \d+\.\d (higher|lower), )?protein \d+\.\d lower~';
    $booking = bookedToday($this, $head);
    foreach (['plan', 'wash', 'products', 'home-routine'] as $page) {
        $html = html_entity_decode((string) $this->get("/clients/{$head->id}/{$page}")->assertOk()->getContent());
        expect($html)->toContain('Plain mask');
        if ($page !== 'home-routine') {
            expect($html)->toContain($missing);
        }
        if (in_array($page, ['plan', 'wash'], true)) {
            expect($html)->toMatch($nearest);
        }
    }
    // A kind that the next wash day does not take is none of it.
    onTheShelf($this, 'Some co-wash', 'co-wash', 'Aqua, Cetearyl Alcohol, Glycerin');
    $html = (string) $this->get("/clients/{$head->id}/products")->getContent();
    $products = preg_replace('/\s+/', ' ', strip_tags($html));
    expect($products)->toContain('Plain mask next wash')->not->toContain('Some co-wash next wash');
    $this->get("/bookings/{$booking->id}")->assertOk()->assertSee('Plain mask')->assertSee($missing);
    $this->get("/clients/{$head->id}/wash")->assertSee('Not chosen: No list mask (no list of ingredients yet).');
    // What is done in the salon is no part of the routine at home.
    expect(array_column(app(HomeRoutines::class)->of($head->refresh())->days, 'date'))
        ->each(fn (Expectation $date): Expectation => $date->not->toEqual($this->salon->today()));
});

it('names what costs less and is like it, and what is not', function (): void {
    $dear = onTheShelf($this, 'Dear mask', 'mask', 'Aqua, Cetearyl Alcohol, Glycerin, Behentrimonium Chloride', [
        'price_cents' => 3000,
    ]);
    onTheShelf($this, 'Twin', 'mask', 'Aqua, Cetearyl Alcohol, Glycerin, Behentrimonium Chloride', ['price_cents' => 1500]);
    onTheShelf($this, 'Buttery', 'mask', 'Aqua, Butyrospermum Parkii Butter, Cetearyl Alcohol, Glycerin', [
        'price_cents' => 1000,
    ]);
    onTheShelf($this, 'Dearer', 'mask', 'Aqua, Cetearyl Alcohol, Glycerin', ['price_cents' => 3100]);
    onTheShelf($this, 'Conditioner', 'conditioner', 'Aqua, Cetearyl Alcohol, Glycerin', ['price_cents' => 100]);
    $page = $this->get("/products/{$dear->id}")->assertOk();
    $text = preg_replace('/\s+/', ' ', strip_tags((string) $page->getContent()));
    expect($text)->toContain('Cheaper and similar Twin: €3.00 a 100 mL, not €6.00; about as much moisture, slip')
        ->toMatch('/Cheaper but different Buttery: €2.00 a 100 mL, not €6.00; .*more .*sealing oil and butter/')
        ->not->toContain('Dearer')->not->toContain('Conditioner:');
});
