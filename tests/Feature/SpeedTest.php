<?php

declare(strict_types=1);

use App\Care\Shared\ActKey;
use App\Care\Shared\Lock;
use App\Care\Shared\Outcome;
use Illuminate\Support\Facades\DB;
use Nagomi\Core\Parameters\Parameters;

require_once __DIR__ . '/OpenSalon.php';

/** Queries that a page asks, whatever the number of heads. */
function queries(callable $page): int
{
    DB::flushQueryLog();
    DB::enableQueryLog();
    $page();
    $count = count(DB::getQueryLog());
    DB::disableQueryLog();

    return $count;
}

it('asks as many queries for thirteen heads as for one', function (): void {
    $this->aHead();
    $this->actingAs($this->stylist)->get('/clients');
    $one = queries(fn () => $this->get('/clients')->assertOk());
    foreach (range(1, 3) as $i) {
        $this->aHead('protein-sensitive');
        $this->aHead('growing-out-bleach');
    }
    expect(queries(fn () => $this->get('/clients')->assertOk()))->toBe($one)->and($one)->toBeLessThanOrEqual(5);
});

it('opens every page of a head with few queries, however long its history', function (string $page, int $most): void {
    $head = $this->aHead('growing-out-bleach');
    $this->actingAs($this->stylist)->get("/clients/{$head->id}{$page}");
    expect(queries(fn () => $this->get("/clients/{$head->id}{$page}")->assertOk()))->toBeLessThanOrEqual($most);
})->with([
    ['', 11], ['/plan', 14], ['/history/ledger', 8], ['/plan/terms', 6], ['/trends', 9], ['/hair-tests', 8],
    ['/wash-days', 9],
]);

it('asks as much for the times of a week that is full as for those of one booking', function (): void {
    openSalon($this);
    [$asking, $booked] = [$this->aHead(), $this->aHead('protein-sensitive')];
    $page = fn () => $this->get("/bookings/new?head={$asking->id}&date=2027-01-11")->assertOk();
    $this->post('/bookings', bookingForm($booked, 'Dry cut', '10:00'))->assertSessionHasNoErrors();
    $page();
    $one = queries($page);
    foreach (range(11, 17) as $day) {
        $form = bookingForm($booked, 'Dry cut', '14:00', null, "2027-01-{$day}");
        $this->post('/bookings', $form)->assertSessionHasNoErrors();
    }
    expect(queries($page))->toBe($one)->and($one)->toBeLessThanOrEqual(40);
});

/**
 * Fills the salon up to so many heads and three years of bookings, as rows; what is asked is what a morning asks, not
 * how they came there.
 */
function fillSalon(Tests\Feature\FeatureTestCase $test, int $heads, int $bookingsADay): void
{
    $first = $test->aHead();
    $outlook = (array) DB::table('outlooks')->where('head_id', $first->id)->first();
    $head = (array) DB::table('heads')->where('id', $first->id)->first();
    $ids = [$first->id];
    $heads_rows = $outlooks = $bookings = [];
    for ($i = 1; $i < $heads; $i++) {
        $ids[] = $id = sprintf('01hzzzzzzzzzzzzzzzzzzz%04d', $i);
        $heads_rows[] = ['id' => $id, 'name' => "Head {$i}"] + $head;
        $outlooks[] = ['head_id' => $id, 'drifts_on' => now()->addDays($i % 30)->format('Y-m-d')] + $outlook;
    }
    for ($day = 0; $day < 3 * 365; $day++) {
        for ($i = 0; $i < $bookingsADay; $i++) {
            $date = now()->subDays($day)->format('Y-m-d');
            $bookings[] = [
                'id' => sprintf('01hzzzzzzzzzzzz%06d%05d', $day, $i),
                'salon_id' => $test->salon->id,
                'head_id' => $ids[($day * 7 + $i) % count($ids)],
                'user_id' => $test->stylist->id,
                'service' => 'Dry cut',
                'is_wash_day' => 1,
                'date' => $date,
                'starts_at' => "{$date} " . sprintf('%02d:00:00', 10 + $i),
                'stretches' => '[]',
                'minutes' => 45,
                'price_cents' => 0,
                'status' => $day === 0 ? 'booked' : 'done',
                'changed_by' => 'Ilse',
            ];
        }
    }
    foreach (['heads' => $heads_rows, 'outlooks' => $outlooks, 'bookings' => $bookings] as $table => $rows) {
        foreach (array_chunk($rows, 400) as $some) {
            DB::table($table)->insert($some);
        }
    }
    foreach (range(1, 7) as $weekday) {
        App\Models\WorkingHours::query()->create([
            'salon_id' => $test->salon->id, 'user_id' => $test->stylist->id, 'weekday' => $weekday,
            'from_minute' => 540, 'until_minute' => 1080,
        ]);
    }
}

