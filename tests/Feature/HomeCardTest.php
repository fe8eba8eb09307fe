<?php

declare(strict_types=1);

use App\Models\Head;
use App\Models\HomeAct;
use App\Models\HomeLink;
use App\Models\Picture;
use App\Models\Product;
use App\Models\Style;
use App\Models\Visit;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Storage;
use Illuminate\Testing\TestResponse;
use Tests\Feature\FeatureTestCase;

/** A link to the head's card, made as the stylist makes it; afterwards nobody is signed in. */
function linkOf(FeatureTestCase $test, Head $head, string $days = '30'): HomeLink
{
    $test
        ->actingAs($test->stylist)
        ->post("/clients/{$head->id}/home-routine/links", ['days' => $days])
        ->assertSessionHasNoErrors();
    auth()->logout();
    $test->flushSession();

    return HomeLink::query()->where('head_id', $head->id)->latest('id')->firstOrFail();
}

/** @return array<string, mixed> */
function act(string $kind, array $value, string $date = '2027-01-09', string $key = 'one'): array
{
    return ['key' => $key, 'kind' => $kind, 'date' => $date, 'value' => $value];
}

it('says what to do at home, when, how long, with what and how much', function (): void {
    $head = $this->aHead();
    $item = $head->planItems()->where('status', 'planned')->firstOrFail();
    (new Product())->forceFill([
        'salon_id' => $this->salon->id, 'head_id' => $head->id, 'name' => 'Her own mask', 'kind' => 'mask',
        'ingredients' => 'Aqua', 'reading' => [], 'claims' => [],
    ])->save();
    $item->forceFill([
        'steps' => [['kind' => 'cleanse', 'cleanse' => 'gentle', 'passes' => 1], ['kind' => 'mask', 'minutes' => 20]],
    ])->save();
    $this->actingAs($this->stylist)->get("/clients/{$head->id}/home-routine")->assertOk()
        ->assertSee($item->date->format('l j F'))
            ->assertSee('Mask, 20 min')
            ->assertSee('Her own mask, about')
            ->assertSee('tablespoons')
        ->assertSee('Burning, swelling or a rash')->assertSee('in the next weeks; not booked yet');
    $pdf = $this
        ->get("/clients/{$head->id}/home-routine.pdf")
        ->assertOk()
        ->assertHeader('Content-Type', 'application/pdf');
    expect($pdf->getContent())->toStartWith('%PDF-')
        // One page, as a card has.
        ->and(preg_match_all('#/Type /Page\b[^s]#', (string) $pdf->getContent()))->toBe(1);
});

it('opens to whoever has the link, and to nobody else', function (): void {
    $head = $this->aHead();
    $link = linkOf($this, $head);
    $path = $link->path();
    $this
        ->get($path)
        ->assertOk()
        ->assertSee(explode(' ', $head->name)[0])
        ->assertDontSee(explode(' ', $head->name)[1])
        ->assertDontSee('Sign out')
        ->assertHeaderMissing('Set-Cookie');
    expect($link->refresh()->opened_at)->not->toBeNull();
    // Guessed at, changed, or of another head.
    $other = linkOf($this, $this->aHead('protein-sensitive'));
    foreach (
        [
            "/card/{$link->id}",
            "{$path}0",
            str_replace($link->id, $other->id, $path),
            '/card/nothing',
            "/card/{$link->id}?signature=abc&expires=9999999999",
        ] as $guess
    ) {
        $this->get($guess)->assertNotFound()->assertSee('Ask your salon for a new one');
    }
    $this
        ->postJson("/card/{$link->id}/acts", ['acts' => [act('style', ['what' => 'refreshed'])]])
        ->assertNotFound()
        ->assertJson(['message' => 'This link no longer works.']);
    // The signature of the page does not open the acts of another.
    $this->postJson(
        str_replace($link->id, $other->id, $link->path('card.acts')),
        ['acts' => [act('style', ['what' => 'refreshed'])]],
    )->assertNotFound();
});

