<?php

declare(strict_types=1);

/* How a booked wash day is dried: chosen with it, reckoned with everywhere, with as much equipment as works. */

use App\Bridge\Scheduling\ServiceQuotes;
use App\Models\Booking;
use App\Models\Head;
use App\Models\PlanItem;
use App\Models\User;
use App\Models\Wait;
use Carbon\CarbonImmutable;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Scheduling\Appointment;
use Nagomi\Core\Scheduling\SalonDay;
use Nagomi\Core\Scheduling\Scheduler;
use Nagomi\Core\Scheduling\WorkSegment;
use Nagomi\Core\WashDay\DryingMethod;
use Tests\Feature\FeatureTestCase;

require_once __DIR__ . '/OpenSalon.php';

function washPage(Head $head, string $more = '', string $date = '2027-01-11'): string
{
    return "/bookings/new?head={$head->id}&service=" . service('Wash day')->id . "&date={$date}{$more}";
}

/** @return array<string, array{int, int}> minutes and free ones of each way the page shows */
function waysShown(FeatureTestCase $test, string $page): array
{
    preg_match_all(
        '/drying=([a-z-]+)"[^>]*>[^<]+<small>(\d+) min, hands free for (\d+)/',
        (string) $test->get($page)->assertOk()->getContent(),
        $found,
        PREG_SET_ORDER,
    );

    return array_combine(
        array_column($found, 1),
        array_map(static fn (array $way): array => [(int) $way[2], (int) $way[3]], $found),
    );
}

function stored(Head $head): Booking
{
    return Booking::query()->where('head_id', $head->id)->sole();
}

/**
 * So many work, and whoever opens a page next knows.
 *
 * @param array<string, int> $equipment
 */
function worksOf(FeatureTestCase $test, array $equipment): void
{
    $test->salon->update($equipment);
    $test->actingAs($test->stylist->fresh());
}

/** Other hands than the stylist's own. */
function otherHands(): User
{
    return User::query()->where('name', 'Quim')->firstOrFail();
}

it('books the way that was chosen, and everything after reckons with it', function (): void {
    openSalon($this);
    $head = $this->aHead();
    $ways = waysShown($this, washPage($head));
    expect(array_keys($ways))->toBe(['diffuse', 'air', 'hood', 'leaves-damp'])
        ->and($ways['diffuse'][1])->toBeLessThan($ways['hood'][1])
        ->and($ways['leaves-damp'][0])->toBeLessThan($ways['hood'][0])->toBeLessThan($ways['diffuse'][0]);
    $this->get(washPage($head, '&drying=hood'))
        ->assertSee("{$ways['hood'][0]} min")
        ->assertSee("For {$ways['hood'][1]} of them hands are free", false);
    $this->post('/bookings', ['drying' => 'hood'] + bookingForm($head, 'Wash day', '9:00'))
        ->assertSessionHasNoErrors()->assertRedirect();
    $booking = stored($head);
    expect($booking->drying)->toBe('hood')
        ->and($booking->minutes)->toBe($ways['hood'][0])
        ->and(array_column($booking->stretches, 'heat'))->toContain('hood');
    // The plan says the same of that day, and the wash day is laid out with it once it has come.
    $this->get(route('clients.now', $head))->assertOk();
    $item = PlanItem::query()->where('head_id', $head->id)->where('date', '2027-01-11')->sole();
    expect($item->parts['by'])->toBe('hood');
    $this->travelTo(CarbonImmutable::parse('2027-01-11 08:00', 'UTC'));
    $this->get("/clients/{$head->id}/wash")->assertSee('value="hood" selected', false);
    // Moved in the usual form it keeps its way; chosen otherwise it is quoted anew.
    $this->put("/bookings/{$booking->id}", [
        'sequence' => (string) $booking->refresh()->sequence, 'date' => '2027-01-11', 'time' => '9:30',
        'stylist' => (string) $this->stylist->id,
    ])->assertSessionHasNoErrors();
    $ways = waysShown($this, washPage($head));
    expect($booking->refresh()->drying)->toBe('hood')->and($booking->minutes)->toBe($ways['hood'][0]);
    $this->put("/bookings/{$booking->id}", [
        'sequence' => (string) $booking->sequence, 'date' => '2027-01-11', 'time' => '9:30',
        'stylist' => (string) $this->stylist->id, 'drying' => 'leaves-damp',
    ])->assertSessionHasNoErrors();
    expect($booking->refresh()->minutes)->toBe($ways['leaves-damp'][0])
        ->and(array_filter(array_column($booking->stretches, 'heat')))->not->toContain('hood');
    $this->get("/bookings/{$booking->id}")->assertSee('value="leaves-damp" selected', false);
    $this->put("/bookings/{$booking->id}", [
        'sequence' => (string) $booking->sequence, 'date' => '2027-01-11', 'time' => '9:30',
        'stylist' => (string) $this->stylist->id, 'drying' => '',
    ])->assertSessionHasNoErrors();
    expect($booking->refresh()->drying)->toBeNull()->and($booking->minutes)->toBe($ways['diffuse'][0]);
});

