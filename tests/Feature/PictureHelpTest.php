<?php

declare(strict_types=1);

/* Beside each picture stands how it is read, one tap away. */

use Symfony\Component\Finder\Finder;

it('says beside each picture how it is read', function (string $page, string $of): void {
    $head = $this->aHead();
    $lines = __("picture-help.of.{$of}");
    $shown = $this->actingAs($this->stylist)->get(str_replace('{head}', "/clients/{$head->id}", $page))->assertOk()
        ->assertSee(__('picture-help.title'));
    foreach ($lines as $line) {
        $shown->assertSee($line);
    }
})->with([
    ['{head}', 'hair-balance'], ['{head}', 'head'], ['{head}/plan', 'plan'], ['{head}/history/ledger', 'stairs'],
    ['{head}/trends', 'trends'], ['{head}/hair-tests/zones', 'head-tests'], ['{head}/wash', 'wash-line'],
    ['{head}/plan/what-if?change=no-mask', 'hair-balance'], ['/reports', 'shares'],
    ['/clients', 'strands'],
]);

it('has words for each picture that asks for them, and asks for all that it has', function (): void {
    $asked = [];
    foreach ((new Finder())->files()->in(resource_path('views'))->name('*.blade.php') as $file) {
        preg_match_all('/<x-picture-help of="([a-z-]+)"/', $file->getContents(), $of);
        $asked = [...$asked, ...$of[1]];
    }
    $asked = array_values(array_unique($asked));
    sort($asked);
    $has = array_keys((array) __('picture-help.of'));
    sort($has);
    expect($asked)->toBe($has);
});
