<?php

declare(strict_types=1);

/* Names are hidden on every page there is, but for the forms in which they are typed; at the desk they are read. */

use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\Head;
use App\Wording\ClientName;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Route;
use Tests\Feature\FeatureTestCase;

require_once __DIR__ . '/OpenSalon.php';

/** Forms in which the name itself is typed, what is downloaded, and what is a client's own. */
const NAMES_STAND_IN = [
    'clients.edit', 'clients.contact', 'clients.erase', 'clients.pictures',
    'clients.record', 'clients.history.pdf', 'clients.history.json', 'clients.consent', 'clients.consent.form',
    'clients.parcel', 'clients.home-routine.pdf',
    'salon.data.archive', 'salon.data.cards', 'clients.trends.csv', 'clients.plan.calendar', 'reports.csv',
    'reminders.stop', 'storage.local',
];

/** A salon in which two clients with names of their own stand wherever a client can stand. */
function aFullHouse(FeatureTestCase $test): Head
{
    openSalon($test);
    [$one, $two] = [$test->aHead(), $test->aHead('protein-sensitive')];
    foreach ([[$one, 'Zephyrine Quillfeather'], [$two, 'Yorrick Quillfeather']] as [$head, $name]) {
        $head->update([
            'name' => $name, 'phone' => '+351 555 0177', 'reminded_by' => 'text', 'household' => 'the same',
        ]);
    }
    $two->update(['red_sign' => true]);
    foreach ([[$one, '9:00'], [$two, '11:00']] as [$head, $time]) {
        $test->post('/bookings', bookingForm($head, 'Dry cut', $time))->assertSessionHasNoErrors();
    }
    $missed = Booking::query()->where('head_id', $two->id)->sole();
    $missed->replicate()->forceFill([
        'date' => '2027-01-10', 'starts_at' => CarbonImmutable::parse('2027-01-10 11:00', 'UTC'),
        'status' => BookingStatus::NoShow, 'salon_id' => $test->salon->id,
    ])->save();
    $test->post('/waits', [
        'head' => $two->id, 'service' => (string) service('Dry cut')->id, 'with' => '', 'part' => '',
        'until' => '2027-01-20',
    ])->assertSessionHasNoErrors();
    $test->travelTo(CarbonImmutable::parse('2027-01-11 09:50', 'UTC'));
    Artisan::call('nagomi:remind');

    return $one;
}

/** @return array<string, string> every page there is, by the name of its route */
function everyPage(Head $head): array
{
    $is = [
        'head' => $head->id, 'booking' => Booking::query()->where('head_id', $head->id)->value('id'),
        'visit' => $head->visits()->first()->id, 'washDay' => $head->washDays->first()->key,
    ];
    $pages = [];
    foreach (Route::getRoutes() as $route) {
        preg_match_all('/\{(\w+)(?::\w+)?\??\}/', $route->uri(), $names);
        $name = (string) $route->getName();
        if (
            in_array('GET', $route->methods(), true) && in_array('auth', $route->gatherMiddleware(), true)
                && array_diff($names[1], array_keys($is)) === [] && ! in_array($name, NAMES_STAND_IN, true)
        ) {
            $pages[$name] = '/' . preg_replace_callback(
                '/\{(\w+)(?::\w+)?\??\}/',
                static fn (array $part): string => (string) $is[$part[1]],
                $route->uri(),
            );
        }
    }

    return $pages + [
        'booked for' => "/bookings/new?head={$head->id}&service=" . service('Dry cut')->id . '&date=2027-01-11',
        'the day' => '/today?date=2027-01-11', 'searched' => '/clients?search=Quill', 'yesterday' => '/today/end',
        'on the picture' => "/today/places?date=2027-01-12&head={$head->id}",
    ];
}

it('hides names and numbers on every page there is, and shows them at the desk', function (): void {
    $head = aFullHouse($this);
    $pages = everyPage($head);
    $named = fn (): array => array_keys(array_filter($pages, function (string $page): bool {
        $answer = $this->get($page);
        expect($answer->getStatusCode())->toBeIn([200, 302], $page);
        $shown = str_replace('search=Quill', '', (string) $answer->getContent());

        return preg_match('/Zephyrine|Quillfeather|Yorrick|555 0177/', $shown) === 1;
    }));
    $before = $named();
    expect(count($pages))->toBeGreaterThan(35)->and(count($before))->toBeGreaterThan(20);
    $this->put('/today/names')->assertRedirect();
    $this->actingAs($this->stylist->fresh());
    expect($named())->toBe([]);
    $this->get('/today?date=2027-01-11')->assertSee('Z. Q.')->assertSee('Y. Q.');
    // At the desk they are read, on that device alone.
    $this->put('/today/names', ['where' => 'desk'])->assertRedirect();
    expect($named())->toBe($before);
    $this->put('/today/names', ['where' => 'away'])->assertRedirect();
    expect($named())->toBe([]);
    $this->put('/today/names');
    $this->actingAs($this->stylist->fresh());
    expect($named())->toBe($before);
});

it('hides them in what is said of an act, and in what could not be', function (): void {
    $head = aFullHouse($this);
    $this->put('/today/names');
    $this->actingAs($this->stylist->fresh());
    $booking = Booking::query()->where('head_id', $head->id)->sole();
    foreach (
        [
            fn () => $this->post('/bookings', bookingForm($head, 'Readings', '15:00')),
            fn () => $this->from('/today')->post('/bookings', bookingForm($head, 'Readings', '15:00')),
            fn () => $this->put("/bookings/{$booking->id}", [
                'date' => '2027-01-11', 'time' => '14:00', 'stylist' => (string) $this->stylist->id,
                'sequence' => (string) $booking->refresh()->sequence,
            ]),
        ] as $act
    ) {
        $page = $this->followRedirects($act());
        expect(preg_match('/Zephyrine|Quillfeather/', (string) $page->getContent()))->toBe(0);
    }
});

it('keeps the first letter of each word of a name', function (string $name, string $letters): void {
    $this->stylist->update(['hides_names' => true]);
    $this->actingAs($this->stylist->fresh());
    expect(ClientName::shown($name))->toBe($letters);
})->with([
    ['Solvei Okonjo-Brandt', 'S. O. B.'], ['  élodie  ', 'É.'], ['李 小龍', '李. 小.'], ['', ''],
]);