it('says which ways there are where none was chosen of them, and books nothing', function (string $wrong): void {
    openSalon($this);
    $head = $this->aHead();
    $this->from('/bookings/new')
        ->post('/bookings', ['drying' => $wrong] + bookingForm($head, 'Wash day', '9:00'))
        ->assertSessionHasErrors(['drying' => 'Drying: choose one of the ways shown.']);
    $this->from('/bookings/new')->post('/waits', [
        'head' => $head->id, 'service' => (string) service('Wash day')->id, 'until' => '2027-01-15', 'drying' => $wrong,
    ])->assertSessionHasErrors('drying');
    expect(Booking::query()->count() + Wait::query()->count())->toBe(0);
    // In an address it is no choice, and no error either.
    $this->get(washPage($head, '&drying=' . urlencode($wrong)))->assertOk();
})->with(['in the sun', "hood' or 1=1", '0']);

it('leaves nothing to choose of a day that is laid out by hand: it is dried as it is laid out', function (): void {
    openSalon($this);
    $head = $this->aHead();
    $this->get(route('clients.now', $head))->assertOk();
    $this->post("/clients/{$head->id}/wash", ['change' => '1'])->assertSessionHasNoErrors();
    $date = PlanItem::query()->where('head_id', $head->id)->where('status', 'planned')->orderBy('date')->value('date');
    $this->get(washPage($head, '&drying=hood', $date->format('Y-m-d')))->assertOk()
        ->assertDontSee('id="dryings"', false)
        ->assertDontSee('name="drying"', false);
    $this->get(washPage($this->aNewHead(), '', $date->format('Y-m-d')))->assertSee('id="dryings"', false);
});

it('dries no cut', function (): void {
    openSalon($this);
    $head = $this->aHead();
    $this->post('/bookings', ['drying' => 'hood'] + bookingForm($head, 'Dry cut', '9:00'))->assertSessionHasNoErrors();
    expect(stored($head)->drying)->toBeNull();
    $this->get("/bookings/new?head={$head->id}&service=" . service('Dry cut')->id . '&date=2027-01-11&drying=hood')
        ->assertDontSee('id="dryings"', false);
});

it('offers and takes no time at which every hood is taken', function (): void {
    openSalon($this);
    worksOf($this, ['hoods' => 1]);
    [$head, $other] = [$this->aHead(), $this->aNewHead()];
    $this->post('/bookings', ['drying' => 'hood'] + bookingForm($head, 'Wash day', '9:00'))->assertSessionHasNoErrors();
    $asked = fn (string $way): string => washPage($other, '&all=1&with=' . otherHands()->id . "&drying={$way}");
    $nine = '2027-01-11 9:00 ' . otherHands()->id;
    $this->get($asked('hood'))->assertDontSee($nine)->assertSee('2027-01-11 13:15 ' . otherHands()->id);
    $this->get($asked('leaves-damp'))->assertSee($nine);
    $this->from('/bookings/new')
        ->post('/bookings', ['drying' => 'hood'] + bookingForm($other, 'Wash day', '9:00', otherHands()))
        ->assertSessionHasErrors('time');
    worksOf($this, ['hoods' => 2]);
    $this->get($asked('hood'))->assertSee($nine);
    $this->post('/bookings', ['drying' => 'hood'] + bookingForm($other, 'Wash day', '9:00', otherHands()))
        ->assertSessionHasNoErrors();
    expect(Booking::query()->count())->toBe(2);
});

it('asks about who is booked under a hood where every hood broke, and another way to dry mends it', function (): void {
    openSalon($this);
    $head = $this->aHead();
    $this->post('/bookings', ['drying' => 'hood'] + bookingForm($head, 'Wash day', '9:00'))->assertSessionHasNoErrors();
    worksOf($this, ['hoods' => 0]);
    $this->get('/today?date=2027-01-11')->assertSee('booked for the hood dryer, but none works');
    $this->get(washPage($this->aNewHead(), '&drying=hood'))
        ->assertSee('No hood dryer works at present')
        ->assertDontSee('name="slot"', false);
    $booking = stored($head);
    $this->put("/bookings/{$booking->id}", [
        'sequence' => (string) $booking->sequence, 'date' => '2027-01-11', 'time' => '9:00',
        'stylist' => (string) $this->stylist->id, 'drying' => 'diffuse',
    ])->assertSessionHasNoErrors();
    $this->get('/today?date=2027-01-11')->assertDontSee('none works')->assertDontSee('No slot left');
});

it('asks about who is dried with the diffuser where every hand dryer broke, and about nobody else', function (): void {
    openSalon($this);
    [$head, $cut] = [$this->aHead(), $this->aNewHead()];
    $this->post('/bookings', bookingForm($head, 'Wash day', '9:00'))->assertSessionHasNoErrors();
    $this->post('/bookings', bookingForm($cut, 'Dry cut', '9:00', otherHands()))->assertSessionHasNoErrors();
    worksOf($this, ['dryers' => 0]);
    $page = (string) $this->get('/today?date=2027-01-11')->getContent();
    expect(substr_count($page, 'booked for the diffuser, but no hand dryer works'))->toBe(1)
        ->and($page)->not->toContain('No slot left');
    $this->get(washPage($cut))->assertSee('No hand dryer works at present')->assertDontSee('name="slot"', false);
    $this->get(washPage($cut, '&drying=air'))->assertDontSee('No hand dryer');
});

