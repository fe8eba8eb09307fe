<?php

declare(strict_types=1);

namespace App\Care\DataTransfer;

use App\Bridge\Products\SalonIngredients;
use App\Bridge\Tables\CsvReader;
use App\Bridge\Tables\FormulaGuard;
use App\Care\Products\Stockroom;
use App\Models\Product;
use App\Models\Salon;
use App\Wording\Money;
use App\Wording\Said;
use App\Wording\TypedMoney;
use App\Wording\Words;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Nagomi\Core\Products\InvalidIngredientList;
use Nagomi\Core\Products\LabelClaim;
use Nagomi\Core\Products\ProductKind;

/** The shelf as a table that any spreadsheet opens, and back: all lines or none. */
final readonly class ProductCsv
{
    private const COLUMNS = [
        'name', 'kind', 'ingredients', 'barcode', 'size_ml', 'left_ml', 'pump_ml', 'price', 'opened_on', 'months_open',
        'batch', 'claims', 'made_on', 'keeps_days', 'label_minutes',
    ];
    private const MOST = [
        'size_ml' => 20000, 'left_ml' => 50000, 'pump_ml' => 50, 'price' => Money::MOST, 'months_open' => 60,
        'keeps_days' => 365, 'label_minutes' => 720,
    ];
    private const WHOLE = ['months_open', 'keeps_days', 'label_minutes'];
    private const DAYS = ['opened_on', 'made_on'];
    private const MOST_PROBLEMS = 20;

    public function __construct(
        private SalonIngredients $salonIngredients,
        private Stockroom $stockroom,
    ) {
    }

    public function write(Salon $salon): void
    {
        $out = fopen('php://output', 'w');
        if ($out === false) {
            return;
        }
        fputcsv($out, self::COLUMNS, escape: '');
        foreach (
            Product::query()
                ->where('salon_id', $salon->id)
                ->whereNull('head_id')
                ->orderBy('name')
                ->orderBy('id')
                ->get() as $product
        ) {
            /** @var Product $product */
            $row = [
                $product->name,
                $product->kind,
                $product->ingredients,
                $product->barcode,
                $product->size_ml,
                $product->left_ml,
                $product->pump_ml,
                $product->price_cents === null ? null : number_format($product->price_cents / 100, 2, '.', ''),
                $product->opened_on?->format('Y-m-d'), $product->months_open, $product->batch,
                implode(' ', $product->claims), $product->made_on?->format('Y-m-d'), $product->keeps_days,
                $product->label_minutes,
            ];
            fputcsv(
                $out,
                array_map(fn (mixed $cell): string => FormulaGuard::on(is_scalar($cell) ? (string) $cell : ''), $row),
                escape: '',
            );
        }
        fclose($out);
    }

    /**
     * @return int how many products were taken in
     *
     * @throws ValidationException with every line that is wrong
     */
    public function read(string $csv, Salon $salon, string $by): int
    {
        $lines = CsvReader::lines($csv);
        $header = $this->header(array_shift($lines)[1] ?? []);
        $book = $this->salonIngredients->of($salon);
        $problems = $products = [];
        foreach ($lines as [$at, $cells]) {
            $row = array_fill_keys(self::COLUMNS, '');
            foreach ($header as $place => $column) {
                $row[$column] = $cells[$place] ?? '';
            }
            $row['price'] = (string) TypedMoney::from($row['price'], $salon->currency);
            $problem = $this->problem($row);
            try {
                $reading = $row['ingredients'] === '' ? [] : $this->salonIngredients->read($row['ingredients'], $book);
            } catch (InvalidIngredientList $invalid) {
                [$problem, $reading] = [$problem ?? Said::why($invalid), []];
            }
            if ($problem !== null) {
                $problems[] = Words::say('data-transfer.shelf.line', ['line' => $at, 'problem' => $problem]);
                continue;
            }
            $products[] = $this->product($row, $reading);
        }
        if ($problems !== [] || $products === []) {
            throw ValidationException::withMessages([
                'file' => $problems === []
                    ? [Words::say('data-transfer.shelf.empty')]
                    : array_slice($problems, 0, self::MOST_PROBLEMS),
            ]);
        }
        DB::transaction(function () use ($products, $salon, $by): void {
            foreach ($products as [$left, $columns]) {
                $product = (new Product())->forceFill(['salon_id' => $salon->id] + $columns);
                $product->save();
                if ($left !== null) {
                    $this->stockroom->counted($product, $left, $by);
                }
            }
        });

        return count($products);
    }

    /**
     * @param list<string> $cells
     *
     * @return array<int, string> column by its place; what is not known is left aside
     *
     * @throws ValidationException where name or kind is missing, or a column stands twice
     */
    private function header(array $cells): array
    {
        $header = array_filter(
            array_map(fn (string $cell): string => mb_strtolower($cell), $cells),
            fn (string $column): bool => in_array($column, self::COLUMNS, true),
        );
        if (array_diff(['name', 'kind'], $header) !== []) {
            throw ValidationException::withMessages([
                'file' => Words::say('data-transfer.shelf.header', ['columns' => implode(', ', self::COLUMNS)]),
            ]);
        }
        foreach (array_count_values($header) as $column => $times) {
            if ($times > 1) {
                throw ValidationException::withMessages([
                    'file' => Words::say('data-transfer.shelf.twice', ['column' => $column]),
                ]);
            }
        }

        return $header;
    }

    /**
     * @param array<string, string> $row
     * @param array<string, mixed>  $reading
     *
     * @return array{float|null, array<string, mixed>} how much is left, and the columns
     */
    private function product(array $row, array $reading): array
    {
        $number = fn (string $name): ?float => $row[$name] === '' ? null : (float) str_replace(',', '.', $row[$name]);
        $price = $number('price');

        return [$number('left_ml') ?? $number('size_ml'), [
            'name' => $row['name'], 'kind' => $row['kind'], 'ingredients' => $row['ingredients'], 'reading' => $reading,
            'claims' => $this->claims($row['claims']), 'barcode' => $row['barcode'] ?: null,
            'size_ml' => $number('size_ml'),
            'pump_ml' => $number('pump_ml'),
            'price_cents' => $price === null ? null : (int) round(100 * $price),
            'opened_on' => $row['opened_on'] ?: null,
            'months_open' => $row['months_open'] === '' ? null : (int) $row['months_open'],
            'batch' => $row['batch'] ?: null,
            'made_on' => $row['made_on'] ?: null,
            'keeps_days' => $row['keeps_days'] === '' ? null : (int) $row['keeps_days'],
            'label_minutes' => $row['label_minutes'] === '' ? null : (int) $row['label_minutes'],
        ]];
    }

    /** @return list<string> */
    private function claims(string $cell): array
    {
        return preg_split('/\s+/', $cell, -1, PREG_SPLIT_NO_EMPTY) ?: [];
    }

    /** @param array<string, string> $row */
    private function problem(array $row): ?string
    {
        foreach (self::MOST as $column => $most) {
            $cell = str_replace(',', '.', $row[$column]);
            if ($cell !== '' && (preg_match('/^\d{1,9}(\.\d{1,9})?$/', $cell) !== 1 || (float) $cell > $most)) {
                return $this->says('number', ['column' => $column, 'most' => $most]);
            }
            if ($cell !== '' && in_array($column, self::WHOLE, true) && (! ctype_digit($cell) || (int) $cell < 1)) {
                return $this->says('whole', ['column' => $column]);
            }
        }
        foreach (self::DAYS as $column) {
            $day = \DateTimeImmutable::createFromFormat('!Y-m-d', $row[$column]);
            if (
                $row[$column] !== ''
                    && ($day === false || $day->format('Y-m-d') !== $row[$column] || $row[$column] < '1990-01-01')
            ) {
                return $this->says('day', ['column' => $column]);
            }
        }

        return match (true) {
            $row['name'] === '' || mb_strlen($row['name']) > 120 => $this->says('name'),
            ProductKind::tryFrom($row['kind']) === null => $this->says(
                'kind',
                ['kinds' => implode(', ', array_column(ProductKind::cases(), 'value'))],
            ),
            $row['barcode'] !== '' && preg_match('/^[0-9A-Za-z-]{4,32}$/', $row['barcode']) !== 1
                => $this->says('barcode'),
            mb_strlen($row['batch']) > 40 => $this->says('batch'),
            array_diff($this->claims($row['claims']), array_column(LabelClaim::cases(), 'value')) !== [] => $this->says(
                'claims',
                ['claims' => implode(', ', array_column(LabelClaim::cases(), 'value'))],
            ),
            default => null,
        };
    }

    /** @param array<string, float|int|string> $with */
    private function says(string $key, array $with = []): string
    {
        return Words::say("data-transfer.shelf.{$key}", $with);
    }
}
