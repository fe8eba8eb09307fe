<?php

declare(strict_types=1);

use App\Exceptions\FailedQuery;
use App\Models\Head;
use App\Wording\Said;
use Illuminate\Database\QueryException;
use Illuminate\Log\Events\MessageLogged;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Route;

/*
 * What a page says where the machine fails it, and what a log may hold.
 */

it('says that its book is away and tries again, to staff and to clients in words of their own', function (): void {
    $gone = new QueryException(
        'mariadb',
        'select * from `heads`',
        [],
        new PDOException('SQLSTATE[HY000] [2002] Connection refused'),
    );
    Route::get('/gone', fn () => throw $gone);
    Route::get('/card/gone/away', fn () => throw $gone);
    $this
        ->get('/gone')
        ->assertStatus(503)
        ->assertHeader('Retry-After', '5')
        ->assertSee('cannot reach its records')
        ->assertSee('http-equiv="refresh"', false)
        ->assertDontSee('select');
    $this
        ->get('/card/gone/away')
        ->assertStatus(503)
        ->assertSee('Your salon')
        ->assertDontSee('Nagomi cannot')
        ->assertDontSee('/today');
    $this->getJson('/gone')->assertStatus(503)->assertJsonStructure(['message']);
});

it('shows a client no page of the staff’s, whatever went wrong', function (): void {
    Route::get('/card/broken/page', fn () => throw new RuntimeException('x'));
    $this
        ->get('/card/broken/page')
        ->assertStatus(500)
        ->assertSee('tell your salon')
        ->assertDontSee('/clients')
        ->assertDontSee('/today');
    $this->put('/card/broken/page')->assertStatus(405)->assertSee('tell your salon')->assertDontSee('/clients');
});

it('opens wash day, booking and quote for a client of one notebook row', function (string $what): void {
    $this->actingAs($this->stylist)->post(
        '/clients',
        $this->intake([
            'length_cm' => '',
            'notebook' => [[
                'what' => $what,
                'date' => '2026-11-01',
                'millimetres' => $what === 'trim' ? '10' : '',
                'approximate' => '1',
            ]],
        ]),
    )->assertSessionHasNoErrors();
    $head = Head::query()->latest('created_at')->firstOrFail();
    $offer = (new App\Models\Service())->forceFill([
        'salon_id' => $this->salon->id, 'name' => 'Wash day', 'is_wash_day' => true, 'minutes' => 120,
        'price_cents' => 8500,
    ]);
    $offer->save();
    $this->get("/clients/{$head->id}/wash")->assertOk()->assertSee('Styled after about');
    $this
        ->get("/bookings/new?head={$head->id}&service={$offer->id}&date=2027-01-11")
        ->assertOk()
        ->assertSee('to dry with the diffuser');
    $this->post("/clients/{$head->id}/wash")->assertRedirect();
})->with(['trim', 'wash', 'mask', 'strong-protein', 'chemical-service']);

it('logs a query that failed without the values that were in it', function (): void {
    $failed = new QueryException(
        'mariadb',
        'insert into `heads` (`name`, `allergies`) values (?, ?)',
        ['Vesla Ortiz-Kane', 'wheat'],
        new PDOException(
            "SQLSTATE[22001]: String data, right truncated: 1406 Data too long for column 'name' at row 1 'Vesla Ortiz-Kane'",
        ),
    );
    $kept = FailedQuery::of($failed);
    expect($kept->getMessage())
        ->toContain('insert into `heads`')
        ->toContain('SQLSTATE')->not
        ->toContain('Vesla')->not
        ->toContain('wheat')
        ->and($kept->getPrevious())
        ->toBeNull();
    $logged = [];
    Event::listen(MessageLogged::class, function (MessageLogged $message) use (&$logged): void {
        $logged[] = $message->message
            . json_encode(
                $message->context['exception'] instanceof Throwable ? (string) $message->context['exception'] : '',
            );
    });
    Route::get('/broken', fn () => throw $failed);
    $this->get('/broken')->assertStatus(500);
    expect($logged)
        ->toHaveCount(1)
        ->and($logged[0])
        ->toContain('insert into')->not
        ->toContain('Vesla')->not
        ->toContain('wheat');
});

it('keeps its logs by the day, for its own user and group alone', function (): void {
    expect(config('logging.default'))
        ->toBe('daily')
        ->and(config('logging.channels.daily.permission'))
        ->toBe(0640)
        ->and(ini_get('zend.exception_ignore_args'))
        ->toBe('1');
});

it('gives a contact that came with a name and a phone gentle usual care and a look, and claims nothing of the hair', function (): void {
    $file = Illuminate\Http\UploadedFile::fake()->createWithContent(
        'a.vcf',
        "BEGIN:VCARD\r\nVERSION:4.0\r\nFN:Vesla Ortiz\r\nTEL:+351 912 345 678\r\nEND:VCARD\r\n",
    );
    $this->actingAs($this->stylist)->post((string) $this->post(
        '/salon/data/imports',
        ['file' => $file],
    )->headers->get('Location'));
    $head = Head::query()->where('name', 'Vesla Ortiz')->sole();
    $page = $this
        ->get("/clients/{$head->id}")
        ->assertOk()
        ->assertSee('Not tested yet')->assertDontSee('test the hair on this day')
        ->assertSee('Not measured yet: curl, strand, density, length, porosity, styling products, water hardness');
    foreach (
        ['4b–4c', '30 cm', 'medium porosity', 'mild protein', 'strong protein', '% in balance', 'hard water'] as $claim
    ) {
        expect(strip_tags((string) $page->getContent()))->not->toContain($claim, $claim);
    }
    foreach ($head->planItems()->where('status', 'planned')->get() as $item) {
        $kinds = array_column($item->steps, 'kind');
        expect(array_intersect($kinds, ['mild-protein', 'strong-protein']))
            ->toBe([])
            ->and(array_column($item->steps, 'cleanse'))->not
            ->toContain('clarifying')->not
            ->toContain('chelating');
    }
    expect($head->planItems()->where('status', 'planned')->first()->look)->toBeTrue();
    // One reading of the hair, and the plan is free to answer it.
    $this->post(
        "/clients/{$head->id}/hair-tests",
        [
            'date' => '2027-01-09',
            'moment' => 'before-cleansing',
            'raw' => ['feel' => ['points' => '4'], 'dryness' => ['points' => '2']],
        ],
    )->assertSessionHasNoErrors();
    expect(Said::of($head->outlook()->first()->verdict))->not->toContain('Not tested yet');
});

it('answers an array where one value belongs, broken letters and null bytes with a sentence', function (): void {
    $this->actingAs($this->stylist);
    foreach (
        [
            '/today?date[]=a', '/clients?search[]=x', '/reports?from[a][b]=1', '/clients?search=%00',
            '/clients?search=%C3%28',
        ] as $address
    ) {
        $this->get($address)->assertNotFound()->assertSee('There is nothing at this address');
    }
    $this
        ->post('/salon/leave', ['leave_of' => ['a'], 'leave_from' => "2027-01-09\0"])
        ->assertStatus(422)
        ->assertSee('cannot be read as text');
});
