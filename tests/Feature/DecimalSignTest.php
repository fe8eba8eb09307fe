<?php

declare(strict_types=1);

/* A number stands in its field as its reader writes it, and is read either way. */

use App\Models\User;

it('shows numbers in fields with the reader’s decimal sign, and takes them as they stand', function (
    string $language,
    string $shown,
): void {
    $head = $this->aNewHead();
    $head->update(['ring_mm' => 6.5]);
    User::query()->whereKey($this->stylist->id)->update(['language' => $language]);
    $this->actingAs($this->stylist->fresh());
    $page = (string) $this->get("/clients/{$head->id}/edit")->assertOk()->getContent();
    preg_match('/name="ring_mm"[^>]*value="([^"]*)"/', $page, $ring);
    preg_match('/name="_seen" value="([^"]*)"/', $page, $seen);
    expect($ring[1])->toBe($shown);

    // Somebody else changes it meanwhile: who did not touch it does not change it back.
    $head->update(['ring_mm' => 7.5]);
    $form = ['name' => 'Renamed', 'ring_mm' => $shown, '_seen' => html_entity_decode($seen[1])] + $this->intake();
    $this->put("/clients/{$head->id}", $form)->assertSessionHasNoErrors();
    expect($head->refresh()->ring_mm)->toBe(7.5)->and($head->name)->toBe('Renamed');

    // And who did is understood.
    preg_match('/name="_seen" value="([^"]*)"/', (string) $this->get("/clients/{$head->id}/edit")->getContent(), $seen);
    $form = ['ring_mm' => '8,3', '_seen' => html_entity_decode($seen[1])] + $this->intake(['name' => 'Renamed']);
    $this->put("/clients/{$head->id}", $form)->assertSessionHasNoErrors();
    expect($head->refresh()->ring_mm)->toBe(8.3);

    // What cannot be taken comes back as it was typed.
    $this->from("/clients/{$head->id}/edit")->put("/clients/{$head->id}", ['ring_mm' => 'wide'] + $form)
        ->assertSessionHasErrors('ring_mm');
    $this->get("/clients/{$head->id}/edit")->assertSee('value="wide"', false);
})->with([['en', '6.5'], ['es', '6,5']]);
