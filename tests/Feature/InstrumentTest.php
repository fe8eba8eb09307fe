<?php

declare(strict_types=1);


/** A head that was made up: its truth of yesterday stands beside it. */

use App\Instruments\Device;
use App\Instruments\HiddenHead;
use App\Instruments\InstrumentFault;
use App\Instruments\SimulatedInstrument;
use App\Models\Head;
use App\Models\WashDay;
use App\Models\WashStep;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Readings\TestCatalogue;
use Nagomi\Core\Statistics\SeededRandom;

function madeUp(Head $head, float $moisture = 60.0, float $wear = 20.0): Head
{
    $strata = count(app(App\Bridge\Clients\HeadRecord::class)->core($head->load('zoneParts'))->strata);
    $truth = array_fill(
        0,
        $strata,
        ['moisture' => $moisture, 'protein' => 60.0, 'washable' => 10.0, 'stubborn' => 5.0, 'wear' => $wear],
    );
    $head->forceFill([
        'made_up' => ['date' => now('Europe/Lisbon')->subDay()->format('Y-m-d'), 'truth' => $truth],
    ])->save();

    return $head;
}

/** @return list<array<string, float>> what a device gives in many tries, without those that failed */
function readings(Device $device, Head $head, int $tries = 200): array
{
    $chance = new SeededRandom(5);
    $hidden = HiddenHead::of($head);
    $given = [];
    for ($i = 0; $i < $tries; $i++) {
        $instrument = new SimulatedInstrument($device, $hidden, $chance, Parameters::shipped());
        try {
            $instrument->open();
            $given[] = $instrument->read();
        } catch (InstrumentFault) {
        } finally {
            $instrument->close();
        }
    }

    return $given;
}

it('gives what a test of the Bench takes, most of the time, and fails now and then', function (Device $device): void {
    $given = readings($device, madeUp($this->aHead()));
    expect(count($given))->toBeGreaterThan(160)->toBeLessThan(200);
    $fed = 0;
    foreach (TestCatalogue::tests() as $name => $test) {
        foreach ($test->rawMeasures() as $measure) {
            if (Device::giving($name, $measure->name) === $device) {
                $fed++;
                foreach ($given as $values) {
                    expect($measure->problem($values[$measure->name] ?? null))->toBeNull();
                }
            }
        }
    }
    expect($fed)->toBeGreaterThan(0);
})->with(array_combine(array_column(Device::cases(), 'value'), Device::cases()));

it('reads the hidden state with noise: a worn, dry head needs more force on the comb and holds less water', function (): void {
    $mean = fn (Device $device, Head $head, string $of): float => array_sum(
        $all = array_column(readings($device, $head), $of),
    ) / count($all);
    $dry = madeUp($this->aHead(), 25.0, 70.0);
    $well = madeUp($this->aHead('protein-sensitive'), 75.0, 5.0);
    expect($mean(Device::CombForceGauge, $dry, 'newton'))->toBeGreaterThan(
        $mean(Device::CombForceGauge, $well, 'newton') + 1.0,
    )
        ->and($mean(Device::MoistureMeter, $dry, 'percent'))->toBeLessThan(
            $mean(Device::MoistureMeter, $well, 'percent') - 1.0,
        );
    expect(count(array_unique(array_column(readings(Device::CombForceGauge, $dry), 'newton'))))->toBeGreaterThan(5);
});

it('hears of a mask that was booked since', function (): void {
    $head = madeUp($this->aHead(), 30.0);
    $before = HiddenHead::of($head)->moisture;
    $day = new WashDay([
        'key' => 'w', 'salon_id' => $head->salon_id, 'head_id' => $head->id,
        'date' => now('Europe/Lisbon')->format('Y-m-d'), 'place' => 'salon', 'approximate' => false,
    ]);
    $day->save();
    WashStep::query()->insert([
        'wash_day_id' => $day->id, 'position' => 0, 'kind' => 'mask', 'minutes' => 30, 'heat' => false, 'passes' => 1,
    ]);
    expect(HiddenHead::of($head->fresh())->moisture)->toBeGreaterThan($before + 5);
});

