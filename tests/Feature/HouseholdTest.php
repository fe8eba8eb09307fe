<?php

declare(strict_types=1);

/* Those of a household come together: offered at one time, booked all or none. */

use App\Models\Booking;
use App\Models\Head;
use App\Models\User;
use Tests\Feature\FeatureTestCase;

require_once __DIR__ . '/OpenSalon.php';

/** @return list<Head> so many of one household, by name */
function aHousehold(FeatureTestCase $test, int $many): array
{
    $heads = [];
    foreach (array_slice(['mixed-porosity', 'protein-sensitive', 'growing-out-bleach'], 0, $many) as $i => $example) {
        $heads[] = $head = $test->aHead($example);
        $head->update(['name' => ['Aud', 'Brit', 'Carla'][$i] . ' Moe', 'household' => 'Moe']);
    }

    return $heads;
}

/** @return list<string> the times that are offered to all of them */
function offeredTogether(
    FeatureTestCase $test,
    Head $head,
    array $also,
    string $service = 'Dry cut',
    string $more = '',
): array {
    $page = (string) $test->get('/bookings/new?' . http_build_query([
        'head' => $head->id, 'service' => service($service)->id, 'date' => '2027-01-11',
        'also' => array_map(fn (Head $one): string => $one->id, $also),
    ]) . $more)->assertOk()->getContent();
    preg_match_all('/class="button is-group" name="slot" value="([^"]+)"/', $page, $slots);

    return $slots[1];
}

it('offers two of a household the same time with different hands, and books both', function (): void {
    openSalon($this);
    [$aud, $brit] = aHousehold($this, 2);
    $quim = User::query()->where('name', 'Quim')->sole();
    $this->get("/bookings/new?head={$aud->id}&service=" . service('Dry cut')->id)
        ->assertSee('Who comes as well')->assertSee('Brit Moe');
    $slots = offeredTogether($this, $aud, [$brit]);
    expect($slots[0])->toBe("2027-01-11 9:00 {$this->stylist->id},9:00 {$quim->id}");
    $this->post('/bookings/together', [
        'head' => $aud->id, 'also' => [$brit->id], 'service' => (string) service('Dry cut')->id, 'slot' => $slots[0],
    ])->assertSessionHasNoErrors()->assertSessionHas('said', 'Booked together: Aud Moe, Brit Moe.')
        ->assertRedirect('/today?date=2027-01-11');
    expect(Booking::query()->with('head')->orderBy('user_id')->get()
        ->map(fn (Booking $one): string => "{$one->head->name} {$one->starts_at->format('H:i')}")->all())
        ->toBe(['Aud Moe 09:00', 'Brit Moe 09:00']);
});

it('offers one after the other where there is one pair of hands, and each offer can be booked', function (): void {
    openSalon($this);
    [$aud, $brit, $carla] = aHousehold($this, 3);
    $with = "&with={$this->stylist->id}";
    User::query()->where('name', 'Quim')->sole()->delete();
    foreach ([[$brit], [$brit, $carla]] as $also) {
        $slots = offeredTogether($this, $aud, $also, 'Dry cut', $with);
        expect($slots)->not->toBe([]);
        foreach (array_slice($slots, 0, 3) as $slot) {
            $this->post('/bookings/together', [
                'head' => $aud->id, 'also' => array_map(fn (Head $one): string => $one->id, $also),
                'service' => (string) service('Dry cut')->id, 'slot' => $slot,
            ])->assertSessionHasNoErrors();
            expect(Booking::query()->count())->toBe(1 + count($also));
            Booking::query()->delete();
        }
    }
});