it('washes no more at once than there are basins', function (): void {
    openSalon($this);
    worksOf($this, ['basins' => 1]);
    $form = ['drying' => 'leaves-damp'];
    $this->post('/bookings', $form + bookingForm($this->aHead(), 'Wash day', '9:00'))->assertSessionHasNoErrors();
    $other = $this->aNewHead();
    $asked = washPage($other, '&drying=leaves-damp&all=1&with=' . otherHands()->id);
    $nine = 'value="2027-01-11 9:00 ' . otherHands()->id . '"';
    // Two alike begin at once only where the second waits a while for the basin, and the page says so.
    $this->get($asked)->assertSee("{$nine}  title=", false);
    worksOf($this, ['basins' => 2]);
    $this->get($asked)->assertSee("{$nine} >", false);
    worksOf($this, ['basins' => 0]);
    $this->get($asked)->assertDontSee('name="slot"', false);
    $this->from('/bookings/new')
        ->post('/bookings', $form + bookingForm($other, 'Wash day', '9:00', otherHands()))
        ->assertSessionHasErrors('time');
    $this->get('/today?date=2027-01-11')->assertSee('booked for a wash, but no basin works');
});

it('keeps how much equipment works, says what to type, and lets it go uncounted', function (string $of, string $sentence): void {
    openSalon($this);
    $form = fn (string $many): array => ['chairs' => '3', $of => $many, 'services' => []];
    $this->put('/salon/hours', $form('2'))->assertSessionHasNoErrors()->assertRedirect();
    expect($this->salon->refresh()->getAttribute($of))->toBe(2);
    foreach (['many', '-1', '41', '1.5'] as $wrong) {
        $this->from('/salon/hours')->put('/salon/hours', $form($wrong))
            ->assertSessionHasErrors([$of => "{$sentence}: type 0 to 40, or leave it empty."]);
    }
    // A page of before knows of none, and changes none.
    $this->put('/salon/hours', array_diff_key($form(''), [$of => true]))->assertSessionHasNoErrors();
    expect($this->salon->refresh()->getAttribute($of))->toBe(2);
    $this->put('/salon/hours', $form(''))->assertSessionHasNoErrors();
    expect($this->salon->refresh()->getAttribute($of))->toBeNull();
})->with([
    ['basins', 'Basins'], ['dryers', 'Hand dryers that work'], ['hoods', 'Hood dryers that work'],
]);

it('waits for a time under the hood, and books it so', function (): void {
    openSalon($this);
    $head = $this->aHead();
    $this->post('/waits', [
        'head' => $head->id, 'service' => (string) service('Wash day')->id, 'until' => '2027-01-15', 'drying' => 'hood',
    ])->assertSessionHasNoErrors();
    expect(Wait::query()->sole()->drying)->toBe('hood');
    $this->get('/today?date=2027-01-11')->assertSee('<input type="hidden" name="drying" value="hood">', false);
});

it('begins another client in between for a third of ordered pairs, or the page says why not', function (): void {
    openSalon($this);
    $heads = array_map(fn (int $i): Head => $i === 0 ? $this->aHead() : $this->aNewHead(), range(0, 3));
    $share = function (DryingMethod $drying) use ($heads): float {
        $work = array_map(fn (Head $head): array => app(ServiceQuotes::class)
            ->of($head, service('Wash day'), CarbonImmutable::parse('2027-01-11'), $drying)->stretches, $heads);
        $between = $pairs = 0;
        foreach ($work as $i => $one) {
            foreach ($work as $j => $other) {
                if ($i !== $j) {
                    $pairs++;
                    $between += beginsInBetween($one, $other) ? 1 : 0;
                }
            }
        }

        return $between / $pairs;
    };
    expect($share(DryingMethod::Hood))->toBeGreaterThanOrEqual(1 / 3);
    if ($share(DryingMethod::Diffuse) < 1 / 3) {
        $this->get(washPage($heads[0], '&drying=diffuse'))->assertSee('Under the hood hands would be free for');
    }
});

/**
 * @param non-empty-list<WorkSegment> $one
 * @param non-empty-list<WorkSegment> $other
 */
function beginsInBetween(array $one, array $other): bool
{
    $day = new SalonDay(['Ada' => [[480, 1380]]], 4, Parameters::shipped()->scheduling);
    $first = new Appointment('one', $one, 480, 480, 'Ada', 480);
    $line = Scheduler::of($day, [$first, new Appointment('other', $other, 485, null, 'Ada')]);

    return isset($line->placed['one'], $line->placed['other'])
        && $line->placed['one']->start() === 480
        && $line->placed['other']->start() < $line->placed['one']->finish;
}
