<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use App\Wording\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What a skin did after a product. */
final class ReactionRequest extends FormRequest
{
    use Sentences;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        /** @var User $user */
        $user = $this->user();

        return [
            'product_id' => [
                'nullable',
                'required_without:ingredient',
                Rule::exists('products', 'id')->where('salon_id', $user->salon_id),
            ],
            'ingredient' => ['nullable', 'string', 'max:120'],
            'what' => ['required', 'string', 'max:2000'],
            'on' => ['required', 'date_format:Y-m-d', 'before_or_equal:' . $user->salon->today()->format('Y-m-d')],
        ];
    }

    /** @return array<string, mixed> */
    public function columns(): array
    {
        return $this->filledOnly(['product_id', 'ingredient', 'what', 'on']);
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return $this->forEveryRule([
            'what' => Words::say('refusals.reaction.what'),
            'on' => Words::say('refusals.reaction.on'),
            'ingredient' => Words::say('refusals.reaction.ingredient'),
        ]) + [
            'product_id' => Words::say('refusals.reaction.product-id'),
            'product_id.required_without' => Words::say('refusals.reaction.product-id'),
        ];
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
