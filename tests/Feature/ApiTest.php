<?php

declare(strict_types=1);

/*
 * What other programs ask for: held against the OpenAPI document with every answer, done once, lost for nobody, and
 * never more than a token was given for.
 */

use App\Http\Middleware\TokenMay;
use App\Models\Ability;
use App\Models\AccessToken;
use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\Head;
use App\Models\Role;
use App\Models\TokenAbility;
use App\Models\TrailEntry;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Routing\Route as OneRoute;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Illuminate\Testing\TestResponse;
use Tests\Feature\AskingProgram;

require_once __DIR__ . '/OpenSalon.php';

/** @return array<string, list<string>> what a token needs, by method and path as the document writes it */
function documentedAbilities(): array
{
    $abilities = [];
    foreach ((array) AskingProgram::document()->paths as $path => $item) {
        foreach (array_intersect(['get', 'post', 'patch', 'put', 'delete'], array_keys((array) $item)) as $method) {
            $abilities[strtoupper($method) . " {$path}"] = array_filter([$item->{$method}->{'x-ability'} ?? '']);
        }
    }
    ksort($abilities);

    return $abilities;
}

/** @return array<string, list<string>> the same of the routes */
function routedAbilities(): array
{
    $abilities = [];
    foreach (Route::getRoutes() as $route) {
        /** @var OneRoute $route */
        if (! str_starts_with($route->uri(), 'api/v1')) {
            continue;
        }
        $path = strtr(substr($route->uri(), strlen('api/v1')), ['{head}' => '{client}']);
        $abilities[$route->methods()[0] . ' ' . ($path === '' ? '/' : $path)] = array_values(array_map(
            static fn (string $of): string => substr($of, strlen(TokenMay::class) + 1),
            array_filter(
                $route->gatherMiddleware(),
                static fn (mixed $of): bool => is_string($of) && str_starts_with($of, TokenMay::class . ':'),
            ),
        ));
    }
    ksort($abilities);

    return $abilities;
}

function book(AskingProgram $program, Head $head, string $at, array $with = [], array $headers = []): TestResponse
{
    return $program->asks('POST', '/bookings', $with + [
        'client' => $head->id, 'service' => service('Dry cut')->id,
        'stylist' => User::query()->where('name', 'Ilse')->firstOrFail()->id, 'starts_at' => $at,
    ], $headers);
}

it('has a route for each address of the document, and none beside them, each with what its token needs', function (): void {
    expect(routedAbilities())->toBe(documentedAbilities())->and(count(routedAbilities()))->toBe(16);
    $this->get('/api/v1/openapi.json')->assertOk()->assertHeader('Content-Type', 'application/json');
    $listed = AskingProgram::document()->components->schemas;
    expect($listed->Token->properties->abilities->items->enum)
        ->toBe(array_column(TokenAbility::cases(), 'value'));
});

it('says whose token it is and what there is to be booked', function (): void {
    openSalon($this);
    $program = new AskingProgram($this);
    $program->asks('GET', '/')->assertOk()->assertJsonPath('data.program', 'Website')
        ->assertJsonPath('data.salon', 'Test salon')->assertJsonPath('data.today', '2027-01-09');
    expect(AccessToken::query()->sole()->last_used_at)->not->toBeNull();
    $program->asks('GET', '/services')->assertJsonCount(3, 'data')->assertJsonPath('data.1.price_cents', 4800);
    $program->asks('GET', '/stylists')->assertJsonCount(2, 'data');
    // Whoever has no hands is nobody to be booked with.
    User::query()->where('name', 'Quim')->latest('id')->first()->update(['role' => Role::FrontDesk]);
    $program->asks('GET', '/stylists')->assertJsonCount(1, 'data');
});

it('answers nobody without a token that is good', function (): void {
    $program = new AskingProgram($this);
    // Whoever is signed in on the pages is nobody here.
    $this->actingAs($this->stylist);
    foreach (['', 'Bearer ', 'Bearer 1|wrong', 'Bearer ' . substr($program->token, 0, -1), 'Basic YTpi'] as $with) {
        $program->asks('GET', '/clients', [], ['Authorization' => $with])->assertUnauthorized()
            ->assertHeader('WWW-Authenticate', 'Bearer')->assertHeader('Content-Type', 'application/problem+json');
    }
    $program->asks('GET', '/clients')->assertOk();
    $this->travelTo(CarbonImmutable::now()->addDays(91));
    $program->asks('GET', '/clients')->assertUnauthorized();
    $this->travelBack();
    $program = new AskingProgram($this);
    $this->stylist->forceFill(['left_at' => now()])->save();
    $program->asks('GET', '/clients')->assertUnauthorized();
});

