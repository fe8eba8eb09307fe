<?php

declare(strict_types=1);

/* What a visit comes to: by the list, by minutes and length, with discount, deposit and tax, and what reports say. */

use App\Bridge\Scheduling\PricedVisits;
use App\Bridge\Scheduling\ServiceQuotes;
use App\Models\Booking;
use App\Models\DepositState;
use App\Models\Head;
use App\Models\Service;
use App\Pages\Reports\ReportPeriod;
use App\Pages\Reports\TimeReport;
use Carbon\CarbonImmutable;
use Nagomi\Core\WashDay\DryingMethod;
use Tests\Feature\FeatureTestCase;

require_once __DIR__ . '/OpenSalon.php';

function bookedCut(FeatureTestCase $test, Head $head, string $time = '9:00'): Booking
{
    $test->post('/bookings', bookingForm($head, 'Dry cut', $time))->assertSessionHasNoErrors()->assertRedirect();

    return Booking::query()->where('head_id', $head->id)->latest('id')->firstOrFail();
}

/** @param array<string, string> $typed */
function billed(FeatureTestCase $test, Booking $booking, array $typed): Booking
{
    $test->put("/bookings/{$booking->id}/bill", $typed + [
        'price' => '', 'discount' => '', 'discount_because' => '', 'deposit' => '', 'deposit_state' => 'asked',
        'sequence' => (string) $booking->refresh()->sequence,
    ])->assertSessionHasNoErrors()->assertRedirect("/bookings/{$booking->id}#price");

    return $booking->refresh();
}

it('asks more for minutes and length where the salon wants, and says what for before anybody books', function (): void {
    openSalon($this);
    $head = $this->aHead();
    $head->update(['length_mm' => 412]);
    service('Dry cut')->update([
        'quarter_cents' => 500, 'long_from_mm' => 350, 'step_cents' => 400, 'deposit_cents' => 1500,
    ]);
    // Eight cuts that took an hour and a half: the next is quoted longer than the usual 45 minutes.
    foreach (range(1, 8) as $i) {
        $starts = CarbonImmutable::parse("2026-12-{$i} 09:00", 'UTC');
        (new Booking())->forceFill([
            'salon_id' => $this->salon->id, 'head_id' => $head->id, 'user_id' => $this->stylist->id,
            'service' => 'Dry cut', 'is_wash_day' => false, 'date' => $starts->format('Y-m-d'), 'starts_at' => $starts,
            'stretches' => [], 'minutes' => 45, 'price_cents' => 4800, 'status' => 'done', 'changed_by' => 'Ilse',
            'begun_at' => $starts, 'ended_at' => $starts->addMinutes(90),
        ])->save();
    }
    $this->get("/bookings/new?head={$head->id}&service=" . service('Dry cut')->id . '&date=2027-01-11')
        ->assertSee('48.00 to 45 minutes')->assertSee('quarters of an hour more')
        ->assertSee('hair longer than 35 cm, 2 times')->assertSee('15.00 deposit is asked');
    $booking = bookedCut($this, $head);
    $quarters = intdiv($booking->minutes - 45, 15);
    expect($quarters)->toBeGreaterThan(0)
        ->and($booking->price_cents)->toBe(4800 + 500 * $quarters + 2 * 400)
        ->and($booking->deposit_cents)->toBe(1500)->and($booking->deposit)->toBe(DepositState::Asked);
});

it('asks nothing for minutes in which hair dries and hands are free', function (): void {
    openSalon($this);
    $head = $this->aHead();
    service('Wash day')->update(['minutes' => 30, 'quarter_cents' => 500]);
    $day = CarbonImmutable::parse('2027-01-11');
    $quote = fn (DryingMethod $drying) => app(ServiceQuotes::class)->of($head, service('Wash day'), $day, $drying);
    [$held, $air, $damp] = array_map($quote, [DryingMethod::Diffuse, DryingMethod::Air, DryingMethod::LeavesDamp]);
    expect($air->minutes)->toBeGreaterThan($damp->minutes + 15)
        ->and($air->price->quarters)->toBe($damp->price->quarters)
        ->and($held->price->quarters)->toBe(intdiv($held->minutes - 30, 15))
        ->and($held->price->quarters)->toBeGreaterThan($damp->price->quarters);
});

