<?php

declare(strict_types=1);


/** What a head's stored days hold, to nine digits. */

use App\Bridge\Clients\RecordImporter;
use App\Bridge\Plans\Outlooks;
use App\Care\Readings\StylistBiasUpdate;
use App\Models\Head;
use App\Models\HeadSnapshot;
use App\Models\Outlook;
use App\Models\StylistBias;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Record\CareRecordReader;
use Nagomi\Core\Record\CareRecordWriter;

function storedDays(Head $head): array
{
    return $head->days()->orderBy('date')->get()->map(fn (HeadSnapshot $day): array => [
        $day->date->format('Y-m-d'), $day->sealed, $day->tight,
        array_map(
            fn (float $number): string => sprintf('%.6e', $number + 0.0),
            array_slice(array_values((array) unpack('e*', $day->state)), 0, 13),
        ),
    ])->all();
}

it('goes on from the day that changed and comes to the same as from the beginning', function (): void {
    $head = $this->aHead('growing-out-bleach');
    $date = now('Europe/Lisbon')->subDays(40)->format('Y-m-d');
    $kept = $head->days()->where('date', '<', $date)->orderByDesc('date')->first()->id;
    $this->actingAs($this->stylist)->post(
        "/clients/{$head->id}/hair-tests",
        [
            'date' => $date,
            'moment' => 'before-cleansing',
            'raw' => ['dryness' => ['points' => '6'], 'curl-memory' => ['points' => '4']],
        ],
    )->assertSessionHasNoErrors();
    $onward = storedDays($head);
    $standing = $head->outlook()->first()->standing;
    // What lies before the visit was left as it was stored.
    expect(HeadSnapshot::query()->whereKey($kept)->exists())->toBeTrue();
    app(Outlooks::class)->of($head->refresh());
    expect(HeadSnapshot::query()->whereKey($kept)->exists())->toBeFalse();
    $whole = storedDays($head);
    expect(array_column($onward, 0))->toBe(array_column($whole, 0));
    foreach ($whole as $i => [$day, , , $numbers]) {
        foreach ($numbers as $k => $number) {
            expect((float) $onward[$i][3][$k])->toEqualWithDelta((float) $number, 2e-4, $day);
        }
    }
    foreach ($head->outlook()->first()->standing as $s => $stratum) {
        expect($stratum['moisture'][0])->toEqualWithDelta($standing[$s]['moisture'][0], 0.11);
    }
});

it('reads no more of the past than it needs, however long it is', function (): void {
    $head = $this->aHead('growing-out-bleach');
    $rows = 0;
    DB::listen(function ($query) use (&$rows): void {
        if (
            preg_match('/from `(readings|wash_days|head_snapshots)`/', $query->sql) === 1
                && preg_match('/`date` *[<>]|limit|`was_read`|group by/', $query->sql) !== 1
        ) {
            $rows++;
        }
    });
    $this->actingAs($this->stylist)->post(
        "/clients/{$head->id}/hair-tests",
        [
            'date' => now('Europe/Lisbon')->format('Y-m-d'),
            'moment' => 'before-cleansing',
            'raw' => ['dryness' => ['points' => '4']],
        ],
    )->assertSessionHasNoErrors();
    expect($rows)->toBe(0);
});

it('lets the day move on without following the past again', function (): void {
    $head = $this->aHead();
    $stored = $head->days()->pluck('id')->all();
    $before = $head->outlook->standing[0]['moisture'][0];
    $this->travel(5)->days();
    app(Outlooks::class)->current($head->refresh()->load('salon', 'outlook'));
    expect($head->days()->pluck('id')->all())->toBe($stored)
        ->and($head->outlook()->first()->standing[0]['moisture'][0])->toBeLessThan($before);
});