it('opens Today with 500 heads and three years as it does with one head', function (): void {
    fillSalon($this, 1, 0);
    $one = $this->stylist;
    $small = queries(fn () => $this->actingAs($one)->get('/today')->assertOk());
    [$this->salon, $this->stylist] = $this->salonWithStylist('big@test.example');
    fillSalon($this, 500, 8);
    $queries = queries(fn () => $this->actingAs($this->stylist)->get('/today')->assertOk());
    $times = ['one' => [], 'big' => []];
    // By turns, so that what else the machine does meanwhile falls on both.
    for ($i = 0; $i < 6; $i++) {
        foreach (['one' => $one, 'big' => $this->stylist] as $of => $stylist) {
            $this->actingAs($stylist);
            $start = hrtime(true);
            $this->get('/today')->assertOk();
            $times[$of][] = (hrtime(true) - $start) / 1e6;
        }
    }
    [$fast, $full] = [min($times['one']), min($times['big'])];
    // Eight rows instead of none, five hundred heads instead of one: what is more is the day itself, not the salon's
    // size.
    expect($queries)->toBeLessThanOrEqual($small + 5)->and($full / $fast)->toBeLessThan(6.0);
    fwrite(STDERR, sprintf("Today: %.0f ms with one head, %.0f ms with 500 and three years\n", $fast, $full));
});

it('lays out three stylists and twelve heads in a time that a morning has', function (): void {
    // A full day that keeps its promises: four heads to each stylist, one after the other, each with a mask that sits;
    // then three are late.
    $sittings = [];
    foreach ([1, 2, 3] as $stylist) {
        foreach ([540, 630, 760, 880] as $i => $at) {
            $sittings[] = new Nagomi\Core\Scheduling\Appointment(
                "{$stylist} {$i}",
                [new Nagomi\Core\Scheduling\WorkSegment(25, 20), new Nagomi\Core\Scheduling\WorkSegment(40)],
                $i === 1 ? $at + 15 : $at,
                $at,
                "stylist {$stylist}",
            );
        }
    }
    $day = new Nagomi\Core\Scheduling\SalonDay(
        ['stylist 1' => [[540, 1080]], 'stylist 2' => [[540, 1080]], 'stylist 3' => [[540, 1080]]],
        5,
        Parameters::shipped()->scheduling,
    );
    $times = [];
    for ($i = 0; $i < 3; $i++) {
        $start = hrtime(true);
        $line = Nagomi\Core\Scheduling\Scheduler::of($day, $sittings);
        $times[] = (hrtime(true) - $start) / 1e6;
    }
    expect($line->without())->toBe([]);
    // Held against what the same machine needs to plan one season, which is some 100 ms where 200 are asked for here.
    $start = hrtime(true);
    app(App\Bridge\Plans\Outlooks::class)->of($this->aHead());
    $season = (hrtime(true) - $start) / 1e6;
    fwrite(STDERR, sprintf("Hands line: %.0f ms for 3 stylists and 12 heads\n", min($times)));
    expect(min($times))->toBeLessThan(2 * $season);
});

