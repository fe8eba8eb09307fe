<?php

declare(strict_types=1);

use App\Bridge\Scheduling\ServiceQuotes;
use App\Bridge\WashDays\SessionOrder;
use App\Bridge\WashDays\UsualDrying;
use App\Care\WashDays\WornStyles;
use App\Models\Head;
use App\Models\PaceDay;
use App\Models\Product;
use App\Models\Service;
use App\Models\Style;
use App\Models\WashSession;
use App\Models\WashSessionAct;
use Carbon\CarbonImmutable;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Record\CareRecordReader;
use Nagomi\Core\WashDay\StylingMethod;
use Opis\JsonSchema\Validator;

require_once __DIR__ . '/LaidOutDays.php';

it('lays a day out to be changed, one a client, that has not begun', function (): void {
    $head = $this->aHead();
    $draft = laidOut($this, $head);
    expect($draft->began_at)->toBeNull()->and(WashSession::running($head))->toBeNull();
    // Whoever lays it out next finds the same.
    laidOut($this, $head);
    expect(WashSession::query()->count())->toBe(1);
    $this->get("/clients/{$head->id}/wash")->assertOk()->assertSee('A wash day was laid out by hand')
        ->assertSee('Begin as planned instead');
    $this->get("/clients/{$head->id}/wash/{$draft->id}")
        ->assertOk()
        ->assertSee('Change what you like before it begins');
    // Nothing of hands counts before it begins.
    [$said] = sentTo($this, $draft, composedAct('done', 'ready'));
    expect($said)->toContain('has not begun');
    $this->post("/clients/{$head->id}/wash/{$draft->id}/finish")->assertRedirect();
    expect($draft->refresh()->finished_at)->toBeNull();
    // Put aside, it is gone, and a tablet that was away hears it.
    $this->delete("/clients/{$head->id}/wash/{$draft->id}")->assertRedirect();
    expect(WashSession::query()->count())->toBe(0);
});

it('puts in, moves, repeats, changes and takes out', function (): void {
    $head = $this->aHead();
    $draft = laidOut($this, $head);
    $before = keysOf($draft);
    $last = array_search('squeeze', $before, true);
    expect(sentTo(
        $this,
        $draft,
        composedAct('add', 'wrap-1', ['of' => 'wrap', 'after' => 'squeeze']),
        composedAct('add', 'mask-1', ['of' => 'mask', 'after' => 'rinse-1']),
        composedAct('add', 'rinse-9', ['of' => 'rinse', 'after' => 'mask-1']),
        composedAct('set', 'mask-1', ['on' => 25, 'hands' => 7]),
        composedAct('set', 'style', ['sections' => 8]),
        composedAct('move', 'wrap-1', ['after' => 'leave-in']),
        composedAct('skip', 'seal', []),
        composedAct('amount', 'mask-1', ['ml' => 33]),
    ))->toBe(array_fill(0, 8, null));
    $state = dayOf($draft);
    $after = keysOf($draft);
    expect($after)->toContain('wrap-1')->toContain('mask-1')->not->toContain('seal')
        ->and(array_search('wrap-1', $after, true))->toBe(array_search('leave-in', $after, true) + 1)
        ->and(array_search('mask-1', $after, true))->toBe(array_search('rinse-1', $after, true) + 1)
        ->and($state->step('mask-1'))->toMatchArray(['waiting_minutes' => 25.0, 'hands_on_minutes' => 7.0])
        ->and($state->step('mask-1')['books']['minutes'])->toEqual(25)
        ->and($state->step('style')['sections'])->toBe(8)
        ->and($state->step('style')['hands_on_minutes'] / $draft->steps()[array_search(
            'style',
            array_column($draft->steps(), 'key'),
            true,
        )]['hands_on_minutes'])->toEqualWithDelta(8 / $head->sections, 0.01)
        ->and($state->said('mask-1')['ml'])->toBe(33.0)
        ->and($last)->not->toBeFalse();
    // It is the day that begins.
    $this->post("/clients/{$head->id}/wash/{$draft->id}/begin")->assertRedirect();
    $this->get("/clients/{$head->id}/wash/{$draft->id}")->assertOk()->assertSee('Undo');
    expect(WashSession::running($head)?->id)->toBe($draft->id)->and(keysOf($draft))->toBe($after);
});