it('lets a token do what it was given for and nothing else', function (TokenAbility $ability): void {
    openSalon($this);
    $head = $this->aHead();
    $booking = Booking::query()->find((new AskingProgram($this))->asks('POST', '/bookings', [
        'client' => $head->id, 'service' => service('Dry cut')->id, 'stylist' => $this->stylist->id,
        'starts_at' => '2027-01-11T10:00:00Z',
    ])->json('data.id'));
    $without = new AskingProgram($this, null, array_values(array_filter(
        TokenAbility::cases(),
        static fn (TokenAbility $other): bool => $other !== $ability,
    )));
    $tried = 0;
    foreach (documentedAbilities() as $operation => $needs) {
        [$method, $path] = explode(' ', strtr($operation, ['{client}' => $head->id, '{booking}' => $booking->id]));
        if ($needs === [$ability->value]) {
            $tried++;
            expect($without->asks($method, $path)->assertForbidden()->json('detail'))->toContain($ability->value);
        }
    }
    expect($tried)->toBeGreaterThan(0)->and($booking->fresh()->sequence)->toBe($booking->sequence);
    // Nor more than whoever gave it may do by now.
    $with = new AskingProgram($this, null, [$ability]);
    $this->stylist->update(['role' => Role::FrontDesk]);
    [$method, $path] = explode(' ', strtr(
        (string) array_search([$ability->value], documentedAbilities(), true),
        ['{client}' => $head->id, '{booking}' => $booking->id],
    ));
    $answer = $with->asks($method, $path);
    $ability->asks() === Ability::Decide
        ? $answer->assertForbidden()
        : expect($answer->getStatusCode())->not->toBe(403);
})->with(array_column(TokenAbility::cases(), null, 'value'));

it('knows nothing of another salon', function (): void {
    openSalon($this);
    $program = new AskingProgram($this);
    [$salon, $owner] = $this->salonWithStylist('other@test.example');
    $theirs = $this->aHead('mixed-porosity', $salon);
    $theirBooking = (new Booking())->forceFill([
        'salon_id' => $salon->id, 'head_id' => $theirs->id, 'user_id' => $owner->id, 'service' => 'Cut',
        'is_wash_day' => false, 'date' => '2027-01-11', 'starts_at' => '2027-01-11 10:00:00', 'stretches' => [],
        'minutes' => 30, 'price_cents' => 1, 'status' => BookingStatus::Booked, 'sequence' => 0, 'changed_by' => 'x',
    ]);
    $theirBooking->save();
    foreach ([
        ['GET', "/clients/{$theirs->id}"], ['PATCH', "/clients/{$theirs->id}"],
        ['GET', "/clients/{$theirs->id}/record"],
        ['GET', "/bookings/{$theirBooking->id}"], ['PATCH', "/bookings/{$theirBooking->id}"],
        ['POST', "/bookings/{$theirBooking->id}/cancel"], ['GET', '/clients/none'], ['GET', '/bookings/none'],
    ] as [$method, $path]) {
        $program->asks($method, $path, ['name' => 'Mine', 'because' => 'x'], ['If-Match' => '*'])->assertNotFound();
    }
    $program->asks('GET', '/clients')->assertJsonCount(0, 'data');
    $program->asks('GET', '/bookings', ['from' => '2027-01-10'])->assertJsonCount(0, 'data');
    $mine = $this->aHead();
    book($program, $theirs, '2027-01-11T10:00:00Z')->assertUnprocessable()
        ->assertJsonStructure(['errors' => ['client']]);
    book($program, $mine, '2027-01-11T10:00:00Z', ['stylist' => $owner->id])->assertUnprocessable();
    $program->asks('GET', '/bookings', ['client' => $theirs->id])->assertUnprocessable();
    expect($theirs->fresh()->name)->not->toBe('Mine')->and($theirBooking->fresh()->sequence)->toBe(0);
});

