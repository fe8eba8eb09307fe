<?php

declare(strict_types=1);

/*
 * The practice chair on its screens: a client is begun, read, judged and treated over eight visits; each act is kept,
 * and none of it ever touches a client of the salon.
 */

use App\Bridge\Archive\SalonTables;
use App\Bridge\Practice\Agreement;
use App\Bridge\Practice\CaseNames;
use App\Bridge\Practice\PlayedLife;
use App\Bridge\Practice\PracticeVisits;
use App\Models\PlayedAct;
use App\Models\PlayedCase;
use App\Models\Role;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;

beforeEach(function (): void {
    $this->actingAs($this->stylist);
});

/** @return User of the same salon */
function practises(string $name, Role $role): User
{
    return User::query()->create([
        'salon_id' => test()->stylist->salon_id, 'name' => $name, 'email' => strtolower($name) . '@practice.example',
        'password' => 'a-long-password', 'role' => $role,
    ])->fresh();
}

/**
 * @param array<string, mixed> $changed
 *
 * @return array<string, mixed> a visit as the form sends it
 */
function visitForm(int $turn, array $changed = []): array
{
    return [...[
        'turn' => (string) $turn, 'sure' => ['dry' => '10', 'in-balance' => '6', 'weak' => '4'], 'porosity' => '',
        'wash' => '1', 'cleanse' => 'gentle', 'passes' => '1', 'pre_wash' => '', 'protein' => '',
        'mask_minutes' => '12,5', 'heat' => '0', 'scalp_oil' => '0', 'at_home' => '1', 'home_every' => '7',
        'home_cleanse' => 'shampoo', 'home_mask_every' => '2', 'home_mask_minutes' => '15',
        'home_protein_every' => '0', 'home_clarify_every' => '3', 'home_oil' => '0',
    ], ...$changed];
}

/** @param array<string, string> $with */
function beginPractice(array $with): PlayedCase
{
    test()->post('/practice', $with)->assertSessionHasNoErrors();

    return PlayedCase::query()->orderByDesc('id')->firstOrFail();
}

function playThrough(PlayedCase $played): PlayedCase
{
    for ($turn = 0; $turn < 8; $turn++) {
        test()->post("/practice/{$played->id}/tests", ['turn' => (string) $turn, 'take' => ['dryness', 'feel']])
            ->assertSessionHasNoErrors();
        $bottles = ['mask_bottle' => 'soft-mask', 'protein_bottle' => 'keratin-treatment'];
        test()->post("/practice/{$played->id}/visit", visitForm($turn, $bottles))->assertSessionHasNoErrors();
    }

    return $played->fresh(['acts', 'salon']);
}

/** @return array<string, string> all that a salon has beside the practice chair, by table */
function allOfTheSalon(): array
{
    $all = [];
    foreach (array_keys(SalonTables::all()) as $table) {
        // The lock of a salon is counted in its row.
        if (! str_starts_with($table, 'played_') && $table !== 'salons') {
            $all[$table] = md5(json_encode(DB::table($table)->get(), JSON_THROW_ON_ERROR));
        }
    }

    return $all;
}

it('offers twelve written clients in three grades, and drawn ones without end', function (): void {
    $page = $this->get('/practice')->assertOk();
    foreach (array_keys(CaseNames::grades()) as $name) {
        $page->assertSee(__("practice.cases.{$name}.title"))->assertSee(__("practice.cases.{$name}.story"));
    }
    $page->assertSeeInOrder(['Plain', 'With a twist', 'Not as told', 'New practice client']);
    $one = beginPractice([]);
    $other = beginPractice([]);

    expect($one->seed)->toBeBetween(1, 999_999)->and($other->seed)->not->toBe($one->seed);
});

it('gives the same client to whoever types its number, and to nobody what is another\'s', function (): void {
    $own = beginPractice(['seed' => '31']);
    $colleague = practises('Quim', Role::Apprentice);
    $this->get("/practice/{$own->id}")->assertOk();
    $this->actingAs($colleague)->get("/practice/{$own->id}")->assertNotFound();
    foreach (['tests', 'visit', 'beside'] as $act) {
        $this->post("/practice/{$own->id}/{$act}")->assertNotFound();
    }
    $this->delete("/practice/{$own->id}")->assertNotFound();
    $theirs = beginPractice(['seed' => '31']);
    $case = app(PlayedLife::class)->caseOf($own);

    expect(app(PlayedLife::class)->caseOf($theirs))->toEqual($case)->and($theirs->user_id)->toBe($colleague->id);
    $desk = practises('Bruna', Role::FrontDesk);
    $this->actingAs($desk)->get('/practice')->assertForbidden();
});