it('says what to choose instead of what cannot be', function (): void {
    $draft = laidOut($this, $this->aHead());
    $wrong = [
        ['set', 'mask', ['on' => 900], '0 to 720'], ['set', 'style', ['hands' => 900], '0 to 240'],
        ['set', 'style', ['hands' => -1], '0 to 240'], ['set', 'style', ['hands' => '12'], '0 to 240'],
        ['set', 'style', ['sections' => 0], '1 to 16'], ['set', 'style', ['sections' => 2.5], '1 to 16'],
        ['set', 'style', ['tool' => 'rake'], 'fingers, comb or brush'],
        ['set', 'style', ['heat' => 'yes'], 'with or without'],
        ['set', 'style', ['mm' => 5000], '0.5 to 1000'], ['set', 'style', [], 'could not be read'],
        ['set', 'style', ['colour' => 'red'], 'could not be read'],
        ['set', 'squeeze', ['tool' => 'comb'], 'nothing of the kind'],
        ['set', 'leave-in', ['mm' => 5], 'nothing of the kind'],
        ['set', 'no-such', ['hands' => 4], 'not in the wash day'],
        ['add', 'wrap-1', ['of' => 'no-such', 'after' => null], 'cannot be put into'],
        ['add', 'Wrap <1>', ['of' => 'wrap', 'after' => null], 'could not be read'],
        ['add', 'wrap-1', ['of' => 'wrap', 'after' => 'no-such'], 'not in the wash day'],
        ['add', 'squeeze', ['of' => 'wrap', 'after' => null], 'in the wash day already'],
        ['add', 'wrap-1', ['of' => ['wrap'], 'after' => null], 'could not be read'],
        ['move', 'squeeze', ['after' => 7], 'could not be read'],
        ['move', 'squeeze', ['after' => 'squeeze'], 'not in the wash day'],
        ['skip', 'seal', ['because' => 'whim'], 'Say why'],
    ];
    foreach ($wrong as [$kind, $step, $value, $says]) {
        [$said] = sentTo($this, $draft, composedAct($kind, $step, $value));
        expect($said)->toContain($says);
    }
    expect(keysOf($draft))->toBe(array_column($draft->steps(), 'key'));
});

it('breaks a rule of the day for a reason only, and keeps it', function (): void {
    $head = $this->aHead();
    $draft = laidOut($this, $head);
    sentTo(
        $this,
        $draft,
        composedAct('add', 'protein-1', ['of' => 'strong-protein', 'after' => 'rinse-1']),
        composedAct('add', 'rinse-9', ['of' => 'rinse', 'after' => 'protein-1']),
    );
    expect(keysOf($draft))->toContain('protein-1');
    $masks = array_values(array_filter(
        keysOf($draft),
        static fn (string $key): bool => str_starts_with($key, 'mask') || str_starts_with($key, 'conditioner'),
    ));
    foreach (array_slice($masks, 1) as $mask) {
        expect(sentTo($this, $draft, composedAct('skip', $mask)))->toBe([null]);
    }
    [$said] = sentTo($this, $draft, composedAct('skip', $masks[0]));
    expect($said)->toContain('no mask after it')->and(keysOf($draft))->toContain($masks[0]);
    [$said] = sentTo($this, $draft, composedAct('move', $masks[0], ['after' => 'wet-through']));
    expect($said)->toContain('no mask after it');
    expect(sentTo($this, $draft, composedAct('skip', $masks[0], ['because' => 'client-wish'])))->toBe([null])
        ->and(keysOf($draft))->not->toContain($masks[0]);
    $this->post("/clients/{$head->id}/wash/{$draft->id}/begin")->assertRedirect();
    sentTo($this, $draft, composedAct('done', 'ready', [], 5));
    $this->post("/clients/{$head->id}/wash/{$draft->id}/finish")->assertRedirect();
    expect($draft->refresh()->outcome['broken'])->toBe([[
        'rule' => 'mask-after-strong-protein', 'because' => 'client-wish', 'by' => $this->stylist->name,
    ]]);
    $this->get("/clients/{$head->id}/wash/{$draft->id}")->assertOk()->assertSee('Strong protein would have no mask')
        ->assertSee('The client wishes it');
});

