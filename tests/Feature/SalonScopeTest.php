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
    $path = str_replace(
        ['{reading}', '{wash}', '{visit}'],
        [$head->readings->first()->key, $head->washDays->first()->key, $head->visits()->first()->id],
        $path,
    );
    $this->actingAs($other)->call($method, "/clients/{$head->id}{$path}")->assertNotFound();
    expect(Head::query()->withoutGlobalScopes()->whereKey($head->id)->exists())->toBeTrue();
})->with([
    ['GET', ''], ['GET', '/edit'], ['PUT', ''], ['GET', '/hair-tests'], ['POST', '/hair-tests'],
    ['GET', '/hair-tests/zones'], ['PUT', '/hair-tests/draft'], ['DELETE', '/hair-tests/draft/home'],
    ['POST', '/hair-tests/instruments/scale'], ['POST', '/hair-tests/on-picture'], ['GET', '/history'],
    ['GET', '/history/{visit}'], ['GET', '/history/{visit}/correct'], ['PUT', '/history/{visit}'],
    ['DELETE', '/history/{visit}'], ['POST', '/readings/{reading}/confirm'],
    ['GET', '/wash-days'], ['POST', '/wash-days'], ['DELETE', '/wash-days/{wash}'], ['GET', '/plan'],
    ['GET', '/plan/what-if'], ['GET', '/plan.ics'], ['GET', '/history/ledger'], ['GET', '/record.json'],
]);

it('lists its own heads only, and scopes every query of what belongs to a salon', function (): void {
    $mine = $this->aHead();
    [$salon, $other] = $this->salonWithStylist('maren@test.example');
    $theirs = $this->aHead('protein-sensitive', $salon);
    $this->actingAs($this->stylist)->get('/clients')->assertSee($mine->name)->assertDontSee($theirs->name);
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
    $this
        ->actingAs($this->stylist)
        ->post("/clients/{$one->id}/readings/{$two->readings->first()->key}x/confirm")
        ->assertNotFound();
});

it('keeps an audit trail that names no health note', function (): void {
    $this->actingAs($this->stylist)->post(
        '/clients',
        $this->intake(['health_notes' => 'a private matter', 'allergies' => 'nuts']),
    );
    $entry = Spatie\Activitylog\Models\Activity::query()->where('subject_type', Head::class)->latest('id')->first();
    expect($entry->causer_id)->toEqual($this->stylist->id)
        ->and(json_encode($entry->properties))
            ->toContain('Vesla')->not
            ->toContain('private matter')->not
            ->toContain('nuts');
    $stored = DB::table('heads')->where('name', 'Vesla Ortiz-Kane')->first();
    expect($stored->health_notes)->not->toContain('private')->and($stored->allergies)->not->toContain('nuts');
});

it('has no way to a head, a booking or a product for a stylist of another salon, on any route there is', function (): void {
    $head = $this->aHead();
    $this->actingAs($this->stylist)->post(
        '/products',
        ['name' => 'Barrel', 'kind' => 'mask', 'ingredients' => 'Aqua', 'size_ml' => '100'],
    );
    $booking = (new App\Models\Booking([
        'head_id' => $head->id, 'user_id' => $this->stylist->id, 'service' => 'Dry cut', 'is_wash_day' => false,
        'date' => '2027-01-11', 'starts_at' => '2027-01-11 10:00', 'stretches' => [], 'minutes' => 45,
        'price_cents' => 0, 'status' => 'booked', 'changed_by' => 'Ilse',
    ]))->forceFill(['salon_id' => $this->salon->id]);
    $booking->save();
    $link = (new App\Models\HomeLink([
        'head_id' => $head->id,
        'by' => 'Ilse',
        'expires_at' => now()->addDay(),
    ]))->forceFill(['salon_id' => $this->salon->id]);
    $link->save();
    $is = [
        'head' => $head->id,
        'booking' => $booking->id,
        'product' => App\Models\Product::query()->value('id'),
        'link' => $link->id,
        'visit' => $head->visits()->first()->id,
        'reading' => $head->readings->first()->key,
        'washDay' => $head->washDays->first()->key,
        'date' => '2027-01-12',
        'moment' => 'home',
        'zone' => 'crown',
        'device' => 'scale',
        'place' => '0',
    ];
    [, $stranger] = $this->salonWithStylist('maren@test.example');
    $this->actingAs($stranger);
    $tried = 0;
    foreach (Illuminate\Support\Facades\Route::getRoutes() as $route) {
        if (preg_match('#^(clients/\{head\}|bookings/\{booking\}|products/\{product\})#', $route->uri()) !== 1) {
            continue;
        }
        $path = '/'
            . preg_replace_callback(
                '/\{(\w+)(?::\w+)?\??\}/',
                fn (array $name): string => (string) ($is[$name[1]] ?? '1'),
                $route->uri(),
            );
        foreach (array_diff($route->methods(), ['HEAD']) as $method) {
            $answer = $this->call($method, $path, ['acts' => [['key' => 'a', 'kind' => 'done']]]);
            // Acts are answered for one by one, in the words for a client whom nobody here knows.
            $isAnswered = in_array($route->getName(), ['clients.wash.acts', 'clients.hair-tests.acts'], true);
            expect($answer->status())->toBe($isAnswered ? 200 : 404, "{$method} {$path}");
            $isAnswered && expect($answer->json('answers.0.sentence'))->toBe(trans('acts.no-client'));
            $tried++;
        }
    }
    expect($tried)
        ->toBeGreaterThan(80)
        ->and(Head::query()->withoutGlobalScopes()->whereKey($head->id)->exists())
        ->toBeTrue();
});

it('asks everybody to sign in, on every route but those that are meant for clients', function (): void {
    $open = [
        'sign-in', 'sign-in/code', 'begin', 'begin/archive', 'invitations/{invitation}', 'passwords/{user}',
        'card/{link}', 'card/{link}/acts', 'card/stop/{head}', 'calendars/{secret}.ics', '/',
        'storage/{path}', 'up', 'a/{version}/{file}', 'api/v1/openapi.json',
        'health', 'metrics',
    ];
    foreach (Illuminate\Support\Facades\Route::getRoutes() as $route) {
        if (! in_array($route->uri(), $open, true)) {
            $asks = str_starts_with($route->uri(), 'api/') ? 'auth:sanctum' : 'auth';
            expect(in_array($asks, $route->gatherMiddleware(), true))->toBeTrue($route->uri());
        }
    }
});
