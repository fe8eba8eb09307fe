<?php

declare(strict_types=1);

namespace App\Care;

use App\Models\Product;
use App\Models\Salon;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Nagomi\Core\Shelf\InvalidIngredientList;
use Nagomi\Core\Shelf\ProductKind;

/** The shelf as a table that any spreadsheet opens, and back: all lines or none. */
final class ShelfCsv
{
    private const COLUMNS = ['name', 'kind', 'ingredients', 'barcode', 'size_ml', 'left_ml', 'pump_ml', 'price', 'opened_on', 'months_open', 'batch'];
    private const MOST_PROBLEMS = 20;

    public static function write(Salon $salon): void
    {
        $out = fopen('php://output', 'w');
        if ($out === false) {
            return;
        }
        fputcsv($out, self::COLUMNS, escape: '');
        foreach (Product::query()->where('salon_id', $salon->id)->whereNull('head_id')->orderBy('name')->get() as $product) {
            /** @var Product $product */
            $row = [$product->name, $product->kind, $product->ingredients, $product->barcode, $product->size_ml, $product->left_ml, $product->pump_ml, $product->price_cents === null ? null : number_format($product->price_cents / 100, 2, '.', ''), $product->opened_on?->format('Y-m-d'), $product->months_open, $product->batch];
            // What a spreadsheet would take for a formula is marked as text.
            fputcsv($out, array_map(fn (mixed $cell): string => preg_match('/^[=+\-@\t\r]/', $text = is_scalar($cell) ? (string) $cell : '') === 1 && ! is_numeric($text) ? "'{$text}" : $text, $row), escape: '');
        }
        fclose($out);
    }

    /**
     * @return int how many products were taken in
     *
     * @throws ValidationException with every line that is wrong
     */
    public static function read(string $csv, Salon $salon, string $by): int
    {
        $lines = array_map(fn (string $line): array => array_map(fn (?string $cell): string => trim(ltrim((string) $cell, "'")), str_getcsv($line, escape: '')), preg_split('/\R/', trim(ltrim($csv, "\u{FEFF}"))) ?: []);
        $header = array_shift($lines) ?? [];
        if ($header !== self::COLUMNS) {
            throw ValidationException::withMessages(['file' => 'Line 1: start with the header ' . implode(',', self::COLUMNS) . '.']);
        }
        $book = SalonBook::of($salon);
        $problems = $products = [];
        foreach ($lines as $i => $cells) {
            if ($cells === ['']) {
                continue;
            }
            $cells = array_combine(self::COLUMNS, array_slice(array_pad($cells, count(self::COLUMNS), ''), 0, count(self::COLUMNS)));
            $problem = self::problem($cells);
            try {
                $reading = $cells['ingredients'] === '' ? [] : SalonBook::read($cells['ingredients'], $book);
            } catch (InvalidIngredientList $invalid) {
                [$problem, $reading] = [$problem ?? $invalid->getMessage(), []];
            }
            if ($problem !== null) {
                $problems[] = 'Line ' . ($i + 2) . ": {$problem}";
                continue;
            }
            $number = fn (string $name): ?float => $cells[$name] === '' ? null : (float) str_replace(',', '.', $cells[$name]);
            $products[] = [$number('left_ml') ?? $number('size_ml'), [
                'salon_id' => $salon->id, 'name' => $cells['name'], 'kind' => $cells['kind'], 'ingredients' => $cells['ingredients'], 'reading' => $reading, 'claims' => [], 'barcode' => $cells['barcode'] ?: null,
                'size_ml' => $number('size_ml'), 'pump_ml' => $number('pump_ml'), 'price_cents' => $number('price') === null ? null : (int) round(100 * $number('price')),
                'opened_on' => $cells['opened_on'] ?: null, 'months_open' => $cells['months_open'] === '' ? null : (int) $cells['months_open'], 'batch' => $cells['batch'] ?: null,
            ]];
        }
        if ($problems !== [] || $products === []) {
            throw ValidationException::withMessages(['file' => $problems === [] ? ['The file holds no product.'] : array_slice($problems, 0, self::MOST_PROBLEMS)]);
        }
        DB::transaction(function () use ($products, $by): void {
            foreach ($products as [$left, $columns]) {
                $product = (new Product())->forceFill($columns);
                $product->save();
                if ($left !== null) {
                    Stockroom::counted($product, $left, $by);
                }
            }
        });

        return count($products);
    }

    /** @param array<string, string> $cells */
    private static function problem(array $cells): ?string
    {
        if ($cells['name'] === '' || mb_strlen($cells['name']) > 120) {
            return 'give a name of up to 120 letters.';
        }
        if (ProductKind::tryFrom($cells['kind']) === null) {
            return 'give a kind, one of ' . implode(', ', array_column(ProductKind::cases(), 'value')) . '.';
        }
        foreach (['size_ml' => 20000, 'left_ml' => 50000, 'pump_ml' => 50, 'price' => 10000, 'months_open' => 60] as $name => $most) {
            $cell = str_replace(',', '.', $cells[$name]);
            if ($cell !== '' && (! is_numeric($cell) || (float) $cell < 0 || (float) $cell > $most)) {
                return "give {$name} as 0 to {$most}, or leave it empty.";
            }
        }
        $day = \DateTimeImmutable::createFromFormat('!Y-m-d', $cells['opened_on']);

        return $cells['opened_on'] !== '' && ($day === false || $day->format('Y-m-d') !== $cells['opened_on']) ? 'give opened_on as a day that exists, such as 2026-02-28.' : null;
    }
}