it('says of a real head that it is simulated, and offers the hand', function (): void {
    $head = $this->aHead();
    $this
        ->actingAs($this->stylist)
        ->postJson("/clients/{$head->id}/hair-tests/instruments/scale")
        ->assertStatus(409)
        ->assertJson([
            'message' =>
                'This scale is simulated and has nothing to read on a real client. Type the value that yours shows.',
        ]);
    $this->postJson("/clients/{$head->id}/hair-tests/instruments/crystal-ball")->assertNotFound();
});

it('answers the Bench, or says what failed and what to do', function (int $seed, int $status, string $words): void {
    $head = madeUp($this->aHead());
    $this->app->bind(SeededRandom::class, fn (): SeededRandom => new SeededRandom($seed));
    $this
        ->actingAs($this->stylist)
        ->postJson("/clients/{$head->id}/hair-tests/instruments/hardness-strip-reader")
        ->assertStatus($status)
        ->assertSee($words);
})->with(function (): array {
    // The first seeds that bring each fate about.
    $fates = [];
    for ($seed = 0; count($fates) < 3 && $seed < 500; $seed++) {
        $chance = new SeededRandom($seed);
        $fate = $chance->happens(0.03) ? 'battery' : ($chance->happens(0.06) ? 'timeout' : 'value');
        $fates[$fate] ??= [
            $seed,
            $fate === 'value' ? 200 : 409,
            ['battery' => 'too low to trust', 'timeout' => 'gave no value in time', 'value' => 'mg_per_l'][$fate],
        ];
    }

    return $fates;
});

it('measures a ring by three taps, with its doubt, or says which tap to take back', function (): void {
    $head = $this->aHead();
    $taps = [
        'what' => 'ring',
        'scale_mm' => 85.6,
        'scale' => [[50, 100], [392.4, 100]],
        'taps' => [[580, 300], [500, 380], [420, 300]],
    ];
    $measured = $this
        ->actingAs($this->stylist)
        ->postJson("/clients/{$head->id}/hair-tests/on-picture", $taps)
        ->assertOk()
        ->json();
    expect($measured['mm'])
        ->toEqualWithDelta(40.0, 0.05)
        ->and($measured['sd_mm'])
        ->toBeGreaterThan(0.3)
        ->toBeLessThan(3.0);
    $this
        ->postJson("/clients/{$head->id}/hair-tests/on-picture", ['taps' => [[0, 0], [50, 0], [100, 0]]] + $taps)
        ->assertUnprocessable()
        ->assertSee('straight line');
    foreach (
        [
            ['scale_mm' => 'wide'], ['scale_mm' => 0], ['taps' => [[1, 2]]], ['taps' => 'here'],
            ['scale' => [[1, 2], ['x', 'y']]], ['what' => 'ghost'],
        ] as $wrong
    ) {
        $this->postJson("/clients/{$head->id}/hair-tests/on-picture", $wrong + $taps)->assertUnprocessable();
    }
    expect($this->postJson(
        "/clients/{$head->id}/hair-tests/on-picture",
        ['what' => 'length', 'taps' => [[0, 0], [0, 400]]] + $taps,
    )->json('mm'))->toEqualWithDelta(100.0, 0.05);
});

it('keeps the taps beside the reading they made', function (): void {
    $head = $this->aHead();
    $taps = ['ring_mm' => ['scale_mm' => 85.6, 'taps' => [[50, 100], [392, 100], [580, 300], [500, 380], [420, 300]]]];
    $this->actingAs($this->stylist)->post("/clients/{$head->id}/hair-tests", [
        'date' => now('Europe/Lisbon')->format('Y-m-d'), 'moment' => 'before-cleansing',
        'taps' => ['curl' => json_encode($taps)],
        'raw' => ['curl' => ['ring_mm' => '40', 'curled_mm' => '150', 'stretched_mm' => '300']],
    ])->assertSessionHasNoErrors();
    expect($head->readings()->where('test', 'curl')->latest('id')->first()->typed['taps'])->toEqual($taps);
});
