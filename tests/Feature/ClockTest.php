<?php

declare(strict_types=1);

use App\Drawings\HandsPicture;
use App\Models\Salon;
use App\Wording\Money;
use App\Wording\SalonClock;
use Carbon\CarbonImmutable;

it('reads times as they are typed, and none that is none', function (string $typed, ?int $minute): void {
    expect(SalonClock::typed($typed))->toBe($minute);
})->with([
    ['9', 540], ['09:05', 545], ['9.5', null], ['9.50', 590], ['930', 570], ['2359', 1439], ['24:00', null],
    ['12:60', null], ['', null], ['noon', null], ['-1', null], ['9h15', 555], [' 7:00 ', 420], ['12345', null],
]);

it('shows a minute of the day as a clock does', function (): void {
    expect(SalonClock::shown(0))
        ->toBe('0:00')
        ->and(SalonClock::shown(545))
        ->toBe('9:05')
        ->and(SalonClock::shown(1439))
        ->toBe('23:59');
});

it('knows the moment of a time in the salon, on each side of both changes of the clocks', function (string $zone, string $date, int $minute, ?string $utc): void {
    $salon = new Salon(['timezone' => $zone]);
    $moment = SalonClock::moment($salon, $date, $minute);
    expect($moment?->format('Y-m-d H:i'))->toBe($utc);
    if ($moment !== null) {
        expect(SalonClock::minute($salon, CarbonImmutable::parse($date), $moment))->toBe($minute);
    }
})->with([
    'winter' => ['Europe/Lisbon', '2027-01-09', 600, '2027-01-09 10:00'],
    'summer' => ['Europe/Lisbon', '2027-07-09', 600, '2027-07-09 09:00'],
    'skipped in the west' => ['Europe/Lisbon', '2027-03-28', 90, null],
    'skipped in the middle' => ['Europe/Berlin', '2027-03-28', 150, null],
    'just after the skip' => ['Europe/Berlin', '2027-03-28', 180, '2027-03-28 01:00'],
    'twice there in autumn, the second is meant' => ['Europe/Berlin', '2027-10-31', 150, '2027-10-31 01:30'],
    'a zone of half an hour' => ['Asia/Kolkata', '2027-03-28', 600, '2027-03-28 04:30'],
    'a southern summer' => ['Pacific/Auckland', '2027-01-09', 600, '2027-01-08 21:00'],
]);

it('takes a day that exists, and none that does not', function (): void {
    $salon = new Salon(['timezone' => 'Europe/Lisbon']);
    expect(SalonClock::day($salon, '2027-02-28')?->format('Y-m-d P'))
        ->toBe('2027-02-28 +00:00')
        ->and(SalonClock::day($salon, '2027-07-01')?->format('P'))
        ->toBe('+01:00')
        ->and(SalonClock::day($salon, '2027-02-29'))
            ->toBeNull()
            ->and(SalonClock::day($salon, 'tomorrow'))
            ->toBeNull()
            ->and(SalonClock::day($salon, ''))
            ->toBeNull();
});

it('shows money with its currency', function (): void {
    expect(Money::shown(8550, 'EUR'))
        ->toBe('€85.50')
        ->and(Money::shown(0, 'GBP'))
        ->toBe('£0.00')
        ->and(Money::shown(123456789, 'USD'))
        ->toBe('$1,234,567.89')
        ->and(Money::shown(655_000, 'JPY'))
        ->toBe('¥6,550')
        ->and(Money::currencies())->toHaveKeys(['EUR', 'GBP', 'USD', 'NGN', 'BRL', 'JPY'])
        // Nobody pays with marks any more.
        ->not->toHaveKey('DEM');
});

it('draws a day on each stylist’s hands, with names that do not run into one another', function (): void {
    $head = fn (string $id, string $label, float $from, float $until): array => [
        'id' => $id,
        'label' => $label,
        'class' => 'booked',
        'says' => '',
        'pieces' => [
            ['from' => $from, 'until' => $until, 'hands' => true],
            ['from' => $until, 'until' => $until + 10, 'hands' => false],
        ],
    ];
    $picture = HandsPicture::of(540, 1080, [
        [
            'name' => 'Ilse',
            'user' => 1,
            'spans' => [[540, 750], [795, 1080]],
            'heads' => [$head('b', 'Maximiliane', 560, 575), $head('a', 'Maximiliane', 540, 550)],
        ],
        ['name' => 'Quim', 'user' => 2, 'spans' => [[600, 1000]], 'heads' => []],
    ], 600);
    expect(array_column($picture->rows[0]['heads'], 'id'))->toBe(['a', 'b'])
        // The second name would run into the first: it stands below.
        ->and($picture->rows[0]['heads'][1]['labelY'])->toBeGreaterThan($picture->rows[0]['heads'][0]['labelY'])
        ->and($picture->rows[0]['off'])->toHaveCount(1)->and($picture->rows[1]['off'])->toHaveCount(2)
        ->and($picture->hours)->toHaveCount(10)->and($picture->hours[0]['word'])->toBe('9:00')
        ->and($picture->now)->toBe($picture->hours[1]['x'])
        ->and($picture->height)->toBeGreaterThan(150)
        ->and($picture->rows[0]['heads'][0]['pieces'][1]['hands'])->toBeFalse();
    expect(HandsPicture::of(540, 1080, [], 30)->now)
        ->toBeNull()
        ->and(HandsPicture::of(540, 1080, [], null)->now)
        ->toBeNull();
});

it('knows the day it is in the salon, late at night', function (): void {
    $salon = new Salon(['timezone' => 'Europe/Lisbon']);
    $this->travelTo(CarbonImmutable::parse('2027-07-09 23:30', 'UTC'));
    expect($salon->today()->format('Y-m-d'))->toBe('2027-07-10');
});
