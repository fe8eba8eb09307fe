<?php

declare(strict_types=1);

use App\Bridge\Plans\Outlooks;
use App\Care\Readings\StylistBiasUpdate;
use App\Models\Head;

it('shows who reads how, and heads that two stylists read on one day side by side', function (): void {
    $this
        ->actingAs($this->stylist)
        ->get('/reports/team')
        ->assertOk()
        ->assertSee('Two stylists who score the same clients are needed');
    $head = $this->aHead();
    foreach (range(1, 12) as $i) {
        foreach (['Ilse' => 5, 'Wren' => 3.5] as $by => $points) {
            $head->readings()->make()->forceFill([
                'key' => "{$by}-{$i}",
                'salon_id' => $head->salon_id,
                'date' => now()->subDays(6 * $i)->format('Y-m-d'),
                'moment' => 'before-cleansing',
                'test' => 'dryness',
                'raw' => ['points' => $points],
                'by' => $by,
            ])->save();
        }
    }
    app(Outlooks::class)->of($head->refresh());
    app(StylistBiasUpdate::class)->renew($this->salon);
    $this
        ->get('/reports/team')
        ->assertSee('further off than nineteen of twenty')
        ->assertSeeTextInOrder(['Do we score the same?', 'scores dryness clearly', 'than the rest, by'])
        ->assertSee('class="reader is-clear"', false)
        ->assertSee('Same-day double checks')
        ->assertSee(' pairs)')
        ->assertSee('dryness ± 1');
    [, $stranger] = $this->salonWithStylist('maren@test.example');
    $this->actingAs($stranger)->get('/reports/team')->assertDontSee('Wren');
});

it('finds a zone’s porosity from its tests and takes it over from the day it was tested', function (): void {
    $this->actingAs($this->stylist)->post('/clients', $this->intake());
    $head = Head::query()->where('name', 'Vesla Ortiz-Kane')->firstOrFail();
    $wet = fn (string $zone, string $seconds, string $soak) => [
        'date' => '2027-01-05',
        'moment' => 'before-cleansing',
        'zone' => $zone,
        'raw' => ['wetting' => ['seconds' => $seconds, 'soak' => $soak, 'slide' => '2']],
    ];
    $this->post("/clients/{$head->id}/hair-tests", $wet('nape', '2', '2'))->assertSessionHasNoErrors();
    $this->post("/clients/{$head->id}/hair-tests", $wet('crown', '40', '1'))->assertSessionHasNoErrors();
    $this
        ->get("/clients/{$head->id}")
        ->assertSee('The nape tests high')
        ->assertSee('saved as medium')
        ->assertSee('The crown tests medium');
    $this->post("/clients/{$head->id}/zones/crown/take")->assertSessionHas(
        'said',
        'There is no sure finding for that zone that differs from what is written.',
    );
    $this->post("/clients/{$head->id}/zones/nape/take")->assertRedirect();
    expect($head->zoneParts()->where('zone', 'nape')->value('porosity'))->toBe('high')
        ->and($head->zonesBefore()->value('until'))->not->toBeNull()
        ->and($head->outlook()->first()->standing)->toHaveCount(2);
    $this->get("/clients/{$head->id}")->assertSee('The nape tests high');
});
