<?php

declare(strict_types=1);

/* A stylist falls ill: the whole day goes to other hands in one go, each client as near to the promise as there is. */

use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\Leave;
use App\Models\User;
use Carbon\CarbonImmutable;
use Tests\Feature\FeatureTestCase;

require_once __DIR__ . '/OpenSalon.php';

/** @return array{Booking, Booking, Booking} two of Ilse's, and one of Quim's in between */
function ilsesDay(FeatureTestCase $test): array
{
    $quim = User::query()->where('name', 'Quim')->sole();
    $booked = [];
    foreach (
        [
            ['mixed-porosity', '9:00', null], ['protein-sensitive', '11:00', null],
            ['growing-out-bleach', '9:00', $quim],
        ] as $i => [$example, $time, $who]
    ) {
        $head = $test->aHead($example);
        $head->update(['name' => ['Aud', 'Brit', 'Carla'][$i]]);
        $test->post('/bookings', bookingForm($head, 'Dry cut', $time, $who))->assertSessionHasNoErrors();
        $booked[] = Booking::query()->where('head_id', $head->id)->sole();
    }

    return $booked;
}

function isIll(FeatureTestCase $test, string $date = '2027-01-11'): void
{
    Leave::query()->create([
        'salon_id' => $test->salon->id, 'user_id' => $test->stylist->id, 'from' => $date, 'until' => $date,
        'because' => 'ill',
    ]);
}

/** @return list<string> what the page would send */
function handedOver(FeatureTestCase $test): array
{
    $page = $test->get("/today/handover?of={$test->stylist->id}&date=2027-01-11")->assertOk()->getContent();
    preg_match_all('/name="slots\[\]" value="([^"]+)"/', (string) $page, $slots);

    return $slots[1];
}

it('says on the day that somebody is away, and hands all over with one tap', function (): void {
    openSalon($this);
    [$aud, $brit, $carla] = ilsesDay($this);
    $this->get('/today?date=2027-01-11')->assertDontSee('is away, and clients are still booked');
    isIll($this);
    $this->get('/today?date=2027-01-11')->assertSee('Ilse is away, and clients are still booked')
        ->assertSee('Hand the day over');
    $this->get("/today/handover?of={$this->stylist->id}&date=2027-01-11")
        // Quim is busy from nine with Carla, 45 minutes and 5 for the tools.
        ->assertSeeInOrder(['9:00', 'Aud', 'to Quim at 9:50', '50 minutes later', '11:00', 'Brit', 'to Quim at 11:00']);
    $this->post('/today/handover', ['slots' => handedOver($this)])->assertSessionHasNoErrors()
        ->assertRedirect('/today?date=2027-01-11')
        ->assertSessionHas('said', '2 clients go to other hands. Not all of them want messages; tell those yourself.');
    $quim = User::query()->where('name', 'Quim')->sole();
    expect($aud->refresh()->user_id)->toBe($quim->id)->and($aud->starts_at->format('H:i'))->toBe('09:50')
        ->and($brit->refresh()->user_id)->toBe($quim->id)->and($brit->starts_at->format('H:i'))->toBe('11:00')
        ->and($carla->refresh()->sequence)->toBe(0);
    $this->get('/today?date=2027-01-11')->assertDontSee('is away, and clients are still booked');
    expect(handedOver($this))->toBe([]);
});

it('moves all or none, whatever happened meanwhile', function (Closure $meanwhile): void {
    openSalon($this);
    [$aud, $brit] = ilsesDay($this);
    isIll($this);
    $slots = handedOver($this);
    $meanwhile($this, $aud, $brit);
    $this->from('/today')->post('/today/handover', ['slots' => $slots])->assertSessionHasErrors();
    expect($aud->refresh()->user_id)->toBe($this->stylist->id)
        ->and($brit->refresh()->user_id)->toBe($this->stylist->id);
})->with([
    'the place was taken' => [fn ($test) => $test->post('/bookings', bookingForm(
        $test->aHead(),
        'Dry cut',
        '11:00',
        User::query()->where('name', 'Quim')->sole(),
    ))->assertSessionHasNoErrors()],
    'one of them was changed' => [fn ($test, $aud, $brit) => $brit->update(['sequence' => 7])],
    'the hour has gone by' => [fn ($test) => $test->travelTo(CarbonImmutable::parse('2027-01-11 10:30', 'UTC'))],
]);

it('leaves who sits in the chair where they sit, and says who finds no place', function (): void {
    openSalon($this);
    [$aud, $brit] = ilsesDay($this);
    $aud->update(['status' => BookingStatus::UnderWay, 'begun_at' => $aud->starts_at]);
    User::query()->where('name', 'Quim')->sole()->delete();
    $page = (string) $this->get("/today/handover?of={$this->stylist->id}&date=2027-01-11")
        ->assertSee('Brit')->assertSee('nobody has room on this day')->getContent();
    // The picture of the day shows all who come; the list those who are handed over.
    expect(preg_match('#<ul class="series">(.*?)</ul>#s', $page, $list))->toBe(1)->and($list[1])->not->toContain('Aud');
    expect(handedOver($this))->toBe([]);
});

it('says what to choose, and hands over nothing of another salon', function (): void {
    openSalon($this);
    [$aud] = ilsesDay($this);
    isIll($this);
    $slots = handedOver($this);
    foreach ([[], ['x'], ["{$aud->id} 0 9:50 999999"], ["{$aud->id} 0 25:00 {$this->stylist->id}"]] as $wrong) {
        $this->from('/today')->post('/today/handover', ['slots' => $wrong])->assertSessionHasErrors();
    }
    [, $other] = $this->salonWithStylist('maren@test.example');
    $this->actingAs($other)->from('/today')->post('/today/handover', ['slots' => $slots])->assertSessionHasErrors();
    $this->get("/today/handover?of={$this->stylist->id}")->assertNotFound();
    $this->get('/today/handover?of=0')->assertNotFound();
    expect($aud->refresh()->sequence)->toBe(0);
});
