<?php

declare(strict_types=1);

use App\Models\Head;
use Nagomi\Core\Head\Method;

it('sets what new clients start from and leaves those in the book alone', function (): void {
    $head = $this->aHead();
    $method = $head->method;
    $choices = ['pre-wash' => 'oil', 'protein' => 'by-calendar'] + (new Method())->choices;
    $this
        ->actingAs($this->stylist)
        ->put(
            '/salon',
            [
                'name' => 'Saltlight', 'timezone' => 'Europe/Lisbon', 'hardness_mg_per_l' => '88,5',
                'humidity_percent' => '61', 'method' => $choices,
            ],
        )
        ->assertSessionHasNoErrors();
    expect($this->salon->refresh()->hardness_mg_per_l)->toBe(88.5)->and($head->refresh()->method)->toEqual($method);
    $this->get('/clients/new')->assertSee('88.5');
    $this->post('/clients', $this->intake());
    expect(Head::query()->where('name', 'Vesla Ortiz-Kane')->firstOrFail()->method['pre-wash'])->toBe('oil');
});

it('keeps the weather it has where none is chosen', function (): void {
    $this->salon->update(['climate' => 'harbour']);
    $this->actingAs($this->stylist)->put('/salon', [
        'name' => 'Salt and light', 'timezone' => 'Europe/Lisbon', 'hardness_mg_per_l' => '100',
        'humidity_percent' => '50', 'currency' => 'EUR', 'climate' => '', 'method' => $this->salon->method,
    ])->assertSessionHasNoErrors()->assertRedirect('/salon');
    expect($this->salon->refresh()->climate)->toBe('harbour')->and($this->salon->name)->toBe('Salt and light');
});

it('refuses a time zone that does not exist', function (): void {
    $this
        ->actingAs($this->stylist)
        ->put(
            '/salon',
            [
                'name' => 'x', 'timezone' => 'Europe/Atlantis', 'hardness_mg_per_l' => '1', 'humidity_percent' => '1',
                'method' => (new Method())->choices,
            ],
        )
        ->assertSessionHasErrors('timezone');
});
