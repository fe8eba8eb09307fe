<?php

declare(strict_types=1);

use App\Bridge\Products\SalonIngredients;
use App\Models\Head;
use App\Models\Product;
use App\Models\WashSession;
use App\Wording\Said;

require_once __DIR__ . '/LaidOutDays.php';

/*
 * Every answer of the intake changes something that is done or said: the season, the first draft of the next wash day
 * with its bottles and amounts, or the page of the client. One by one; the house method has a test of its own.
 */

/** What a client with these answers gets: season and first draft, and with them the words of the page. */
function treatmentFor(object $test, array $answers): array
{
    $test->actingAs($test->stylist)->post('/clients', $test->intake($answers))->assertSessionHasNoErrors();
    $head = Head::query()->latest('created_at')->orderByDesc('id')->firstOrFail();
    $page = strip_tags((string) $test->get("/clients/{$head->id}")->assertOk()->getContent());
    $treatment = [
        'season' => json_encode($head->planItems()->orderBy('date')->get(['date', 'steps', 'minutes'])),
        'draft' => json_encode(Said::within(laidOut($test, $head)->plan)),
        'page' => preg_replace('/\s+/', ' ', $page),
    ];
    WashSession::query()->delete();
    $head->delete();

    return $treatment;
}

beforeEach(function (): void {
    $book = app(SalonIngredients::class);
    foreach ([
        ['shampoo', 'Sea shampoo', 'Aqua, Sodium Cocoyl Isethionate, Coco-Glucoside, Lavandula Angustifolia Oil, Parfum', 500],
        ['shampoo', 'Plain shampoo', 'Aqua, Sodium Cocoyl Isethionate, Coco-Glucoside, Glycerin', 900],
        ['conditioner', 'Coconut conditioner', 'Aqua, Cetearyl Alcohol, Behentrimonium Chloride, Cocos Nucifera Oil', 400],
        ['conditioner', 'Oat conditioner', 'Aqua, Cetearyl Alcohol, Behentrimonium Chloride, Glycerin', 700],
    ] as [$kind, $name, $list, $cents]) {
        $product = new Product([
            'name' => $name, 'kind' => $kind, 'ingredients' => $list, 'left_ml' => 500.0, 'size_ml' => 500,
            'price_cents' => $cents, 'claims' => [], 'reading' => $book->read($list, $book->of($this->salon)),
        ]);
        $product->salon_id = $this->salon->id;
        $product->save();
    }
});

it('does or says otherwise for every answer', function (): void {
    $zones = array_fill_keys(
        ['edges', 'front', 'left', 'right', 'crown', 'centre', 'back', 'nape'],
        ['length' => 'high', 'root' => 'low', 'treated' => '1'],
    );
    $answers = [
        'age' => ['draft', ['born_on' => '2019-03-01', 'guardian_name' => 'Runa']],
        'ring' => ['page', ['ring_mm' => '5']],
        'no ring' => ['page', ['ring_mm' => '', 'bends_without_ring' => '1']],
        'strand measured' => ['draft', ['strand_um' => '95']],
        'strand by feel' => ['draft', ['strand' => 'coarse']],
        'thin' => ['draft', ['density' => 'low']],
        'dense' => ['draft', ['density' => 'high']],
        'density not measured' => ['season', ['density' => 'not-measured'], ['density' => 'high']],
        'length' => ['draft', ['length_cm' => '60']],
        'sections' => ['draft', ['sections' => '8']],
        'sections for washing' => [
            'draft', ['washing_sections' => '7'], ['method' => ['shampoo-sections' => 'in-sections']],
        ],
        'sections for detangling' => ['draft', ['detangling_sections' => '7']],
        'sections for styling' => ['draft', ['styling_sections' => '9']],
        'hard water' => ['season', ['hardness_mg_per_l' => '400']],
        'dry air' => ['season', ['humidity_percent' => '20']],
        'heavy products' => ['season', ['styling_load' => 'heavy']],
        'rhythm' => ['season', ['wash_every_days' => '10']],
        'time' => ['season', ['minutes_limit' => '45']],
        'swims' => ['season', ['swims' => '1']],
        'protein-sensitive' => ['draft', ['protein_sensitive' => '1']],
        'too much protein once' => ['page', ['overloaded_on' => '2026-12-01']],
        'porosity, new growth, bleach' => ['season', ['zones' => $zones]],
        'sore scalp' => ['season', ['sore_scalp' => '1']],
        'for a clinician' => ['season', ['red_sign' => '1']],
        'tender edges' => ['draft', ['tender_edges' => '1']],
        'asthma' => ['draft', ['asthma_or_pregnant' => '1']],
        'allergies' => ['draft', ['allergies' => 'coconut']],
        'health notes' => ['page', ['health_notes' => 'Scalp treated since spring']],
        'goals' => ['page', ['goals' => 'Longer at the back']],
        'hair history' => ['page', ['hair_history' => 'Cut short a year ago']],
        'chemical history' => ['page', ['chemical_history' => 'Relaxed until May']],
    ];
    $without = $same = [];
    foreach ($answers as $name => [$where, $said]) {
        $beside = $answers[$name][2] ?? [];
        $without[serialize($beside)] ??= treatmentFor($this, $beside);
        if (treatmentFor($this, [...$beside, ...$said])[$where] === $without[serialize($beside)][$where]) {
            $same[] = $name;
        }
    }
    // Two who answer alike get the same.
    expect(treatmentFor($this, []))->toBe($without[serialize([])])->and($same)->toBe([]);
});

it('says at the hairline what must not be done there', function (): void {
    $draft = treatmentFor($this, ['tender_edges' => '1'])['draft'];
    expect($draft)->toContain('Tender at the edges: no pulling, loosen the clip.')
        ->and($draft)->toContain('Tender at the edges: no tension')
        ->and(treatmentFor($this, [])['draft'])->not->toContain('Tender at the edges');
});

it('takes sections by work as the form says them and gives them back', function (): void {
    $this->actingAs($this->stylist);
    $this->post('/clients', $this->intake(['styling_sections' => '9', 'detangling_sections' => '']))
        ->assertSessionHasNoErrors();
    $head = Head::query()->sole();
    expect([$head->washing_sections, $head->detangling_sections, $head->styling_sections])->toBe([null, null, 9]);
    $this->get("/clients/{$head->id}/edit")->assertOk()->assertSee('Sections for styling');
    foreach (['0', '17', 'nine', '2.5'] as $wrong) {
        $this->post('/clients', $this->intake(['styling_sections' => $wrong]))->assertSessionHasErrors([
            'styling_sections' => 'Sections for styling: type 1 to 16, or leave it empty.',
        ]);
    }
    expect(Head::query()->count())->toBe(1);
});
