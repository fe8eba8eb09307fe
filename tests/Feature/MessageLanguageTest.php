<?php

declare(strict_types=1);

/* What clients are written, in their own language or the salon's, and once for every change. */

use App\Care\Scheduling\Bookings;
use App\Models\Booking;
use App\Models\Head;
use App\Models\OutboxMessage;
use App\Models\Salon;
use App\Wording\MessageLanguage;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\URL;
use Tests\Feature\FeatureTestCase;

require_once __DIR__ . '/OpenSalon.php';
require_once __DIR__ . '/OutboxAtWork.php';

function writtenTo(FeatureTestCase $test, ?string $language): Head
{
    $head = $test->aHead();
    $head->update(['phone' => '+351 900 000 000', 'reminded_by' => 'text', 'language' => $language]);

    return $head;
}

beforeEach(function (): void {
    config(['queue.default' => 'database', 'mail.default' => 'outbox']);
});

it('writes in the client’s language, days and sums and all, to the way out of it', function (): void {
    openSalon($this);
    service('Dry cut')->update(['deposit_cents' => 1550]);
    $head = writtenTo($this, 'es');
    $this->post('/bookings', bookingForm($head, 'Dry cut', '10:00'))->assertSessionHasNoErrors();
    theyWork();
    $body = OutboxMessage::query()->sole()->body;
    expect($body)->toContain('Tienes cita: lunes 11 de enero a las 10:00 con Ilse, Dry cut, unos 45 minutos.')
        ->toContain("Te pedimos un depósito de 15,50\u{00A0}€.")->toContain('No recibir más mensajes: ')
        ->not->toContain('You are booked')->not->toContain('No more of these');
    auth()->logout();
    $this->get(URL::signedRoute('reminders.stop', ['head' => $head->id], absolute: false))
        ->assertOk()->assertSee('lang="es"', false)->assertSee('¿Prefieres no recibir más mensajes?');
});

it('writes as the salon does to who said nothing of it, and in English where nobody did', function (string $salon, string $says): void {
    openSalon($this);
    $this->salon->update(['language' => $salon]);
    $this->actingAs($this->stylist->fresh());
    $this->post('/bookings', bookingForm(writtenTo($this, null), 'Dry cut', '10:00'))->assertSessionHasNoErrors();
    theyWork();
    expect(OutboxMessage::query()->sole()->body)->toContain($says);
})->with([
    ['es', 'Tienes cita: lunes 11 de enero a las 10:00'], ['en', 'You are booked: Monday 11 January at 10:00'],
    'a language that is gone' => ['xx', 'You are booked: Monday 11 January at 10:00'],
]);

it('has every sentence in every language, with the same places in it', function (): void {
    $english = Arr::dot((array) require base_path('lang/en/client-messages.php'));
    foreach (array_keys(MessageLanguage::NAMES) as $language) {
        $other = Arr::dot((array) require base_path("lang/{$language}/client-messages.php"));
        expect(array_keys($other))->toBe(array_keys($english));
        foreach ($english as $key => $sentence) {
            preg_match_all('/:[a-z]+/', $sentence, $places);
            preg_match_all('/:[a-z]+/', $other[$key], $there);
            $expected = array_unique($places[0]);
            $found = array_unique($there[0]);
            sort($expected);
            sort($found);
            expect($found)->toBe($expected, "{$language} {$key}")->and($other[$key])->not->toBe('');
        }
    }
});

it('keeps the language of a client, a caller and the salon, and says so where it is none', function (): void {
    openSalon($this);
    $head = writtenTo($this, null);
    $this->post('/bookings/callers', [
        'name' => 'Lupe', 'phone' => '+351 555 0142', 'written_to' => '1', 'language' => 'es',
    ])->assertSessionHasNoErrors();
    expect(Head::query()->where('name', 'Lupe')->sole()->language)->toBe('es');
    $this->post('/clients', $this->intake(['name' => 'Pilar', 'language' => 'es']))->assertSessionHasNoErrors();
    expect(Head::query()->where('name', 'Pilar')->sole()->language)->toBe('es');
    $this->put('/salon/messages', [
        'quiet_from' => '21:00', 'quiet_until' => '8:00', 'outbox' => 'works', 'language' => 'es',
    ])->assertSessionHasNoErrors();
    expect(Salon::query()->findOrFail($this->salon->id)->language)->toBe('es')
        ->and(MessageLanguage::of($head->fresh()->load('salon'))->code)->toBe('es');
    $says = ['language' => __('messages.language.wrong')];
    $this->post('/bookings/callers', ['name' => 'Ana', 'phone' => '+351 555 0143', 'language' => 'xx'])
        ->assertSessionHasErrors($says);
    $this->post('/clients', $this->intake(['name' => 'Ana', 'language' => 'xx']))->assertSessionHasErrors($says);
    $this->put('/salon/messages', [
        'quiet_from' => '21:00', 'quiet_until' => '8:00', 'outbox' => 'works', 'language' => 'xx',
    ])->assertSessionHasErrors($says);
    expect(Head::query()->where('name', 'Ana')->exists())->toBeFalse();
});

it('tells of every change there and back, and of two before the first has gone only the last', function (): void {
    openSalon($this);
    $head = writtenTo($this, 'en');
    $this->post('/bookings', bookingForm($head, 'Dry cut', '10:00'))->assertSessionHasNoErrors();
    $booking = Booking::query()->where('head_id', $head->id)->sole();
    theyWork();
    $move = function (string $minute) use ($booking): void {
        app(Bookings::class)->move(
            $this->salon,
            $booking,
            $booking->refresh()->sequence,
            $this->stylist,
            $booking->date,
            (int) $minute,
            'Ilse',
            null,
        );
    };
    foreach (['660', '600', '660'] as $minute) {
        $move($minute);
        theyWork();
    }
    expect(OutboxMessage::query()->orderBy('id')->pluck('body')->map(
        fn (string $body): string => (string) preg_replace('/.*at (\d+:\d+).*/s', '$1', $body),
    )->all())->toBe(['10:00', '11:00', '10:00', '11:00']);
    foreach (['600', '630', '600'] as $minute) {
        $move($minute);
    }
    theyWork();
    expect(OutboxMessage::query()->count())->toBe(5)
        ->and(OutboxMessage::query()->latest('id')->first()->body)->toContain('changed: Monday 11 January at 10:00');
});
