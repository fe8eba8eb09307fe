<?php

declare(strict_types=1);

/* The home routine in the client's own words and language. */

use App\Bridge\Plans\Outlooks;
use App\Drawings\StrandHang;
use App\Models\Head;
use App\Models\HomeAct;
use App\Models\HomeLink;
use App\Models\PlanItem;
use App\Pages\HomeRoutine\PaperFonts;
use App\Wording\HomeStepWords;
use Illuminate\Support\Arr;
use Nagomi\Core\Head\Method;
use Tests\Feature\FeatureTestCase;

/** The page that a client's link opens. */
function routineOf(FeatureTestCase $test, Head $head): string
{
    $test->actingAs($test->stylist)->post("/clients/{$head->id}/home-routine/links", ['days' => '30']);
    auth()->logout();
    $test->flushSession();

    return (string) $test
        ->get(HomeLink::query()->where('head_id', $head->id)->latest('id')->firstOrFail()->path())
        ->assertOk()
        ->getContent();
}

/** What a page says, without what people typed and what machines read. */
function saidOn(string $html): string
{
    $html = (string) preg_replace('~<(script|style|svg|textarea)\b.*?</\1>~s', ' ', $html);

    $text = html_entity_decode(strip_tags(str_replace('<', ' <', $html)), ENT_QUOTES | ENT_HTML5);

    // Sentences that scripts say stand there by their keys and with their places.
    return (string) preg_replace('/"[\w-]+":|(?<!\d):[a-z]+/', ' ', $text);
}

it('has the whole home routine in Spanish', function (): void {
    foreach (['home-routine', 'amounts', 'client-messages'] as $file) {
        $english = Arr::dot((array) require lang_path("en/{$file}.php"));
        $spanish = Arr::dot((array) require lang_path("es/{$file}.php"));
        expect(array_keys(array_diff_key($english, $spanish)))->toBe([], $file);
    }
    expect(array_keys(array_diff_key(
        (array) trans('offline.home-routine', [], 'en'),
        (array) trans('offline.home-routine', [], 'es'),
    )))->toBe([]);
});

it('speaks the client’s language to the last word, on the phone and in what is refused', function (string $example): void {
    $this->salon->update(['name' => 'Salón', 'phone' => '+351 000']);
    $head = $this->aNewHead($example);
    $head->update(['language' => 'es', 'name' => 'Solvei']);
    $this->actingAs($this->stylist->fresh());
    $this->post("/clients/{$head->id}/style", ['styling' => 'twists', 'on' => '2027-01-06']);
    $page = saidOn(routineOf($this, $head));
    expect($page)->toContain('Hola, Solvei')->toContain('Tu peinado, día 4')->toContain('Llama a Salón')
        ->and(preg_match(
            '/\b(the|and|your|with|of|for|wash|minutes|hair|until|when|then|about|not|done|mask|as)\b/iu',
            $page,
            $english,
        ))->toBe(0, implode(' ', $english) . ' in ' . preg_replace('/\s+/', ' ', $page));
    $this->get(HomeLink::query()->latest('id')->firstOrFail()->path())->assertSee('<html lang="es">', false);
    $acts = HomeLink::query()->latest('id')->firstOrFail()->path('card.acts');
    $sent = ['key' => 'a', 'kind' => 'wash-day', 'value' => ['uid' => 'nothing', 'steps' => [0]]];
    $this->postJson($acts, ['acts' => [$sent]])->assertOk()
        ->assertJsonPath('answers.0.sentence', trans('home-routine.refused.not-planned', [], 'es'));
    // The salon goes on in its own words.
    expect(app()->getLocale())->toBe('en');
    $this->actingAs($this->stylist->fresh())->get("/clients/{$head->id}/home-routine")->assertOk()
        ->assertSee('What Solvei does at home')->assertSee('Español')->assertSee('Mask');
    $pdf = (string) $this->get("/clients/{$head->id}/home-routine.pdf")->assertOk()->getContent();
    expect($pdf)->toStartWith('%PDF-');
})->with(['mixed-porosity', 'overdone-with-protein', 'growing-out-bleach']);

