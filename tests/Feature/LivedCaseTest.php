<?php

declare(strict_types=1);

/*
 * Hair of a client to practise on: everything personal is removed, and that is proved: what is kept has no place for a
 * word anybody typed, is the same whoever the client is, and stays when the client goes.
 */

use App\Bridge\Practice\HairToPractise;
use App\Bridge\Practice\PlayedLife;
use App\Models\Head;
use App\Models\LivedCase;
use App\Models\PlayedCase;
use App\Models\Role;
use Nagomi\Core\Head\Part;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Head\StrandDiameter;
use Nagomi\Core\Head\StylingLoad;
use Nagomi\Core\Head\Zone;
use Nagomi\Core\Treatments\CleanseKind;

beforeEach(function (): void {
    $this->actingAs($this->stylist);
});

/** @return list<string> every word that hair to practise on can hold */
function wordsOfLivedHair(): array
{
    $of = static fn (string $enum): array => array_column($enum::cases(), 'value');

    return [
        ...$of(Zone::class), ...$of(Part::class), ...$of(Porosity::class), ...$of(StrandDiameter::class),
        ...$of(StylingLoad::class), ...$of(CleanseKind::class), 'none', 'seal',
    ];
}

/** @return array{list<string>, list<string|int>, list<mixed>} words, names of what is kept, and numbers */
function withinHair(mixed $hair): array
{
    [$words, $names, $others] = [[], [], []];
    foreach (is_array($hair) ? $hair : [] as $name => $value) {
        $names[] = $name;
        if (is_array($value)) {
            [$more, $moreNames, $moreOthers] = withinHair($value);
            $words = [...$words, ...$more];
            $names = [...$names, ...$moreNames];
            $others = [...$others, ...$moreOthers];
        } elseif (is_string($value)) {
            $words[] = $value;
        } else {
            $others[] = $value;
        }
    }

    return [$words, $names, $others];
}

it('keeps nothing but words of a list of its own, whole numbers and yes or no', function (string $example): void {
    $head = $this->aHead($example);
    $hair = app(HairToPractise::class)->of($head->load('outlook'));
    [$words, $names, $others] = withinHair($hair);
    $text = array_filter($names, is_string(...));

    expect(array_diff($words, wordsOfLivedHair()))->toBe([])
        ->and(array_values(array_diff($text, [
            'parts', 'zone', 'part', 'porosity', 'strand', 'treated', 'hardness', 'humidity', 'load', 'length_cm',
            'wash_every', 'oils', 'child', 'stands', 'scalp', 'ring_mm', 'keeps', 'visit_minutes', 'home_minutes',
            'past', 'days', 'cleanse', 'mask', 'protein',
        ])))->toBe([])
        ->and(array_filter($others, static fn (mixed $one): bool => ! is_int($one) && ! is_bool($one)))->toBe([])
        ->and($hair['hardness'] % 20 + $hair['humidity'] % 5 + $hair['length_cm'] % 5 + $hair['ring_mm'] % 5)->toBe(0);
})->with(['mixed-porosity', 'protein-sensitive', 'overdone-with-protein', 'growing-out-bleach']);

it('keeps the same of two who differ in all but their hair', function (): void {
    $head = $this->aNewHead();
    $before = app(HairToPractise::class)->of($head->load('outlook'));
    $head->update([
        'name' => 'Somebody Else', 'email' => 'else@test.example', 'phone' => '+351 555 0199',
        'health_notes' => 'afraid of dogs', 'hair_history' => 'moved from the islands',
        'chemical_history' => 'a cousin did it', 'guardian_name' => 'Nobody', 'consent_by' => 'Nobody',
        'household' => 'Else', 'goals' => 'a wedding in May', 'allergies' => 'limonene',
    ]);
    $head->readings()->update(['by' => 'Nobody']);

    expect(app(HairToPractise::class)->of(Head::query()->with('outlook')->findOrFail($head->id)))->toBe($before);
});

it('shows all of it before it is kept, and nothing leads back', function (): void {
    $head = $this->aNewHead();
    $page = $this->get("/clients/{$head->id}/practice")->assertOk()->assertSee('All that is kept')
        ->assertSee('No name, no contact');
    foreach (array_keys(app(HairToPractise::class)->of($head->load('outlook'))) as $what) {
        $page->assertSee(__("practice.lived.kept.{$what}"));
    }
    $this->post("/clients/{$head->id}/practice")->assertRedirect('/practice');
    $this->post("/clients/{$head->id}/practice")->assertRedirect('/practice');
    $lived = LivedCase::query()->sole();
    $this->get('/practice')->assertSee('Hair of our own 1')->assertDontSee($head->name);

    expect(array_keys($lived->getAttributes()))->toBe(['id', 'salon_id', 'number', 'hair'])
        ->and(json_encode($lived->getAttributes()))->not->toContain($head->id)
        ->and(json_encode($lived->getAttributes()))->not->toContain(explode(' ', $head->name)[0]);
});

it('is played as any other, also once the client and the case itself are gone', function (): void {
    $head = $this->aNewHead('growing-out-bleach');
    $this->post("/clients/{$head->id}/practice");
    $lived = LivedCase::query()->sole();
    $this->post('/practice', ['lived' => (string) $lived->id])->assertSessionHasNoErrors();
    $played = PlayedCase::query()->sole();
    $case = app(PlayedLife::class)->caseOf($played);
    $strata = count($case->hair->head()->strata);
    $head->delete();
    $this->delete("/practice/lived/{$lived->id}")->assertRedirect('/practice');
    $this->post("/practice/{$played->id}/tests", ['turn' => '0', 'take' => ['dryness', 'scalp']])
        ->assertSessionHasNoErrors();

    $this->get("/practice/{$played->id}")->assertOk()->assertSee('Hair of our own 1')->assertSee('of 10');
    expect(LivedCase::query()->count())->toBe(0)->and($strata)->toBeGreaterThanOrEqual(1)
        ->and(app(PlayedLife::class)->of($played->fresh('acts'))->readings)->toHaveCount(2);
    $this->post('/practice', ['lived' => (string) $lived->id])->assertSessionHasErrors('lived');
});

it('is made and taken out by who may decide, in their own salon', function (): void {
    $head = $this->aHead();
    $this->post("/clients/{$head->id}/practice");
    $lived = LivedCase::query()->sole();
    [, $stranger] = $this->salonWithStylist('odd@elsewhere.example');
    $this->actingAs($stranger)->delete("/practice/lived/{$lived->id}")->assertNotFound();
    $this->post('/practice', ['lived' => (string) $lived->id])->assertSessionHasErrors('lived');
    $this->get("/clients/{$head->id}/practice")->assertNotFound();
    $this->stylist->update(['role' => Role::Apprentice]);
    $this->actingAs($this->stylist->fresh())->get("/clients/{$head->id}/practice")->assertForbidden();
    $this->delete("/practice/lived/{$lived->id}")->assertForbidden();
    $this->get('/practice')->assertSee('Hair of our own 1');
    $this->post('/practice', ['lived' => (string) $lived->id])->assertSessionHasNoErrors();
});