it('books what was put in with what was said of it', function (): void {
    $head = $this->aHead();
    $draft = laidOut($this, $head, ['drying' => 'diffuse']);
    $detangles = $head->washDays()->count();
    sentTo(
        $this,
        $draft,
        composedAct('add', 'trim-1', ['of' => 'trim', 'after' => 'squeeze']),
        composedAct('set', 'trim-1', ['mm' => 12]),
        composedAct('add', 'detangle-2', ['of' => 'detangle-before-styler', 'after' => 'leave-in']),
        composedAct('set', 'detangle-2', ['tool' => 'brush', 'sections' => 6]),
        composedAct('add', 'style-2', ['of' => 'style-braids', 'after' => 'style']),
        composedAct('skip', 'style', ['because' => 'client-wish']),
    );
    $this->travelTo(CarbonImmutable::parse('2027-01-09 10:00', 'UTC'));
    $this->post("/clients/{$head->id}/wash/{$draft->id}/begin")->assertRedirect();
    $minute = 0.0;
    $acts = [];
    $state = dayOf($draft);
    foreach ($state->steps() as $step) {
        if ($state->isSkipped($step['key'])) {
            continue;
        }
        $minute += max(1.0, $step['hands_on_minutes']);
        $acts[] = composedAct('done', $step['key'], [], $minute);
        $minute += $step['waiting_minutes'];
    }
    $acts[] = composedAct('note', 'detangle-2', ['note' => 'knot'], $minute);
    $this->travelTo(CarbonImmutable::parse('2027-01-09 10:00', 'UTC')->addMinutes((int) $minute + 5));
    expect(sentTo($this, $draft, ...$acts))->toBe(array_fill(0, count($acts), null));
    $this->post("/clients/{$head->id}/wash/{$draft->id}/finish")->assertRedirect()->assertSessionMissing('doubtful');
    $washDay = $head->washDays()->reorder()->latest('id')->firstOrFail();
    $steps = $washDay->steps()->get();
    $trim = $steps->firstWhere('kind', 'trim');
    $detangled = $steps->where('kind', 'detangle')->values();
    expect($head->washDays()->count())->toBe($detangles + 1)
        ->and((float) $trim->millimetres)->toBe(12.0)
        ->and(count($detangled))->toBe(2)->and($detangled->last()->tool)->toBe('brush')
        ->and($detangled->sum('minutes'))->toBeGreaterThan($detangled->first()->minutes);
    // One head of hair, detangled twice: one reading, with the knots of both.
    $reading = $head->readings()->where('test', 'detangling')->reorder()->latest('id')->firstOrFail();
    expect((float) $reading->raw['minutes'])->toEqualWithDelta((float) $detangled->sum('minutes'), 0.2)
        ->and($reading->raw['knots_cut'])->toBe(1)->and($reading->raw['sections'])->toBe(6)
        ->and(Style::running($head)?->styling)->toBe('braids');
});

it('offers a child nothing hot and nothing strong', function (): void {
    $head = $this->aHead();
    $head->update(['born_on' => '2019-05-01']);
    $draft = laidOut($this, $head);
    $offered = array_column($draft->plan['palette'], 'key');
    expect($offered)->toContain('mask')->not->toContain('mask-heat')->not->toContain('strong-protein')
        ->not->toContain('dry-hood');
    sentTo($this, $draft, composedAct('add', 'mask-1', ['of' => 'mask', 'after' => 'rinse-1']));
    [$said] = sentTo($this, $draft, composedAct('set', 'mask-1', ['heat' => true]));
    expect($said)->toContain('No heat for this client');
});

it('takes down what is worn, in its own minutes', function (): void {
    $head = $this->aHead();
    app(WornStyles::class)->begin($head, StylingMethod::Braids, new DateTimeImmutable('2026-12-01'));
    expect(Style::running($head))->not->toBeNull();
    $draft = laidOut($this, $head->refresh());
    $down = collect($draft->plan['palette'])->firstWhere('key', 'take-down');
    expect($down['hands_on_minutes'])->toBeGreaterThan(45.0);
    sentTo($this, $draft, composedAct('add', 'take-down-1', ['of' => 'take-down', 'after' => 'ready']));
    $this->post("/clients/{$head->id}/wash/{$draft->id}/begin");
    sentTo($this, $draft, composedAct('done', 'ready', [], 5), composedAct('done', 'take-down-1', [], 70));
    $this->post("/clients/{$head->id}/wash/{$draft->id}/finish")->assertRedirect();
    expect(Style::running($head->refresh()))->toBeNull();
});