it('words every step planned at home, and how it is done', function (array $step, string $what, int $minutes): void {
    $words = HomeStepWords::of($step, new Method());
    expect($words['what'])->toBe($what)->and($words['minutes'])->toBe($minutes)->and($words['how'])->not->toBe('')
        ->not->toContain('home-routine')->not->toMatch('/:[a-z]/');
})->with([
    [['kind' => 'pre-wash', 'how' => 'oil', 'minutes' => 30], 'Pre-wash oil, 30 min', 30],
    [
        ['kind' => 'pre-wash', 'how' => 'oil', 'minutes' => 30, 'evening_before' => true],
        'The evening before: Pre-wash oil', 30,
    ],
    [['kind' => 'cleanse', 'cleanse' => 'gentle', 'passes' => 1], 'Wash once, gently', 0],
    [['kind' => 'cleanse', 'cleanse' => 'gentle', 'passes' => 2], 'Wash twice, gently', 0],
    [['kind' => 'cleanse', 'cleanse' => 'chelating', 'passes' => 1], 'Wash against hard water and chlorine, once', 0],
    [['kind' => 'mask', 'minutes' => 14.6], 'Mask, 15 min', 15],
    [['kind' => 'mask', 'minutes' => 15, 'heat' => true], 'Mask under a cap, 15 min', 15],
    [['kind' => 'detangle', 'minutes' => 21.7, 'how' => 'wet-with-slip'], 'Detangle, about 22 min', 0],
    [['kind' => 'strong-protein', 'minutes' => 10], 'Strong protein, 10 min', 10],
    [['kind' => 'leave-in'], 'Leave-in on soaking wet hair', 0],
]);

it('tells a client to do it as the method of that hair does', function (array $step, array $method, string $says): void {
    $words = HomeStepWords::of($step, new Method($method));
    expect("{$words['what']}. {$words['how']}")->toContain($says)
        ->and(HomeStepWords::of($step, new Method()))->not->toBe($words);
})->with([
    [['kind' => 'leave-in'], ['styling-on' => 'damp'], 'Leave-in on damp hair'],
    [['kind' => 'mask', 'minutes' => 15], ['mask-water' => 'add-water'], 'With wet hands, and more water for slip.'],
    [['kind' => 'mask', 'minutes' => 15], ['mask-reach' => 'roots-too'], 'then up to the roots'],
    [['kind' => 'conditioner', 'minutes' => 3], ['residue' => 'leave-slip'], 'leave a little slip in'],
    [['kind' => 'cleanse', 'cleanse' => 'shampoo'], ['shampoo-reach' => 'scalp-and-lengths'], 'Then the lengths'],
    [['kind' => 'cleanse', 'cleanse' => 'gentle'], ['shampoo-sections' => 'in-sections'], 'One section after the'],
    [
        ['kind' => 'detangle', 'minutes' => 20, 'how' => 'wet-with-slip', 'tool' => 'fingers'],
        ['detangling' => 'in-shampoo'], 'While the shampoo is in, with plenty of water. Fingers only, from the ends up.',
    ],
]);

it('says what the day is for, in the client’s voice', function (): void {
    $head = $this->aNewHead();
    /** @var PlanItem $item */
    $item = $head->planItems()->where('status', 'planned')->firstOrFail();
    $says = function (array $steps, bool $look = false) use ($item, $head): string {
        $item->forceFill(['steps' => $steps, 'look' => $look])->save();
        preg_match('~class="home-because">([^<]+)~', routineOf($this, $head), $found);

        return html_entity_decode($found[1], ENT_QUOTES);
    };
    $wash = ['kind' => 'cleanse', 'cleanse' => 'gentle', 'passes' => 1];
    $protein = ['kind' => 'mild-protein', 'minutes' => 10];
    expect($says([$wash]))->toBe(__('home-routine.because.usual'))
        ->and($says([$wash, ['kind' => 'mask', 'minutes' => 20]]))->toBe(__('home-routine.because.mask'))
        ->and($says([$wash, $protein]))->toBe(__('home-routine.because.protein'))
        ->and($says([$wash, $protein], true))->toBe(__('home-routine.because.look'));
});

it('shows the strand now and in three weeks, and none of hair that nobody tested', function (): void {
    $head = $this->aNewHead();
    expect(routineOf($this, $head))->toContain('your curls now')->toContain('in three weeks');
    $head->readings()->delete();
    app(Outlooks::class)->of($head->refresh());
    expect(routineOf($this, $head))->not->toContain('your curls now')->toContain('class="card-day card"')
        ->toContain(__('home-routine.because.untested'))
        ->not->toContain('Your hair wants')->not->toContain('needs strength');
});

