<?php

declare(strict_types=1);

/* The list of clients: who needs something first, filters that are kept, found by any part of a name or a number. */

use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\Head;
use App\Models\Outlook;
use App\Pages\Clients\ClientRow;
use App\Pages\Clients\ClientsScreen;
use App\Pages\Today\TodayScreen;
use Tests\Feature\FeatureTestCase;

require_once __DIR__ . '/OpenSalon.php';

/** @param array<string, mixed> $columns */
function named(FeatureTestCase $test, string $name, array $columns = [], ?string $driftsOn = null): Head
{
    $head = $test->aHead();
    $head->update(['name' => $name] + $columns);
    Outlook::query()->whereKey($head->id)->update(['drifts_on' => $driftsOn]);

    return $head;
}

/** @return array<string, string> what stands beside each name, in their order */
function listed(FeatureTestCase $test, string $search = '', string $show = 'all'): array
{
    $page = app(ClientsScreen::class)->of($test->salon->fresh(), $search, $show);

    return collect($page->rows)->mapWithKeys(
        static fn (ClientRow $row): array => [$row->head->name => trim("{$row->when} {$row->also}")],
    )->all();
}

beforeEach(function (): void {
    openSalon($this);
});

it('shows who needs something first, and why', function (): void {
    named($this, 'Anna in balance');
    named($this, 'Bea due', [], '2027-01-14');
    named($this, 'Cleo overdue', [], '2027-01-02');
    named($this, 'Dita later', [], '2027-01-17');
    named($this, 'Ella sore', ['sore_scalp' => true]);
    $booked = named($this, 'Fay booked', [], '2027-01-10');
    $this->post('/bookings', bookingForm($booked, 'Dry cut', '10:00'))->assertSessionHasNoErrors();
    $listed = listed($this);
    expect(array_slice(array_keys($listed), 0, 3))->toBe(['Ella sore', 'Cleo overdue', 'Bea due'])
        ->and($listed['Cleo overdue'])->toStartWith('out of balance since 2 Jan')
        ->and($listed['Bea due'])->toStartWith('out of balance by 14 Jan')
        ->and($listed['Fay booked'])->toStartWith('booked Mon 11 Jan')
        ->and($listed['Ella sore'])->toContain('look first: sore scalp')
        ->and($listed['Dita later'])->not->toContain('balance by');
    expect(array_keys(listed($this, '', 'due')))->toBe(['Cleo overdue', 'Bea due'])
        ->and(array_keys(listed($this, '', 'booked')))->toBe(['Fay booked'])
        ->and(array_keys(listed($this, '', 'sign')))->toBe(['Ella sore']);
    // Given up, or booked too late: due again.
    Booking::query()->update(['status' => BookingStatus::Cancelled]);
    expect(array_keys(listed($this, '', 'due')))->toBe(['Cleo overdue', 'Fay booked', 'Bea due']);
    Booking::query()->update(['status' => BookingStatus::Booked, 'date' => '2027-01-30']);
    expect(array_keys(listed($this, '', 'due')))->toContain('Fay booked');
});

it('rounds the minutes of the next wash as Plan and Wash do', function (): void {
    $head = named($this, 'Nia');
    $head->planItems()->where('status', 'planned')->orderBy('date')->firstOrFail()->update(['minutes' => 67.5]);
    expect(listed($this)['Nia'])->toEndWith('68 min');
});

it('calls those due whom Today calls due', function (BookingStatus $status, string $date, bool $isDue): void {
    $head = named($this, 'Bea due', [], '2027-01-14');
    $this->post('/bookings', bookingForm($head, 'Readings', '10:00'))->assertSessionHasNoErrors();
    Booking::query()->update(['status' => $status, 'date' => $date]);
    $drifting = app(TodayScreen::class)->of($this->salon->fresh(), $this->salon->fresh()->today())->drifting;
    expect(array_keys(listed($this, '', 'due')))->toBe($isDue ? ['Bea due'] : [])
        ->and($drifting)->toHaveCount($isDue ? 1 : 0);
})->with([
    'seen to this morning' => [BookingStatus::Done, '2027-01-09', false],
    'in the chair' => [BookingStatus::UnderWay, '2027-01-09', false],
    'booked on the last day of the week' => [BookingStatus::Booked, '2027-01-16', false],
    'booked a day later' => [BookingStatus::Booked, '2027-01-17', true],
    'seen to yesterday' => [BookingStatus::Done, '2027-01-08', true],
    'did not come' => [BookingStatus::NoShow, '2027-01-09', true],
]);