it('hears who changed what of a day that was begun meanwhile, and says when the plan is newer', function (): void {
    $head = $this->aHead();
    $draft = laidOut($this, $head);
    $this->post("/clients/{$head->id}/wash/{$draft->id}/begin");
    // The second tablet begins the same: it is the same day.
    $url = "/clients/{$head->id}/wash/{$draft->id}";
    $this->post("{$url}/begin")->assertRedirect($url);
    $began = $draft->refresh()->began_at;
    $this->post("/clients/{$head->id}/wash", ['change' => '1'])->assertRedirect($url);
    expect(WashSession::query()->count())->toBe(1)->and($draft->refresh()->began_at->equalTo($began))->toBeTrue();
    sentTo($this, $draft, composedAct('done', 'ready', [], 3));
    [$said] = sentTo($this, $draft, composedAct('move', 'ready', ['after' => 'squeeze']));
    expect($said)->toContain('Already done');
    expect(WashSessionAct::query()->whereNotNull('refused')->count())->toBe(1);

    $other = $this->aNewHead();
    $second = laidOut($this, $other);
    $this->get("/clients/{$other->id}/wash/{$second->id}")->assertDontSee('The plan has changed since');
    $other->planItems()->where('status', 'planned')->first()?->update(['steps' => [['kind' => 'leave-in']]]);
    $this->get("/clients/{$other->id}/wash/{$second->id}")->assertSee('The plan has changed since');
});

it('is one number of minutes on plan, booking and wash day', function (): void {
    $head = $this->aHead();
    $draft = laidOut($this, $head);
    $item = $head->planItems()->where('status', 'planned')->firstOrFail();
    $service = Service::query()->where('salon_id', $this->salon->id)->where('is_wash_day', true)->first()
        ?? tap(new Service([
            'name' => 'Wash day', 'is_wash_day' => true, 'minutes' => 90, 'price_cents' => 9000,
        ]), function (Service $made): void {
            $made->salon_id = $this->salon->id;
            $made->save();
        });
    $quoted = fn (): int => (int) app(ServiceQuotes::class)->of($head->refresh(), $service, $item->date)->careMinutes;
    $before = $quoted();
    expect($before)->toBe((int) round($item->minutes));
    sentTo($this, $draft, composedAct('set', 'style', ['hands' => 77]));
    $after = $quoted();
    $style = collect($draft->steps())->firstWhere('key', 'style')['hands_on_minutes'];
    expect($after - $before)->toEqualWithDelta(77 - $style, 1.01);
    $this->get("/clients/{$head->id}/plan")->assertOk()->assertSee("{$after} min")->assertSee('laid out by hand');
});

it('parts the hair the next time as it was parted for each work, and says the same minutes everywhere', function (): void {
    $head = $this->aHead();
    $draft = laidOut($this, $head);
    sentTo($this, $draft, composedAct('set', 'style', ['sections' => $head->sections + 4]));
    $this->post("/clients/{$head->id}/wash/{$draft->id}/begin");
    $keys = keysOf($draft);
    sentTo($this, $draft, ...array_map(
        static fn (string $key, int $i): array => composedAct('done', $key, [], 4 * ($i + 1)),
        $keys,
        array_keys($keys),
    ));
    $this->post("/clients/{$head->id}/wash/{$draft->id}/finish");
    if ($draft->refresh()->finished_at === null) {
        $minutes = array_map(static fn (array $of): string => (string) max(1, $of['planned']), session('doubtful'));
        $this->post("/clients/{$head->id}/wash/{$draft->id}/finish", ['minutes' => $minutes]);
    }
    expect($draft->refresh()->finished_at)->not->toBeNull();
    $head->refresh();
    expect($head->styling_sections)->toBe($head->sections + 4)->and($head->detangling_sections)->toBeNull();
    $next = laidOut($this, $head);
    expect(dayOf($next)->sectionsOf('style'))->toBe($head->sections + 4)
        ->and(dayOf($next)->sectionsOf('detangle'))->toBe($head->sections);
    // And it goes with the record, so that the core alone comes to the same.
    $written = (string) $this->get("/clients/{$head->id}/record.json")->getContent();
    $schema = json_decode((string) file_get_contents(base_path('docs/care-record.schema.json')));
    expect(json_decode($written, true)['head']['styling_sections'])->toBe($head->sections + 4)
        ->and((new Validator())->validate(json_decode($written), $schema)->isValid())->toBeTrue();
    // What it says is read again, and refused where it is nothing a head can be parted into.
    $core = CareRecordReader::read($written, Parameters::shipped());
    expect($core->head->sectionsByWork->styling)->toBe($head->sections + 4);
});

