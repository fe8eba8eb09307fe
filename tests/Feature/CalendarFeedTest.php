<?php

declare(strict_types=1);

use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\CalendarFeed;
use App\Models\Head;
use Carbon\CarbonImmutable;
use Sabre\VObject\Reader;
use Tests\Feature\FeatureTestCase;

function bookedAt(FeatureTestCase $test, Head $head, string $utc): Booking
{
    $booking = new Booking([
        'head_id' => $head->id,
        'user_id' => $test->stylist->id,
        'service' => 'Dry cut',
        'is_wash_day' => false,
        'date' => CarbonImmutable::parse($utc, 'UTC')->setTimezone('Europe/Lisbon')->format('Y-m-d'),
        'starts_at' => CarbonImmutable::parse($utc, 'UTC'),
        'stretches' => [],
        'minutes' => 45,
        'price_cents' => 0,
        'status' => BookingStatus::Booked,
        'changed_by' => 'Ilse',
    ]);
    $booking->forceFill(['salon_id' => $test->salon->id])->save();

    return $booking;
}

/** The calendar as python3-icalendar reads it: what each event says, by its key. */
function independently(string $ics): array
{
    $file = (string) tempnam(sys_get_temp_dir(), 'ics');
    file_put_contents($file, $ics);
    $read = 'import sys,json,icalendar;c=icalendar.Calendar.from_ical(open(sys.argv[1],"rb").read());'
        . 'print(json.dumps({str(e["UID"]):{"start":e["DTSTART"].dt.isoformat(),"end":e["DTEND"].dt.isoformat(),"status":str(e["STATUS"]),"sequence":int(e["SEQUENCE"]),"summary":str(e["SUMMARY"])} for e in c.walk("VEVENT")}))';
    $out = shell_exec('/usr/bin/python3 -c ' . escapeshellarg($read) . ' ' . escapeshellarg($file));
    unlink($file);

    return json_decode((string) $out, true, 32, JSON_THROW_ON_ERROR);
}

it('shows a stylist her bookings, updates what is moved and says what is cancelled', function (): void {
    $head = $this->aHead();
    $booking = bookedAt($this, $head, '2027-01-11 10:00');
    $this->actingAs($this->stylist)->post('/salon/calendar');
    $path = CalendarFeed::query()->sole()->path();
    auth()->logout();
    $first = $this->get($path)->assertOk()->assertHeader('Content-Type', 'text/calendar; charset=utf-8');
    $uid = "{$booking->id}@nagomi";
    expect(independently((string) $first->getContent())[$uid])->toBe([
        'start' => '2027-01-11T10:00:00+00:00', 'end' => '2027-01-11T10:45:00+00:00', 'status' => 'CONFIRMED',
        'sequence' => 0, 'summary' => "Dry cut: {$head->name}",
    ]);
    $this->travel(1)->hours();
    $booking->update([
        'starts_at' => CarbonImmutable::parse('2027-01-12 14:00', 'UTC'),
        'date' => '2027-01-12',
        'sequence' => 1,
    ]);
    $moved = independently((string) $this->get($path)->getContent());
    expect($moved)
        ->toHaveCount(1)
        ->and($moved[$uid]['start'])
        ->toBe('2027-01-12T14:00:00+00:00')
        ->and($moved[$uid]['sequence'])
        ->toBe(1);
    $this->travel(1)->hours();
    $booking->update(['status' => BookingStatus::Cancelled, 'sequence' => 2]);
    expect(independently((string) $this->get($path)->getContent())[$uid]['status'])->toBe('CANCELLED');
});

it('keeps ten o’clock at ten over both changes of the clocks', function (string $utc, string $there): void {
    $booking = bookedAt($this, $this->aHead(), $utc);
    $this->actingAs($this->stylist)->post('/salon/calendar');
    $ics = (string) $this->get(CalendarFeed::query()->sole()->path())->getContent();
    $start = new DateTimeImmutable(independently($ics)["{$booking->id}@nagomi"]['start']);
    expect($start->setTimezone(new DateTimeZone('Europe/Lisbon'))->format('Y-m-d H:i'))->toBe($there);
    // And as a second library reads it.
    $event = Reader::read($ics)->VEVENT;
    expect($event->DTSTART
        ->getDateTime()
        ->setTimezone(new DateTimeZone('Europe/Lisbon'))
        ->format('Y-m-d H:i'))->toBe($there);
    // Summer time in the European Union: last Sundays of March and October, 01:00 UTC (Directive 2000/84/EC).
})->with([
    ['2027-03-27 10:00', '2027-03-27 10:00'],
    ['2027-03-28 09:00', '2027-03-28 10:00'],
    ['2027-10-30 09:00', '2027-10-30 10:00'],
    ['2027-10-31 10:00', '2027-10-31 10:00'],
]);