it('keeps discount, deposit and a price that was agreed, and says what is left to pay', function (): void {
    openSalon($this);
    $this->salon->update(['tax_hundredths' => 2300, 'tax_added' => false]);
    $this->actingAs($this->stylist->fresh());
    $booking = bookedCut($this, $this->aHead());
    billed($this, $booking, [
        'price' => '50,00', 'discount' => '10 %', 'discount_because' => 'First visit', 'deposit' => '20',
        'deposit_state' => 'paid',
    ]);
    $bill = PricedVisits::bill($booking, $this->salon);
    expect($booking->price_by_hand)->toBeTrue()->and($bill->discountCents)->toBe(500)
        // 45.00 with 23 % in it: 45 × 23/123 = 8.4146.
        ->and($bill->dueCents)->toBe(4500)->and($bill->taxCents)->toBe(841)->and($bill->leftCents)->toBe(2500);
    $this->get("/bookings/{$booking->id}")
        ->assertSeeInOrder([
            'Discount', '−€5.00', 'Comes to', '€45.00', 'Tax in it, 23 %', '€8.41', 'Left to pay', '€25.00',
        ])
        ->assertSee('As was agreed')->assertSee('First visit');
    // Without a price it is the list's again.
    billed($this, $booking, ['discount' => '5']);
    expect($booking->price_cents)->toBe(4800)->and($booking->price_by_hand)->toBeFalse()
        ->and($booking->discount_hundredths)->toBeNull()->and($booking->discount_cents)->toBe(500)
        ->and($booking->deposit_cents)->toBeNull()->and($booking->deposit)->toBeNull();
});

it('says what to type where a price cannot be, and keeps the one there was', function (array $typed, string $field, string $says): void {
    openSalon($this);
    $booking = bookedCut($this, $this->aHead());
    $this->from("/bookings/{$booking->id}")->put("/bookings/{$booking->id}/bill", $typed + [
        'sequence' => (string) $booking->sequence,
    ])->assertSessionHasErrors([$field => __("prices.wrong.{$says}", ['most' => '10,000,000'])]);
    expect($booking->refresh()->price_cents)->toBe(4800)->and($booking->discount_cents)->toBeNull()
        ->and($booking->deposit)->toBeNull();
})->with([
    'a word for a price' => [['price' => 'cheap'], 'price', 'price'],
    'a price below nothing' => [['price' => '-3'], 'price', 'price'],
    'more off than it costs' => [['price' => '40', 'discount' => '41'], 'discount', 'discount'],
    'more than all of it' => [['discount' => '101 %'], 'discount', 'discount'],
    'a discount that is none' => [['discount' => 'some'], 'discount', 'discount'],
    'a deposit above what it comes to' => [['discount' => '50 %', 'deposit' => '24.01'], 'deposit', 'deposit'],
    'a deposit kept of a visit to come' => [['deposit' => '20', 'deposit_state' => 'kept'], 'deposit_state', 'kept'],
    'a state that is none' => [['deposit' => '20', 'deposit_state' => 'lost'], 'deposit_state', 'state'],
]);

