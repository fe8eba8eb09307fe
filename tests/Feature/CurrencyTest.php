<?php

declare(strict_types=1);

/* Salons that are paid in naira, yen, francs or dinars: what they ask is typed, kept and shown as they write it. */

use App\Bridge\Clients\HeadRecord;
use App\Bridge\Practice\PracticeVisits;
use App\Bridge\Scheduling\PricedVisits;
use App\Http\Requests\TypedMillilitres;
use App\Models\Booking;
use App\Models\PlayedCase;
use App\Models\Product;
use App\Wording\Money;
use App\Wording\TypedMoney;
use Illuminate\Http\UploadedFile;
use Nagomi\Core\Pricing\QuotedPrice;

require_once __DIR__ . '/OpenSalon.php';

it('reads a sum as it is written where it is paid', function (string $typed, string $currency, mixed $sum): void {
    expect(TypedMoney::from($typed, $currency))->toBe($sum);
})->with([
    ['12500', 'NGN', 12_500], ['12,500', 'NGN', 12_500], ['₦12,500.50', 'NGN', 12_500.5],
    ['1.250.000', 'COP', 1_250_000],
    ['1.250,50', 'EUR', 1250.5], ['12,50', 'EUR', 12.5], ['0.500', 'EUR', 0.5], ['65 €', 'EUR', 65], ['-5', 'EUR', -5],
    ['R 95,50', 'ZAR', 95.5], ['15 000 F CFA', 'XOF', 15_000], ["1'200.50", 'CHF', 1200.5], ['Ksh 1 200', 'KES', 1200],
    // Three decimals are the dinar's own.
    ['12.500', 'KWD', 12.5], ['12.500', 'JPY', 12_500],
    [' ', 'EUR', null], ['dear', 'EUR', 'dear'], ['5 kg', 'EUR', '5 kg'], ['1e5', 'EUR', '1e5'],
    ['1,2,3', 'EUR', '1,2,3'],
]);

it('reads a size as it stands on the label', function (string $typed, mixed $ml): void {
    expect(TypedMillilitres::from($typed))->toBe($ml);
})->with([
    ['250', 250], ['500 ml', 500.0], ['1 L', 1000.0], ['1,5l.', 1500.0], ['25 cl', 250.0], ['8.5 fl. oz.', 251.4],
    ['16 FL OZ', 473.2], ['a litre', 'a litre'], ['l', 'l'], ['', null],
]);

it('lets a salon choose any currency that is paid with today', function (): void {
    expect(Money::currencies())->toHaveKeys(['JPY', 'XOF', 'KWD', 'CLP', 'ISK']);
});

it('takes a cut for twenty-five thousand naira, however it is written', function (): void {
    openSalon($this);
    $this->salon->update(['currency' => 'NGN']);
    $this->actingAs($this->stylist->fresh());
    $service = service('Dry cut');
    $typed = fn (string $price): array => ['chairs' => '2', 'services' => [
        ['id' => (string) $service->id, 'name' => 'Dry cut', 'minutes' => '45', 'price' => $price],
    ]];
    $this->put('/salon/hours', $typed('₦25,000'))->assertSessionHasNoErrors();
    expect($service->refresh()->price_cents)->toBe(2_500_000);
    $this->get('/salon/hours')->assertSee('value="25000"', false);
    $this->put('/salon/hours', $typed('25,000,000'))
        ->assertSessionHasErrors(['services.0.price' => 'Price: type 0 to 10,000,000, such as 65.']);
    expect($service->refresh()->price_cents)->toBe(2_500_000);
});

it('weighs what a treatment costs in the money of the salon', function (): void {
    openSalon($this);
    $head = $this->aHead();
    $this->salon->update(['currency' => 'NGN']);
    $this->actingAs($this->stylist->fresh());
    $hours = fn (string $price) => $this->put('/salon/hours', ['chairs' => '2', 'services' => [
        [
            'id' => (string) service('Wash day')->id, 'name' => 'Wash day', 'minutes' => '120', 'price' => $price,
            'is_wash_day' => '1',
        ],
    ]])->assertSessionHasNoErrors();
    $head->forceFill(['outlook_due_from' => null])->save();
    $hours('15,000');
    expect($this->salon->refresh()->price_level)->toBe(100)
        ->and($head->refresh()->outlook_due_from)->not->toBeNull();
    $this->actingAs($this->stylist->fresh())->get("/clients/{$head->id}/plan/terms")
        ->assertSee('placeholder="300"', false);
    expect(app(HeadRecord::class)->terms($head->refresh())->priceLevel)->toBe(100);
    // A new price list in the same money changes no plan.
    $head->forceFill(['outlook_due_from' => null])->save();
    $hours('21,500');
    expect($this->salon->refresh()->price_level)->toBe(100)->and($head->refresh()->outlook_due_from)->toBeNull();
});

