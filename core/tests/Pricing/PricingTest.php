<?php

declare(strict_types=1);

/*
 * What a visit comes to, in whole cents. Beside the VAT fraction of a standard text and arithmetic of arbitrary
 * precision (bcmath), which knows nothing of ours.
 */

use Nagomi\Core\Pricing\Bill;
use Nagomi\Core\Pricing\Discount;
use Nagomi\Core\Pricing\ServicePrice;
use Nagomi\Core\Pricing\TaxRate;
use Nagomi\Core\Statistics\SeededRandom;

/** Half up, of a sum and a fraction in decimals of any length. */
function halfUp(string $number): int
{
    return (int) bcadd($number, '0.5', 0);
}

it('takes the tax out of a price that holds it by the VAT fraction: a sixth of it at 20 %', function (int $cents, int $tax): void {
    // The VAT fraction, rate / (100 + rate): HMRC, VAT guide (VAT Notice 700), on prices with tax in them; from memory.
    $bill = new Bill($cents, Discount::none(), new TaxRate(2000, false));
    expect($bill->taxCents)->toBe($tax)->and($bill->dueCents)->toBe($cents);
})->with([[6000, 1000], [12_000, 2000], [100, 17], [0, 0]]);

it('adds the tax to a price that does not hold it', function (): void {
    $bill = new Bill(5000, Discount::share(1000), new TaxRate(825, true), 2000);
    // 50.00 less 10 % is 45.00; 8.25 % of that is 3.7125.
    expect($bill->discountCents)->toBe(500)->and($bill->taxCents)->toBe(371)
        ->and($bill->dueCents)->toBe(4871)->and($bill->leftCents)->toBe(2871)->and($bill->backCents)->toBe(0);
});

it('is what arithmetic of any precision says, to the cent, whatever price, discount and rate', function (): void {
    $random = new SeededRandom(20_270_111);
    foreach (range(1, 3000) as $i) {
        $price = (int) floor($random->uniform() * 1_000_000);
        $share = (int) floor($random->uniform() * 10_001);
        $rate = (int) floor($random->uniform() * 10_001);
        $isAdded = $i % 2 === 0;
        $bill = new Bill($price, Discount::share($share), new TaxRate($rate, $isAdded));
        $discount = halfUp(bcdiv(bcmul((string) $price, (string) $share), '10000', 20));
        $named = (string) ($price - $discount);
        $tax = halfUp(bcdiv(bcmul($named, (string) $rate), $isAdded ? '10000' : (string) (10_000 + $rate), 20));
        expect($bill->discountCents)->toBe($discount, "{$price} {$share}")
            ->and($bill->taxCents)->toBe($tax, "{$price} {$share} {$rate}")
            ->and($bill->dueCents)->toBe((int) $named + ($isAdded ? $tax : 0));
    }
});

it('pays in whole sums where there is no smaller coin', function (): void {
    $random = new SeededRandom(20_261_202);
    foreach (range(1, 500) as $i) {
        $price = 100 * (int) floor($random->uniform() * 1_000_000);
        $share = (int) floor($random->uniform() * 10_001);
        $bill = new Bill($price, Discount::share($share), new TaxRate(1000, $i % 2 === 0), smallest: 100);
        $discount = 100 * halfUp(bcdiv(bcmul((string) $price, (string) $share), '1000000', 20));
        $tax = 100 * halfUp(bcdiv((string) ($price - $discount), $i % 2 === 0 ? '1000' : '1100', 20));
        expect([$bill->discountCents, $bill->taxCents])->toBe([$discount, $tax], "{$price} {$share}")
            ->and($bill->dueCents % 100)->toBe(0);
    }
});

it('takes no more off than the price, and says what is to be given back', function (): void {
    $bill = new Bill(3000, Discount::sum(5000), new TaxRate(2300, false), 1000);
    expect($bill->discountCents)->toBe(3000)->and($bill->dueCents)->toBe(0)->and($bill->taxCents)->toBe(0)
        ->and($bill->leftCents)->toBe(0)->and($bill->backCents)->toBe(1000);
});

it('asks more for whole quarters of an hour and begun five centimetres, and only where the salon wants', function (
    ServicePrice $price,
    int $minutes,
    ?int $lengthMm,
    int $cents,
): void {
    expect($price->of($minutes, $lengthMm)->cents)->toBe($cents);
})->with([
    'as the list says' => [new ServicePrice(8500, 120), 300, 900, 8500],
    'fourteen minutes more are none' => [new ServicePrice(8500, 120, 600), 134, null, 8500],
    'a quarter more' => [new ServicePrice(8500, 120, 600), 135, null, 9100],
    'an hour more' => [new ServicePrice(8500, 120, 600), 180, null, 10_900],
    'shorter is no cheaper' => [new ServicePrice(8500, 120, 600), 60, null, 8500],
    'as long as the base stands' => [new ServicePrice(8500, 120, null, 300, 400), 120, 300, 8500],
    'a millimetre more is begun' => [new ServicePrice(8500, 120, null, 300, 400), 120, 301, 8900],
    'two steps' => [new ServicePrice(8500, 120, null, 300, 400), 120, 400, 9300],
    'both' => [new ServicePrice(8500, 120, 600, 300, 400), 152, 340, 8500 + 1200 + 400],
    'nobody measured' => [new ServicePrice(8500, 120, null, 300, 400), 120, null, 8500],
]);

it('says that nobody measured the length only where it would count', function (): void {
    expect((new ServicePrice(8500, 120, null, 300, 400))->of(120, null)->isLengthUnknown)->toBeTrue()
        ->and((new ServicePrice(8500, 120, 600))->of(120, null)->isLengthUnknown)->toBeFalse()
        ->and((new ServicePrice(8500, 120, null, 300, 400))->of(120, 200)->isLengthUnknown)->toBeFalse();
});
