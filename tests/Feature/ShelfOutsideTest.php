<?php

declare(strict_types=1);

/* The record and the shelf as they are given out, and bin/core alone, come to the bottles of the wash day's page. */

use App\Bridge\Clients\HeadRecord;
use App\Bridge\Plans\Outlooks;
use App\Bridge\Products\SalonIngredients;
use App\Bridge\WashDays\WashSessionPlanner;
use App\Models\Product;
use Nagomi\Core\Record\CareRecordWriter;
use Nagomi\Core\WashDay\DryingMethod;
use Symfony\Component\Process\Process;

beforeEach(fn () => $this->actingAs($this->stylist));

const OUTSIDE_SHELF = [
    ['Strong soap', 'shampoo', 'Aqua, Sodium Lauryl Sulfate, Parfum', 500, 300, 4.0],
    ['Soft soap', 'shampoo', 'Aqua, Decyl Glucoside, Glycerin, Phenoxyethanol', 500, 300, 9.0],
    ['Scalp soap', 'shampoo', 'Aqua, Decyl Glucoside, Allantoin, Bisabolol, Phenoxyethanol', 500, 300, 12.0],
    ['Creamy wash', 'co-wash', 'Aqua, Cetearyl Alcohol, Glycerin, Phenoxyethanol', 500, 300, 9.0],
    ['Clarifier', 'clarifier', 'Aqua, Sodium Lauryl Sulfate, Disodium EDTA, Sodium Phytate, Citric Acid', 500, 300, 9.0],
    ['Silk', 'protein', 'Aqua, Glycerin, Phenoxyethanol, Hydrolyzed Silk', 300, 200, 9.0],
    ['Keratin', 'protein', 'Aqua, Hydrolyzed Keratin, Cetearyl Alcohol', 300, 200, 19.0],
    ['Keratin mask', 'mask', 'Aqua, Hydrolyzed Keratin, Cetearyl Alcohol', 500, 200, 5.0],
    ['Plain mask', 'mask', 'Aqua, Cetearyl Alcohol, Glycerin, Phenoxyethanol', 500, 200, 15.0],
    ['Twin mask', 'mask', 'Aqua, Cetearyl Alcohol, Glycerin, Phenoxyethanol', 500, 200, 16.0],
    ['Last drop', 'leave-in', 'Aqua, Glycerin', 250, 1, 3.0],
    ['Milk', 'leave-in', 'Aqua, Glycerin, Argania Spinosa Kernel Oil, Phenoxyethanol', 250, 200, 13.0],
    ['Rinse', 'conditioner', 'Aqua, Cetearyl Alcohol, Behentrimonium Chloride', 1000, 700, 13.0],
    ['Unread', 'conditioner', '', 1000, 700, 1.0],
    ['Seal', 'oil', 'Ricinus Communis Seed Oil', 100, 70, 8.0],
    ['Oat oil', 'pre-wash', 'Cocos Nucifera Oil', 100, 70, 8.0],
    ['=Gel', 'styler', 'Aqua, Linum Usitatissimum Seed Extract', 500, 400, 8.0],
];

it('chooses outside as it does on the page', function (string $name): void {
    $head = $this->aHead($name);
    $book = app(SalonIngredients::class);
    foreach (OUTSIDE_SHELF as [$bottle, $kind, $ingredients, $size, $left, $price]) {
        $product = new Product([
            'name' => $bottle, 'kind' => $kind, 'ingredients' => $ingredients, 'claims' => [], 'size_ml' => $size,
            'left_ml' => $left, 'price_cents' => (int) (100 * $price),
            'reading' => $ingredients === '' ? [] : $book->read($ingredients, $book->of($this->salon)),
        ]);
        $product->forceFill(['salon_id' => $this->salon->id])->save();
    }
    app(Outlooks::class)->current($head->refresh());
    $page = app(WashSessionPlanner::class)->of($head, null, DryingMethod::Air);
    [$record, $shelf] = [tempnam(sys_get_temp_dir(), 'record'), tempnam(sys_get_temp_dir(), 'shelf')];
    try {
        file_put_contents($record, CareRecordWriter::write(app(HeadRecord::class)->of($head->refresh())));
        file_put_contents($shelf, $this->get('/products.csv')->assertOk()->streamedContent());
        $core = new Process([
            PHP_BINARY, base_path('bin/core'), 'washday', $record, '--today', $this->salon->today()->format('Y-m-d'),
            '--shelf', $shelf,
        ]);
        $told = json_decode($core->mustRun()->getOutput(), true, flags: JSON_THROW_ON_ERROR);
    } finally {
        unlink($record);
        unlink($shelf);
    }
    $bottles = 0;
    expect(array_column($told['steps'], 'key'))->toBe(array_column($page['steps'], 'key'));
    foreach ($told['steps'] as $i => $step) {
        $of = $page['steps'][$i];
        if ($of['uses'] !== null) {
            expect($step['product'])->toBe($of['product']['name'] ?? null, "{$name}: {$step['key']}")
                ->and((float) $step['ml'])->toBe((float) ($of['product']['ml'] ?? $step['ml']))
                ->and(count($step['passed_over']))->toBe(
                    substr_count(($of['product']['passed'] ?? '') . $of['missing'], ' ('),
                );
            $bottles += $step['product'] === null ? 0 : 1;
        }
    }
    expect($bottles)->toBeGreaterThan(3);
})->with(['growing-out-bleach', 'mixed-porosity', 'overdone-with-protein', 'protein-sensitive']);

it('says what is wrong with a shelf', function (string $table, string $says): void {
    $file = tempnam(sys_get_temp_dir(), 'shelf');
    file_put_contents($file, $table);
    $core = new Process([
        PHP_BINARY, base_path('bin/core'), 'washday', base_path('docs/examples/mixed-porosity.json'), '--shelf', $file,
    ]);
    expect($core->run())->toBe(2)->and($core->getErrorOutput())->toContain($says);
    unlink($file);
})->with([
    ["name,kind\nX,soap\n", 'Shelf, line 2, kind: choose one of'],
    ["name\nX\n", 'the first line names the columns'],
]);