it('books a visit whose price would be larger than any sum for the largest there is', function (): void {
    openSalon($this);
    expect(QuotedPrice::MOST_CENTS)->toBe(100 * Money::MOST);
    $most = (string) Money::MOST;
    $this->put('/salon/hours', ['chairs' => '2', 'services' => [[
        'id' => (string) service('Wash day')->id, 'name' => 'Wash day', 'minutes' => '10', 'price' => $most,
        'quarter' => $most, 'long_from' => '1', 'step' => $most, 'is_wash_day' => '1',
    ]]])->assertSessionHasNoErrors();
    $head = $this->aHead();
    $head->update(['length_mm' => 1200]);
    $this->post('/bookings', bookingForm($head, 'Wash day', '9:00'))->assertSessionHasNoErrors();
    $booking = Booking::query()->latest('id')->firstOrFail();
    expect($booking->price_cents)->toBe(QuotedPrice::MOST_CENTS);
    $this->get("/bookings/{$booking->id}")->assertOk()->assertSee('10,000,000.00');
});

it('reads the prices of a table of products as those that are typed', function (): void {
    $this->salon->update(['currency' => 'NGN']);
    $this->actingAs($this->stylist->fresh());
    $table = "name,kind,price\nSea foam,shampoo,\"12,500\"\nAnchor,mask,8500.50\n";
    $this->post('/products/import', ['file' => UploadedFile::fake()->createWithContent('products.csv', $table)])
        ->assertSessionHasNoErrors();
    $prices = Product::query()->orderBy('price_cents')->pluck('price_cents')->all();
    expect($prices)->toBe([850_050, 1_250_000]);
    // What goes out comes in again as it was.
    $out = $this->get('/products.csv')->streamedContent();
    Product::query()->delete();
    $this->post('/products/import', ['file' => UploadedFile::fake()->createWithContent('products.csv', $out)]);
    expect(Product::query()->orderBy('price_cents')->pluck('price_cents')->all())->toBe($prices);
});

it('plays practice in the money of the salon', function (): void {
    $this->salon->update(['currency' => 'NGN', 'price_level' => 100]);
    $this->actingAs($this->stylist->fresh())->post('/practice', ['case' => 'child-with-knots']);
    $played = PlayedCase::query()->sole();
    $units = app(PracticeVisits::class)->of($played)->budget['money'];
    $this->get("/practice/{$played->id}")->assertSee(Money::shown((int) round(10_000 * $units), 'NGN'));
});

it('asks whole yen, and takes whole yen off', function (): void {
    openSalon($this);
    $this->salon->update(['currency' => 'JPY', 'tax_hundredths' => 1000, 'tax_added' => false]);
    $this->actingAs($this->stylist->fresh());
    service('Dry cut')->update(['price_cents' => 655_000]);
    $this->post('/bookings', bookingForm($this->aHead(), 'Dry cut', '9:00'))->assertSessionHasNoErrors();
    $booking = Booking::query()->latest('id')->firstOrFail();
    $bill = fn (array $typed) => $this->put("/bookings/{$booking->id}/bill", $typed + [
        'price' => '', 'discount' => '', 'discount_because' => '', 'deposit' => '', 'deposit_state' => 'asked',
        'sequence' => (string) $booking->refresh()->sequence,
    ]);
    $bill(['price' => '6550.50'])
        ->assertSessionHasErrors(['price' => 'JPY has no smaller coin: type a whole number, without decimals.']);
    $bill(['discount' => '0.5'])->assertSessionHasErrors('discount');
    $bill(['price' => '6,555', 'discount' => '15 %'])->assertSessionHasNoErrors();
    $paid = PricedVisits::bill($booking->refresh(), $this->salon->refresh());
    // 15 % of 6555 is 983.25; a tenth in 5572 is 506.5….
    expect([$paid->discountCents, $paid->dueCents, $paid->taxCents])->toBe([98_300, 557_200, 50_700]);
    $this->get("/bookings/{$booking->id}")->assertSee('¥5,572')->assertDontSee('¥5,572.00')
        ->assertSee('name="price" type="text" value="6555"', false);
});

it('keeps a dinar to its hundredth, and says so of what is smaller', function (): void {
    $this->salon->update(['currency' => 'KWD']);
    $this->actingAs($this->stylist->fresh());
    $bottle = fn (string $price): array => [
        'name' => 'Sea foam', 'kind' => 'shampoo', 'size_ml' => '8.5 fl oz', 'price' => $price,
    ];
    $this->post('/products', $bottle('4.555'))
        ->assertSessionHasErrors(['price' => 'A price has at most two decimals: type it such as 65.50.']);
    $this->post('/products', $bottle('4.550'))->assertSessionHasNoErrors();
    $product = Product::query()->firstOrFail();
    expect([$product->price_cents, $product->size_ml])->toBe([455, 251.4]);
});