it('keeps a wash day’s swim, heat, tight style and chemical service, and the wear they leave', function (): void {
    $head = $this->aHead();
    $wear = $head->outlook->standing[0]['wear'][0];
    $this->actingAs($this->stylist)->post("/clients/{$head->id}/wash-days", [
        'date' => now('Europe/Lisbon')->format('Y-m-d'), 'place' => 'home', 'tool' => '',
        'detangling' => 'wet-with-slip', 'heat_tool' => 'high', 'up_style' => 'tight', 'swim' => 'pool',
        'chemical' => '1', 'wetting' => '0',
    ])->assertSessionHasNoErrors();
    $kinds = $head->washDays()->reorder('id', 'desc')->first()->steps->pluck('how', 'kind')->all();
    expect($kinds)->toBe(['swim' => 'pool', 'chemical-service' => null, 'heat-tool' => 'high', 'up-style' => 'tight'])
        ->and($head->outlook()->first()->standing[0]['wear'][0])->toBeGreaterThan($wear + 20)
        ->and($head->days()->orderByDesc('date')->first()->tight)->toBeTrue();
    $this->get("/clients/{$head->id}/wash-days")->assertSee('Swim in a pool')->assertSee('put up tight braids');
});

it('takes a reading after styling at its moment, and one at the wrong moment not at all', function (): void {
    $head = $this->aHead();
    $result = [
        'definition' => '6', 'frizz' => '4', 'clumping' => '6', 'softness' => '6', 'shine' => '7', 'volume' => '5',
    ];
    $today = now('Europe/Lisbon')->format('Y-m-d');
    $this
        ->actingAs($this->stylist)
        ->get("/clients/{$head->id}/hair-tests?moment=after-styling")
        ->assertSee('Definition, 0 to 10')
        ->assertDontSee('Lather of the first');
    $this
        ->post(
            "/clients/{$head->id}/hair-tests",
            ['date' => $today, 'moment' => 'after-styling', 'raw' => ['result' => $result]],
        )
        ->assertSessionHasNoErrors()
        ->assertRedirect();
    $this
        ->get("/clients/{$head->id}/history/{$head->visits()->reorder()->latest('id')->first()->id}")
        ->assertSee('Results')
        ->assertSee('definition')
        ->assertSee('expected', false);
    $count = $head->readings()->count();
    $this->post(
        "/clients/{$head->id}/hair-tests",
        ['date' => $today, 'moment' => 'before-cleansing', 'raw' => ['result' => $result]],
    )->assertSessionHasErrors('moment');
    expect($head->readings()->count())->toBe($count);
});

it('keeps what the zones were where the hair has changed, and corrects them where it was written down wrongly', function (): void {
    $this->actingAs($this->stylist)->post('/clients', $this->intake())->assertSessionHasNoErrors();
    $head = Head::query()->where('name', 'Vesla Ortiz-Kane')->firstOrFail();
    $this->post(
        "/clients/{$head->id}/hair-tests",
        ['date' => '2026-12-01', 'moment' => 'before-cleansing', 'raw' => ['dryness' => ['points' => '4']]],
    );
    $zones = $this->intake()['zones'];
    $zones['crown']['length'] = 'high';
    $this->put(
        "/clients/{$head->id}",
        $this->intake(['zones' => $zones, 'zones_are' => 'changed', 'zones_since' => '2026-12-20']),
    )->assertSessionHasNoErrors();
    expect($head->zonesBefore()->count())->toBe(1)->and($head->outlook()->first()->standing)->toHaveCount(2);
    $this->get("/clients/{$head->id}/history/ledger?weeks=12")->assertOk()->assertSee('Zones sorted again');
    $this->get("/clients/{$head->id}")->assertOk();
    // The record carries it, and takes it in again.
    $json = (string) $this->get("/clients/{$head->id}/record.json")->getContent();
    $record = CareRecordReader::read($json, Parameters::shipped());
    expect($record->remaps)
        ->toHaveCount(1)
        ->and(json_decode(CareRecordWriter::write($record), true))
        ->toEqual(json_decode($json, true));
    $again = app(RecordImporter::class)->record($record, $this->salon);
    app(Outlooks::class)->of($again);
    expect($again->zonesBefore()->count())
        ->toBe(1)
        ->and($again->outlook->standing)
        ->toEqual($head->outlook()->first()->standing);
    // A correction keeps nothing of what never was.
    $zones['nape']['length'] = 'low';
    $this->put(
        "/clients/{$head->id}",
        $this->intake(['zones' => $zones, 'zones_are' => 'corrected', 'zones_since' => '']),
    )->assertSessionHasNoErrors();
    expect($head->zonesBefore()->count())->toBe(1)->and($head->outlook()->first()->standing)->toHaveCount(3);
    $this->put(
        "/clients/{$head->id}",
        $this->intake(['zones' => $zones, 'zones_are' => 'changed', 'zones_since' => '2026-02-31']),
    )->assertSessionHasErrors('zones_since');
});