it('adds a client once, however often it is sent, and says where', function (): void {
    $program = new AskingProgram($this);
    $sent = fn (array $body, string $key): TestResponse => $program->asks(
        'POST',
        '/clients',
        $body,
        ['Idempotency-Key' => $key],
    );
    $vesla = ['name' => 'Vesla Ortiz', 'phone' => '+351 912 345 678', 'messages' => 'text'];
    $first = $sent($vesla, 'one')->assertCreated();
    $again = $sent($vesla, 'one')->assertCreated();
    expect(Head::query()->where('name', 'Vesla Ortiz')->count())->toBe(1)
        ->and($again->getContent())->toBe($first->getContent())
        ->and($again->headers->get('ETag'))->toBe($first->headers->get('ETag'))
        ->and($again->headers->get('Location'))->toEndWith("/api/v1/clients/{$first->json('data.id')}");
    $sent($vesla, 'two')->assertConflict();
    $sent($vesla + ['another' => true], 'three')->assertCreated();
    expect(Head::query()->where('name', 'Vesla Ortiz')->count())->toBe(2);
    // What cannot be is said field by field, and nothing is kept of it.
    $wrong = $sent(['name' => '', 'email' => 'none', 'messages' => 'pigeon', 'language' => 'tlh'], 'four');
    expect(array_keys($wrong->assertUnprocessable()->json('errors')))
        ->toEqualCanonicalizing(['name', 'email', 'messages', 'language']);
    $sent(['name' => 'No number', 'messages' => 'text'], 'five')->assertUnprocessable();
    expect(Head::query()->where('salon_id', $this->salon->id)->count())->toBe(2);
    // The trail tells a program from a hand.
    $entry = TrailEntry::query()->where('head_id', $first->json('data.id'))->where('event', 'created')->first();
    expect($entry?->program)->toBe('Website')->and((int) $entry?->causer_id)->toBe($this->stylist->id);

    $this->actingAs($this->stylist)->get('/salon/trail')->assertSee('through Website');
});

it('changes a client only for whoever saw them as they are', function (): void {
    $program = new AskingProgram($this);
    $head = $this->aHead();
    $head->update(['phone' => '912 345 678', 'reminded_by' => 'text']);
    $mark = (string) $program->asks('GET', "/clients/{$head->id}")->headers->get('ETag');
    $patch = fn (array $body, array $with): TestResponse
        => $program->asks('PATCH', "/clients/{$head->id}", $body, $with);
    $patch(['email' => 'new@home.example'], [])->assertStatus(428);
    $head->update(['household' => 'Ortiz']);
    $patch(['email' => 'new@home.example'], ['If-Match' => $mark])->assertStatus(412);
    expect($head->fresh()->email)->not->toBe('new@home.example');
    $mark = (string) $program->asks('GET', "/clients/{$head->id}")->headers->get('ETag');
    $changed = $patch(['email' => 'new@home.example'], ['If-Match' => "\"other\", {$mark}"])->assertOk();
    expect($changed->headers->get('ETag'))->not->toBe($mark);
    $fresh = $head->fresh();
    // What was left out stays; what is emptied is empty.
    expect([$fresh->email, $fresh->phone, $fresh->reminded_by, $fresh->household])
        ->toBe(['new@home.example', '912 345 678', 'text', 'Ortiz']);
    $patch(['phone' => null], ['If-Match' => '*'])->assertUnprocessable();
    $patch(['phone' => null, 'messages' => 'nobody'], ['If-Match' => '*'])->assertOk()
        ->assertJsonPath('data.phone', null);
});

it('lists clients a hundred at a time, by part of a name, and since when they changed', function (): void {
    $program = new AskingProgram($this);
    $like = $this->aHead()->getAttributes();
    DB::table('heads')->insert(array_map(static fn (int $i): array => [
        'id' => sprintf('01HX%022d', $i), 'name' => "Client {$i}_%", 'updated_at' => '2027-01-01 00:00:00',
    ] + $like, range(1, 104)));
    $page = $program->asks('GET', '/clients')->assertJsonCount(100, 'data');
    $next = $program->asks('GET', '/clients', ['cursor' => (string) str($page->json('next'))->after('cursor=')]);
    $next->assertJsonCount(5, 'data')->assertJsonPath('next', null);
    expect(count(array_unique([...$page->json('data.*.id'), ...$next->json('data.*.id')])))->toBe(105);
    $program->asks('GET', '/clients', ['name' => '10_%'])->assertJsonCount(1, 'data');
    $program->asks('GET', '/clients', ['changed_since' => '2027-01-02T00:00:00Z'])->assertJsonCount(1, 'data');
    $program->asks('GET', '/clients', ['changed_since' => 'yesterday'])->assertUnprocessable();
    $program->asks('GET', '/clients', ['cursor' => 'nonsense'])->assertOk();
});