it('lays out six stylists and thirty clients for the page, and finds the times of six such days', function (): void {
    $chance = new Nagomi\Core\Statistics\SeededRandom(5);
    $hours = $appointments = [];
    foreach (range(1, 6) as $stylist) {
        $hours["stylist {$stylist}"] = [[540, 750], [780, 1080]];
        $at = 540;
        for ($i = 0; $i < 5; $i++) {
            $late = $chance->happens(0.25) ? 5 * $chance->between(1, 8) : 0;
            $appointments[] = new Nagomi\Core\Scheduling\Appointment(
                "{$stylist} {$i}",
                [
                    new Nagomi\Core\Scheduling\WorkSegment(
                        15.0 + 5 * $chance->between(0, 3),
                        5.0 * $chance->between(2, 6),
                    ),
                    new Nagomi\Core\Scheduling\WorkSegment(10.0 + 5 * $chance->between(0, 3), 10),
                    new Nagomi\Core\Scheduling\WorkSegment(15),
                ],
                $at + $late,
                $at,
                "stylist {$stylist}",
                ownDelay: $late,
            );
            $at += 95 + 5 * $chance->between(0, 2);
        }
    }
    $day = new Nagomi\Core\Scheduling\SalonDay($hours, 8, Parameters::shipped()->scheduling);
    $asked = new Nagomi\Core\Scheduling\Appointment('new', [new Nagomi\Core\Scheduling\WorkSegment(45)], 540);
    $laid = $found = [];
    for ($round = 0; $round < 3; $round++) {
        $start = hrtime(true);
        $line = Nagomi\Core\Scheduling\Scheduler::of($day, $appointments);
        $laid[] = (hrtime(true) - $start) / 1e6;
        $start = hrtime(true);
        for ($i = 0; $i < 6; $i++) {
            $openings = Nagomi\Core\Scheduling\Openings::of($line, $asked);
        }
        $found[] = (hrtime(true) - $start) / 1e6;
    }
    $start = hrtime(true);
    app(App\Bridge\Plans\Outlooks::class)->of($this->aHead());
    $season = (hrtime(true) - $start) / 1e6;
    fwrite(STDERR, sprintf(
        'Hands line: %.0f ms for 6 stylists and 30 clients, at most %.0f min of waiting from the best; %.0f ms for '
            . "the times of six such days; a season %.0f ms\n",
        min($laid),
        $line->gapMinutes(),
        min($found),
        $season,
    ));
    expect(min($laid))->toBeLessThan(4 * $season)
        ->and(min($found))->toBeLessThan(2 * $season)
        ->and($openings)->not->toBe([])
        ->and($line->without())->toBe([]);
});

it('adds at most three milliseconds to a write with its key, its lock and its answer', function (): void {
    $head = $this->aHead();
    $protocol = app(App\Care\Shared\WriteProtocol::class);
    $write = fn (): int => Illuminate\Support\Facades\DB::table('heads')->where('id', $head->id)->update([
        'household' => random_int(1, 1_000_000),
    ]);
    $plain = $kept = [];
    for ($i = 0; $i < 60; $i++) {
        $start = hrtime(true);
        Illuminate\Support\Facades\DB::transaction($write);
        $plain[] = (hrtime(true) - $start) / 1e6;
        $start = hrtime(true);
        $key = ActKey::keyed('user 1', "POST {$i}", "key {$i}", str_repeat('w', 2000), 'clients.update');
        $protocol->once($key, Lock::head($head->id), function () use ($write): Outcome {
            $write();

            return Outcome::done(null, ['status' => 302, 'to' => '/clients', 'content' => '']);
        }, fn (array $answer): null => null);
        $kept[] = (hrtime(true) - $start) / 1e6;
    }
    sort($plain);
    sort($kept);
    // Of sixty each the sixth fastest: whatever else the machine is doing slows only some of them.
    fwrite(STDERR, sprintf("Write protocol: %.2f ms, the bare write %.2f ms\n", $kept[5], $plain[5]));
    // Three milliseconds where the machine is at rest; where it is not, the bare write says by how much all is slower.
    expect($kept[5] - $plain[5])->toBeLessThan(max(3.0, 8 * $plain[5]));
});
