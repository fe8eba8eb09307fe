<?php

declare(strict_types=1);

use App\Models\Head;
use App\Models\PlanItem;
use App\Models\Reading;
use App\Models\Visit;
use App\Models\WashDay;
use App\Policies\HeadPolicy;
use Illuminate\Support\Facades\DB;

it('is not there for a stylist of another salon', function (string $method, string $path): void {
    $head = $this->aHead();
    [, $other] = $this->salonWithStylist('maren@test.example');
    $path = str_replace(['{reading}', '{wash}', '{visit}'], [$head->readings->first()->key, $head->washDays->first()->key, $head->visits()->first()->id], $path);
    $this->actingAs($other)->call($method, "/heads/{$head->id}{$path}")->assertNotFound();
    expect(Head::query()->withoutGlobalScopes()->whereKey($head->id)->exists())->toBeTrue();
})->with([
    ['GET', ''], ['GET', '/edit'], ['PUT', ''], ['GET', '/bench'], ['POST', '/bench'], ['GET', '/bench/zones'], ['PUT', '/bench/draft'], ['DELETE', '/bench/draft/home'], ['POST', '/bench/instruments/scale'], ['POST', '/bench/on-picture'], ['GET', '/visits'], ['GET', '/visits/{visit}'], ['GET', '/visits/{visit}/correct'], ['PUT', '/visits/{visit}'], ['DELETE', '/visits/{visit}'], ['POST', '/readings/{reading}/confirm'],
    ['GET', '/wash-day'], ['POST', '/wash-day'], ['DELETE', '/wash-day/{wash}'], ['GET', '/season'], ['GET', '/what-if'], ['GET', '/season.ics'], ['GET', '/ledger'], ['GET', '/record.json'],
]);

it('lists its own heads only, and scopes every query of what belongs to a salon', function (): void {
    $mine = $this->aHead();
    [$salon, $other] = $this->salonWithStylist('maren@test.example');
    $theirs = $this->aHead('protein-sensitive', $salon);
    $this->actingAs($this->stylist)->get('/heads')->assertSee($mine->name)->assertDontSee($theirs->name);
    foreach ([Reading::class, Visit::class, WashDay::class, PlanItem::class] as $model) {
        expect($model::query()->where('head_id', $theirs->id)->count())->toBe(0)
            ->and($model::query()->where('head_id', $mine->id)->count())->toBeGreaterThan(0);
    }
    // The policy says the same once more, should the scope ever be left off.
    expect((new HeadPolicy())->view($this->stylist, $theirs)->denied())->toBeTrue()
        ->and((new HeadPolicy())->view($other, $theirs)->allowed())->toBeTrue();
});

it('does not let a reading of one head be confirmed through another', function (): void {
    $one = $this->aHead();
    $two = $this->aHead('protein-sensitive');
    $this->actingAs($this->stylist)->post("/heads/{$one->id}/readings/{$two->readings->first()->key}x/confirm")->assertNotFound();
});

it('keeps an audit trail that names no health note', function (): void {
    $this->actingAs($this->stylist)->post('/heads', $this->intake(['health_notes' => 'a private matter', 'allergies' => 'nuts']));
    $entry = Spatie\Activitylog\Models\Activity::query()->where('subject_type', Head::class)->latest('id')->first();
    expect($entry->causer_id)->toEqual($this->stylist->id)
        ->and(json_encode($entry->properties))->toContain('Vesla')->not->toContain('private matter')->not->toContain('nuts');
    $stored = DB::table('heads')->where('name', 'Vesla Ortiz-Kane')->first();
    expect($stored->health_notes)->not->toContain('private')->and($stored->allergies)->not->toContain('nuts');
});