it('hands out a care record and takes it in again, whole', function (): void {
    $program = new AskingProgram($this);
    $head = $this->aHead();
    $record = $program->asks('GET', "/clients/{$head->id}/record")->assertOk()->getContent();
    $program->asks('POST', '/records', (string) $record)->assertConflict();
    $copy = $program->asks('POST', '/records?copy=1', (string) $record)->assertCreated()->json('data.id');
    $again = json_decode((string) $program->asks('GET', "/clients/{$copy}/record")->getContent(), true);
    $first = json_decode((string) $record, true);
    unset($again['head']['id'], $first['head']['id'], $again['id'], $first['id']);
    expect(array_keys($again))->toBe(array_keys($first))
        ->and($again['readings'] ?? $again)->toEqual($first['readings'] ?? $first);
    // Numbers stay numbers on the way in; what is wrong is named by where it stands.
    $spoiled = json_decode((string) $record, true);
    $spoiled['head']['humidity_percent'] = 'wet';
    $errors = $program->asks('POST', '/records?copy=1', (string) json_encode($spoiled))
        ->assertUnprocessable()->json('errors');
    expect(implode(' ', array_keys($errors)))->toContain('humidity_percent');
    foreach (['', '{', '[]', 'null', '"x"', '{"a":' . str_repeat('[', 600) . str_repeat(']', 600) . '}'] as $text) {
        $program->asks('POST', '/records', $text)->assertUnprocessable();
    }
    $program->asks('POST', '/records', "{\"name\": \"\xFF\"}")->assertUnprocessable();
    $program->asks('POST', '/records', '"' . str_repeat('a', 5_000_001) . '"')->assertStatus(413);
    expect(Head::query()->where('salon_id', $this->salon->id)->count())->toBe(2);
});

it('books, moves and cancels, and promises no hands twice', function (): void {
    openSalon($this);
    $program = new AskingProgram($this);
    [$head, $other] = [$this->aHead(), $this->aHead()];
    $free = $program->asks('GET', '/free-times', [
        'client' => $head->id, 'service' => service('Dry cut')->id, 'from' => '2027-01-11',
        'stylist' => $this->stylist->id,
    ]);
    expect($free->json('data.0'))->toMatchArray([
        'starts_at' => '2027-01-11T09:00:00+00:00', 'stylist' => $this->stylist->id,
    ])->and($free->json('minutes'))->toBe(45);
    $made = book($program, $head, $free->json('data.0.starts_at'), [], ['Idempotency-Key' => 'a'])->assertCreated()
        ->assertJsonPath('data.ends_at', '2027-01-11T09:45:00+00:00')->assertJsonPath('data.price_cents', 4800);
    $booking = Booking::query()->findOrFail($made->json('data.id'));
    expect($booking->changed_by)->toBe('Website');
    expect(book($program, $other, '2027-01-11T09:15:00Z')->assertConflict()->json('detail'))->not->toBe('');
    // Any offset is the same moment.
    $moved = $program->asks('PATCH', "/bookings/{$booking->id}", ['starts_at' => '2027-01-11T15:00:00+05:00'], [
        'If-Match' => (string) $made->headers->get('ETag'),
    ])->assertOk()->assertJsonPath('data.starts_at', '2027-01-11T10:00:00+00:00');
    $program->asks('PATCH', "/bookings/{$booking->id}", ['starts_at' => '2027-01-11T11:00:00Z'], [
        'If-Match' => (string) $made->headers->get('ETag'),
    ])->assertStatus(412);
    $program->asks('PATCH', "/bookings/{$booking->id}", ['client' => $other->id], ['If-Match' => '*'])
        ->assertUnprocessable()->assertJsonStructure(['errors' => ['client']]);
    $program->asks('POST', "/bookings/{$booking->id}/cancel", [], ['If-Match' => '*'])->assertUnprocessable();
    $program->asks('POST', "/bookings/{$booking->id}/cancel", ['because' => 'ill'], [
        'If-Match' => (string) $moved->headers->get('ETag'),
    ])->assertOk()->assertJsonPath('data.status', 'cancelled')->assertJsonPath('data.because', 'ill');
    $program->asks('POST', "/bookings/{$booking->id}/cancel", ['because' => 'ill'], ['If-Match' => '*'])
        ->assertConflict();
    $program->asks('PATCH', "/bookings/{$booking->id}", [], ['If-Match' => '*'])->assertConflict();
    $program->asks('GET', '/bookings', ['from' => '2027-01-11', 'until' => '2027-01-11'])->assertJsonCount(1, 'data');
    foreach ([['x', '2027-01-11'], ['2027-01-11', '2027-01-10'], ['2027-01-01', '2027-02-01']] as [$from, $until]) {
        $days = ['from' => $from, 'until' => $until];
        $program->asks('GET', '/bookings', $days)->assertUnprocessable();
    }
});

