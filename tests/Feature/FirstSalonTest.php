<?php

declare(strict_types=1);

/* A machine without a salon gets its first: by whoever has the code of its terminal, once, whole or not at all. */

use App\Care\Accounts\FirstCode;
use App\Care\Accounts\SalonOpening;
use App\Models\Salon;
use App\Models\Service;
use App\Models\User;
use App\Models\WorkingHours;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;

/** @return array<string, mixed> what is typed */
function opening(string $code, array $otherwise = []): array
{
    return array_replace([
        'code' => $code, 'name' => 'Quay Nine', 'chairs' => '3', 'timezone' => 'Europe/Oslo', 'currency' => 'NOK',
        'hardness_mg_per_l' => '42,5', 'climate' => 'upland', 'owner' => 'Đặng Özlem', 'email' => 'ozlem@quay.example',
        'password' => 'lamp ferry moss',
        'hours' => ['owner' => [2 => '9:00–12:30 13:30–18:00', 5 => '18:00–2:00']],
        'services' => [
            'wash-day' => ['name' => 'Vask', 'minutes' => '110', 'price' => '850,50'],
            'dry-cut' => ['name' => 'Klipp', 'minutes' => '40', 'price' => '500'],
            'first-visit' => ['name' => '', 'minutes' => '60', 'price' => ''],
        ],
    ], $otherwise);
}

/** Nobody has a salon here, until the test is over. */
function aMachineWithoutSalon(): string
{
    User::query()->delete();
    Salon::query()->delete();

    return app(FirstCode::class)->anew();
}

it('opens the first salon with its owner, hours and services, and signs the owner in', function (): void {
    $code = aMachineWithoutSalon();
    $this->get('/sign-in')->assertRedirect('/begin');
    $this->get('/begin')->assertOk()->assertSee('Open your salon')->assertSee('Code from the terminal');
    $this->post('/begin', opening(strtolower(str_replace('-', ' ', $code))))
        ->assertRedirect('/today')
        ->assertSessionHasNoErrors();
    $salon = Salon::query()->sole();
    $owner = User::query()->sole();
    expect($salon->only(['name', 'timezone', 'currency', 'hardness_mg_per_l', 'climate', 'chairs', 'language']))->toBe([
        'name' => 'Quay Nine', 'timezone' => 'Europe/Oslo', 'currency' => 'NOK', 'hardness_mg_per_l' => 42.5,
        'climate' => 'upland', 'chairs' => 3, 'language' => 'en',
    ])
        // A Friday night until two: the salon's day turns later than that.
        ->and($salon->day_turns_minute)->toBeGreaterThan(120)
        ->and($owner->salon_id)->toBe($salon->id)
        ->and(Hash::check('lamp ferry moss', $owner->password))->toBeTrue()
        ->and(WorkingHours::query()->orderBy('weekday')->orderBy('from_minute')
            ->get(['weekday', 'from_minute', 'until_minute'])->toArray())->toBe([
                ['weekday' => 2, 'from_minute' => 540, 'until_minute' => 750],
                ['weekday' => 2, 'from_minute' => 810, 'until_minute' => 1080],
                ['weekday' => 5, 'from_minute' => 1080, 'until_minute' => 1560],
            ])
        ->and(Service::query()->orderBy('id')->get()
            ->map->only(['name', 'is_wash_day', 'does', 'minutes', 'price_cents'])->all())->toBe([
                ['name' => 'Vask', 'is_wash_day' => true, 'does' => null, 'minutes' => 110, 'price_cents' => 85050],
                ['name' => 'Klipp', 'is_wash_day' => false, 'does' => 'trim', 'minutes' => 40, 'price_cents' => 50000],
            ]);
    $this->assertAuthenticatedAs($owner);
    $this->get('/today')->assertOk()->assertSee('Quay Nine is open')->assertSee('First steps')
        ->assertDontSee('Everyone due');
    $this->get('/clients')->assertOk()->assertSee('First steps')->assertSee('No clients yet');
});