it('runs out by itself and can be withdrawn', function (): void {
    $head = $this->aHead();
    $link = linkOf($this, $head, '7');
    $path = $link->path();
    $this->get($path)->assertOk();
    $this->travel(8)->days();
    $this->get($path)->assertNotFound();
    $this->travelBack();
    $this->travelTo(new DateTimeImmutable('2027-01-09 10:00'));
    $this->actingAs($this->stylist)->delete("/clients/{$head->id}/home-routine/links/{$link->id}")->assertRedirect();
    auth()->logout();
    $this->get($path)->assertNotFound();
    $this
        ->postJson($link->path('card.acts'), ['acts' => [act('style', ['what' => 'refreshed'])]])
        ->assertOk()
        ->assertJsonPath('answers.0.answer', 'refused')
        ->assertJsonPath('open', false);
    expect(HomeAct::query()->count())->toBe(0);
    $this
        ->actingAs($this->stylist)
        ->get("/clients/{$head->id}/home-routine")
        ->assertDontSee('Cancel the link</button>', false);
    foreach (['0', '366', 'long', ''] as $days) {
        $this->post("/clients/{$head->id}/home-routine/links", ['days' => $days])->assertSessionHasErrors('days');
    }
});

it('holds the picture of an open link of this client before a phone, and of no other', function (): void {
    $head = $this->aHead();
    $link = linkOf($this, $head);
    $others = linkOf($this, $this->aHead('overdone-with-protein'));
    $this->actingAs($this->stylist);
    $page = fn (string $scan): TestResponse => $this->get("/clients/{$head->id}/home-routine?scan={$scan}")->assertOk();
    $picture = 'class="scan-picture"';
    $page($link->id)->assertSee($picture, false)->assertDontSee('Show it to a phone');
    foreach (['', 'nothing', $others->id] as $scan) {
        $page($scan)->assertDontSee($picture, false)->assertSee('Show it to a phone');
    }
    $this->get("/clients/{$head->id}/home-routine?scan[]={$link->id}")->assertDontSee($picture, false);
    $this->delete("/clients/{$head->id}/home-routine/links/{$link->id}");
    $page($link->id)->assertDontSee($picture, false);
    $this->post("/clients/{$head->id}/home-routine/links", ['days' => '3']);
    $new = HomeLink::query()->where('head_id', $head->id)->latest('id')->firstOrFail();
    $this->followingRedirects()->post("/clients/{$head->id}/home-routine/links", ['days' => '4'])
        ->assertSee($picture, false)->assertSee("scan={$new->id}", false);
});

it('tells whoever guesses at links to wait', function (): void {
    $this->aHead();
    foreach (range(1, 60) as $i) {
        $this->get("/card/guess{$i}");
    }
    $this->get('/card/guess61')->assertStatus(429);
});

it('takes a wash day from home into the book, once, with what was ticked', function (): void {
    $head = $this->aHead();
    $item = $head->planItems()->where('status', 'planned')->firstOrFail();
    $item->forceFill([
        'steps' => [
            ['kind' => 'cleanse', 'cleanse' => 'gentle', 'passes' => 2],
            ['kind' => 'mask', 'minutes' => 20],
            ['kind' => 'leave-in'],
        ],
    ])->save();
    $acts = linkOf($this, $head)->path('card.acts');
    $sent = ['acts' => [act('wash-day', ['uid' => $item->uid, 'steps' => [0, 2]])]];
    $this->postJson($acts, $sent)->assertOk()->assertJson(['answers' => [['key' => 'one', 'answer' => 'taken']]]);
    $this->postJson($acts, $sent)->assertOk()->assertJson(
        ['answers' => [['key' => 'one', 'answer' => 'already-taken']]],
    );
    $day = $head->washDays()->whereDate('date', '2027-01-09')->sole();
    expect($day->place)
        ->toBe('home')
        ->and($day->steps->pluck('kind')->all())
        ->toBe(['cleanse', 'leave-in'])
        ->and($day->steps[0]->passes)
        ->toBe(2);
    $again = act('wash-day', ['uid' => $item->uid, 'steps' => [0]], key: 'two');
    $this->postJson($acts, ['acts' => [$again]])->assertJson([
        'answers' => [[
            'key' => 'two', 'answer' => 'refused', 'sentence' => 'A wash day on that day is saved already.',
        ]],
    ]);
    $this
        ->actingAs($this->stylist)
        ->get("/clients/{$head->id}/home-routine")
        ->assertSee('a wash day, 2 of 3 steps')
        ->assertSee('not saved: A wash day on that day');
});