it('books on the salon’s clock on the days it is changed', function (): void {
    openSalon($this);
    $program = new AskingProgram($this);
    // Lisbon goes from UTC to UTC+1 in the night to 28 March 2027.
    $before = book($program, $this->aHead(), '2027-03-27T10:00:00Z')->assertCreated();
    $after = book($program, $this->aHead(), '2027-03-28T10:00:00Z')->assertCreated();
    expect($before->json('data.starts_at'))->toBe('2027-03-27T10:00:00+00:00')
        ->and($after->json('data.starts_at'))->toBe('2027-03-28T11:00:00+01:00')
        ->and(Booking::query()->findOrFail($after->json('data.id'))->date->format('Y-m-d'))->toBe('2027-03-28');
    // 08:30 UTC is half past nine in summer, when the salon is open, and half past eight in winter, when it is not.
    book($program, $this->aHead(), '2027-03-29T08:30:00Z')->assertCreated();
    book($program, $this->aHead(), '2027-03-26T08:30:00Z')->assertConflict();
    foreach (['2027-01-08T10:00:00Z', '2029-06-01T10:00:00Z', '2027-01-11 10:00', 'soon', ''] as $at) {
        book($program, $this->aHead(), $at)->assertUnprocessable()->assertJsonStructure(['errors' => ['starts_at']]);
    }
});

it('tells in one form of whatever goes wrong, in the giver’s language', function (): void {
    $program = new AskingProgram($this);
    foreach ([['GET', '/nowhere', 404], ['PUT', '/clients', 405]] as [$method, $path, $status]) {
        $program->asks($method, $path)->assertStatus($status)->assertHeader('Content-Type', 'application/problem+json')
            ->assertJsonPath('status', $status)->assertJsonPath('type', 'about:blank');
    }
    foreach (['{', '{"name": ["a"]}', '{"name": {"a": 1}}', "{\"name\": \"\0\"}"] as $text) {
        $program->asks('POST', '/clients', $text)->assertUnprocessable()
            ->assertHeader('Content-Type', 'application/problem+json');
    }
    $this->stylist->update(['language' => 'es']);
    expect($program->asks('POST', '/clients', [])->json('detail'))->toContain('Algo no está bien');
});

it('answers so many requests of a token a minute, and says how long to wait', function (): void {
    config(['api.requests_per_minute' => 3, 'api.requests_per_minute_from_one_address' => 8]);
    [$one, $other] = [new AskingProgram($this), new AskingProgram($this)];
    foreach ([2, 1, 0] as $left) {
        $one->asks('GET', '/')->assertOk()->assertHeader('X-RateLimit-Remaining', (string) $left);
    }
    $refused = $one->asks('GET', '/')->assertStatus(429);
    expect((int) $refused->headers->get('Retry-After'))->toBeGreaterThan(0);
    $other->asks('GET', '/')->assertOk();
    // Whoever guesses at tokens is told to wait as well, from one address.
    foreach (range(1, 3) as $i) {
        $other->asks('GET', '/', [], ['Authorization' => "Bearer {$i}|guess"])->assertUnauthorized();
    }
    $other->asks('GET', '/', [], ['Authorization' => 'Bearer 9|guess'])->assertStatus(429);
});

it('opens the pages to no token, and asks for nothing a page is protected by', function (): void {
    $program = new AskingProgram($this);
    Auth::forgetGuards();
    $this->withHeaders(['Authorization' => "Bearer {$program->token}"])->get('/today')->assertRedirect('/sign-in');
    expect($program->asks('GET', '/')->headers->getCookies())->toBe([]);
});