it('takes the salon’s own weather in and works its heads out anew, or names every bad line', function (): void {
    $this->aHead();
    $house = [
        'name' => 'Saltlight',
        'timezone' => 'Europe/Lisbon',
        'hardness_mg_per_l' => '150',
        'humidity_percent' => '50',
        'method' => (new Nagomi\Core\Head\Method())->choices,
    ];
    $this->actingAs($this->stylist)->put('/salon', ['climate' => 'plain'] + $house)->assertSessionHasNoErrors();
    expect($this->salon->refresh()->climate)
        ->toBe('plain')
        ->and(Outlook::query()->where('salon_id', $this->salon->id)->exists())
        ->toBeFalse();
    $this->get('/clients/' . Head::query()->firstOrFail()->id)->assertOk();
    $file = fn (string $csv) => Illuminate\Http\UploadedFile::fake()->createWithContent('weather.csv', $csv);
    $this->put(
        '/salon',
        [
            'climate' => 'own',
            'weather' => $file(
                "time,temperature_c,relative_humidity_percent\n2026-01-01T00:00,5,wet\n2026-01-01T01:00,5,130",
            ),
        ] + $house,
    )
        ->assertSessionHasErrors(['weather']);
    expect(session('errors')->get('weather'))->toBe([
        'Line 2: give the humidity as 0 to 100 %.',
        'Line 3: give the humidity as 0 to 100 %.',
    ]);
    $this->put('/salon', ['climate' => 'own'] + $house)->assertSessionHasErrors('weather');
    expect($this->salon->refresh()->climate)->toBe('plain');
    $this->put(
        '/salon',
        [
            'climate' => 'harbour',
            'weather' => $file((string) file_get_contents(base_path('core/data/climates/upland.csv'))),
        ] + $house,
    )->assertSessionHasNoErrors();
    expect($this->salon->refresh()->climate)->toBe('own')->and($this->salon->air)->toHaveCount(365);
});

it('finds who reads otherwise than the rest of the salon, and takes it off', function (): void {
    $head = $this->aHead();
    $reading = fn (string $by, string $date, float $points) => $head->readings()->make()->forceFill([
        'key' => strtolower((string) Str::ulid()), 'salon_id' => $head->salon_id, 'date' => $date,
        'moment' => 'before-cleansing', 'test' => 'dryness', 'raw' => ['points' => $points], 'by' => $by,
    ])->save();
    foreach (range(1, 20) as $i) {
        $date = now('Europe/Lisbon')->subDays(5 * $i)->format('Y-m-d');
        $reading('Ilse', $date, 5);
        $reading('Wren', $date, 4);
    }
    app(Outlooks::class)->of($head->refresh());
    expect(app(StylistBiasUpdate::class)->renew($this->salon))->toBeGreaterThan(0);
    $bias = StylistBias::query()->where('salon_id', $this->salon->id)->where('sign', 'dryness')->pluck('mean', 'by');
    expect($bias['Ilse'])->toBeGreaterThan($bias['Wren'] + 0.3);
    // Once known it is taken off, and looked at again it stays what it is.
    app(Outlooks::class)->of($head->refresh());
    app(StylistBiasUpdate::class)->renew($this->salon);
    $again = StylistBias::query()->where('salon_id', $this->salon->id)->where('sign', 'dryness')->pluck('mean', 'by');
    expect($again['Ilse'] - $again['Wren'])->toEqualWithDelta($bias['Ilse'] - $bias['Wren'], 0.15);
    $this->artisan('nagomi:biases')->assertSuccessful();
});
