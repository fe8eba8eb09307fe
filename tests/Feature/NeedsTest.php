<?php

declare(strict_types=1);

/* What two weeks take: booked wash days from the salon's shelf, those at home from the client's own bottles. */

use App\Bridge\Clients\HeadRecord;
use App\Bridge\Products\ProductNeeds;
use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\Head;
use App\Models\PlanItem;
use App\Models\Product;
use Carbon\CarbonImmutable;
use Nagomi\Core\Products\Dose;
use Nagomi\Core\Products\ProductKind;
use Tests\Feature\FeatureTestCase;

beforeEach(fn () => $this->actingAs($this->stylist));

function washDayBooked(FeatureTestCase $test, Head $head, string $date, BookingStatus $status): void
{
    (new Booking([
        'head_id' => $head->id, 'user_id' => $test->stylist->id, 'service' => 'Wash day', 'is_wash_day' => true,
        'date' => $date, 'starts_at' => CarbonImmutable::parse("{$date} 10:00", 'UTC'), 'stretches' => [],
        'minutes' => 90, 'price_cents' => 0, 'status' => $status, 'changed_by' => 'Ilse',
    ]))->forceFill(['salon_id' => $head->salon_id])->save();
}

/** @return array<string, array{ml: float, left: float|null}> by kind */
function needsOfTheShelf(FeatureTestCase $test): array
{
    $rows = app(ProductNeeds::class)->of(
        $test->salon,
        Product::query()->where('salon_id', $test->salon->id)->whereNull('head_id')->get(),
    );

    return array_column($rows, null, 'kind');
}

it('counts booked wash days from the shelf, once each, and nothing of the days at home', function (): void {
    $head = $this->aHead();
    $items = $head->planItems()->where('status', 'planned')->orderBy('date')->get();
    expect(needsOfTheShelf($this))->toBe([]);
    $this->get('/products')->assertOk();
    washDayBooked($this, $head, $items[0]->date->format('Y-m-d'), BookingStatus::Booked);
    washDayBooked($this, $head, $items[1]->date->format('Y-m-d'), BookingStatus::Cancelled);
    $dose = fn (ProductKind $kind): float => round(Dose::aSection(
        $kind,
        app(HeadRecord::class)->core($head->load('zoneParts')),
        $head->density,
    )->headMl());
    $steps = collect($items[0]->steps);
    $needs = needsOfTheShelf($this);
    // Styled once, however often it is combed.
    expect($needs['styler']['ml'])->toBe($dose(ProductKind::Styler))
        ->and(isset($needs['mask']))->toBe($steps->contains('kind', 'mask'))
        ->and(isset($needs['protein']))
        ->toBe($steps->contains(fn (array $step): bool => str_contains((string) $step['kind'], 'protein')));
    if ($steps->contains('kind', 'mask')) {
        expect($needs['mask']['ml'])->toBe($dose(ProductKind::Mask));
    }
});

it('takes fourteen days, today the first of them', function (): void {
    $head = $this->aHead();
    foreach ([13, 14] as $ahead) {
        $date = $this->salon->today()->addDays($ahead)->format('Y-m-d');
        Booking::query()->delete();
        $head->planItems()->update(['status' => 'cancelled']);
        PlanItem::query()->where('head_id', $head->id)->limit(1)->update(['status' => 'planned', 'date' => $date]);
        washDayBooked($this, $head, $date, BookingStatus::Booked);
        expect(needsOfTheShelf($this) === [])->toBe($ahead === 14);
    }
});

it('takes what is done at home from the client’s own bottles, and says which were never counted', function (): void {
    $head = $this->aHead();
    $items = $head->planItems()->where('status', 'planned')->orderBy('date')->get();
    $bottle = fn (string $name, string $kind, ?float $left): Product => Product::query()->forceCreate([
        'salon_id' => $head->salon_id, 'head_id' => $head->id, 'name' => $name, 'kind' => $kind,
        'ingredients' => 'Aqua', 'size_ml' => 250, 'left_ml' => $left, 'claims' => [], 'reading' => [],
    ]);
    expect(app(ProductNeeds::class)->atHome($head))->toBe([]);
    $this->get("/clients/{$head->id}/products")->assertDontSee('Wash days at home');
    $bottle('Own gel', 'styler', null);
    $bottle('Own leave-in', 'leave-in', 1.0);
    $atHome = array_column(app(ProductNeeds::class)->atHome($head), null, 'kind');
    $days = $items->filter(fn (PlanItem $item): bool => $item->date->lessThan($this->salon->today()->addDays(14)));
    $one = Dose::aSection(
        ProductKind::Styler,
        app(HeadRecord::class)->core($head->load('zoneParts')),
        $head->density,
    )->headMl();
    expect($days->count())->toBeGreaterThan(0)
        ->and($atHome['styler']['ml'])->toBe(round($days->count() * $one))
        ->and($atHome['styler']['left'])->toBeNull()
        // Of a mask at home nobody said anything.
        ->and(array_keys($atHome))->each->toBeIn(['styler', 'leave-in']);
    $this->get("/clients/{$head->id}/products")->assertOk()
        ->assertSee('Wash days at home in the next 14 days')
        ->assertSee('not counted yet');
    // Once it is booked in the salon it is no day at home any more.
    washDayBooked($this, $head, $days->first()->date->format('Y-m-d'), BookingStatus::Booked);
    $after = array_column(app(ProductNeeds::class)->atHome($head), null, 'kind');
    expect($after['styler']['ml'] ?? 0.0)->toBe(round(($days->count() - 1) * $one));
});