it('applies an act and notes it, both or neither', function (): void {
    $head = $this->aHead();
    $link = linkOf($this, $head);
    $before = $head->readings()->count();
    // The note of it cannot be written: then neither is what it was about, and sent again it counts once.
    HomeAct::creating(fn (): never => throw new RuntimeException('The disk is full.'));
    $sent = ['acts' => [act('reading', ['test' => 'feel', 'raw' => ['points' => 1]])]];
    $this->postJson($link->path('card.acts'), $sent)->assertOk()->assertJsonPath('answers', []);
    expect($head->readings()->count())->toBe($before)->and(HomeAct::query()->count())->toBe(0);
    HomeAct::flushEventListeners();
    $this->postJson($link->path('card.acts'), $sent)->assertOk();
    $this->postJson($link->path('card.acts'), $sent)->assertOk();
    expect($head->readings()->count())->toBe($before + 1)->and(HomeAct::query()->count())->toBe(1);
});

it('takes readings from home with their moment and a home’s doubt', function (): void {
    $head = $this->aHead();
    $acts = linkOf($this, $head)->path('card.acts');
    $this->postJson($acts, ['acts' => [
        act('reading', ['test' => 'feel', 'raw' => ['points' => -2]], key: 'a'),
        act(
            'reading',
            [
                'test' => 'wet-stretch',
                'raw' => ['hairs' => [['rest_mm' => 100, 'stretched_mm' => 130, 'returned_mm' => 102]]],
            ],
            key: 'b',
        ),
        act(
            'reading',
            ['test' => 'scalp-at-home', 'raw' => ['itch' => 6, 'oil' => 2, 'soreness' => 0]],
            '2027-01-08',
            'c',
        ),
        act(
            'reading',
            [
                'test' => 'shed-ball',
                'raw' => ['mass_g' => 0.6, 'length_mm' => 300, 'diameter_um' => 70, 'days_since_detangled' => 7],
            ],
            key: 'd',
        ),
    ]])->assertOk();
    expect(HomeAct::query()->whereNull('refused')->count())->toBe(4)
        ->and($head
            ->readings()
            ->where('moment', 'home')
            ->pluck('date', 'test')
            ->map(fn ($date): string => $date->format('Y-m-d'))
            ->all())->toEqual([
                'feel' => '2027-01-09', 'wet-stretch' => '2027-01-09', 'scalp-at-home' => '2027-01-08',
                'shed-ball' => '2027-01-09',
            ])
        ->and(Visit::query()->where('head_id', $head->id)->where('by', 'at home')->count())->toBe(4);
    $this->actingAs($this->stylist)->get("/clients/{$head->id}/history")->assertSee('at home');
});

it('refuses what cannot be, with a sentence, and takes the rest', function (array $wrong, string $sentence): void {
    $head = $this->aHead();
    $acts = linkOf($this, $head)->path('card.acts');
    $this->postJson(
        $acts,
        ['acts' => [$wrong, act('reading', ['test' => 'dryness', 'raw' => ['points' => 4]], key: 'good')]],
    )->assertOk();
    expect(HomeAct::query()->where('key', 'bad')->sole()->refused)->toContain($sentence)
        ->and(HomeAct::query()->where('key', 'good')->sole()->refused)->toBeNull();
})->with([
    'tomorrow' => [
        act('reading', ['test' => 'feel', 'raw' => ['points' => 1]], '2027-01-10', 'bad'),
        'last three weeks',
    ],
    'long ago' => [
        act('reading', ['test' => 'feel', 'raw' => ['points' => 1]], '2026-11-01', 'bad'),
        'last three weeks',
    ],
    'no day' => [act('reading', ['test' => 'feel', 'raw' => ['points' => 1]], 'yesterday', 'bad'), 'last three weeks'],
    'a test for the chair' => [act('reading', ['test' => 'taper', 'raw' => []], key: 'bad'), 'open it again'],
    'out of range' => [act('reading', ['test' => 'feel', 'raw' => ['points' => 9]], key: 'bad'), 'Feel'],
    'words' => [act('reading', ['test' => 'dryness', 'raw' => ['points' => 'very']], key: 'bad'), 'Dryness'],
    'not planned' => [act('wash-day', ['uid' => 'nothing', 'steps' => [0]], key: 'bad'), 'not planned any more'],
    'nothing ticked' => [act('wash-day', ['uid' => 'UID', 'steps' => []], key: 'bad'), ''],
    'no style' => [act('style', ['what' => 'refreshed'], key: 'bad'), 'No style is followed now'],
    'another kind' => [act('dance', [], key: 'bad'), 'open it again'],
    'no picture' => [
        act('picture', ['picture' => 'data:image/jpeg;base64,xxxx', 'agreed' => true], key: 'bad'),
        'Picture',
    ],
]);