it('is laid out like one before: parted, layered and with the amounts of then, treated as planned now', function (): void {
    $head = $this->aHead();
    foreach (['Plain gel', 'Firm gel'] as $name) {
        $this->actingAs($this->stylist)->post('/products', [
            'name' => $name, 'kind' => 'styler', 'ingredients' => 'Aqua, Linum Usitatissimum Seed Extract, Glycerin',
            'size_ml' => '500', 'left_ml' => '400',
        ])->assertSessionHasNoErrors();
    }
    $draft = laidOut($this, $head);
    $style = collect($draft->steps())->firstWhere('key', 'style');
    $other = $style['others'][0]['id'];
    sentTo(
        $this,
        $draft,
        composedAct('add', 'wrap-1', ['of' => 'wrap', 'after' => 'squeeze']),
        composedAct('add', 'lock-1', ['of' => 'style-lock', 'after' => 'style']),
        composedAct('add', 'protein-1', ['of' => 'strong-protein', 'after' => 'rinse-1']),
        composedAct('add', 'rinse-9', ['of' => 'rinse', 'after' => 'protein-1']),
        composedAct('set', 'style', ['sections' => 9]),
        composedAct('bottle', 'style', [
            'product' => $other, 'instead_of' => $style['product']['id'], 'why' => 'chosen',
        ]),
        composedAct('amount', 'style', ['ml' => 42]),
        composedAct('skip', 'seal'),
        composedAct('add', 'hood-1', ['of' => 'dry-hood', 'after' => 'lock-1']),
        composedAct('skip', 'dry'),
        composedAct('note', 'style', ['note' => 'squelches']),
    );
    doneThrough($this, $draft);
    expect($draft->plan['drying'])->toBe('hood')
        ->and(app(UsualDrying::class)->of($head)->value)->toBe('hood')
        ->and($draft->outcome['hands']['sections']['styling'])->toBe(9)
        ->and($draft->outcome['hands']['extra'])->toBe(['wrap'])
        ->and(array_values($draft->outcome['hands']['amounts']))->toContain(42);
    $head->update(['styling_sections' => null]);
    $this->post("/clients/{$head->id}/wash", ['like' => $draft->id])->assertSessionHasNoErrors();
    $again = WashSession::query()->latest('id')->firstOrFail();
    $state = dayOf($again);
    $kinds = array_column($state->steps(), 'kind');
    $styled = $state->step('style');
    expect($again->began_at)->toBeNull()
        ->and($kinds)->toContain('wrap')->not->toContain('seal')
        ->and(array_search('wrap', $kinds, true))->toBe(array_search('squeeze', $kinds, true) + 1)
        ->and(count(array_keys($kinds, 'style', true)))->toBe(2)
        ->and($styled['sections'])->toBe(9)
        ->and($styled['product']['id'])->toBe($other)->and($styled['product']['ml'])->toEqual(42);
    // Strong protein was due then; what is due now the plan says.
    $planned = $head->planItems()->where('status', 'planned')->firstOrFail();
    expect(in_array('strong-protein', array_column(array_column($again->steps(), 'books'), 'kind'), true))
        ->toBe(in_array('strong-protein', array_column($planned->steps, 'kind'), true));
    expect(SessionOrder::broken($state))->toBe([]);
    // Of another client, or gone: it says so, and nothing is laid out.
    $stranger = $this->aNewHead();
    foreach ([$draft->id, str_repeat('0', 26), 'x'] as $like) {
        $this->from("/clients/{$stranger->id}/wash")->post("/clients/{$stranger->id}/wash", ['like' => $like])
            ->assertSessionHasErrors('like');
    }
    expect(WashSession::query()->where('head_id', $stranger->id)->count())->toBe(0);
});

it('lets any minute be corrected afterwards, in the record and in what it read', function (): void {
    $head = $this->aHead();
    $draft = laidOut($this, $head);
    doneThrough($this, $draft);
    $url = "/clients/{$head->id}/wash/{$draft->id}";
    $this->get($url)->assertOk()->assertSee('Correct minutes of this wash day');
    $steps = fn () => $head->washDays()->where('key', $draft->wash_day)->firstOrFail()->steps()->get();
    $before = $steps()->firstWhere('kind', 'detangle')->minutes;
    $this->put("{$url}/minutes", ['minutes' => ['detangle' => '37,5']])->assertRedirect($url);
    $this->get($url)->assertSee('37.5 min');
    $reading = $head->readings()->where('test', 'detangling')->reorder()->latest('id')->firstOrFail();
    expect($before)->not->toBe(37.5)
        ->and($steps()->firstWhere('kind', 'detangle')->minutes)->toBe(37.5)
        ->and((float) $reading->raw['minutes'])->toBe(37.5);
    foreach (['900', 'soon', '-3'] as $wrong) {
        $this->from($url)->put("{$url}/minutes", ['minutes' => ['detangle' => $wrong]])
            ->assertSessionHasErrors('minutes.detangle');
    }
    // Taken out of the book since: said, and nothing comes of it.
    $this->delete("/clients/{$head->id}/wash-days/{$draft->wash_day}")->assertRedirect();
    $this->put("{$url}/minutes", ['minutes' => ['detangle' => '20']])->assertRedirect($url);
    $this->get($url)->assertOk()->assertDontSee('Correct minutes of this wash day');
});

