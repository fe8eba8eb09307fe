<?php

declare(strict_types=1);

use App\Bridge\WashDays\StepBottle;
use App\Models\Product;

require_once __DIR__ . '/LaidOutDays.php';

it('lays what was changed by hand over what is true when it begins', function (): void {
    $head = $this->aHead();
    foreach (['Plain mask', 'Recalled mask'] as $name) {
        $this->actingAs($this->stylist)->post('/products', [
            'name' => $name, 'kind' => 'mask', 'ingredients' => 'Aqua, Cetearyl Alcohol, Glycerin', 'size_ml' => '500',
        ])->assertSessionHasNoErrors();
    }
    $draft = laidOut($this, $head);
    $url = "/clients/{$head->id}/wash/{$draft->id}";
    sentTo(
        $this,
        $draft,
        composedAct('add', 'wrap-1', ['of' => 'wrap', 'after' => 'squeeze']),
        composedAct('add', 'mask-1', ['of' => 'mask', 'after' => 'rinse-1']),
        composedAct('add', 'rinse-8', ['of' => 'rinse', 'after' => 'mask-1']),
        composedAct('set', 'mask-1', ['heat' => true]),
        composedAct('add', 'hood-1', ['of' => 'dry-hood', 'after' => 'style']),
    );
    $recalled = Product::query()->where('name', 'Recalled mask')->sole();
    $offered = dayOf($draft)->step('mask-1');
    if ($offered['product']['id'] !== $recalled->id) {
        sentTo($this, $draft, composedAct('bottle', 'mask-1', [
            'product' => $recalled->id, 'instead_of' => $offered['product']['id'], 'why' => 'chosen',
        ]));
    }
    expect(keysOf($draft))->toContain('hood-1')->and(dayOf($draft)->step('mask-1')['heat'])->toBeTrue();
    // Days later: a bottle is recalled, and the scalp is sore.
    $recalled->update(['recalled_on' => $this->salon->today()->format('Y-m-d')]);
    $head->update(['sore_scalp' => true]);
    $this->post("{$url}/begin")->assertRedirect($url)->assertSessionHas('said');
    $this->get($url)->assertOk();
    $state = dayOf($draft);
    $mask = $state->step('mask-1');
    $ids = array_column([$mask['product'] ?? [], ...$mask['others']], 'id');
    expect(keysOf($draft))->toContain('wrap-1')->toContain('mask-1')->not->toContain('hood-1')
        ->and($mask['heat'])->toBeFalse()
        ->and(StepBottle::taken($mask, $state)?->id)->not->toBe($recalled->id)
        ->and($ids[0] ?? null)->not->toBe($recalled->id)
        ->and($draft->refresh()->plan['bears_heat'])->toBeFalse();
});