it('follows a style from home', function (): void {
    $head = $this->aHead();
    $this->actingAs($this->stylist)->post("/clients/{$head->id}/style", ['styling' => 'twists', 'on' => '2027-01-06']);
    $acts = linkOf($this, $head)->path('card.acts');
    $looks = fn (int $definition, int $frizz, int $moisture): array => [
        'what' => 'looked', 'definition' => $definition, 'frizz' => $frizz, 'moisture' => $moisture,
    ];
    $this
        ->get(HomeLink::query()->latest('id')->first()->path())
        ->assertSee('Your style, day 4')
        ->assertSee('well defined')
        ->assertSee('Loose braids last night')
        ->assertSee('come down by Wednesday 20 January');
    $this->postJson(
        $acts,
        [
            'acts' => [
                act('style', ['what' => 'covered'], '2027-01-08', 'a'),
                act('style', ['what' => 'refreshed'], '2027-01-08', 'b'),
                act('style', $looks(2, 1, 0), '2027-01-08', 'e'),
                act('style', $looks(2, 1, 3), '2027-01-08', 'f'),
                act('style', ['what' => 'looked', 'definition' => 2], '2027-01-08', 'g'),
                act('style', ['what' => 'covered'], '2027-01-01', 'c'),
                act('style', ['what' => 'gone'], '2027-01-09', 'd'),
            ],
        ],
    )->assertOk();
    expect(Style::query()->sole()->log)
        ->toBe(['2027-01-08' => ['covered', 'refreshed']])
        ->and(Style::query()->sole()->looks)
        ->toBe(['2027-01-08' => ['definition' => 2, 'frizz' => 1, 'moisture' => 0]])
        ->and(HomeAct::query()->where('key', 'e')->sole()->says)->toBe('how the style looks')
        ->and(HomeAct::query()->whereIn('key', ['f', 'g'])->pluck('refused')->unique()->all())
        ->toBe(['How it looks: choose one of each row.'])
        ->and(Style::query()->sole()->ended_on->format('Y-m-d'))
        ->toBe('2027-01-09')
        ->and(HomeAct::query()->where('key', 'c')->sole()->refused)->toContain('before the style was made');
});

it('keeps a picture from home with consent, and not without', function (): void {
    Storage::fake(Picture::DISK);
    $head = $this->aHead();
    $acts = linkOf($this, $head)->path('card.acts');
    $image = imagecreatetruecolor(120, 90);
    ob_start();
    imagejpeg($image);
    $picture = 'data:image/jpeg;base64,' . base64_encode((string) ob_get_clean());
    $this->postJson($acts, ['acts' => [act('picture', ['picture' => $picture, 'agreed' => false], key: 'a')]]);
    expect(Picture::query()->count())->toBe(0)->and(HomeAct::query()->sole()->refused)->toContain('may keep it');
    $this->postJson($acts, ['acts' => [act('picture', ['picture' => $picture, 'agreed' => true], key: 'b')]]);
    $kept = Picture::query()->sole();
    expect($kept->consent_by)->toBe($head->name)->and($kept->width)->toBe(120);
    Storage::disk(Picture::DISK)->assertExists($kept->path());
});

it('answers a flood in part, and a shapeless letter not at all', function (): void {
    $acts = linkOf($this, $this->aHead())->path('card.acts');
    $flood = array_map(fn (int $i): array => act('style', ['what' => 'refreshed'], key: "k{$i}"), range(1, 201));
    $this->postJson($acts, ['acts' => $flood])->assertOk()->assertJsonCount(200, 'answers');
    expect(HomeAct::query()->count())->toBe(200);
    foreach ([['acts' => 'all of it'], [], ['acts' => null], ['acts' => ['a' => ['key' => 5]]]] as $shapeless) {
        $this->postJson($acts, $shapeless)->assertOk();
    }
    expect(HomeAct::query()->count())->toBe(200);
});

