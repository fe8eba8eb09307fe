<?php

declare(strict_types=1);

use App\Models\Service;
use App\Models\WorkingHours;

it('keeps a week as it is typed, with its breaks', function (): void {
    $id = $this->stylist->id;
    $form = [
        'chairs' => '3',
        'hours' => [$id => [1 => '9–12:30 13:30-18', 2 => "9.00 - 12.30\n13.15 – 18.00", 3 => '']],
        'services' => [
            ['id' => '', 'name' => 'Wash day', 'minutes' => '90', 'price' => '65,50', 'is_wash_day' => '1'],
            ['id' => '', 'name' => '', 'minutes' => '', 'price' => ''],
        ],
    ];
    $this->actingAs($this->stylist)->put('/salon/hours', $form)->assertSessionHasNoErrors();
    expect(WorkingHours::query()
        ->where('user_id', $id)
        ->orderBy('weekday')
        ->orderBy('from_minute')
        ->get()
        ->map(fn ($span): array => [$span->weekday, $span->from_minute, $span->until_minute])
        ->all())
        ->toBe([[1, 540, 750], [1, 810, 1080], [2, 540, 750], [2, 795, 1080]])
        ->and(Service::query()->sole()->only(['name', 'minutes', 'price_cents', 'is_wash_day']))->toBe([
            'name' => 'Wash day',
            'minutes' => 90,
            'price_cents' => 6550,
            'is_wash_day' => true,
        ]);
    $this->get('/salon/hours')->assertSee('9:00–12:30')->assertSee('65.50');
    // Sent again with its key it is changed, not doubled; left out it is gone.
    $service = Service::query()->sole();
    $this->put(
        '/salon/hours',
        array_replace(
            $form,
            [
                'services' => [[
                    'id' => (string) $service->id,
                    'name' => 'Whole wash day',
                    'minutes' => '95',
                    'price' => '70',
                ]],
            ],
        ),
    )->assertSessionHasNoErrors();
    expect(Service::query()->sole()->name)
        ->toBe('Whole wash day')
        ->and(Service::query()->sole()->id)
        ->toBe($service->id);
    $this->put('/salon/hours', array_replace($form, ['services' => []]));
    expect(Service::query()->count())->toBe(0);
});

it('says what to type instead, and keeps nothing by halves', function (array $wrong, string $field): void {
    $id = $this->stylist->id;
    $form = [
        'chairs' => '3',
        'hours' => [$id => [1 => '9:00–18:00']],
        'services' => [['id' => '', 'name' => 'Cut', 'minutes' => '45', 'price' => '40']],
    ];
    $wrong = json_decode(str_replace('STYLIST', (string) $id, (string) json_encode($wrong)), true);
    $this
        ->actingAs($this->stylist)
        ->from('/salon/hours')
        ->put('/salon/hours', array_replace($form, $wrong))
        ->assertRedirect('/salon/hours')
        ->assertSessionHasErrors(str_replace('STYLIST', (string) $id, $field));
    expect(WorkingHours::query()->count())->toBe(0)->and(Service::query()->count())->toBe(0);
})->with([
    'no chair' => [['chairs' => '0'], 'chairs'],
    'chairs in words' => [['chairs' => 'many'], 'chairs'],
    'backwards' => [['hours' => ['STYLIST' => ['1' => '18–9']]], 'hours.STYLIST.1'],
    'no end' => [['hours' => ['STYLIST' => ['1' => '9']]], 'hours.STYLIST.1'],
    'words' => [['hours' => ['STYLIST' => ['2' => 'all day']]], 'hours.STYLIST.2'],
    'overlapping' => [['hours' => ['STYLIST' => ['2' => '9–13 12–18']]], 'hours.STYLIST.2'],
    'longer than fifteen hours' => [['hours' => ['STYLIST' => ['2' => '5–23']]], 'hours'],
    'no name' => [
        ['services' => [['id' => '', 'name' => str_repeat('x', 90), 'minutes' => '45', 'price' => '40']]],
        'services.0.name',
    ],
    'no minutes' => [
        ['services' => [['id' => '', 'name' => 'Cut', 'minutes' => '0', 'price' => '40']]],
        'services.0.minutes',
    ],
    'no price' => [
        ['services' => [['id' => '', 'name' => 'Cut', 'minutes' => '45', 'price' => 'a lot']]],
        'services.0.price',
    ],
    'twice' => [
        [
            'services' => [
                ['id' => '', 'name' => 'Cut', 'minutes' => '45', 'price' => '1'],
                ['id' => '', 'name' => 'cut', 'minutes' => '45', 'price' => '1'],
            ],
        ],
        'services.0.name',
    ],
]);

it('leaves the hours of other salons alone', function (): void {
    [, $stranger] = $this->salonWithStylist('maren@test.example');
    WorkingHours::query()->create([
        'salon_id' => $stranger->salon_id, 'user_id' => $stranger->id, 'weekday' => 1, 'from_minute' => 540,
        'until_minute' => 600,
    ]);
    $this
        ->actingAs($this->stylist)
        ->put('/salon/hours', ['chairs' => '2', 'hours' => [$stranger->id => [1 => '7:00–8:00']], 'services' => []])
        ->assertSessionHasNoErrors();
    expect(WorkingHours::query()
        ->withoutGlobalScopes()
        ->where('user_id', $stranger->id)
        ->sole()->from_minute)->toBe(540);
});
