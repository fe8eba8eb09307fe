<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Bridge\Products\SalonIngredients;
use App\Models\Product;
use App\Models\User;
use App\Pages\Products\ProductForm;
use App\Wording\Said;
use App\Wording\TypedMoney;
use App\Wording\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Nagomi\Core\Products\InvalidIngredientList;
use Nagomi\Core\Products\LabelClaim;
use Nagomi\Core\Products\ProductKind;

/** A product as it is put on the shelf. */
final class ProductRequest extends FormRequest
{
    use MergesChanges;
    use Sentences;

    private const VOLUMES = ['size_ml', 'pump_ml'];

    /** @var array<string, mixed>|null */
    private ?array $reading = null;

    protected function prepareForValidation(): void
    {
        $product = $this->route('product');
        if ($product instanceof Product) {
            $this->mergeWhatOthersChanged(
                app(ProductForm::class)->name($product),
                app(ProductForm::class)->fields($product),
                ['claims'],
            );
        }
        $claims = $this->input('claims');
        $this->merge([
            'claims' => is_array($claims)
                ? array_values(array_filter($claims, fn (mixed $claim): bool => $claim !== null && $claim !== ''))
                : $claims ?? [],
        ]);
        foreach (self::VOLUMES as $field) {
            $this->merge([$field => TypedMillilitres::from($this->input($field))]);
        }
        $this->merge(['price' => TypedMoney::from($this->input('price'), $this->stylist()->salon->currency)]);
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $user = $this->stylist();
        $today = $user->salon->today()->format('Y-m-d');

        return [
            'name' => ['required', 'string', 'max:120'],
            'kind' => ['required', Rule::enum(ProductKind::class)],
            'ingredients' => ['nullable', 'string'],
            'claims' => ['array'],
            'claims.*' => [Rule::enum(LabelClaim::class)],
            'barcode' => ['nullable', 'string', 'regex:/^[0-9A-Za-z-]{4,32}$/'],
            'size_ml' => ['nullable', 'numeric', 'between:1,20000'],
            'pump_ml' => ['nullable', 'numeric', 'between:0.1,50'],
            'price' => ['nullable', $this->price()],
            'opened_on' => ['nullable', 'date_format:Y-m-d', "before_or_equal:{$today}"],
            'months_open' => ['nullable', 'integer', 'between:1,60'],
            'made_on' => ['nullable', 'date_format:Y-m-d', "before_or_equal:{$today}"],
            'keeps_days' => ['nullable', 'integer', 'between:1,365'],
            'label_minutes' => ['nullable', 'integer', 'between:1,720'],
            'batch' => ['nullable', 'string', 'max:40'],
            'head_id' => ['nullable', Rule::exists('heads', 'id')->where('salon_id', $user->salon_id)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return $this->forEveryRule([
            'name' => Words::say('refusals.product.name'),
            'size_ml' => Words::say('refusals.product.size-ml'),
            'pump_ml' => Words::say('refusals.product.pump-ml'),
            'price' => $this->price()->says(),
            'opened_on' => Words::say('refusals.product.opened-on'),
            'months_open' => Words::say('refusals.product.months-open'),
            'made_on' => Words::say('refusals.product.made-on'),
            'keeps_days' => Words::say('refusals.product.keeps-days'),
            'label_minutes' => __('forms.label-minutes.wrong'),
            'batch' => Words::say('refusals.product.batch'),
        ]) + [
            'barcode.regex' => Words::say('refusals.product.barcode'),
            'kind' => Words::say('refusals.product.kind'),
            'claims.*' => Words::say('refusals.product.claims'),
            'head_id' => Words::say('refusals.product.head-id'),
        ];
    }

    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            $this->sayConflicts($validator);
            if (! $this->filled('ingredients')) {
                return;
            }
            $user = $this->stylist();
            try {
                $this->reading = app(SalonIngredients::class)->read(
                    $this->string('ingredients')->value(),
                    app(SalonIngredients::class)->of($user->salon),
                );
            } catch (InvalidIngredientList $invalid) {
                $validator->errors()->add('ingredients', Said::why($invalid));
            }
        });
    }

    /** @return array<string, mixed> */
    public function columns(): array
    {
        $price = $this->input('price');

        return [
            'name' => $this->string('name')->value(),
            'kind' => $this->string('kind')->value(),
            'ingredients' => $this->string('ingredients')->value(),
            'reading' => $this->reading ?? [],
            'claims' => array_values((array) $this->input('claims', [])),
            // A price is whole cents from the moment it is typed.
            'price_cents' => is_numeric($price) ? (int) round(100 * (float) $price) : null,
        ] + $this->filledOnly([
            'barcode', 'size_ml', 'pump_ml', 'opened_on', 'months_open', 'made_on', 'keeps_days', 'batch', 'head_id',
            'label_minutes',
        ]);
    }

    private function price(): SumOfMoney
    {
        return new SumOfMoney($this->stylist()->salon->currency, 'refusals.product.price');
    }

    private function stylist(): User
    {
        /** @var User */
        return $this->user();
    }

    /**
     * @param list<string> $names
     *
     * @return array<string, mixed> null where a field was left empty
     */
    private function filledOnly(array $names): array
    {
        $filled = [];
        foreach ($names as $name) {
            $filled[$name] = $this->filled($name) ? $this->input($name) : null;
        }

        return $filled;
    }
}
