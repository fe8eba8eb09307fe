<?php

declare(strict_types=1);

use App\Bridge\Plans\Outlooks;
use App\Bridge\Products\SalonIngredients;
use App\Bridge\WashDays\WashDayBottles;
use App\Models\Head;
use App\Models\Product;
use App\Wording\Said;

/** A day that counts, so many days from today. */
function counted(Head $head, int $days, array $with = []): void
{
    $test = test();
    $test->actingAs($test->stylist)->post("/clients/{$head->id}/plan/occasions", [
        'occasion' => 'best-day', 'occasion_from' => $test->salon->today()->addDays($days)->format('Y-m-d'),
        'occasion_until' => '', 'occasion_what' => 'Wedding', ...$with,
    ])->assertSessionHasNoErrors();
}

function aConditioner(string $name, string $ingredients): Product
{
    $salon = test()->salon;
    $book = app(SalonIngredients::class);
    $product = new Product([
        'name' => $name, 'kind' => 'conditioner', 'ingredients' => $ingredients, 'claims' => [], 'size_ml' => 1000,
        'left_ml' => 900, 'price_cents' => 900, 'reading' => $book->read($ingredients, $book->of($salon)),
    ]);
    $product->salon_id = $salon->id;
    $product->save();

    return $product;
}

it('washes on the day of the style on which this head is at its best', function (?string $styleDay, int $before): void {
    $head = $this->aHead();
    $today = $this->salon->today();
    counted($head, 31, ['occasion_style_day' => $styleDay]);
    app(Outlooks::class)->current($head->refresh());
    $dates = $head->planItems()->where('status', 'planned')->get()->map(
        static fn ($item): string => $item->date->format('Y-m-d'),
    )->all();
    expect($dates)->toContain($today->addDays(31 - $before)->format('Y-m-d'));
    $item = $head->planItems()
        ->where('date', $today->addDays(31 - $before)->format('Y-m-d'))
        ->where('status', 'planned')
        ->firstOrFail();
    expect(implode(' ', Said::all($item->reasons)))->toContain('washed and styled so that it is at its best then');
    // What is noted beside it later leaves it as it is, and a record carries it.
    counted($head->refresh(), 60);
    $record = $this->get("/clients/{$head->id}/record.json")->json();
    expect($record['season']['occasions'][0]['style_day'] ?? 2)->toBe((int) ($styleDay ?: 2));
})->with(['not said' => ['', 1], 'the wash day' => ['1', 0], 'the third' => ['3', 2]]);

it('asks for a day of the style that there is', function (string $wrong): void {
    $head = $this->aHead();
    $this->actingAs($this->stylist)->post("/clients/{$head->id}/plan/occasions", [
        'occasion' => 'best-day', 'occasion_from' => $this->salon->today()->addDays(9)->format('Y-m-d'),
        'occasion_style_day' => $wrong,
    ])->assertSessionHasErrors('occasion_style_day');
    expect($head->refresh()->season['occasions'] ?? [])->toBe([]);
})->with(['0', '8', 'second', '1.5']);

it('says that a colour comes too near to a day that counts', function (int $colour, bool $isNear): void {
    $head = $this->aHead();
    counted($head, 30);
    counted($head->refresh(), $colour, ['occasion' => 'new-colour']);
    $page = $this->get("/clients/{$head->id}/plan")->assertOk();
    $isNear
        ? $page->assertSee('days before Wedding: keep 7 days between them')
        : $page->assertDontSee('keep 7 days between them');
})->with([[30, true], [23, true], [22, false], [31, false]]);

it('takes nothing new shortly before a day that counts', function (): void {
    $head = $this->aHead();
    $this->actingAs($this->stylist);
    aConditioner('Cheap and new', 'Aqua, Cetearyl Alcohol, Glycerin')->update(['price_cents' => 100]);
    aConditioner('Known', 'Aqua, Cetearyl Alcohol, Glycerin');
    $today = $this->salon->today()->format('Y-m-d');
    $chosen = function () use ($head, $today): ?string {
        // The day is counted from the wash day, which is today's.
        app(Outlooks::class)->current($head->refresh());
        $head->planItems()->where('status', 'planned')->firstOrFail()->forceFill(['date' => $today])->save();

        return app(WashDayBottles::class)->of($head)['conditioner']->product?->name;
    };
    expect($chosen())->toBe('Cheap and new');
    $this->post("/clients/{$head->id}/wash-days", [
        'date' => $this->salon->today()->format('Y-m-d'), 'place' => 'salon', 'cleanse' => 'gentle', 'passes' => '1',
        'conditioning' => 'conditioner', 'conditioning_minutes' => '3', 'tool' => 'comb',
        'detangling' => 'wet-with-slip', 'conditioning_product' => 'Known',
    ])->assertSessionHasNoErrors();
    expect($chosen())->toBe('Cheap and new');
    counted($head, 8);
    expect($chosen())->toBe('Cheap and new');
    counted($head->refresh(), 7);
    expect($chosen())->toBe('Known');
});

it('never puts an essential oil on a child under twelve, and asks a clinician for those older', function (): void {
    $head = $this->aHead();
    $oiled = aConditioner('Lavender rinse', 'Aqua, Cetearyl Alcohol, Lavandula Angustifolia Oil');
    $this->actingAs($this->stylist);
    $today = $this->salon->today();
    $chosen = fn (): ?string => app(WashDayBottles::class)->of($head->refresh())['conditioner']->product?->name;
    $head->update(['born_on' => $today->subYears(12)->addDay()->format('Y-m-d'), 'guardian_name' => 'A guardian']);
    expect($chosen())->toBeNull();
    $this->get("/products/{$oiled->id}")->assertSee($head->name)->assertSee('Never essential oils on a child');
    $head->update(['born_on' => $today->subYears(12)->format('Y-m-d')]);
    expect($chosen())->toBe('Lavender rinse')
        ->and(app(WashDayBottles::class)->of($head)['conditioner']->care)->toContain('ask a clinician first');
});