it('draws the days ahead as they are planned', function (): void {
    $dry = ['targets' => [60, 50], 'days' => [], 'ahead' => [
        ...array_fill(0, 20, [60, 1, 50, 1, 0, 1]), ...array_fill(0, 20, [36, 1, 50, 1, 0, 1]),
    ]];
    $standing = [['share' => 1.0, 'wear' => [0.0, 1.0]]];
    $of = fn (array $days): StrandHang => StrandHang::ahead(['strata' => [$dry]], $standing, $days);
    expect($of([0, 6])->slack)->toBe(0.0)->and($of([24, 30])->slack)->toBe(-1.0)->and($of([30, 60])->slack)->toBe(-1.0)
        ->and($of([100, 107])->slack)->toBe(0.0);
});

it('takes “not today” as news for the salon and plans nothing by it', function (): void {
    $head = $this->aNewHead();
    routineOf($this, $head);
    $link = HomeLink::query()->latest('id')->firstOrFail();
    /** @var PlanItem $item */
    $item = $head->planItems()->where('status', 'planned')->firstOrFail();
    $before = $head->planItems()->get()->map->getAttributes()->all();
    $sent = ['key' => 'not', 'kind' => 'not-today', 'value' => ['uid' => $item->uid]];
    foreach (['taken', 'taken already'] as $answer) {
        $this->postJson($link->path('card.acts'), ['acts' => [$sent]])->assertOk();
    }
    expect(HomeAct::query()->sole()->says)->toBe("not today: wash day of {$item->date->format('j M')}")
        ->and($head->planItems()->get()->map->getAttributes()->all())->toBe($before)
        ->and($head->washDays()->where('key', 'like', 'home-%')->count())->toBe(0);
    $this->postJson($link->path('card.acts'), ['acts' => [
        ['key' => 'b', 'kind' => 'not-today', 'value' => ['uid' => 'nothing']],
        ['key' => 'c', 'kind' => 'not-today', 'value' => 'x'],
    ]])->assertOk();
    expect(HomeAct::query()->whereNotNull('refused')->count())->toBe(2);
    $this->actingAs($this->stylist)->get("/clients/{$head->id}/home-routine")->assertSee('not today: wash day of');
});

it('prints on one page, however much there is to do', function (string $language): void {
    $head = $this->aNewHead();
    $head->update(['language' => $language, 'asthma_or_pregnant' => true, 'tender_edges' => true]);
    $steps = array_map(fn (string $kind): array => ['kind' => $kind, 'minutes' => 20], [
        'mild-protein', 'strong-protein', 'mask', 'conditioner', 'leave-in', 'seal', 'mask', 'conditioner',
    ]);
    $head->planItems()->where('status', 'planned')->get()
        ->each(fn (PlanItem $item) => $item->forceFill(['steps' => $steps])->save());
    $this->actingAs($this->stylist)->post("/clients/{$head->id}/style", ['styling' => 'twists', 'on' => '2027-01-06']);
    $pdf = (string) $this->get("/clients/{$head->id}/home-routine.pdf")->assertOk()->getContent();
    expect(preg_match_all('#/Type /Page\b[^s]#', $pdf))->toBe(1);
})->with(['en', 'es']);

it('prints in the product’s own letters, and in letters that have nearly all where they lack one', function (
    string $name,
    array $fonts,
): void {
    $head = $this->aNewHead();
    $head->update(['name' => $name]);
    $pdf = (string) $this->actingAs($this->stylist)->get("/clients/{$head->id}/home-routine.pdf")->getContent();
    preg_match_all('#/BaseFont /(?:[A-Z]{6}\+)?([\w-]+)#', $pdf, $found);
    $printed = array_values(array_unique($found[1]));
    sort($printed);
    expect($printed)->toBe($fonts);
})->with([
    'English and Spanish letters' => ['Begoña “Bo” Núñez', ['HankenGrotesk-Regular', 'Literata-Regular']],
    'others' => ['Łucja Ωmega', ['DejaVuSans', 'DejaVuSans-Bold', 'DejaVuSerif-Bold']],
]);

it('has every letter of what it can say on paper among its own', function (string $language): void {
    $said = [];
    foreach (['home-routine', 'chair-work', 'nagomi', 'style'] as $file) {
        $lines = trans($file, [], $language);
        array_walk_recursive($lines, static function (mixed $line) use (&$said): void {
            $said[] = is_string($line) ? $line : '';
        });
    }
    expect(implode('', $said))->not->toBe('')
        ->and(app(PaperFonts::class)->for(implode('', $said)))->toBe(['Literata', 'Hanken Grotesk']);
})->with(['en', 'es']);