it('decides the day from the moment, whatever day it is where the phone is', function (): void {
    $head = $this->aHead();
    $acts = linkOf($this, $head)->path('card.acts');
    // Half past ten in the evening here is the tenth in Auckland, and the ninth in the salon's book.
    $this->travelTo(CarbonImmutable::parse('2027-01-09 22:30', 'UTC'));
    $points = ['test' => 'feel', 'raw' => ['points' => 1]];
    $of = fn (string $key, string $at, ?int $offset): array => [
        'key' => $key, 'kind' => 'reading', 'value' => $points, 'at' => $at, 'offset_ms' => $offset,
    ];
    $this->postJson($acts, ['acts' => [
        $of('auckland', '2027-01-10T11:20:00.000+13:00', 0),
        $of('ahead', '2027-01-10T11:20:00.000Z', -46_800_000),
        $of('yesterday', '2027-01-08T09:00:00.000Z', 0),
        $of('before-midnight', '2027-01-08T23:30:00.000Z', 0),
        $of('after-midnight', '2027-01-09T02:30:00.000+02:00', 0),
    ]])->assertOk();
    expect(HomeAct::query()->whereNotNull('refused')->pluck('refused')->all())->toBe([])
        ->and(HomeAct::query()->pluck('date', 'key')->map(fn ($date): string => $date->format('Y-m-d'))->all())
        ->toBe([
            'auckland' => '2027-01-09', 'ahead' => '2027-01-09', 'yesterday' => '2027-01-08',
            // By the salon's clock, which is Lisbon's.
            'before-midnight' => '2027-01-08', 'after-midnight' => '2027-01-09',
        ]);
});

it('books a day at home on the day it was, as the phone sends it', function (array $case, array $sends): void {
    foreach ($sends as $event) {
        $this->travelTo(CarbonImmutable::parse($event['at']));
        $this->salon->forceFill([
            'timezone' => $case['zone'], 'day_turns_minute' => $case['turns'] ?? 0,
        ])->save();
        $head = $this->aHead();
        $acts = linkOf($this, $head)->path('card.acts');
        $item = $head->planItems()->where('status', 'planned')->firstOrFail();
        $item->forceFill(['steps' => [
            ['kind' => 'cleanse', 'cleanse' => 'gentle', 'passes' => 1], ['kind' => 'mask', 'minutes' => 20],
        ]])->save();
        $sent = ['key' => 'one', 'kind' => 'wash-day', 'at' => $event['at'], 'offset_ms' => 0]
            + ($event['expect']['date'] === null ? [] : ['date' => $event['expect']['date']])
            + ['value' => ['uid' => $item->uid, 'steps' => $event['expect']['steps']]];
        $this->postJson($acts, ['acts' => [$sent]])->assertOk()
            ->assertJsonPath('answers.0.answer', $event['refused'] === null ? 'taken' : 'refused');
        /** @var HomeAct $came */
        $came = HomeAct::query()->where('head_id', $head->id)->sole();
        expect($came->refused)->toBe($event['refused']);
        if ($event['refused'] === null) {
            $day = $head->washDays()->where('key', 'like', 'home-%')->sole();
            expect($day->date->format('Y-m-d'))->toBe($event['stored'])
                ->and(count($day->steps))->toBe(count($event['expect']['steps']));
        }
    }
})->with(function (): iterable {
    $cases = json_decode(
        (string) file_get_contents(__DIR__ . '/../fixtures/home-day.json'),
        true,
        flags: JSON_THROW_ON_ERROR,
    );
    foreach ($cases as $case) {
        $sends = array_filter($case['events'], fn (array $event): bool => array_key_exists('stored', $event));
        if ($sends !== []) {
            yield $case['name'] => [$case, $sends];
        }
    }
});

it('belongs to the salon of the head', function (): void {
    $head = $this->aHead();
    $link = linkOf($this, $head);
    [, $stranger] = $this->salonWithStylist('maren@test.example');
    $this->actingAs($stranger)->get("/clients/{$head->id}/home-routine")->assertNotFound();
    $this->post("/clients/{$head->id}/home-routine/links", ['days' => '3'])->assertNotFound();
    $this->delete("/clients/{$head->id}/home-routine/links/{$link->id}")->assertNotFound();
    $this->get("/clients/{$head->id}/home-routine.pdf")->assertNotFound();
    expect($link->refresh()->withdrawn_at)->toBeNull();
});
