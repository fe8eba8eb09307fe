<?php

declare(strict_types=1);

/*
 * English and Spanish are both whole: the same sentences with the same places, chosen by whoever is signed in, and no
 * English left on a page that is read in Spanish.
 */

use App\Models\User;
use App\Wording\HomeDates;
use App\Wording\SalonClock;
use App\Wording\SignWords;
use App\Wording\Words;
use Carbon\CarbonImmutable;
use Tests\Feature\TwoLanguages;

it('has every sentence in both languages, with the same places and the same ways of counting', function (): void {
    $english = TwoLanguages::lines('en');
    $spanish = TwoLanguages::lines('es');
    expect(array_diff_key($english, $spanish))->toBe([])
        ->and(array_diff_key($spanish, $english))->toBe([])
        ->and(count($english))->toBeGreaterThan(3000);
    foreach ($english as $key => $line) {
        expect(TwoLanguages::places($spanish[$key]))->toBe(TwoLanguages::places($line), $key)
            ->and(substr_count($spanish[$key], '|'))->toBe(substr_count($line, '|'), $key)
            ->and($spanish[$key] === '')->toBe($line === '', $key);
    }
});

it('speaks the language whoever is signed in has chosen, else the one the browser asks for', function (): void {
    $this->actingAs($this->stylist)->get('/clients')->assertSee('<html lang="en">', false)->assertSee('New client')
        ->assertSee('lang="es">Español', false);
    $this->get('/clients', ['Accept-Language' => 'es-ES,es;q=0.9'])->assertSee('Cliente nuevo');
    $this->put('/language', ['language' => 'es'])->assertRedirect();
    expect(User::query()->findOrFail($this->stylist->id)->language)->toBe('es');
    $this->actingAs($this->stylist->fresh())->get('/clients')
        ->assertSee('<html lang="es">', false)->assertSee('Cliente nuevo')->assertSee('lang="en">English', false);
    $this->put('/language', ['language' => 'en']);
    $this->actingAs($this->stylist->fresh())->get('/clients', ['Accept-Language' => 'es'])->assertSee('New client');
    $this->from('/clients')->put('/language', ['language' => 'tlh'])->assertSessionHasErrors('language');
    $this->put('/language', ['language' => ['es']])->assertSessionHasErrors('language');
    auth()->logout();
    $this->get('/sign-in', ['Accept-Language' => 'es'])->assertSee('Contraseña');
});

it('says days with the names of the language, short ones without a dot, and no day as nothing', function (): void {
    $day = new DateTimeImmutable('2026-09-02');
    expect(SalonClock::dayInWords($day, 'D j M Y'))->toBe('Wed 2 Sep 2026')
        ->and(SalonClock::dayInWords(null, 'j M'))->toBe('');
    app()->setLocale('es');
    expect(SalonClock::dayInWords($day, 'D j M Y, l j F Y'))->toBe('mié 2 sep 2026, miércoles 2 de septiembre de 2026')
        ->and(Words::rounded(-3.14159, 2))->toBe('−3,14');
});

it('keeps what one stylist reads out of what another and the client read', function (): void {
    $head = $this->aHead();
    $this->stylist->update(['language' => 'es']);
    $page = "/clients/{$head->id}/plan";
    $this->actingAs($this->stylist->fresh())->get($page)->assertSee('Días de lavado');
    $other = User::query()->create([
        'salon_id' => $this->salon->id, 'name' => 'Quim', 'email' => 'quim@test.example', 'password' => 'a password',
        'language' => 'en',
    ]);
    $this->actingAs($other->fresh())->get($page)->assertSee('Wash days')->assertDontSee('Días de lavado');
});

it('leaves no English sentence on a page that is read in Spanish', function (): void {
    $head = $this->aHead();
    $this->stylist->update(['language' => 'es']);
    $this->actingAs($this->stylist->fresh());
    $of = "/clients/{$head->id}";
    expect(count(TwoLanguages::onlyEnglish()))->toBeGreaterThan(1500);
    $left = [];
    foreach (
        [
            '/today', '/clients', '/clients/new', '/products', '/products/new', '/products/mix', '/reports',
            '/reports/team', '/salon', '/salon/hours', '/salon/messages', '/salon/data', '/bookings/new', '/plans',
            '/today/end', $of,
            "{$of}/plan", "{$of}/plan/what-if?change=no-mask", "{$of}/plan/terms", "{$of}/hair-tests", "{$of}/history",
            "{$of}/history/ledger", "{$of}/history/cause", "{$of}/trends", "{$of}/trends/trials", "{$of}/wash",
            "{$of}/wash-days", "{$of}/style", "{$of}/pictures", "{$of}/products", "{$of}/home-routine", "{$of}/edit",
        ] as $page
    ) {
        $html = (string) $this->get($page)->assertOk()->baseResponse->getContent();
        if (($english = TwoLanguages::englishLeft($html)) !== []) {
            $left[$page] = $english;
        }
    }
    expect($left)->toBe([]);
});

it('keeps nothing of a client’s language in a day that the salon’s page shows as well', function (): void {
    $head = $this->aHead();
    $read = fn (): CarbonImmutable => $head->fresh()->planItems()->firstOrFail()->date;
    app()->setLocale('es');
    $salon = SalonClock::dayInWords($read(), 'l j M');
    app()->setLocale('en');
    HomeDates::day($read());
    app()->setLocale('es');
    expect(SalonClock::dayInWords($read(), 'l j M'))->toBe($salon)
        ->and($salon)->not->toBe($read()->format('l j M'));
});

it('names the language a client reads in the language of who looks', function (): void {
    $head = $this->aHead();
    $head->update(['language' => 'es']);
    $page = "/clients/{$head->id}/home-routine";
    $this->actingAs($this->stylist)->get($page)->assertSee('The client reads it in Spanish.');
    $this->stylist->update(['language' => 'es']);
    $this->actingAs($this->stylist->fresh())->get($page)->assertSee('Se lee en español.');
});

it('says one of a thing as one, and more of it as more', function (): void {
    foreach (['en' => 'day the style lasted', 'es' => 'día que duró el peinado'] as $language => $one) {
        app()->setLocale($language);
        expect(SignWords::name('style-life', 1.0))->toBe($one)
            ->and(SignWords::name('style-life', 1.04))->toBe($one)
            ->and(SignWords::name('style-life', 1.5))->not->toBe($one)
            ->and(SignWords::name('dryness', 1.0))->toBe(__('nagomi.signs.dryness'))
            ->and(SignWords::unit('style-life', 1.0))->toBe('')
            ->and(SignWords::unit('comb-count', 1.0))->not->toBe(SignWords::unit('comb-count', 2.0));
        // Whatever is counted has its word for one.
        $counted = ['hairs', 'days', 'knots', 'pelos', 'días', 'nudos'];
        foreach (array_keys(array_intersect(__('nagomi.sign_units'), $counted)) as $sign) {
            $said = SignWords::unit($sign, 1.0) . ' ' . SignWords::name($sign, 1.0);
            expect($said)->not->toBe(SignWords::unit($sign, 2.0) . ' ' . SignWords::name($sign, 2.0));
        }
    }
});
