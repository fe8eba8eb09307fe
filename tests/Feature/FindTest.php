<?php

declare(strict_types=1);

/* One key finds any client, product, screen or act: by any part of a name or number, of the own salon only. */

use App\Models\Product;
use Illuminate\Support\Facades\DB;

beforeEach(function (): void {
    $this->head = $this->aHead();
    $this->head->update(['name' => 'Vesla Ortiz-Kane', 'phone' => '+351 912 345 678']);
    (new Product())->forceFill([
        'salon_id' => $this->salon->id, 'name' => 'Kelp_mask', 'kind' => 'mask', 'ingredients' => 'Aqua',
        'reading' => [], 'claims' => [],
    ])->save();
    $this->find = fn (string $search): array => array_column(
        $this->actingAs($this->stylist->fresh())->getJson('/find?' . http_build_query(['search' => $search]))
            ->assertOk()->json('found'),
        'words',
    );
});

it('finds by any part', function (string $search, array $is): void {
    expect(($this->find)($search))->toBe($is);
})->with([
    'a name' => ['ortiz', ['Vesla Ortiz-Kane']],
    'a number, however it is typed' => ['912 345', ['Vesla Ortiz-Kane']],
    'two digits are no number' => ['91', []],
    'a product' => ['kelp', ['Kelp_mask']],
    'a letter that stands for any elsewhere' => ['p_m', ['Kelp_mask']],
    'no other letter by it' => ['k%k', []],
    'a screen' => ['hours', ['Hours and services']],
    'an act' => ['new cl', ['New client']],
    'nothing' => ['zebra', []],
    'much of it' => [str_repeat('x', 5000), []],
]);

it('proposes every screen and act before anything is typed, and each opens', function (): void {
    $found = $this->actingAs($this->stylist)->getJson('/find')->assertOk()->json('found');
    expect(count($found))->toBeGreaterThan(12);
    foreach ($found as $one) {
        $this->get($one['href'])->assertOk();
        expect($one['words'])->not->toContain('layout.');
    }
});

it('finds nothing of another salon, nothing without signing in, and hides names that are hidden', function (): void {
    [, $stranger] = $this->salonWithStylist('maren@test.example');
    expect($this->actingAs($stranger)->getJson('/find?search=ortiz')->json('found'))->toBe([])
        ->and($this->getJson('/find?search=kelp')->json('found'))->toBe([]);
    auth()->logout();
    $this->flushSession();
    $this->getJson('/find?search=ortiz')->assertUnauthorized();
    $this->stylist->update(['hides_names' => true]);
    expect(($this->find)('ortiz'))->toBe(['V. O. K.']);
    $this->actingAs($this->stylist->fresh())->getJson('/find?search[]=a')->assertNotFound();
});

it('asks as little of a salon of many', function (): void {
    DB::enableQueryLog();
    ($this->find)('ortiz');
    expect(count(DB::getQueryLog()))->toBeLessThan(8);
});