it('lets the minutes of drying be corrected afterwards, also where the taps told nothing of it', function (): void {
    $head = $this->aHead();
    $draft = laidOut($this, $head, ['dry' => 'diffuse']);
    doneThrough($this, $draft);
    $url = "/clients/{$head->id}/wash/{$draft->id}";
    $this->get($url)->assertOk()->assertSee('Dried with the diffuser');
    $dried = fn () => $head->paceDays()->where('what', PaceDay::DRIED)->get();
    $timed = $dried()->count();
    $this->put("{$url}/minutes", ['minutes' => ['dry' => '64,5']])->assertRedirect($url);
    expect($dried())->toHaveCount(max(1, $timed))
        ->and($dried()->last()->minutes)->toBe(64.5)
        ->and($dried()->last()->by)->toBe('diffuse');
    $this->put("{$url}/minutes", ['minutes' => ['dry' => '50']])->assertRedirect($url);
    expect($dried())->toHaveCount(max(1, $timed))->and($dried()->last()->minutes)->toBe(50.0);
    $this->get($url)->assertSee('value="50"', false);
    // Nobody timed it: what is said of it now is the first that is known.
    PaceDay::query()->delete();
    $this->get($url)->assertOk()->assertSee('Dried with the diffuser');
    $this->put("{$url}/minutes", ['minutes' => ['dry' => '0.6']])->assertRedirect($url);
    expect($dried())->toHaveCount(1)->and($dried()->sole()->minutes)->toBe(0.6);
    $this->from($url)->put("{$url}/minutes", ['minutes' => ['dry' => 'long']])->assertSessionHasErrors('minutes.dry');
    // Taken out of the book, the day teaches nothing of drying either.
    $this->delete("/clients/{$head->id}/wash-days/{$draft->wash_day}")->assertRedirect();
    expect($dried())->toHaveCount(0);
});

it('goes on when a bottle is deleted in the middle, and never below an empty shelf', function (): void {
    $head = $this->aHead();
    $this->actingAs($this->stylist);
    foreach (['Last of the mask' => 4, 'Gone tomorrow' => 300] as $name => $left) {
        $this->post('/products', [
            'name' => $name, 'kind' => 'mask', 'ingredients' => 'Aqua, Cetearyl Alcohol, Glycerin',
            'size_ml' => '500',
        ])->assertSessionHasNoErrors();
        Product::query()->where('name', $name)->sole()->update(['left_ml' => $left]);
    }
    $draft = laidOut($this, $head);
    sentTo(
        $this,
        $draft,
        composedAct('add', 'mask-1', ['of' => 'mask', 'after' => 'rinse-1']),
        composedAct('add', 'rinse-8', ['of' => 'rinse', 'after' => 'mask-1']),
    );
    $offered = dayOf($draft)->step('mask-1');
    $gone = Product::query()->where('name', 'Gone tomorrow')->sole();
    $short = Product::query()->where('name', 'Last of the mask')->sole();
    expect($offered['product']['id'])->toBe($gone->id);
    $this->post("/clients/{$head->id}/wash/{$draft->id}/begin");
    sentTo($this, $draft, composedAct('done', 'ready', [], 4));
    $this->delete("/products/{$gone->id}")->assertRedirect();
    $this->get("/clients/{$head->id}/wash/{$draft->id}")->assertOk();
    // The other holds four millilitres, and forty are taken: it is empty then, not less.
    expect(sentTo(
        $this,
        $draft,
        composedAct('bottle', 'mask-1', ['product' => $short->id, 'instead_of' => $gone->id, 'why' => 'ran-out'], 5),
        composedAct('amount', 'mask-1', ['ml' => 40], 5.2),
    ))->toBe([null, null]);
    doneThrough($this, $draft);
    expect((float) $short->refresh()->left_ml)->toBe(0.0)
        ->and($head->washDays()->reorder()->latest('id')->firstOrFail()->steps()->where('kind', 'mask')->count())
        ->toBeGreaterThan(0);
});