it('keeps the filter that was chosen, and takes no other', function (): void {
    named($this, 'Bea due', [], '2027-01-14');
    named($this, 'Anna in balance');
    $this->get('/clients')->assertSee('Bea due')->assertSee('Anna in balance')->assertSee('2 clients');
    $this->get('/clients?show=due')->assertSee('Bea due')->assertDontSee('Anna in balance');
    $this->get('/clients')->assertSee('Bea due')->assertDontSee('Anna in balance')->assertSee('One client');
    $this->get('/clients?search=anna')->assertSee('Anna in balance');
    $this->get('/clients?show=nonsense')->assertSee('Anna in balance');
    $this->get('/clients?show[]=due')->assertNotFound();
    $this->get('/clients?show=booked')->assertSee('Nobody is booked from today on.');
    $this->get('/clients?show=sign')->assertSee('No client has an open sign');
});

it('finds a client by any part of a name or of a phone number, however it is typed', function (string $search, array $found): void {
    named($this, 'Solvei Okonjo-Brandt', ['phone' => '+351 900 123 456']);
    named($this, 'Rui 100% Tanaka', ['phone' => '0044-20-7946-0123']);
    named($this, 'Noor', ['phone' => null]);
    expect(array_keys(listed($this, $search, 'due')))->toBe($found);
})->with([
    'in the middle' => ['njo', ['Solvei Okonjo-Brandt']],
    'a number' => ['900 123', ['Solvei Okonjo-Brandt']],
    'without spaces' => ['351900', ['Solvei Okonjo-Brandt']],
    'of another shape' => ['(20) 7946', ['Rui 100% Tanaka']],
    'in both' => ['0123', ['Rui 100% Tanaka', 'Solvei Okonjo-Brandt']],
    'two digits are a name' => ['12', []],
    'a sign of the search' => ['100%', ['Rui 100% Tanaka']],
    'none' => ['zzz', []],
]);

it('says what to do where there is nobody, and nothing of other salons', function (): void {
    [$other] = $this->salonWithStylist('maren@test.example');
    $this->aHead('mixed-porosity', $other)->update(['name' => 'A stranger', 'phone' => '+351 900 123 456']);
    $this->get('/clients')->assertSee('No clients yet.')->assertDontSee('A stranger');
    $this->get('/clients?search=900123')->assertSee('No client matches “900123”')->assertDontSee('A stranger');
});

it('shows forty at a time, those who need something on the first, and takes a page there is not for the last', function (): void {
    $one = $this->aHead();
    for ($n = 1; $n <= 83; $n++) {
        $head = $n === 1 ? $one : $one->replicate();
        $head->forceFill(['name' => sprintf('Client %02d', $n), 'red_sign' => $n === 83])->save();
    }
    $this->get('/clients')
        ->assertSee('Clients 1 to 40 of 83')
        ->assertSeeInOrder(['Client 83', 'Client 01', 'Client 39'])
        ->assertDontSee('Client 40')
        ->assertSee('Next clients')
        ->assertDontSee('Clients before');
    $this->get('/clients?page=3')
        ->assertSee('Clients 81 to 83 of 83')
        ->assertSee('Client 82')
        ->assertDontSee('Client 79')
        ->assertDontSee('Next clients');
    $this->get('/clients?page=99')->assertSee('Client 82');
    $this->get('/clients?page[]=2')->assertNotFound();
    $this->get('/clients?page=-1')->assertSee('Client 83');
    $this->get('/clients?search=client+8&page=1')->assertSee('Client 81')->assertSee('4 clients');
});
