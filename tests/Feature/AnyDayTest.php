<?php

declare(strict_types=1);

/* A day on which anything happens: whoever taps whatever at any hour, Today opens and no hands are on two heads. */

use App\Bridge\Scheduling\SalonSchedule;
use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\User;
use Carbon\CarbonImmutable;
use Nagomi\Core\Statistics\SeededRandom;
use Tests\Feature\FeatureTestCase;

require_once __DIR__ . '/OpenSalon.php';

function nothingIsSoldTwice(FeatureTestCase $test): void
{
    $schedule = app(SalonSchedule::class);
    $today = $test->salon->today();
    $line = $schedule->of($test->salon, $today, $schedule->bookings($test->salon, $today));
    $busy = [];
    foreach ($line->placed ?? [] as $key => $placement) {
        foreach ($line?->appointment((string) $key)->stretches ?? [] as $i => $stretch) {
            for ($minute = 0; $minute < $stretch->handsMinutes; $minute++) {
                $at = "{$placement->hands} " . ($placement->starts[$i] + $minute);
                expect($busy)->not->toHaveKey($at);
                $busy[$at] = true;
            }
        }
    }
    foreach ($line?->without() ?? [] as $key) {
        expect(Booking::query()->findOrFail($key)->status)->not->toBe(BookingStatus::UnderWay);
    }
}

it('opens and sells nothing twice, whatever is tapped', function (int $seed): void {
    openSalon($this);
    $chance = new SeededRandom($seed);
    $this->travelTo(CarbonImmutable::parse('2027-01-09 08:30', 'UTC'));
    $stylists = User::query()->where('salon_id', $this->salon->id)->orderBy('id')->get()->all();
    $heads = array_map(fn (int $i): string => $this->aNewHead()->id, range(0, 6));
    $codes = [];
    for ($step = 0; $step < 70; $step++) {
        $this->travelTo(CarbonImmutable::now()->addMinutes($chance->between(0, 25)));
        $stylist = (string) $stylists[$chance->between(0, 1)]->id;
        $booking = Booking::query()->inRandomOrder(1000 * $seed + $step)->first();
        $time = $chance->between(8, 23) . ':' . sprintf('%02d', 5 * $chance->between(0, 11));
        $notes = [
            'here', 'begin', 'over', 'through', 'no-show', 'later', 'cancel', 'again', 'stay', 'take-over', 'begin',
        ];
        $answer = match ($booking === null || $step < 10 ? 0 : $chance->between(0, 7)) {
            0 => $this->post('/bookings', [
                'head' => $heads[$chance->between(0, 6)], 'date' => '2027-01-09', 'time' => $time,
                'service' => (string) service(['Dry cut', 'Readings', 'Wash day'][$chance->between(0, 2)])->id,
                'stylist' => $stylist,
            ]),
            1 => $this->put("/bookings/{$booking->id}", [
                'sequence' => (string) $booking->sequence, 'slot' => "2027-01-09 {$time} {$stylist}",
            ]),
            2 => $this->post('/salon/leave', [
                'leave_of' => $stylist, 'leave_from' => '2027-01-09', 'leave_until' => '2027-01-09',
                'leave_from_time' => $time,
                'leave_until_time' => $chance->happens(0.8) ? (1 + (int) $time) . ':00' : '',
            ]),
            default => $this->post("/bookings/{$booking->id}/notes", [
                'what' => $notes[$chance->between(0, 10)], 'sequence' => (string) $booking->sequence,
                'expected' => $time, 'because' => 'rain', 'stylist' => $stylist,
            ]),
        };
        $codes[$answer->baseResponse->getStatusCode()] = true;
        $this->get('/today')->assertOk();
        nothingIsSoldTwice($this);
    }
    expect(array_keys($codes))->toBe([302]);
    $this->get('/today?thoroughly=1')->assertOk();
    $this->get("/bookings/new?head={$heads[0]}&service=" . service('Dry cut')->id)->assertOk();
})->with(range(1, 5));