it('is played through eight visits, scored, and set beside planner and calendar part by part', function (): void {
    $before = allOfTheSalon();
    $played = beginPractice(['case' => 'dry-though-masked']);
    $this->get("/practice/{$played->id}")->assertOk()->assertSee('Dry though masked weekly')
        ->assertSee('Visit 1 of 8')->assertSee('It feels dry, whatever I do.')->assertSee('Water 280 mg/L');
    $played = playThrough($played);

    expect($played->ended_at)->not->toBeNull()
        ->and($played->acts)->toHaveCount(16)
        ->and($played->score['days_out'])->toBeGreaterThan(0.0)
        ->and(array_sum(array_column($played->score['said'], 'times')))->toBe(8 * 9)
        ->and(array_sum(array_column($played->score['said'], 'said')))->toEqualWithDelta(8.0, 0.001)
        ->and(array_sum(array_column($played->score['said'], 'was')))->toEqualWithDelta(8.0, 0.001);
    $this->get("/practice/{$played->id}")->assertOk()->assertSee('0 %')->assertDontSee('mattered most');
    $percents = [];
    do {
        $percents[] = $this->postJson("/practice/{$played->id}/beside")->assertOk()->json('percent');
    } while (end($percents) < 100 && count($percents) < 20);

    expect($percents)->toBe([10, 20, 30, 40, 50, 60, 70, 80, 90, 100]);
    $beside = $played->refresh()->beside;
    expect($beside['planner']['lost'])->toBeLessThan($beside['calendar']['lost'])
        ->and($beside[0]['own'][0]['after'])->toBe(0);
    $this->get("/practice/{$played->id}")->assertOk()->assertSee('The decisions that mattered most')
        // A bottle is named where something was asked for that is in it: no protein was.
        ->assertSee('That day with: Soft mask')->assertDontSee('Keratin')->assertDontSee('At home with')
        ->assertSee('the planner ' . (int) round($beside['planner']['lost']) . '')->assertSee('How it really was');
    $this->get('/practice')->assertSee('Play again')->assertSee('How sure you were');
    // Nothing of the salon is other than before.
    expect(allOfTheSalon())->toBe($before);
});

it('works out all that is left where no script asks', function (): void {
    $played = playThrough(beginPractice(['seed' => '12']));
    $this->post("/practice/{$played->id}/beside")->assertRedirect("/practice/{$played->id}");

    expect($played->refresh()->beside)->toHaveCount(10);
    $this->postJson("/practice/{$played->id}/beside")->assertOk()->assertJson(['percent' => 100]);
});

it('says what to do instead where there is no time, no money or nothing thought, and keeps what was typed', function (
    array $changed,
    string $field,
    string $says,
): void {
    $played = beginPractice(['case' => 'child-with-knots']);
    $page = fn (): TestResponse => $this->get("/practice/{$played->id}");
    $this->from("/practice/{$played->id}")->post("/practice/{$played->id}/visit", visitForm(0, $changed))
        ->assertSessionHasErrors($field);
    $page()->assertSee($says)->assertSee('Visit 1 of 8')->assertSee('value="6"', false);
    expect(PlayedAct::query()->count())->toBe(0);
})->with([
    'too long here' => [['mask_minutes' => '90'], 'mask_minutes', 'the client has 75. Shorten the mask'],
    'too long at home' => [['home_mask_minutes' => '90'], 'home_mask_minutes', 'the client has 60. Shorten the mask'],
    'nothing likely' => [
        ['sure' => ['dry' => '0', 'in-balance' => '0'], 'mask_minutes' => '6'], 'sure', 'something has to be likely',
    ],
    'no day' => [['home_every' => 'often'], 'home_every', 'Type every how many days, 2 to 28.'],
    'a mask of words' => [['mask_minutes' => 'long'], 'mask_minutes', 'Type the minutes of the mask, 1 to 120'],
]);

it('shows a result on the range it would have in balance, as for a real client, and how each test is done', function (): void {
    $played = beginPractice(['case' => 'dry-though-masked']);
    $this->post("/practice/{$played->id}/tests", ['turn' => '0', 'take' => ['dryness', 'scalp']])
        ->assertSessionHasNoErrors();

    $shown = app(PracticeVisits::class)->of($played->fresh(['acts', 'salon']));
    [$dryness] = $shown->taken['dryness'];
    // At its target hair reads 3 of 10; the range in balance lies about it, well within the scale.
    expect($dryness->balance[0])->toBeGreaterThan(0.0)->toBeLessThan(3.0)
        ->and($dryness->balance[1])->toBeGreaterThan(3.0)->toBeLessThan(7.0)
        ->and(array_column($shown->taken['scalp'], 'balance'))->toBe(array_fill(0, 6, null));
    $this->get("/practice/{$played->id}")
        ->assertSee($dryness->measured->value > $dryness->balance[1] ? 'Higher than in balance' : 'As in balance')
        ->assertSee('How each test is done')->assertSee('Stretch a dry curl and let go.')
        ->assertDontSee('name="take[]" value="dryness"', false)->assertSee('name="take[]" value="feel"', false);
});