it('shows a client her bookings and her wash days at home, and not what is done on them', function (): void {
    $head = $this->aHead();
    $other = $this->aHead('protein-sensitive');
    $booking = bookedAt($this, $head, '2027-01-13 10:00');
    bookedAt($this, $other, '2027-01-14 10:00');
    $items = $head->planItems()->where('status', 'planned')->get();
    $items[0]->forceFill(['date' => '2027-01-13'])->save();
    $this->actingAs($this->stylist)->post("/clients/{$head->id}/home-routine/calendar")->assertRedirect();
    auth()->logout();
    $ics = (string) $this->get(CalendarFeed::query()->sole()->path())->assertOk()->getContent();
    $events = independently($ics);
    expect($events)->toHaveKey("{$booking->id}@nagomi")->not->toHaveKey($items[0]->uid)->toHaveKey($items[1]->uid)
        ->and($events[$items[1]->uid]['start'])->toBe($items[1]->date->format('Y-m-d'))
        ->and($events["{$booking->id}@nagomi"]['summary'])->toBe('Dry cut: Ilse')
        ->and($ics)->not->toContain($other->name)->not->toContain('rotein')->not->toContain($head->name);
});

it('tells a calendar program that asks a thousand times that nothing is new', function (): void {
    $head = $this->aHead();
    bookedAt($this, $head, '2027-01-11 10:00');
    $this->actingAs($this->stylist)->post('/salon/calendar');
    $path = CalendarFeed::query()->sole()->path();
    auth()->logout();
    $etag = (string) $this->get($path)->headers->get('ETag');
    $this->get($path, ['If-None-Match' => $etag])->assertStatus(304)->assertNoContent(304);
    bookedAt($this, $head, '2027-01-12 10:00');
    $this->get($path, ['If-None-Match' => $etag])->assertOk();
    foreach (range(1, 120) as $i) {
        $last = $this->get($path, ['If-None-Match' => $etag])->status();
    }
    expect($last)->toBe(429);
    $this->get($path)->assertStatus(429)->assertHeader('Retry-After')->assertSee('Wait a minute');
});

it('opens to nobody who guesses, and to no old address', function (): void {
    $this->actingAs($this->stylist)->post('/salon/calendar');
    $old = CalendarFeed::query()->sole()->path();
    $this->post('/salon/calendar');
    $new = CalendarFeed::current(['user_id' => $this->stylist->id])->path();
    expect($new)->not->toBe($old);
    $this->get($old)->assertNotFound();
    $this->get($new)->assertOk();
    $this->get('/salon/messages')->assertSee($new)->assertDontSee($old);
    $this->delete('/salon/calendar');
    $this->get($new)->assertNotFound()->assertSee('not here any more');
    $this->get('/calendars/' . str_repeat('a', 48) . '.ics')->assertNotFound();
    $this->get('/calendars/short.ics')->assertNotFound();
    // The secret stands nowhere in the clear.
    expect(json_encode(
        Illuminate\Support\Facades\DB::table('calendar_feeds')->get(),
    ))->not->toContain(substr($new, 11, 48));
});

/**
 * What a calendar program of its own (calcurse) shows of it, a line an event.
 *
 * @return list<string> day, from, until and what, in the salon's time
 */
function shownByCalendarProgram(string $ics): array
{
    $folder = sys_get_temp_dir() . '/calendar-' . bin2hex(random_bytes(6));
    mkdir($folder);
    file_put_contents("{$folder}/feed.ics", $ics);
    $run = 'TZ=Europe/Lisbon LC_ALL=C.UTF-8 calcurse -C ' . escapeshellarg($folder) . ' -D ' . escapeshellarg($folder);
    shell_exec("{$run} -q -i " . escapeshellarg("{$folder}/feed.ics") . ' 2>&1');
    $lines = (string) shell_exec("{$run} -Q --filter-type cal --from 01/01/2027 --days 400"
        . " --format-apt '%(start:%F %H:%M) %(end:%H:%M) %m\\n' --format-event '%(start:%F) %m\\n'");
    exec('rm -rf ' . escapeshellarg($folder));
    $lines = array_map(trim(...), explode("\n", $lines));

    return array_values(array_filter($lines, static fn (string $line): bool => preg_match('/^\d{4}-/', $line) === 1));
}

