<?php

declare(strict_types=1);

namespace App\Pages\Products;

use App\Models\Product;
use App\Pages\Shared\SeenFields;
use App\Wording\Money;

/** A product as its form shows it. */
final readonly class ProductForm
{
    public function name(Product $product): string
    {
        return "product {$product->id}";
    }

    /** @return array<string, string|list<string>> by dotted name */
    public function fields(Product $product): array
    {
        $fields = [];
        foreach (
            [
                'name', 'kind', 'barcode', 'ingredients', 'size_ml', 'pump_ml', 'months_open', 'batch', 'keeps_days',
                'head_id', 'label_minutes',
            ] as $field
        ) {
            $value = $product->getAttribute($field);
            $fields[$field] = is_scalar($value) ? (string) $value : '';
        }

        return $fields + [
            'claims' => array_values(array_filter($product->claims, is_string(...))),
            'price' => Money::typed($product->price_cents),
            'opened_on' => $product->opened_on?->format('Y-m-d') ?? '',
            'made_on' => $product->made_on?->format('Y-m-d') ?? '',
        ];
    }

    public function seen(Product $product): SeenFields
    {
        return SeenFields::of($this->name($product), $this->fields($product));
    }
}