it('refuses tests beyond their minutes, and a visit that is over', function (): void {
    $played = beginPractice(['case' => 'little-time']);
    $take = fn (int $turn, string ...$tests): TestResponse => $this->from("/practice/{$played->id}")
        ->post("/practice/{$played->id}/tests", [
            'turn' => (string) $turn, 'take' => $tests, 'sure' => ['dry' => '13'],
        ]);
    $take(0, 'wet-stretch', 'broken-hairs', 'comb-count', 'ends')->assertSessionHasErrors('tests');
    $take(0, 'nothing-known')->assertSessionHasErrors('take.0');
    $take(0)->assertSessionHasErrors('take');
    $take(0, 'dryness')->assertSessionHasNoErrors();
    // What was set before the tests were taken stands as it was.
    $this->get("/practice/{$played->id}")->assertSee('name="sure[dry]" min="0" max="20" step="1" value="13"', false);
    $take(0, 'dryness')->assertSessionHasErrors('tests');
    $this->post("/practice/{$played->id}/visit", visitForm(0, ['at_home' => '0', 'home_every' => '']))
        ->assertSessionHasNoErrors();
    $this->post("/practice/{$played->id}/visit", visitForm(0))->assertSessionHasErrors('visit');
    $take(0, 'feel')->assertSessionHasErrors('visit');

    expect($played->fresh('acts')->acts)->toHaveCount(2);
});

it('runs out of money', function (): void {
    $played = beginPractice(['case' => 'child-with-knots']);
    $dear = visitForm(0, [
        'mask_minutes' => '6', 'home_every' => '2', 'home_mask_every' => '1', 'home_mask_minutes' => '5',
    ]);
    $refused = null;
    for ($turn = 0; $turn < 8 && $refused === null; $turn++) {
        $answer = $this->post("/practice/{$played->id}/visit", [...$dear, 'turn' => (string) $turn]);
        $refused = session('errors')?->first('visit');
    }

    expect($refused)->toContain('Leave something out, or do it less often at home.')->toContain('€');
});

it('is taken out by whoever plays it, with all its acts', function (): void {
    $played = beginPractice(['seed' => '5']);
    $this->post("/practice/{$played->id}/tests", ['turn' => '0', 'take' => ['dryness']]);
    $this->delete("/practice/{$played->id}")->assertRedirect('/practice');

    expect(PlayedCase::query()->count())->toBe(0)->and(PlayedAct::query()->count())->toBe(0);
});

it('is in the archive of a salon with all that hangs on it', function (): void {
    expect(array_keys(SalonTables::all()))->toContain('played_cases')->toContain('played_acts');
});

it('asks for a number that can be one', function (string $typed): void {
    $this->from('/practice')->post('/practice', ['seed' => $typed])->assertSessionHasErrors('seed');
    $this->get('/practice')->assertSee('Type a whole number from 1 to 999999');
})->with(['0', '1000000', '-3', 'seven', '2,5']);

it('shows whoever trains how everybody gets on, and how alike two judge the same client', function (): void {
    $this->get('/practice/team')->assertOk()->assertSee(__('practice.team.nobody'));
    $own = playThrough(beginPractice(['case' => 'hard-water']));
    $this->post("/practice/{$own->id}/beside");
    $quim = practises('Quim', Role::Apprentice);
    $this->actingAs($quim);
    $theirs = beginPractice(['case' => 'hard-water']);
    for ($turn = 0; $turn < 8; $turn++) {
        $this->post("/practice/{$theirs->id}/visit", visitForm($turn, ['sure' => ['in-balance' => '9']]))
            ->assertSessionHasNoErrors();
    }
    $this->get('/practice/team')->assertForbidden();
    $this->actingAs($this->stylist->fresh());
    $lost = (int) round($own->refresh()->score['lost']);

    // 6 of 20 was thought to be in balance by one, all of it by the other.
    $this->get('/practice/team')->assertOk()->assertSee('Quim')->assertSee($this->stylist->name)
        ->assertSee('30 % in common')->assertSee((string) $lost)->assertSee('One client played to the end.');
    expect(Agreement::of(['dry' => 0.4, 'weak' => 0.6], ['dry' => 0.9, 'weak' => 0.1]))->toEqualWithDelta(0.5, 1e-9);
});