it('is read by a calendar program of its own, over both changes of the clocks', function (): void {
    $head = $this->aHead();
    $head->update(['name' => 'Zoë, “Z”; née\\Backslash']);
    foreach (['2027-01-11 10:00', '2027-03-28 09:00', '2027-10-31 10:00'] as $utc) {
        bookedAt($this, $head, $utc);
    }
    $this->actingAs($this->stylist)->post('/salon/calendar');
    expect(shownByCalendarProgram((string) $this->get(CalendarFeed::query()->sole()->path())->getContent()))->toBe([
        '2027-01-11 10:00 10:45 Dry cut: Zoë, “Z”; née\\Backslash',
        '2027-03-28 10:00 10:45 Dry cut: Zoë, “Z”; née\\Backslash',
        '2027-10-31 10:00 10:45 Dry cut: Zoë, “Z”; née\\Backslash',
    ]);
});

it('has another tag after every change, however soon after another', function (): void {
    $head = $this->aHead();
    $booking = bookedAt($this, $head, '2027-01-11 10:00');
    $other = bookedAt($this, $head, '2027-01-11 14:00');
    $this->actingAs($this->stylist)->post('/salon/calendar');
    $this->post("/clients/{$head->id}/home-routine/calendar")->assertRedirect();
    $paths = CalendarFeed::query()->orderBy('id')->get()->map(fn (CalendarFeed $feed): string => $feed->path());
    auth()->logout();
    // The clock stands: what is told changes, and no second passes.
    $this->freezeTime();
    $tag = fn (string $path): string => (string) $this->get($path)->headers->get('ETag');
    $tags = fn (): array => $paths->map($tag)->all();
    $move = fn (string $utc, int $sequence) => fn () => $booking->update([
        'starts_at' => CarbonImmutable::parse($utc, 'UTC'), 'sequence' => $sequence,
    ]);
    $seen = [$tags()];
    $item = $head->planItems()->where('status', 'planned')->firstOrFail();
    foreach (
        [
            // Of both calendars, then of one of them.
            [$move('2027-01-11 11:00', 1), [0, 1]],
            [$move('2027-01-11 12:00', 2), [0, 1]],
            [fn () => $booking->update(['status' => BookingStatus::Cancelled]), [0, 1]],
            [fn () => $other->update(['minutes' => 60]), [0, 1]],
            [fn () => $other->delete(), [0, 1]],
            [fn () => $head->update(['name' => 'Aud']), [0, 1]],
            [fn () => $this->stylist->update(['name' => 'Ilse Moen']), [0, 1]],
            [fn () => $this->salon->update(['name' => 'Another house']), [0, 1]],
            [fn () => $item->forceFill(['minutes' => $item->minutes + 7])->save(), [1]],
        ] as $i => [$change, $of]
    ) {
        $change();
        $seen[] = $tags();
        foreach ([0, 1] as $feed) {
            $isNew = $seen[$i + 1][$feed] !== $seen[$i][$feed];
            expect($isNew)->toBe(in_array($feed, $of, true), "change {$i}, feed {$feed}");
        }
    }
    expect($tags())->toBe($seen[count($seen) - 1]);
});

it('ends a link after a year, and sooner where nothing fetches it', function (): void {
    $this->actingAs($this->stylist)->post('/salon/calendar');
    $feed = CalendarFeed::query()->sole();
    $this->get('/salon/messages')->assertSee('Works until 9 Jan 2028; sooner where nothing fetches it for 90 days.');
    $this->travel(89)->days();
    $this->get($feed->path())->assertOk();
    // Fetched now and then it goes on, to the year's end and no longer.
    foreach ([89, 89, 89] as $days) {
        $this->travel($days)->days();
        $this->get($feed->path())->assertOk();
    }
    $this->travel(8)->days();
    $this->get($feed->path())->assertOk();
    $this->travel(1)->days();
    $this->get($feed->path())->assertNotFound()->assertSee('This calendar is not here any more.');
    $this->actingAs($this->stylist)->get('/salon/messages')->assertOk()->assertDontSee($feed->path());
    // A new one, that nobody fetches, ends after ninety days.
    $this->post('/salon/calendar');
    $other = CalendarFeed::current(['user_id' => $this->stylist->id]);
    $this->travel(90)->days();
    expect($other)->not->toBeNull()->and(CalendarFeed::current(['user_id' => $this->stylist->id]))->toBeNull();
    $this->get($other->path())->assertNotFound();
});