it('lets a price that was said stand when the list changes, and says what the list would say', function (): void {
    openSalon($this);
    $booking = bookedCut($this, $this->aHead());
    service('Dry cut')->update(['price_cents' => 5200]);
    $this->get("/bookings/{$booking->id}")->assertSee('By the list it would be €52.00 now');
    // A discount that is added meanwhile does not raise it.
    billed($this, $booking, ['price' => '48.00', 'discount' => '3']);
    expect($booking->price_cents)->toBe(4800)->and($booking->price_by_hand)->toBeTrue();
    billed($this, $booking, []);
    expect($booking->price_cents)->toBe(5200)->and($booking->price_by_hand)->toBeFalse();
    Service::query()->where('name', 'Dry cut')->delete();
    $this->get("/bookings/{$booking->id}")->assertOk()->assertDontSee('By the list it would');
    $this->put("/bookings/{$booking->id}/bill", ['sequence' => (string) $booking->sequence])
        ->assertSessionHasErrors(['price' => __('prices.wrong.no-list')]);
});

it('keeps the tax of its day with a visit, and reports add up to the cent', function (): void {
    openSalon($this);
    $this->salon->update(['tax_hundredths' => 2300]);
    $this->actingAs($this->stylist->fresh());
    $one = bookedCut($this, $this->aHead());
    $two = bookedCut($this, $this->aHead('protein-sensitive'), '11:00');
    billed($this, $two, ['deposit' => '20', 'deposit_state' => 'paid']);
    $this->travelTo(CarbonImmutable::parse('2027-01-11 13:00', 'UTC'));
    $this->post("/bookings/{$one->id}/notes", ['what' => 'through', 'sequence' => (string) $one->refresh()->sequence])
        ->assertSessionHasNoErrors()->assertRedirect();
    $this->post("/bookings/{$two->id}/notes", ['what' => 'no-show', 'sequence' => (string) $two->refresh()->sequence])
        ->assertSessionHasNoErrors()->assertRedirect();
    $this->get("/bookings/{$two->id}")->assertSee('say below whether it is kept or given back');
    billed($this, $two, ['deposit' => '20', 'deposit_state' => 'kept']);
    $this->salon->update(['tax_hundredths' => 600, 'tax_added' => true]);
    $report = app(TimeReport::class)->of(
        $this->salon->refresh(),
        ReportPeriod::asked($this->salon, '2027-01-11', '2027-01-11'),
    );
    // 48.00 with 23 % in it, whatever the rate is since.
    expect($report['rows'][0]['earned_cents'])->toBe(4800)->and($report['rows'][0]['tax_cents'])->toBe(898)
        ->and($report['kept_cents'])->toBe(2000)->and($report['missed'])->toBe(1);
    $this->actingAs($this->stylist->fresh())->get('/reports?from=2027-01-11&until=2027-01-11')
        ->assertSee('of which tax')->assertSee('€8.98')->assertSee('Deposits kept')->assertSee('€20.00');
    $csv = $this->get('/reports.csv?from=2027-01-11&until=2027-01-11')->getContent();
    expect($csv)->toContain('"Ilse, tax in it",8.98,EUR')->toContain('"deposits kept",20.00,EUR');
    // What stands again has its deposit paid, not kept.
    $this->post("/bookings/{$two->id}/notes", ['what' => 'again', 'sequence' => (string) $two->refresh()->sequence]);
    expect($two->refresh()->deposit)->toBe(DepositState::Paid);
});

it('adds tax that is not in the prices, at the booking and in the report', function (): void {
    openSalon($this);
    $this->salon->update(['tax_hundredths' => 825, 'tax_added' => true]);
    $this->actingAs($this->stylist->fresh());
    $head = $this->aHead();
    $this->get("/bookings/new?head={$head->id}&service=" . service('Dry cut')->id)
        ->assertSee('8.25 % tax is added, €51.96 in total');
    $booking = bookedCut($this, $head);
    $this->get("/bookings/{$booking->id}")->assertSeeInOrder(['Tax, 8.25 %', '€3.96', 'Comes to', '€51.96']);
    $this->travelTo(CarbonImmutable::parse('2027-01-11 10:00', 'UTC'));
    $this->post("/bookings/{$booking->id}/notes", ['what' => 'through', 'sequence' => (string) $booking->sequence]);
    $rows = app(TimeReport::class)
        ->of($this->salon->refresh(), ReportPeriod::asked($this->salon, '2027-01-11', '2027-01-11'))['rows'];
    expect($rows[0]['earned_cents'])->toBe(5196)->and($rows[0]['tax_cents'])->toBe(396);
});