it('refuses another code, and says of each field what to type instead; nothing is kept but what was typed', function (
    array $otherwise,
    string $field,
    string $says,
): void {
    $code = aMachineWithoutSalon();
    $this->from('/begin')->post('/begin', opening($code, $otherwise))
        ->assertRedirect('/begin')
        ->assertSessionHasErrors($field);
    expect(session('errors')->first($field))->toContain($says)
        ->and(Salon::query()->exists() || User::query()->exists())->toBeFalse();
    $this->get('/begin')->assertOk()->assertSee($otherwise['name'] ?? 'Quay Nine')->assertDontSee('lamp ferry moss')
        // The right code stands there again; another would be guessed at.
        ->{$field === 'code' ? 'assertDontSee' : 'assertSee'}("value=\"{$code}\"", false)
        ->assertDontSee('value="ABCD-2345"', false);
})->with([
    'another code' => [['code' => 'ABCD-2345'], 'code', 'nagomi:first-code'],
    'no code' => [['code' => ''], 'code', 'not the code'],
    'no name' => [['name' => '  '], 'name', 'Type the name'],
    'a short password' => [['password' => 'moss'], 'password', 'ten to 72'],
    'half an address' => [['email' => 'ozlem@'], 'email', 'Type an email address'],
    'no chair' => [['chairs' => '0'], 'chairs', '1 to 40'],
    'a word for hardness' => [['hardness_mg_per_l' => 'soft'], 'hardness_mg_per_l', '0 to 1000'],
    'a climate nobody ships' => [['climate' => 'own'], 'climate', 'Weather: choose one'],
    'hours no day has' => [['hours' => ['owner' => [3 => '9-25']]], 'hours.owner.3', 'Wednesday'],
    'a wash day without a price' => [
        ['services' => ['wash-day' => ['name' => 'Vask', 'minutes' => '110', 'price' => '']]],
        'services.wash-day.price', 'Price',
    ],
]);

it('opens one, and then nobody opens another: neither by the page nor by the code', function (): void {
    $code = app(FirstCode::class)->anew();
    $this->get('/begin')->assertRedirect('/sign-in');
    $this->post('/begin', opening($code))->assertRedirect('/sign-in');
    $this->artisan('nagomi:first-code')->expectsOutputToContain('There is a salon already')->assertFailed();
    expect(Salon::query()->where('name', 'Quay Nine')->exists())->toBeFalse();
});

it('forgets a code after a day, when another is shown, and when it was used', function (): void {
    $first = app(FirstCode::class)->anew();
    $second = app(FirstCode::class)->anew();
    expect(app(FirstCode::class)->matches($first))->toBeFalse()
        ->and(app(FirstCode::class)->matches($second))->toBeTrue()
        ->and(Cache::get('first-code'))->not->toContain(str_replace('-', '', $second));
    $this->travel(25)->hours();
    expect(app(FirstCode::class)->matches($second))->toBeFalse();
});

it('opens a further salon from the terminal, and says what is wrong', function (): void {
    $this->artisan('nagomi:salon', [
        'name' => 'Pier', 'owner' => 'Eir', 'email' => 'ilse@test.example', '--password' => 'short',
    ])->assertFailed();
    expect(Salon::query()->where('name', 'Pier')->exists())->toBeFalse();
    $this->artisan('nagomi:salon', [
        'name' => 'Pier', 'owner' => 'Eir', 'email' => 'eir@pier.example', '--password' => 'lamp ferry moss',
        '--timezone' => 'Europe/Madrid', '--language' => 'es', '--hardness' => '310',
    ])->expectsOutputToContain('Eir signs in as eir@pier.example')->assertSuccessful();
    $salon = Salon::query()->where('name', 'Pier')->sole();
    expect([$salon->timezone, $salon->language, $salon->hardness_mg_per_l])->toBe(['Europe/Madrid', 'es', 310.0]);
    $this->post('/sign-in', ['email' => 'eir@pier.example', 'password' => 'lamp ferry moss'])->assertRedirect('/today');
    $this->get('/today')->assertSee('Primeros pasos');
});

it('builds no demo on a server', function (): void {
    $this->app->detectEnvironment(fn (): string => 'production');
    $this->artisan('nagomi:demo')->expectsOutputToContain('passwords that everybody knows')->assertFailed();
});

it('has whoever comes second wait until the first is through, where there is no salon to hold yet', function (): void {
    aMachineWithoutSalon();
    config(['database.connections.other' => config('database.connections.' . DB::getDefaultConnection())]);
    $counted = fn (): int => (int) DB::table('installations')->value('acts_taken');
    $before = $counted();
    // Another's connection waits for whoever asked whether there is a salon, to the end of what they do.
    DB::connection('other')->statement('set innodb_lock_wait_timeout = 1');
    $held = fn (): bool => DB::connection('other')->insert(
        'insert into installations (id, acts_taken) values (1, 1) on duplicate key update acts_taken = acts_taken',
    );
    expect(app(SalonOpening::class)->isTaken())->toBeFalse()->and($counted())->toBe($before + 1)
        ->and($held)->toThrow(QueryException::class, 'Lock wait timeout');
    DB::disconnect('other');
});
