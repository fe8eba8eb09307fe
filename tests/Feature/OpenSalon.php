<?php

declare(strict_types=1);

/* A salon with hands, hours and services, and what its booking form sends, for the tests that book. */

use App\Models\Head;
use App\Models\Service;
use App\Models\User;
use App\Models\WorkingHours;
use Tests\Feature\FeatureTestCase;

/** A salon of two stylists with hours every day from nine to six, a lunch between, and three services. */
function openSalon(FeatureTestCase $test): void
{
    $test->salon->update(['chairs' => 3]);
    $second = User::query()->create([
        'salon_id' => $test->salon->id,
        'name' => 'Quim',
        'email' => 'quim@test.example',
        'password' => 'a-long-password',
    ]);
    foreach ([$test->stylist, $second] as $user) {
        foreach (range(1, 7) as $weekday) {
            foreach ([[540, 750], [795, 1080]] as [$from, $until]) {
                WorkingHours::query()->create([
                    'salon_id' => $test->salon->id, 'user_id' => $user->id, 'weekday' => $weekday,
                    'from_minute' => $from, 'until_minute' => $until,
                ]);
            }
        }
    }
    foreach (
        [
            ['Wash day', true, 120, 8500],
            ['Dry cut', false, 45, 4800],
            ['Readings', false, 20, 1500],
        ] as [$name, $wash, $minutes, $price]
    ) {
        (new Service())->forceFill([
            'salon_id' => $test->salon->id, 'name' => $name, 'is_wash_day' => $wash, 'minutes' => $minutes,
            'price_cents' => $price,
        ])->save();
    }
    $test->actingAs($test->stylist);
}

function service(string $name): Service
{
    return Service::query()->where('name', $name)->firstOrFail();
}

/** @return array<string, mixed> */
function bookingForm(
    Head $head,
    string $service,
    string $time,
    ?User $stylist = null,
    string $date = '2027-01-11',
): array {
    return [
        'head' => $head->id,
        'service' => (string) service($service)->id,
        'date' => $date,
        'time' => $time,
        'stylist' => (string) ($stylist ?? User::query()->where('name', 'Ilse')->latest('id')->first())->id,
    ];
}