it('keeps tax, deposits and prices by minutes and length with the services, and says what to type instead', function (): void {
    openSalon($this);
    $cut = service('Dry cut');
    $form = fn (array $service, array $more = []): array => [
        'chairs' => '3', 'tax' => '8,25', 'tax_added' => '1',
        'services' => ['s1' => $service + [
            'id' => (string) $cut->id, 'name' => 'Dry cut', 'minutes' => '45', 'price' => '48',
        ]],
    ] + $more;
    $this->put('/salon/hours', $form(['quarter' => '5,50', 'long_from' => '35', 'step' => '4', 'deposit' => '15']))
        ->assertSessionHasNoErrors()->assertRedirect();
    expect($this->salon->refresh()->tax_hundredths)->toBe(825)->and($this->salon->tax_added)->toBeTrue()
        ->and($cut->refresh()->only(['quarter_cents', 'long_from_mm', 'step_cents', 'deposit_cents']))
        ->toBe(['quarter_cents' => 550, 'long_from_mm' => 350, 'step_cents' => 400, 'deposit_cents' => 1500]);
    // A page from before there was more to say leaves it as it was.
    $this->actingAs($this->stylist->fresh())->put('/salon/hours', array_diff_key($form([]), ['tax' => 1]))
        ->assertSessionHasNoErrors();
    expect($cut->refresh()->quarter_cents)->toBe(550)->and($this->salon->refresh()->tax_hundredths)->toBe(825);
    $this->put('/salon/hours', $form(['quarter' => '', 'long_from' => '', 'step' => '', 'deposit' => '']))
        ->assertSessionHasNoErrors();
    expect($cut->refresh()->quarter_cents)->toBeNull()->and($cut->deposit_cents)->toBeNull();
    $wrong = fn (array $service, string $field, string $says, array $more = []) => $this->from('/salon/hours')
        ->put('/salon/hours', $more + $form($service))
        ->assertSessionHasErrors([$field => __("prices.salon.{$says}", ['most' => '10,000,000'])]);
    $wrong(['quarter' => '-1'], 'services.s1.quarter', 'quarter-wrong');
    $wrong(['quarter' => '', 'step' => '4', 'long_from' => ''], 'services.s1.long_from', 'long-wrong');
    $wrong(['quarter' => '', 'long_from' => '40'], 'services.s1.step', 'step-wrong');
    $wrong(['deposit' => 'all'], 'services.s1.deposit', 'deposit-wrong');
    $wrong([], 'tax', 'rate-wrong', ['tax' => '101']);
});

it('takes what was paid along where a salon takes its data away', function (): void {
    openSalon($this);
    $this->salon->update(['tax_hundredths' => 2300]);
    $this->actingAs($this->stylist->fresh());
    $booking = bookedCut($this, $this->aHead());
    billed($this, $booking, [
        'discount' => '10 %', 'discount_because' => 'Friend', 'deposit' => '20', 'deposit_state' => 'paid',
    ]);
    $file = tempnam(sys_get_temp_dir(), 'zip');
    file_put_contents($file, $this->get('/salon/data/salon.zip')->streamedContent());
    $zip = new ZipArchive();
    $zip->open($file);
    $table = array_map(str_getcsv(...), explode("\n", trim((string) $zip->getFromName('bookings.csv'))));
    unlink($file);
    $row = array_combine($table[0], $table[1]);
    expect(array_intersect_key($row, array_flip(['price', 'discount', 'due', 'tax_in_it', 'deposit', 'deposit_is'])))
        ->toBe([
            'price' => '48.00', 'discount' => '4.80', 'due' => '43.20', 'tax_in_it' => '8.08', 'deposit' => '20.00',
            'deposit_is' => 'paid',
        ]);
});