it('reckons with each one’s own pace, and with a wash day’s free hands', function (): void {
    openSalon($this);
    [$aud, $brit] = aHousehold($this, 2);
    $slots = offeredTogether($this, $aud, [$brit], 'Wash day', '&drying=hood');
    expect($slots)->not->toBe([]);
    $this->get("/bookings/new?head={$aud->id}&service=" . service('Wash day')->id . "&drying=hood&also[]={$brit->id}")
        ->assertSeeInOrder(['Aud, ', ' minutes, €85.00', 'Brit, ', ' minutes, €85.00']);
    $this->post('/bookings/together', [
        'head' => $aud->id, 'also' => [$brit->id], 'service' => (string) service('Wash day')->id, 'drying' => 'hood',
        'slot' => $slots[0],
    ])->assertSessionHasNoErrors();
    $minutes = Booking::query()->pluck('minutes', 'head_id');
    expect($minutes[$aud->id])->not->toBe($minutes[$brit->id])
        ->and(Booking::query()->pluck('drying')->unique()->all())->toBe(['hood']);
});

it('books none where one of them has no room any more', function (): void {
    openSalon($this);
    [$aud, $brit] = aHousehold($this, 2);
    $slot = offeredTogether($this, $aud, [$brit])[0];
    $second = explode(' ', explode(',', $slot)[1]);
    $this->post('/bookings', bookingForm(
        $this->aHead(),
        'Dry cut',
        $second[0],
        User::query()->findOrFail((int) $second[1]),
    ))->assertSessionHasNoErrors();
    $this->from('/bookings/new')->post('/bookings/together', [
        'head' => $aud->id, 'also' => [$brit->id], 'service' => (string) service('Dry cut')->id, 'slot' => $slot,
    ])->assertSessionHasErrors('slot');
    expect(session('errors')->first('slot'))->toStartWith('Brit Moe: ')
        ->and(Booking::query()->whereIn('head_id', [$aud->id, $brit->id])->count())->toBe(0);
});

it('says what to choose where something does not fit', function (Closure $typed, string $field): void {
    openSalon($this);
    [$aud, $brit] = aHousehold($this, 2);
    $good = [
        'head' => $aud->id, 'also' => [$brit->id], 'service' => (string) service('Dry cut')->id,
        'slot' => "2027-01-11 10:00 {$this->stylist->id},11:00 {$this->stylist->id}",
    ];
    $this->from('/bookings/new')->post('/bookings/together', $typed($this, $aud, $brit) + $good)
        ->assertSessionHasErrors($field);
    expect(Booking::query()->count())->toBe(0);
    $this->post('/bookings/together', $good)->assertSessionHasNoErrors();
})->with([
    'nobody' => [fn () => ['also' => []], 'also'],
    'the same twice' => [fn ($test, Head $aud) => ['also' => [$aud->id]], 'also.0'],
    'somebody of another salon' => [function ($test): array {
        [$salon] = $test->salonWithStylist('maren@test.example');

        return ['also' => [$test->aHead('protein-sensitive', $salon)->id]];
    }, 'also.0'],
    'a time too few' => [fn ($test) => ['slot' => "2027-01-11 10:00 {$test->stylist->id}"], 'slot'],
    'a time that has been' => [fn ($test) => [
        'slot' => "2027-01-09 8:00 {$test->stylist->id},9:00 {$test->stylist->id}",
    ], 'slot'],
    'no day' => [fn ($test) => ['slot' => "2027-02-30 8:00 {$test->stylist->id},9:00 {$test->stylist->id}"], 'slot'],
    'nobody’s hands' => [fn () => ['slot' => '2027-01-11 10:00 999999,10:00 999998'], 'slot'],
]);

it('asks nobody where a client lives alone, and forgets whom it does not know', function (): void {
    openSalon($this);
    $alone = $this->aHead();
    $this->get("/bookings/new?head={$alone->id}&service=" . service('Dry cut')->id . '&also[]=x')
        ->assertOk()->assertDontSee('Who comes as well');
    [$aud] = aHousehold($this, 2);
    $this->get("/bookings/new?head={$aud->id}&service=" . service('Dry cut')->id . '&also[]=x&also[y][]=z')
        ->assertStatus(404);
    $this->get("/bookings/new?head={$aud->id}&service=" . service('Dry cut')->id . '&also[]=x')
        ->assertOk()->assertSee('When it can begin');
});
